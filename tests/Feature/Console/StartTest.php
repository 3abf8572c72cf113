<?php

declare(strict_types=1);

// What a start meets on a machine that is not as one would wish: no network, a wrong clock, a foreign umask, an address of IPv6 alone.

/**
 * A command of bin/common.sh in a checkout of its own, beside ours.
 *
 * @param  array<string, string>  $stubs  programs that stand in for the machine's, by name
 * @return array{int, string} how it ended, what was said
 */
function inCheckout(string $folder, string $command, array $stubs = []): array
{
    foreach ($stubs as $name => $script) {
        file_put_contents("{$folder}/stubs/{$name}", "#!/bin/sh\n{$script}\n");
        chmod("{$folder}/stubs/{$name}", 0755);
    }
    $process = proc_open(
        ['bash', '-c', "set -euo pipefail; . bin/common.sh; {$command}"], [['file', '/dev/null', 'r'], ['pipe', 'w'], ['redirect', 1]],
        $pipes, $folder,
        ['PATH' => "{$folder}/stubs:".getenv('PATH')] + getenv(),
    );
    $said = (string) stream_get_contents($pipes[1]);

    return [proc_close($process), $said];
}

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/a start '.bin2hex(random_bytes(6));
    mkdir($this->folder.'/bin', 0755, true);
    mkdir($this->folder.'/stubs');
    copy(base_path('bin/common.sh'), $this->folder.'/bin/common.sh');
    foreach (['composer.json', '.env.example'] as $file) {
        copy(base_path($file), "{$this->folder}/{$file}");
    }
    foreach (['packages', 'vendor', 'artisan', 'bootstrap', 'app', 'core', 'config', 'database', 'routes', 'storage', 'resources', 'data',
        'public'] as $part) {
        symlink(base_path($part), "{$this->folder}/{$part}");
    }
});

afterEach(fn () => exec('rm -rf '.escapeshellarg($this->folder)));

it('asks nothing of a network where all that it needs is there, and says so where it is not', function (): void {
    $composer = ['composer' => 'echo asked >>"'.$this->folder.'/asked"; echo "could not resolve host" >&2; exit 100',
        'apt-get' => 'exit 100'];
    unlink($this->folder.'/vendor');
    mkdir($this->folder.'/vendor');
    [$code, $said] = inCheckout($this->folder, 'need_vendor', $composer);
    expect($code)->toBe(1)->and($said)->toContain('could not resolve host')->toContain('could not be fetched')
        ->and(file_exists($this->folder.'/vendor/.installed'))->toBeFalse();
    // Fetched once, then the network is gone.
    expect(inCheckout($this->folder, 'need_vendor', ['composer' => 'exit 0'])[0])->toBe(0);
    unlink($this->folder.'/asked');
    expect(inCheckout($this->folder, 'need_php; need_vendor', $composer))->toBe([0, ''])
        ->and(file_exists($this->folder.'/asked'))->toBeFalse();
    // Another version is asked for: what is there does no longer do.
    file_put_contents($this->folder.'/composer.json', '{"require": {"php": "^8.2", "nobody/nothing": "1.0"}}');
    expect(inCheckout($this->folder, 'need_vendor', $composer)[0])->toBe(1);
});

it('says of a clock that is plainly wrong what it shows, and goes on', function (string $date, bool $wrong): void {
    [$code, $said] = inCheckout($this->folder, 'need_clock', ['date' => 'exec /bin/date -d "'.$date.'" "$@"']);
    expect($code)->toBe(0)->and($said)->{$wrong ? 'toContain' : 'toBe'}($wrong ? "says {$date}: tides and light" : '');
})->with([['1970-01-02', true], ['2026-11-25', true], ['2099-12-31', false], ['2106-02-07', true], ['2030-05-05', false]]);

it('keeps what is the person’s from others whatever the umask', function (string $umask): void {
    $database = $this->folder.'/sea.sqlite';
    // With a key already: artisan would write it beside itself, and that is ours.
    file_put_contents($this->folder.'/.env.example', str_replace('APP_KEY=', 'APP_KEY=base64:kept',
        (string) file_get_contents(base_path('.env.example'))));
    [$code, $said] = inCheckout($this->folder, "umask {$umask}; need_env; need_database '{$database}'");
    expect($code)->toBe(0, $said);
    foreach ([$this->folder.'/.env', $database] as $file) {
        expect(decoct(fileperms($file) & 0777))->toBe('600', $file);
    }
})->with(['000', '077', '277']);

it('copies a database before an upgrade by a clock that stands before all its other copies', function (): void {
    $database = $this->folder.'/sea.sqlite';
    inCheckout($this->folder, "need_database '{$database}'");
    (new PDO('sqlite:'.$database))->exec("drop table sendings; delete from migrations where migration like '%create_sendings'");
    foreach (range(1, 6) as $day) {
        touch("{$database}.before-2026010{$day}T000000Z");
    }
    [$code, $said] = inCheckout($this->folder, "need_database '{$database}'", ['date' => 'exec /bin/date -d 1970-01-02 "$@"']);
    $copies = array_map(basename(...), glob($database.'.before-*') ?: []);
    expect($code)->toBe(0, $said)->and($copies)->toHaveCount(5)->toContain('sea.sqlite.before-19700102T000000Z')
        ->toContain('sea.sqlite.before-20260106T000000Z');
});

it('serves an address of IPv6 where the machine has one, and says so where it has none', function (): void {
    $socket = @stream_socket_server('tcp://[::1]:0');
    $port = $socket === false ? 8123 : (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
    $socket === false || fclose($socket);
    $server = proc_open(
        ['setsid', 'bin/start', '--host', '::1', '--port', (string) $port], [['file', '/dev/null', 'r'], ['pipe', 'w'], ['redirect', 1]],
        $pipes, base_path(),
        ['DB_DATABASE' => $this->folder.'/six.sqlite', 'BACKUPS_FOLDER' => $this->folder] + getenv(),
    );
    try {
        for ($i = 0, $up = false; $i < 400 && $up === false && proc_get_status($server)['running']; $i++) {
            usleep(50_000);
            $up = @file_get_contents("http://[::1]:{$port}/up");
        }
        expect(is_string($up) && str_starts_with($up, 'Well'))->toBe($socket !== false);
    } finally {
        $status = proc_get_status($server);
        $status['running'] && posix_kill(-$status['pid'], SIGTERM);
        expect((string) stream_get_contents($pipes[1]))->toContain("http://[::1]:{$port}");
        proc_close($server);
        exec('rm -rf '.escapeshellarg(base_path("storage/framework/cache/started-{$port}-")).'*');
    }
});

it('shows every page whatever the clock says, or a sentence', function (string $now): void {
    $this->travelTo(Illuminate\Support\Carbon::parse($now, 'UTC'));
    foreach (['/', '/bench', '/places', '/places/1', '/places/2', '/places/2?hold=1', '/almanac', '/water', '/water/drop', '/shoot', '/log',
        '/kit', '/card', '/settings', '/settings/backup', '/settings/deleted', '/compare'] as $page) {
        $this->get($page)->assertOk();
    }
    $status = $this->get('/almanac?place=2&mark=2&light=golden&months=24')->status();
    expect($status)->toBe($now < '2098' ? 200 : 422);
})->with(['1970-01-01 00:00:05', '2000-01-01', '2038-01-19 04:00', '2099-12-31 23:00', '2150-01-01', '9999-12-30']);
