<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Forms\Compass;
use App\Household\AsSeen;
use App\Models\Place;
use GentlePour\InvalidValue;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** What lies around a place: horizon, skyline, ground. */
final class AroundController
{
    /** The horizon again, while the frame is dragged or its fields are typed. */
    public function horizon(HorizonRequest $request, DayRequest $ofDay, Place $place, PlaceAround $around): Response
    {
        $place->load('subjects');
        try {
            $day = $ofDay->day($place);
        } catch (InvalidValue $e) {
            abort(404, $e->getMessage());
        }
        $asked = $request->asked();

        return new Response(
            view('places.around', $around->of($place, $day, $asked))->render(), $asked->problems->isEmpty() ? 200 : 422,
        );
    }

    public function facing(FacingRequest $request, Place $place): RedirectResponse
    {
        $place->update(['facing_deg' => $request->typed()->needed('facing')]);

        return redirect()->route('places.show', $place)->with('done', $place->name.' faces '.round((float) $place->facing_deg).'° now.')
            ->withFragment('around');
    }

    public function update(AroundRequest $request, Place $place, Compass $compass): RedirectResponse
    {
        AsSeen::check($request, $place);
        $typed = $request->typed();
        $place->update([
            'skyline' => $typed->has('skyline') ? $compass->inTrue($typed->text('skyline'), $place->observer()) : null,
            'way_out' => $typed->has('way_out') ? $compass->inTrue($typed->text('way_out'), $place->observer()) : null,
            'swell_from_deg' => $typed->number('swell_from_deg'),
            'wind_from_deg' => $typed->number('wind_from_deg'),
        ]);

        return redirect()->route('places.show', $place)->with('done', 'What stands around '.$place->name.' is kept.')
            ->withFragment('around');
    }
}
