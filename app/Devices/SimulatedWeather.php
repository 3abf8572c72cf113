<?php

declare(strict_types=1);

namespace App\Devices;

/** Made-up weather: wind, temperature and dew point over the day, the same for the same position and hour every time. */
final class SimulatedWeather implements ObservationFeed
{
    public function name(): string
    {
        return 'simulated weather';
    }

    public function observations(float $latitude, float $longitude, float $fromUnix, float $toUnix): string
    {
        $noise = SmoothNoise::seeded('weather', $latitude, $longitude);

        return StandardFormat::rows($fromUnix, $toUnix, static function (float $hour) use ($noise): array {
            $air = 9 + 5 * $noise->at($hour / 90) + 3 * sin(2 * M_PI * ($hour - 9) / 24);

            return [
                'WDIR' => 180 + 150 * $noise->at($hour / 30 + 50), 'WSPD' => 0.5 + 11 * $noise->at($hour / 18 + 700),
                'PRES' => 1013 - 22 * ($noise->at($hour / 48 + 400) - 0.5),
                'ATMP' => $air, 'DEWP' => $air - 1 - 9 * $noise->at($hour / 25 + 200),
            ];
        });
    }
}
