<?php

declare(strict_types=1);

namespace App\Rooms\Weather;

use App\Models\Forecast as Kept;
use App\Models\Place;
use GentlePour\Documents\ObservationFiles;
use GentlePour\InvalidValue;
use GentlePour\Weather\WeatherHour;

/** Keeps the forecast that a person gave for a place, in the stead of the one before. */
final readonly class KeepForecast
{
    private const HOURS_AT_MOST = 500;

    private const BACK_S = 86400;

    private const AHEAD_S = 16 * 86400;

    /**
     * @param  array<string, string>  $texts  contents by name
     * @return string what came of it, in words
     *
     * @throws InvalidValue at forecast_text, when nothing in it can be read or it says nothing of the days ahead
     */
    public function __invoke(Place $place, array $texts, string $source): string
    {
        try {
            $files = ObservationFiles::read($texts);
        } catch (InvalidValue $e) {
            throw (new InvalidValue($e->getMessage()))->at('forecast_text');
        }
        $now = (float) now()->getTimestamp();
        $hours = array_slice(array_values(array_filter(
            PlaceForecasts::hours($files)->hours,
            static fn (WeatherHour $h): bool => $h->unix > $now - self::BACK_S && $h->unix < $now + self::AHEAD_S,
        )), 0, self::HOURS_AT_MOST);
        if ($hours === []) {
            throw (new InvalidValue($files->badLines === []
                ? 'It says nothing of the next sixteen days.'
                : sprintf('No line of it can be read: line %d, %s', $files->badLines[0]['line'], $files->badLines[0]['reason'])))
                ->at('forecast_text');
        }
        Kept::query()->updateOrCreate(['place_id' => $place->id], [
            'source' => $source === '' ? 'forecast of yours' : $source, 'taken_at' => now(),
            'hours' => array_map(static fn (WeatherHour $h): array => array_values(get_object_vars($h)), $hours),
        ]);
        $kept = count($hours) === 1 ? 'One hour of forecast is kept.' : count($hours).' hours of forecast are kept.';
        $first = $files->badLines[0] ?? null;

        return $first === null ? $kept : sprintf(
            '%s Not read: %d of its lines, the first line %d: %s', $kept, count($files->badLines), $first['line'], $first['reason'],
        );
    }
}
