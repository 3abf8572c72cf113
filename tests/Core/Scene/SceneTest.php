<?php

declare(strict_types=1);

use GentlePour\Kit\Sensor;
use GentlePour\Motion\Clouds;
use GentlePour\Motion\Flow;
use GentlePour\Motion\Framing;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\Waves;
use GentlePour\Scene\Scene;

it('gives the recipe of a sea: waves of true length, and of each time the share that is left', function (): void {
    $framing = new Framing(new Sensor(36, 24), 24, 12);
    $sea = Waves::ofPeriod(8, $framing);
    $recipe = Scene::recipe(WaterKind::Swell, $sea, $framing, null, [1 / 4096, 1.0, 8.0]);

    expect($recipe['frame_width_m'])->toBe(18.0)->and($recipe['stage'])->toBe('sea')->and($recipe['clouds'])->toBeNull();
    $variance = 0.0;
    foreach ($recipe['water']['bins'] as $bin) {
        expect($bin['kept'][0])->toBeAbout(1.0, 0.001);
        foreach ($bin['waves'] as [$across, $away, $phase, $slope]) {
            $variance += $slope ** 2 / 2;
            // No wave shorter than what counts as texture, none longer than twice the peak's.
            expect(2 * M_PI / hypot($across, $away))->toBeGreaterThan(0.29)->toBeLessThan(4 * 9.80665 * 64 / (2 * M_PI));
        }
    }
    expect($variance)->toBeAbout(1.0, 0.01);
});

it('draws the contrast the core says: the waves of a recipe, summed at many places, have the texture kept', function (): void {
    $framing = new Framing(new Sensor(36, 24), 24, 12);
    $sea = Waves::ofPeriod(6, $framing);
    $times = [1 / 4096, 0.5, 2.0, 6.0];
    $recipe = Scene::recipe(WaterKind::Swell, $sea, $framing, null, $times);
    $spread = [];
    foreach ($times as $t => $_) {
        $sum = $squares = 0.0;
        for ($i = 0; $i < 4000; $i++) {
            [$x, $y] = [fmod($i * 7.317, 400), fmod($i * 3.911, 400)];
            $v = 0.0;
            foreach ($recipe['water']['bins'] as $bin) {
                foreach ($bin['waves'] as [$kx, $ky, $phase, $slope]) {
                    $v += $slope * $bin['kept'][$t] * cos($kx * $x + $ky * $y + $phase);
                }
            }
            $sum += $v;
            $squares += $v * $v;
        }
        $spread[] = sqrt($squares / 4000 - ($sum / 4000) ** 2);
    }
    foreach ($times as $t => $seconds) {
        expect($spread[$t] / $spread[0])->toBeWithinShare($sea->textureKept($seconds), 0.05);
    }
});

it('gives the recipe of a fall: its grain and its streak in shares of the frame', function (): void {
    $framing = new Framing(new Sensor(36, 24), 24, 8);
    $recipe = Scene::recipe(WaterKind::Cascade, Flow::of(4, 0.25, $framing), $framing, Clouds::ofCrossing(0.5, 100), [1.0, 10.0]);

    // 4 m in a frame that is 12 m wide (closed form).
    expect($recipe['water']['streak'][0])->toBeAbout(1 / 3, 1e-4)->and($recipe['water']['feature'])->toBeAbout(0.25 / 12, 1e-4)
        ->and($recipe['water']['along'])->toBe('down')
        ->and($recipe['clouds']['streak'])->toBe([0.005, 0.05])
        ->and($recipe['kept'][0])->toBeAbout(Flow::contrast(16), 1e-4);
});

it('has a stage for every kind of water', function (WaterKind $kind): void {
    $framing = new Framing(new Sensor(36, 24), 35, 20);
    $water = $kind->isWaves() ? Waves::ofPeriod(3, $framing) : Flow::of(2, (float) $kind->featureM(), $framing);
    $recipe = Scene::recipe($kind, $water, $framing, null, [0.1, 1, 10]);

    expect(json_encode($recipe))->toBeString()->not->toContain('null,null')->and($recipe['stage'])->not->toBe('');
})->with(WaterKind::cases());
