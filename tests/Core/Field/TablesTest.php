<?php

declare(strict_types=1);

// The tables of a field file hold the core's own answers; a browser puts two thousand random questions to them in tests/Browser/Field.

use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Field\Glasses;
use GentlePour\Field\GlassTable;
use GentlePour\Field\LookGrid;
use GentlePour\Field\Times;
use GentlePour\Field\WayTable;
use GentlePour\Kit\Sensor;
use GentlePour\Motion\CloudLook;
use GentlePour\Motion\Clouds;
use GentlePour\Motion\Framing;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\WaterSpec;

/**
 * Read off between the nodes as the script does: in straight lines on logarithms.
 *
 * @param  array<string, float>  $at
 * @return list<float> stops from a second
 */
function readOff(LookGrid $grid, array $at): array
{
    $corners = [[0, 1.0]];
    foreach ($grid->axes as ['name' => $name, 'at' => $nodes]) {
        for ($upper = 1; $nodes[$upper] < $at[$name]; $upper++) {
        }
        $share = log($at[$name] / $nodes[$upper - 1]) / log($nodes[$upper] / $nodes[$upper - 1]);
        $next = [];
        foreach ($corners as [$place, $weight]) {
            array_push($next, [$place * count($nodes) + $upper - 1, $weight * (1 - $share)],
                [$place * count($nodes) + $upper, $weight * $share]);
        }
        $corners = $next;
    }
    $read = array_fill(0, count($grid->nodes[0]), 0.0);
    foreach ($corners as [$place, $weight]) {
        foreach ($grid->nodes[$place] as $i => $value) {
            $read[$i] += $weight * $value / LookGrid::UNITS_A_STOP;
        }
    }

    return $read;
}

it('knows a light by itself: EV 15 is the bright sun of f/16 and 1/100', function (): void {
    expect(Reading::ofLight(15.0)->ev100())->toBeAbout(15.0, 1e-9)->and(Reading::ofLight(-5.0)->ev100())->toBeAbout(-5.0, 1e-9)
        ->and(Reading::ofLight(17.0)->ev100())->toBeAbout(17.0, 1e-9);
});

it('offers one way a stack, near the time that was set, and the one that costs least first', function (): void {
    $ways = WayTable::ways(carried(bag([nd('Six', 6), nd('Ten', 10)]))->inLight(Reading::ofLight(12.0)), ShutterTime::onDial(6));
    $scores = array_map(static fn ($way): float => $way->score(), $ways);
    $sorted = $scores;
    sort($sorted);

    expect(count($ways))->toBeGreaterThanOrEqual(2)->and($scores)->toBe($sorted)
        ->and(count(array_unique(array_map(static fn ($way): string => $way->filters->label(), $ways))))->toBe(count($ways))
        ->and($ways[0]->shutter->seconds)->toBeWithinStops(4.0, 1 / 3 + 1e-6);
});

it('writes a cell for every light and every time, three ways each, and names each setting, time and glass once', function (): void {
    $table = WayTable::of(carried(bag([nd('Ten', 10)])), $times = new Times, $glasses = new Glasses);
    [$darkest, $brightest] = WayTable::LIGHT;
    [$shortest, $longest] = WayTable::TARGET;
    $places = array_map(static fn (array $time): string => $time['label'].$time['bulb'], $times->all());

    expect($table->cells)->toHaveCount($brightest - $darkest + 1)->each->toHaveCount(2 * WayTable::WAYS * ($longest - $shortest + 1))
        ->and(array_unique($table->settings, SORT_REGULAR))->toHaveCount(count($table->settings))
        ->and(count(array_unique($places)))->toBeGreaterThan(0.9 * count($places))
        ->and(array_map(static fn ($stack): string => $stack->label(), $glasses->all()))->toContain('no filter', 'Ten');
    foreach ($table->cells as $row) {
        foreach (array_chunk($row, 2) as [$setting, $time]) {
            expect(($setting === -1) === ($time === -1))->toBeTrue()->and($setting)->toBeLessThan(count($table->settings))
                ->and($time)->toBeLessThan(count($times->all()));
        }
    }
});

it('tells what time each glass takes: ten stops turn 1/60 into 15 s of the dial, and 1/8 into 2:00 of bulb', function (): void {
    $table = GlassTable::of(carried(bag([nd('Ten', 10), nd('Six', 6)])), $times = new Times, $glasses = new Glasses);
    $at = static function (int $base, string $glass) use ($table, $times, $glasses): array {
        $labels = array_map(static fn (int $place): string => $glasses->all()[$place]->label(), $table->glasses);

        return $times->all()[$table->cells[$base - GlassTable::BASE[0]][array_search($glass, $labels, true)]];
    };

    // Common practice.
    expect($at(-18, 'Ten')['label'])->toBe('15 s')->and($at(-18, 'Ten')['bulb'])->toBeFalse()
        ->and($at(-9, 'Ten')['label'])->toBe('2:10')->and($at(-9, 'Ten')['bulb'])->toBeTrue()
        ->and($at(-9, 'Ten')['manual'])->toContain('set to bulb')
        ->and($at(-9, 'Six')['label'])->toBe('8 s');
});

it('leaves out of stacks alike in strength those of more filters, and times beyond a wall', function (): void {
    $alike = GlassTable::of(carried(bag([nd('Three', 3), nd('Four', 4), nd('Seven', 7.1)])), new Times, $glasses = new Glasses);
    $labels = array_map(static fn (int $place): string => $glasses->all()[$place]->label(), $alike->glasses);
    $without = GlassTable::of(carried(bag([nd('Ten', 10)], release: false)), $times = new Times, new Glasses);

    expect($labels)->toContain('Seven')->not->toContain('Four + Three')
        ->and($without->cells[-9 - GlassTable::BASE[0]])->toBe([-1])
        ->and($without->cells[-18 - GlassTable::BASE[0]][0])->toBeGreaterThanOrEqual(0);
});

it('reads the looks of any water off its grid within a sixth of a stop of the core', function (WaterKind $kind, array $at): void {
    $sensor = new Sensor(36, 24, 6000);
    $framing = new Framing($sensor, 50.0, $at['width_m'] * 50 / 36);
    $spec = new WaterSpec($kind, speedMS: $at['speed_m_s'] ?? null, periodS: $at['period_s'] ?? null, heightM: $at['height_m'] ?? null);
    $read = readOff(LookGrid::ofWater($kind, $sensor), $at);
    $bands = LookBands::of($spec->in($framing), $framing)->bands;
    foreach ($bands as $i => $band) {
        expect($band->maxS === null ? 0.0 : abs(log($band->maxS, 2) - $read[$i]))->toBeLessThan(1 / 6, $band->look->value)
            ->and(abs(log($band->aimS(), 2) - $read[count($bands) - 1 + $i]))->toBeLessThan(1 / 6, $band->look->value);
    }
})->with([
    'a swell' => [WaterKind::Swell, ['period_s' => 8.0, 'width_m' => 18.0]],
    'a chop, near' => [WaterKind::Chop, ['period_s' => 3.1, 'width_m' => 4.4]],
    'surf' => [WaterKind::Surf, ['period_s' => 9.3, 'height_m' => 1.4, 'width_m' => 25.0]],
    'a fall' => [WaterKind::Plunge, ['speed_m_s' => 9.1, 'width_m' => 30.0]],
    'a river' => [WaterKind::River, ['speed_m_s' => 0.7, 'width_m' => 2.5]],
]);

it('is exact for what is carried past: twice the speed is half the time', function (): void {
    $grid = LookGrid::ofWater(WaterKind::Cascade, new Sensor(36, 24, 6000));
    [$slow, $fast] = [readOff($grid, ['speed_m_s' => 1.7, 'width_m' => 6.0]), readOff($grid, ['speed_m_s' => 3.4, 'width_m' => 6.0])];
    foreach ($slow as $i => $stops) {
        expect($stops - $fast[$i])->toBeAbout(1.0, 0.02);
    }
});

it('reads the looks of clouds off the share of the frame that they cross', function (): void {
    $clouds = Clouds::ofCrossing(0.3, 60);
    $grid = LookGrid::ofClouds();
    $read = readOff($grid, ['share_s' => 0.005]);

    expect($grid->looks)->toBe(['still', 'soft', 'streaked', 'sheet'])
        ->and(2 ** $read[0])->toBeWithinShare($clouds->bands()[0]['maxS'], 0.01)
        ->and(2 ** $read[2])->toBeWithinShare($clouds->bands()[2]['maxS'], 0.01)
        ->and(2 ** $read[4])->toBeWithinStops($clouds->window(CloudLook::Soft)->best->seconds, 0.02);
});

it('holds a water that was framed as one node, aimed as the person likes it', function (): void {
    $framing = new Framing(new Sensor(36, 24, 6000), 24.0, 12.0);
    $bands = LookBands::of((new WaterSpec(WaterKind::Swell, periodS: 8.0))->in($framing), $framing);
    [$plain, $shifted] = [LookGrid::ofBands($bands)->nodes[0], LookGrid::ofBands($bands, 0.5)->nodes[0]];

    expect(LookGrid::ofBands($bands)->axes)->toBe([])->and(array_slice($plain, 0, 5))->toBe(array_slice($shifted, 0, 5))
        ->and($shifted[5 + 3] - $plain[5 + 3])->toBe(50);
});

it('looks at no more stacks of a bag of sixty filters than can be worked out, and at all of a usual one', function (): void {
    $many = bag(array_map(static fn (int $n): GentlePour\Kit\Filter => nd("F{$n}", 0.5 + 0.25 * $n), range(0, 59)), slots: 3);
    $few = bag([nd('Three', 3), nd('Six', 6), nd('Ten', 10)]);
    $worth = WayTable::worth(carried($many));
    $strengths = array_map(static fn ($stack): float => $stack->darkest->value, $worth);

    expect(count($worth))->toBeLessThanOrEqual(60)->toBeGreaterThan(20)
        ->and(WayTable::worth(carried($few)))->toEqual(carried($few)->stacks())
        // Nothing is left out for long: the next stronger one is never far.
        ->and($worth[0]->filters)->toBe([]);
    sort($strengths);
    foreach (array_slice($strengths, 1) as $i => $stops) {
        expect($stops - $strengths[$i])->toBeLessThan(2.0);
    }
});
