<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Sky\Horizontal;

/** What the day board's cursor reads out at each step of the day, in words and figures. */
final class DayReadings
{
    /**
     * @param  list<array{unix: float, heightM: float|null, sun: Horizontal|null, ev: float|null}>  $moments
     * @return list<array{x: float, at: string, tide: string, tideLabel: string, sun: string, sunLabel: string, light: string, lightLabel: string, left: string}>
     */
    public static function of(DayBoard $board, array $moments): array
    {
        $readings = [];
        foreach ($moments as $i => ['unix' => $unix, 'heightM' => $height, 'sun' => $sun, 'ev' => $ev]) {
            $after = $moments[$i + 1] ?? null;
            $before = $moments[$i - 1] ?? null;
            $cm = (int) round(100 * (($after['heightM'] ?? $height) - $height));
            $drift = (($after['ev'] ?? $ev) - ($before['ev'] ?? $ev)) / ((($after['unix'] ?? $unix) - ($before['unix'] ?? $unix)) / 60);
            $awash = $board->getOff?->awashUntilUnix;
            $left = $board->getOff === null ? null : (int) floor(($board->getOff->leaveUnix - $unix) / 60);
            $readings[] = [
                'x' => $board->x($unix), 'at' => $board->clock($unix),
                'tide' => $height === null ? '' : sprintf('%.1f m', $height),
                'tideLabel' => $height === null ? '' : ($cm === 0 ? 'tide, slack' : sprintf('tide, %s %d cm in 10 min', $cm > 0 ? 'rising' : 'falling', abs($cm))),
                'sun' => $sun === null ? '' : str_replace('-', '−', sprintf('%.0f°', $sun->altitudeDeg)),
                'sunLabel' => $sun === null ? '' : self::sunWords($sun, $board->place->facing_deg),
                'light' => $ev === null ? '' : 'EV '.str_replace('-', '−', sprintf('%.1f', $ev)),
                'lightLabel' => $ev === null ? '' : str_replace('-', '−', sprintf('light, %+.2f stops a minute', $drift)),
                'left' => $left === null || ($awash !== null && $unix >= $awash) ? '' : ($left > 0 && $left < 600 ? ($left >= 60 ? sprintf('%d h %02d', intdiv($left, 60), $left % 60) : $left.' min') : ($left <= 0 && $unix < $board->getOff->reachedUnix + 7200 ? ($awash === null ? 'leave' : 'awash') : '')),
            ];
        }

        return $readings;
    }

    /** Where the sun stands to the way the lens faces, and what that means. */
    private static function sunWords(Horizontal $sun, ?float $facingDeg): string
    {
        if ($facingDeg === null) {
            return sprintf('sun, bearing %.0f°', $sun->azimuthDeg);
        }
        $off = fmod($sun->azimuthDeg - $facingDeg + 540, 360) - 180;

        return match (true) {
            $sun->altitudeDeg < -0.8 => sprintf('sun below, %.0f° %s', abs($off), $off < 0 ? 'left' : 'right'),
            abs($off) < 30 && $sun->altitudeDeg < 20 => 'sun in the frame: shade the lens',
            abs($off) < 60 => 'sun from ahead, flare',
            abs($off) < 120 => 'sun from the side: polariser works',
            default => 'sun from behind',
        };
    }
}
