<?php

declare(strict_types=1);

namespace App\Rooms\Water;

use App\Devices\Feeds;
use App\Models\Measurement;
use App\Models\MeasurementKind;
use App\Models\Place;
use App\Rooms\Learned\TasteRequest;
use App\Rooms\Learned\Tastes;
use GentlePour\Documents\ObservationFiles;
use GentlePour\InvalidValue;
use GentlePour\Measuring\CloudKind;
use GentlePour\Measuring\CrestTimer;
use GentlePour\Measuring\SetRhythm;
use GentlePour\Motion\WaterKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The water room: measuring what moves. */
final class WaterController
{
    private const SHOWN = 30;

    public function index(): View
    {
        return view('water.index', [
            'measurements' => Measurement::query()->with('place')->latest('measured_at')->latest('id')->limit(self::SHOWN)->get(),
            'tastes' => Tastes::all(),
        ]);
    }

    public function tool(Request $request, MeasurementKind $kind, Feeds $feeds): View
    {
        $air = $kind === MeasurementKind::Clouds && $request->boolean('weather') ? $this->airNow($feeds) : null;

        return view('water.tool', ['kind' => $kind, 'places' => Place::query()->orderBy('name')->get(), 'cloudKinds' => CloudKind::cases(), 'read' => null, 'air' => $air]);
    }

    /**
     * Wind, temperature and dew point of this hour from the weather feed, for the form of the clouds.
     *
     * @return array{source: string, wind_m_s: float, temperature_c: float, dew_point_c: float}|null
     */
    private function airNow(Feeds $feeds): ?array
    {
        $feed = $feeds->feed('weather');
        $place = Place::query()->whereNotNull('latitude')->oldest('id')->first();
        $now = (float) now()->getTimestamp();
        $row = $feed === null ? null : ObservationFiles::read([$feed->name() => $feed->observations($place->latitude ?? 56.5, $place->longitude ?? -9.9, $now - 7200, $now + 7200)])->nearest($now);

        return $feed === null || $row?->windMS === null || $row->airC === null || $row->dewPointC === null
            ? null
            : ['source' => $feed->name(), 'wind_m_s' => $row->windMS, 'temperature_c' => $row->airC, 'dew_point_c' => $row->dewPointC];
    }

    /** The period from presses so far: seconds on the person's own clock. */
    public function heard(CrestRequest $request): View|Response
    {
        try {
            $timer = CrestTimer::ofPresses($request->presses(), $request->leftOut());
        } catch (InvalidValue $e) {
            return response()->view('water.heard', ['timer' => null, 'problem' => $e->getMessage()], 422);
        }

        return view('water.heard', ['timer' => $timer, 'sets' => SetRhythm::of($request->big(), $timer->periodS()), 'now' => $timer->pressesS[$timer->presses() - 1]]);
    }

    public function store(MeasureRequest $request, MeasurementKind $kind, Feeds $feeds): View|RedirectResponse
    {
        if ($kind === MeasurementKind::Buoy && ! $request->isKeeping()) {
            return view('water.tool', [
                'kind' => $kind, 'places' => Place::query()->orderBy('name')->get(), 'cloudKinds' => CloudKind::cases(), 'read' => $request->observations($feeds), 'air' => null,
            ]);
        }
        $measurement = $request->keep();

        return redirect()->route('water')->with('done', $measurement->kind->label().': '.$measurement->figure().' kept.')->with('kept', $measurement->id);
    }

    public function destroy(Measurement $measurement): RedirectResponse
    {
        $measurement->delete();

        return redirect()->route('water')->with('done', 'The measurement is deleted.');
    }

    public function taste(TasteRequest $request, WaterKind $kind): RedirectResponse
    {
        if ($request->isReset()) {
            Tastes::reset($kind);

            return redirect()->route('water')->with('done', 'The taste for '.$kind->label().' is forgotten; verdicts from now on count.');
        }
        Tastes::setByHand($kind, $request->stops());

        return redirect()->route('water')->with('done', 'The taste for '.$kind->label().' is kept.');
    }
}
