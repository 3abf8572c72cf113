<?php

declare(strict_types=1);

use App\Household\Devices;
use App\Models\Filter;
use App\Models\Place;
use App\Models\Subject;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Sky\LightCurve;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;

// A meter in the hand fills the base reading in at one press.

beforeEach(function (): void {
    Carbon::setTestNow('2026-06-21 12:00:00 UTC');
});

/** @param  array<string, mixed>  $changes */
function pressMeter(array $changes = []): TestResponse
{
    return test()->get(route('bench.meter', [
        'kind' => 'swell', 'period' => '9', 'look' => 'silk', 'look_was' => 'silk', 'aperture' => 'f/11', 'iso' => '100',
        'shutter' => '1/4', ...$changes,
    ]));
}

/** The shutter time that the bench was handed. */
function meteredSeconds(TestResponse $answer): float
{
    parse_str((string) parse_url((string) $answer->headers->get('Location'), PHP_URL_QUERY), $fields);

    return ShutterTime::parse((string) $fields['shutter'])->seconds;
}

it('offers the press only where a meter was chosen', function (): void {
    $this->get('/bench')->assertOk()->assertDontSee('Meter it');
    $this->put(route('devices.update'), ['camera' => '', 'meter' => Devices::SIMULATED])->assertRedirect();
    $this->get('/bench')->assertOk()->assertSee('Meter it');
});

it('reads the light of the place, no brighter than the sun and at most so much darker as its clouds take', function (): void {
    $this->put(route('devices.update'), ['camera' => '', 'meter' => Devices::SIMULATED]);
    $subject = Subject::query()->whereHas('place', static fn ($of) => $of->whereNotNull('latitude'))->oldest('id')->firstOrFail();
    $place = $subject->place;
    $model = LightCurve::metered($place->observer(), $subject->facing_deg ?? $place->facing_deg, foreground: $place->foreground());
    $seconds = meteredSeconds(pressMeter(['kind' => $subject->water_kind->value, 'place' => (string) $place->id,
        'subject' => (string) $subject->id])->assertRedirect());

    // N^2 / t = 2^EV at ISO 100 (ISO 2720), rounded to a third of a stop; clouds of the simulated meter take up to 1.2 stops.
    expect(log(11.3137 ** 2 / $seconds, 2))->toBeLessThan($model->ev100((float) now()->getTimestamp()) + 0.17);
    expect(log(11.3137 ** 2 / $seconds, 2))->toBeGreaterThan($model->ev100((float) now()->getTimestamp()) - 1.2 - 0.17);
});

it('asks for as many stops more of time as a filter was measured to take, and for two less at ISO 400', function (): void {
    $this->put(route('devices.update'), ['camera' => '', 'meter' => Devices::SIMULATED]);
    $at = ['place' => (string) Place::query()->whereNotNull('latitude')->oldest('id')->firstOrFail()->id];
    $bare = meteredSeconds(pressMeter($at));

    $ten = Filter::query()->where('name', 'Ten')->firstOrFail();
    $through = meteredSeconds(pressMeter([...$at, 'on' => [(string) $ten->id]]));

    // Both are rounded to thirds of a stop.
    expect(log($through / $bare, 2))->toEqualWithDelta($ten->measured_stops, 0.34);
    expect(log(meteredSeconds(pressMeter([...$at, 'iso' => '400'])) / $bare, 2))->toEqualWithDelta(-2.0, 1e-6);
});

it('says at the field why it cannot, and keeps what was typed', function (): void {
    pressMeter()->assertStatus(422)->assertSee('There is no light meter')->assertSee('1/4');
    $this->put(route('devices.update'), ['camera' => '', 'meter' => Devices::SIMULATED]);
    pressMeter(['place' => '', 'subject' => '', 'take' => '', 'take_was' => ''])->assertStatus(422)->assertSee('choose where you are');
    pressMeter(['aperture' => 'wide'])->assertStatus(422)->assertSee('wide');
});
