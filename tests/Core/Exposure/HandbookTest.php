<?php

declare(strict_types=1);

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\DepthOfField;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;

it('has the exposure values of the handbook table (APEX: EV = Av + Tv at ISO 100)', function (
    string $aperture, string $shutter, int $ev,
): void {
    $exposure = new Exposure(Aperture::parse($aperture), ShutterTime::parse($shutter), Iso::parse('100'));

    expect($exposure->ev100())->toBeAbout($ev, 1e-9);
})->with([
    ['f/1', '1', 0],
    ['f/1.4', '1', 1],
    ['f/2.8', '1/2', 4],
    ['f/4', '1/4', 6],
    ['f/5.6', '1/15', 9],
    ['f/8', '1/30', 11],
    ['f/8', '1/60', 12],
    ['f/11', '1/60', 13],
    ['f/11', '1/125', 14],
    ['f/16', '1/125', 15],
    ['f/22', '1/125', 16],
    ['f/16', '4', 6],
    ['f/22', '30', 4],
]);

it('lets aperture, time and speed stand for one another, stop for stop', function (string $one, string $other): void {
    $read = static function (string $written): Exposure {
        [$aperture, $shutter, $iso] = explode(' ', $written);

        return new Exposure(Aperture::parse($aperture), ShutterTime::parse($shutter), Iso::parse($iso));
    };

    expect($read($one)->ev100())->toBeAbout($read($other)->ev100(), 1e-9);
})->with([
    ['f/8 1/60 100', 'f/5.6 1/125 100'],
    ['f/8 1/60 100', 'f/11 1/30 100'],
    ['f/8 1/60 100', 'f/8 1/125 200'],
    ['f/8 1/60 100', 'f/16 1/15 100'],
    ['f/8 1/60 100', 'f/8 1/30 50'],
    ['f/4 1/1000 400', 'f/16 1/60 400'],
    ['f/11 2 64', 'f/16 4 64'],
]);

it('has the hyperfocal distances of the usual table, circle of confusion 0.03 mm (closed form f²/(N c) + f, nominal f-numbers)', function (
    float $focal, float $f, float $metres,
): void {
    expect((new DepthOfField($focal, 0.03))->hyperfocalM(Aperture::of($f)))->toBeAbout($metres, 0.011);
})->with([
    [16, 8, 1.08],
    [16, 11, 0.79],
    [20, 8, 1.69],
    [24, 8, 2.42],
    [24, 11, 1.77],
    [24, 16, 1.22],
    [28, 11, 2.40],
    [35, 8, 5.14],
    [35, 11, 3.75],
    [50, 8, 10.47],
    [50, 11, 7.63],
    [50, 16, 5.26],
    [85, 16, 15.14],
]);
