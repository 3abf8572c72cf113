<?php

declare(strict_types=1);

namespace App\Rooms\Weather;

use App\Models\Forecast;
use App\Models\Place;
use Illuminate\Http\RedirectResponse;

/** The forecast of a place, as a person gives it. */
final class WeatherController
{
    public function update(ForecastRequest $request, Place $place, KeepForecast $keep): RedirectResponse
    {
        $said = $keep($place, $request->texts(), $request->typed()->text('source'));

        return redirect()->route('places.show', $place)->with('done', $said)->withFragment('board');
    }

    public function destroy(Place $place): RedirectResponse
    {
        Forecast::query()->where('place_id', $place->id)->delete();

        return redirect()->route('places.show', $place)->with('done', 'The forecast is gone.')->withFragment('board');
    }
}
