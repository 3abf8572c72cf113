<?php

declare(strict_types=1);

namespace GentlePour\Photo;

/**
 * Which frame a picture file shows: by the time at which the camera says that it was taken, and its settings. The first match of a camera
 * tells how its clock goes; from then on time alone decides, and settings that differ are told. The spans are judgement.
 */
final readonly class Matching
{
    /** A press of the person and that of the shutter lie no further apart. */
    private const NEAR_S = 150.0;

    /** The base frame comes no earlier than this before its long one, nor later after it. */
    private const BASE_BEFORE_S = 3600.0;

    private const BASE_AFTER_S = 600.0;

    /** A clock in another zone, with an hour of summer time on top. */
    private const ZONES_S = 14.5 * 3600;

    /** A frame that was planned is shot within so long. */
    private const PLANNED_FOR_S = 12 * 3600.0;

    private const QUARTER_S = 900.0;

    /** Settings further apart are others: a third of a stop and what labels round. */
    private const ALIKE_STOPS = 0.36;

    /** However near in time, a frame open twice as long as this is another. */
    private const OTHER_STOPS = 1.0;

    /** @param  float|null  $offsetS  the person's clock less the camera's; null where it was not learned */
    private function __construct(
        public int $id,
        public bool $isBase,
        public ?float $offsetS,
    ) {
    }

    /**
     * @param  float  $cameraUnix  by the camera's clock, in s
     * @param  float|null  $offsetS  the person's clock less the camera's; null while it is not known
     * @param  list<Candidate>  $candidates
     */
    public static function of(ShotSettings $taken, float $cameraUnix, ?float $offsetS, array $candidates): ?self
    {
        return $offsetS === null
            ? self::byAnyClock($taken, $cameraUnix, $candidates)
            : self::byClock($taken, $cameraUnix + $offsetS, $offsetS, $candidates);
    }

    /** @param  list<Candidate>  $candidates */
    private static function byClock(ShotSettings $taken, float $at, float $offsetS, array $candidates): ?self
    {
        $near = self::best($candidates, static fn (Candidate $c): ?float => $c->openedUnix === null || $c->hasPicture
            || abs($at - $c->openedUnix) > self::NEAR_S || ! self::isAboutAsLong($taken, $c->settings)
            ? null : abs($at - $c->openedUnix));
        if ($near !== null) {
            return new self($near->id, false, $offsetS + (float) $near->openedUnix - $at);
        }
        $base = self::best($candidates, static fn (Candidate $c): ?float => $c->openedUnix === null || ! self::areAlike($taken, $c->base)
            || $at < $c->openedUnix - self::BASE_BEFORE_S || $at > $c->openedUnix + self::BASE_AFTER_S
            ? null : abs($c->openedUnix - $at));
        if ($base !== null) {
            return new self($base->id, true, $offsetS);
        }
        $planned = self::best($candidates, static fn (Candidate $c): ?float => $c->openedUnix !== null || $c->hasPicture
            || $at < $c->plannedUnix - self::NEAR_S || $at > $c->plannedUnix + self::PLANNED_FOR_S || ! self::areAlike($taken, $c->settings)
            ? null : $at - $c->plannedUnix);

        return $planned === null ? null : new self($planned->id, false, $offsetS);
    }

    /** @param  list<Candidate>  $candidates */
    private static function byAnyClock(ShotSettings $taken, float $cameraUnix, array $candidates): ?self
    {
        // Most clocks are right to the minute and stand in another zone: the nearest to a quarter of an hour is the likeliest.
        $opened = self::best($candidates, static fn (Candidate $c): ?float => $c->openedUnix === null || $c->hasPicture
            || abs($c->openedUnix - $cameraUnix) > self::ZONES_S || ! self::areAlike($taken, $c->settings)
            ? null : self::fromQuarterS($c->openedUnix - $cameraUnix));
        if ($opened !== null) {
            return new self($opened->id, false, (float) $opened->openedUnix - $cameraUnix);
        }
        $away = static fn (Candidate $c): float => abs(($c->openedUnix ?? $c->plannedUnix) - $cameraUnix);
        $base = self::best($candidates, static fn (Candidate $c): ?float => $away($c) > self::ZONES_S || ! self::areAlike($taken, $c->base)
            ? null : $away($c));
        if ($base !== null) {
            return new self($base->id, true, null);
        }
        $planned = self::best($candidates, static fn (Candidate $c): ?float => $c->openedUnix !== null || $c->hasPicture
            || $away($c) > self::ZONES_S || ! self::areAlike($taken, $c->settings) ? null : $away($c));

        return $planned === null ? null : new self($planned->id, false, null);
    }

    /** How far a difference of clocks is from a whole number of quarters of an hour, by which zones differ. */
    private static function fromQuarterS(float $seconds): float
    {
        return abs($seconds - self::QUARTER_S * round($seconds / self::QUARTER_S));
    }

    /**
     * @param  list<Candidate>  $candidates
     * @param  callable(Candidate): ?float  $distance  null for one that it cannot be
     */
    private static function best(array $candidates, callable $distance): ?Candidate
    {
        $best = null;
        $least = INF;
        foreach ($candidates as $candidate) {
            $away = $distance($candidate);
            if ($away !== null && $away < $least) {
                [$best, $least] = [$candidate, $away];
            }
        }

        return $best;
    }

    private static function isAboutAsLong(ShotSettings $taken, ShotSettings $planned): bool
    {
        return $taken->shutterS === null || $planned->shutterS === null
            || abs(log($taken->shutterS / $planned->shutterS, 2)) <= self::OTHER_STOPS;
    }

    /** All of them said, and each within a third of a stop. */
    private static function areAlike(ShotSettings $taken, ?ShotSettings $others): bool
    {
        if ($others === null) {
            return false;
        }
        $stops = static fn (?float $a, ?float $b, int $of): float => $a === null || $b === null ? INF : abs($of * log($a / $b, 2));

        return $stops($taken->shutterS, $others->shutterS, 1) <= self::ALIKE_STOPS
            && $stops($taken->aperture, $others->aperture, 2) <= self::ALIKE_STOPS
            && $stops($taken->iso, $others->iso, 1) <= self::ALIKE_STOPS;
    }
}
