<?php

declare(strict_types=1);

use GentlePour\Documents\Fields;
use GentlePour\Documents\WindowsDocument;

/** @return list<array{string, string}> from and to */
function windowsAsked(string $from, string $to, string $zone = 'Europe/London'): array
{
    $answer = WindowsDocument::answer(
        Fields::ofJson(
            (string) json_encode(
                ['latitude' => 56.5, 'longitude' => -9.8, 'timezone' => $zone, 'from' => $from, 'to' => $to, 'by' => 'time'],
            ),
        ),
        fn () => throw new LogicException('No tide was asked for.'),
    );

    return array_map(fn (array $w): array => [$w['from'], $w['to']], $answer['windows']);
}

it('takes the last day whole, also the one on which the clocks change (safety: a window is not cut short)', function (): void {
    expect(windowsAsked('2027-03-27', '2027-03-28'))->toBe([['2027-03-27T00:00:00+00:00', '2027-03-29T00:00:00+01:00']])
        ->and(windowsAsked('2027-06-01', '2027-06-01'))->toBe([['2027-06-01T00:00:00+01:00', '2027-06-02T00:00:00+01:00']])
        ->and(windowsAsked('2027-06-01', '2027-06-01T12:00'))->toBe([['2027-06-01T00:00:00+01:00', '2027-06-01T12:00:00+01:00']]);
});
