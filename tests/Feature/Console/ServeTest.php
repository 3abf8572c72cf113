<?php

declare(strict_types=1);

// The server for a household, as bin/serve starts it, driven over HTTPS on this machine alone.

function aFreePort(): int
{
    $socket = stream_socket_server('tcp://127.0.0.1:0');
    $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
    fclose($socket);

    return $port;
}

/** @param  list<string>  $words @return array{int, string} how it ended and what it said */
function serveSays(array $words): array
{
    exec('bin/serve '.implode(' ', array_map(escapeshellarg(...), $words)).' 2>&1', $said, $code);

    return [$code, implode("\n", $said)];
}

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/serve-'.bin2hex(random_bytes(6));
    mkdir($this->folder, 0700);
    [$this->port, $this->plain] = [aFreePort(), aFreePort()];
    $this->server = null;
    $this->start = function (): string {
        $environment = [
            'DB_DATABASE' => $this->folder.'/sea.sqlite', 'BACKUPS_FOLDER' => $this->folder.'/backups',
            'UPLOADS_FOLDER' => $this->folder.'/uploads', 'POUR_AUTHORITY' => $this->folder.'/authority', 'XDG_RUNTIME_DIR' => $this->folder, 'TMPDIR' => $this->folder,
            'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file', 'APP_ENV' => 'production',
        ];
        $this->server = proc_open(
            ['setsid', 'bin/serve', '--name', 'localhost', '--name=127.0.0.1', '--host', '127.0.0.1', '--port', (string) $this->port,
                '--http-port', (string) $this->plain],
            // Its complaints go to a socket, as under systemd: what opens /dev/stderr by name fails there.
            [['file', '/dev/null', 'r'], ['pipe', 'w'], ['socket']], $pipes, base_path(), $environment + getenv(),
        );
        $this->errors = static function () use ($pipes): string {
            stream_set_blocking($pipes[2], false);

            return (string) stream_get_contents($pipes[2]);
        };
        $said = '';
        while (! str_contains($said, 'SHA-256') && ($line = fgets($pipes[1])) !== false) {
            $said .= $line;
        }

        return str_contains($said, 'SHA-256') ? $said : $said.($this->errors)();
    };
    $this->client = curl_init();
    /** @return array{int, string, string} status, headers, body */
    $this->ask = function (string $address, array $with = []): array {
        curl_reset($this->client);
        curl_setopt_array($this->client, $with + [
            CURLOPT_URL => str_contains($address, '://') ? $address : "https://localhost:{$this->port}{$address}",
            CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true,
            CURLOPT_CAINFO => $this->folder.'/authority/pki/authorities/local/root.crt', CURLOPT_COOKIEFILE => '', CURLOPT_TIMEOUT => 60,
            CURLOPT_ENCODING => 'gzip', CURLOPT_HTTPHEADER => ['Expect:'],
        ]);
        $answer = curl_exec($this->client);
        expect($answer)->toBeString(curl_error($this->client));
        $length = curl_getinfo($this->client, CURLINFO_HEADER_SIZE);

        return [curl_getinfo($this->client, CURLINFO_RESPONSE_CODE), strtolower(substr($answer, 0, $length)), substr($answer, $length)];
    };
    $this->isEnded = fn (): bool => @fsockopen('127.0.0.1', $this->port, $code, $why, 0.3) === false
        && glob($this->folder.'/gentle-pour-*') === [];
});

afterEach(function (): void {
    if ($this->server !== null) {
        posix_kill(-proc_get_status($this->server)['pid'], SIGTERM);
        proc_close($this->server);
    }
    exec('rm -rf '.escapeshellarg($this->folder).' '.escapeshellarg(base_path("storage/framework/cache/started-{$this->port}-")).'*');
});

it('serves a household over HTTPS by its own authority: who has the passcode comes in, the rest stays out', function (): void {
    $said = ($this->start)();
    expect($said)->toContain("https://localhost:{$this->port}\nPasscode: ")->toContain('/house.crt');
    preg_match('/Passcode: ([a-z2-9-]{14}) /', $said, $shown);

    // The certificate holds for name and address; what is plain is led to it; another name gets nothing.
    [$status, , $well] = ($this->ask)("https://127.0.0.1:{$this->port}/up");
    expect([$status, substr($well, 0, 5)])->toBe([200, 'Well:']);
    [$status, $headers] = ($this->ask)("http://localhost:{$this->plain}/log");
    expect($status)->toBe(308)->and($headers)->toContain('location: https://localhost');
    expect(($this->ask)('/', [CURLOPT_HTTPHEADER => ['Host: sea.example']])[0])->toBe(421);

    // The way in: cookies for HTTPS alone, one wrong try, then the bench, compressed.
    [$status, $headers] = ($this->ask)('/bench');
    expect($status)->toBe(302)
        ->and($headers)->toContain("location: https://localhost:{$this->port}/enter")->toMatch('/gentle_pour_session=[^\n]+; secure; httponly; samesite=lax/');
    $enter = function (string $word): array {
        preg_match('/name="_token" value="(\w+)"/', ($this->ask)('/enter')[2], $token);

        return ($this->ask)('/enter', [CURLOPT_POSTFIELDS => http_build_query(['_token' => $token[1], 'passcode' => $word])]);
    };
    expect($enter('wrong-wrong-wrong')[1])->toContain('/enter')->and($enter($shown[1])[0])->toBe(302);
    [$status, $headers, $page] = ($this->ask)('/bench');
    expect($status)->toBe(200)->and($headers)->toContain('content-encoding: gzip')->toContain("frame-ancestors 'none'")->not
        ->toContain('x-powered-by')->not->toContain('server:')
        ->and(substr_count($headers, 'x-content-type-options'))->toBe(1)->and($page)->toContain('<title>Bench');

    // A part of a large file that breaks off in the midst: what of it has arrived stays.
    preg_match('/csrf-token" content="(\w+)"/', $page, $token);
    $tus = fn (string $method, array $headers = []): array => [
        CURLOPT_CUSTOMREQUEST => $method, CURLOPT_NOBODY => $method === 'HEAD',
        CURLOPT_HTTPHEADER => ['Expect:', 'Tus-Resumable: 1.0.0', 'X-CSRF-TOKEN: '.$token[1], ...$headers],
    ];
    preg_match('~\nlocation: (/uploads/\w+)~', ($this->ask)('/uploads', $tus('POST', ['Upload-Length: 900000']))[1], $at);
    $part = [CURLOPT_POSTFIELDS => str_repeat('x', 900_000), CURLOPT_MAX_SEND_SPEED_LARGE => 200_000, CURLOPT_TIMEOUT_MS => 2000];
    curl_setopt_array($this->client, $part + $tus('PATCH', [
        'Upload-Offset: 0', 'Content-Type: application/offset+octet-stream',
    ]) + [CURLOPT_URL => "https://localhost:{$this->port}{$at[1]}"]);
    expect(curl_exec($this->client))->toBeFalse();
    for ($i = 0, $here = 0; $i < 100 && $here === 0; $i++) {
        usleep(50_000);
        preg_match('/upload-offset: (\d+)/', ($this->ask)($at[1], $tus('HEAD'))[1], $offset);
        $here = (int) ($offset[1] ?? 0);
    }
    expect($here)->toBeGreaterThan(50_000)->toBeLessThan(900_000);

    // What was built is given out by the server in front, for good; nothing else of the machine is.
    preg_match('~/build/app-\w+\.css~', $page, $style);
    [$status, $headers] = ($this->ask)($style[0]);
    expect($status)->toBe(200)->and($headers)->toContain('immutable')->toContain('content-encoding: gzip')->not->toContain('set-cookie');
    foreach (['/artisan', '/build/../../.env', '/.env', '/build/', '/bin/router.php'] as $nothing) {
        expect(($this->ask)($nothing, [CURLOPT_PATH_AS_IS => true])[0])->toBe(404, $nothing);
    }
    expect(($this->ask)('/house.crt')[2])->toBe(file_get_contents($this->folder.'/authority/pki/authorities/local/root.crt'))
        ->and(($this->ask)('/house.crt/../root.key', [CURLOPT_PATH_AS_IS => true])[0])->toBe(404);
    [$status, , $said] = ($this->ask)('/kit/import', [CURLOPT_POSTFIELDS => str_repeat('a', 64_100_000)]);
    expect($status)->toBe(413)->and($said)->toContain('Nothing of it was kept');
    // Who has no session keeps no worker busy with much.
    $this->client = curl_init();
    expect(($this->ask)('/enter', [CURLOPT_POSTFIELDS => str_repeat('a', 1_100_000)])[0])->toBe(413);

    posix_kill(proc_get_status($this->server)['pid'], SIGTERM);
    for ($i = 0; $i < 200 && ! ($this->isEnded)(); $i++) {
        usleep(50_000);
    }
    expect(($this->isEnded)())->toBeTrue();
});

it('ends as a whole when a part of it has ended, and says so', function (): void {
    ($this->start)();
    expect(glob($this->folder.'/gentle-pour-*/php.sock'))->toHaveCount(1)->and(fileperms($this->folder.'/authority') & 0o777)->toBe(0o700);
    exec('pkill -KILL -P '.proc_get_status($this->server)['pid'].' caddy');
    for ($i = 0; $i < 200 && ($status = proc_get_status($this->server))['running']; $i++) {
        usleep(50_000);
    }
    expect($status['running'])->toBeFalse()->and($status['exitcode'])->toBe(1)
        ->and(($this->errors)())->toContain('A part of the server has ended')->and(($this->isEnded)())->toBeTrue();
});

it('refuses what it cannot serve, before anything is started', function (array $words, string $said): void {
    expect(serveSays($words))->sequence(fn ($code) => $code->toBe(2), fn ($text) => $text->toContain($said));
})->with([
    [['--port', '0'], 'from 1 to 65535, not “0”'], [['--port=99999'], 'from 1 to 65535'], [['--http-port', 'x'], 'not “x”'],
    [['--name', 'a b'], '“a b” is no name of a machine'],
    [['--name', 'a;{'], 'is no name'], [['--domain'], '--domain needs a value'],
    [['--domain=sea.example', '--email', 'me'], 'no address for mail'], [['--host', '0.0.0.0 }'], 'no address to listen on'],
    [['--fast'], 'does not know --fast'],
]);
