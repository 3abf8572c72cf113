<?php

declare(strict_types=1);

// A pair of frames of a dozen blocks across and down, by hand: what counts, and which part of the frame a figure is of.

use GentlePour\InvalidValue;
use GentlePour\Photo\Fault;
use GentlePour\Photo\Finding;
use GentlePour\Photo\Pair;
use GentlePour\Photo\Raster;
use GentlePour\Photo\Srgb;

/** @param  callable(int, int): int  $level  of the grey at a column and a row */
function greys(callable $level, int $width = 12, int $height = 12): Raster
{
    $pixels = [];
    for ($i = 0; $i < $width * $height; $i++) {
        $pixels[] = 0x010101 * $level($i % $width, intdiv($i, $width));
    }

    return new Raster($width, $height, $pixels);
}

/** By how many stops the one level is brighter than the other. */
function rises(int $from, int $to): float
{
    return log(Srgb::light($to) / Srgb::light($from), 2);
}

/** @param  callable(int, int): bool  $where  by column and row of the blocks: a pixel each, or two across and three down */
function brighterWhere(callable $where, int $across = 1, int $down = 1): Pair
{
    return Pair::of(greys(fn (): int => 100, 12 * $across, 12 * $down), greys(
        fn (int $x, int $y): int => $where(intdiv($x, $across), intdiv($y, $down)) ? 150 : 100, 12 * $across, 12 * $down,
    ));
}

it('leaves out what is nearly black or nearly clipped, in any channel of either picture', function (int $shift, bool $inBase): void {
    foreach ([5 => false, 6 => true, 250 => true, 251 => false] as $level => $counts) {
        $odd = static fn (int $grey): int => (0x010101 * $grey & ~(255 << $shift)) | $level << $shift;
        // Nine places are alike; the tenth is not, and says so where it counts.
        $base = [...array_fill(0, 9, 0x646464), $inBase ? $odd(100) : 0x646464];
        $other = [...array_fill(0, 9, 0x646464), $inBase ? 0xC8C8C8 : $odd(200)];
        expect(Pair::of(new Raster(10, 1, $base), new Raster(10, 1, $other))->luminanceStops !== 0.0)->toBe($counts, "level {$level}");
    }
})->with([16, 8, 0])->with([true, false]);

it('compares what tells in a fiftieth of the frame, and nothing of less', function (): void {
    $telling = fn (int $pixels): Raster => new Raster(100, 1,
        [...array_fill(0, $pixels, 0x646464), ...array_fill(0, 100 - $pixels, 0xFFFFFF)]);
    expect(Pair::of($telling(2), $telling(2))->luminanceStops)->toBe(0.0)
        ->and(fn () => Pair::of($telling(1), $telling(1)))->toThrow(InvalidValue::class, 'nothing can be compared')
        ->and(fn () => Pair::of($telling(2), new Raster(50, 2, $telling(2)->pixels)))->toThrow(InvalidValue::class, 'differ in shape');
});

it('adds up light, not levels, for each channel and for all (by hand)', function (): void {
    $pair = Pair::of(new Raster(2, 1, [0x325078, 0x141E28]), new Raster(2, 1, [0x3C6496, 0x282832]));
    $l = Srgb::light(...);
    $sums = [[$l(50) + $l(20), $l(60) + $l(40)], [$l(80) + $l(30), $l(100) + $l(40)], [$l(120) + $l(40), $l(150) + $l(50)]];
    foreach ($sums as $channel => [$b, $o]) {
        expect($pair->stops[$channel])->toBeAbout(log($o / $b, 2), 1e-12);
    }
    $grey = fn (int $of): float => 0.2126 * $sums[0][$of] + 0.7152 * $sums[1][$of] + 0.0722 * $sums[2][$of];
    expect($pair->luminanceStops)->toBeAbout(log($grey(1) / $grey(0), 2), 1e-12);
});

it('finds a leak at whichever edge it is, in the edge’s own blocks and in no others', function (callable $edge, callable $beside): void {
    foreach ([[1, 1], [2, 3]] as [$across, $down]) {
        expect(brighterWhere($edge, $across, $down)->leakStops())->toBeAbout(rises(100, 150), 1e-12);
    }
    // Half the edge is half of it; beside the edge it is no leak; a darker edge is none.
    expect(brighterWhere(fn (int $x, int $y): bool => $edge($x, $y) && ($x + $y) % 2 === 0)->leakStops())
        ->toBeAbout(rises(100, 150) / 2, 1e-12)
        ->and(brighterWhere($beside)->leakStops())->toBeLessThan(rises(100, 150) / 5)
        ->and(brighterWhere(fn (int $x, int $y): bool => ! $edge($x, $y))->leakStops())->toBe(0.0);
})->with([
    'left' => [fn (int $x): bool => $x === 0, fn (int $x): bool => $x === 1],
    'right' => [fn (int $x): bool => $x === 11, fn (int $x): bool => $x === 10],
    'above' => [fn (int $x, int $y): bool => $y === 0, fn (int $x, int $y): bool => $y === 1],
    'below' => [fn (int $x, int $y): bool => $y === 11, fn (int $x, int $y): bool => $y === 10],
]);

it('sets the corners against the middle: beyond 0.8 of the way to a corner against within 0.3', function (): void {
    $away = fn (int $x, int $y): float => hypot($x - 5.5, $y - 5.5) / hypot(6, 6);
    expect(brighterWhere(fn (int $x, int $y): bool => $away($x, $y) > 0.8)->cornersStops())->toBeAbout(rises(100, 150), 1e-12)
        ->and(brighterWhere(fn (int $x, int $y): bool => $away($x, $y) < 0.3)->cornersStops())->toBeAbout(-rises(100, 150), 1e-12)
        ->and(brighterWhere(fn (int $x, int $y): bool => $away($x, $y) > 0.3 && $away($x, $y) < 0.8)->cornersStops())->toBe(0.0)
        ->and(Pair::of(greys(fn (): int => 100, 1, 1), greys(fn (): int => 120, 1, 1))->cornersStops())->toBeNull();
});

it('tells how sure it is from how the blocks differ: the standard error of their mean (by hand)', function (): void {
    $half = rises(100, 150) / 2;
    expect(brighterWhere(fn (int $x, int $y): bool => ($x + $y) % 2 === 0)->uncertaintyStops())->toBeAbout($half / sqrt(143), 1e-12)
        ->and(Pair::of(greys(fn (): int => 100, 2, 1), greys(fn (int $x): int => $x === 0 ? 100 : 150, 2, 1))->uncertaintyStops())
        ->toBeAbout($half, 1e-12)
        ->and(Pair::of(greys(fn (): int => 100, 1, 1), greys(fn (): int => 150, 1, 1))->uncertaintyStops())->toBe(0.0);
});

it('sees a veil by what the darkest quarter of the base rises over its brightest (by hand)', function (): void {
    $rows = fn (int $dark, int $between, int $bright): Raster => greys(
        fn (int $x, int $y): int => match (true) {
            $y < 3 => $dark, $y < 9 => $between, default => $bright,
        },
    );
    expect(Pair::of($rows(50, 100, 200), $rows(60, 140, 210))->veilStops())->toBeAbout(rises(50, 60) - rises(200, 210), 1e-12)
        ->and(Pair::of(greys(fn (int $x): int => 50 + 40 * $x, 4, 1), greys(fn (int $x): int => 60 + 40 * $x, 4, 1))->veilStops())
        ->toBeAbout(rises(50, 60) - rises(170, 180), 1e-12)
        // Of three blocks none is a quarter.
        ->and(Pair::of(greys(fn (int $x): int => 50 + 40 * $x, 3, 1), greys(fn (int $x): int => 60 + 40 * $x, 3, 1))->veilStops())
        ->toBe(0.0);
});

it('writes each fault with its figure, from where it counts on', function (): void {
    $figures = fn (Pair $pair): array => array_map(static fn (Finding $f): array => [$f->fault, $f->figure], Finding::of($pair, null, 0));
    $leak = $figures(brighterWhere(fn (int $x): bool => $x === 0));
    expect($leak)->toBe([[Fault::Leak, sprintf('%.1f stops brighter at one side', rises(100, 150))]]);
    $away = fn (int $x, int $y): float => hypot($x - 5.5, $y - 5.5) / hypot(6, 6);
    $corners = Pair::of(greys(fn (): int => 150), greys(fn (int $x, int $y): int => $away($x, $y) > 0.8 ? 100 : 150));
    expect($figures($corners))->toBe([[Fault::Corners, sprintf('%.1f stops darker than the middle', rises(100, 150))]]);
    $veil = Pair::of(greys(fn (int $x, int $y): int => $y < 6 ? 40 : 200), greys(fn (int $x, int $y): int => $y < 6 ? 90 : 205));
    expect($figures($veil))->toBe([[Fault::Veil, sprintf('dark parts %.1f stops up', rises(40, 90) - rises(200, 205))]]);

    $just = Fault::Shaken->from();
    expect(Finding::of(null, 1 - $just, 0))->toHaveCount(1)->and(Finding::of(null, 1 - $just + 1e-6, 0))->toBe([])
        ->and(Finding::of(null, 0.6, 0)[0]->figure)->toBe('60 % of the base’s edge energy')
        ->and(Finding::of(null, null, 0))->toBe([])->and(Finding::of(null, null, 2)[0]->figure)->toBe('2 spots');
});

it('gives the cast of a frame in stops against green, and the factors that undo it', function (): void {
    $pair = Pair::of(new Raster(1, 1, [0x646464]), new Raster(1, 1, [0x966450]));
    [$red, $blue] = [rises(100, 150), rises(100, 80)];
    expect(Finding::of($pair, null, 0)[0]->figure)->toBe(sprintf(
        'red %s, blue %s stops against green: red × %.2f, blue × %.2f', str_replace('-', '−', sprintf('%+.2f', $red)), str_replace('-', '−', sprintf('%+.2f', $blue)), 2 ** -$red, 2 ** -$blue,
    ));
});
