<?php

declare(strict_types=1);

use GentlePour\Photo\Area;
use GentlePour\Photo\Detail;
use GentlePour\Photo\Dust;
use GentlePour\Photo\Fault;
use GentlePour\Photo\Finding;
use GentlePour\Photo\Levels;
use GentlePour\Photo\Pair;
use GentlePour\Photo\Raster;
use GentlePour\Photo\Srgb;
use GentlePour\Photo\Still;

// What may be wrong with a frame, on pictures whose fault is known: drawn here in linear light.

/** @param  callable(float, float): array{float, float, float}  $light  by shares of width and height */
function lit(callable $light, int $width = 240, int $height = 160): Raster
{
    $pixels = [];
    for ($y = 0; $y < $height; $y++) {
        for ($x = 0; $x < $width; $x++) {
            [$r, $g, $b] = array_map(Srgb::level(...), $light($x / $width, $y / $height));
            $pixels[] = $r << 16 | $g << 8 | $b;
        }
    }

    return new Raster($width, $height, $pixels);
}

function plainView(float $x, float $y): float
{
    return 0.06 + 0.2 * (0.5 + 0.5 * sin(9 * $x + 4 * sin(5 * $y))) * (0.3 + 0.7 * $y);
}

/** @return list<Fault> */
function faultsOf(callable $change, ?float $sharpness = null, int $spots = 0): array
{
    $base = lit(static fn (float $x, float $y): array => array_fill(0, 3, plainView($x, $y)));
    $other = lit(static fn (float $x, float $y): array => $change(plainView($x, $y), $x, $y));

    return array_map(static fn (Finding $f): Fault => $f->fault, Finding::of(Pair::of($base, $other), $sharpness, $spots));
}

it('names each fault by itself, and none where there is none', function (callable $change, array $faults): void {
    expect(faultsOf($change))->toBe($faults);
})->with([
    'nothing' => [fn (float $v): array => [$v, $v, $v], []],
    'a stop brighter is no fault' => [fn (float $v): array => [2 * $v, 2 * $v, 2 * $v], []],
    'a leak at the left' => [fn (float $v, float $x): array => array_fill(0, 3, $v + 0.12 * exp(-$x / 0.06)), [Fault::Leak]],
    'a leak from above' => [fn (float $v, float $x, float $y): array => array_fill(0, 3, $v + 0.12 * exp(-$y / 0.06)), [Fault::Leak]],
    'flare over all' => [fn (float $v): array => array_fill(0, 3, $v + 0.09), [Fault::Veil]],
    'stacked rings' => [fn (float $v, float $x, float $y): array => array_fill(0, 3,
        $v * 2 ** (-1.2 * ((($x - 0.5) ** 2 + ($y - 0.5) ** 2) / 0.5) ** 2)), [Fault::Corners]],
    'a warm filter' => [fn (float $v): array => [$v * 2 ** 0.3, $v, $v * 2 ** -0.2], [Fault::Cast]],
    'hardly a colour' => [fn (float $v): array => [$v * 2 ** 0.08, $v, $v], []],
]);

it('says the cast as factors that undo it, a shake, and dust, each with what to do', function (): void {
    $base = lit(static fn (float $x, float $y): array => array_fill(0, 3, plainView($x, $y)));
    $warm = lit(static fn (float $x, float $y): array => [plainView($x, $y) * 2 ** 0.5, plainView($x, $y), plainView($x, $y)]);
    expect(Finding::of(Pair::of($base, $warm), null, 0)[0]->figure)->toContain('red +0.50')->toContain('red × 0.71')
        ->and(array_map(static fn (Finding $f): array => [$f->fault, $f->figure], Finding::of(null, 0.6, 2)))
        ->toBe([[Fault::Shaken, '60 % of the base’s edge energy'], [Fault::Dust, '2 spots']])
        ->and(Finding::of(null, 0.71, 1)[0]->figure)->toBe('one spot');
    foreach (Fault::cases() as $fault) {
        expect($fault->label())->not->toBe('')->and($fault->advice())->toEndWith('.')->and($fault->from())->toBeGreaterThan(0.0);
    }
});

it('finds dust where it is, and none in what is drawn, smooth or noisy', function (): void {
    mt_srand(5);
    $spots = [[0.2, 0.2], [0.55, 0.12], [0.8, 0.3]];
    $sky = static function (float $x, float $y) use ($spots): array {
        $dust = 1.0;
        foreach ($spots as [$sx, $sy]) {
            $dust -= 0.16 * max(0.0, 1 - hypot(($x - $sx) * 720, ($y - $sy) * 480) / 2.4);
        }

        return array_fill(0, 3, (0.3 + 0.1 * $y + 0.004 * (mt_rand() / mt_getrandmax() - 0.5)) * $dust);
    };
    $found = Dust::spots(lit($sky, 720, 480));
    expect($found)->toHaveCount(3);
    foreach ($spots as [$x, $y]) {
        expect(min(array_map(static fn (array $s): float => hypot($s[0] - $x, $s[1] - $y), $found)))->toBeLessThan(0.006);
    }
    expect(Dust::spots(lit(static fn (float $x, float $y): array => array_fill(0, 3, 0.3 + 0.004 * (mt_rand() / mt_getrandmax() - 0.5)),
        720, 480)))->toBe([])
        ->and(Dust::spots(lit(static fn (float $x, float $y): array => array_fill(0, 3, 0.3 + 0.2 * sin(200 * $x) * sin(170 * $y)), 720,
            480)))->toBe([]);
});

it('finds what stands still between two moments, and nothing where all moves', function (): void {
    mt_srand(9);
    $noise = fn (): array => array_map(fn (): float => mt_rand() / mt_getrandmax() - 0.5, range(0, 240 * 160));
    [$before, $after] = [$noise(), $noise()];
    $view = fn (array $moves, bool $rock): Raster => lit(fn (float $x, float $y): array => array_fill(0, 3, $rock && $x > 0.5 && $y < 0.5
        ? 0.15 + 0.1 * sin(150 * $x) * cos(110 * $y) : 0.15 * (1 + 0.8 * $moves[(int) (240 * $x + 0.5) + 240 * (int) (160 * $y + 0.5)])));
    $still = Still::found($view($before, true), Detail::texture($view($before, true)), Detail::texture($view($after, true)));
    expect($still)->toHaveCount(5);
    foreach ($still as $area) {
        expect($area->x)->toBeGreaterThanOrEqual(0.5)->and($area->y)->toBeLessThan(0.5);
    }
    expect(Still::found($view($before, false), Detail::texture($view($before, false)), Detail::texture($view($after, false))))->toBe([]);
});

it('reads an area as it is written, and writes it as it reads', function (): void {
    expect(Area::parse('0.2, 0.5,0.3,.4')->toArray())->toBe([0.2, 0.5, 0.3, 0.4])
        ->and(Area::parse('0.2,0.5,0.3,0.4')->written())->toBe('0.2,0.5,0.3,0.4')
        ->and(Area::of(1 / 3, 0.0, 0.5, 1.0)->written())->toBe('0.3333,0,0.5,1');
    foreach (['', '1,2,3', 'a,b,c,d', '0,0,1e-3,1', '-0.1,0,0.5,0.5', '0,0,0,0', '0.9,0,0.2,1', '0,0,1,1,1'] as $bad) {
        expect(fn () => Area::parse($bad))->toThrow(GentlePour\InvalidValue::class);
    }
});

it('looks levels up as exactly as it computes them (IEC 61966-2-1)', function (): void {
    $grey = [];
    for ($level = 0; $level < 256; $level++) {
        $grey[] = $level << 16 | $level << 8 | $level;
    }
    expect(Levels::of(new Raster(16, 16, $grey))->luminance)->toBe(array_fill(0, 256, 1));
});
