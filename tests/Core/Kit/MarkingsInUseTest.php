<?php

declare(strict_types=1);

use GentlePour\Exposure\FilterMarking;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\ColourCast;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\FilterStack;
use GentlePour\Kit\Mount;

it('reads the table of neutral densities that every handbook has: factor, density and stops of one filter agree', function (
    string $factor, string $density, float $stops,
): void {
    // Handbook tables round the density to a tenth and the stops to a third; each marking is read by its own definition.
    expect(FilterMarking::parse($factor)->stops()->value)->toBeAbout($stops, 0.06);
    expect(FilterMarking::parse($density)->stops()->value)->toBeAbout($stops, 0.06);
    expect(FilterMarking::parse("{$stops} stops")->stops()->value)->toBeAbout($stops, 1e-9);
})->with([
    ['ND2', '0.3', 1],
    ['ND4', '0.6', 2],
    ['ND8', '0.9', 3],
    ['ND16', '1.2', 4],
    ['ND32', '1.5', 5],
    ['ND64', '1.8', 6],
    ['ND128', '2.1', 7],
    ['ND256', '2.4', 8],
    ['ND512', '2.7', 9],
    ['ND1000', '3.0', 10],
    ['ND1024', '3.0', 10],
    ['ND2048', '3.3', 11],
    ['ND4096', '3.6', 12],
    ['ND32768', 'ND 4.5', 15],
]);

it('asks where a marking has two meanings in use', function (string $marking, array $meanings): void {
    $read = FilterMarking::parse($marking);
    $stops = array_map(static fn (array $r): float => round($r['stops']->value, 1), $read->readings());

    expect($read->isAmbiguous())->toBeTrue();
    expect($stops)->toBe($meanings);
    expect($read->sentence())->toEndWith('?');
})->with([
    ['ND 4', [2.0, 4.0]],
    ['ND8', [3.0, 8.0]],
    ['ND16', [4.0, 16.0]],
    ['3', [3.0, 1.6]],
    ['6', [6.0, 2.6]],
    ['10', [10.0, 3.3]],
]);

it('asks nothing where only one meaning can be', function (string $marking): void {
    expect(FilterMarking::parse($marking)->isAmbiguous())->toBeFalse();
})->with(['ND64', 'ND1000', '0.9', 'ND 3.0', '8x', 'x64', '10 stop', '6-stop', '1/3', '12.5 %', '1000']);

it('takes back what it says: stops, factor and density are one number', function (float $stops): void {
    $value = Stops::of($stops);

    expect(Stops::ofDensity($value->density())->value)->toBeAbout($stops, 1e-12);
    expect(Stops::ofFactor(2 ** $stops)->value)->toBeAbout($stops, 1e-12);
    expect($value->density())->toBeAbout($stops * log10(2), 1e-12);
})->with([0.3, 1.0, 2.99, 6.0, 9.6, 10.0, 15.0, 20.0]);

it('names a cast by what the eye sees, and none where it sees nothing', function (float $red, float $blue, ?string $words): void {
    expect(ColourCast::of($red, $blue)->words())->toBe($words);
})->with([
    'neutral' => [0.02, -0.05, null],
    'warm' => [0.4, -0.3, 'warm'],
    'warm by a lack of blue' => [0.0, -0.5, 'warm'],
    'blue' => [-0.3, 0.4, 'blue'],
    'magenta' => [0.3, 0.3, 'magenta'],
    'green' => [-0.4, -0.4, 'green'],
]);

it('refuses a cast that no glass has', function (): void {
    expect(fn () => ColourCast::of(9, 0))->toBeRefused('red', 'cast_red');
    expect(fn () => ColourCast::of(0, NAN))->toBeRefused('blue', 'cast_blue');
});

it('adds up casts and densities of what stands before the lens', function (): void {
    $one = Filter::of('One', FilterKind::NeutralDensity, Mount::Slot, Stops::of(6), cast: ColourCast::of(0.2, -0.1));
    $other = Filter::of('Other', FilterKind::NeutralDensity, Mount::Slot, Stops::of(10), Stops::of(9.6), cast: ColourCast::of(-0.1, 0.4));
    $stack = FilterStack::of([$one, $other]);

    expect($stack->darkest->value)->toBeAbout(15.6, 1e-12);
    expect($stack->cast())->toBeAbout(0.6, 1e-12);
    expect($stack->names())->toBe(['Other', 'One']);
    expect(FilterStack::empty()->cast())->toBe(0.0);
});

it('puts graduated filters outermost and the polariser innermost, in whatever order they are added (common practice)', function (): void {
    $filters = [
        Filter::of('Grad', FilterKind::Graduated, Mount::Slot, Stops::of(2)),
        Filter::of('Six', FilterKind::NeutralDensity, Mount::Slot, Stops::of(6)),
        Filter::of('Pola', FilterKind::Polariser, Mount::Thread, Stops::of(1.5)),
        Filter::of('Ten', FilterKind::NeutralDensity, Mount::Slot, Stops::of(10)),
    ];
    foreach ([[0, 1, 2, 3], [3, 2, 1, 0], [1, 3, 0, 2], [2, 0, 3, 1]] as $order) {
        $stack = FilterStack::of(array_map(static fn (int $i): Filter => $filters[$i], $order));
        expect($stack->names())->toBe(['Pola', 'Ten', 'Six', 'Grad']);
        expect($stack->darkest->value)->toBeAbout(17.5, 1e-12);
    }
});
