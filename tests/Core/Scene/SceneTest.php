<?php

declare(strict_types=1);

use GentlePour\Kit\Sensor;
use GentlePour\Motion\Clouds;
use GentlePour\Motion\Flow;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Stage;
use GentlePour\Motion\Texture;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\WaterSpec;
use GentlePour\Motion\Waves;
use GentlePour\Scene\HourLight;
use GentlePour\Scene\Scene;
use GentlePour\Scene\Stroke;
use GentlePour\Scene\Thing;

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
        ->and($recipe['kept'][0])->toBeAbout(Texture::contrast(16), 1e-4);
});

it('has a stage for every kind of water', function (WaterKind $kind): void {
    $framing = new Framing(new Sensor(36, 24), 35, 20);
    $water = (new WaterSpec($kind))->orUsual()->in($framing);
    $recipe = Scene::recipe($kind, $water, $framing, null, [0.1, 1, 10]);

    expect(json_encode($recipe))->toBeString()->not->toContain('null,null')->and($recipe['stage'])->not->toBe('');
})->with(WaterKind::cases());

it('rounds its recipe to what a drawing can show, and names it whole', function (): void {
    $framing = new Framing(new Sensor(23.5, 15.6), 35, 11.123456);
    $water = Flow::of(3.3333, 0.123, $framing);
    $times = [1 / 4096, 2 ** (1 / 3), 100.0];
    $recipe = Scene::recipe(WaterKind::River, $water, $framing, Clouds::ofCrossing(1 / 3, 77), $times);
    $widthM = 23.5 * 11.123456 / 35;
    expect($recipe)->toBe([
        'stage' => 'river',
        'aspect' => 1.5064,
        'times' => [0.00024414, 1.2599, 100.0],
        'frame_width_m' => round($widthM, 4),
        'distance_m' => 11.123456,
        'kept' => array_map(fn (float $t): float => round($water->textureKept($t), 4), $times),
        'level' => ['sigma_m' => 0.0, 'kept' => array_map(fn (float $t): float => round($water->textureKept($t), 4), $times)],
        'water' => [
            'kind' => 'flow', 'along' => 'across', 'feature' => (float) sprintf('%.4g', 0.123 / $widthM),
            'streak' => array_map(fn (float $t): float => (float) sprintf('%.5g', 3.3333 * $t / $widthM), $times),
        ],
        'clouds' => ['across' => 1.0, 'streak' => array_map(fn (float $t): float => (float) sprintf('%.4g', $t / 3 / 77), $times)],
        'things' => array_combine(['posts', 'pier', 'walker', 'grass'], array_map(
            fn (Thing $thing): array => $thing->in(Stage::River, $framing, 0.0, $times),
            [Thing::Posts, Thing::Pier, Thing::Walker, Thing::Grass],
        )),
        'lights' => array_combine(['day', 'golden', 'blue', 'moon'],
            array_map(fn (HourLight $light): array => $light->colours(), HourLight::cases())),
    ])->and($recipe['water']['feature'])->toBeFloat();
});

it('throws no dice: a hundred waves whose phases and directions are spread by the golden ratio, the same each time', function (): void {
    $framing = new Framing(new Sensor(36, 24), 24, 12);
    $sea = Waves::ofPeriod(8, $framing);
    $recipe = Scene::recipe(WaterKind::Swell, $sea, $framing, null, [1.0, 4.0]);
    $golden = (sqrt(5) - 1) / 2;
    $bins = $sea->bins(20, [1.0, 4.0]);
    expect($recipe['water']['kind'])->toBe('waves')->and($recipe['water']['bins'])->toHaveCount(20);
    $n = 0;
    foreach ($recipe['water']['bins'] as $b => $bin) {
        expect($bin['waves'])->toHaveCount(5)
            ->and($bin['kept'])->toBe(array_map(fn (float $kept): float => round($kept, 4), $bins[$b]['kept']));
        foreach ($bin['waves'] as $i => [$across, $away, $phase, $slope]) {
            $n++;
            [$from, $to] = $bins[$b]['radS'];
            $k = GentlePour\Motion\Dispersion::waveNumber($from + ($to - $from) * (2 * $i + 1) / 10, $sea->depthM());
            // From 31 degrees on one side of the main direction, 24 from straight towards the camera, to 79 on the other.
            $angle = deg2rad(24 + 55 * (2 * fmod($n * $golden, 1.0) - 1));
            expect($across)->toBe(round($k * sin($angle), 5))->and($away)->toBe(round(-$k * cos($angle), 5))
                ->and($phase)->toBe(round(2 * M_PI * fmod($n * $golden ** 2, 1.0), 4))
                ->and($slope)->toBe(round(sqrt(2 * $bins[$b]['weight'] / 5), 5));
        }
    }
    expect($n)->toBe(100);
});

it('draws a drop as a dot and a streak across the frame as a strand, and each doubling longer (judgement)', function (): void {
    expect(Stroke::ofStreak(0.0, 1.0)->lengthPx)->toBe(1.2)->and(Stroke::ofStreak(1e-6, 1.0)->lengthPx)->toBe(1.2)
        ->and(Stroke::ofStreak(1.0, 0.3)->lengthPx)->toBe(90.0)->and(Stroke::ofStreak(1.0, 0.3)->contrast)->toBe(0.3)
        ->and(Stroke::ofStreak(0.1, 0.5)->lengthPx)->toBeAbout(170 * 0.1 ** 0.6, 1e-9)
        ->and(Stroke::ofStreak(0.2, 0.5)->lengthPx / Stroke::ofStreak(0.1, 0.5)->lengthPx)->toBeAbout(2 ** 0.6, 1e-9)
        ->and(Stroke::ofTexture(1.0)->lengthPx)->toBe(4.0)->and(Stroke::ofTexture(0.0)->lengthPx)->toBe(64.0)
        ->and(Stroke::ofTexture(0.5)->lengthPx)->toBe(19.0)->and(Stroke::ofTexture(0.5)->contrast)->toBe(0.5);
});
