<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use App\Household\Dropping;
use App\Models\Outing;
use App\Models\Place;
use Illuminate\Http\RedirectResponse;

final class OutingController
{
    public function store(OutingRequest $request, Place $place, PlanOuting $plan): RedirectResponse
    {
        $outing = $plan($place, $request->typed());
        $day = $outing->starts_at->setTimezone($place->timezone)->format('Y-m-d');

        return redirect()->route('places.show', [$place, 'day' => $day])->with('done', 'The outing is planned.');
    }

    public function destroy(Outing $outing, Dropping $drop): RedirectResponse
    {
        return Dropping::said(redirect()->route('places.show', $outing->place_id), 'The outing is off.', $drop($outing));
    }
}
