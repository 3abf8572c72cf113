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

it('takes the diagonal over 1500 as circle of confusion: 0.029 mm on full frame (common practice)', function (): void {
    expect((new Sensor(36, 24))->circleOfConfusionMm())->toBeAbout(0.0288, 1e-4)
        ->and((new Sensor(23.5, 15.6))->circleOfConfusionMm())->toBeAbout(0.0188, 1e-4);
});

it('lets two pixels matter where they are coarser than the circle of confusion', function (): void {
    expect((new Sensor(36, 24, 1000))->smallestBlurMm())->toBe(0.072)
        ->and((new Sensor(36, 24, 8000))->smallestBlurMm())->toBe((new Sensor(36, 24))->circleOfConfusionMm());
});

it('knows the full-frame equivalent of a focal length', function (): void {
    expect((new Sensor(23.5, 15.6))->fullFrameEquivalentMm(16))->toBeAbout(24.5, 0.1)
        ->and((new Sensor(36, 24))->fullFrameEquivalentMm(35))->toBeAbout(35.0, 1e-9);
});

it('gives an Airy disc of 29.5 micrometres at f/22 for green light: 2.44 lambda N (textbook optics)', function (): void {
    expect(Aperture::of(22)->airyDiscMm())->toBeAbout(0.0295, 1e-4);
});

it('offers every third stop of ISO from extended low to the highest accepted', function (): void {
    $camera = new Camera(new Sensor(36, 24), Iso::of(100), Iso::of(50), Iso::of(400), ShutterTime::onDial(15));

    expect(array_map(fn (Iso $i): string => $i->label(), $camera->isos()))->toBe(
        ['50', '64', '80', '100', '125', '160', '200', '250', '320', '400'],
    );
});

it('offers every third stop of aperture that the lens has', function (): void {
    $lens = new Lens(50, Aperture::named(2.8), Aperture::named(5.6));

    expect(
        array_map(fn (Aperture $a): string => $a->label(), $lens->apertures()),
    )->toBe(['f/2.8', 'f/3.2', 'f/3.5', 'f/4', 'f/4.5', 'f/5', 'f/5.6']);
});

it('refuses kit that cannot be', function (Closure $make, string $sentence): void {
    expect($make)->toBeRefused($sentence);
})->with([
    'sensor of nothing' => [fn () => new Sensor(0, 24), 'sensor width'],
    'sensor without height' => [fn () => new Sensor(36, NAN), 'sensor height'],
    'few pixels' => [fn () => new Sensor(36, 24, 3), 'pixels across'],
    'ISO upside down' => [
        fn () => new Camera(new Sensor(36, 24), Iso::of(200), null, Iso::of(100), ShutterTime::onDial(15)), 'highest ISO',
    ],
    'low ISO above base' => [
        fn () => new Camera(new Sensor(36, 24), Iso::of(100), Iso::of(200), Iso::of(400), ShutterTime::onDial(15)), 'extended low ISO',
    ],
    'lens upside down' => [fn () => new Lens(50, Aperture::named(8), Aperture::named(4)), 'larger f-number'],
    'lens of no length' => [fn () => new Lens(0, Aperture::named(4), Aperture::named(8)), 'focal length'],
    'thread of nothing' => [fn () => new Lens(50, Aperture::named(4), Aperture::named(8), 3), 'thread'],
    'nameless filter' => [fn () => Filter::of(' ', FilterKind::NeutralDensity, Mount::Slot, Stops::of(3)), 'name'],
    'unmarked filter' => [fn () => Filter::of('Grey', FilterKind::NeutralDensity, Mount::Slot, null), 'marking'],
    'filter that brightens' => [fn () => Filter::of('Lamp', FilterKind::NeutralDensity, Mount::Slot, Stops::of(-3)), 'strength'],
    'variable filter upside down' => [
        fn () => Filter::of('Twist', FilterKind::Variable, Mount::Thread, Stops::of(2), lightest: Stops::of(8)), 'lightest first',
    ],
]);

it('refuses two filters of one name, and knows filters by name however it is written', function (): void {
    $six = Filter::of('Six', FilterKind::NeutralDensity, Mount::Slot, Stops::of(6));
    $camera = new Camera(new Sensor(36, 24), Iso::of(100), null, Iso::of(400), ShutterTime::onDial(15));
    $lens = new Lens(24, Aperture::named(4), Aperture::named(22));
    $bag = new Bag($camera, $lens, [$six], 2, true);

    expect($bag->filter(' SIX '))->toBe($six)
        ->and(fn () => $bag->filter('Seven'))->toBeRefused('no filter called')
        ->and(fn () => new Bag($camera, $lens, [$six, $six], 2, true))->toBeRefused('share a name')
        ->and(fn () => new Bag($camera, $lens, [$six], 9, true))->toBeRefused('slots');
});

it('counts what was measured before what is engraved', function (): void {
    $ten = Filter::of('Ten', FilterKind::NeutralDensity, Mount::Slot, Stops::ofFactor(1000), Stops::of(9.6));

    expect($ten->stops()?->value)->toBe(9.6)->and($ten->isMeasured())->toBeTrue()
        ->and(FilterStack::of([$ten])->darkest->value)->toBe(9.6);
});

it('takes a polariser for one and a half stops unless told, and a graduated filter for none (common practice)', function (): void {
    expect(Filter::of('Pola', FilterKind::Polariser, Mount::Thread, null)->stops()?->value)->toBe(1.5)
        ->and(Filter::of('Pola', FilterKind::Polariser, Mount::Thread, Stops::of(2))->stops()?->value)->toBe(2.0)
        ->and(Filter::of('Grad', FilterKind::Graduated, Mount::Slot, Stops::of(3))->stops()?->value)->toBe(0.0)
        ->and(Filter::of('Grad', FilterKind::Graduated, Mount::Slot, Stops::of(3))->setsTheTime())->toBeFalse();
});
