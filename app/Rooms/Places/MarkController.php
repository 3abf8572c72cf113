<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Household\Dropping;
use App\Models\LevelMark;
use App\Models\Place;
use App\Models\Sighting;
use GentlePour\Units;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Level marks of a place, and what was seen there. */
final class MarkController
{
    public function store(MarkRequest $request, Place $place, Predicted $predicted, Units $units): RedirectResponse
    {
        $mark = $request->mark();
        if ($request->isSeenNow()) {
            $mark['height_m'] = round($predicted->at($place, '', 'height_m')[1], 2);
        }
        $place->marks()->create($mark);

        return redirect()->route('places.show', $place)->with(
            'done', $mark['height_m'] === null
                ? 'The mark is kept; it learns its height from sightings.'
                : 'The mark is kept at '.$units->metres($mark['height_m'], 2).'.',
        );
    }

    public function destroy(LevelMark $mark, Dropping $drop): RedirectResponse
    {
        return Dropping::said(redirect()->route('places.show', $mark->place_id), 'The mark is gone.', $drop($mark));
    }

    /** One press in the field: reached or not, now; or at an instant that is typed. */
    public function sight(Request $request, LevelMark $mark, KeepSighting $keep, Units $units): RedirectResponse
    {
        $request->validate(['reached' => ['required', 'boolean'], 'seen_at' => ['nullable', 'string', 'max:40']]);
        $sighting = $keep($mark, $request->boolean('reached'), $request->string('seen_at')->trim()->toString());

        return redirect()->route('places.show', $mark->place_id)->with('done', sprintf(
            'Seen: %s at a prediction of %s.', $sighting->reached ? 'reached' : 'not reached', $units->metres($sighting->predicted_m, 2),
        ));
    }

    /** Struck out, a sighting teaches nothing; pressed again, it counts again. */
    public function strike(Sighting $sighting): RedirectResponse
    {
        $sighting->update(['struck' => ! $sighting->struck]);

        return redirect()->route('places.show', $sighting->mark()->firstOrFail()->place_id)
            ->with('done', $sighting->struck ? 'Struck out: the mark no longer learns from it.' : 'The sighting counts again.');
    }

    public function forget(Sighting $sighting, Dropping $drop): RedirectResponse
    {
        $mark = $sighting->mark()->firstOrFail();

        return Dropping::said(redirect()->route('places.show', $mark->place_id), 'The sighting is gone.', $drop($sighting));
    }
}
