<?php

declare(strict_types=1);

use GentlePour\Kit\Sensor;
use GentlePour\Motion\Flow;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\LookTarget;
use GentlePour\Motion\MovingSubject;
use GentlePour\Motion\Picture;
use GentlePour\Motion\ShoreRhythm;
use GentlePour\Motion\WaterKind;

it('finds the time that suits everything in the picture', function (): void {
    $window = Picture::of([lookTarget('backwash', 0.5, 4), lookTarget('swell', 2, 16), lookTarget('clouds', 1, 60)])->meet();

    expect($window?->min->seconds)->toBe(2.0)->and($window?->max->seconds)->toBe(4.0)
        ->and(Picture::of([lookTarget('backwash', 0.5, 4), lookTarget('swell', 2, 16)])->frames())->toHaveCount(1);
});

it('says which pair does not meet and by how many stops, and proposes the fewest frames to blend', function (): void {
    $picture = Picture::of([lookTarget('backwash', 0.25, 1), lookTarget('swell', 4, 16), lookTarget('clouds', 8, 120)]);
    $conflicts = $picture->conflicts();
    $frames = $picture->frames();

    expect($picture->meet())->toBeNull()->and($conflicts)->toHaveCount(2)
        ->and($conflicts[0]->stopsApart())->toBeAbout(3.0, 1e-9)->and($conflicts[0]->longer->name)->toBe('clouds')
        ->and($conflicts[1]->stopsApart())->toBeAbout(2.0, 1e-9)
        ->and($conflicts[0]->sentence())->toContain('3.0 stops apart')->toContain('backwash')
        ->and($frames)->toHaveCount(2)
        ->and(array_map(static fn (LookTarget $w): string => $w->name, $frames[1]['targets']))->toBe(['swell', 'clouds'])
        ->and($frames[1]['window']->min->seconds)->toBe(8.0)->and($frames[1]['window']->max->seconds)->toBe(16.0);
});

it('never proposes a frame that breaks a target, nor more frames than there are targets', function (): void {
    mt_srand(7);
    for ($round = 0; $round < 300; $round++) {
        $targets = array_map(static function (int $i): LookTarget {
            $min = 2 ** (mt_rand(-80, 80) / 10);

            return lookTarget("w{$i}", $min, $min * 2 ** (mt_rand(0, 40) / 10));
        }, range(1, mt_rand(1, 5)));
        $frames = Picture::of($targets)->frames();
        $named = [];
        foreach ($frames as $frame) {
            foreach ($frame['targets'] as $w) {
                $named[] = $w->name;
                expect($w->window->contains($frame['window']->best))->toBeTrue();
            }
        }
        expect(count($named))->toBe(count($targets))->and(count(array_unique($named)))->toBe(count($targets))
            // One frame for each of a set of targets of which no two meet is the least there can be.
            ->and(count($frames) > 1)->toBe(Picture::of($targets)->meet() === null);
    }
});

it('calls a frame one gesture under half a wave, patchy to three, even from five (common practice)', function (): void {
    expect((new ShoreRhythm(2, 8))->words())->toContain('one gesture')
        ->and((new ShoreRhythm(16, 8))->words())->toContain('patchy')
        ->and((new ShoreRhythm(48, 8))->words())->toContain('even')->not->toContain('nearly')
        ->and((new ShoreRhythm(2, 8))->moment(WaterKind::Swell))->toContain('crest')
        ->and((new ShoreRhythm(1, 8))->moment(WaterKind::Backwash))->toContain('4.0 s')
        ->and((new ShoreRhythm(2, 8))->moment(WaterKind::Cascade))->toBeNull();
});

it('moves the aim by the taste and never out of the look', function (): void {
    $framing = new Framing(new Sensor(36, 24), 24, 8);
    $silk = LookBands::of(Flow::of(4, 0.25, $framing), $framing)->band(Look::Silk) ?? throw new LogicException;
    $plain = $silk->window();

    expect($silk->window(0.5)->best->stopsFrom($plain->best)->value)->toBeAbout(0.5, 1e-6)
        ->and($silk->window(2.0)->best->seconds)->toBeWithinShare($plain->max->seconds, 1e-9)
        ->and($silk->window(-2.0)->best->seconds)->toBeWithinShare($plain->min->seconds, 1e-9);
});

it('says what would hold still what stirs, by speed, distance and focal length', function (): void {
    // A circle of confusion of 28.8 micrometres over 1.4 m/s seen at 10 m through 50 mm: 4.1 ms (closed form).
    $framing = new Framing(new Sensor(36, 24), 50, 10);
    expect($framing->sharpSeconds(MovingSubject::PersonWalking->speedMS()))->toBeAbout(0.0288 / (1.4 * 50 / 10), 0.00002);
    $speeds = array_map(static fn (MovingSubject $s): float => $s->speedMS(), MovingSubject::cases());
    expect(min($speeds))->toBeGreaterThan(0.0);
});
