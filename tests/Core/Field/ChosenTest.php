<?php

declare(strict_types=1);

// What of a large bag and a long dial is put into the tables of a field file, and where.

use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\Field\Glasses;
use GentlePour\Field\GlassTable;
use GentlePour\Field\LookGrid;
use GentlePour\Field\Times;
use GentlePour\Field\WayTable;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\FilterStack;
use GentlePour\Kit\Mount;
use GentlePour\Kit\Sensor;
use GentlePour\Motion\WaterKind;
use GentlePour\Solving\Question;

/** @return list<string> the stacks of the table of glass, in its order */
function looksThrough(Bag $bag): array
{
    $table = GlassTable::of(carried($bag), new Times, $glasses = new Glasses);

    return array_map(static fn (int $place): string => $glasses->all()[$place]->label(), $table->glasses);
}

it('writes a time once, and bulb and the dial apart though they last as long', function (): void {
    $times = new Times;
    $timed = ShutterTime::onDial(15);
    $place = static fn (float $s, bool $bulb): int => $times->place(ShutterTime::ofSeconds($s), $timed, $bulb);

    expect($place(16.0, false))->toBe(0)->and($place(16.0, true))->toBe(1)->and($place(16.0, false))->toBe(0)
        ->and($place(16.0, true))->toBe(1)
        // Alike is what no clock tells apart: a three-thousandth of a stop, to either side.
        ->and($place(16.0 * 2 ** (0.3 / 3000), false))->toBe($place(16.0 * 2 ** (-0.3 / 3000), false))
        ->and($place(16.0 * 2 ** (2 / 3000), false))->toBe(2)->and($place(16.0 * 2 ** (4 / 3000), false))->toBe(3)
        ->and($times->all())->toHaveCount(4)->and(array_column($times->all(), 'bulb'))->toBe([false, true, false, false]);
});

it('tells the seconds of a time to seven figures, and how it is set', function (): void {
    $times = new Times;
    $times->place(ShutterTime::ofSeconds(64.123456789), ShutterTime::onDial(15), true);
    $times->place(ShutterTime::onDial(15), ShutterTime::onDial(15), false);

    expect($times->all()[0]['seconds'])->toBe(64.12346)->and($times->all()[0]['manual'])->toContain('bulb', $times->all()[0]['label'])
        // Common practice: 30 s of the dial are 32.
        ->and($times->all()[1])->toMatchArray(['label' => '30 s', 'seconds' => 32.0, 'bulb' => false])
        ->and($times->all()[1]['manual'])->toContain('open for 32 s');
});

it('looks through single filters and pairs of them, the lightest first whatever order they were bought in', function (): void {
    expect(looksThrough(bag([nd('Ten', 10), nd('Three', 3), nd('Six', 6)])))
        ->toBe(['Three', 'Six', 'Six + Three', 'Ten', 'Ten + Three', 'Ten + Six']);
});

it('takes the one filter for two that are as strong, though the two come first', function (): void {
    // 3 + 4 is a tenth of a stop weaker than 7.1, two tenths than 7.2.
    expect(looksThrough(bag([nd('Seven', 7.1), nd('Three', 3), nd('Four', 4)])))
        ->toBe(['Three', 'Four', 'Seven', 'Seven + Three', 'Seven + Four'])
        ->and(looksThrough(bag([nd('Three', 3), nd('Four', 4), nd('Seven', 7.2)])))->toContain('Four + Three', 'Seven')
        ->and(looksThrough(bag([nd('Three', 3), nd('Four', 4), nd('Seven', 6.9)])))->toContain('Seven')->not->toContain('Four + Three');
});

it('looks through two dozen stacks at most, and single filters before pairs', function (): void {
    $many = array_map(static fn (int $n): Filter => nd("F{$n}", 1.0 + 0.3 * $n), range(0, 39));
    $seen = looksThrough(bag($many));

    expect($seen)->toHaveCount(24)->and(implode(' ', $seen))->not->toContain('+');
});

it('keeps of stacks alike in strength, in a bag too large, the one that costs least', function (): void {
    // Each strength is there twice, and as a pair of two weaker ones besides.
    $twice = bag(array_merge(...array_map(
        static fn (int $n): array => [nd("F{$n}", $n), nd("G{$n}", $n)], range(1, 12),
    )));
    $question = carried($twice);
    $costs = [];
    foreach ($question->stacks() as $i => $stack) {
        $costs[$stack->label()] = $question->stackCosts()[$i];
    }
    $worth = WayTable::worth($question);
    $kept = array_map(static fn (FilterStack $stack): string => $stack->label(), $worth);

    expect(count($question->stacks()))->toBeGreaterThan(60)->and(count($worth))->toBeLessThanOrEqual(60);
    foreach (range(1, 12) as $n) {
        $alike = array_filter($question->stacks(), static fn (FilterStack $s): bool => abs($s->darkest->value - $n) < 0.01);
        $here = array_values(array_filter($worth, static fn (FilterStack $s): bool => abs($s->darkest->value - $n) < 0.01));
        $cheapest = min(array_map(static fn (FilterStack $s): float => $costs[$s->label()], $alike));

        // One of each strength, a single filter and not a pair of two; of two as cheap the one that came first.
        expect($here)->toHaveCount(1)->and($costs[$here[0]->label()])->toBe($cheapest)->and($kept)->toContain("F{$n}");
    }
});

it('leaves out of a bag too large only what has its like, and tells no two apart less finely than it must', function (): void {
    $question = carried(bag(array_merge(
        array_map(static fn (int $n): Filter => nd("F{$n}", 0.7 + 0.45 * $n), range(0, 13)),
        [Filter::of('Variable', FilterKind::Variable, Mount::Thread, Stops::of(5), lightest: Stops::of(2))],
    ), slots: 2));
    [$all, $costs, $worth] = [$question->stacks(), $question->stackCosts(), WayTable::worth($question)];
    $key = static fn (FilterStack $s, float $step): string => round($s->darkest->value / $step).' '.round($s->lightest->value / $step);
    // Steps of 0.1, each half as wide again as the one before, until sixty classes are enough.
    $classes = static fn (float $step): int => count(array_unique(array_map(static fn (FilterStack $s): string => $key($s, $step), $all)));
    for ($step = 0.1; $classes($step) > 60; $step *= 1.5) {
    }
    $kept = [];
    foreach ($worth as $stack) {
        $kept[$key($stack, $step)] = $stack;
    }

    expect(count($all))->toBeGreaterThan(100)->and($step)->toBeGreaterThan(0.2)->and($worth)->toHaveCount($classes($step))
        ->and($kept)->toHaveCount(count($worth));
    foreach ($all as $i => $stack) {
        $like = $kept[$key($stack, $step)];
        expect(abs($like->darkest->value - $stack->darkest->value))->toBeLessThanOrEqual($step)
            ->and(abs($like->lightest->value - $stack->lightest->value))->toBeLessThanOrEqual($step)
            ->and($costs[array_search($like, $all, true)])->toBeLessThanOrEqual($costs[$i]);
    }
});

it('looks at every stack of a bag that has just as many as can be worked out', function (): void {
    // Three of each strength, which are alike: of sixty stacks none is left out, of sixty-one two thirds.
    $of = static fn (int $filters): Question => carried(bag(
        array_map(static fn (int $i): Filter => nd("F{$i}", 1.0 + intdiv($i, 3)), range(0, $filters - 1)), slots: 1,
    ));

    expect($of(59)->stacks())->toHaveCount(60)->and(WayTable::worth($of(59)))->toEqual($of(59)->stacks())
        ->and($of(60)->stacks())->toHaveCount(61)->and(WayTable::worth($of(60)))->toHaveCount(21);
});

it('answers within a stop of the wanted time to either side, and nothing else though that be nothing', function (): void {
    $lit = carried(bag([nd('Six', 6), nd('Ten', 10)]))->inLight(Reading::ofLight(12.0));
    foreach ([-9, 0, 6, 12] as $target) {
        $wanted = ShutterTime::onDial($target)->seconds;
        foreach (WayTable::ways($lit, ShutterTime::onDial($target)) as $way) {
            expect($way->shutter->seconds)->toBeWithinStops($wanted, 1.0 + 1e-6);
        }
    }

    // At either end of what a shutter does there is half of it to ask for.
    foreach ([ShutterTime::SHORTEST_S, ShutterTime::LONGEST_S] as $end) {
        expect(WayTable::ways($lit, ShutterTime::ofSeconds($end)))->toBe([]);
    }

    // At noon nothing in an empty bag makes a minute.
    expect(WayTable::ways(carried(bag([]))->inLight(Reading::ofLight(15.0)), ShutterTime::onDial(18)))->toBe([]);
});

it('sets its nodes evenly from bound to bound', function (): void {
    $grid = LookGrid::ofWater(WaterKind::Surf, new Sensor(36, 24, 6000));
    foreach ($grid->axes as ['name' => $name, 'at' => $nodes]) {
        $ratios = array_map(static fn (int $i): float => log($nodes[$i] / $nodes[$i - 1], 2), range(1, count($nodes) - 1));

        expect($ratios)->each->toBeGreaterThan(0.0)->and(max($ratios))->toBeLessThanOrEqual(1.0 + 1e-4, $name)
            ->and(min($ratios))->toBeGreaterThan(0.29, $name);
    }
    expect($grid->axes[0]['at'][0])->toBe(2.0)->and(max($grid->axes[0]['at']))->toBe(24.0)
        // 12 times is 3.6 octaves: four steps of 0.9.
        ->and($grid->axes[0]['at'])->toHaveCount(5)
        ->and($grid->axes[1]['at'][0])->toBe(0.25)->and(max($grid->axes[1]['at']))->toBe(8.0)->and($grid->axes[1]['at'])->toHaveCount(6);
});

it('writes each figure as it rises from node to node, and adds up to the same', function (): void {
    $grid = LookGrid::ofWater(WaterKind::River, new Sensor(36, 24, 6000));
    $written = $grid->written();

    expect($written['axes'])->toBe($grid->axes)->and($written['looks'])->toBe($grid->looks)
        ->and($written['rises'])->toHaveCount(count($grid->nodes[0]))->each->toHaveCount(count($grid->nodes));
    foreach ($written['rises'] as $figure => $rises) {
        $sum = 0;
        foreach ($rises as $place => $rise) {
            expect($sum += $rise)->toBe($grid->nodes[$place][$figure]);
        }
    }
});
