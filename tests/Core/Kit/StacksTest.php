<?php

declare(strict_types=1);

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Camera;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\FilterStack;
use GentlePour\Kit\Lens;
use GentlePour\Kit\Mount;
use GentlePour\Kit\Sensor;
use GentlePour\Kit\Stacks;

it('builds stacks by the hard rules of the trade (common practice)', function (): void {
    $pola = Filter::of('Pola', FilterKind::Polariser, Mount::Thread, null, threadMm: 77);
    $twist = Filter::of('Twist', FilterKind::Variable, Mount::Thread, Stops::of(8), lightest: Stops::of(2), threadMm: 77);
    $small = nd('Small', 3, Mount::Thread);
    $names = fn (Bag $bag): array => array_map(fn (FilterStack $s): string => $s->label(), Stacks::of($bag));

    expect(
        $names(bag([nd('Six', 6), nd('Ten', 10), nd('Three', 3)], slots: 2)),
    )->not->toContain('Ten + Six + Three')->toContain('Ten + Six')
        ->and($names(bag([$pola, $twist])))->toBe(['no filter', 'Pola', 'Twist'])
        ->and($names(bag([nd('Six', 6)], slots: 0)))->toBe(['no filter'])
        ->and($names(bag([Filter::of('Grad', FilterKind::Graduated, Mount::Slot, Stops::of(3))])))->toBe(['no filter'])
        ->and($names(bag([Filter::of('Glass', FilterKind::Welding, Mount::Slot, null)])))->toBe(['no filter'])
        ->and($names(bag([$pola, $small])))->toContain('Pola + Small');
});

it('bridges threads upwards with a ring and never downwards', function (): void {
    $at = fn (float $thread): Filter => Filter::of('Screwed', FilterKind::NeutralDensity, Mount::Thread, Stops::of(6), threadMm: $thread);
    $with = fn (Filter $f, array $rings): int => count(Stacks::of(new Bag(bag([])->camera, bag([])->lens, [$f], 0, true, $rings)));

    expect($with($at(77), []))->toBe(2)->and($with($at(82), []))->toBe(1)->and($with($at(82), [[77.0, 82.0]]))->toBe(2)
        ->and($with($at(72), [[77.0, 72.0]]))->toBe(1);
});

it('fits the darkest slotted filter nearest the lens, after the screwed-in polariser', function (): void {
    $stack = FilterStack::of([nd('Three', 3), nd('Ten', 10), Filter::of('Pola', FilterKind::Polariser, Mount::Thread, null)]);

    expect($stack->names())->toBe(['Pola', 'Ten', 'Three'])->and($stack->darkest->value)->toBe(14.5);
});

it('closes the apertures of a zoom between its ends', function (): void {
    $between = fn (float $mm): float => Lens::between(Aperture::named(4), Aperture::named(5.6), 18, 200, $mm)->number;

    expect($between(18))->toBe(4.0)
        ->and($between(200))->toBeAbout(Aperture::named(5.6)->number, 1e-9)
        // Half-way by the logarithm of the focal length is half-way in stops.
        ->and($between(60))->toBeAbout(sqrt(4.0 * Aperture::named(5.6)->number), 1e-9)
        ->and($between(10))->toBe(4.0)
        ->and($between(400))->toBeAbout(Aperture::named(5.6)->number, 1e-9)
        ->and(Lens::between(Aperture::named(4), Aperture::named(5.6), 50, 50, 50)->number)->toBe(4.0);
});

it('keeps film open longer by Schwarzschild’s law: 10 s metered at p = 1.31 are 20.4 s (closed form)', function (): void {
    $film = new Camera(new Sensor(36, 24), Iso::of(100), null, Iso::of(100), ShutterTime::onDial(0), null, 1.31);
    expect($film->reciprocal(10))->toBeAbout(20.42, 0.01)
        ->and($film->reciprocal(0.5))->toBe(0.5)
        ->and($film->unreciprocal($film->reciprocal(10)))->toBeAbout(10.0, 1e-9)
        ->and(fn () => new Camera(new Sensor(36, 24), Iso::of(100), null, Iso::of(100), ShutterTime::onDial(0), null,
            3.0))->toBeRefused('film', 'reciprocity');
});
