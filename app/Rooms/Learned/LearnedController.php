<?php

declare(strict_types=1);

namespace App\Rooms\Learned;

use App\Models\Calibration;
use App\Models\Filter;
use App\Models\Subject;
use Illuminate\Contracts\View\View;

/** What the log has taught: of waters, looks, filters and places, with counts, and nothing from fewer frames than it says. */
final class LearnedController
{
    private const CALIBRATIONS = 60;

    public function __invoke(Tastes $tastes, TimesKept $times, AskedAndHad $asked, PlacesRemember $places): View
    {
        return view('learned.index', [
            'tastes' => $tastes->all(), 'times' => $times->byKind(), 'asked' => $asked->rows(), 'places' => $places->all(),
            'fitted' => Subject::query()->with('place')->whereNotNull('fitted')->get(),
            'calibrations' => Calibration::query()->with('filter')->latest('id')->limit(self::CALIBRATIONS)->get()->groupBy('filter_id'),
            'unmeasured' => Filter::query()->whereNull('measured_stops')->whereNotNull('stops')->oldest('id')->pluck('name')->all(),
        ]);
    }
}
