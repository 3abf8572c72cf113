<?php

declare(strict_types=1);

namespace App\Rooms\Learned;

use App\Household\Dropping;
use App\Models\Calibration;
use App\Models\Filter;
use App\Models\Subject;
use GentlePour\Motion\Look;
use GentlePour\Motion\WaterKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** What the log has taught: of waters, looks, filters and places, with counts, and nothing from fewer frames than it says. */
final class LearnedController
{
    private const CALIBRATIONS = 60;

    public function show(Tastes $tastes, OwnLooks $looks, TimesKept $times, AskedAndHad $asked, PlacesRemember $places): View
    {
        return view('learned.index', [
            'bounds' => $looks->bounds(), 'called' => $looks->frames(), 'looks' => Look::cases(),
            'tastes' => $tastes->all(), 'waterNames' => WaterKind::labels(), 'times' => $times->byKind(), 'asked' => $asked->rows(),
            'places' => $places->all(),
            'fitted' => Subject::query()->with('place')->whereNotNull('fitted')->get(),
            'calibrations' => Calibration::query()->with('filter')->latest('id')->limit(self::CALIBRATIONS)->get()->groupBy('filter_id'),
            'unmeasured' => Filter::query()->whereNull('measured_stops')->whereNotNull('stops')->oldest('id')->pluck('name')->all(),
        ]);
    }

    /** What frames were called no longer counts: the looks begin and end where they commonly do. */
    public function forgetLooks(OwnLooks $looks): RedirectResponse
    {
        $said = 'Your own looks are forgotten; what you call frames from now on counts.';

        return Dropping::said(redirect()->route('learned'), $said, $looks->forget());
    }
}
