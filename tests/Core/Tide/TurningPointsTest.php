<?php

declare(strict_types=1);

use GentlePour\Tide\TurningPoints;

// How often the slope of a sum is looked at, and where: worked out by hand with numbers that a computer holds exactly. Slopes in m an hour.

/**
 * What comes of an even row of slopes, joined by straight lines: the turns, and the hours that were looked at once more.
 *
 * @param  non-empty-list<float>  $bends  in each stretch, m/h³
 * @param  non-empty-list<float>|null  $rates  the same, m/h²
 * @return array{list<array{float, bool, float}>, list<float>}
 */
function rowOfSlopes(array $slopes, float $everyH, array $bends, ?array $rates = null, float $stretchH = INF): array
{
    $looked = [];
    $turns = TurningPoints::withBounds($rates ?? array_fill(0, count($bends), 1e9), $bends, $stretchH);
    $found = $turns->among($slopes, $everyH, function (float $hour) use ($slopes, $everyH, &$looked): array {
        $looked[] = $hour;
        $i = (int) min(count($slopes) - 2, floor($hour / $everyH));
        $share = $hour / $everyH - $i;

        return [7.0, $slopes[$i] + $share * ($slopes[$i + 1] - $slopes[$i])];
    });

    return [$found, $looked];
}

/** A polynomial by its terms, constant first. */
function polynomial(array $terms): Closure
{
    return fn (float $x): float => array_sum(array_map(fn (float $c, int $power): float => $c * $x ** $power, $terms, array_keys($terms)));
}

it('looks once more between two slopes of one sign only where the bend leaves room for two turns', function (float $a, float $b, array $again): void {
    // Eight hours apart, bent by a sixteenth: half a metre an hour off the straight line at most, and sure where the two differ by more than two.
    foreach ([[$a, $b], [-$a, -$b]] as $slopes) {
        expect(rowOfSlopes($slopes, 8.0, [1 / 16]))->toBe([[], $again]);
    }
})->with([
    'both far' => [0.625, 0.75, []], 'both far and alike' => [0.625, 0.625, []],
    'one at the edge' => [0.5, 0.75, [4.0]], 'the other at the edge' => [0.75, 0.5, [4.0]],
    'one near' => [0.25, 0.75, [4.0]], 'the other near' => [0.75, 0.25, [4.0]],
    'far apart' => [0.25, 2.5, []], 'far apart, falling' => [2.5, 0.25, []], 'apart by just that' => [0.25, 2.25, [4.0]],
    // Half-way the bend leaves an eighth of a metre an hour.
    'at the edge half-way' => [0.125, 0.375, [4.0, 2.0]], 'at the edge half-way, falling' => [0.375, 0.125, [4.0, 6.0]],
    'a little beyond it' => [0.140625, 0.390625, [4.0]], 'a little within it' => [0.1171875, 0.3671875, [4.0, 2.0]],
]);

it('needs no look where the slope cannot fall to nothing at the rate at which it changes', function (float $slope, array $again): void {
    // By a thirty-second of a metre an hour in each of eight hours.
    expect(rowOfSlopes([$slope, $slope], 8.0, [1 / 16], [1 / 32]))->toBe([[], $again])
        ->and(rowOfSlopes([-$slope, -$slope], 8.0, [1 / 16], [1 / 32]))->toBe([[], $again]);
})->with([[0.25, []], [0.2421875, [4.0]]]);

it('goes by what is known of a stretch of time and of the next', function (float $everyH): void {
    $stretch = 3 * $everyH;
    [$slow, $fast] = [0.5 / $everyH ** 2, 4 / $everyH ** 2];
    $middles = fn (array $steps): array => array_map(fn (int $i): float => ($i + 0.5) * $everyH, $steps);
    $slopes = array_fill(0, 13, 0.25);
    // Four stretches of three steps each; fast is the third.
    expect(rowOfSlopes($slopes, $everyH, [$slow, $slow, $fast, $slow], null, $stretch)[1])->toBe($middles(range(3, 8)))
        ->and(rowOfSlopes($slopes, $everyH, [$slow, $slow, $slow, $fast], null, $stretch)[1])->toBe($middles(range(6, 11)))
        ->and(rowOfSlopes($slopes, $everyH, [$fast, $slow, $slow, $slow], null, $stretch)[1])->toBe($middles(range(0, 2)))
        ->and(rowOfSlopes($slopes, $everyH, [$slow, $fast], null, $stretch)[1])->toBe($middles(range(0, 11)));
    // By the rate, where the bend leaves room everywhere.
    [$still, $moving] = [0.2 / $everyH, 9 / $everyH];
    expect(rowOfSlopes($slopes, $everyH, array_fill(0, 4, $fast), [$still, $still, $moving, $still], $stretch)[1])->toBe($middles(range(3, 8)));
})->with([1.0, 0.5, 4.0]);

it('finds a turn that lies on a look itself, once, and none where the slope only touches nought', function (): void {
    $turns = fn (array $slopes): array => array_map(
        fn (array $turn): array => [$turn[0], $turn[1]], rowOfSlopes($slopes, 1.0, [1e-3])[0],
    );
    expect($turns([-3.0, -2.0, -1.0, 0.0, 1.0, 2.0, 3.0, 4.0]))->toBe([[3.0, false]])
        ->and($turns([3.0, 2.0, 1.0, 0.0, -1.0, -2.0, -3.0, -4.0]))->toBe([[3.0, true]])
        ->and($turns([-1.0, 0.0, 1.0]))->toBe([[1.0, false]])->and($turns([1.0, 0.0, -1.0]))->toBe([[1.0, true]])
        ->and($turns([2.0, 1.0, 0.0, 1.0, 2.0]))->toBe([])
        // In the first step and in the last.
        ->and($turns([-0.5, 0.5, 1.5, 2.5]))->toBe([[0.5, false]])->and($turns([2.5, 1.5, 0.5, -0.5]))->toBe([[2.5, true]]);
    $between = TurningPoints::of([[0.5, 2.0]])->between(fn (float $hour): array => [1.0, $hour - 2.2], 0.0, 4.4);
    expect($between)->toBe([[2.2, false, 1.0]]);
});

it('takes one look where six slopes tell where, three on either side, and more where they do not', function (): void {
    // The straight line through 2.5: in the middle of six looks, and with one too few before or behind.
    $looks = fn (int $from, int $to): array => rowOfSlopes(array_map(fn (int $i): float => $i - 2.5, range($from, $to)), 1.0, [1e-3])[1];
    expect($looks(0, 5))->toBe([2.5])->and($looks(-3, 9))->toBe([5.5])->and($looks(1, 6))->toBe([1.5, 1.5, 1.5])
        ->and($looks(-1, 4))->toBe([3.5, 3.5, 3.5]);
});

it('looks where the curve of the fifth degree through six slopes is nought, and goes on by its slope (Everett; a polynomial of that degree is met exactly)', function (
    array $terms, float $root, float $everyH,
): void {
    $p = polynomial($terms);
    $off = fn (float $x): float => $p($x - $root) - $p(0.0);
    $slopes = array_map(fn (int $i): float => $off((float) $i), range(0, 7));
    $changes = ($off($root + 1e-5) - $off($root - 1e-5)) / 2e-5 / $everyH;
    foreach ([0.0, 2e-3, -2e-3] as $slope) {
        $looked = [];
        $found = TurningPoints::withBounds([1e9], [1e-6], INF)->among($slopes, $everyH, function (float $hour) use (&$looked, $slope): array {
            $looked[] = $hour;

            return [5.0, $slope];
        });
        expect($looked)->toHaveCount(1)->and($looked[0])->toBeAbout($root * $everyH, 2e-6 * $everyH)
            ->and($found)->toHaveCount(1)->and($found[0][1])->toBe($slopes[3] > 0)
            ->and($looked[0] - $found[0][0])->toBeAbout($slope / $changes, abs($slope / $changes) * 2e-3)
            ->and($found[0][2])->toBeAbout(5.0 - $slope ** 2 / $changes / 2, $slope ** 2 / abs($changes) * 2e-3);
    }
})->with([
    'a line' => [[0.0, 1.0]], 'falling' => [[0.0, -1.5]], 'a parabola' => [[0.0, 1.0, 0.06]], 'of the third degree' => [[0.0, 1.0, -0.03, 0.012]],
    'of the fourth' => [[0.0, -2.0, 0.02, 0.0, 0.006]], 'of the fifth' => [[0.0, 1.0, 0.02, 0.004, -0.003, 0.0015]],
    'of the fifth, falling' => [[0.0, -1.0, 0.03, -0.004, 0.003, -0.002]],
])->with([3.5, 3.12, 3.85])->with([1.0, 0.5]);

it('takes what is there after the one look for the turn only while the slope can bend no more than a little on the way', function (): void {
    $slopes = array_map(fn (int $i): float => 2.0 * ($i - 2.5), range(0, 5));
    $looks = function (float $slope, float $bend, float $everyH) use ($slopes): int {
        $looked = [];
        $found = TurningPoints::withBounds([1e9], [$bend], INF)->among($slopes, $everyH, function (float $hour) use (&$looked, $slope, $everyH): array {
            $looked[] = $hour;

            // As it seems from afar, but for the first look.
            return [0.0, count($looked) === 1 ? $slope : 2.0 * ($hour / $everyH - 2.5)];
        });
        expect($found)->toHaveCount(1);

        return count($looked);
    };
    // Two metres an hour in an hour: 0.006 of its square is 0.024.
    foreach ([0.0239, -0.0239] as $slope) {
        expect($looks($slope, 1.0, 1.0))->toBe(1);
    }
    foreach ([0.0241, -0.0241] as $slope) {
        expect($looks($slope, 1.0, 1.0))->toBeGreaterThan(1);
    }
    // In half an hour it changes by as much: four an hour, and so 0.096.
    expect($looks(0.0959, 1.0, 0.5))->toBe(1)->and($looks(0.0961, 1.0, 0.5))->toBeGreaterThan(1)
        ->and($looks(0.0119, 2.0, 1.0))->toBe(1)->and($looks(0.0121, 2.0, 1.0))->toBeGreaterThan(1);
});

it('keeps its one look between the two slopes, however wild the others are', function (array $slopes, float $first): void {
    foreach ([1.0, -1.0] as $sign) {
        $row = array_map(fn (float $slope): float => $sign * $slope, $slopes);
        $looked = rowOfSlopes($row, 1.0, [1e-6])[1];
        expect(array_values(array_filter($looked, fn (float $hour): bool => $hour >= 2.0 && $hour <= 3.0))[0])->toBeAbout($first, 1e-9);
    }
})->with([
    // The curve goes the other way at the chord's place, which is all there is then; or Newton's rule leaves the two behind. Found by chance.
    'astray' => [[1.25, -4.0, -0.375, 0.125, 0.5, -1.75], 2.75], 'astray too' => [[1.625, -4.75, -2.75, 0.25, -4.75, 3.625], 2 + 11 / 12],
    'too far on' => [[-3.125, -2.25, -1.625, 0.25, -4.375, -2.5], 3.0], 'too far back' => [[-2.75, -1.5, -0.375, 0.125, -0.875, 3.375], 2.0],
    'and again' => [[-3.75, -4.5, -0.25, 0.25, 2.375, 0.0], 2.0], 'too far on again' => [[3.75, -1.75, -1.0, 0.375, -4.75, -3.75], 3.0],
]);

it('halves down to a second, and takes what turns within it for one', function (): void {
    $looks = fn (float $everyH): int => count(rowOfSlopes([1.0, 1.0], $everyH, [1e12])[1]);
    expect($looks(0.999 / 3600))->toBe(0)->and($looks(1 / 3600))->toBe(1)->and($looks(1.999 / 3600))->toBe(1)->and($looks(2 / 3600))->toBe(3);
});
