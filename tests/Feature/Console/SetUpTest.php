<?php

declare(strict_types=1);

/*
 * What bin/start does before it serves: a database is whole or is not there, and what a person has is never worse for an upgrade.
 */

/**
 * Begun, not waited for.
 *
 * @param  list<string>  $under  a command that it is run by
 * @param  array<string, string>  $environment
 * @return Closure(): array{int, string} waits; exit code, what was said
 */
function preparing(string $file, array $under = [], array $environment = []): Closure
{
    $process = proc_open(
        [...$under, 'bash', '-c', 'set -euo pipefail; . bin/common.sh; need_database "$1"', 'bash', $file],
        [['file', '/dev/null', 'r'], ['pipe', 'w'], ['redirect', 1]],
        $pipes, base_path(), $environment + getenv(),
    );

    return static function () use ($process, $pipes): array {
        $said = (string) stream_get_contents($pipes[1]);

        return [proc_close($process), $said];
    };
}

/** @return array{int, string} exit code, what was said */
function prepare(string $file): array
{
    return preparing($file)();
}

/** A folder of its own, its name with a space and a quote in it. */
function dryFolder(): string
{
    $folder = sys_get_temp_dir().'/it’s a \'set-up\' '.bin2hex(random_bytes(4));
    mkdir($folder);

    return $folder;
}

function removeFolder(string $folder): void
{
    array_map(unlink(...), glob($folder.'/*') ?: []);
    rmdir($folder);
}

beforeEach(function (): void {
    $this->folder = dryFolder();
    $this->file = $this->folder.'/sea.sqlite';
});

afterEach(fn () => removeFolder($this->folder));

/** What is kept, in an order of its own. */
function keptIn(string $file): string
{
    $open = new PDO('sqlite:'.$file);

    return (string) json_encode([
        $open->query('select name, latitude from places order by id')->fetchAll(PDO::FETCH_ASSOC),
        $open->query('select * from cameras order by id')->fetchAll(PDO::FETCH_ASSOC),
        $open->query('pragma integrity_check')->fetchColumn(),
    ]);
}

/** As the application of before the last migration left it; or, not whole, with what makes that migration fail. */
function undoLastMigration(string $file, bool $whole): void
{
    $open = new PDO('sqlite:'.$file);
    $open->exec("delete from migrations where migration like '%ask_what_a_camera_asks_for'");
    foreach ($whole ? ['mirror', 'optical_finder', 'stabiliser', 'raw'] : [] as $column) {
        $open->exec("alter table cameras drop column {$column}");
    }
}

it('builds a database beside its name, and keeps it from others', function (): void {
    file_put_contents($this->file.'.building', 'half of one, from a start that was ended');
    touch($this->file);
    [$code, $said] = prepare($this->file);

    expect($code)->toBe(0)->and($said)->toContain('with demo data')
        ->and(keptIn($this->file))->toContain('Skarra Skerry')->toContain('"ok"')
        ->and(fileperms($this->file) & 0777)->toBe(0600)
        ->and(glob($this->folder.'/*.building*'))->toBe([]);

    $before = keptIn($this->file);
    expect(prepare($this->file))->toBe([0, ''])->and(keptIn($this->file))->toBe($before)
        ->and(glob($this->folder.'/*.before-*'))->toBe([]);
});

it('judges by a mark that is set last, not by the size of a file', function (): void {
    $mark = fn (): int => (int) (new PDO('sqlite:'.$this->file))->query('pragma user_version')->fetchColumn();
    // Made by something that only opened it: pages, and no table.
    (new PDO('sqlite:'.$this->file))->exec('create table a (b); drop table a');
    expect(filesize($this->file))->toBeGreaterThan(0);
    [$code, $said] = prepare($this->file);
    expect($code)->toBe(0)->and($said)->toContain('with demo data')->and(keptIn($this->file))->toContain('Skarra Skerry')
        ->and($mark())->toBe(1);
    // One of a version that set no mark is a person's: it stays as it is, and is marked.
    (new PDO('sqlite:'.$this->file))->exec('pragma user_version = 0; delete from places');
    expect(prepare($this->file))->toBe([0, ''])->and($mark())->toBe(1)->and(keptIn($this->file))->not->toContain('Skarra Skerry');
});

it('leaves nothing where it cannot be built, and says so', function (): void {
    // A php that fails at the seed, as on a full disk.
    file_put_contents($this->folder.'/php', implode("\n", [
        '#!/bin/sh', 'case "$*" in *db:seed*) echo "disk full" >&2; exit 1 ;; esac', 'exec '.PHP_BINARY.' "$@"', '',
    ]));
    chmod($this->folder.'/php', 0755);
    [$code, $said] = preparing($this->file, environment: ['PATH' => $this->folder.':'.getenv('PATH')])();

    expect($code)->toBe(1)->and($said)->toContain('disk full')->toContain('could not be prepared')
        ->and(file_exists($this->file))->toBeFalse()->and(glob($this->folder.'/*.building*'))->toBe([]);
});

it('starts again where it was ended in the midst of it, at twenty moments', function (): void {
    for ($i = 0; $i < 20; $i++) {
        preparing($this->file, ['timeout', '--signal=KILL', sprintf('%.3f', mt_rand(50, 1200) / 1000)])();
        // Ended early, there is none yet; on a quick machine it may have been done: then it is whole.
        expect(file_exists($this->file) ? keptIn($this->file) : 'none yet')->toMatch('/^none yet$|Skarra Skerry.*"ok"/');
        file_exists($this->file) && unlink($this->file);
    }

    expect(prepare($this->file)[0])->toBe(0)->and(keptIn($this->file))->toContain('Skarra Skerry')->toContain('"ok"')
        ->and(glob($this->folder.'/*.building*'))->toBe([]);
});

it('copies a database before it brings it up to date, and keeps the last five copies', function (): void {
    prepare($this->file);
    undoLastMigration($this->file, whole: true);
    foreach (range(1, 6) as $day) {
        touch($this->file.".before-2026010{$day}T000000Z");
    }
    [$code, $said] = prepare($this->file);
    $copies = array_map(basename(...), glob($this->folder.'/*.before-*') ?: []);

    expect($code)->toBe(0)->and($said)->toContain('brought up to date')
        ->and(keptIn($this->file))->toContain('optical_finder')
        ->and($copies)->toHaveCount(5)->and($copies[0])->toBe('sea.sqlite.before-20260103T000000Z')
        ->and(keptIn($this->folder.'/'.$copies[4]))->toContain('Skarra Skerry')->not->toContain('optical_finder')
        ->and(fileperms($this->folder.'/'.$copies[4]) & 0777)->toBe(0600);
});

it('brings a database up to date for the first time, and says where the copy lies', function (): void {
    prepare($this->file);
    undoLastMigration($this->file, whole: true);
    [$code, $said] = prepare($this->file);
    $copies = glob($this->folder.'/*.before-*') ?: [];
    expect($code)->toBe(0, $said)->and($copies)->toHaveCount(1)->and($said)->toContain('as it was before: '.$copies[0]);
});

it('puts a database back as it was where it cannot be brought up to date', function (): void {
    prepare($this->file);
    undoLastMigration($this->file, whole: false);
    $before = keptIn($this->file);
    [$code, $said] = prepare($this->file);

    expect($code)->toBe(1)->and($said)->toContain('put back as it was')->and(keptIn($this->file))->toBe($before);
});

it('leaves a file that is no database as it is', function (): void {
    file_put_contents($this->file, str_repeat('not a database ', 500));
    [$code, $said] = prepare($this->file);

    expect($code)->toBe(1)->and($said)->toContain('cannot be read, so it was left as it is')
        ->and(file_get_contents($this->file))->toBe(str_repeat('not a database ', 500));
});

it('prepares once where two start at the same moment', function (): void {
    $both = [preparing($this->file), preparing($this->file)];
    [[$code, $said], [$codeOfOther, $saidByOther]] = array_map(static fn (Closure $wait): array => $wait(), $both);

    expect([$code, $codeOfOther])->toBe([0, 0])
        ->and(substr_count($said.$saidByOther, 'with demo data'))->toBe(1)
        ->and(substr_count(keptIn($this->file), 'Skarra Skerry'))->toBe(1);
});

it('asks for a passcode once it is started for the network, shows it once, and answers nobody without it', function (): void {
    expect(prepare($this->file)[0])->toBe(0);
    $bystander = storage_path('framework/views/bystander-'.bin2hex(random_bytes(6)).'.php');
    touch($bystander);
    $started = function (int $port) use ($bystander): string {
        $process = proc_open(
            ['setsid', 'bin/start', '--host', '0.0.0.0', '--port', (string) $port],
            [['file', '/dev/null', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']], $pipes, base_path(),
            ['DB_DATABASE' => $this->file, 'BACKUPS_FOLDER' => $this->folder] + getenv(),
        );
        $said = '';
        try {
            while (! str_contains($said, 'Others on this network') && ($line = fgets($pipes[1])) !== false) {
                $said .= $line;
            }
            $asked = stream_context_create(['http' => ['follow_location' => 0, 'ignore_errors' => true]]);
            for ($i = 0; $i < 400 && @file_get_contents("http://127.0.0.1:{$port}/places", false, $asked) === false; $i++) {
                usleep(50_000);
            }
            // Views of its own: to make them anew must not take those away that another process of this checkout has in use.
            expect(is_file($bystander))->toBeTrue()->and(glob(base_path("storage/framework/cache/started-{$port}-views/*.php")))
                ->not->toBeEmpty();
            expect($http_response_header[0])->toContain('302')
                ->and(implode("\n", $http_response_header))->toContain("Location: http://127.0.0.1:{$port}/enter");
        } finally {
            posix_kill(-proc_get_status($process)['pid'], SIGTERM);
            proc_close($process);
            exec('rm -rf '.escapeshellarg(base_path("storage/framework/cache/started-{$port}-")).'*');
        }

        return $said;
    };
    $socket = stream_socket_server('tcp://127.0.0.1:0');
    $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
    fclose($socket);
    expect($started($port))->toMatch('/from any device on this network: http:\/\/.+:'.$port.'\nPasscode: [a-z2-9]{4}-[a-z2-9]{4}-[a-z2-9]{4} /')
        ->and($started($port))->not->toContain('Passcode: ')->toContain('the one that was shown at first');
    unlink($bystander);
});
