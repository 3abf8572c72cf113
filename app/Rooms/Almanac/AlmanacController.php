<?php

declare(strict_types=1);

namespace App\Rooms\Almanac;

use App\Files\WindowFiles;
use App\Models\Place;
use App\Rooms\Learned\PlacesRemember;
use App\Rooms\Weather\PlaceForecasts;
use App\Tide\KeptOfPlace;
use Closure;
use GentlePour\InvalidValue;
use GentlePour\Outing\Cautions;
use GentlePour\Planning\Window;
use GentlePour\Planning\WindowSearch;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\MessageBag;

/** Months ahead as one drawing, with what a person waits for as a sentence over it. */
final class AlmanacController
{
    /** So many are listed at first, and so many at most. */
    private const SHOWN = 40;

    private const SHOWN_AT_MOST = 1000;

    public function index(
        AlmanacRequest $request, AskedWindows $asked, AlmanacForm $form, DrawnMonths $months, PlaceForecasts $forecasts,
    ): View {
        $place = $request->place();
        $shown = $form->of($place, $request->inputs(), new MessageBag);
        if ($place === null || $place->observer() === null) {
            return view('almanac.index', $shown + ['drawn' => null]);
        }
        $found = self::found($request, $asked, $place);
        $most = $request->boolean('all') ? self::SHOWN_AT_MOST : self::SHOWN;
        $listed = array_slice($request->isByTime() ? $found : WindowSearch::ranked($found), 0, $most);

        return view('almanac.index', $shown + [
            'drawn' => $months->of($place, $request->asked(), $found, $request->months(), $request->day()),
            'hasTide' => $place->tide->hasTide(),
            'edges' => array_map(Cautions::atTheEdgeOf(...), $place->load('subjects')->waters()),
            'windows' => array_map(static fn (Window $w): FoundWindow => new FoundWindow($w, $place->zone()), $listed),
            'weather' => $forecasts->reader($place),
            'count' => count($found),
            'query' => http_build_query(array_diff_key($request->inputs(), ['all' => 1, 'on' => 1])),
            'more' => count($found) > count($listed) && $most === self::SHOWN,
        ]);
    }

    /** What the keepers of a place have in common, asked for. */
    public function likeKeepers(Place $place, PlacesRemember $remember): RedirectResponse
    {
        $worked = $remember->at($place);

        return $worked === null
            ? redirect()->route('almanac', ['place' => $place->id])->with('done', 'The keepers there have no tide or sun in common yet.')
            : redirect()->route('almanac', PlacesRemember::query($place, $worked));
    }

    /** Where it was before. */
    public function moved(Request $request): RedirectResponse
    {
        return redirect()->route('almanac', $request->query(), 301);
    }

    public function calendar(AlmanacRequest $request, AskedWindows $asked): Response
    {
        return self::file($request, $asked, 'text/calendar', 'ics', WindowFiles::calendar(...));
    }

    public function table(AlmanacRequest $request, AskedWindows $asked): Response
    {
        return self::file($request, $asked, 'text/csv', 'csv', WindowFiles::csv(...));
    }

    /** @param  callable(Place, list<Window>): string  $write */
    private static function file(AlmanacRequest $request, AskedWindows $asked, string $type, string $ending, callable $write): Response
    {
        $place = $request->filled('place') ? $request->place() : null;
        $place ?? abort(404);

        $goesBy = self::refused($request, static fn (): array => AskedWindows::search($place, $request->asked(), $request->months()));
        $written = KeptOfPlace::get(
            $ending, $place, [$goesBy, $request->root()], static fn (): string => $write($place, self::found($request, $asked, $place)),
        );

        return new Response($written, 200, [
            'Content-Type' => $type.'; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"windows.{$ending}\"",
        ]);
    }

    /** @return list<Window> in order of time */
    private static function found(AlmanacRequest $request, AskedWindows $asked, Place $place): array
    {
        return self::refused($request, static fn (): array => $asked->at($place, $request->asked(), $request->months()));
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    private static function refused(AlmanacRequest $request, Closure $work): mixed
    {
        try {
            return $work();
        } catch (InvalidValue $e) {
            $field = array_key_exists($e->field(), $request->rules()) ? $e->field() : 'form';

            throw new AlmanacRefused(new MessageBag([$field => [$e->getMessage()]]), $request->inputs());
        }
    }
}
