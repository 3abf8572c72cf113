<?php

declare(strict_types=1);

use App\Drawing\Strokes;
use GentlePour\Scene\Stroke;

it('draws as many strokes as there is texture, inside of the band, the same every time', function (): void {
    $path = Strokes::between(100, 400, 36, 56, fn (float $x): Stroke => Stroke::ofStreak(0.05, 1.0));
    preg_match_all('/M(\d+) ([\d.]+)H(\d+)/', $path, $strokes, PREG_SET_ORDER);
    // A stroke for each 62 px², nine tenths and a twenty-fifth of them where all of the texture is left.
    expect(count($strokes))->toBeBetween((int) (270 * 0.88), 270)
        ->and($path)->toBe(Strokes::between(100, 400, 36, 56, fn (float $x): Stroke => Stroke::ofStreak(0.05, 1.0)))
        ->and($path)->not->toBe(Strokes::between(101, 401, 36, 56, fn (float $x): Stroke => Stroke::ofStreak(0.05, 1.0)));
    foreach ($strokes as [, $from, $y, $to]) {
        expect((int) $from)->toBeGreaterThanOrEqual(101)
            ->and((int) $to)->toBeLessThanOrEqual(400)
            ->and((int) $to)->toBeGreaterThan((int) $from)
            ->and((float) $y)->toBeGreaterThanOrEqual(39.0)->toBeLessThanOrEqual(89.0);
    }
    $few = substr_count(Strokes::between(100, 400, 36, 56, fn (float $x): Stroke => Stroke::ofStreak(0.05, 0.0)), 'M');
    $half = substr_count(Strokes::between(100, 400, 36, 56, fn (float $x): Stroke => Stroke::ofStreak(0.05, 0.5)), 'M');
    expect($few)->toBeBetween(2, 24)->and($half)->toBeBetween(105, 162);
    $lengths = fn (float $streak): float => max(array_map(fn (array $s): int => (int) $s[3] - (int) $s[1], (function (string $p): array {
        preg_match_all('/M(\d+) ([\d.]+)H(\d+)/', $p, $m, PREG_SET_ORDER);

        return $m;
    })(Strokes::between(0, 300, 0, 56, fn (float $x): Stroke => Stroke::ofStreak($streak, 1.0)))));
    expect($lengths(0.1))->toBeGreaterThan($lengths(0.01));
});

it('draws each stroke by the generator of ISO C’s example, from a seed of the band’s own', function (): void {
    $at = fn (float $x): Stroke => Stroke::ofStreak(0.02, $x < 130 ? 0.2 : 1.0);
    $seed = 1 + 705; // seven times 100.7, rounded
    $chance = function () use (&$seed): float {
        $seed = (1103515245 * $seed + 12345) % 2 ** 31;

        return $seed / (2 ** 31 - 1);
    };
    $expected = '';
    for ($stroke = 0; $stroke < 38; $stroke++) { // 60 by 40 px², one for each 62
        [$x, $y] = [100.7 + 60 * $chance(), 10 + 3 + 34 * $chance()];
        $of = $at((floor($x / 4) + 0.5) * 4); // as at the middle of its four pixels
        if ($chance() <= 0.04 + 0.9 * $of->contrast) {
            $from = max(101.7, $x - $of->lengthPx / 2);
            $expected .= sprintf('M%.0f %.1fH%.0f', $from, $y, max($from + 1, min(159.7, $from + $of->lengthPx)));
        }
    }
    expect(Strokes::between(100.7, 160.7, 10, 40, $at))->toBe($expected)->and(substr_count($expected, 'M'))->toBeBetween(15, 37);
});
