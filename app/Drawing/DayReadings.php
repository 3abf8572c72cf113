<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Numeral;
use GentlePour\Outing\GetOff;
use GentlePour\Sky\Horizontal;
use GentlePour\Sky\Skyline;
use GentlePour\Units;

/** Reads a day out, step by step. */
final readonly class DayReadings
{
    /** A get-off time further away than this needs no countdown yet, in minutes. */
    private const FAR_MINUTES = 600;

    /** So long after the water came the board goes on saying so, in seconds. */
    private const SAID_FOR_S = 7200;

    /**
     * Off the way the lens faces, in degrees: within the first the sun is in the frame of a wide lens, then it flares, then it lights from
     * the side.
     */
    private const IN_FRAME_DEG = 30;

    private const LOW_DEG = 20;

    private const AHEAD_DEG = 60;

    private const SIDE_DEG = 120;

    private const HORIZON_DEG = -0.8;

    public function __construct(
        private ClockAxis $axis,
        private ?float $facingDeg,
        private ?GetOff $getOff,
        private Units $units = new Units,
        private ?Skyline $skyline = null,
    ) {
    }

    /**
     * @param  list<DayMoment>  $moments
     * @return list<DayReading>
     */
    public function of(array $moments): array
    {
        $readings = [];
        foreach ($moments as $i => $moment) {
            $readings[] = $this->reading($moments[$i - 1] ?? $moment, $moment, $moments[$i + 1] ?? $moment);
        }

        return $readings;
    }

    private function reading(DayMoment $before, DayMoment $now, DayMoment $after): DayReading
    {
        return new DayReading(
            $this->axis->clock($now->unix),
            $now->heightM === null ? '' : $this->units->metres($now->heightM),
            $now->heightM === null ? '' : $this->trend(($after->heightM ?? $now->heightM) - $now->heightM),
            $now->sun === null ? '' : Numeral::minus(sprintf('%.0f°', $now->sun->altitudeDeg)),
            $now->sun === null ? '' : $this->sunWords($now->sun),
            $now->ev100 === null ? '' : 'EV '.Numeral::minus(sprintf('%.1f', $now->ev100)),
            $now->ev100 === null ? '' : self::driftWords(round(self::drift($before, $after), 2)),
            $now->metered === null ? '' : Numeral::minus(sprintf('%.1f', $now->metered->gradStops())),
            $this->left($now->unix),
        );
    }

    private function trend(float $inTenMinutesM): string
    {
        return round(100 * $inTenMinutesM) === 0.0 ? 'tide, slack' : sprintf(
            'tide, %s %s in 10 min', $inTenMinutesM > 0 ? 'rising' : 'falling', $this->units->centimetres(abs($inTenMinutesM)),
        );
    }

    private static function drift(DayMoment $before, DayMoment $after): float
    {
        return $after->unix > $before->unix
            ? ((float) $after->ev100 - (float) $before->ev100) / (($after->unix - $before->unix) / 60)
            : 0.0;
    }

    /** What is left until the get-off time, or that it is past, or that the water stands there already. */
    private function left(float $unix): string
    {
        $awashUntil = $this->getOff?->awashUntilUnix;
        if ($this->getOff === null || ($awashUntil !== null && $unix >= $awashUntil)) {
            return '';
        }
        $minutes = (int) floor(round($this->getOff->leaveUnix - $unix) / 60);

        return match (true) {
            $minutes >= self::FAR_MINUTES => '',
            $minutes >= 60 => sprintf('%d h %02d', intdiv($minutes, 60), $minutes % 60),
            $minutes > 0 => $minutes.' min',
            $unix >= $this->getOff->reachedUnix + self::SAID_FOR_S => '',
            default => $awashUntil === null ? 'leave' : 'awash',
        };
    }

    /** Where the sun stands to the way the lens faces, and what that means. Common practice. */
    private function sunWords(Horizontal $sun): string
    {
        if ($sun->altitudeDeg >= self::HORIZON_DEG && $this->skyline?->isOpen() === false && $this->skyline->shown($sun) < 0.5) {
            return 'sun behind the skyline';
        }
        if ($this->facingDeg === null) {
            return sprintf('sun, bearing %.0f°', $sun->azimuthDeg);
        }
        $off = fmod($sun->azimuthDeg - $this->facingDeg + 540, 360) - 180;

        return match (true) {
            $sun->altitudeDeg < self::HORIZON_DEG => sprintf('sun below, %.0f° %s', abs($off), $off < 0 ? 'left' : 'right'),
            abs($off) < self::IN_FRAME_DEG && $sun->altitudeDeg < self::LOW_DEG => 'sun in the frame: shade the lens',
            abs($off) < self::AHEAD_DEG => 'sun from ahead, flare',
            abs($off) < self::SIDE_DEG => 'sun from the side: polariser works',
            default => 'sun from behind',
        };
    }

    private static function driftWords(float $stopsPerMinute): string
    {
        return $stopsPerMinute === 0.0 ? 'light, steady' : 'light, '.Numeral::signed($stopsPerMinute).' stops a minute';
    }
}
