<?php

declare(strict_types=1);

namespace App\Rooms\Water;

use App\Files\LogTable;
use App\Forms\Refusal;
use App\Household\Dropping;
use App\Models\Measurement;
use App\Models\MeasurementKind;
use App\Models\Place;
use App\Rooms\Learned\Tastes;
use GentlePour\InvalidValue;
use GentlePour\Measuring\CloudKind;
use GentlePour\Measuring\CrestTimer;
use GentlePour\Measuring\FloatRuns;
use GentlePour\Measuring\SetRhythm;
use GentlePour\Motion\CloudDrift;
use GentlePour\Motion\WaterKind;
use GentlePour\Outing\Cautions;
use GentlePour\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The water room: measuring what moves. */
final class WaterController
{
    private const SHOWN = 30;

    /** Of a tool's own, beside it. */
    private const BESIDE = 3;

    /** What a file of observations may look like, made up. */
    public const EXAMPLES = [
        "time,wave_height,wave_period,wind_speed\n2026-03-14T06:00Z,1.4,9.5,6.2\n2026-03-14T07:00Z,1.5,9.8,7.0",
        "#YY  MM DD hh mm WDIR WSPD  WVHT   DPD\n#yr  mo dy hr mn degT m/s      m   sec\n2026 03 14 06 00  240  6.2   1.4   9.5",
    ];

    public function index(Tastes $tastes): View
    {
        return view('water.index', [
            'tools' => MeasurementKind::cases(),
            'measurements' => Measurement::query()->with('place')->latest('measured_at')->latest('id')->limit(self::SHOWN)->get(),
            'clouds' => MeasurementKind::Clouds,
            'tastes' => $tastes->all(),
            'waterNames' => WaterKind::labels(),
        ]);
    }

    public function table(): StreamedResponse
    {
        return LogTable::sent('water.csv', LogTable::measurements(...));
    }

    public function tool(Request $request, MeasurementKind $kind, FeedReader $feeds): View
    {
        $air = $kind === MeasurementKind::Clouds && $request->boolean('weather') ? $feeds->airNow() : null;

        return self::form($kind, null, $air);
    }

    /** The period from presses so far: seconds on the person's own clock. */
    public function heard(CrestRequest $request): View|Response
    {
        try {
            $timer = CrestTimer::ofPresses($request->presses(), $request->leftOut());
        } catch (InvalidValue $e) {
            return response()->view('water.heard', ['timer' => null, 'problem' => $e->getMessage()], 422);
        }

        return view('water.heard', [
            'timer' => $timer,
            'missing' => CrestTimer::ENOUGH_PRESSES - $timer->presses(),
            'sets' => SetRhythm::of($request->big(), $timer->periodS()),
            'now' => $timer->pressesS[$timer->presses() - 1],
        ]);
    }

    public function store(
        MeasureRequest $request, MeasurementKind $kind, FeedReader $feeds, KeepMeasurement $keep, Units $units,
    ): View|RedirectResponse {
        $typed = $request->typed();
        if (! $request->isKeeping()) {
            $at = $typed->has('at') ? Carbon::parse($typed->text('at'), 'UTC') : now();
            $fed = $feeds->texts($typed->text('feed'), $typed->id('place_id'), (float) $at->getTimestamp());

            return self::form($kind, ObservationsRead::of($fed === [] ? $request->texts() : $fed, $at), null);
        }
        $measurement = Refusal::renamed(MeasureRequest::CORE_FIELDS, static fn (): Measurement => $keep($kind, $typed));

        return redirect()->route('water')->with(
            'done', $measurement->kind->label().': '.$measurement->figure($units).' kept.',
        )->with('kept', $measurement->id);
    }

    public function destroy(Measurement $measurement, Dropping $drop): RedirectResponse
    {
        return Dropping::said(redirect()->route('water'), 'The measurement is deleted.', $drop($measurement));
    }

    /** @param  array{string, \GentlePour\Documents\Observation}|null  $air */
    private static function form(MeasurementKind $kind, ?ObservationsRead $read, ?array $air): View
    {
        return view('water.tool', [
            'kind' => $kind,
            'readsFiles' => $kind === MeasurementKind::Buoy,
            'places' => Place::query()->orderBy('name')->get(),
            'cloudKinds' => CloudKind::cases(),
            'drifts' => CloudDrift::cases(),
            'meanOfSurface' => FloatRuns::MEAN_OF_SURFACE,
            'read' => $read,
            'air' => $air,
            'last' => Measurement::query()->where('kind', $kind)->with('place')->latest('measured_at')->latest('id')
                ->limit(self::BESIDE)->get(),
            'examples' => self::EXAMPLES,
            'edge' => $kind->body() === null ? null : Cautions::atTheEdgeOf($kind->body()),
        ]);
    }
}
