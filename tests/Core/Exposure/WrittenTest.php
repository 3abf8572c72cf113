<?php

declare(strict_types=1);

use App\Forms\Quantity;
use GentlePour\Exposure\FilterMarking;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Limit;
use GentlePour\Unit;

// What people write, and what it must mean or be asked about, never silently something else (common practice).

it('reads a time with a fraction, of minutes and of hours', function (string $written, float $seconds): void {
    expect(ShutterTime::parse($written)->seconds)->toBeAbout($seconds, 1e-6);
})->with([
    ['1½', 1.5], ['1 1/2', 1.5], ['1½ s', 1.5], ['2 ¼"', 2.25], ['½', 0.5], ['½ min', 30.0], ['1½ min', 90.0], ['1/2 h', 1800.0],
    ['1h30', 5400.0],
    ['1 h 30', 5400.0], ['1h30m', 5400.0], ['1h30s', 3630.0], ['2m30', 150.0], ['2 m 30 s', 150.0], ['1⅔ s', 5 / 3], ['0,125', 0.125],
    ['1.250', 1.25],
    ['2h05', 7500.0], ['3 h 59.5', 14370.0], ['2h0', 7200.0], ['2 hours', 7200.0], ['45 seconds', 45.0], ['3hrs 2mins 1sec', 10921.0], ['40 min', 2400.0],
    ['1:02:03', 3723.0], ['3/4 min', 45.0],
]);

it('asks what may be either of two times, and refuses two in one', function (string $written, string $says): void {
    expect(fn () => ShutterTime::parse($written))->toBeRefused($says);
})->with([
    ['1,600', 'may mean 1.600 or 1600'], ['12,000 s', 'may mean 12.000 s or 12000 s'], ['1 1/60', 'is not a shutter time'],
    ['1 600', 'is not a shutter time'], ['30 40', 'is not a shutter time'], ['1½½', 'is not a shutter time'],
    ['1h75', 'is not a shutter time'], ['1h60', 'is not a shutter time'], ['1/0', 'is not a shutter time'],
]);

it('reads thousands of an ISO however they are set off, and a hyphen', function (string $written, string $label): void {
    expect(Iso::parse($written)->label())->toBe($label);
})->with([
    ['1,600', '1600'], ['1.600', '1600'], ['1 600', '1600'], ['12,800', '12800'], ['ISO-200', '200'], ['iso 64', '64'],
    ['ISO: 1,000', '1000'], [' 100 ', '100'],
]);

it('refuses an ISO that is two numbers or none', function (string $written): void {
    expect(fn () => Iso::parse($written))->toBeRefused('is not an ISO');
})->with(['1 00', '1,60', 'ISO', '1,600,0', '-200']);

it('reads thousands of a factor, a strength said twice, and the name behind it', function (string $marking, float $stops): void {
    expect(FilterMarking::parse($marking)->stops()->value)->toBeAbout($stops, 0.04)
        ->and(FilterMarking::parse($marking)->isAmbiguous())->toBeFalse();
})->with([
    ['ND1,000', 10.0], ['ND 1.000', 10.0], ['ND 1 000', 10.0], ['1,000x', 10.0], ['ND32,000', 15.0], ['ND0.9 3 stops', 3.0],
    ['ND64 6 stops', 6.0],
    ['ND 3.0 (10 stops)', 10.0], ['8x, 3 stop', 3.0], ['10 stop ND', 10.0], ['6 stops ND', 6.0], ['64x ND', 6.0], ['2⅔ stops', 8 / 3],
    ['1 1/3 stops', 4 / 3], ['1/3', 1 / 3], ['1/64', 6.0], ['1/1000', 10.0], ['ND 3.0', 10.0], ['0.9', 3.0],
]);

it('asks whether a small fraction is a share of the light or of a stop', function (string $marking, float $share, float $part): void {
    $read = FilterMarking::parse($marking);
    expect($read->isAmbiguous())->toBeTrue()->and($read->chosen(0)->value)->toBeAbout($share, 1e-9)
        ->and($read->chosen(1)->value)->toBeAbout($part, 1e-9)
        ->and($read->sentence())->toContain('transmittance '.$marking);
})->with([['1/8', 3.0, 0.125], ['1/4', 2.0, 0.25], ['1/2', 1.0, 0.5]]);

it('refuses a marking that says two strengths, or is two numbers', function (string $marking, string $says): void {
    expect(fn () => FilterMarking::parse($marking))->toBeRefused($says);
})->with([
    ['ND0.9 6 stops', 'two strengths'], ['ND8 8.5 stops', 'two strengths'], ['0.9 3', 'not a filter marking'],
    ['ND 8 64', 'not a filter marking'],
]);

it('reads the range of a variable filter in densities', function (string $marking, float $from, float $to): void {
    [$lightest, $darkest] = FilterMarking::parseRange($marking);
    expect($lightest->value)->toBeAbout($from, 0.02)->and($darkest->value)->toBeAbout($to, 0.02);
})->with([['ND0.3-1.5', 1.0, 5.0], ['ND0.3–ND1.5', 1.0, 5.0], ['ND2-32', 1.0, 5.0], ['1.5-5 stops', 1.5, 5.0], ['ND2-400', 1.0, 8.64]]);

it('takes a decimal comma in any quantity, but asks where it may mean thousands', function (string $written, ?float $metres): void {
    expect(Unit::read($written, 'm'))->toBe($metres);
})->with([['2,5', 2.5], ['0,8', 0.8], ['1½', 1.5], ['1 1/2', 1.5], ['½', 0.5], ['0,125', 0.125], ['1,500', null], ['1,500 ft', null]]);

it('asks at the field whether a comma sets off thousands', function (): void {
    $says = [];
    (new Quantity(Limit::Distance))->validate('distance', '1,500', function (string $message) use (&$says): void {
        $says[] = $message;
    });
    expect($says)->toBe(['The distance may mean 1.500 or 1500; write which.']);
});
