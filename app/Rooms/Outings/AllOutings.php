<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use App\Drawing\DayStrip;
use App\Models\Frame;
use App\Models\Outing;
use App\Rooms\Places\DrawnDay;
use App\Tide\KeptOfPlace;
use Illuminate\Contracts\Pagination\Paginator;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** All visits that are planned, and those that were made. */
final readonly class AllOutings
{
    private const AHEAD = 40;

    private const BEHIND = 20;

    public function __construct(private DrawnDay $days, private OutingAhead $moments)
    {
    }

    /** @return list<Visit> the soonest first, that under way before all */
    public function ahead(?int $placeId): array
    {
        $outings = self::at($placeId)->with('compositions')->where('ends_at', '>', now())->oldest('starts_at')->limit(self::AHEAD)->get();

        return array_values($outings->map(fn (Outing $o): Visit => $this->visit($o, [], $this->moments->moments($o)))->all());
    }

    /** @return Paginator<int, Visit> the last first */
    public function behind(?int $placeId): Paginator
    {
        $outings = self::at($placeId)->where('ends_at', '<=', now())->latest('starts_at')->simplePaginate(self::BEHIND);
        $frames = self::framesOf(new Collection($outings->items()));

        return $outings->withQueryString()->through(fn (Outing $outing): Visit => $this->visit($outing, array_values($frames->filter(
            static fn (Frame $f): bool => $f->place_id === $outing->place_id && $f->opened_at !== null
                && $f->opened_at->between(...$outing->around()),
        )->all())));
    }

    /** @return Builder<Outing> */
    private static function at(?int $placeId): Builder
    {
        return Outing::query()->with('place.marks.sightings')->when($placeId !== null, static fn ($q) => $q->where('place_id', $placeId));
    }

    /**
     * @param  Collection<int, Outing>  $outings
     * @return Collection<int, Frame> in the order of time
     */
    private static function framesOf(Collection $outings): Collection
    {
        return $outings->isEmpty() ? new Collection : Frame::query()->with('photo')->whereNotNull('open_s')
            ->whereIn('place_id', $outings->pluck('place_id')->unique())
            ->where(static fn ($any) => $outings->each(
                static fn (Outing $o) => $any->orWhereBetween('opened_at', $o->around()),
            ))->oldest('opened_at')->get();
    }

    /**
     * @param  list<Frame>  $frames
     * @param  list<Moment>  $moments
     */
    private function visit(Outing $outing, array $frames, array $moments = []): Visit
    {
        $day = DrawnDay::around($outing->place, (float) $outing->starts_at->getTimestamp());
        [$strip] = KeptOfPlace::get("visit{$outing->id}", $outing->place, $day, fn (): array => $this->days->of(
            $outing->place, [], ...$day,
        ), DayStrip::class, DrawnDay::class);

        return new Visit($outing, $strip, $day, $frames, $moments);
    }
}
