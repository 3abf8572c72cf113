<?php

declare(strict_types=1);

use GentlePour\Documents\Fields;
use GentlePour\Documents\MotionDocument;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\WaterSpec;

/**
 * @param  array<string, mixed>  $changes
 * @return array<string, mixed>
 */
function motion(array $changes = []): array
{
    $document = $changes + [
        'camera' => ['sensor_width_mm' => 36, 'sensor_height_mm' => 24],
        'focal_length_mm' => 24,
        'distance_m' => 12,
        'water' => ['kind' => 'swell', 'peak_period_s' => 8],
    ];

    return MotionDocument::answer(Fields::ofJson((string) json_encode($document)));
}

it('answers the whole document of the contract, water and clouds together', function (): void {
    $out = motion([
        'clouds' => ['speed_m_s' => 9, 'base_m' => 1200, 'elevation_deg' => 20, 'across' => 1.0],
        'look' => 'silk',
        'cloud_look' => 'soft',
        'evaluate_s' => [0.1, 1, 30],
    ]);

    expect(array_keys($out))->toBe(['water', 'clouds', 'target']);
    expect(array_keys($out['water']))->toBe(['speed_m_s', 'feature_m', 'evaluated', 'looks']);
    expect(array_column($out['water']['evaluated'], 'shutter_s'))->toBe([0.1, 1.0, 30.0]);
    expect(array_keys($out['water']['evaluated'][0]))->toBe(
        ['shutter_s', 'shutter_label', 'texture', 'streak_mm', 'streak_share', 'look', 'waves'],
    );
    expect(array_column($out['clouds']['evaluated'], 'look'))->toBe(['still', 'still', 'streaked']);
    expect($out['target']['min_s'])->toBeLessThan($out['target']['best_s']);
    expect($out['target']['best_s'])->toBeLessThan($out['target']['max_s']);
});

it('knows every kind of water that the contract names', function (string $kind, array $measured): void {
    $out = motion(['water' => ['kind' => $kind] + $measured, 'evaluate_s' => [0.01, 1, 100]]);
    $textures = array_column($out['water']['evaluated'], 'texture');

    expect($textures[0])->toBeGreaterThan($textures[1]);
    expect($textures[1])->toBeGreaterThan($textures[2]);
    expect($out['water']['looks'][0]['look'])->toBe('held');
    expect($out['water']['looks'][0]['min_s'])->toBeNull();
    expect(end($out['water']['looks'])['look'])->toBe('glass');
    expect(end($out['water']['looks'])['max_s'])->toBeNull();
})->with([
    'swell' => ['swell', ['peak_period_s' => 9]],
    'chop' => ['chop', ['peak_period_s' => 3]],
    'lake' => ['lake', ['peak_period_s' => 1.5]],
    'backwash' => ['backwash', ['speed_m_s' => 1.6]],
    'foam' => ['foam', ['speed_m_s' => 0.4]],
    'plunge, by its drop' => ['plunge', ['drop_m' => 11]],
    'cascade' => ['cascade', ['speed_m_s' => 4]],
    'weir, by its drop' => ['weir', ['drop_m' => 1.4]],
    'rapid, by a float' => ['rapid', ['float' => ['distance_m' => 10, 'seconds' => 4]]],
    'river, by its grain' => ['river', ['speed_m_s' => 1, 'feature_m' => 0.1]],
]);

it('takes a grown sea for smoother than a young one of the same peak, since its short waves weigh less', function (): void {
    $at = static fn (float $gamma): float => motion([
        'water' => ['kind' => 'swell', 'peak_period_s' => 8, 'peak_enhancement' => $gamma],
        'evaluate_s' => [4],
    ])['water']['evaluated'][0]['texture'];

    // A sharper peak puts more of the slope into long waves, which keep theirs longer.
    expect($at(3.3))->toBeGreaterThan($at(1.0));
});

it('adds a wind chop, and says where a sea of that height breaks (McCowan)', function (): void {
    $sea = ['kind' => 'swell', 'peak_period_s' => 12, 'significant_height_m' => 1.56];
    $alone = motion(['water' => $sea, 'evaluate_s' => [1]]);
    $both = motion(['water' => $sea + ['chop' => ['peak_period_s' => 2.5, 'significant_height_m' => 0.5]], 'evaluate_s' => [1]]);

    expect($both['water']['evaluated'][0]['texture'])->toBeLessThan($alone['water']['evaluated'][0]['texture']);
    expect($alone['water']['breaks_at_depth_m'])->toBeAbout(2.0, 1e-9);
    expect($both['water']['evaluated'][0]['waves'])->toBeAbout(1 / 12, 1e-9);
});

it('slows the sea over a shallow bed', function (): void {
    $shallow = motion(['water' => ['kind' => 'swell', 'peak_period_s' => 10, 'depth_m' => 1]]);

    // sqrt(g h) in the limit (closed form).
    expect($shallow['water']['speed_m_s'])->toBeWithinShare(sqrt(9.80665), 0.04);
});

it('reckons clouds by kind, by dew point and by where the wind comes from', function (): void {
    $rate = static fn (array $clouds): float => motion(
        ['clouds' => $clouds + ['speed_m_s' => 10, 'elevation_deg' => 30]],
    )['clouds']['share_per_second'];

    expect($rate(['kind' => 'cumulus']))->toBe($rate(['base_m' => 1000]));
    expect($rate(['temperature_c' => 18, 'dew_point_c' => 10]))->toBe($rate(['base_m' => 1000]));
    expect(
        $rate(['base_m' => 1000, 'wind_from_deg' => 270, 'facing_deg' => 180]),
    )->toBeAbout($rate(['base_m' => 1000, 'across' => 1.0]), 1e-12);
    expect(
        $rate(['base_m' => 1000, 'wind_from_deg' => 180, 'facing_deg' => 180]),
    )->toBeAbout($rate(['base_m' => 1000, 'across' => 0.0]), 1e-12);
    expect($rate(['base_m' => 1000]))->toBeAbout($rate(['base_m' => 2000]) * 2, 1e-12);
});

it('takes forty subjects, and says that more are too many', function (): void {
    $with = fn (int $n): array => [
        'subjects' => array_map(fn (int $i): array => ['name' => "foam {$i}", 'water' => ['kind' => 'foam', 'speed_m_s' => 0.2],
            'distance_m' => 4], range(1, $n)),
    ];
    expect(motion($with(40))['subjects'])->toHaveCount(40)
        ->and(fn () => motion($with(41)))->toBeRefused('At most 40 of them.', 'subjects');
});

it('gives several subjects a window each, and the one that suits them all', function (): void {
    $out = motion([
        'look' => 'silk',
        'subjects' => [
            ['name' => 'near foam', 'water' => ['kind' => 'foam', 'speed_m_s' => 0.2], 'distance_m' => 4, 'look' => 'brushed'],
        ],
    ]);

    expect($out['subjects'][0]['name'])->toBe('near foam');
    expect($out['subjects'][0]['looks'])->not->toBe($out['water']['looks']);
    // Both looks hold at every time of the window that suits both, and at none outside of it.
    $holds = fn (array $looks, string $look, float $s): bool => array_filter(
        $looks, fn (array $l): bool => $l['look'] === $look && $s >= ($l['min_s'] ?? 0) && $s <= ($l['max_s'] ?? INF),
    ) !== [];
    $both = fn (float $s): bool => $holds($out['water']['looks'], 'silk', $s) && $holds($out['subjects'][0]['looks'], 'brushed', $s);
    expect($out)->toHaveKey('target')->not->toHaveKey('conflict')
        ->and($both($out['target']['min_s'] * 1.001))->toBeTrue()->and($both($out['target']['max_s'] * 0.999))->toBeTrue()
        ->and($both($out['target']['min_s'] * 0.999))->toBeFalse()->and($both($out['target']['max_s'] * 1.001))->toBeFalse();
});

it('names the pair that does not meet, by how many stops, and the fewest frames to blend', function (): void {
    $out = motion([
        'look' => 'brushed',
        'cloud_look' => 'sheet',
        'clouds' => ['crossing' => ['frame_share' => 0.33, 'seconds' => 120]],
        'subjects' => [
            ['name' => 'backwash', 'water' => ['kind' => 'backwash', 'speed_m_s' => 1.6], 'distance_m' => 5, 'look' => 'brushed'],
        ],
    ]);
    $conflict = $out['conflict'];

    expect(isset($out['target']))->toBeFalse();
    expect($conflict['water'])->toHaveKeys(['min_s', 'best_s', 'max_s']);
    expect($conflict['clouds']['min_s'])->toBeGreaterThan($conflict['water']['max_s']);
    expect($conflict['stops_apart'])->toBeAbout(
        log($conflict['clouds']['min_s'] / min($conflict['water']['max_s'], $conflict['backwash']['max_s']), 2), 1e-6,
    );
    expect($conflict['pairs'][0]['stops_apart'])->toBe($conflict['stops_apart']);
    expect(array_merge(...array_column($conflict['frames'], 'for')))->toEqualCanonicalizing(['water', 'backwash', 'clouds']);
    expect(count($conflict['frames']))->toBe(2);
});

it('refuses bad documents at the field', function (array $changes, string $field, string $says): void {
    expect(fn () => motion($changes))->toBeRefused($says, $field);
})->with([
    'an endless period' => [
        ['water' => ['kind' => 'swell', 'peak_period_s' => 1e9]], 'water.peak_period_s',
        'The wave period must be between 0.3 and 30 s, and is 1000000000 s.',
    ],
    'a negative height' => [
        ['water' => ['kind' => 'swell', 'peak_period_s' => 8, 'significant_height_m' => -1]], 'water.significant_height_m',
        'The significant wave height must be between 0.01 and 20 m, and is -1 m.',
    ],
    'a depth of nothing' => [
        ['water' => ['kind' => 'swell', 'peak_period_s' => 8, 'depth_m' => 0]], 'water.depth_m',
        'The depth of the water must be between 0.01 and 11000 m, and is 0 m.',
    ],
    'a peak that is none' => [
        ['water' => ['kind' => 'swell', 'peak_period_s' => 8, 'peak_enhancement' => 0.2]], 'water.peak_enhancement',
        'The peak enhancement must be between 1 and 10, and is 0.2.',
    ],
    'a chop without heights' => [
        ['water' => ['kind' => 'swell', 'peak_period_s' => 8, 'chop' => ['peak_period_s' => 2]]], 'water.significant_height_m',
        'Two seas can only be added when the significant height of each is given.',
    ],
    'a chop that is a word' => [
        ['water' => ['kind' => 'swell', 'peak_period_s' => 8, 'chop' => 'some']], 'water.chop', '“water.chop” must be an object.',
    ],
    'lava' => [['water' => ['kind' => 'lava', 'speed_m_s' => 1]], 'water.kind',
        '“water.kind” cannot be “lava”; it is one of surf, swell, chop'],
    'a river that falls' => [
        ['water' => ['kind' => 'river', 'drop_m' => 4]], 'water.drop_m', 'A river has no drop; give its speed or a timed float.',
    ],
    'a speed in words' => [
        ['water' => ['kind' => 'river', 'speed_m_s' => 'fast']], 'water.speed_m_s', '“water.speed_m_s” must be a number.',
    ],
    'a float that stands' => [
        ['water' => ['kind' => 'river', 'float' => ['distance_m' => 10, 'seconds' => 0]]], 'water.float.seconds',
        'The time of the float must be between 0.1 and 3600 s, and is 0 s.',
    ],
    'a slant beyond the edge' => [
        ['oblique_deg' => 100], 'oblique_deg', 'The angle of the motion must be between 0 and 85°, and is 100°.',
    ],
    'clouds of no kind' => [
        ['clouds' => ['speed_m_s' => 9, 'kind' => 'candyfloss']], 'clouds.kind',
        '“clouds.kind” cannot be “candyfloss”; it is one of stratus, cumulus, stratocumulus, altocumulus, cirrus.',
    ],
    'a dew point above the air' => [
        ['clouds' => ['speed_m_s' => 9, 'temperature_c' => 8, 'dew_point_c' => 12]], 'clouds.dew_point_c',
        'The dew point cannot be above the temperature.',
    ],
    'clouds under the ground' => [
        ['clouds' => ['speed_m_s' => 9, 'base_m' => -10]], 'clouds.base_m',
        'The height of the clouds must be between 50 and 16000 m, and is -10 m.',
    ],
    'a crossing of nothing' => [
        ['clouds' => ['crossing' => ['frame_share' => 0, 'seconds' => 10]]], 'clouds.crossing.frame_share',
        'The share of the frame must be between 0.5 and 100 %, and is 0 %.',
    ],
    'a subject of no kind' => [
        ['subjects' => [['water' => ['speed_m_s' => 1]]]], 'subjects.0.water.kind', '“subjects.0.water.kind” is needed.',
    ],
    'a subject with the name of another' => [
        ['subjects' => [['name' => 'water', 'water' => ['kind' => 'foam', 'speed_m_s' => 1]]]], 'subjects.0.name',
        'Two parts of the picture share the name “water”; give each its own.',
    ],
    'a subject far beyond the horizon' => [
        ['subjects' => [['water' => ['kind' => 'foam', 'speed_m_s' => 1], 'distance_m' => 1e7]]], 'subjects.0.distance_m',
        'The distance must be between 0.2 and 20000 m, and is 10000000 m.',
    ],
    'subjects that are no list' => [['subjects' => ['water' => 1]], 'subjects', '“subjects” must be a list.'],
    'a look that is none' => [
        ['look' => 'creamy'], 'look', '“look” cannot be “creamy”; it is one of held, lively, brushed, silk, mist, glass.',
    ],
    'a time of nothing' => [['evaluate_s' => [0]], 'evaluate_s.0', 'A shutter time must be between 0.00002 and 86400 s, and is 0 s.'],
    'a time that is a word' => [
        ['evaluate_s' => ['a while']], 'evaluate_s.0', '“a while” is not a shutter time; write it like 1/60, 0.8, 30 or 2m30s.',
    ],
]);

it('counts a fall’s streak against the height of the frame, and every other water’s against its width', function (string $kind, float $side): void {
    $row = motion(['water' => ['kind' => $kind, 'speed_m_s' => 2], 'evaluate_s' => [0.5]])['water']['evaluated'][0];
    expect($row['streak_share'])->toBeAbout($row['streak_mm'] / $side, 1e-12)->and($row['streak_mm'])->toBeGreaterThan(0.0);
})->with([['plunge', 24], ['cascade', 24], ['weir', 24], ['rapid', 36], ['river', 36], ['foam', 36], ['backwash', 36]]);

it('says of clouds at every time how far they streak and how they look, and where each look lies', function (): void {
    $out = motion(['clouds' => ['crossing' => ['frame_share' => 0.5, 'seconds' => 100]], 'evaluate_s' => [1, 10]])['clouds'];
    expect($out)->toBe([
        'share_per_second' => 0.005,
        'evaluated' => [
            ['shutter_s' => 1.0, 'streak_share' => 0.005, 'look' => 'soft'],
            ['shutter_s' => 10.0, 'streak_share' => 0.05, 'look' => 'streaked'],
        ],
        'looks' => [
            ['look' => 'still', 'min_s' => null, 'max_s' => 0.003 / 0.005],
            ['look' => 'soft', 'min_s' => 0.003 / 0.005, 'max_s' => 0.03 / 0.005],
            ['look' => 'streaked', 'min_s' => 0.03 / 0.005, 'max_s' => 0.25 / 0.005],
            ['look' => 'sheet', 'min_s' => 0.25 / 0.005, 'max_s' => null],
        ],
    ]);
    // Thirty degrees up and across the view unless it is said.
    $wind = fn (array $said): float => motion(['clouds' => ['speed_m_s' => 10, 'base_m' => 1000] + $said])['clouds']['share_per_second'];
    expect($wind([]))->toBeAbout($wind(['elevation_deg' => 30, 'across' => 1.0]), 1e-15)->toBeAbout(24 / 36 * 0.01 * 0.5, 1e-12);
});

it('names subjects that have no name, in their order, and each pair that does not meet by both its names', function (): void {
    $out = motion([
        'look' => 'held',
        'subjects' => [
            ['water' => ['kind' => 'foam', 'speed_m_s' => 0.2], 'distance_m' => 4, 'look' => 'mist'],
            ['water' => ['kind' => 'foam', 'speed_m_s' => 0.2], 'distance_m' => 4, 'look' => 'glass'],
        ],
    ]);
    expect(array_column($out['subjects'], 'name'))->toBe(['subject 1', 'subject 2'])
        ->and($out['conflict']['pairs'][0]['between'])->toBe(['water', 'subject 2'])
        ->and($out['conflict']['pairs'][1]['between'])->toBe(['water', 'subject 1']);
});

it('streaks full length across the view unless an angle is given', function (): void {
    $streak = fn (array $said): float => motion($said + ['water' => ['kind' => 'river', 'speed_m_s' => 2],
        'evaluate_s' => [1]])['water']['evaluated'][0]['streak_mm'];
    expect($streak([]))->toBeAbout(4.0, 1e-9)->and($streak(['oblique_deg' => 60]))->toBeAbout(2.0, 1e-9);
});

it('answers for every water with nothing but its name, and says what it took as usual', function (WaterKind $kind): void {
    $water = motion(['water' => ['kind' => $kind->value]])['water'];

    expect($water['guessed'])->toBe((new WaterSpec($kind))->guessed())->not->toBe([])->and($water['looks'])->not->toBe([])
        ->and($water['speed_m_s'])->toBeGreaterThan(0.0);
})->with(WaterKind::cases());

it('takes surf by its period and its height: the higher, the faster its bore and the sooner it is silk', function (): void {
    $surf = fn (float $heightM): array => motion(['water' => ['kind' => 'surf', 'peak_period_s' => 8,
        'significant_height_m' => $heightM]])['water'];
    $silk = fn (array $water): float => array_column($water['looks'], 'min_s', 'look')['silk'];

    expect($surf(2.0))->not->toHaveKey('guessed')->and($surf(2.0)['breaks_at_depth_m'])->toBeAbout(2 / 0.78, 1e-9)
        ->and($surf(2.0)['speed_m_s'])->toBeAbout(sqrt(9.80665 * 2 / 0.78), 1e-9)
        ->and($silk($surf(2.0)))->toBeLessThan($silk($surf(0.5)));
});
