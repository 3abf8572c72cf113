<?php

declare(strict_types=1);

namespace App\Rooms\Weather;

use App\Devices\Feeds;
use App\Household\Devices;
use App\Models\Forecast as Kept;
use App\Models\Place;
use GentlePour\Documents\Observation;
use GentlePour\Documents\ObservationFiles;
use GentlePour\Weather\Forecast;
use GentlePour\Weather\WeatherHour;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;

/** The forecast of a place: the one that a person gave, else that of the service that is chosen. */
final class PlaceForecasts
{
    private const FEED = 'forecast';

    private const BACK_S = 86400;

    private const AHEAD_S = 7 * 86400;

    /** Services renew their forecasts so often, in s. */
    private const RUN_S = 6 * 3600;

    /** @var array<int, GivenForecast|null> by place: read once a request */
    private array $read = [];

    public function __construct(
        private readonly Feeds $feeds, private readonly Devices $devices, private readonly WeatherWords $words,
    ) {
    }

    public function reader(Place $place): WeatherReader
    {
        return new WeatherReader($this->of($place), $this->words, $place->tide->hasTide());
    }

    public function of(Place $place): ?GivenForecast
    {
        if (! array_key_exists($place->id, $this->read)) {
            $this->read[$place->id] = $this->given($place);
        }

        return $this->read[$place->id];
    }

    private function given(Place $place): ?GivenForecast
    {
        $kept = Kept::query()->where('place_id', $place->id)->first();
        if ($kept !== null) {
            return new GivenForecast(
                Forecast::of(array_map(
                    static fn (array $hour): WeatherHour => new WeatherHour((float) array_shift($hour), ...$hour), $kept->hours,
                )), $kept->source, $kept->taken_at, true,
            );
        }
        $feed = $this->devices->hasForecast() ? $this->feeds->feed(self::FEED) : null;
        if ($feed === null || $place->latitude === null || $place->longitude === null) {
            return null;
        }
        $run = self::RUN_S * intdiv(now()->getTimestamp(), self::RUN_S);
        $key = sprintf('forecast:%s:%.4f:%.4f:%d', $feed->name(), $place->latitude, $place->longitude, $run);
        $forecast = Cache::remember($key, self::RUN_S, static fn (): Forecast => self::hours(ObservationFiles::read([
            $feed->name() => $feed->observations($place->latitude, $place->longitude, $run - self::BACK_S, $run + self::AHEAD_S),
        ])));

        return new GivenForecast($forecast, $feed->name(), Carbon::createFromTimestamp($run), false);
    }

    /** What rows of observations say, as hours of weather. */
    public static function hours(ObservationFiles $files): Forecast
    {
        return Forecast::of(array_map(static fn (Observation $o): WeatherHour => new WeatherHour(
            $o->unix, $o->lowCloudPercent, $o->middleCloudPercent, $o->highCloudPercent, $o->cloudPercent, $o->windMS, $o->windFromDeg,
            $o->rainMm, $o->airC, $o->dewPointC, $o->significantHeightM, $o->periodS(), $o->fromDeg,
        ), $files->observations));
    }
}
