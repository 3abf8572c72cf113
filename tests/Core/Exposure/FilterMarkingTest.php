<?php

declare(strict_types=1);

use GentlePour\Exposure\FilterMarking;

it('reads every marking that people use', function (string $marking, float $stops): void {
    expect(FilterMarking::parse($marking)->stops()->value)->toBeAbout($stops, 0.005);
})->with([
    // Common practice: what is engraved on filters, and the same strength said otherwise.
    ['ND2', 1.0],
    ['ND8', 3.0],
    ['nd 64', 6.0],
    ['ND1000', 9.966],
    ['ND 400', 8.644],
    ['ND100K', 16.61],
    ['ND32000', 14.966],
    ['0.3', 0.997],
    ['0.9', 2.990],
    ['1.8', 5.979],
    ['3.0', 9.966],
    ['ND 3.0', 9.966],
    ['ND0.6', 1.993],
    ['0,9', 2.990],
    ['.6', 1.993],
    ['OD 3', 9.966],
    ['8x', 3.0],
    ['x8', 3.0],
    ['1000×', 9.966],
    ['64 x', 6.0],
    ['10 stops', 10.0],
    ['10-stop', 10.0],
    ['6 stop', 6.0],
    ['6EV', 6.0],
    ['1/3', 0.3333],
    ['1/3 stop', 0.3333],
    ['⅔ stops', 0.6667],
    ['1.5 stops', 1.5],
    ['12.5 %', 3.0],
    ['0.1%', 9.966],
    ['10', 10.0],
    ['6', 6.0],
    ['64', 6.0],
    ['1000', 9.966],
]);

it('asks where a marking has two meanings', function (string $marking, array $stops): void {
    $read = FilterMarking::parse($marking);

    expect($read->isAmbiguous())->toBeTrue()
        ->and(array_map(fn (array $r): float => round($r['stops']->value, 2), $read->readings()))->toBe($stops);
})->with([
    ['ND4', [2.0, 4.0]],
    ['ND 8', [3.0, 8.0]],
    ['ND10', [3.32, 10.0]],
    ['8', [8.0, 3.0]],
    ['10', [10.0, 3.32]],
]);

it('does not ask where there is only one', function (string $marking): void {
    expect(FilterMarking::parse($marking)->isAmbiguous())->toBeFalse();
})->with([
    'ND64',
    'ND1000',
    '0.9',
    '8x',
    '6 stops',
    '3.0',
    '1',
]);

it('proposes its reading in words', function (): void {
    expect(FilterMarking::parse('ND64')->sentence())->toBe('ND64 = factor 64 = 6 stops, density 1.8.')
        ->and(FilterMarking::parse('ND8')->sentence())->toBe('ND8 = factor 8 = 3 stops, density 0.9. Or 8 stops, density 2.4?');
});

it('reads the range of a variable filter', function (string $marking, float $from, float $to): void {
    [$lightest, $darkest] = FilterMarking::parseRange($marking);
    expect($lightest->value)->toBeAbout($from, 0.005)->and($darkest->value)->toBeAbout($to, 0.005);
})->with([
    ['2-8 stops', 2, 8],
    ['ND2-400', 1, 8.644],
    ['1.5 to 5', 1.5, 5],
    ['ND2-ND32', 1, 5],
    ['2–5', 2, 5],
    ['x4-x64', 2, 6],
    'densities only where both have a point, and nothing says otherwise' => ['ND1-2.4', 0, 1.263],
    ['ND1.2-1.8 stops', 1.2, 1.8],
    ['1.2-1.8', 1.2, 1.8],
]);

it('reads one over a number as a part of the light from ten on, as a part of a stop else, and asks at 2, 4 and 8', function (
    string $marking, float $stops, int $readings,
): void {
    $read = FilterMarking::parse($marking);
    expect($read->stops()->value)->toBeAbout($stops, 0.001)->and($read->readings())->toHaveCount($readings);
})->with([['1/9', 1 / 9, 1], ['1/10', log(10, 2), 1], ['1/11', log(11, 2), 1], ['1/3', 1 / 3, 1], ['1/8', 3.0, 2], ['1/16', 4.0, 1], ['10/4 stops', 2.5, 1]]);

it('refuses what is no marking, and says how to write one', function (
    string $marking, string $says = ' is not a filter marking; write it as engraved',
): void {
    expect(fn () => FilterMarking::parse($marking))->toBeRefused($says);
})->with([
    '',
    'dark',
    'ND',
    'ND0',
    '0',
    '-3',
    '1/0 stops',
    ['40 stops', 'would be darker than any filter'],
    ['9.9', 'An optical density must be between 0 and 9'],
    ['0%', 'A transmittance must be between 0 and 100 %'],
    '999999999',
    '8xx',
    'NaN',
]);

it('refuses a range that is upside down or no range', function (string $marking): void {
    expect(fn () => FilterMarking::parseRange($marking))->toBeRefused('range');
})->with(['8-2', '', '5', '2-2', 'a-b', '2-99 stops 3', 'lighter than none' => 'ND0.3-5', 'ND0.9-8x']);
