<?php

declare(strict_types=1);

use GentlePour\Documents\Fields;
use GentlePour\Documents\MotionDocument;
use GentlePour\Documents\SolveDocument;

/** @return array<string, mixed> */
function motionDocument(): array
{
    return [
        'camera' => ['sensor_width_mm' => 36, 'sensor_height_mm' => 24], 'focal_length_mm' => 24, 'distance_m' => 12,
        'water' => ['kind' => 'swell', 'peak_period_s' => 8],
        'clouds' => ['speed_m_s' => 9, 'base_m' => 1200, 'elevation_deg' => 20, 'across' => 1.0],
        'look' => 'silk', 'cloud_look' => 'soft', 'evaluate_s' => [0.1, 1, 30],
    ];
}

/**
 * @param  array<string, mixed>  $document
 * @return array<string, mixed>
 */
function changed(array $document, string $path, mixed $value): array
{
    $at = &$document;
    foreach (explode('.', $path) as $key) {
        $at = &$at[ctype_digit($key) ? (int) $key : $key];
    }
    $at = $value;

    return $document;
}

it('answers the motion document: water, clouds and where both looks meet', function (): void {
    $out = MotionDocument::answer(Fields::ofJson((string) json_encode(motionDocument())));

    expect($out['water']['speed_m_s'])->toBeAbout(12.49, 0.01)
        ->and(array_column($out['water']['looks'], 'look'))->toBe(['held', 'lively', 'brushed', 'silk', 'mist', 'glass'])
        ->and(array_keys($out['water']['evaluated'][0]))->toContain('shutter_s', 'texture', 'streak_mm', 'streak_share', 'look', 'waves')
        ->and($out['clouds']['evaluated'][2]['look'])->toBe('streaked')
        ->and($out['target']['min_s'])->toBeGreaterThanOrEqual($out['water']['looks'][3]['min_s'] - 1e-9)
        ->and($out['target']['best_s'])->toBeBetween($out['target']['min_s'], $out['target']['max_s']);
});

it('says so when the two looks do not meet, and by how many stops', function (): void {
    $out = MotionDocument::answer(Fields::ofJson((string) json_encode(['look' => 'lively', 'cloud_look' => 'sheet'] + motionDocument())));

    expect($out)->not->toHaveKey('target')->and($out['conflict']['stops_apart'])->toBeGreaterThan(5)
        ->and($out['conflict']['water']['max_s'])->toBeLessThan($out['conflict']['clouds']['min_s']);
});

it('takes every kind of water with what measures it', function (array $water, float $speed): void {
    $out = MotionDocument::answer(
        Fields::ofJson(
            (string) json_encode(
                ['water' => $water, 'look' => 'silk'] + array_diff_key(motionDocument(), ['clouds' => 1, 'cloud_look' => 1]),
            ),
        ),
    );

    expect($out['water']['speed_m_s'])->toBeAbout($speed, 0.01)->and($out['target']['min_s'])->toBeLessThan($out['target']['max_s']);
})->with([
    [['kind' => 'plunge', 'drop_m' => 10], 8.70],
    [['kind' => 'weir', 'drop_m' => 1.4], 5.24],
    [['kind' => 'cascade', 'speed_m_s' => 4], 4.0],
    [['kind' => 'river', 'float' => ['distance_m' => 10, 'seconds' => 5]], 2.0],
    [['kind' => 'rapid', 'speed_m_s' => 3, 'feature_m' => 0.4], 3.0],
    [['kind' => 'backwash', 'speed_m_s' => 1.6], 1.6],
    [['kind' => 'foam', 'speed_m_s' => 0.4], 0.4],
    [['kind' => 'chop', 'peak_period_s' => 3], 4.68],
    [['kind' => 'lake', 'peak_period_s' => 1.5], 2.34],
]);

it('refuses bad motion documents at the field', function (string $path, mixed $value, string $field, string $says): void {
    expect(
        fn () => MotionDocument::answer(Fields::ofJson((string) json_encode(changed(motionDocument(), $path, $value)))),
    )->toBeRefused($says, $field);
})->with([
    ['distance_m', -3, 'distance_m', 'The distance must be between 0.2 and 20000 m, and is -3 m.'],
    ['distance_m', 'far', 'distance_m', '“distance_m” must be a number.'],
    ['focal_length_mm', 0, 'focal_length_mm', 'The focal length must be between 2 and 2000 mm, and is 0 mm.'],
    ['camera.sensor_width_mm', 0, 'camera.sensor_width_mm', 'The sensor width must be between 2 and 300 mm, and is 0 mm.'],
    ['camera', [], 'camera.sensor_width_mm', '“camera.sensor_width_mm” is needed.'],
    ['camera', 'big', 'camera', '“camera” must be an object.'],
    ['water.kind', 'lava', 'water.kind', '“water.kind” cannot be “lava”; it is one of surf, swell, chop'],
    ['water.peak_period_s', 0, 'water.peak_period_s', 'The wave period must be between 0.3 and 30 s, and is 0 s.'],
    ['water', ['kind' => 'river', 'drop_m' => 3], 'water.drop_m', 'A river has no drop; give its speed or a timed float.'],
    ['water', ['kind' => 'plunge', 'drop_m' => -3], 'water.drop_m', 'The drop must be between 0.05 and 1000 m, and is -3 m.'],
    [
        'water', ['kind' => 'river', 'float' => ['distance_m' => 10, 'seconds' => 0]], 'water.float.seconds',
        'The time of the float must be between 0.1 and 3600 s, and is 0 s.',
    ],
    ['look', 'fluffy', 'look', '“look” cannot be “fluffy”; it is one of held, lively, brushed, silk, mist, glass.'],
    ['evaluate_s', [1, -1], 'evaluate_s.1', 'A shutter time must be between 0.00002 and 86400 s, and is -1 s.'],
    ['evaluate_s', 'all', 'evaluate_s', '“evaluate_s” must be a list.'],
    ['evaluate_s', ['1/60', 'soon'], 'evaluate_s.1', '“soon” is not a shutter time; write it like 1/60, 0.8, 30 or 2m30s.'],
    ['clouds.base_m', 1, 'clouds.base_m', 'The height of the clouds must be between 50 and 16000 m, and is 1 m.'],
    ['clouds.across', 2, 'clouds.across', 'The share across must be between 0 and 1, and is 2.'],
    [
        'water', ['kind' => 'cascade', 'speed_m_s' => -4], 'water.speed_m_s',
        'The speed of the water must be between 0.01 and 60 m/s, and is -4 m/s.',
    ],
    [
        'water', ['kind' => 'cascade', 'speed_m_s' => 4, 'feature_m' => 0], 'water.feature_m',
        'The size of the texture must be between 0.001 and 20 m, and is 0 m.',
    ],
]);

it('refuses bad solve documents at the field', function (string $path, mixed $value, string $field, string $says): void {
    expect(
        fn () => SolveDocument::answer(Fields::ofJson((string) json_encode(changed(solveDocument(), $path, $value)))),
    )->toBeRefused($says, $field);
})->with([
    ['reading.shutter', 'soon', 'reading.shutter', '“soon” is not a shutter time; write it like 1/60, 0.8, 30 or 2m30s.'],
    ['reading.shutter', -1, 'reading.shutter', 'A shutter time must be between 0.00002 and 86400 s, and is -1 s.'],
    ['reading.aperture', 'wide', 'reading.aperture', '“wide” is not an aperture; write it like f/11 or 5.6.'],
    ['reading.aperture', 0, 'reading.aperture', 'An aperture must be between 0.5 and 128, and is 0.'],
    ['reading.iso', true, 'reading.iso', 'An ISO must be a number.'],
    ['reading.filters', ['Gone'], 'reading.filters.0', 'There is no filter called “Gone” in the bag.'],
    ['reading', [], 'reading.aperture', '“reading.aperture” is needed.'],
    ['target.min_s', 100, 'target.min_s', 'The shortest wanted time must not be above the longest.'],
    ['target.best_s', 1, 'target.best_s', 'The best time must lie between the shortest and the longest.'],
    ['camera.iso_base', 'x', 'camera.iso_base', '“x” is not an ISO; write it like 100 or 1600.'],
    ['camera.iso_max', 50, 'camera.iso_max', 'The highest ISO must not be below the base ISO.'],
    ['camera.pixels_wide', 1.5, 'camera.pixels_wide', '“camera.pixels_wide” must be a whole number.'],
    ['lens.aperture_max', 2, 'lens.aperture_max', 'The smallest aperture must have the larger f-number.'],
    ['filters.0.kind', 'mist', 'filters.0.kind', '“filters.0.kind” cannot be “mist”; it is one of nd, graduated'],
    [
        'filters.0.marking', 'dark', 'filters.0.marking',
        '“dark” is not a filter marking; write it as engraved, like ND8, 0.9, 8x or 10 stops.',
    ],
    ['filters.0', 'Six', 'filters.0', 'Each of “filters” must be an object.'],
    ['filters.1.name', 'six', 'filters', 'Two filters share a name; give each its own.'],
    ['filters.2.thread_mm', 2, 'filters.2.thread_mm', 'The thread must be between 10 and 200 mm, and is 2 mm.'],
    ['filters.0.measured_stops', 99, 'filters.0.measured_stops', 'A number of stops must be between -60 and 60, and is 99.'],
    ['lens.thread_mm', 5000, 'lens.thread_mm', 'The thread must be between 10 and 200 mm, and is 5000 mm.'],
    ['lens.focal_length_mm', 0, 'lens.focal_length_mm', 'The focal length must be between 2 and 2000 mm, and is 0 mm.'],
    ['holder.slots', 99, 'holder.slots', 'The number of slots must be between 0 and 5, and is 99.'],
    ['holder.slots', 2.5, 'holder.slots', '“holder.slots” must be a whole number.'],
    ['release', 'yes', 'release', '“release” must be true or false.'],
    ['limits.longest_s', 'never', 'limits.longest_s', '“never” is not a shutter time; write it like 1/60, 0.8, 30 or 2m30s.'],
    [
        'drift_stops_per_min', 99, 'drift_stops_per_min',
        'The drift of the light must be between -3 and 3 stops a minute, and is 99 stops a minute.',
    ],
    ['habits.aperture', 'worst', 'habits.aperture', '“habits.aperture” cannot be “worst”; it is one of best, stopped_down.'],
    ['highlight_bias_stops', 'some', 'highlight_bias_stops', '“highlight_bias_stops” must be a number.'],
]);

it('refuses what is not one JSON object', function (string $json, string $says = 'This is not JSON: syntax error.'): void {
    expect(fn () => SolveDocument::answer(Fields::ofJson($json)))->toBeRefused($says, 'document');
})->with([
    '',
    'x',
    '[]'.'x',
    ['[1,2]', 'The document must be one JSON object.'],
    ['3', 'The document must be one JSON object.'],
    ['"text"', 'The document must be one JSON object.'],
    '{"a":',
    [str_repeat('[', 100), 'maximum stack depth exceeded'],
]);
