<?php

declare(strict_types=1);

use GentlePour\Outing\RunUp;

it('runs up a beach as Stockdon et al. (2006) have it, closed form', function (): void {
    // H 2 m, T 10 s: L0 = 156.1 m, sqrt(H L0) = 17.67 m.
    expect(RunUp::exceededByTwoPercentM(2, 10, 0.1))->toBeAbout(
        1.1 * (0.35 * 0.1 * 17.668 + 0.5 * sqrt(312.2 * (0.563 * 0.01 + 0.004))), 0.005,
    )
        ->and(RunUp::exceededByTwoPercentM(2, 10, 0.02))->toBeAbout(0.043 * 17.668, 0.002)
        ->and(RunUp::exceededByTwoPercentM(2, 10, 0.1, true))->toBe(2 * RunUp::exceededByTwoPercentM(2, 10, 0.1))
        ->and(RunUp::exceededByTwoPercentM(0, 10, 0.1))->toBe(0.0)
        ->and(fn () => RunUp::exceededByTwoPercentM(-1, 10, 0.1))->toBeRefused('wave height');
});

it('takes over the dissipative form where the Iribarren number falls below 0.3, and there alone (Stockdon et al. 2006)', function (): void {
    // H 2 m, T 10 s: sqrt(H/L0) is 0.1132, so that 0.3 is reached at a slope of 0.03396.
    $root = sqrt(2 * 9.80665 * 100 / (2 * M_PI));
    expect(RunUp::exceededByTwoPercentM(2, 10, 0.0339) / $root)->toBeAbout(0.043, 1e-5)
        ->and(RunUp::exceededByTwoPercentM(2, 10, 0.0341) / $root)->toBeAbout(
            1.1 * (0.35 * 0.0341 + 0.5 * sqrt(0.563 * 0.0341 ** 2 + 0.004)), 1e-5,
        )
        ->and(RunUp::exceededByTwoPercentM(0.02, 10, 0.1))->toBeGreaterThan(0.0);
});

it('refuses what is no sea and no shore', function (): void {
    expect(fn () => RunUp::exceededByTwoPercentM(2, 0.5, 0.1))->toBeRefused('period')
        ->and(fn () => RunUp::exceededByTwoPercentM(2, 10, 0.0))->toBeRefused('slope')
        ->and(fn () => RunUp::exceededByTwoPercentM(NAN, 10, 0.1))->toBeRefused('wave height');
});

it('expects the highest of N waves to pass the wave in fifty by sqrt(ln N / ln 50) (Longuet-Higgins 1952)', function (float $periodS): void {
    // The most probable highest of N heights after Rayleigh is sqrt(ln N / 2) of their significant height (Longuet-Higgins 1952).
    $waves = 7200 / $periodS;
    $highestOf = fn (float $n): float => sqrt(log($n) / 2);
    $ratio = RunUp::highestOfStayM(1.5, $periodS, 0.08) / RunUp::exceededByTwoPercentM(1.5, $periodS, 0.08);
    expect($ratio)->toBeAbout($highestOf($waves) / $highestOf(50), 1e-9)->toBeGreaterThan(1.17)->toBeLessThan(1.51);
})->with([4.0, 8.0, 12.0, 30.0]);

it('doubles before a wall, is nothing without waves, and ends at what is over any stand', function (): void {
    expect(RunUp::highestOfStayM(2, 10, 0.1, true))->toBeAbout(2 * RunUp::highestOfStayM(2, 10, 0.1), 1e-9)
        ->and(RunUp::highestOfStayM(0, 10, 0.1))->toBe(0.0)
        ->and(RunUp::highestOfStayM(20, 30, 2, true))->toBe(100.0);
});
