<?php

declare(strict_types=1);

use GentlePour\Exposure\ShutterTime;
use GentlePour\Kit\Sensor;
use GentlePour\Motion\CloudDrift;
use GentlePour\Motion\CloudLook;
use GentlePour\Motion\Clouds;
use GentlePour\Motion\Dispersion;
use GentlePour\Motion\FallsAs;
use GentlePour\Motion\Flow;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBand;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\MovingSubject;
use GentlePour\Motion\MovingWater;
use GentlePour\Motion\Picture;
use GentlePour\Motion\ShoreRhythm;
use GentlePour\Motion\Surf;
use GentlePour\Motion\Texture;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\WaterSpec;
use GentlePour\Motion\Waves;
use GentlePour\Motion\WaveSpectrum;

// What a description of water comes to, and the words at every bound. By hand; the bounds are common practice and judgement.

function at24(float $obliqueDeg = 0.0): Framing
{
    return new Framing(new Sensor(36, 24), 24, 12, $obliqueDeg);
}

it('takes flowing water by a float before its speed, its speed before its drop, and its own grain before the usual one', function (): void {
    $flow = fn (WaterKind $kind, mixed ...$said): MovingWater => (new WaterSpec($kind, ...$said))->in(at24());
    expect($flow(WaterKind::River, speedMS: 2.0)->speedMS())->toBe(2.0)
        ->and($flow(WaterKind::River, speedMS: 2.0)->featureM())->toBeGreaterThan(0.05)->toBeLessThan(0.2)
        ->and($flow(WaterKind::River, speedMS: 2.0, featureM: 0.6)->featureM())->toBeAbout(0.6, 1e-12)
        ->and($flow(WaterKind::River, speedMS: 2.0, featureM: 0.6)->textureKept(3.0))->toBeAbout(Texture::contrast(10.0), 1e-12)
        ->and($flow(WaterKind::River, speedMS: 2.0, float: [6.0, 4.0])->speedMS())->toBe(1.5)
        ->and($flow(WaterKind::Cascade, speedMS: 2.0, dropM: 5.0)->speedMS())->toBe(2.0)
        ->and($flow(WaterKind::Weir, dropM: 5.0)->speedMS())->toBeAbout(sqrt(2 * 9.80665 * 5), 1e-4)
        ->and($flow(WaterKind::Plunge, dropM: 5.0)->speedMS())->toBe(Flow::meanSpeed(5.0))
        ->and($flow(WaterKind::River, speedMS: 2.0))->toBeInstanceOf(Flow::class)
        ->and(fn () => $flow(WaterKind::River, dropM: 2.0))->toBeRefused('A river has no drop; give its speed or a timed float.', 'drop_m')
        ->and(fn () => $flow(WaterKind::River))->toBeRefused('The speed of the water', 'speed_m_s')
        ->and(fn () => $flow(WaterKind::River, float: [0.0, 4.0]))->toBeRefused('distance of the float', 'float.distance_m')
        ->and(fn () => $flow(WaterKind::River, float: [4.0, 0.0]))->toBeRefused('time of the float', 'float.seconds')
        ->and(fn () => $flow(WaterKind::River, speedMS: 61.0))->toBeRefused('speed of the water', 'speed_m_s')
        ->and(fn () => $flow(WaterKind::River, speedMS: 2.0, featureM: 99.0))->toBeRefused('between', 'feature_m');
});

it('takes waves by their period, deep and of a metre unless it is said, with a chop only where both heights are known', function (): void {
    $sea = fn (mixed ...$said): Waves => (new WaterSpec(WaterKind::Swell, ...$said))->in(at24());
    expect($sea(periodS: 8.0)->periodS())->toBeAbout(8.0, 1e-9)->and($sea(periodS: 8.0)->depthM())->toBe(Dispersion::DEEP_M)
        ->and($sea(periodS: 8.0, depthM: 3.0)->depthM())->toBe(3.0)
        ->and($sea(periodS: 8.0, shortestWaveM: 2.0)->featureM())->toBe(2.0)->and($sea(periodS: 8.0)->featureM())->toBeAbout(18 / 30, 1e-9)
        ->and($sea(periodS: 8.0, heightM: 2.0, chop: [3.0, 0.5])->textureKept(1.0))
        ->toBeAbout(Waves::ofSeas([WaveSpectrum::ofPeriod(8.0, 3.3, 2.0), WaveSpectrum::ofPeriod(3.0, 3.3, 0.5)], at24())->textureKept(1.0),
            1e-12)
        ->and(fn () => $sea())->toBeRefused('The wave period', 'peak_period_s')
        ->and(fn () => $sea(periodS: 8.0, chop: [3.0, 0.5]))->toBeRefused('significant height of each', 'significant_height_m')
        ->and(fn () => $sea(periodS: 8.0, heightM: 1.0, chop: [99.0, 0.5]))->toBeRefused('period', 'chop.peak_period_s')
        ->and((new WaterSpec(WaterKind::Swell, heightM: 1.56))->breakerDepthM())->toBeAbout(2.0, 1e-9)
        ->and((new WaterSpec(WaterKind::Swell))->breakerDepthM())->toBeNull()
        ->and((new WaterSpec(WaterKind::River, heightM: 1.0))->breakerDepthM())->toBeNull();
});

it('knows of each water how it falls, the sizes of its texture and whether it comes in waves', function (
    WaterKind $kind, ?FallsAs $falls, ?array $sizes, bool $waves,
): void {
    expect([$kind->fallsAs(), $kind->falls(), $kind->sizesM(), $kind->isOpenSea(), $kind->comesInWaves()])
        ->toBe([$falls, $falls !== null, $sizes, $sizes === null, $waves]);
})->with([
    [WaterKind::Surf, null, [0.08, 1.0], true], [WaterKind::Swell, null, null, true], [WaterKind::Chop, null, null, true],
    [WaterKind::Lake, null, null, true], [WaterKind::Backwash, null, [0.05, 0.5], true], [WaterKind::Foam, null, [0.01, 0.2], false],
    [WaterKind::Plunge, FallsAs::Curtain, [0.08, 1.5], false], [WaterKind::Cascade, FallsAs::Curtain, [0.05, 1.0], false],
    [WaterKind::Weir, FallsAs::Sheet, [0.05, 0.6], false], [WaterKind::Rapid, null, [0.08, 1.0], false],
    [WaterKind::River, null, [0.01, 0.2], false],
]);

it('keeps of many sizes what each keeps, in squares, by how well the frame shows it (summed by hand)', function (float $leastM, float $mostM, float $carriedM): void {
    // at24: 18 m wide, so that 60 cm is what is seen best; what is smaller than 5.8 cm cannot be seen.
    $texture = Texture::between($leastM, $mostM, at24());
    $least = max($leastM, 4 * hypot(36, 24) / 1500 * 12 / 24);
    [$kept, $all, $logs] = [0.0, 0.0, 0.0];
    for ($i = 0; $i < 24; $i++) {
        $size = $least * ($mostM / $least) ** (($i + 0.5) / 24);
        $weight = exp(-log($size / 0.6) ** 2 / (2 * log(2.5) ** 2));
        $n = $carriedM / $size;
        $kept += $weight * 2 * ($n - 1 + exp(-$n)) / $n ** 2;
        $logs += $weight * log($size);
        $all += $weight;
    }
    expect($texture->kept($carriedM))->toBeAbout(sqrt($kept / $all), 1e-9)->and($texture->sizeM())->toBeAbout(exp($logs / $all), 1e-9);
})->with([[0.08, 1.5, 0.5], [0.08, 1.5, 20.0], [0.01, 0.2, 3.0], [0.5, 0.6, 0.1]]);

it('has a texture also where every size is far from what the frame shows best, and where none can be seen', function (): void {
    $cliff = new Framing(new Sensor(36, 24), 10, 20000);
    $macro = new Framing(new Sensor(36, 24), 2000, 0.2);
    foreach ([$cliff, $macro] as $framing) {
        $texture = Texture::between(0.08, 1.5, $framing);
        expect($texture->kept(0.0))->toBeAbout(1.0, 1e-9)
            ->and($texture->kept(1e6))->toBeGreaterThan(0.0)->toBeLessThan(0.05 * sqrt($texture->sizeM()));
    }
    expect(Texture::between(0.08, 1.5, $cliff)->sizeM())->toBeAbout($cliff->visibleDetailM(), 1e-6)
        ->and(Texture::between(0.08, 1.5, $macro)->sizeM())->toBeLessThan(0.1)
        ->and(fn () => Texture::between(0.0, 1.0, $cliff))->toBeRefused('size of the texture', 'feature_m')
        ->and(fn () => Texture::between(0.1, 21.0, $cliff))->toBeRefused('size of the texture', 'feature_m')
        ->and(fn () => Texture::ofOne(NAN, $cliff))->toBeRefused('size of the texture', 'feature_m');
});

it('carries the foam of surf with the bore and whitens the rocks with each wave: by hand from its parts', function (): void {
    // H = 0.78 m breaks over one metre: the bore runs at sqrt(g), 3.13 m/s.
    $foam = Texture::ofOne(0.5, at24());
    $surf = Surf::of(8.0, 0.78, $foam);
    expect($surf->speedMS())->toBeAbout(sqrt(9.80665), 1e-9)->and($surf->featureM())->toBeAbout(0.5, 1e-12)
        ->and($surf->waves(12.0))->toBe(1.5)
        ->and($surf->textureKept(2.0))
        ->toBeAbout(sqrt(0.92 * Texture::contrast(2 * sqrt(9.80665) / 0.5) ** 2 + 0.08 * Texture::contrast(0.5) ** 2), 1e-9)
        ->and($surf->textureKept(0.0))->toBe(1.0)
        ->and(fn () => Surf::of(0.2, 1.0, $foam))->toBeRefused('wave period', 'peak_period_s')
        ->and(fn () => Surf::of(8.0, 21.0, $foam))->toBeRefused('wave height', 'significant_height_m');
});

it('says of each water what it guesses: speed of a flow, period of waves, and of surf the height too', function (): void {
    $guessed = fn (WaterKind $kind, mixed ...$said): array => (new WaterSpec($kind, ...$said))->guessed();
    expect($guessed(WaterKind::Surf))->toBe(['peak_period_s', 'significant_height_m'])
        ->and($guessed(WaterKind::Surf, periodS: 7.0))->toBe(['significant_height_m'])
        ->and($guessed(WaterKind::Surf, heightM: 2.0))->toBe(['peak_period_s'])->and($guessed(WaterKind::Swell))->toBe(['peak_period_s'])
        ->and($guessed(WaterKind::Swell, periodS: 7.0))->toBe([])->and($guessed(WaterKind::Plunge, dropM: 3.0))->toBe([])
        ->and($guessed(WaterKind::River))->toBe(['speed_m_s'])->and($guessed(WaterKind::River, float: [3.0, 2.0]))->toBe([])
        ->and((new WaterSpec(WaterKind::Surf, periodS: 7.0))->orUsual()->heightM)->toBe(1.0)
        ->and((new WaterSpec(WaterKind::Surf, periodS: 7.0))->orUsual()->periodS)->toBe(7.0)
        ->and((new WaterSpec(WaterKind::Surf, heightM: 2.0))->orUsual()->periodS)->toBe(8.0)
        ->and((new WaterSpec(WaterKind::Swell))->orUsual()->heightM)->toBeNull();
    foreach (WaterKind::cases() as $kind) {
        expect((new WaterSpec($kind))->isMeasured())->toBeFalse()->and((new WaterSpec($kind))->orUsual()->isMeasured())->toBeTrue()
            ->and((new WaterSpec($kind))->orUsual()->in(at24())->textureKept(1.0))->toBeGreaterThan(0.0);
    }
});

it('says of a shore what so many waves make of it, and when to open', function (float $waves, string $words, ?string $moment): void {
    $rhythm = new ShoreRhythm(8 * $waves, 8);
    expect($rhythm->words())->toBe($words)->and($rhythm->moment(WaterKind::Swell))->toBe($moment)
        ->and($rhythm->moment(WaterKind::River))->toBeNull()
        ->and($rhythm->moment(WaterKind::Backwash))->toContain('about 4.0 s, half the period');
})->with([
    [0.499, 'one gesture: the moment of opening is the picture', 'Open as the crest stands up, or at the top of the uprush.'],
    [0.5, 'most of one wave', 'Open on the biggest wave of a set, at its crest.'],
    [0.999, 'most of one wave', 'Open on the biggest wave of a set, at its crest.'],
    [1.0, 'patchy: each wave leaves its own edge', 'Open on the biggest wave of a set, at its crest.'],
    [2.999, 'patchy: each wave leaves its own edge', 'Open on the biggest wave of a set, at its crest.'],
    [3.0, 'patchy: each wave leaves its own edge', 'Waves come in groups: let a whole set into the frame.'],
    [3.001, 'nearly even', 'Waves come in groups: let a whole set into the frame.'],
    [4.999, 'nearly even', 'Waves come in groups: let a whole set into the frame.'],
    [5.0, 'even: the waves blend into one edge', null],
]);

it('drifts clouds at the speed that wind, height and bearing give, and refuses what no sky has', function (): void {
    $wind = fn (float $speed, float $base, float $up, float $across): Clouds => Clouds::ofWind($speed, $base, $up, $across, 24, 36);
    // 24 mm over 36 mm of 10 m/s over 1000 m: at 30 degrees up sin is a half.
    expect($wind(10, 1000, 30, 1.0)->sharePerSecond)->toBeAbout(24 / 36 * 0.01 * 0.5, 1e-12)
        ->and($wind(10, 1000, 30, 0.0)->sharePerSecond)->toBeAbout(24 / 36 * 0.01 * 0.25, 1e-12)
        // In between the parts add as components: 0.6 across and 0.8 along.
        ->and($wind(10, 1000, 30, 0.6)->sharePerSecond)->toBeAbout(24 / 36 * 0.01 * hypot(0.6 * 0.5, 0.8 * 0.25), 1e-12)
        ->and(Clouds::ofCrossing(0.25, 50)->sharePerSecond)->toBe(0.005)
        ->and(Clouds::ofCrossing(1.0, 0.5)->sharePerSecond)->toBe(2.0)
        ->and(Clouds::ofCrossing(0.005, 7200)->sharePerSecond)->toBeGreaterThan(0.0)
        ->and(fn () => $wind(121, 1000, 30, 1.0))->toBeRefused('speed of the clouds', 'speed_m_s')
        ->and(fn () => $wind(10, 49, 30, 1.0))->toBeRefused('height of the clouds', 'base_m')
        ->and(fn () => $wind(10, 1000, 91, 1.0))->toBeRefused('elevation', 'elevation_deg')
        ->and(fn () => $wind(10, 1000, 30, 1.1))->toBeRefused('share across', 'across')
        ->and(fn () => Clouds::ofCrossing(1.01, 50))->toBeRefused('share of the frame', 'frame_share')
        ->and(fn () => Clouds::ofCrossing(0.004, 50))->toBeRefused('share of the frame', 'frame_share')
        ->and(fn () => Clouds::ofCrossing(0.25, 7201))->toBeRefused('time of the crossing', 'seconds');
    expect(array_map(fn (CloudDrift $d): float => $d->across(), CloudDrift::cases()))->toBe([1.0, 0.7, 0.0]);
    // A twelfth of the frame leaves two thirds of an edge's contrast, a sixth half.
    expect(Clouds::ofCrossing(0.5, 60)->contrastKept(10))->toBeAbout(2 / 3, 1e-12)
        ->and(Clouds::ofCrossing(0.5, 60)->contrastKept(20))->toBeAbout(0.5, 1e-12);
});

it('aims at each look of the clouds inside of its band, and where a band is open from 1/4000 s or for two stops', function (): void {
    $window = fn (CloudLook $look): array => [Clouds::ofCrossing(0.3, 100)->window($look)->min->seconds,
        Clouds::ofCrossing(0.3, 100)->window($look)->max->seconds];
    // 0.003 of the frame a second.
    expect($window(CloudLook::Still))->toBe([2 ** -12, 1.0])->and($window(CloudLook::Soft))->toEqualWithDelta([1.0, 10.0], 1e-9)
        ->and($window(CloudLook::Streaked))->toEqualWithDelta([10.0, 0.25 / 0.003], 1e-9)
        ->and($window(CloudLook::Sheet))->toEqualWithDelta([0.25 / 0.003, 4 * 0.25 / 0.003], 1e-9)
        ->and(array_map(fn (float $s): CloudLook => CloudLook::ofShare($s), [0.0029, 0.003, 0.0299, 0.03, 0.2499, 0.25]))
        ->toBe([CloudLook::Still, CloudLook::Soft, CloudLook::Soft, CloudLook::Streaked, CloudLook::Streaked, CloudLook::Sheet]);
    // Clouds that hardly move are still for a day, and no look asks for longer than that.
    expect(Clouds::ofWind(0.1, 16000, 1, 0.0, 10, 36)->window(CloudLook::Sheet)->max->seconds)->toBe(ShutterTime::LONGEST_S);
});

it('holds its own beginning and not its end, and knows the look at any time', function (): void {
    $band = new LookBand(Look::Silk, 1.0, 2.0);
    expect([$band->holds(0.99), $band->holds(1.0), $band->holds(1.99), $band->holds(2.0)])->toBe([false, true, true, false])
        ->and((new LookBand(Look::Held, null, 2.0))->holds(0.0))->toBeTrue()
        ->and((new LookBand(Look::Glass, 2.0, null))->holds(1e9))->toBeTrue();
    $bands = LookBands::of(Flow::of(2.0, 0.25, at24()), at24());
    foreach ($bands->bands as $one) {
        expect($bands->at($one->minS ?? 1e-9)->look)->toBe($one->look)->and($bands->band($one->look))->toBe($one);
    }
    expect(array_map(fn (LookBand $b): string => $b->look->value, $bands->bands))
        ->toBe(['held', 'lively', 'brushed', 'silk', 'mist', 'glass'])
        ->and($bands->at(NAN)->look)->toBe(Look::Glass)
        ->and(array_map(fn (Look $l): ?float => $l->leastTexture(), Look::cases()))->toBe([null, 0.80, 0.45, 0.20, 0.07, 0.0]);
    // Every bound is where the texture kept falls to the look's least, to a part in a million.
    foreach (['lively' => 0.80, 'brushed' => 0.45, 'silk' => 0.20, 'mist' => 0.07] as $look => $least) {
        expect(Flow::of(2.0, 0.25, at24())->textureKept((float) $bands->band(Look::from($look))?->maxS))->toBeAbout($least, 1e-6);
    }
});

it('skips the looks that a water passes before anything looks moved', function (): void {
    // A grain that is smaller than a circle of confusion moves by many grains before it looks moved.
    $framing = new Framing(new Sensor(36, 24), 24, 100);
    $water = new class implements MovingWater
    {
        public function textureKept(float $seconds): float
        {
            return $seconds < 0.5 ? 0.5 : 0.1;
        }

        public function speedMS(): float
        {
            return 0.2;
        }

        public function featureM(): float
        {
            return 0.1;
        }

        public function waves(float $seconds): ?float
        {
            return null;
        }
    };
    $held = $framing->sharpSeconds(0.2);
    $bands = LookBands::of($water, $framing);
    expect($held)->toBeGreaterThan(0.5)
        ->and(array_map(fn (LookBand $b): string => $b->look->value, $bands->bands))->toBe(['held', 'mist', 'glass'])
        ->and($bands->band(Look::Silk))->toBeNull()
        ->and($bands->bands[1]->minS)->toBe($held)->and($bands->bands[1]->maxS)->toBeGreaterThan(1e5);
});

it('draws a streak by speed, time, lens and distance, shorter for what runs at an angle, and as a share of the side it runs along', function (): void {
    // 24 mm over 12 m: a metre is 2 mm; at 60 degrees towards the camera it is half.
    expect(at24()->streakMm(3.0, 0.5))->toBeAbout(3.0, 1e-12)->and(at24(60)->streakMm(3.0, 0.5))->toBeAbout(1.5, 1e-12)
        ->and(at24()->streakShare(WaterKind::River, 3.0, 0.5))->toBeAbout(3 / 36, 1e-12)
        ->and(at24()->streakShare(WaterKind::Plunge, 3.0, 0.5))->toBeAbout(3 / 24, 1e-12)
        ->and(at24()->sharpSeconds(0.0))->toBeGreaterThan(1e6)
        ->and(fn () => new Framing(new Sensor(36, 24), 24, 12, 91))->toBeRefused('between', 'oblique_deg')
        ->and(fn () => new Framing(new Sensor(36, 24), 24, 0))->toBeRefused('distance', 'distance_m')
        ->and(fn () => new Framing(new Sensor(36, 24), 0, 12))->toBeRefused('focal', 'focal_length_mm')
        ->and(array_map(fn (MovingSubject $m): float => $m->speedMS(), MovingSubject::cases()))->toBe([0.3, 1.5, 0.2, 0.05, 1.4, 10.0]);
});

it('finds the pairs that do not meet, the earlier first, the widest apart first, and never a target against itself', function (): void {
    $picture = Picture::of([lookTarget('fall', 1, 2), lookTarget('cloud', 100, 200), lookTarget('leaf', 0.01, 0.04),
        lookTarget('also', 1.5, 3)]);
    expect(array_map(fn ($c): array => [$c->shorter->name, $c->longer->name], $picture->conflicts()))->toBe([
        ['leaf', 'cloud'], ['fall', 'cloud'], ['leaf', 'also'], ['also', 'cloud'], ['leaf', 'fall'],
    ])->and($picture->conflicts()[0]->sentence())->toStartWith('Silk for leaf ends at');
    $frames = array_map(fn (array $f): array => array_map(fn ($t): string => $t->name, $f['targets']), $picture->frames());
    expect($frames)->toBe([['leaf'], ['fall', 'also'], ['cloud']])
        ->and($picture->meet())->toBeNull()
        ->and(Picture::of([lookTarget('fall', 1, 2), lookTarget('also', 2, 3)])->conflicts())->toBe([]);
});

it('splits a sea into bins of equal weight that lie end to end over all of it', function (): void {
    $waves = Waves::ofPeriod(8.0, at24());
    $bins = $waves->bins(6, [0.0, 1.0, 4.0]);
    expect($bins)->toHaveCount(6)->and(array_sum(array_column($bins, 'weight')))->toBeAbout(1.0, 1e-9)
        ->and($bins[0]['radS'][0])->toBeAbout(0.5 * 2 * M_PI / 8, 1e-9)
        ->and($bins[5]['radS'][1])->toBeAbout(Dispersion::radSOfWavelength(0.6, Dispersion::DEEP_M), 1e-9);
    foreach ($bins as $i => $bin) {
        expect($bin['weight'])->toBeAbout(1 / 6, 0.05)->and($bin['kept'][0])->toBeAbout(1.0, 1e-9)
            ->and($bin['kept'][2])->toBeLessThan($bin['kept'][1])
            ->and($bin['radS'][1])->toBeGreaterThan($bin['radS'][0]);
        $i === 0 ?: expect($bin['radS'][0])->toBeAbout($bins[$i - 1]['radS'][1], 1e-9);
    }
    expect($waves->textureKept(0.0))->toBe(1.0)->and($waves->textureKept(-1.0))->toBe(1.0)
        ->and($waves->textureKept(1e-6))->toBeAbout(1.0, 1e-9)
        ->and($waves->bins(1, [1.0])[0]['kept'][0])->toBeAbout($waves->textureKept(1.0), 1e-12)
        ->and(fn () => Waves::ofPeriod(8.0, at24(), 0.01))->toBeRefused('shortest wave', 'shortest_wave_m')
        ->and(fn () => Waves::ofSeas([WaveSpectrum::ofPeriod(8.0)], at24(), 0.3, 0.0))->toBeRefused('depth', 'depth_m');
});

it('keeps of one narrow band what the square of sinc leaves: a single wave of 8 s over 2 s keeps 0.9', function (): void {
    // A very peaked sea is nearly one wave: sinc(pi t / T), closed form; the slope weight leans a little to shorter ones.
    $swell = Waves::ofSeas([WaveSpectrum::ofPeriod(8.0, 7.0)], at24(), 90.0);
    foreach ([0.1, 0.5, 2.0] as $seconds) {
        $phase = M_PI * $seconds / 8;
        expect($swell->textureKept($seconds))->toBeAbout(sin($phase) / $phase, 0.01);
    }
});
