<?php

declare(strict_types=1);

use Tests\Browser\Support\Servers;

it('sends a page of another name away from the real server, and changes nothing by its hand', function (): void {
    $asked = function (string $path, string $host, string $method = 'GET'): array {
        $body = (string) file_get_contents(Servers::running()->address.$path, false, stream_context_create([
            'http' => ['method' => $method, 'header' => "Host: {$host}", 'ignore_errors' => true, 'timeout' => 20],
        ]));

        return [(int) explode(' ', $http_response_header[0] ?? '')[1], $body, $http_response_header];
    };
    [$status, $body] = $asked('/kit', 'evil.example');
    expect($status)->toBe(421)->and($body)->toContain('answers on this machine only')->not->toContain('Full-frame body');
    expect($asked('/kit/filter', 'evil.example', 'POST')[0])->toBe(421);
    [$status, $body, $headers] = $asked('/kit', 'localhost');
    expect($status)->toBe(200)->and($body)->toContain('Full-frame body')->and(implode("\n", $headers))->toContain('X-Frame-Options: DENY');
});
