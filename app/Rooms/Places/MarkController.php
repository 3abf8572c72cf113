<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Household\Dropping;
use App\Models\LevelMark;
use App\Models\Place;
use App\Models\Sighting;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Level marks of a place, and what was seen there. */
final class MarkController
{
    public function store(MarkRequest $request, Place $place): RedirectResponse
    {
        $mark = $request->mark();
        $place->marks()->create($mark);

        return redirect()->route('places.show', $place)
            ->with('done', 'The mark is kept'.($mark['height_m'] === null ? '; it learns its height from sightings.' : '.'));
    }

    public function destroy(LevelMark $mark, Dropping $drop): RedirectResponse
    {
        return Dropping::said(redirect()->route('places.show', $mark->place_id), 'The mark is gone.', $drop($mark));
    }

    /** One press in the field: reached or not, now; or at an instant that is typed. */
    public function sight(Request $request, LevelMark $mark, KeepSighting $keep): RedirectResponse
    {
        $request->validate(['reached' => ['required', 'boolean'], 'seen_at' => ['nullable', 'string', 'max:40']]);
        $sighting = $keep($mark, $request->boolean('reached'), $request->string('seen_at')->trim()->toString());

        return redirect()->route('places.show', $mark->place_id)->with('done', sprintf(
            'Seen: %s at a prediction of %.2f m.', $sighting->reached ? 'reached' : 'not reached', $sighting->predicted_m,
        ));
    }

    public function forget(Sighting $sighting, Dropping $drop): RedirectResponse
    {
        $mark = $sighting->mark()->firstOrFail();

        return Dropping::said(redirect()->route('places.show', $mark->place_id), 'The sighting is gone.', $drop($sighting));
    }
}
