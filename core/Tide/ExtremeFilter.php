<?php

declare(strict_types=1);

namespace GentlePour\Tide;

/**
 * Which turning points count as high and low waters. A turn of less than 1 cm is dropped; where that leaves two highs (or lows) side by
 * side, closer than half the main constituent's period over 1.85, the lesser goes too, unless the station has true double tides, by
 * Doodson's measure (M4 + MS4) / M2 above a quarter. This is the practice of the Dutch and American tidal services.
 */
final readonly class ExtremeFilter
{
    private const WIGGLE_M = 0.01;

    /** Half a period at a degree an hour, in seconds. */
    private const HALF_A_PERIOD_DEG_S = 180 * 3600.0;

    private function __construct(private float $shortestGapS)
    {
    }

    /** @param  list<Harmonic>  $harmonics */
    public static function of(array $harmonics, Constituents $constituents): self
    {
        $amplitude = ['M2' => 0.0, 'M4' => 0.0, 'MS4' => 0.0];
        [$largest, $mainDegH] = [0.0, 0.0];
        foreach ($harmonics as $harmonic) {
            $amplitude[$harmonic->name] = $harmonic->amplitudeM;
            $speed = $constituents->speed($harmonic->name);
            if ($speed >= 12 && $harmonic->amplitudeM > $largest) {
                [$largest, $mainDegH] = [$harmonic->amplitudeM, $speed];
            }
        }
        $double = $amplitude['M2'] > 0 && ($amplitude['M4'] + $amplitude['MS4']) / $amplitude['M2'] > 0.25;

        return new self($double || $mainDegH <= 0 ? 0.0 : self::HALF_A_PERIOD_DEG_S / (1.85 * $mainDegH));
    }

    /**
     * Takes the least prominent offender out, the earlier of two alike, until none is left.
     *
     * @param  list<TideEvent>  $events
     * @return list<TideEvent>
     */
    public function keep(array $events): array
    {
        do {
            [$worst, $least] = [null, INF];
            for ($i = 1, $last = count($events) - 1; $i < $last; $i++) {
                [$before, $event, $after] = [$events[$i - 1], $events[$i], $events[$i + 1]];
                $prominence = min(abs($event->heightM - $before->heightM), abs($after->heightM - $event->heightM));
                $mayGo = $prominence < self::WIGGLE_M || $this->outdone($event, $before) || $this->outdone($event, $after);
                if ($mayGo && $prominence < $least) {
                    [$worst, $least] = [$i, $prominence];
                }
            }
            if ($worst !== null) {
                array_splice($events, $worst, 1);
            }
        } while ($worst !== null);

        return $events;
    }

    /** Whether another of its kind comes too soon before or after it, and is the higher high or the lower low. */
    private function outdone(TideEvent $event, TideEvent $other): bool
    {
        return $event->high === $other->high && abs($other->unix - $event->unix) < $this->shortestGapS
            && ($event->high ? $other->heightM >= $event->heightM : $other->heightM <= $event->heightM);
    }
}
