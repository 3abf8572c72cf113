<?php

declare(strict_types=1);

// The server is killed while it writes, again and again: what was answered is there, and what is there is whole.

/** @return array{resource, int} a server on a free port, with a database of its own */
function serverToKill(string $database): array
{
    $socket = stream_socket_server('tcp://127.0.0.1:0');
    $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
    fclose($socket);
    $server = proc_open(
        ['setsid', PHP_BINARY, '-d', 'opcache.enable_cli=1', '-S', "127.0.0.1:{$port}", '-t', 'public', 'bin/router.php'],
        [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes, base_path(),
        ['DB_DATABASE' => $database, 'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file', 'BACKUPS_FOLDER' => '',
            'PHP_CLI_SERVER_WORKERS' => '3'] + getenv(),
    );
    for ($i = 0; $i < 400 && @file_get_contents("http://127.0.0.1:{$port}/icon.svg") === false; $i++) {
        usleep(25_000);
    }

    return [$server, $port];
}

it('loses nothing that was answered when it is killed while it writes, twenty times', function (): void {
    $folder = sys_get_temp_dir().'/kill-'.bin2hex(random_bytes(6));
    mkdir($folder);
    $database = $folder.'/sea.sqlite';
    exec('bash -c '.escapeshellarg('. bin/common.sh; need_database '.escapeshellarg($database)).' 2>&1', $said, $code);
    expect($code)->toBe(0, implode("\n", $said));
    $kept = [];
    $lost = 0;
    for ($kill = 0; $kill < 20; $kill++) {
        [$server, $port] = serverToKill($database);
        $client = curl_init();
        curl_setopt_array($client, [CURLOPT_COOKIEFILE => '', CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 20,
            CURLOPT_URL => "http://127.0.0.1:{$port}/water/drop"]);
        preg_match('/name="_token" value="(\w+)"/', (string) curl_exec($client), $token);
        $pid = proc_get_status($server)['pid'];
        // Killed by another hand, at some moment within a quarter of a second of the first answer, however slow the machine.
        $killer = null;
        for ($i = 0; ($killer === null && $i < 200) || ($killer !== null && proc_get_status($killer)['running']); $i++) {
            curl_setopt($client, CURLOPT_POSTFIELDS,
                http_build_query(['_token' => $token[1] ?? '', 'by' => 'typed', 'drop_m' => 3 + $i / 100,
                    'note' => $note = "kill {$kill} {$i}"]));
            curl_exec($client);
            if (curl_getinfo($client, CURLINFO_HTTP_CODE) === 302
                && str_ends_with((string) curl_getinfo($client, CURLINFO_REDIRECT_URL), '/water')) {
                $kept[] = $note;
                $killer ??= proc_open(['bash', '-c', sprintf('sleep 0.%03d; kill -9 -- -%d', mt_rand(1, 250), $pid)], [], $pipes);
            }
        }
        expect($killer)->not->toBeNull('no writing of 200 was answered');
        proc_close($killer);
        proc_close($server);
        $open = new PDO('sqlite:'.$database);
        $there = $open->query("select note from measurements where note like 'kill %'")->fetchAll(PDO::FETCH_COLUMN);
        $lost += count(array_diff($kept, $there));
        expect($open->query('pragma integrity_check')->fetchColumn())->toBe('ok');
    }
    exec('rm -rf '.escapeshellarg($folder));
    expect($lost)->toBe(0)->and(count($kept))->toBeGreaterThanOrEqual(20);
});
