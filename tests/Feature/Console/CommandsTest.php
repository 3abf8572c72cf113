<?php

declare(strict_types=1);

/**
 * @return array{int, mixed, string} exit code, decoded standard output, standard error
 */
function pour(string $command, string $input): array
{
    $process = proc_open(
        [PHP_BINARY, base_path('artisan'), "pour:{$command}", '-'], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes, base_path(),
    );
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

    expect($code)->toBe(2)
        ->and(array_keys($out))->toBe(['error'])
        ->and($out['error']['field'])->toBe($field)
        ->and($out['error']['message'])->not->toBe('');
})->with([
    ['motion', 'x', 'document'],
    ['motion', '{}', 'camera'],
    ['solve', '[]x', 'document'],
    ['solve', '{"camera": {"iso_base": 100}, "lens": {"aperture_min": 4, "aperture_max": 22}}', 'reading'],
    ['motion', str_replace('8}', '-8}', $motion), 'water.peak_period_s'],
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

/**
 * @return array{int, mixed} exit code and decoded standard output
 */
function pourWith(string ...$words): array
{
    exec(implode(' ', array_map(escapeshellarg(...), [PHP_BINARY, base_path('artisan'), ...$words])), $out, $code);

    return [$code, json_decode(implode("\n", $out), true)];
}

it('answers pour:tide with heights, waters and windows in the station’s own time', function (): void {
    [$code, $out] = pourWith('pour:tide', 'noaa/9447130', '--from=2026-01-01', '--to=2026-01-02', '--step=60', '--above=3.5');

    expect($code)->toBe(0)
        ->and(count($out['heights']))->toBe(25)
        ->and($out['station']['datum'])->toBe('MLLW')
        ->and($out['station']['attribution'])->not->toBe('')
        ->and(strtotime($out['events'][0]['at']))->toBeAbout(strtotime('2026-01-01T04:22:26-08:00'), 2)
        ->and($out['events'][0]['at'])->toEndWith('-08:00')
        ->and($out['events'][0]['m'])->toBeAbout(3.556, 0.001)
        ->and($out['events'][0]['kind'])->toBe('high')
        ->and(count($out['windows']))->toBe(2);
    [, $msl] = pourWith('pour:tide', 'noaa/9447130', '--from=2026-01-01', '--to=2026-01-02', '--datum=MSL');
    expect($out['events'][0]['m'] - $msl['events'][0]['m'])->toBeAbout(4.443 - 2.419, 0.001);
    [, $near] = pourWith('pour:tide', '--near=47.6,-122.3', '--count=3');
    expect(count($near['stations']))->toBe(3)->and($near['stations'][0]['id'])->toBe('noaa/9447130');
});

it('needs no database, nor anything that a fresh checkout does not have', function (): void {
    $words = array_map(escapeshellarg(...), [PHP_BINARY, base_path('artisan'), 'pour:tide', 'demo/orra-haven', '--from=2026-01-01',
        '--to=2026-01-02']);
    exec('env -u CACHE_STORE DB_DATABASE=/nowhere/none.sqlite '.implode(' ', $words), $out, $code);
    expect($code)->toBe(0)->and(json_decode(implode("\n", $out), true)['events'] ?? [])->not->toBe([]);
});

it('answers pour:sky for a date and for an instant, null where nothing happens', function (): void {
    [$code, $day] = pourWith('pour:sky', '--lat=78.2', '--lon=15.6', '--date=2026-06-21', '--tz=Arctic/Longyearbyen');
    expect($code)->toBe(0)
        ->and($day['sun']['rise'])->toBeNull()
        ->and($day['sun']['noon'])->toContain('2026-06-21T12:59:')
        ->and($day['moon']['phase_share'])->toBeBetween(0, 1);
    [, $instant] = pourWith('pour:sky', '--lat=0', '--lon=0', '--at=2026-03-20T12:00Z');
    expect($instant['sun']['altitude_deg'])->toBeGreaterThan(87)
        ->and(array_keys($instant['moon']))->toBe(['altitude_deg', 'azimuth_deg', 'phase_share']);
});

it('answers pour:light, anchored by readings', function (): void {
    [$code, $out] = pourWith(
        'pour:light', '--lat=56', '--lon=-9', '--from=2026-06-21T20:00Z', '--to=2026-06-21T21:00Z', '--step=30', '--sky=cloudy',
        '--reading=2026-06-21T20:00Z,7.5',
    );
    expect($code)->toBe(0)
        ->and(count($out['light']))->toBe(3)
        ->and($out['light'][0]['ev100'])->toBeAbout(7.5, 1e-6)
        ->and(array_keys($out['light'][0]))->toBe(['at', 'sun_altitude_deg', 'lux', 'ev100', 'drift_stops_per_min']);
});

it('answers pour:windows best first, or by time', function (): void {
    $ask = ['latitude' => 56.5, 'longitude' => -9.8, 'timezone' => 'Europe/London', 'station' => 'demo/orra-haven', 'from' => '2027-01-01',
        'to' => '2027-03-31', 'level' => ['above_m' => 4.6],
        'sun' => [
            'altitude_min_deg' => -6, 'altitude_max_deg' => 10,
        ], 'days' => ['sat', 'sun'], 'hours' => ['from' => '05:00', 'to' => '22:00'], 'minutes_at_least' => 30];
    [$code, $best] = pour('windows', (string) json_encode($ask));
    [, $byTime] = pour('windows', (string) json_encode($ask + ['by' => 'time']));
    $scores = array_column($best['windows'], 'score');
    rsort($scores);

    expect($code)->toBe(0)->and(count($best['windows']))->toBeGreaterThan(3)->and(array_column($best['windows'], 'score'))->toEqual($scores)
        ->and(array_keys($best['windows'][0]))->toContain('from', 'to', 'minutes', 'highest_m', 'trend', 'sun', 'ev100_from', 'ev100_to',
            'score', 'why');
    $times = array_column($byTime['windows'], 'from');
    $sorted = $times;
    usort($sorted, fn (string $a, string $b): int => strtotime($a) <=> strtotime($b));
    expect($times)->toBe($sorted);
});

it('exits with 2 and the field for every bad option', function (array $words, string $field): void {
    [$code, $out] = pourWith(...$words);

    expect($code)->toBe(2)->and($out['error']['field'])->toBe($field);
})->with([
    [['pour:tide'], 'station'],
    [['pour:tide', 'noaa/9447130', '--form=2026-01-01'], 'form'],
    [['pour:tide', 'noaa/9447130', 'noaa/9447131'], ''],
    [['pour:sky', 'here'], ''],
    [['pour:light', '-x'], 'x'],
    [['pour:solve', '--nonsense=1'], 'nonsense'],
    [['pour:motion', '--nonsense'], 'nonsense'],
    [['pour:windows', '--nonsense'], 'nonsense'],
    [['pour:tide', 'no/such', '--from=2026-01-01', '--to=2026-01-02'], 'station'],
    [['pour:tide', 'noaa/9447130', '--from=20000-01-01', '--to=2026-01-02'], 'from'],
    [['pour:tide', 'noaa/9447130', '--from=2026-01-02', '--to=2026-01-01'], 'to'],
    [['pour:tide', 'noaa/9447130', '--from=2026-01-01', '--to=2026-01-02', '--datum=XX'], 'datum'],
    [['pour:tide', 'noaa/9447130', '--from=2026-01-01', '--to=2026-01-02', '--step=x'], 'step'],
    [['pour:tide', '--near=here'], 'near'],
    [['pour:tide', '--near=99,0'], 'near'],
    [['pour:tide', '--near=9,0', '--count=0'], 'count'],
    [['pour:tide', 'noaa/9447130', '--from=2026-01-01', '--to=2026-01-02', '--step=0'], 'step'],
    [['pour:tide', 'noaa/9447130', '--from=2026-01-01', '--to=2026-01-02', '--above=99'], 'above'],
    [['pour:tide', 'noaa/9447130', '--from=2026-01-01', '--to=2026-01-02', '--above=3', '--below=1'], 'below'],
    [['pour:sky', '--lat=99', '--lon=0', '--date=2026-01-01'], 'lat'],
    [['pour:sky', '--lat=9', '--lon=0', '--date=2026-02-30'], 'date'],
    [['pour:sky', '--lat=9', '--lon=0', '--date=2026-01-01', '--tz=X/Y'], 'tz'],
    [['pour:light', '--lat=9', '--lon=0', '--from=x', '--to=2026-01-01'], 'from'],
    [['pour:light', '--lat=9', '--lon=0', '--from=2026-01-01', '--to=2026-01-02', '--sky=odd'], 'sky'],
    [['pour:light', '--lat=9', '--lon=0', '--from=2026-01-01', '--to=2026-01-02', '--reading=noon'], 'reading'],
    [['pour:light', '--lat=9', '--lon=0', '--from=2026-01-01', '--to=2026-01-02', '--reading=2026-01-01T10:00Z,99'], 'reading'],
    [['pour:light', '--lat=9', '--lon=0', '--from=2026-01-01', '--to=2026-01-02', '--step=0'], 'step'],
    [['pour:light', '--lat=9', '--lon=999', '--from=2026-01-01', '--to=2026-01-02'], 'lon'],
    [['pour:light', '--lat=9', '--lon=0', '--from=2026-01-01', '--to=2026-01-02', '--tz=X/Y'], 'tz'],
]);

it('refuses bad windows documents at the field', function (string $change, string $field): void {
    $ask = json_decode(
        '{"latitude": 56.5, "longitude": -9.8, "timezone": "UTC", "station": "demo/orra-haven", "from": "2027-01-01", "to": "2027-02-01", "level": {"above_m": 4}}',
        true,
    );
    [$code, $out] = pour('windows', (string) json_encode(array_replace($ask, json_decode($change, true))));

    expect($code)->toBe(2)->and($out['error']['field'])->toBe($field);
})->with([
    ['{"latitude": 99}', 'latitude'],
    ['{"sun": {"altitude_min_deg": -100}}', 'sun.altitude_min_deg'],
    ['{"minutes_at_least": 0}', 'minutes_at_least'],
    ['{"level": {"above_m": 99}}', 'level.above_m'],
    ['{"timezone": "X/Y"}', 'timezone'],
    ['{"from": "later"}', 'from'],
    ['{"to": "2020-01-01"}', 'to'],
    ['{"level": {"above_m": "high"}}', 'level.above_m'],
    ['{"station": "no/such"}', 'station'],
    ['{"days": ["caturday"]}', 'days'],
    ['{"hours": {"from": "late", "to": "22:00"}}', 'hours.from'],
    ['{"trend": "up"}', 'trend'],
    ['{"by": "luck"}', 'by'],
]);

it('writes a field file of the bag or of an outing, and refuses what is not there with exit 2', function (): void {
    $file = sys_get_temp_dir().'/field-'.bin2hex(random_bytes(6)).'.html';
    $outing = (int) App\Models\Outing::query()->max('id');
    Artisan::call('pour:field', ['file' => $file, '--outing' => (string) $outing, '--home' => 'http://192.0.2.7:8080/']);
    $said = json_decode(Artisan::output(), true, 8, JSON_THROW_ON_ERROR);
    expect($said)->toMatchArray(['file' => $file, 'bytes' => filesize($file), 'outing' => $outing])
        ->and(gzdecode((string) base64_decode(preg_match('#field-data">([^<]+)<#', (string) file_get_contents($file), $m) === 1 ? $m[1]
            : '', true)))->toContain('"home":"http://192.0.2.7:8080/field/home"');
    unlink($file);

    foreach ([['--outing' => '99999'], ['--outing' => 'soon'], ['--camera' => '0'], ['--lens' => '777'],
        ['--home' => 'ftp://x']] as $wrong) {
        $this->artisan('pour:field',
            ['file' => $file, ...$wrong])->expectsOutputToContain('"field": "'.ltrim((string) array_key_first($wrong),
                '-').'"')->assertExitCode(2);
    }
    $this->artisan('pour:field', ['file' => '/no/such/folder/x.html'])->expectsOutputToContain('"field": "file"')->assertExitCode(2);
    expect(is_file($file))->toBeFalse();
});

it('takes a skyline for the light and for windows, and refuses what is none at its field', function (): void {
    $light = function (string $skyline): array {
        Artisan::call('pour:light', ['--lat' => '50', '--lon' => '0', '--from' => '2026-06-21T12:00Z', '--to' => '2026-06-21T12:10Z',
            '--skyline' => $skyline]);

        return json_decode(Artisan::output(), true);
    };
    expect($light('0 70, 180 70, 360 70')['light'][0]['ev100'])->toBeLessThan($light('')['light'][0]['ev100'] - 3)
        ->and($light('north')['error']['field'])->toBe('skyline');
    $windows = function (array $more): array {
        file_put_contents($path = tempnam(sys_get_temp_dir(), 'windows'), json_encode($more + [
            'latitude' => 50, 'longitude' => 0, 'timezone' => 'UTC', 'from' => '2026-06-21', 'to' => '2026-06-21',
            'sun' => ['altitude_min_deg' => 20, 'altitude_max_deg' => 30], 'facing_deg' => 0,
        ]));
        Artisan::call('pour:windows', ['file' => $path]);
        unlink($path);

        return json_decode(Artisan::output(), true);
    };
    expect($windows(['skyline' => '0 70, 180 70, 360 70'])['windows'][0]['ev100_from'])->toBeLessThan($windows([])['windows'][0]['ev100_from'] - 1)
        ->and($windows(['skyline' => '90'])['error']['field'])->toBe('skyline');
});
