<?php

declare(strict_types=1);

use GentlePour\Exposure\SteppedLight;

it('takes eight times as long for what is left once the sun has gone for three stops (by hand)', function (): void {
    // 8:30 planned; gone after 3:30 for 80 s, of which each counts for an eighth.
    $light = SteppedLight::of([[210.0, -3.0], [290.0, 0.0]]);
    expect($light->openS(510.0))->toBeAbout(510 + 80 * 7 / 8, 1e-9)
        ->and($light->gatheredS(290.0))->toBeAbout(210 + 80 / 8, 1e-9)
        ->and($light->gatheredS(100.0))->toBe(100.0)
        // It never came back: what was left takes eight times as long.
        ->and(SteppedLight::of([[210.0, -3.0]])->openS(510.0))->toBeAbout(210 + 8 * 300, 1e-9)
        // Brighter by a stop from the first second: half the time.
        ->and(SteppedLight::of([[0.0, 1.0]])->openS(60.0))->toBeAbout(30.0, 1e-9)
        // What changes after the end changes nothing.
        ->and(SteppedLight::of([[600.0, -3.0]])->openS(510.0))->toBe(510.0)
        ->and(SteppedLight::of([])->openS(510.0))->toBe(510.0)->and(SteppedLight::SUN_GONE_STOPS)->toBe(-3.0);
});

it('gathers at the end that it names what was wanted, whatever the changes (round trip over random weather)', function (): void {
    mt_srand(11);
    for ($i = 0; $i < 500; $i++) {
        $at = 0.0;
        $changes = [];
        for ($k = mt_rand(0, 8); $k > 0; $k--) {
            $changes[] = [$at += mt_rand(0, 60_000) / 1000, mt_rand(-15, 15) / 3];
        }
        $light = SteppedLight::of($changes);
        $planned = mt_rand(1, 900_000) / 1000;
        $open = $light->openS($planned);
        expect($light->gatheredS($open))->toBeWithinShare($planned, 1e-9)
            ->and($light->stopsOff($open, $planned)->value)->toBeAbout(0.0, 1e-8);
        // A brute sum by milliseconds agrees.
        if ($i % 50 === 0 && $open < 600) {
            $sum = 0.0;
            for ($ms = 0; $ms < $open * 1000; $ms++) {
                $stops = 0.0;
                foreach ($changes as [$from, $value]) {
                    $stops = $from * 1000 <= $ms ? $value : $stops;
                }
                $sum += 2 ** $stops / 1000;
            }
            expect($sum)->toBeAbout($planned, 0.1);
        }
    }
});

it('reads what is sent, and refuses what is not so written', function (): void {
    expect(SteppedLight::read('40.5:-3,120:0')->changes)->toBe([[40.5, -3.0], [120.0, 0.0]])
        ->and(SteppedLight::read('')->changes)->toBe([]);
    expect(fn () => SteppedLight::read('40.5,-3'))->toBeRefused('seconds and stops')
        ->and(fn () => SteppedLight::read('1e9:-3'))->toBeRefused('seconds and stops')
        ->and(fn () => SteppedLight::read('10:-3,5:0'))->toBeRefused('in order')
        ->and(fn () => SteppedLight::read('99999:-3'))->toBeRefused('within the frame')
        ->and(fn () => SteppedLight::read('10:-13'))->toBeRefused('A change of the light')
        ->and(fn () => SteppedLight::of([[NAN, 0.0]]))->toBeRefused('in order')
        ->and(fn () => SteppedLight::of(array_fill(0, 61, [1.0, 0.0])))->toBeRefused('Up to 60');
});

it('says by how many stops a frame is off that was closed too soon, or too late (by hand)', function (): void {
    expect(SteppedLight::of([])->stopsOff(30.0, 60.0)->value)->toBeAbout(-1.0, 1e-12)
        ->and(SteppedLight::of([[0.0, -3.0]])->stopsOff(60.0, 60.0)->value)->toBeAbout(-3.0, 1e-12)
        ->and(SteppedLight::of([])->stopsOff(589.0, 575.0)->value)->toBeAbout(0.035, 0.001);
});
