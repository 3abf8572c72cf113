<?php

declare(strict_types=1);

namespace App\Rooms\Almanac;

use App\Files\WindowFiles;
use App\Models\Place;
use GentlePour\InvalidValue;
use GentlePour\Outing\Cautions;
use GentlePour\Planning\WantedLight;
use GentlePour\Planning\Window;
use GentlePour\Planning\WindowSearch;
use GentlePour\Time\PlaceCalendar;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Illuminate\Support\MessageBag;

final class WindowController
{
    private const RARE_DAYS = 60;

    /** So many are shown at first, and so many at most. */
    private const SHOWN = 40;

    private const SHOWN_AT_MOST = 1000;

    public function index(WindowsRequest $request, AskedWindows $asked): View
    {
        $place = $request->place();
        $form = self::form([...$request->query()], new MessageBag);
        if ($place === null) {
            return view('almanac.index', $form + ['place' => null, 'windows' => null]);
        }
        $found = self::found($request, $asked, $place);
        $most = $request->boolean('all') ? self::SHOWN_AT_MOST : self::SHOWN;
        $shown = array_slice($request->isByTime() ? $found : WindowSearch::ranked($found), 0, $most);

        return view('almanac.index', $form + [
            'place' => $place,
            'hasTide' => $place->tide->hasTide(),
            'edges' => array_map(Cautions::atTheEdgeOf(...), $place->load('subjects')->waters()),
            'windows' => array_map(static fn (Window $w): FoundWindow => new FoundWindow($w, $place->zone()), $shown),
            'count' => count($found),
            'query' => http_build_query(array_diff_key($request->query(), ['all' => 1])),
            'more' => count($found) > count($shown) && $most === self::SHOWN,
            'days' => self::daysSoon($found, $place),
        ]);
    }

    public function calendar(WindowsRequest $request, AskedWindows $asked): Response
    {
        return self::file($request, $asked, 'text/calendar', 'ics', WindowFiles::calendar(...));
    }

    public function table(WindowsRequest $request, AskedWindows $asked): Response
    {
        return self::file($request, $asked, 'text/csv', 'csv', WindowFiles::csv(...));
    }

    /**
     * What the form shows, whether or not it could be searched for.
     *
     * @param  array<string, mixed>  $inputs
     * @return array<string, mixed>
     */
    public static function form(array $inputs, MessageBag $problems): array
    {
        return [
            'places' => Place::query()->with('marks')->orderBy('name')->get(), 'inputs' => $inputs, 'problems' => $problems,
            'lights' => WantedLight::cases(),
            'sides' => SunSide::cases(), 'weekdays' => PlaceCalendar::DAYS,
        ];
    }

    /** @param  callable(Place, list<Window>): string  $write */
    private static function file(WindowsRequest $request, AskedWindows $asked, string $type, string $ending, callable $write): Response
    {
        $place = $request->place() ?? abort(404);

        return new Response($write($place, self::found($request, $asked, $place)), 200, [
            'Content-Type' => $type.'; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"windows.{$ending}\"",
        ]);
    }

    /** @return list<Window> in order of time */
    private static function found(WindowsRequest $request, AskedWindows $asked, Place $place): array
    {
        try {
            return $asked->at($place, $request->asked(), $request->months());
        } catch (InvalidValue $e) {
            $field = array_key_exists($e->field(), $request->rules()) ? $e->field() : 'form';

            throw new WindowsRefused(new MessageBag([$field => [$e->getMessage()]]), [...$request->query()]);
        }
    }

    /** @param  list<Window>  $windows */
    private static function daysSoon(array $windows, Place $place): int
    {
        $until = now()->getTimestamp() + 86400 * self::RARE_DAYS;
        $days = [];
        foreach ($windows as $window) {
            if ($window->from < $until) {
                $days[(new FoundWindow($window, $place->zone()))->from->format('Y-m-d')] = true;
            }
        }

        return count($days);
    }
}
