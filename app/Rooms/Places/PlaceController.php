<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Drawing\BoardWish;
use App\Drawing\DayBoard;
use App\Forms\Decimal;
use App\Forms\Position;
use App\Models\Place;
use App\Rooms\Bench\Bench;
use App\Rooms\Bench\BenchInputs;
use App\Tide\PlaceTide;
use App\Tide\StationCatalogue;
use DateTimeImmutable;
use GentlePour\InvalidValue;
use GentlePour\Sky\LightReading;
use GentlePour\Sky\SkyCondition;
use GentlePour\Time\Instant;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class PlaceController
{
    private const NEAREST = 6;

    public function __construct(private readonly PlaceTide $tides)
    {
    }

    public function index(): View
    {
        return view('places.index', ['places' => Place::query()->with(['subjects', 'marks.sightings'])->orderBy('name')->get()]);
    }

    /** A place with its day board. */
    public function show(Request $request, Place $place): View
    {
        $place->load(['marks.sightings', 'outings', 'subjects']);
        $zone = $place->zone();
        $problem = null;
        $day = new DateTimeImmutable('now', $zone);
        if (is_string($request->query('day'))) {
            try {
                $day = (new DateTimeImmutable('@'.(int) Instant::parse($request->query('day'), $zone)))->setTimezone($zone);
            } catch (InvalidValue $e) {
                $problem = $e->getMessage();
            }
        }
        $board = null;
        try {
            $wish = $request->boolean('hold') ? $this->wish($request) : null;
            $board = DayBoard::of($place, $day, $this->tides, $wish, SkyCondition::tryFrom($request->string('sky')->toString()) ?? SkyCondition::Clear, $this->readings($request, $place, $day));
        } catch (InvalidValue $e) {
            $problem ??= $e->getMessage();
        }

        return view('places.show', [
            'place' => $place, 'board' => $board, 'day' => $day, 'held' => $request->boolean('hold'), 'light' => $request->only(['sky', 'at1', 'ev1', 'at2', 'ev2']), 'problem' => $problem, 'cautions' => $this->tides->cautions($place), 'station' => $this->tides->station($place),
            'runUpM' => $this->tides->runUpM($place),
        ]);
    }

    public function create(): View
    {
        return view('places.edit', ['place' => new Place]);
    }

    public function edit(Place $place): View
    {
        return view('places.edit', ['place' => $place]);
    }

    public function store(PlaceRequest $request): RedirectResponse
    {
        $place = new Place;
        $request->fill($place);

        return redirect()->route('places.show', $place)->with('done', $place->name.' is kept.');
    }

    public function update(PlaceRequest $request, Place $place): RedirectResponse
    {
        $request->fill($place);

        return redirect()->route('places.show', $place)->with('done', $place->name.' is kept.');
    }

    public function destroy(Place $place): RedirectResponse
    {
        $place->delete();

        return redirect()->route('places')->with('done', $place->name.' is gone; its frames stay in the log.');
    }

    /** The nearest stations to a position, while it is typed. */
    public function stations(Request $request, StationCatalogue $catalogue): View
    {
        $written = $request->string('position')->limit(4000, '')->toString();
        try {
            $position = Position::parse($written);

            $stations = $catalogue->near($position->latitude, $position->longitude, self::NEAREST);

            return view('places.stations', [
                'stations' => $stations, 'differ' => $this->differ($catalogue, $stations), 'chosen' => $request->string('station_id')->toString(),
            ]);
        } catch (InvalidValue $e) {
            return view('places.stations', ['problem' => trim($written) === '' ? null : $e->getMessage()]);
        }
    }

    /**
     * Where neighbouring stations have tides of very different range, a headland or a strait may lie between them and the place.
     *
     * @param  list<array{id: string, name: string, country: string, distanceKm: float, madeUp: bool}>  $stations
     * @return array{float, float}|null the least and the greatest spring range of the three nearest, in m
     */
    private function differ(StationCatalogue $catalogue, array $stations): ?array
    {
        $ranges = array_map(static fn (array $s): float => $catalogue->find($s['id'])->springRangeM(), array_slice($stations, 0, 3));
        $ranges = array_filter($ranges, static fn (float $range): bool => $range > 0.05);

        return count($ranges) > 1 && max($ranges) > 1.5 * min($ranges) ? [min($ranges), max($ranges)] : null;
    }

    /**
     * One or two readings of the light that day, by the place's clock: they anchor the curve.
     *
     * @return list<LightReading>
     *
     * @throws InvalidValue when a time or an EV cannot be read
     */
    private function readings(Request $request, Place $place, DateTimeImmutable $day): array
    {
        $readings = [];
        foreach ([['at1', 'ev1'], ['at2', 'ev2']] as [$at, $ev]) {
            [$time, $value] = [$request->string($at)->trim()->toString(), $request->string($ev)->trim()->toString()];
            if ($time === '' && $value === '') {
                continue;
            }
            if (preg_match('/^\d{1,2}:\d{2}$/', $time) !== 1 || preg_match(Decimal::PATTERN, $value) !== 1 || preg_match('/\d/', $value) !== 1) {
                throw new InvalidValue('A reading of the light is a time like 6:15 and an EV like 7.5.');
            }
            $readings[] = new LightReading(Instant::parse($day->format('Y-m-d').'T'.str_pad($time, 5, '0', STR_PAD_LEFT), $place->zone()), Decimal::read($value));
        }

        return $readings;
    }

    /** The look that stands on the bench, for the rows “no filter” and “hold”. A bench that cannot be worked out asks for nothing. */
    private function wish(Request $request): ?BoardWish
    {
        try {
            $bench = Bench::of([...BenchInputs::defaults(), ...(array) $request->session()->get('bench', [])]);

            return new BoardWish($bench->window, $bench->question->bag, $bench->question->habits, $bench->window->best->label());
        } catch (InvalidValue|ModelNotFoundException) {
            return null;
        }
    }
}
