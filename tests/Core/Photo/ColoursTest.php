<?php

declare(strict_types=1);

use GentlePour\InvalidValue;
use GentlePour\Photo\ColourSpace;
use GentlePour\Photo\Levels;
use GentlePour\Photo\ToneCurve;

// What levels stand for. Against Little CMS in tests/Feature/Log/ColoursTest.php, with the profiles that it was given.

/** @return array{int, int, int} */
function channelsOf(int $pixel): array
{
    return [$pixel >> 16 & 255, $pixel >> 8 & 255, $pixel & 255];
}

it('reckons each kind of curve by its formula (ICC.1:2022, table 68, by hand at level 51, a fifth, and at level 204)', function (ToneCurve $curve, float $low, float $high): void {
    expect($curve->light)->toHaveCount(256)->and($curve->light[51])->toBeAbout($low, 1e-9)->and($curve->light[204])->toBeAbout($high, 1e-9);
})->with([
    'a power' => [fn () => ToneCurve::gamma(2.0), 0.04, 0.64],
    'the light itself' => [fn () => ToneCurve::gamma(1.0), 0.2, 0.8],
    // (0.5 · 0.2 − 0.1)² is at the very foot; (0.5 · 0.8 − 0.1)² = 0.09.
    'with a foot' => [fn () => ToneCurve::parametric(1, [2.0, 0.5, -0.1]), 0.0, 0.09],
    'with a foot that is lifted' => [fn () => ToneCurve::parametric(2, [2.0, 0.5, -0.2, 0.3]), 0.3, 0.34],
    'straight below d' => [fn () => ToneCurve::parametric(3, [2.0, 1.0, 0.0, 0.5, 0.4]), 0.1, 0.64],
    'straight up to d, which is the power’s' => [fn () => ToneCurve::parametric(3, [2.0, 1.0, 0.0, 0.5, 0.2]), 0.04, 0.64],
    'of seven' => [fn () => ToneCurve::parametric(4, [2.0, 1.0, 0.0, 0.5, 0.4, 0.1, 0.2]), 0.3, 0.74],
    'a table' => [fn () => ToneCurve::table([0.0, 0.5, 1.0]), 0.2, 0.8],
    // A fifth of the way over five steps is the second value; four fifths the fifth.
    'a table of six' => [fn () => ToneCurve::table([0.0, 0.3, 0.35, 0.4, 0.9, 1.0]), 0.3, 0.9],
    'a table between its values' => [fn () => ToneCurve::table([0.0, 0.1, 0.9, 1.0]), 0.06, 0.94],
    'sRGB' => [fn () => ToneCurve::srgb(), 0.033104766570885055, 0.6038273388553378],
]);

it('ends where its table ends, and goes beyond neither black nor white', function (): void {
    expect(ToneCurve::table([0.25, 0.75])->light[0])->toBe(0.25)->and(ToneCurve::table([0.25, 0.75])->light[255])->toBe(0.75)
        ->and(ToneCurve::parametric(2, [1.0, 2.0, 0.0, 0.5])->light[255])->toBe(1.0)
        ->and(ToneCurve::parametric(2, [1.0, 1.0, 0.0, -0.5])->light[51])->toBe(0.0);
});

it('refuses a curve that is none', function (callable $make, string $why): void {
    expect($make)->toThrow(InvalidValue::class, $why);
})->with([
    'no exponent' => [fn () => ToneCurve::gamma(0.0), 'an exponent from 0.1 to 10'],
    'an endless exponent' => [fn () => ToneCurve::gamma(INF), 'an exponent from 0.1 to 10'],
    'no number' => [fn () => ToneCurve::gamma(NAN), 'an exponent from 0.1 to 10'],
    'too large an exponent' => [fn () => ToneCurve::gamma(10.1), 'an exponent from 0.1 to 10'],
    'too few numbers' => [fn () => ToneCurve::parametric(3, [2.4, 1.0, 0.0, 0.1]), 'all that its kind asks for'],
    'another kind' => [fn () => ToneCurve::parametric(5, [1.0]), 'no tone curve of kind 5'],
    'a table of one' => [fn () => ToneCurve::table([0.5]), 'two values at the least'],
    'a formula that ends nowhere' => [fn () => ToneCurve::parametric(2, [1.0, 1.0, 0.0, NAN]), 'a finite light'],
]);

it('takes the ends of what it takes', function (): void {
    expect(ToneCurve::gamma(0.1)->light[255])->toBe(1.0)->and(ToneCurve::gamma(10.0)->light[255])->toBe(1.0);
});

it('leaves sRGB as it is, and knows it', function (): void {
    $srgb = ColourSpace::srgb();
    expect($srgb->isSrgb())->toBeTrue()->and(ColourSpace::wide()->isSrgb())->toBeFalse()
        ->and(ColourSpace::grey(ToneCurve::srgb())->isSrgb())->toBeTrue()->and(ColourSpace::grey(ToneCurve::gamma(1.8))->isSrgb())->toBeFalse();
    foreach ([0x000000, 0x123456, 0x0A64C8, 0xFDFDFD, 0x40FD00] as $pixel) {
        foreach (array_map(null, channelsOf($srgb->toSrgb($pixel)), channelsOf($pixel)) as [$seen, $stored]) {
            expect(abs($seen - $stored))->toBeLessThanOrEqual(1);
        }
    }
});

it('tells a space from sRGB by any of its colours alone, and takes it for the same within three levels', function (): void {
    $srgb = ToneCurve::srgb();
    $other = ToneCurve::gamma(1.8);
    $primaries = ColourSpace::srgb()->primaries;
    expect((new ColourSpace($primaries, $other, $srgb, $srgb))->isSrgb())->toBeFalse()
        ->and((new ColourSpace($primaries, $srgb, $other, $srgb))->isSrgb())->toBeFalse()
        ->and((new ColourSpace($primaries, $srgb, $srgb, $other))->isSrgb())->toBeFalse();
    // The curve of sRGB, a level too dark, and ten.
    $darker = fn (int $by): ToneCurve => ToneCurve::table(array_map(fn (int $level): float => $srgb->light[max(0, $level - $by)], range(0, 255)));
    expect(ColourSpace::grey($darker(1))->isSrgb())->toBeTrue()->and(ColourSpace::grey($darker(3))->isSrgb())->toBeTrue()
        ->and(ColourSpace::grey($darker(4))->isSrgb())->toBeFalse()->and(ColourSpace::grey($darker(10))->isSrgb())->toBeFalse();
});

it('takes white a tenth too dark or too bright, as old profiles have it, and no more', function (): void {
    $curve = ToneCurve::srgb();
    $scaled = fn (float $by): ColourSpace => new ColourSpace(array_map(fn (float $of): float => $by * $of, ColourSpace::srgb()->primaries), $curve, $curve, $curve);
    expect($scaled(0.901)->toSrgb(0x808080))->toBeLessThan(0x808080)->and($scaled(1.099)->toSrgb(0x808080))->toBeGreaterThan(0x808080);
    foreach ([0.899, 1.101] as $by) {
        expect(fn () => $scaled($by))->toThrow(InvalidValue::class, 'three primaries');
    }
});

it('leaves greys grey, and lighter or darker by their curve: level 100 of a gamma of 1.8 is 119 in sRGB (by hand)', function (): void {
    // (100/255)^1.8 = 0.1855; 1.055 · 0.1855^(1/2.4) − 0.055 = 0.4680, times 255 = 119.3.
    expect(channelsOf(ColourSpace::grey(ToneCurve::gamma(1.8))->toSrgb(0x646464)))->toBe([119, 119, 119]);
    foreach (range(0, 253, 23) as $level) {
        [$red, $green, $blue] = channelsOf(ColourSpace::wide()->toSrgb(0x010101 * $level));
        expect(max($red, $green, $blue) - min($red, $green, $blue))->toBeLessThanOrEqual(1)->and(abs($green - $level))->toBeLessThan(9);
    }
});

it('makes the colours of a wider space as strong as they are: a green of it is beyond what sRGB has', function (): void {
    // The same numbers mean a stronger green there, with less red in it (Little CMS 2.14: -, 201, 37).
    expect(channelsOf(ColourSpace::wide()->toSrgb(0x3CC83C)))->toBe([0, 201, 37]);
});

it('tells by the file’s own levels what clips: nothing becomes clipped that was not, and what was stays so', function (): void {
    $wide = ColourSpace::wide();
    // Its strongest red and green go beyond sRGB by far; none of these was clipped.
    foreach ([0xFD0000, 0x00FD00, 0xFDFD00, 0xFD0AFD, 0xFDFDFD] as $pixel) {
        expect(max(channelsOf($wide->toSrgb($pixel))))->toBe(Levels::CLIPPED - 1);
    }
    foreach ([0xFE0000, 0xFF0000] as $pixel) {
        expect(channelsOf($wide->toSrgb($pixel))[0])->toBe(255);
    }
    expect(channelsOf($wide->toSrgb(0xC8C8FF))[2])->toBe(255)->and(channelsOf($wide->toSrgb(0xFFFFFF)))->toBe([255, 255, 255])
        ->and($wide->toSrgb(0))->toBe(0);
});

it('refuses primaries that are none', function (array $primaries): void {
    $curve = ToneCurve::srgb();
    expect(fn () => new ColourSpace($primaries, $curve, $curve, $curve))->toThrow(InvalidValue::class, 'three primaries');
})->with([
    'none' => [[]], 'too few' => [[0.4, 0.3, 0.3, 0.2, 0.7, 0.1]],
    'dark' => [[0.43, 0.38, 0.14, 0.2, 0.6, 0.05, 0.01, 0.1, 0.7]],
    'bright' => [[0.43, 0.38, 0.14, 0.3, 0.8, 0.05, 0.01, 0.1, 0.7]],
    'the same three times' => [[0.3, 0.3, 0.3, 0.33, 0.33, 0.33, 0.3, 0.3, 0.3]],
    'no numbers' => [[NAN, NAN, NAN, NAN, NAN, NAN, NAN, NAN, NAN]],
    'endless' => [[INF, 0.38, 0.14, 0.22, 0.71, 0.06, 0.01, 0.1, 0.7]],
]);
