<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Models\Outing;
use App\Models\Place;
use App\Models\Subject;
use App\Tide\PlaceTide;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use GentlePour\Sky\LightCurve;
use GentlePour\Solving\Wall;
use Illuminate\Support\Carbon;

/** What the place of a bench's subject says of this hour: the time left until the get-off time, and how the light drifts. */
final readonly class PlaceNow
{
    /** A get-off time further away than this is no matter for a frame. */
    private const AHEAD_S = 6 * 3600;

    /** Less drift than this is as good as none, in stops a minute. Judgement. */
    private const STEADY = 0.03;

    /** Further from the light that is waited for than this, it is another light. Judgement. */
    private const NEAR_EV = 1.5;

    private function __construct(private Place $place, private float $unix)
    {
    }

    public static function of(int $subjectId): ?self
    {
        $subject = $subjectId > 0 ? Subject::query()->with('place')->find($subjectId) : null;

        return $subject === null ? null : new self($subject->place, (float) now()->getTimestamp());
    }

    /** @return list<Wall> only while an outing to the place is under way: at home the hour of day is no matter */
    public function walls(): array
    {
        $now = now();
        if (! Outing::query()->where('place_id', $this->place->id)->where('starts_at', '<=', $now->copy()->addHours(2))->where('ends_at', '>=', $now->copy()->subHours(2))->exists()) {
            return [];
        }
        $tides = app(PlaceTide::class);
        try {
            $curve = $tides->curve($this->place, $this->unix, $this->unix + self::AHEAD_S);
            $getOff = $curve === null ? null : $tides->getOff($this->place, $curve, $this->unix);
        } catch (InvalidValue) {
            return [];
        }
        $left = $getOff === null ? null : $getOff->leaveUnix - $this->unix;

        return $left === null ? [] : [new Wall('get-off', ShutterTime::ofSeconds(max(1.0, $left)), $left > 1
            ? 'get off by '.now()->addSeconds((int) $left)->setTimezone($this->place->timezone)->format('G:i')
            : 'past the get-off time: leave', true)];
    }

    /** Stops a minute just now; null when the light is as good as steady. */
    public function drift(): ?float
    {
        $observer = $this->place->observer();
        $drift = $observer === null ? 0.0 : LightCurve::of($observer)->driftStopsPerMinute($this->unix);

        return abs($drift) < self::STEADY ? null : $drift;
    }

    public function driftHint(): ?string
    {
        $drift = $this->drift();

        return $drift === null ? null : sprintf('%+.2f just now, by the sun at %s', $drift, $this->place->name);
    }

    /**
     * When the sun alone brings a light that is waited for, within a day; null when it does not, or the place has no position.
     *
     * @param  bool  $dropping  the light has to fall to it, not to rise
     */
    public function when(float $ev100, bool $dropping): ?string
    {
        $observer = $this->place->observer();
        $spans = $observer === null ? [] : LightCurve::of($observer)->between(
            $ev100 - ($dropping ? self::NEAR_EV : 0), $ev100 + ($dropping ? 0 : self::NEAR_EV), $this->unix, $this->unix + 86400,
        );

        return $spans === [] ? null : sprintf(
            'By the sun at %s, in a clear sky: %s to %s.', $this->place->name, $this->clock($spans[0][0]), $this->clock($spans[0][1]),
        );
    }

    private function clock(float $unix): string
    {
        $at = Carbon::createFromTimestamp((int) $unix, $this->place->timezone);

        return $at->isSameDay(now($this->place->timezone)) ? $at->format('G:i') : 'tomorrow '.$at->format('G:i');
    }
}
