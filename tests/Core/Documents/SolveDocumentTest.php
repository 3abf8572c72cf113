<?php

declare(strict_types=1);

use GentlePour\Documents\Fields;
use GentlePour\Documents\SolveDocument;

/**
 * @param  array<string, mixed>  $changes  by dotted name
 * @return array<string, mixed>
 */
function solved(array $changes = []): array
{
    $document = solveDocument();
    foreach ($changes as $name => $value) {
        $place = &$document;
        foreach (explode('.', $name) as $part) {
            $place = &$place[$part];
        }
        $place = $value;
        unset($place);
    }

    return SolveDocument::answer(Fields::ofJson((string) json_encode($document)));
}

it('agrees with the sum done by hand: f/11 1/80 with ten stops at f/11 ISO 100 is 12.7 s', function (): void {
    // 1/80.6 s exactly on the dial, times 1000 for the marking ND1000.
    $ten = array_values(array_filter(
        solved()['solutions'],
        static fn (array $s): bool => $s['filters'] === ['Ten'] && $s['aperture_label'] === 'f/11' && $s['iso_label'] === '100',
    ));

    expect($ten[0]['exact_s'])->toBeAbout(1000 / 80.635, 0.01);
    expect($ten[0]['shutter_label'])->toBe('13 s');
    expect($ten[0]['stops'])->toBeAbout(9.966, 0.001);
});

it('says what every solution costs, term by term', function (): void {
    foreach (solved()['solutions'] as $solution) {
        expect($solution['score'])->toBeAbout(array_sum(array_column($solution['terms'], 'stops')), 1e-9);
        expect(array_column($solution['terms'], 'name'))->toContain('target', 'aperture', 'iso', 'filters', 'bulb');
    }
});

it('takes film for what it is', function (): void {
    $digital = solved(['camera.iso_low' => null]);
    $film = solved(['camera.iso_low' => null, 'camera.reciprocity' => 1.3]);
    $first = static fn (array $out): array => array_values(
        array_filter(
            $out['solutions'],
            static fn (array $s): bool => $s['filters'] === ['Ten'] && $s['aperture_label'] === 'f/11' && $s['iso_label'] === '100',
        ),
    )[0];

    expect($first($film)['exact_s'])->toBeWithinShare($first($digital)['exact_s'] ** 1.3, 1e-6);
});

it('lets the battery be a wall', function (): void {
    foreach (solved(['camera.battery_minutes' => 1, 'target' => ['min_s' => 10, 'max_s' => 400]])['solutions'] as $solution) {
        expect($solution['shutter_s'])->toBeLessThanOrEqual(60.0001);
    }
});

it('says where to focus, and with how many frames where one is not enough', function (): void {
    $deep = solved(['lens.focal_length_mm' => 70, 'sharp' => ['near_m' => 2]]);
    expect($deep['sharp']['focus_m'])->toBeAbout(4.0, 1e-9);
    expect(count($deep['sharp']['focus_stack_m']))->toBeGreaterThan(1);
    expect($deep['sharp']['aperture_needed'])->toBeGreaterThan(22);

    $easy = solved(['sharp' => ['near_m' => 2, 'far_m' => 40]]);
    expect($easy['sharp']['focus_m'])->toBeAbout(2 / (1 / 2 + 1 / 40), 1e-9);
    expect($easy['sharp']['focus_stack_m'])->toBeNull();
    expect(isset(solved()['sharp']))->toBeFalse();
});

it('hears the light fall between two readings', function (): void {
    $given = solved(['drift_stops_per_min' => -0.5, 'target' => ['min_s' => 60, 'max_s' => 240]]);
    // A stop in two minutes: 1/160 then, 1/80 now, at the same aperture and ISO.
    $read = solved(
        [
            'earlier_reading' => ['aperture' => 11, 'shutter' => '1/160', 'iso' => 100, 'minutes_before' => 2],
            'target' => ['min_s' => 60, 'max_s' => 240],
        ],
    );

    expect($read['solutions'][0]['exact_s'])->toBeAbout($given['solutions'][0]['exact_s'], 1e-6);
});

it('keeps a graduated filter of the reading on, and crosses two that are free', function (): void {
    $grads = [
        ['name' => 'Soft', 'kind' => 'graduated', 'stops' => 2, 'mount' => 'slot'],
        ['name' => 'Hard', 'kind' => 'graduated', 'stops' => 3, 'mount' => 'slot'],
    ];
    $bare = ['camera.iso_max' => 100, 'camera.iso_low' => null, 'filters' => $grads, 'target' => ['min_s' => 0.045, 'max_s' => 0.06]];
    $crossed = solved($bare);
    $kept = solved(['reading.filters' => ['Soft']] + $bare);

    expect(array_column($crossed['solutions'], 'filters'))->toContain(['Soft', 'Hard']);
    foreach ($kept['solutions'] as $solution) {
        expect($solution['filters'])->toBe(['Soft']);
        expect($solution['stops'])->toBeAbout(0.0, 1e-9);
    }
});

it('puts the holder only where its adapters fit', function (): void {
    $fits = solved(['holder' => ['slots' => 2, 'adapters_mm' => [77]]]);
    $not = solved(['holder' => ['slots' => 2, 'adapters_mm' => [67]]]);

    expect($fits['found'])->toBeGreaterThan($not['found']);
    foreach ($not['solutions'] as $solution) {
        expect($solution['filters'])->not->toContain('Ten');
    }
});

it('weighs a cast, and says so', function (): void {
    $cast = [
        ['name' => 'Blue', 'kind' => 'nd', 'marking' => 'ND1000', 'mount' => 'slot', 'cast' => ['red_stops' => -0.4, 'blue_stops' => 0.6]],
    ];
    $out = solved(['filters' => $cast]);
    $terms = array_column($out['solutions'][0]['terms'], 'stops', 'name');

    expect($terms['cast'])->toBeAbout(0.3, 1e-9);
});

it('goes by the lens’s own best apertures when they are given', function (): void {
    $out = solved(['lens.aperture_best_from' => 5.6, 'lens.aperture_best_to' => 6.3, 'target' => ['min_s' => 2, 'max_s' => 40]]);

    expect($out['solutions'][0]['aperture'])->toBeLessThan(7.0);
});

it('refuses bad documents at the field', function (array $changes, string $field, string $says): void {
    expect(fn () => solved($changes))->toBeRefused($says, $field);
})->with([
    'an exponent of no film' => [
        ['camera.reciprocity' => 3], 'camera.reciprocity', 'The exponent of the film must be between 1 and 2, and is 3.',
    ],
    'a battery of years' => [
        ['camera.battery_minutes' => 1e6], 'camera.battery_minutes', 'The battery must be between 1 and 1440 min, and is 1000000 min.',
    ],
    'a best aperture upside down' => [
        ['lens.aperture_best_from' => 11, 'lens.aperture_best_to' => 8], 'lens.aperture_best_to',
        'The preferred apertures run from the wider to the smaller.',
    ],
    'half a best aperture' => [['lens.aperture_best_from' => 11], 'lens.aperture_best_to', '“lens.aperture_best_to” is needed.'],
    'depth from nowhere' => [
        ['sharp' => ['near_m' => 0]], 'sharp.near_m', 'The near distance must be between 0.1 and 10000 m, and is 0 m.',
    ],
    'depth backwards' => [['sharp' => ['near_m' => 5, 'far_m' => 2]], 'sharp.far_m', 'The far distance must lie beyond the near one.'],
    'two readings at once' => [
        ['earlier_reading' => ['aperture' => 11, 'shutter' => '1/60', 'iso' => 100, 'minutes_before' => 0]],
        'earlier_reading.minutes_before', 'The time between two readings must be between 0.5 and 120 min, and is 0 min.',
    ],
    'an earlier reading of nothing' => [
        ['earlier_reading' => ['minutes_before' => 4]], 'earlier_reading.aperture', '“earlier_reading.aperture” is needed.',
    ],
    'adapters in words' => [
        ['holder' => ['slots' => 2, 'adapters_mm' => ['large']]], 'holder.adapters_mm.0', 'Each of “holder.adapters_mm” must be a number.',
    ],
    'a cast beyond reason' => [
        ['filters' => [['name' => 'A', 'kind' => 'nd', 'stops' => 3, 'cast' => ['red_stops' => 9]]]], 'filters.0.cast.red_stops',
        'The cast in red must be between -5 and 5 stops, and is 9 stops.',
    ],
    'too many slots' => [['holder' => ['slots' => 9]], 'holder.slots', 'The number of slots must be between 0 and 5, and is 9.'],
    'a reading through a filter that is not there' => [
        ['reading.filters' => ['Nine']], 'reading.filters.0', 'There is no filter called “Nine” in the bag.',
    ],
    'a habit that is none' => [['habits.frames' => 'seven'], 'habits.frames', '“habits.frames” cannot be “seven”; it is one of one, mean.'],
    'a window upside down' => [
        ['target' => ['min_s' => 40, 'max_s' => 10]], 'target.min_s', 'The shortest wanted time must not be above the longest.',
    ],
    'an endless light' => [
        ['drift_stops_per_min' => 1e300], 'drift_stops_per_min',
        'The drift of the light must be between -3 and 3 stops a minute, and is 1.0e+300 stops a minute.',
    ],
    'two filters of one name' => [
        ['filters' => [['name' => 'A', 'kind' => 'nd', 'stops' => 3], ['name' => 'a', 'kind' => 'nd', 'stops' => 6]]], 'filters',
        'Two filters share a name; give each its own.',
    ],
]);

it('fills what is not said with what is usual: full frame, 50 mm, no holder, no release, 30 s by the dial, steady light', function (): void {
    $question = SolveDocument::question(Fields::ofJson((string) json_encode([
        'reading' => ['aperture' => 11, 'shutter' => '1/80', 'iso' => 100], 'target' => ['min_s' => 10, 'max_s' => 40],
        'camera' => ['iso_base' => 100],
        'lens' => ['aperture_min' => 4, 'aperture_max' => 22],
        'filters' => [['name' => 'Tint', 'kind' => 'nd', 'stops' => 3, 'cast' => ['red_stops' => 0.2]]],
    ])));
    $bag = $question->bag;
    expect([$bag->camera->sensor->widthMm, $bag->camera->sensor->heightMm, $bag->camera->sensor->pixelsWide])->toBe([36.0, 24.0, null])
        ->and([$bag->camera->isoLow, $bag->camera->isoMax->speed, $bag->camera->longestTimed->seconds, $bag->camera->batteryMinutes,
            $bag->camera->reciprocity])
        ->toBe([null, 100.0, 32.0, null, 1.0])
        ->and([$bag->lens->focalLengthMm, $bag->lens->threadMm, $bag->lens->preferred])->toBe([50.0, null, null])
        ->and([$bag->slots, $bag->release, $bag->rings, $bag->adapters])->toBe([0, false, [], []])
        ->and([$bag->filters[0]->cast?->redStops, $bag->filters[0]->cast?->blueStops])->toBe([0.2, 0.0])
        ->and($question->bias->value)->toBe(0.0)->and($question->drift->stopsPerMinute)->toBe(0.0)->and($question->longest)->toBeNull()
        ->and($question->sharp)->toBeNull();
});

it('takes the figures of the sensor, rings and adapters as they are given', function (): void {
    $bag = SolveDocument::question(Fields::ofJson((string) json_encode(array_replace_recursive(solveDocument(), [
        'camera' => ['sensor_width_mm' => 23.5, 'sensor_height_mm' => 15.6, 'pixels_wide' => 6240, 'battery_minutes' => 90],
        'rings' => [['from_mm' => 67, 'to_mm' => 77]], 'holder' => ['adapters_mm' => [67, 77]],
        'filters' => [3 => ['name' => 'Blue', 'kind' => 'nd', 'stops' => 6, 'cast' => ['blue_stops' => 0.3]]],
    ]))))->bag;
    expect([$bag->camera->sensor->widthMm, $bag->camera->sensor->heightMm, $bag->camera->sensor->pixelsWide, $bag->camera->batteryMinutes])
        ->toBe([23.5, 15.6, 6240, 90.0])
        ->and($bag->rings)->toEqual([[67, 77]])->and($bag->adapters)->toEqual([67, 77])
        ->and([$bag->filter('Blue')->cast?->redStops, $bag->filter('Blue')->cast?->blueStops])->toBe([0.0, 0.3]);
});

it('says in a sentence that a glass of unknown density was on for the reading', function (): void {
    $ask = fn (): mixed => SolveDocument::question(Fields::ofJson((string) json_encode(array_replace_recursive(solveDocument(), [
        'filters' => [3 => ['name' => 'Glass', 'kind' => 'welding']], 'reading' => ['filters' => ['Six', 'Glass']],
    ]))));
    expect($ask)->toBeRefused('The density of “Glass” is not known; measure it first.', 'reading.filters.1');
    expect(fn () => SolveDocument::question(Fields::ofJson((string) json_encode(array_replace_recursive(solveDocument(), [
        'filters' => [['cast' => ['red_stops' => 9]]],
    ])))))->toBeRefused('red', 'filters.0.cast.red_stops')
        ->and(fn () => SolveDocument::question(Fields::ofJson((string) json_encode(array_replace_recursive(solveDocument(), [
            'filters' => [['cast' => ['blue_stops' => -9]]],
        ])))))->toBeRefused('blue', 'filters.0.cast.blue_stops');
});

it('says of the depth where to focus, which aperture it takes, the hyperfocal distance and the stack', function (): void {
    $said = solved(['lens.focal_length_mm' => 70, 'sharp' => ['near_m' => 2]])['sharp'];
    expect(array_keys($said))->toBe(['focus_m', 'aperture_needed', 'hyperfocal_m', 'focus_stack_m'])
        ->and($said['hyperfocal_m'])->toBeGreaterThan(5.0)->and($said['focus_stack_m'][0])->toBeGreaterThan(2.0);
    // Nothing fits: there is no aperture to say it for.
    $none = solved(['lens.focal_length_mm' => 70, 'sharp' => ['near_m' => 2], 'target' => ['min_s' => 80000, 'max_s' => 86400]]);
    expect($none['found'])->toBe(0)->and($none['sharp']['hyperfocal_m'])->toBeNull()->and($none['sharp']['focus_stack_m'])->toBeNull()
        ->and($none['sharp']['aperture_needed'])->toBeGreaterThan(22);
    $remedy = $none['remedies'][0] ?? [];
    expect(array_keys($remedy))->toBe(['kind', 'stops', 'detail']);
});

it('answers with all that docs/cli.md names, and nothing else', function (): void {
    $answer = solved(['sharp' => ['near_m' => 2]]);
    expect(array_keys($answer))->toBe(['sharp', 'ev100', 'found', 'solutions', 'remedies', 'strip'])
        ->and(array_keys($answer['sharp']))->toBe(['focus_m', 'aperture_needed', 'hyperfocal_m', 'focus_stack_m'])
        ->and(array_keys($answer['solutions'][0]))->toBe([
            'shutter_s', 'shutter_label', 'card_label', 'exact_s', 'aperture', 'aperture_label', 'iso', 'iso_label', 'filters', 'stops',
            'exposure_error_stops', 'bulb', 'score', 'terms', 'warnings',
        ])
        ->and(array_keys($answer['solutions'][0]['terms'][0]))->toBe(['name', 'stops', 'why'])
        ->and(array_keys($answer['strip'][0]))->toBe(['filters', 'stops', 'exact_s', 'shutter_s', 'shutter_label', 'card_label', 'bulb', 'wall']);
    // A strip goes by stops, from the bare lens on; the time of each is that of the reading (1/80.6 s) times its factor.
    foreach ($answer['strip'] as $mark) {
        expect($mark['exact_s'])->toBeAbout(2 ** $mark['stops'] / 80.635, 2 ** $mark['stops'] * 1e-6)
            ->and($mark['bulb'])->toBe($mark['shutter_s'] > 32)->and($mark['card_label'])->toBeString()->not->toBe('');
    }
    expect(array_column($answer['strip'], 'stops'))->toBe(collect($answer['strip'])->pluck('stops')->sort()->values()->all());
    $refused = solved(['target' => ['min_s' => 4000, 'best_s' => 4100, 'max_s' => 4200]]);
    expect($refused['solutions'])->toBe([])->and($refused['remedies'])->not->toBe([]);
    foreach ($refused['remedies'] as $remedy) {
        expect(array_diff(array_keys($remedy), ['pin']))->toEqual(array_diff(['kind', 'stops', 'detail'], []))->and($remedy['detail'])->not->toBe('');
    }
    $pinned = solved(['pins' => ['aperture' => 11, 'iso' => 100, 'filters' => ['with' => [], 'without' => ['Ten']], 'shutter' => '30']]);
    expect($pinned['solutions'])->toBe([])->and(array_keys($pinned['remedies'][0]))->toBe(['kind', 'pin', 'stops', 'detail']);
});
