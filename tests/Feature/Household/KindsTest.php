<?php

declare(strict_types=1);

use App\Files\KitFile;
use App\Models\Camera;
use App\Models\Filter as KeptFilter;
use App\Models\Lens;
use App\Models\Place;
use App\Rooms\Kit\PocketCards;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\FilterMarkingForm;
use GentlePour\Kit\Mount;
use GentlePour\Limit;
use GentlePour\Motion\WaterKind;
use GentlePour\Outing\Cautions;
use GentlePour\Outing\Support;
use GentlePour\Solving\ApertureHabit;
use GentlePour\Solving\FramesHabit;
use GentlePour\Solving\HighlightHabit;
use GentlePour\Solving\IsoHabit;
use GentlePour\Solving\NoiseReductionHabit;
use Illuminate\Http\UploadedFile;

// What a new case of a kind has to have, wherever it turns up: these walk them all.

/** @return array<string, string> the fields that a person fills in to tell a water */
function toldBy(WaterKind $kind): array
{
    return $kind->isWaves() ? ['period' => '6'] : ['measure' => 'speed', 'speed' => '1.5'];
}

it('has for every water its cautions, its form, its picture and its frame in the log', function (WaterKind $kind): void {
    $query = http_build_query(benchQuery(['kind' => $kind->value, 'look' => 'mist', 'look_was' => 'mist'] + toldBy($kind)));
    $page = $this->get('/bench?'.$query)->assertOk()->assertSee('value="'.$kind->value.'" selected', false)
        ->assertSee($kind->isWaves() ? 'name="period"' : 'name="speed"', false)->assertSee(Cautions::for($kind)[0]);
    $picture = $this->get('/scene?'.$query)->assertOk()->json();

    expect($picture['stage'])->toBe($kind->stage()->value)
        ->and((string) file_get_contents(resource_path('js/scene.js')))->toMatch('/\b'.$kind->stage()->value.'\b/');
    $this->post(shootThis((string) $page->getContent()), session('bench'))->assertRedirect();
    $this->followingRedirects()->get('/shoot')->assertOk()->assertSee(Cautions::for($kind)[0]);
})->with(WaterKind::cases());

it('keeps every water at a place as a subject, with a row on the card', function (WaterKind $kind): void {
    Place::query()->firstOrFail()->subjects()->delete();
    App\Models\Subject::query()->delete();
    Place::query()->firstOrFail()->subjects()->create([
        'name' => 'this one', 'water_kind' => $kind, 'distance_m' => 8.0,
        ...$kind->isWaves() ? ['period_s' => 6.0] : ['speed_m_s' => 1.5],
    ]);
    $rows = app(PocketCards::class)->waters(Camera::query()->firstOrFail(), Lens::query()->firstOrFail());
    expect($rows)->toHaveCount(1)->and($rows[0]['name'])->toEndWith('this one')->and($rows[0]['looks']['glass'])->toStartWith('from ');
})->with(WaterKind::cases());

it('documents every water and every kind of filter by the word of the contract', function (): void {
    $cli = (string) file_get_contents(base_path('docs/cli.md'));
    foreach ([...WaterKind::cases(), ...FilterKind::cases()] as $kind) {
        expect($cli)->toMatch('/\b'.$kind->value.'\b/');
    }
    foreach (FilterKind::cases() as $kind) {
        expect((string) file_get_contents(base_path('docs/formats.md')))->toMatch('/\b'.$kind->value.'\b/');
    }
});

/** @return array<string, string> what a person fills in to keep a filter of a kind */
function filterForm(FilterKind $kind): array
{
    return ['name' => 'This one', 'kind' => $kind->value, 'mount' => 'slot'] + match ($kind->marking()) {
        FilterMarkingForm::Strength => ['marking' => '6 stops'],
        FilterMarkingForm::StrengthIfAny => ['marking' => ''],
        FilterMarkingForm::Range => ['marking' => '2-8 stops'],
        FilterMarkingForm::Nothing => ['marking' => '', 'measured_stops' => '11'],
    } + ($kind->hasEdge() ? ['edge' => 'soft'] : []);
}

it('saves every kind of filter, writes it to a file by the schema, and takes it back the same', function (FilterKind $kind): void {
    KeptFilter::query()->delete();
    $this->post('/kit/filter', filterForm($kind))->assertSessionHasNoErrors()->assertRedirect();
    $kept = KeptFilter::query()->firstOrFail();
    $before = $kept->toKit();
    expect($before->kind)->toBe($kind)->and($before->mount)->toBe(Mount::Slot);
    $this->get('/kit')->assertOk()->assertSee('This one')->assertSee($kind->label());

    $json = app(KitFile::class)->write();
    $valid = (new Opis\JsonSchema\Validator)->validate(json_decode($json), KitFile::schema());
    expect($valid->isValid())->toBeTrue();
    KeptFilter::query()->delete();
    $this->post('/kit/file', ['kit' => UploadedFile::fake()->createWithContent('kit.json', $json)])->assertSessionHasNoErrors();
    expect(KeptFilter::query()->firstOrFail()->toKit())->toEqual($before)
        ->and(KeptFilter::query()->firstOrFail()->edge)->toBe($kept->edge);
})->with(FilterKind::cases());

it('has one set of bounds: the schema of a kit file says what the core takes', function (): void {
    $defs = json_decode(KitFile::schema(), true)['$defs'];
    $bounds = fn (array $of): array => [(float) $of['minimum'], (float) $of['maximum']];
    $limits = [
        [$defs['fNumber'], Limit::Aperture], [$defs['iso'], Limit::Iso], [$defs['thread'], Limit::Thread],
        [$defs['stops'], Limit::FilterStrength],
        [$defs['camera']['properties']['sensor_width_mm'], Limit::SensorWidth],
        [$defs['camera']['properties']['sensor_height_mm'], Limit::SensorHeight],
        [$defs['camera']['properties']['pixels_wide'], Limit::PixelsWide],
        [$defs['camera']['properties']['longest_timed_s'], Limit::LongestTimed],
        [$defs['camera']['properties']['battery_minutes'], Limit::Battery],
        [$defs['camera']['properties']['reciprocity'], Limit::FilmExponent],
        [$defs['lens']['properties']['focal_min_mm'], Limit::FocalLength],
        [$defs['lens']['properties']['focal_max_mm'], Limit::FocalLength],
        [$defs['filter']['properties']['cast_red'], Limit::CastRed], [$defs['filter']['properties']['cast_blue'], Limit::CastBlue],
        [$defs['carry']['properties']['slots'], Limit::Slots], [$defs['carry']['properties']['adapters']['items'], Limit::Thread],
        [$defs['carry']['properties']['rings']['items']['items'], Limit::Thread],
    ];
    foreach ($limits as [$of, $limit]) {
        expect($bounds($of))->toBe([$limit->least(), $limit->most()]);
    }
    $enums = [
        [$defs['filter']['properties']['kind'], FilterKind::class], [$defs['filter']['properties']['mount'], Mount::class],
        [$defs['carry']['properties']['support'], Support::class], [$defs['habits']['properties']['aperture'], ApertureHabit::class],
        [$defs['habits']['properties']['iso'], IsoHabit::class], [$defs['habits']['properties']['highlights'], HighlightHabit::class],
        [$defs['habits']['properties']['noise_reduction'], NoiseReductionHabit::class],
        [$defs['habits']['properties']['frames'], FramesHabit::class],
    ];
    foreach ($enums as [$of, $enum]) {
        expect($of['enum'])->toBe(array_column($enum::cases(), 'value'));
    }
});
