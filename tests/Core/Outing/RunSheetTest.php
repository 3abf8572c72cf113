<?php

declare(strict_types=1);

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\FilterStack;
use GentlePour\Kit\Handling;
use GentlePour\Kit\Mount;
use GentlePour\Outing\RunSheet;
use GentlePour\Outing\Step;
use GentlePour\Solving\NoiseReductionHabit;

/**
 * @param  list<Filter>  $filters
 * @return array<string, Step>
 */
function sheet(array $filters, bool $bulb = false): array
{
    $reading = new Exposure(Aperture::named(8), ShutterTime::parse('1/60'), Iso::of(200));
    $long = new Exposure(Aperture::named(11), ShutterTime::ofSeconds(45), Iso::of(100));

    return array_column(RunSheet::of($reading, $long, FilterStack::of($filters), '45 s', $bulb), null, 'key');
}

it('puts everything that needs an eye before the dark filter (common practice)', function (): void {
    $stack = FilterStack::of([
        Filter::of('Ten', FilterKind::NeutralDensity, Mount::Slot, Stops::of(10)),
        Filter::of('Pola', FilterKind::Polariser, Mount::Thread, null),
    ]);
    $reading = new Exposure(Aperture::named(11), ShutterTime::parse('1/60'), Iso::of(100));
    $long = new Exposure(Aperture::named(11), ShutterTime::ofSeconds(45), Iso::of(100));
    $keys = array_map(fn (Step $s): string => $s->key, $steps = RunSheet::of($reading, $long, $stack, '45 s', true));

    expect($keys)->toBe(['compose', 'polariser', 'wipe', 'focus', 'base', 'retake', 'stabiliser', 'noise', 'quality', 'filter', 'settings',
        'trigger'])
        ->and($steps[9]->title)->toBe('Dark filter last: Ten')->and($steps[9]->detail)->toContain('gasket')
        ->and($steps[4]->detail)->toContain('1/60, f/11, ISO 100')->and($steps[10]->detail)->toContain('45 s');
    expect(
        array_map(fn (Step $s): string => $s->key, RunSheet::of($reading, $long, FilterStack::empty(), '1 s', false)),
    )->not->toContain('filter')->not->toContain('polariser')->not->toContain('retake');
});

it('goes in the order of the hand, with everything that a kit can ask for (common practice)', function (): void {
    $stack = FilterStack::of([
        Filter::of('Pola', FilterKind::Polariser, Mount::Thread, null),
        Filter::of('Soft', FilterKind::Graduated, Mount::Slot, Stops::of(2)), nd('Ten', 10),
    ]);
    $exposure = new Exposure(Aperture::named(11), ShutterTime::parse('1/60'), Iso::of(100));
    $steps = RunSheet::of($exposure, $exposure, $stack, '15 s', false, ['Three'], new Handling(true, true, true, false),
        NoiseReductionHabit::InCamera, 12.0);

    expect(array_column($steps, 'key'))->toBe([
        'compose', 'polariser', 'graduated', 'wipe', 'focus', 'base', 'retake', 'off', 'eyepiece', 'stabiliser', 'mirror', 'noise',
        'quality', 'filter', 'settings', 'shade', 'trigger',
    ]);
    $said = array_column($steps, null, 'key');
    expect($said['graduated']->title)->toBe('Soft in, lined up with the horizon')
        ->and($said['graduated']->detail)->toContain('the dark filter out')
        ->and($said['filter']->title)->toBe('Dark filter last: Ten')->and($said['noise']->title)->toBe('Long-exposure noise reduction on')
        ->and($said['noise']->detail)->toContain('another 15 s')->and($said['quality']->title)->toBe('File: largest and finest')
        ->and($said['shade']->detail)->toContain('12°')->and($said['focus']->detail)->toContain('after every filter that screws on')
        ->and($said['base']->detail)->toContain('zebra at 100')->toContain('blinking');
});

it('asks only for what the camera has and the light does (common practice)', function (Handling $camera, ?float $sun, array $with, array $without): void {
    $exposure = new Exposure(Aperture::named(11), ShutterTime::parse('1/60'), Iso::of(100));
    $keys = array_column(RunSheet::of($exposure, $exposure, FilterStack::of([nd('Ten', 10)]), '15 s', false, [], $camera,
        NoiseReductionHabit::Later, $sun), 'key');
    expect(array_intersect($with, $keys))->toBe($with)->and(array_intersect($without, $keys))->toBe([]);
})->with([
    'a camera of today' => [new Handling, null, ['stabiliser'], ['eyepiece', 'mirror', 'shade']],
    'a reflex camera' => [new Handling(true, true), 59.9, ['eyepiece', 'stabiliser', 'mirror', 'shade'], []],
    'no stabiliser, the sun to the side' => [new Handling(stabiliser: false), 60.0, ['noise', 'quality'], ['stabiliser', 'shade']],
]);

it('says dark from four stops on, below it the filter can be seen through (common practice)', function (): void {
    expect(sheet([nd('Four', 4.0)])['filter']->title)->toBe('Dark filter last: Four')
        ->and(sheet([nd('Less', 3.9)])['filter']->title)->toBe('Filter on: Less')
        ->and(sheet([nd('Three', 3.0), nd('One', 1.0)])['filter']->title)->toBe('Dark filter last: Three + One')
        ->and(sheet([nd('Three', 3.0)])['filter']->skipped)->toBe('the frame would be 3.0 stops too bright');
});

it('says how a filter goes on by what it goes on with (common practice)', function (): void {
    expect(sheet([nd('Ten', 10, Mount::Thread)])['filter']->detail)->toBe('Screw it home gently; check that the focus has not moved.')
        ->and(sheet([nd('Ten', 10, Mount::Thread), nd('Six', 6)])['filter']->detail)
        ->toBe('Darkest in the slot nearest the lens, gasket to the lens, no gap of light.');
});

it('turns what is turned by eye, and fits the rest', function (): void {
    $polariser = Filter::of('Pola', FilterKind::Polariser, Mount::Thread, null);
    $variable = Filter::of('Vario', FilterKind::Variable, Mount::Thread, Stops::of(8), lightest: Stops::of(2));
    expect(sheet([$polariser])['polariser']->title)->toBe('Turn the Pola')->and(sheet([$polariser]))->not->toHaveKey('filter')
        ->and(array_keys(sheet([$variable])))->toContain($variable->kind->isTurned() ? 'polariser' : 'filter');
});

it('says what to set, and how it is let go, by who counts the time', function (): void {
    $timed = sheet([nd('Six', 6)]);
    expect($timed['settings']->title)->toBe('f/11, ISO 100, 45 s')
        ->and($timed['settings']->detail)->toBe('Manual exposure.')->and($timed['quality']->title)->toBe('File: raw')
        ->and($timed['trigger']->title)->toBe('Two-second delay or release')
        ->and($timed['base']->detail)->toStartWith('1/60, f/8, ISO 200.');
    $bulb = sheet([nd('Six', 6)], true);
    expect($bulb['settings']->title)->toBe('f/11, ISO 100, bulb')
        ->and($bulb['settings']->detail)->toBe('Manual exposure, set to bulb; it stays open for 45 s.')
        ->and($bulb['trigger']->title)->toBe('Release in hand, locked cable');
});

it('explains once that 30 s on the dial is 32 (common practice)', function (): void {
    $exposure = new Exposure(Aperture::named(11), ShutterTime::parse('1/60'), Iso::of(100));
    $said = fn (string $label, bool $bulb): string => array_column(RunSheet::of($exposure, $exposure, FilterStack::of([nd('Ten', 10)]),
        $label, $bulb), null, 'key')['settings']->detail;
    expect($said('30 s', false))->toContain('open for 32 s')->and($said('30 s', true))->not->toContain('32')
        ->and($said('15 s', false))->not->toContain('32');
});

it('says of each step what goes wrong without it', function (): void {
    $polariser = Filter::of('Pola', FilterKind::Polariser, Mount::Thread, null);
    $steps = sheet([$polariser, nd('Six', 6)]);
    expect(array_map(fn (Step $s): string => $s->skipped, $steps))->toBe([
        'compose' => 'the frame may be off and the horizon tilted',
        'polariser' => 'the glare stays, and the reading is off by up to two stops',
        'wipe' => 'every drop becomes a blot of light',
        'focus' => 'the autofocus hunts behind the dark filter',
        'base' => 'a wrong reading spoils the whole long frame',
        'retake' => 'the reading is not that of the glass that is on',
        'stabiliser' => 'the stabiliser blurs what should be sharp',
        'noise' => 'the camera is busy for as long again, while the light goes',
        'quality' => 'a cast of the dark filter cannot be taken out',
        'filter' => $steps['filter']->skipped,
        'settings' => 'the exposure is not the one that was worked out',
        'trigger' => 'the press itself shakes the frame',
    ]);
});

it('has what was on for the reading taken off before the dark filter goes on, where it is not to stay (common practice)', function (): void {
    $exposure = new Exposure(Aperture::named(11), ShutterTime::parse('1/60'), Iso::of(100));
    $stack = FilterStack::of([nd('Ten', 10)]);
    $steps = RunSheet::of($exposure, $exposure, $stack, '15 s', false, ['Pola', 'Soft']);
    $keys = array_column($steps, 'key');
    $off = array_search('off', $keys, true);

    expect($steps[$off]->title)->toBe('Take off: Pola and Soft')->and($off)->toBeLessThan(array_search('filter', $keys, true))
        ->and($off)->toBeGreaterThan(array_search('base', $keys, true))
        ->and(array_column(RunSheet::of($exposure, $exposure, $stack, '15 s', false), 'key'))->not->toContain('off');
});
