<?php

declare(strict_types=1);

use App\Devices\SimulatedForecast;
use App\Models\Forecast as Kept;
use App\Models\Outing;
use App\Models\Place;
use App\Rooms\Weather\PlaceForecasts;
use App\Rooms\Weather\RoughSea;
use GentlePour\Documents\ObservationFiles;
use Illuminate\Http\UploadedFile;

beforeEach(function (): void {
    $this->travelTo('2026-12-02 08:00 UTC');
    $this->place = Place::query()->where('name', 'Marrow Shelf')->firstOrFail();
    $this->put(route('devices.update'), []);
    $this->csv = "time,cloud_low,cloud_mid,cloud_high,rain_mm,wind_m_s,wind_from_deg,air_c,dew_point_c,significant_height_m,peak_period_s\n"
        ."2026-12-02T06:00Z,10,0,0,0,2,225,8,7.5,0.4,9\n2026-12-02T09:00Z,100,80,0,0.8,9,270,8,4,0.4,9\n2026-12-02T10:00Z,100,80,0,0.8,9,270,8,4,0.5,9\n";
    $this->give = fn (array $with) => $this->from('/places/'.$this->place->id)->put(route('forecast.update', $this->place), $with);
});

it('keeps a pasted forecast with its age, as rows under the board and words at the windows', function (): void {
    ($this->give)(['forecast_text' => $this->csv, 'source' => 'the harbour office'])
        ->assertRedirect()->assertSessionHas('done', '3 hours of forecast are kept.');
    $page = (string) $this->get('/places/'.$this->place->id.'?day=2026-12-02')->assertOk()
        ->assertSee('Weather by the harbour office, of this hour')->getContent();
    expect($page)->toContain('Weather: the harbour office of Wed 2 Dec, 8:00')->toContain('heavy cloud')->toContain('fog likely')
        ->toContain('10 m/s W')->toContain('0.5 m 9 s')->toContain('>waves<');
    $words = app(PlaceForecasts::class)->reader($this->place)->of((float) strtotime('2026-12-02 08:50 UTC'),
        (float) strtotime('2026-12-02 09:40 UTC'));
    expect($words)->toStartWith('Heavy cloud, rain, wind 9 m/s from W, waves 0.4 m 9 s, low cloud drifts ')->toEndWith(' at 500 m.');
    $this->travel(20)->hours();
    $this->get('/places/'.$this->place->id)->assertSee('the harbour office, 20 hours old')->assertSee('class="warn">Weather by', false);
    $this->travel(3)->days();
    $this->get('/places/'.$this->place->id)->assertSee('3 days old');
});

it('takes a file, the buoys’ own text too, writes over the one before and forgets it when told', function (): void {
    $file = UploadedFile::fake()->createWithContent('model.csv', $this->csv);
    ($this->give)(['forecast_file' => $file])->assertSessionHas('done', '3 hours of forecast are kept.');
    ($this->give)(['forecast_text' => "#YY MM DD hh mm WDIR WSPD WVHT DPD ATMP DEWP\n#yr mo dy hr mn degT m/s m sec degC degC\n2026 12 02 09 00 270 4.0 1.5 11 9.0 5.0\n"])->assertSessionHas('done', 'One hour of forecast is kept.');
    expect(Kept::query()->count())->toBe(1)->and(app(PlaceForecasts::class)->of($this->place)?->forecast->hours[0]->heightM)->toBe(1.5);
    $this->delete(route('forecast.destroy', $this->place))->assertSessionHas('done', 'The forecast is gone.');
    expect(app(PlaceForecasts::class)->of($this->place))->toBeNull();
});

it('says at the field what cannot be read, and keeps what was typed', function (string $text, string $words): void {
    ($this->give)(['forecast_text' => $text])->assertSessionHasErrors();
    $this->get('/places/'.$this->place->id)->assertSee($words);
    expect(Kept::query()->count())->toBe(0);
})->with([
    ['', 'Paste the forecast'], ['sunny spells', 'names of columns that are known'],
    ["time,cloud\nyesterday,40", 'No line of it can be read: line 2'],
    ["time,cloud\n2020-01-01T00:00Z,40", 'nothing of the next sixteen days'],
    ["time,cloud\n2026-12-02T09:00Z,140", 'No line of it can be read: line 2'],
    ["time,wind_m_s\n2026-12-02T09:00Z,1e999", 'No line of it can be read'],
]);

it('keeps what can be read of a forecast with bad lines, and says which', function (): void {
    ($this->give)(['forecast_text' => "time,cloud\n2026-12-02T09:00Z,40\n2026-12-02T10:00Z,cloudy\n"])
        ->assertSessionHas('done', 'One hour of forecast is kept. Not read: 1 of its lines, the first line 3: CLOUD cannot be “cloudy”.');
});

it('has a made-up forecast where the service is chosen, that is the same each time and whole', function (): void {
    expect(app(PlaceForecasts::class)->of($this->place))->toBeNull();
    $this->put(route('devices.update'), ['forecast' => 'simulated'])->assertRedirect();
    $given = app(PlaceForecasts::class)->of($this->place);
    expect($given?->source)->toBe('simulated forecast')->and($given?->words())->toBe('simulated forecast, 2 hours old')
        ->and($given?->forecast->at((float) now()->addDays(6)->getTimestamp()))->not->toBeNull();
    $feed = new SimulatedForecast;
    $texts = [$feed->name() => $feed->observations(56.5, -9.9, 0, 13 * 86400)];
    expect(ObservationFiles::read($texts)->badLines)->toBe([])->and(ObservationFiles::read($texts)->observations)->toHaveCount(13 * 24 + 1)
        ->and($feed->observations(56.5, -9.9, 0, 7200))->toBe((new SimulatedForecast)->observations(56.5, -9.9, 0, 7200));
    // What a person gave counts before it.
    ($this->give)(['forecast_text' => $this->csv]);
    expect(app(PlaceForecasts::class)->of($this->place)?->source)->toBe('forecast of yours');
    $this->get('/places/'.$this->place->id)->assertSee('Forget this forecast');
});

// Stockdon et al. 2006, as for the get-off time itself.
it('says when the sea is forecast rougher than the get-off time reckons with, and not when it is calmer', function (): void {
    $day = [(float) strtotime('2026-12-02 00:00 UTC'), (float) strtotime('2026-12-03 00:00 UTC')];
    ($this->give)(['forecast_text' => $this->csv]);
    $rough = fn (): ?string => app(RoughSea::class)->of($this->place->fresh(), ...$day);
    expect($rough())->toBeNull();
    ($this->give)(['forecast_text' => str_replace(',0.5,9', ',2.5,12', $this->csv)]);
    expect($rough())->toContain('waves of 2.5 m, 12 s')->toContain('do not go');
    $this->get('/places/'.$this->place->id.'?day=2026-12-02')->assertSee('waves of 2.5 m');
    $outing = Outing::query()->create(['place_id' => $this->place->id, 'starts_at' => '2026-12-02 08:30', 'ends_at' => '2026-12-02 11:00']);
    $this->get(route('outings.show', $outing))->assertOk()->assertSee('waves of 2.5 m')->assertSee('Heavy cloud, rain');
    $this->get('/')->assertSee('waves of 2.5 m');
    $this->place->update(['wave_height_m' => 3.0, 'wave_period_s' => 13]);
    expect($rough())->toBeNull();
    // Where no get-off time is reckoned there is nothing to be more than.
    $this->place->update(['wave_height_m' => 0.4, 'stand_m' => null, 'way_out_m' => null, 'way_out' => null]);
    expect($rough())->toBeNull();
});

it('is told in the almanac of a day that it reaches, and of no other', function (): void {
    $this->put(route('devices.update'), ['forecast' => 'simulated']);
    $of = fn (string $on): string => (string) $this->get('/almanac?'.http_build_query(['place' => $this->place->id, 'light' => 'day',
        'on' => $on]))->assertOk()->getContent();
    expect($of('2026-12-03'))->toContain('chosen-weather')->toContain('Simulated forecast, 2 hours old.')
        ->and($of('2027-01-20'))->not->toContain('chosen-weather');
});

it('takes a fortnight by the hour, longer than what is typed, and no more hours than are kept', function (): void {
    $lines = ['time,cloud_low,cloud_mid,cloud_high,rain_mm,wind_m_s,wind_from_deg,air_c,dew_point_c,significant_height_m,peak_period_s,from_deg'];
    for ($hour = 0; $hour < 15 * 24; $hour++) {
        $lines[] = gmdate('Y-m-d\TH:i\Z', now()->getTimestamp() + 3600 * $hour).',100,80,60,0.2,9.5,270,8.4,4.2,1.5,9,280';
    }
    expect(strlen(implode("\n", $lines)))->toBeGreaterThan(20000);
    ($this->give)(['forecast_text' => implode("\n", $lines)])->assertSessionHas('done', '360 hours of forecast are kept.');
    expect(app(PlaceForecasts::class)->of($this->place)?->forecast->hours)->toHaveCount(360);
});

it('offers the sky of the forecast for the light of the day, and shows no waves inland', function (): void {
    $this->put(route('devices.update'), ['forecast' => 'simulated']);
    $stair = Place::query()->where('name', 'Thrennet Stair')->firstOrFail();
    $this->get("/places/{$stair->id}?day=2026-12-03")->assertOk()->assertSee('>wind<', false)->assertDontSee('>waves<', false);
    ($this->give)(['forecast_text' => "time,cloud_low\n2026-12-02T12:00Z,100\n"]);
    $this->get("/places/{$this->place->id}?day=2026-12-02")->assertSee('forecast at noon: overcast')->assertSee('sky=overcast', false);
    $this->get("/places/{$this->place->id}?day=2026-12-02&sky=overcast")->assertDontSee('forecast at noon');
});
