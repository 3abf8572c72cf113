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
    [['kind' => 'plunge', 'drop_m' => 10], 9.34],
    [['kind' => 'weir', 'drop_m' => 1.4], 5.24],
    [['kind' => 'cascade', 'speed_m_s' => 4], 4.0],
    [['kind' => 'river', 'float' => ['distance_m' => 10, 'seconds' => 5]], 2.0],
    [['kind' => 'rapid', 'speed_m_s' => 3, 'feature_m' => 0.4], 3.0],
    [['kind' => 'backwash', 'speed_m_s' => 1.6], 1.6],
    [['kind' => 'foam', 'speed_m_s' => 0.4], 0.4],
    [['kind' => 'chop', 'peak_period_s' => 3], 4.68],
    [['kind' => 'lake', 'peak_period_s' => 1.5], 2.34],
]);

it('refuses bad motion documents at the field', function (string $path, mixed $value, string $field): void {
    expect(
        fn () => MotionDocument::answer(Fields::ofJson((string) json_encode(changed(motionDocument(), $path, $value)))),
    )->toBeRefused('', $field);
})->with([
    ['distance_m', -3, 'distance_m'],
    ['distance_m', 'far', 'distance_m'],
    ['focal_length_mm', 0, 'focal_length_mm'],
    ['camera.sensor_width_mm', 0, 'camera.sensor_width_mm'],
    ['camera', [], 'camera.sensor_width_mm'],
    ['camera', 'big', 'camera'],
    ['water.kind', 'lava', 'water.kind'],
    ['water.peak_period_s', 0, 'water.peak_period_s'],
    ['water', ['kind' => 'cascade'], 'water.speed_m_s'],
    ['water', ['kind' => 'river', 'drop_m' => 3], 'water.drop_m'],
    ['water', ['kind' => 'plunge', 'drop_m' => -3], 'water.drop_m'],
    ['water', ['kind' => 'river', 'float' => ['distance_m' => 10, 'seconds' => 0]], 'water.float.seconds'],
    ['look', 'fluffy', 'look'],
    ['evaluate_s', [1, -1], 'evaluate_s.1'],
    ['evaluate_s', 'all', 'evaluate_s'],
    ['evaluate_s', ['1/60', 'soon'], 'evaluate_s.1'],
    ['clouds.base_m', 1, 'clouds.base_m'],
    ['clouds.across', 2, 'clouds.across'],
    ['water', ['kind' => 'cascade', 'speed_m_s' => -4], 'water.speed_m_s'],
    ['water', ['kind' => 'cascade', 'speed_m_s' => 4, 'feature_m' => 0], 'water.feature_m'],
]);

it('refuses bad solve documents at the field', function (string $path, mixed $value, string $field): void {
    expect(
        fn () => SolveDocument::answer(Fields::ofJson((string) json_encode(changed(solveDocument(), $path, $value)))),
    )->toBeRefused('', $field);
})->with([
    ['reading.shutter', 'soon', 'reading.shutter'],
    ['reading.shutter', -1, 'reading.shutter'],
    ['reading.aperture', 'wide', 'reading.aperture'],
    ['reading.aperture', 0, 'reading.aperture'],
    ['reading.iso', true, 'reading.iso'],
    ['reading.filters', ['Gone'], 'reading.filters.0'],
    ['reading', [], 'reading.aperture'],
    ['target.min_s', 100, 'target.min_s'],
    ['target.best_s', 1, 'target.best_s'],
    ['camera.iso_base', 'x', 'camera.iso_base'],
    ['camera.iso_max', 50, 'camera.iso_max'],
    ['camera.pixels_wide', 1.5, 'camera.pixels_wide'],
    ['lens.aperture_max', 2, 'lens.aperture_max'],
    ['filters.0.kind', 'mist', 'filters.0.kind'],
    ['filters.0.marking', 'dark', 'filters.0.marking'],
    ['filters.0', 'Six', 'filters.0'],
    ['filters.1.name', 'six', 'filters'],
    ['filters.2.thread_mm', 2, 'filters.2.thread_mm'],
    ['filters.0.measured_stops', 99, 'filters.0.measured_stops'],
    ['lens.thread_mm', 5000, 'lens.thread_mm'],
    ['lens.focal_length_mm', 0, 'lens.focal_length_mm'],
    ['holder.slots', 99, 'holder.slots'],
    ['holder.slots', 2.5, 'holder.slots'],
    ['release', 'yes', 'release'],
    ['limits.longest_s', 'never', 'limits.longest_s'],
    ['drift_stops_per_min', 99, 'drift_stops_per_min'],
    ['habits.aperture', 'worst', 'habits.aperture'],
    ['highlight_bias_stops', 'some', 'highlight_bias_stops'],
]);

it('refuses what is not one JSON object', function (string $json): void {
    expect(fn () => SolveDocument::answer(Fields::ofJson($json)))->toBeRefused('', 'document');
})->with([
    '',
    'x',
    '[]'.'x',
    '[1,2]',
    '3',
    '"text"',
    '{"a":',
    str_repeat('[', 100),
]);
