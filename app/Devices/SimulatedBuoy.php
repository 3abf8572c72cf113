<?php

declare(strict_types=1);

namespace App\Devices;

/** A made-up wave buoy: weather systems that come and go over days, the same for the same position and hour every time. */
final class SimulatedBuoy implements ObservationFeed
{
    public function name(): string
    {
        return 'simulated buoy';
    }

    public function observations(float $latitude, float $longitude, float $fromUnix, float $toUnix): string
    {
        $noise = SmoothNoise::seeded('buoy', $latitude, $longitude);

        return StandardFormat::rows($fromUnix, $toUnix, static function (float $hour) use ($noise): array {
            $height = 0.5 + 2.6 * $noise->at($hour / 60) ** 2 + 0.2 * $noise->at($hour / 7 + 900);
            $period = 5.5 + 3.2 * sqrt($height) + 2.5 * $noise->at($hour / 40 + 300);

            return [
                'WDIR' => 200 + 120 * $noise->at($hour / 30 + 50), 'WSPD' => 1 + 12 * $noise->at($hour / 18 + 700), 'WVHT' => $height,
                'DPD' => $period, 'APD' => 0.72 * $period, 'MWD' => 240 + 70 * $noise->at($hour / 50 + 120),
                'PRES' => 1013 - 22 * ($noise->at($hour / 48 + 400) - 0.5),
                'WTMP' => 11 + 2 * $noise->at($hour / 500),
            ];
        });
    }
}
