<?php

declare(strict_types=1);

namespace App\Rooms\Almanac;

use App\Files\WindowFiles;
use App\Models\Place;
use App\Tide\PlaceTide;
use GentlePour\Planning\Window;
use GentlePour\Planning\WindowSearch;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

final class WindowController
{
    /** A month of calendar as the search counts it. */
    private const MONTH_S = 30.44 * 86400;

    private const RARE_DAYS = 60;

    private const SHOWN = 200;

    public function __construct(private readonly PlaceTide $tides)
    {
    }

    public function index(WindowsRequest $request): View
    {
        $place = $request->place();
        $windows = $place === null ? null : $this->found($request, $place);
        $soon = array_filter($windows ?? [], static fn (Window $w): bool => $w->from < now()->getTimestamp() + 86400 * self::RARE_DAYS);

        return view('windows.index', [
            'places' => Place::query()->with('marks')->orderBy('name')->get(), 'place' => $place, 'problems' => new \Illuminate\Support\MessageBag, 'inputs' => $request->query(),
            'windows' => $windows === null ? null : array_slice($request->byTime() ? $windows : WindowSearch::ranked($windows), 0, self::SHOWN),
            'count' => count($windows ?? []), 'byTime' => $request->byTime(), 'query' => http_build_query($request->query()),
            'days' => $place === null ? 0 : count(array_unique(array_map(
                static fn (Window $w): string => (new \DateTimeImmutable('@'.(int) $w->from))->setTimezone($place->zone())->format('Y-m-d'), $soon,
            ))),
        ]);
    }

    public function calendar(WindowsRequest $request): Response
    {
        return $this->file($request, 'text/calendar', 'ics', WindowFiles::calendar(...));
    }

    public function table(WindowsRequest $request): Response
    {
        return $this->file($request, 'text/csv', 'csv', WindowFiles::csv(...));
    }

    /** @param  callable(Place, list<Window>): string  $write */
    private function file(WindowsRequest $request, string $type, string $ending, callable $write): Response
    {
        $place = $request->place() ?? abort(404);
        $windows = $this->found($request, $place);
        $only = (int) $request->query('only', '0');
        $windows = $only === 0 ? $windows : array_values(array_filter($windows, static fn (Window $w): bool => (int) $w->from === $only));

        return new Response($write($place, $windows), 200, ['Content-Type' => $type.'; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"windows.{$ending}\""]);
    }

    /** @return list<Window> in order of time, from this hour on */
    private function found(WindowsRequest $request, Place $place): array
    {
        $from = 3600 * floor(now()->getTimestamp() / 3600);
        $to = $from + $request->months() * self::MONTH_S;
        $query = $request->wished($place);

        return WindowSearch::find($query, $query->asksForTide() ? $this->tides->curve($place, $from, $to) : null, $from, $to);
    }
}
