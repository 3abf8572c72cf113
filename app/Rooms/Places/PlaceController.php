<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Files\PlacesGpx;
use App\Forms\Position;
use App\Household\AsSeen;
use App\Household\Dropping;
use App\Models\Place;
use App\Models\TideSource;
use App\Rooms\Bench\KeptBench;
use App\Rooms\Weather\PlaceForecasts;
use App\Rooms\Weather\RoughSea;
use App\Tide\ClockOfPlace;
use App\Tide\PlaceTide;
use App\Tide\StationCatalogue;
use DateTimeImmutable;
use GentlePour\InvalidValue;
use GentlePour\Outing\Cautions;
use GentlePour\Sky\SkyCondition;
use GentlePour\Sky\SkyEvent;
use GentlePour\Tide\Station;
use Illuminate\Contracts\Session\Session;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class PlaceController
{
    private const NEAREST = 6;

    /** So many of the nearest stations are set against each other. */
    private const COMPARED = 3;

    /** Further off than this no station says anything of a place's tide. Judgement. */
    private const FAR_KM = 150.0;

    public function index(AllPlaces $all): View
    {
        $places = Place::query()->with(['marks.sightings'])->orderBy('name')->get();

        return view('places.index', [
            'rows' => $all->rows($places), 'map' => $all->map($places), 'now' => new DateTimeImmutable('now'),
        ]);
    }

    public function waypoints(): Response
    {
        return new Response(PlacesGpx::of(Place::query()->orderBy('name')->get()), 200, [
            'Content-Type' => 'application/gpx+xml', 'Content-Disposition' => 'attachment; filename="places.gpx"',
        ]);
    }

    /** A place with its day board. */
    public function show(
        DayRequest $request, HorizonRequest $lens, Place $place, DayBoards $boards, PlaceTide $tides, KeptBench $kept, SilkTimes $silk,
        PlaceAround $around, PlaceCoast $coast, PlaceForecasts $forecasts, RoughSea $rough, ClockOfPlace $clock,
    ): View {
        $place->load(['marks.sightings', 'outings', 'subjects']);
        $day = new DateTimeImmutable('now', $place->zone());
        $problem = $board = null;
        try {
            $day = $request->day($place);
        } catch (InvalidValue $e) {
            $problem = $e->getMessage();
        }
        try {
            $wanted = $request->isHeld() ? self::wanted($kept, $request->session()) : null;
            $board = $boards->of($place, $day, $wanted, $request->sky(), $request->readings($place, $day));
        } catch (InvalidValue $e) {
            $problem ??= $e->getMessage();
        }

        if ($board !== null && $request->isHeld() && $request->hasHeader('HX-Request')) {
            return view('places.board', [
                'place' => $place, 'board' => $board, 'events' => SkyEvent::cases(), 'day' => $day, 'held' => true,
            ]);
        }

        $given = $forecasts->of($place);
        $noon = (float) $day->setTimezone($place->zone())->setTime(12, 0)->getTimestamp();

        return view('places.show', [
            'place' => $place,
            'board' => $board,
            'events' => SkyEvent::cases(),
            'day' => $day,
            'held' => $request->isHeld(),
            'light' => $request->light(),
            'skies' => SkyCondition::cases(),
            'problem' => $problem,
            'clockHere' => $clock->insteadOfUtc($place),
            'cautions' => $tides->cautions($place),
            'hasTide' => $place->tide->hasTide(),
            'edges' => array_map(Cautions::atTheEdgeOf(...), $place->waters()),
            'station' => $tides->station($place),
            'runUpM' => $tides->runUpM($place),
            'silk' => $silk->of($place->subjects),
            'coast' => $coast->of($place),
            'forecast' => $given,
            'forecastSky' => $given?->forecast->at($noon)?->sky(),
            'rough' => $board === null ? null : $rough->of($place, $board->scene->from, $board->scene->to),
            'around' => $around->of($place, $day, $lens->asked(), $board?->scene->tide),
        ]);
    }

    public function create(): View
    {
        return view('places.edit', ['place' => new Place, 'sources' => TideSource::cases()]);
    }

    public function edit(Place $place): View
    {
        return view('places.edit', ['place' => $place, 'sources' => TideSource::cases()]);
    }

    public function store(PlaceRequest $request, KeepPlace $keep): RedirectResponse
    {
        $place = new Place;
        $keep($place, $request->typed());

        return redirect()->route('places.show', $place)->with('done', $place->name.' is kept.');
    }

    public function update(PlaceRequest $request, Place $place, KeepPlace $keep): RedirectResponse
    {
        AsSeen::check($request, $place);
        $keep($place, $request->typed());

        return redirect()->route('places.show', $place)->with('done', $place->name.' is kept.');
    }

    /** The stand or the way out, from where the water stands or stood. */
    public function stand(StandRequest $request, Place $place, KeepStand $keep): RedirectResponse
    {
        $which = $request->string('which')->toString() === 'stand_m' ? 'stand_m' : 'way_out_m';
        $said = $keep($place, $which, $request->string('seen')->toString() === 'edge', $request->string('stand_at')->trim()->toString());

        return redirect()->route('places.show', $place)->with('done', $said)->withFragment('stand');
    }

    public function destroy(Place $place, Dropping $drop): RedirectResponse
    {
        return Dropping::said(redirect()->route('places'), $place->name.' is gone; its frames stay in the log.', $drop($place));
    }

    /** The nearest stations to a position, while it is typed. */
    public function stations(Request $request, StationCatalogue $catalogue, ClockOfPlace $clock): View
    {
        $written = $request->string('position')->limit(4000, '')->toString();
        try {
            $position = Position::parse($written);
        } catch (InvalidValue $e) {
            return view('places.stations', ['problem' => trim($written) === '' ? null : $e->getMessage()]);
        }
        $stations = $catalogue->near($position->latitude, $position->longitude, self::NEAREST);
        $nearest = array_map(static fn (array $s): Station => $catalogue->find($s['id']), array_slice($stations, 0, self::COMPARED));

        return view('places.stations', [
            'stations' => $stations, 'isFar' => $stations[0]['distanceKm'] > self::FAR_KM, 'none' => TideSource::None->label(),
            'differ' => Station::ranges($nearest), 'chosen' => $request->string('station_id')->toString(),
            'zone' => $request->filled('timezone') ? null : $clock->at($position, $stations[0]),
        ]);
    }

    /** The look on the bench, for the rows “no filter” and “hold”. A bench that cannot be worked out asks for nothing. */
    private static function wanted(KeptBench $kept, Session $session): ?WantedFrame
    {
        $bench = $kept->open($session);

        return $bench === null
            ? null
            : new WantedFrame($bench->window, $bench->question->bag, $bench->question->habits, $bench->window->best->label());
    }
}
