<?php

declare(strict_types=1);

// Field files of the demo, written by the server of the browser's tests, to be opened from the phone's own storage.

use Tests\Browser\Support\Servers;

/** @return string where it lies */
function fieldFile(string $query = ''): string
{
    $file = sys_get_temp_dir().'/field-'.bin2hex(random_bytes(6)).'.html';
    file_put_contents($file, (string) file_get_contents(Servers::running()->address.'/field/file'.$query));

    return $file;
}

/** @return array<string, list<array<string, mixed>>> random questions with the core's answers */
function fieldAnswers(int $seed, int $most): array
{
    $script = escapeshellarg(__DIR__.'/field-answers.php');
    exec('DB_DATABASE='.escapeshellarg(Servers::running()->database()).' '.escapeshellarg(PHP_BINARY)." {$script} {$seed} {$most} 2>&1",
        $said, $code);

    return $code === 0 ? json_decode(implode('', $said), true, 16, JSON_THROW_ON_ERROR)
        : throw new RuntimeException(implode("\n", array_slice($said, 0, 9)));
}
