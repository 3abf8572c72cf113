<?php

declare(strict_types=1);

use GentlePour\Sky\DayOfSky;
use GentlePour\Sky\Horizontal;
use GentlePour\Sky\Moon;
use GentlePour\Sky\Observer;
use GentlePour\Sky\SkyEvent;

// Days on which sun or moon is up, or down, for minutes only, less than lies between two looks at it: the latitude is chosen so that its
// upper limb stands a hair over the horizon at its turn, and what is found is held against a look each second.

/** @return array{callable(Observer, float): float, float, SkyEvent, SkyEvent} height of the upper limb, how far apart the looks are, its events */
function limbOf(string $body): array
{
    $height = static fn (Horizontal $h, float $radiusKm): float => $h->altitudeDeg + 34 / 60 + rad2deg(asin($radiusKm / $h->distanceKm));

    return $body === 'sun'
        ? [static fn (Observer $o, float $unix): float => $height($o->sun($unix), 695700.0), 600.0, SkyEvent::Sunrise, SkyEvent::Sunset]
        : [static fn (Observer $o, float $unix): float => $height($o->moon($unix), Moon::RADIUS_KM), 2400.0, SkyEvent::Moonrise, SkyEvent::Moonset];
}

/**
 * Where the limb turns at so high, highest or lowest, and when.
 *
 * @return array{Observer, float}
 */
function grazing(string $body, bool $highest, float $about, float $wantedDeg, float $from, float $to): array
{
    [$limb] = limbOf($body);
    $sign = $highest ? 1 : -1;
    [$low, $high] = [$about - 2, $about + 2];
    for ($i = 0; $i < 40; $i++) {
        $observer = new Observer(($low + $high) / 2, 10.0);
        // Golden section: within some hours of its turn the height has one extreme.
        [$a, $b] = [$from, $to];
        while ($b - $a > 1) {
            [$c, $d] = [$b - ($b - $a) / 1.618034, $a + ($b - $a) / 1.618034];
            $sign * $limb($observer, $c) > $sign * $limb($observer, $d) ? $b = $d : $a = $c;
        }
        $turn = ($a + $b) / 2;
        // Further north a winter's noon is lower, and a summer's midnight higher.
        ($limb($observer, $turn) > $wantedDeg) === $highest ? $low = $observer->latitude : $high = $observer->latitude;
    }

    return [$observer, $turn];
}

// In December the sun of 66 to 68 degrees north, in June its midnight; the moon of the standstill of 2025 at its lowest and highest.
$days = [
    'a short winter day' => ['sun', true, 67.4, '2026-12-20 08:00', '2026-12-20 15:00'],
    'a short summer night' => ['sun', false, 65.7, '2026-06-20 20:00', '2026-06-21 02:00'],
    'a low moon' => ['moon', true, 62.0, '2026-03-10 00:00', '2026-03-10 10:00'],
    'a moon that hardly sets' => ['moon', false, 61.2, '2026-03-23 21:00', '2026-03-24 08:00'],
];

it('finds rise and set of what is up, or down, for a fraction of the time between two looks', function (
    string $body, bool $highest, float $about, string $from, string $to, float $share,
): void {
    [$limb, $stepS, $rises, $sets] = limbOf($body);
    // How far over the horizon a body turns that crosses it half a share of a step from its turn: h'' of about 0.37 w², sine by sine.
    $sine = (2 * M_PI * $share * $stepS / 2 / 86400) ** 2 / 2 * 0.37;
    [$observer, $turn] = grazing($body, $highest, $about, ($highest ? 1 : -1) * rad2deg($sine), (float) strtotime($from.' UTC'), (float) strtotime($to.' UTC'));
    $sign = $highest ? 1 : -1;
    expect($sign * $limb($observer, $turn))->toBeGreaterThan(0.0);
    $crossed = static function (float $way) use ($limb, $observer, $turn, $sign): float {
        for ($s = 0; $sign * $limb($observer, $turn + $way * $s) > 0; $s++) {
        }

        return $turn + $way * $s;
    };
    [$before, $after] = [$crossed(-1), $crossed(1)];
    expect($after - $before)->toBeLessThan($stepS)->toBeGreaterThan(0.2 * $share * $stepS);
    // Wherever its turn falls between two looks: in the midst of a day, in the first step of it and in the last.
    foreach ([0.0, 0.21, 0.5, 0.83] as $off) {
        foreach ([[-20, 21], [0, 30], [-1, 30], [-30, 1], [-30, 2]] as [$first, $last]) {
            $from = min($turn + ($first - $off) * $stepS, $before - 1);
            $to = max($turn + ($last - $off) * $stepS, $after + 1);
            $sky = DayOfSky::between($observer, $from, $to);
            expect($sky->at($highest ? $rises : $sets))->toBeAbout($before, 1.1, "{$first} {$last} {$off}")
                ->and($sky->at($highest ? $sets : $rises))->toBeAbout($after, 1.1);
        }
    }
})->with($days)->with([0.05, 0.3, 0.8]);

it('finds none where it stays a hair below, or above', function (string $body, bool $highest, float $about, string $from, string $to): void {
    [, $stepS, $rises, $sets] = limbOf($body);
    [$observer, $turn] = grazing($body, $highest, $about, $highest ? -0.001 : 0.001, (float) strtotime($from.' UTC'), (float) strtotime($to.' UTC'));
    foreach ([0.0, 0.4, 0.7] as $off) {
        $sky = DayOfSky::between($observer, $turn - (8 + $off) * $stepS, $turn + (8 - $off) * $stepS);
        expect($sky->at($rises))->toBeNull()->and($sky->at($sets))->toBeNull();
    }
})->with($days);
