<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Outing;
use App\Models\Place;
use App\Models\Subject;
use App\Tide\PlaceTide;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use GentlePour\Sky\LightCurve;
use GentlePour\Solving\Wall;

/** What the place of a bench's subject says of this hour: the time left until the get-off time, and how the light drifts. */
final readonly class PlaceNow
{
    /** A get-off time further away than this is no matter for a frame. */
    private const AHEAD_S = 6 * 3600;

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

    /** Null when the light is as good as steady. */
    public function driftHint(): ?string
    {
        $observer = $this->place->observer();
        if ($observer === null) {
            return null;
        }
        $drift = LightCurve::of($observer)->driftStopsPerMinute($this->unix);

        return abs($drift) < 0.03 ? null : sprintf('%+.2f just now, by the sun at %s', $drift, $this->place->name);
    }
}
