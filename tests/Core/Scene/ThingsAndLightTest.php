<?php

declare(strict_types=1);

use GentlePour\Kit\Sensor;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Stage;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\Waves;
use GentlePour\Motion\WaveSpectrum;
use GentlePour\Scene\HourLight;
use GentlePour\Scene\Scene;
use GentlePour\Scene\Thing;
use GentlePour\Sky\LightPhase;

it('keeps what stands, draws out what walks at a stroll, and lets a boat swing no further than its chain (by hand)', function (): void {
    // A frame of 12 m at the water; the things are two and a half times as far off.
    $framing = new Framing(new Sensor(36, 24), 36, 12);
    $times = [0.01, 1.0, 4.0, 30.0, 1000.0];
    expect(Thing::Posts->in(Stage::Sea, $framing, 0.25, $times)['streak'])->toBe([0.0, 0.0, 0.0, 0.0, 0.0])
        ->and(Thing::Pier->in(Stage::Sea, $framing, 0.25, $times)['heave'])->toBe(0.0);
    $walker = Thing::Walker->in(Stage::Sea, $framing, 0.25, $times);
    // 1.3 m/s is a common walking pace (common practice); 1.3 x 0.4 / 12 of the frame in a second.
    expect($walker['streak'][1])->toBeWithinShare(1.3 * 0.4 / 12, 1e-3)
        ->and($walker['streak'][2])->toBeWithinShare(4 * 1.3 * 0.4 / 12, 1e-3)->and($walker['streak'][4])->toBe(20.0);
    $boat = Thing::Boat->in(Stage::Sea, $framing, 0.25, $times);
    expect($boat['streak'][1])->toBeWithinShare(0.15 * 0.4 / 12, 1e-3)
        ->and($boat['streak'][3])->toBe($boat['streak'][4])->toBeWithinShare(1.2 * 0.4 / 12, 1e-3)
        ->and($boat['heave'])->toBeWithinShare(0.25 * 0.4 / 12, 1e-3);
    // Grass is nearer, bends with the wind and comes back: no more than its bend is smeared.
    $grass = fn (?float $windMS): array => Thing::Grass->in(Stage::Shore, $framing, 0.0, $times, $windMS)['streak'];
    expect($grass(0.0))->toBe([0.0, 0.0, 0.0, 0.0, 0.0])->and($grass(10.0)[4])->toBe($grass(10.0)[1])->toBeWithinShare(0.12 * 2 / 12, 1e-3)
        ->and($grass(null))->toBe($grass(4.0))->and($grass(10.0)[0])->toBeWithinShare(0.12 * 2 / 12 / 60, 1e-3);
});

it('has a place in the frame for each thing on each stage of open water, and none on a fall', function (Stage $stage): void {
    $framing = new Framing(new Sensor(36, 24), 24, 12);
    foreach (Thing::on($stage) as $thing) {
        ['at' => [$x, $y], 'tall' => $tall] = $thing->in($stage, $framing, 0.1, [1.0]);
        expect($x)->toBeGreaterThanOrEqual(0.0)->toBeLessThan(0.8)->and($y - $tall)->toBeGreaterThan(0.0)
            ->and($y)->toBeLessThanOrEqual($thing === Thing::Grass ? 1.0 : 0.95);
    }
    expect(Thing::on($stage) === [])->toBe(in_array($stage, [Stage::Fall, Stage::Cascade, Stage::Weir], true));
})->with(Stage::cases());

it('is darker by the hour: from day over golden and blue hour to the moon, in sky, foam and deep water (common practice)', function (): void {
    $grey = fn (array $rgb): float => 0.2126 * $rgb[0] + 0.7152 * $rgb[1] + 0.0722 * $rgb[2];
    $lights = array_map(fn (HourLight $light): array => $light->colours(), HourLight::cases());
    foreach (array_slice($lights, 1) as $i => $light) {
        foreach ([fn (array $l): array => $l['sky'][0], fn (array $l): array => $l['foam'], fn (array $l): array => $l['deep']] as $of) {
            expect($grey($of($light)))->toBeLessThan($grey($of($lights[$i])));
        }
    }
    // Warm at the horizon in the golden hour, blue in the blue one; everywhere darker overhead.
    expect($lights[1]['sky'][0][0])->toBeGreaterThan($lights[1]['sky'][0][2])
        ->and($lights[2]['sky'][0][2])->toBeGreaterThan($lights[2]['sky'][0][0]);
    foreach ($lights as ['sky' => [$low, , $high]]) {
        expect($grey($high))->toBeLessThan($grey($low));
    }
});

it('knows the light of every phase of the day', function (): void {
    expect(array_map(fn (LightPhase $phase): string => HourLight::ofPhase($phase)->value, LightPhase::cases()))
        ->toBe(['moon', 'blue', 'blue', 'blue', 'golden', 'day']);
});

it('leaves of the level of a sea what an open time leaves of each wave’s height, which is longer than of its slopes (closed form for one wave)', function (): void {
    $framing = new Framing(new Sensor(36, 24), 24, 12);
    // A spectrum as narrow as may be asked for stands for a single wave of its period, to a twentieth: |sin(pi t / T) / (pi t / T)|.
    $swell = Waves::ofSeas([WaveSpectrum::ofPeriod(10.0, 7.0, 2.0)], $framing);
    foreach ([0.5, 1.0, 2.0, 4.0] as $t) {
        $phase = M_PI * $t / 10;
        expect($swell->levelKept($t))->toBeAbout(sin($phase) / $phase, 0.05)->toBeGreaterThan($swell->textureKept($t));
    }
    expect($swell->levelKept(0.0))->toBe(1.0)->and($swell->levelKept(3600.0))->toBeLessThan(0.02)
        // Two seas add by their squares.
        ->and(Waves::ofSeas([WaveSpectrum::ofPeriod(10.0, 1.0, 3.0), WaveSpectrum::ofPeriod(4.0, 1.0, 4.0)],
            $framing)->significantHeightM())->toBeAbout(5.0, 1e-9);
});

it('gives the drawers the level in a quarter of its significant height, and the drift of foam at the speed of the water in the waves', function (): void {
    $framing = new Framing(new Sensor(36, 24), 36, 10);
    $sea = Waves::ofSeas([WaveSpectrum::ofPeriod(8.0, 3.3, 1.6)], $framing);
    $recipe = Scene::recipe(WaterKind::Swell, $sea, $framing, null, [1.0, 2.0]);
    // Particles at the surface of a deep-water wave move at pi H / T (linear theory; Dean & Dalrymple, ch. 4).
    expect($recipe['level']['sigma_m'])->toBe(0.4)->and($recipe['level']['kept'][0])->toBe(round($sea->levelKept(1.0), 4))
        ->and($recipe['water']['streak'][0])->toBeWithinShare(M_PI * 1.6 / 8 / 10, 1e-4)
        ->and($recipe['water']['streak'][1])->toBeWithinShare(2 * M_PI * 1.6 / 8 / 10, 1e-4)
        ->and($recipe['water']['feature'])->toBe(0.02);
});

it('takes no sea for steeper than a twentieth of its peak wavelength: a lake of a second and a half is no metre high (common practice)', function (): void {
    $framing = new Framing(new Sensor(36, 24), 36, 10);
    $recipe = Scene::recipe(WaterKind::Lake, Waves::ofSeas([WaveSpectrum::ofPeriod(1.5, 3.3, 1.0)], $framing), $framing, null, [1.0]);
    // In deep water the wavelength is g T^2 / (2 pi) (linear theory).
    expect($recipe['level']['sigma_m'])->toBeWithinShare(9.81 * 1.5 ** 2 / (2 * M_PI) / 20 / 4, 5e-3);
});
