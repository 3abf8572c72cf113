<?php

declare(strict_types=1);

use GentlePour\Kit\Sensor;
use GentlePour\Motion\Dispersion;
use GentlePour\Motion\Framing;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\Waves;
use GentlePour\Motion\WaveSpectrum;

function seaFraming(): Framing
{
    return new Framing(new Sensor(36, 24), 24, 12);
}

/** The integral of a spectrum times a power of frequency, by the midpoint rule on a fine grid. */
function moment(WaveSpectrum $spectrum, int $order, float $from = 0.02, float $to = 60.0, int $cells = 60000): float
{
    $sum = 0.0;
    $cell = ($to - $from) / $cells;
    for ($i = 0; $i < $cells; $i++) {
        $w = $from + ($i + 0.5) * $cell;
        $sum += $spectrum->density($w) * $w ** $order * $cell;
    }

    return $sum;
}

it('has the wavelengths of the Shore Protection Manual, 1984, table C-1 (values from memory, each satisfying w^2 = g k tanh(k h) below)', function (float $overDeep, float $over): void {
    $period = 8.0;
    $deepLength = 9.80665 * $period ** 2 / (2 * M_PI);
    $depth = $overDeep * $deepLength;

    expect($depth / Dispersion::wavelengthM($period, $depth))->toBeAbout($over, 0.00006)
        // The same, without the solver: d/L0 = d/L tanh(2 pi d/L).
        ->and($over * tanh(2 * M_PI * $over))->toBeAbout($overDeep, 0.00006);
})->with([
    [0.05, 0.0942],
    [0.1, 0.1410],
    [0.2, 0.2251],
    [0.5, 0.5018],
]);

it('solves the dispersion relation of Airy over any depth, to the last digits', function (float $period, float $depth): void {
    $w = 2 * M_PI / $period;
    $k = Dispersion::waveNumber($w, $depth);

    expect(9.80665 * $k * tanh($k * $depth))->toBeWithinShare($w ** 2, 1e-9)
        ->and(Dispersion::radSOfWavelength(2 * M_PI / $k, $depth))->toBeWithinShare($w, 1e-9);
})->with([0.5, 2.0, 8.0, 20.0])->with([0.05, 0.5, 3.0, 40.0, 4000.0]);

it('runs at g T / 2 pi in deep water and at sqrt(g h) in the shallows (closed forms)', function (): void {
    expect(Dispersion::celerityMS(10))->toBeAbout(15.61, 0.005)
        ->and(Dispersion::wavelengthM(10))->toBeAbout(156.1, 0.05)
        ->and(Dispersion::celerityMS(60, 1.0))->toBeWithinShare(sqrt(9.80665), 0.001);
});

it('breaks where the height is 0.78 of the depth (McCowan 1894)', function (): void {
    expect(Dispersion::breakerDepthM(1.56))->toBeAbout(2.0, 1e-12)
        ->and(fn () => Dispersion::breakerDepthM(-1))->toBeRefused('wave height');
});

it('holds a sixteenth of the significant height squared in all (closed form of Pierson-Moskowitz; JONSWAP by the factor of DNV-RP-C205)', function (float $gamma, float $within): void {
    $spectrum = WaveSpectrum::ofPeriod(9, $gamma, 2.5);

    expect(moment($spectrum, 0))->toBeWithinShare(2.5 ** 2 / 16, $within);
})->with([
    'grown sea' => [1.0, 0.0005],
    'wind sea' => [3.3, 0.01],
    'young sea' => [5.0, 0.02],
]);

it('agrees with Goda’s factor for the variance of a JONSWAP sea (Goda, Random Seas, 2010; from memory)', function (float $gamma): void {
    // S = a Hs^2 Tp^-4 f^-5 exp(-1.25 (Tp f)^-4) gamma^...; a = 0.0624 / (0.230 + 0.0336 gamma - 0.185 / (1.9 + gamma)). At the peak, in
    // angular frequency, that is a Hs^2 / wp exp(-1.25) gamma.
    $a = 0.0624 / (0.230 + 0.0336 * $gamma - 0.185 / (1.9 + $gamma));
    $peak = 2 * M_PI / 8;

    expect(WaveSpectrum::ofPeriod(8, $gamma, 1.0)->density($peak))->toBeWithinShare($a / $peak * exp(-1.25) * $gamma, 0.02);
})->with([1.0, 2.0, 3.3, 5.0]);

it('has its peak at the peak, enhanced over a fully grown sea (Hasselmann et al. 1973)', function (): void {
    $wind = WaveSpectrum::ofPeriod(8, 3.3, 1.0);
    $grown = WaveSpectrum::ofPeriod(8, WaveSpectrum::GROWN_SEA, 1.0);
    $peak = 2 * M_PI / 8;

    expect($wind->density($peak))->toBeGreaterThan($wind->density(0.97 * $peak))->toBeGreaterThan($wind->density(1.03 * $peak))
        ->and($wind->density($peak) / $grown->density($peak))->toBeWithinShare(3.3 * (1 - 0.287 * log(3.3)), 1e-9)
        // Closed form of the peak: 5/16 Hs^2 / wp e^-1.25.
        ->and($grown->density($peak))->toBeWithinShare(5 / 16 / $peak * exp(-1.25), 1e-9);
});

it('has the second moment of Pierson-Moskowitz in closed form: m2 = Hs^2 wp^2 sqrt(5 pi / 4) / 16', function (): void {
    // Integral of 5/16 Hs^2 wp^4 w^-3 exp(-1.25 (wp/w)^4): with u = 1.25 (wp/w)^4 it is a gamma function of one half.
    $grown = WaveSpectrum::ofPeriod(8, WaveSpectrum::GROWN_SEA, 2.0);
    $peak = 2 * M_PI / 8;
    expect(moment($grown, 2, 0.02, 400.0, 400000))->toBeWithinShare(4 / 16 * $peak ** 2 * sqrt(1.25 * M_PI), 0.002);
});

it('adds swell and wind chop: the long sea alone keeps most, the chop takes texture away first', function (): void {
    $swell = WaveSpectrum::ofPeriod(12, 3.3, 1.5);
    $chop = WaveSpectrum::ofPeriod(2.5, 3.3, 0.4);
    $both = Waves::ofSeas([$swell, $chop], seaFraming());
    [$long, $short] = [Waves::ofSeas([$swell], seaFraming()), Waves::ofSeas([$chop], seaFraming())];
    foreach ([0.25, 1.0, 4.0] as $t) {
        expect($both->textureKept($t))->toBeLessThan($long->textureKept($t))->toBeGreaterThan($short->textureKept($t));
    }
    expect($both->waves(24))->toBeAbout(2.0, 1e-9);
});

it('agrees for two seas over a shallow bed with a finer quadrature of its own', function (float $seconds): void {
    $seas = [WaveSpectrum::ofPeriod(9, 3.3, 1.2), WaveSpectrum::ofPeriod(3, 1.0, 0.5)];
    $cutoff = Dispersion::radSOfWavelength(0.3, 4.0);
    $cells = 40000;
    $kept = $all = 0.0;
    $from = M_PI / 9;
    for ($i = 0; $i < $cells; $i++) {
        $w = $from + ($i + 0.5) * ($cutoff - $from) / $cells;
        // The wave number by bisection, apart from the solver.
        [$low, $high] = [1e-6, 50.0];
        for ($j = 0; $j < 60; $j++) {
            $k = ($low + $high) / 2;
            9.80665 * $k * tanh($k * 4.0) < $w ** 2 ? $low = $k : $high = $k;
        }
        $slope = ($seas[0]->density($w) + ($w >= M_PI / 3 ? $seas[1]->density($w) : 0)) * $low ** 2;
        $x = $w * $seconds / 2;
        $all += $slope;
        $kept += $slope * (sin($x) / $x) ** 2;
    }
    expect(Waves::ofSeas($seas, seaFraming(), 0.3, 4.0)->textureKept($seconds))->toBeWithinShare(sqrt($kept / $all), 0.02);
})->with([0.3, 2.0, 15.0]);

it('splits a sea into bins that add up to the texture kept, at every time', function (): void {
    $sea = Waves::ofPeriod(8, seaFraming());
    $times = [1 / 4000, 0.5, 2.0, 8.0, 60.0, 1800.0];
    $bins = $sea->bins(20, $times);
    expect(array_sum(array_column($bins, 'weight')))->toBeAbout(1.0, 1e-9)->and(count($bins))->toBeLessThanOrEqual(20)->toBeGreaterThan(14);
    foreach ($times as $i => $t) {
        $sum = array_sum(array_map(static fn (array $b): float => $b['weight'] * $b['kept'][$i] ** 2, $bins));
        expect(sqrt($sum))->toBeWithinShare($sea->textureKept($t), 1e-6);
    }
});

it('slows waves in the shallows, so that they cross the frame more slowly', function (): void {
    expect(Waves::ofSeas([WaveSpectrum::ofPeriod(8)], seaFraming(), 0.3, 1.0)->speedMS())->toBeAbout(3.07, 0.05)
        ->and(Waves::ofPeriod(8, seaFraming())->speedMS())->toBeAbout(12.49, 0.01);
});

it('refuses seas that cannot be', function (): void {
    expect(fn () => WaveSpectrum::ofPeriod(8, 3.3, 0))->toBeRefused('height', 'significant_height_m')
        ->and(fn () => WaveSpectrum::ofPeriod(NAN))->toBeRefused('period', 'peak_period_s')
        ->and(fn () => WaveSpectrum::ofPeriod(8, 0.5))->toBeRefused('enhancement')
        ->and(fn () => Waves::ofSeas([WaveSpectrum::ofPeriod(8)], seaFraming(), 0.3, -2))->toBeRefused('depth', 'depth_m')
        ->and(fn () => Dispersion::waveNumber(1.0, INF))->toBeRefused('depth');
});

it('knows which waters have a height to fall and which a period', function (): void {
    foreach (WaterKind::cases() as $kind) {
        expect($kind->isWaves() && $kind->falls())->toBeFalse()->and($kind->isOpenSea() && ! $kind->isWaves())->toBeFalse();
    }
});
