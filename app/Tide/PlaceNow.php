<?php

declare(strict_types=1);

namespace App\Tide;

use App\Models\Outing;
use App\Models\Place;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use GentlePour\Scene\HourLight;
use GentlePour\Sky\LightCurve;
use GentlePour\Sky\LightPhase;
use GentlePour\Solving\Wall;
use GentlePour\Solving\WallKind;
use GentlePour\Units;
use Illuminate\Support\Carbon;

/** What a place says of this hour: the time left until the get-off time, how the light drifts, and when another light comes. */
final readonly class PlaceNow
{
    /** A get-off time further away than this is no matter for a frame. */
    private const AHEAD_S = 6 * 3600;

    /** Less drift than this is as good as none, in stops a minute. Judgement. */
    private const STEADY = 0.03;

    /** Less difference between sky and foreground needs no graduated filter, in stops. Judgement. */
    private const EVEN_STOPS = 1.0;

    /** Further from the light that is waited for than this, it is another light. Judgement. */
    private const NEAR_EV = 1.5;

    private const DAY_S = 86400;

    /** @param  float|null  $facingDeg  where the lens points, if other than the place says */
    public function __construct(
        private Place $place,
        private PlaceTide $tides,
        private float $unix,
        private ?float $facingDeg = null,
    ) {
    }

    public function id(): int
    {
        return $this->place->id;
    }

    /** @return list<Wall> only while an outing to the place is under way: at home the hour of day is no matter */
    public function walls(): array
    {
        $leave = $this->isUnderWay() ? $this->leaveUnix() : null;
        if ($leave === null) {
            return [];
        }
        $left = $leave - $this->unix;
        $why = $left > 1 ? 'get off by '.resolve(Units::class)->clock($this->at($leave)) : 'past the get-off time: leave';

        return [new Wall(WallKind::GetOff, ShutterTime::ofSeconds(max(1.0, $left)), $why)];
    }

    /** The light of this hour, while an outing to the place is under way: at home the hour of day is no matter. */
    public function hourLight(): ?HourLight
    {
        $sun = $this->isUnderWay() ? $this->place->observer()?->sun($this->unix) : null;

        return $sun === null ? null : HourLight::ofPhase(LightPhase::ofAltitude($sun->altitudeDeg));
    }

    /** How far the sun stands from where the lens points, in degrees; null while it is down, or when nothing says where that is. */
    public function sunAwayDeg(): ?float
    {
        $facing = $this->facingDeg ?? $this->place->facing_deg;
        $sun = $facing === null ? null : $this->place->observer()?->sun($this->unix);

        return $sun === null || $sun->altitudeDeg < 0 ? null : $sun->fromLevelDeg((float) $facing);
    }

    /** Stops a minute just now; null when the light is as good as steady. */
    public function drift(): ?float
    {
        $drift = $this->light()?->driftStopsPerMinute($this->unix) ?? 0.0;

        return abs($drift) < self::STEADY ? null : $drift;
    }

    public function driftHint(): ?string
    {
        $drift = $this->drift();

        return $drift === null ? null : sprintf(
            '%s%.2f just now, by the sun at %s', $drift < 0 ? '−' : '+', abs($drift), $this->place->name,
        );
    }

    /**
     * When the sun alone brings a light that is waited for, within a day; null when it does not, or the place has no position.
     *
     * @param  bool  $dropping  the light has to fall to it, not to rise
     */
    public function when(float $ev100, bool $dropping): ?string
    {
        $light = $this->light();
        if ($light === null) {
            return null;
        }
        $spans = $light->between(
            $ev100 - ($dropping ? self::NEAR_EV : 0), $ev100 + ($dropping ? 0 : self::NEAR_EV), $this->unix, $this->unix + self::DAY_S,
        );

        return $spans === [] ? null : sprintf(
            'By the sun at %s, in a clear sky: %s to %s.', $this->place->name, $this->clock($spans[0][0]), $this->clock($spans[0][1]),
        );
    }

    /** How much brighter the sky is than the foreground just now, and the filter that evens them; null where that is no matter. */
    public function gradHint(): ?string
    {
        $observer = $this->place->observer();
        $stops = $observer === null ? null : $this->light()?->sceneWith($observer->sun($this->unix), $this->unix)?->gradStops();

        return $stops === null || $stops < self::EVEN_STOPS ? null : sprintf(
            'Sky %.1f stops over the foreground just now, in a clear sky at %s: a graduated filter of %d stops, %s, evens them.',
            $stops, $this->place->name, (int) round($stops), $this->place->foreground()->gradEdge(),
        );
    }

    /** What a camera meters there; null where the place has no position. */
    private function light(): ?LightCurve
    {
        $observer = $this->place->observer();

        return $observer === null ? null : LightCurve::metered(
            $observer, $this->facingDeg ?? $this->place->facing_deg, foreground: $this->place->foreground(),
        );
    }

    private function isUnderWay(): bool
    {
        return once(fn (): bool => Outing::underWay()->where('place_id', $this->place->id)->exists());
    }

    /** Null where nothing says when to leave, or not within hours. */
    private function leaveUnix(): ?float
    {
        try {
            $curve = $this->tides->curve($this->place, $this->unix, $this->unix + self::AHEAD_S);

            return $curve === null ? null : $this->tides->getOff($this->place, $curve, $this->unix)?->leaveUnix;
        } catch (InvalidValue) {
            return null;
        }
    }

    private function clock(float $unix): string
    {
        $at = $this->at($unix);

        return ($at->isSameDay($this->at($this->unix)) ? '' : 'tomorrow ').resolve(Units::class)->clock($at);
    }

    private function at(float $unix): Carbon
    {
        return Carbon::createFromTimestamp((int) $unix, $this->place->timezone);
    }
}
