<?php

declare(strict_types=1);

/**
 * @return array{int, mixed, string} exit code, decoded standard output, standard error
 */
function pour(string $command, string $input): array
{
    $process = proc_open([PHP_BINARY, base_path('artisan'), "pour:{$command}", '-'], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes, base_path());
    fwrite($pipes[0], $input);
    fclose($pipes[0]);
    [$out, $said] = [(string) stream_get_contents($pipes[1]), (string) stream_get_contents($pipes[2])];

    return [proc_close($process), json_decode($out, true), $said];
}

$motion = '{"camera": {"sensor_width_mm": 36, "sensor_height_mm": 24}, "focal_length_mm": 24, "distance_m": 12, "water": {"kind": "swell", "peak_period_s": 8}, "look": "silk"}';

it('answers pour:motion on standard output and nothing else', function () use ($motion): void {
    [$code, $out, $said] = pour('motion', $motion);

    expect($code)->toBe(0)->and($out['target']['best_s'])->toBeBetween(1.9, 4.4)->and($said)->toBe('');
});

it('exits with 2 and the error document on bad input', function (string $command, string $input, string $field): void {
    [$code, $out] = pour($command, $input);

    expect($code)->toBe(2)->and(array_keys($out))->toBe(['error'])->and($out['error']['field'])->toBe($field)->and($out['error']['message'])->not->toBe('');
})->with([
    ['motion', 'x', 'document'], ['motion', '{}', 'camera'], ['solve', '[]x', 'document'], ['solve', '{"camera": {"iso_base": 100}, "lens": {"aperture_min": 4, "aperture_max": 22}}', 'reading'],
    ['motion', str_replace('8}', '-8}', $motion), 'water'],
]);

it('reads a file as well, and says when there is none', function () use ($motion): void {
    $file = tempnam(sys_get_temp_dir(), 'pour');
    file_put_contents((string) $file, $motion);
    $this->artisan('pour:motion', ['file' => $file])->assertExitCode(0);
    $this->artisan('pour:solve', ['file' => '/no/such/file'])->expectsOutputToContain('There is no file')->assertExitCode(2);
    unlink((string) $file);
});

it('answers in finite numbers only: every number in the answer is finite', function () use ($motion): void {
    [, $out] = pour('motion', str_replace('"look"', '"evaluate_s": [0.0001, "1/60", 1, "2m30s", 2000], "look"', $motion));
    array_walk_recursive($out, function (mixed $value): void {
        expect(is_float($value) ? is_finite($value) : true)->toBeTrue();
    });
    expect(array_column($out['water']['evaluated'], 'shutter_s'))->toEqual([0.0001, 1 / 64, 1, 150, 2000]);
});
