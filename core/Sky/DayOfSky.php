<?php

declare(strict_types=1);

namespace GentlePour\Sky;

/**
 * The events of sun and moon between two instants, usually a local day. Instants in seconds since 1970, UTC; null for what does not
 * happen. Rise and set are of the upper limb with 34' of refraction at the horizon; twilights end at 6, 12 and 18 degrees of
 * depression of the centre.
 */
final readonly class DayOfSky
{
    private const REFRACTION_DEG = 34 / 60;

    private const SUN_RADIUS_KM = 695700.0;

    /** Depression of the sun's centre in degrees at which each twilight begins and ends. */
    private const TWILIGHTS = [
        [6, SkyEvent::CivilDawn, SkyEvent::CivilDusk], [12, SkyEvent::NauticalDawn, SkyEvent::NauticalDusk],
        [18, SkyEvent::AstronomicalDawn, SkyEvent::AstronomicalDusk],
    ];

    private const SUN_STEP_S = 600.0;

    private const MOON_STEP_S = 2400.0;

    /** A turn between samples is looked at when it comes as near as this to the height asked for, in degrees. */
    private const GRAZING_DEG = 0.3;

    /** @param  array<string, float|null>  $events  by the value of the event */
    private function __construct(private array $events)
    {
    }

    public static function between(Observer $observer, float $fromUnix, float $toUnix): self
    {
        $sun = self::samples(static fn (float $unix): Horizontal => $observer->sun($unix), $fromUnix, $toUnix, self::SUN_STEP_S);
        $events = [];
        $limb = static fn (Horizontal $h): float => $h->altitudeDeg + self::REFRACTION_DEG + rad2deg(
            asin(self::SUN_RADIUS_KM / $h->distanceKm),
        );
        $seeSun = static fn (float $unix): Horizontal => $observer->sun($unix);
        [$events[SkyEvent::Sunrise->value], $events[SkyEvent::Sunset->value]] = self::crossings($sun, $limb, $seeSun);
        foreach (self::TWILIGHTS as [$depression, $dawn, $dusk]) {
            [$events[$dawn->value], $events[$dusk->value]] = self::crossings(
                $sun, static fn (Horizontal $h): float => $h->altitudeDeg + $depression, $seeSun,
            );
        }
        $events[SkyEvent::Noon->value] = self::noon($observer, $sun);
        $moon = self::samples(static fn (float $unix): Horizontal => $observer->moon($unix), $fromUnix, $toUnix, self::MOON_STEP_S);
        $moonLimb = static fn (Horizontal $h): float => $h->altitudeDeg + self::REFRACTION_DEG + rad2deg(
            asin(Moon::RADIUS_KM / $h->distanceKm),
        );
        $seeMoon = static fn (float $unix): Horizontal => $observer->moon($unix);
        [$events[SkyEvent::Moonrise->value], $events[SkyEvent::Moonset->value]] = self::crossings($moon, $moonLimb, $seeMoon);

        return new self($events);
    }

    public function at(SkyEvent $event): ?float
    {
        return $this->events[$event->value] ?? null;
    }

    /**
     * @param  callable(float): Horizontal  $body
     * @return list<array{float, Horizontal}>
     */
    private static function samples(callable $body, float $from, float $to, float $stepS): array
    {
        $samples = [];
        for ($unix = $from; $unix < $to; $unix += $stepS) {
            $samples[] = [$unix, $body($unix)];
        }
        $samples[] = [$to, $body($to)];

        return $samples;
    }

    /**
     * The first time the height rises through zero and the first time it falls through it.
     *
     * @param  list<array{float, Horizontal}>  $samples
     * @param  callable(Horizontal): float  $height
     * @param  callable(float): Horizontal  $body
     * @return array{float|null, float|null}
     */
    private static function crossings(array $samples, callable $height, callable $body): array
    {
        $rise = $set = null;
        $heights = self::withTurns(array_map(static fn (array $s): array => [$s[0], $height($s[1])], $samples), $height, $body);
        for ($i = 1, $count = count($heights); $i < $count; $i++) {
            [[$low, $before], [$high, $after]] = [$heights[$i - 1], $heights[$i]];
            if (($before < 0) === ($after < 0) || ($after >= 0 ? $rise : $set) !== null) {
                continue;
            }
            while ($high - $low > 0.1) {
                $middle = ($low + $high) / 2;
                ($height($body($middle)) < 0) === ($before < 0) ? $low = $middle : $high = $middle;
            }
            $after >= 0 ? $rise = ($low + $high) / 2 : $set = ($low + $high) / 2;
        }

        return [$rise, $set];
    }

    /**
     * The heights with those turns among them that pass zero, or nearly, between two samples: what is up for less than a step.
     * A turn is where the parabola through three samples turns.
     *
     * @param  list<array{float, float}>  $heights
     * @param  callable(Horizontal): float  $height
     * @param  callable(float): Horizontal  $body
     * @return list<array{float, float}>
     */
    private static function withTurns(array $heights, callable $height, callable $body): array
    {
        $turns = [];
        for ($i = 1, $last = count($heights) - 2; $i <= $last; $i++) {
            [[$t0, $h0], [$t1, $h1], [$t2, $h2]] = [$heights[$i - 1], $heights[$i], $heights[$i + 1]];
            $slope = ($h1 - $h0) / ($t1 - $t0);
            $bend = (($h2 - $h1) / ($t2 - $t1) - $slope) / ($t2 - $t0);
            if ($bend === 0.0) {
                continue;
            }
            $turn = ($t0 + $t1) / 2 - $slope / (2 * $bend);
            $beyond = $h0 + ($turn - $t0) * ($slope + $bend * ($turn - $t1));
            $near = $turn > $t0 && $turn < ($i === $last ? $t2 : $t1);
            if ($near && ($h1 < 0 ? $beyond > -self::GRAZING_DEG : $beyond < self::GRAZING_DEG)) {
                $turns[] = [$turn, $height($body($turn))];
            }
        }
        if ($turns !== []) {
            $heights = [...$heights, ...$turns];
            usort($heights, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        }

        return $heights;
    }

    /** @param  list<array{float, Horizontal}>  $samples */
    private static function noon(Observer $observer, array $samples): ?float
    {
        // The hour angle is nought where the azimuth passes due south or due north, at the upper of the two.
        for ($i = 1, $count = count($samples); $i < $count; $i++) {
            $east = static fn (Horizontal $h): bool => $h->azimuthDeg < 180;
            [[$low, $before], [$high, $after]] = [$samples[$i - 1], $samples[$i]];
            if (! $east($before) || $east($after)) {
                continue;
            }
            while ($high - $low > 0.1) {
                $middle = ($low + $high) / 2;
                $east($observer->sun($middle)) ? $low = $middle : $high = $middle;
            }

            return ($low + $high) / 2;
        }

        return null;
    }
}
