<?php

declare(strict_types=1);

use GentlePour\Outing\GetOff;

it('says to leave before tide, run-up and margin reach the way out, with time to walk', function (): void {
    // Half a cosine from 1 to 5 m between six and noon passes 3 m at nine.
    $getOff = GetOff::after(oneTide(), at('2026-10-01T06:30'), 4.5, 3.8, 0.5, 0.3, 20);

    expect($getOff?->levelM)->toBeAbout(3.0, 1e-9)->and($getOff?->reachedUnix)->toBeAbout(at('2026-10-01T09:00'), 2)
        ->and($getOff?->leaveUnix)->toBeAbout(at('2026-10-01T08:40'), 2)
        ->and($getOff?->riseMPerTenMinutes)->toBeAbout(2 * M_PI / 36, 0.002)
        ->and(GetOff::after(oneTide(), at('2026-10-01T06:30'), 9.0, null, 0.5, 0.3, 20))->toBeNull()
        ->and(GetOff::after(oneTide(), at('2026-10-01T11:00'), 4.5, 3.8, 0.5, 0.3, 20)?->reachedUnix)->toBe(at('2026-10-01T11:00'));

    // Someone who comes at eleven finds it awash, and until the tide has fallen as far as it had risen: the half cosine about high water is
    // even.
    $later = GetOff::after(oneTide(), at('2026-10-01T11:00'), 4.5, 3.8, 0.5, 0.3, 20);
    expect($getOff?->awashUntilUnix)->toBeNull()->and($later?->awashUntilUnix)->toBeGreaterThan(at('2026-10-01T11:00'))
        ->and(oneTide()->heightM((float) $later?->awashUntilUnix))->toBeAbout((float) $later?->levelM, 0.002);
});

/** Low at nought, 6 m at 6 h, low again at 12 h: a metre an hour. */
function evenTide(): GentlePour\Tide\TideCurve
{
    return straightTide([0 => 0.0, 6 * 3600 => 6.0, 12 * 3600 => 0.0]);
}

it('counts from the lower of stand and way out, less run-up and margin', function (?float $wayOutM, float $levelM): void {
    $getOff = GetOff::after(evenTide(), 0.0, 4.0, $wayOutM, 0.6, 0.4, 30);
    expect($getOff?->levelM)->toBeAbout($levelM, 1e-9)->and($getOff?->reachedUnix)->toBeAbout($levelM * 3600, 1)
        ->and($getOff?->leaveUnix)->toBeAbout($levelM * 3600 - 1800, 1)->and($getOff?->awashUntilUnix)->toBeNull()
        ->and($getOff?->riseMPerTenMinutes)->toBeAbout(1 / 6, 1e-4);
})->with([[null, 3.0], [3.5, 2.5], [5.0, 3.0]]);

it('says how fast it rises at the ends of the curve from what it knows', function (): void {
    // Awash from the first second: only the five minutes after are known; a metre an hour.
    $first = GetOff::after(straightTide([0 => 5.0, 3600 => 6.0, 7200 => 0.0]), 0.0, 3.0, null, 0.0, 0.0, 0);
    expect($first?->reachedUnix)->toBe(0.0)->and($first?->riseMPerTenMinutes)->toBeAbout(1 / 12, 1e-6)
        ->and($first?->awashUntilUnix)->toBeNull();
    $last = GetOff::after(straightTide([0 => 0.0, 3600 => 1.0, 7200 => 4.0]), 0.0, 3.999, null, 0.0, 0.0, 0);
    expect($last?->reachedUnix)->toBeAbout(7198.8, 1)->and($last?->riseMPerTenMinutes)->toBeAbout(3 * 301.2 / 3600, 2e-3);
});

it('passes over a high water that is gone, to the very second of it, and warns of the one to come', function (): void {
    $tide = straightTide([0 => 0.0, 6 * 3600 => 6.0, 12 * 3600 => 0.0, 18 * 3600 => 6.0, 24 * 3600 => 0.0]);
    $awash = GetOff::after($tide, 0.0, 3.0, null, 0.0, 0.0, 0);
    expect($awash?->reachedUnix)->toBeAbout(3 * 3600, 1);
    $inIt = GetOff::after($tide, 5 * 3600, 3.0, null, 0.0, 0.0, 10);
    expect($inIt?->reachedUnix)->toBe(5 * 3600.0)->and($inIt?->awashUntilUnix)->toBeAbout(9 * 3600, 1)
        ->and($inIt?->leaveUnix)->toBe(5 * 3600.0 - 600);
    $gone = GetOff::after($tide, (float) $inIt?->awashUntilUnix, 3.0, null, 0.0, 0.0, 0);
    expect($gone?->reachedUnix)->toBeAbout(15 * 3600, 1)->and($gone?->awashUntilUnix)->toBeNull()
        ->and(GetOff::after($tide, 23 * 3600, 3.0, null, 0.0, 0.0, 0))->toBeNull();
});

it('takes any walk, margin and run-up that can be, and refuses the rest', function (): void {
    $with = fn (float $runUp, float $margin, float $walk): callable => fn () => GetOff::after(
        evenTide(), 0, 4, null, $runUp, $margin, $walk,
    );
    expect($with(-0.1, 0, 0))->toBeRefused('run-up')->and($with(0, -0.1, 0))->toBeRefused('margin')
        ->and($with(0, 0, -1))->toBeRefused('walk')->and($with(0, 0, NAN))->toBeRefused('walk');
});
