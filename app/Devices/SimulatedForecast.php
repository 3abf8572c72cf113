<?php

declare(strict_types=1);

namespace App\Devices;

/** A made-up forecast as CSV: cloud by height, wind, rain, temperature and swell, the same for the same position and hour every time. */
final class SimulatedForecast implements ObservationFeed
{
    private const COLUMNS = 'time,cloud_low,cloud_mid,cloud_high,rain_mm,wind_m_s,wind_from_deg,air_c,dew_point_c,significant_height_m,'
        .'peak_period_s,from_deg';

    private const HOURS_AT_MOST = 14 * 24;

    public function name(): string
    {
        return 'simulated forecast';
    }

    public function observations(float $latitude, float $longitude, float $fromUnix, float $toUnix): string
    {
        $noise = SmoothNoise::seeded('weather', $latitude, $longitude);
        $lines = [self::COLUMNS];
        $first = (int) ceil($fromUnix / 3600);
        for ($hour = $first; $hour <= $toUnix / 3600 && $hour - $first < self::HOURS_AT_MOST; $hour++) {
            $low = self::cover($noise->at($hour / 16 + 1100));
            $air = 9 + 5 * $noise->at($hour / 90) + 3 * sin(2 * M_PI * ($hour - 9) / 24);
            $height = 0.5 + 2.6 * $noise->at($hour / 60 + 1500) ** 2;
            $lines[] = implode(',', [
                gmdate('Y-m-d\\TH:i\\Z', 3600 * $hour), round($low), round(self::cover($noise->at($hour / 22 + 1200))),
                round(self::cover($noise->at($hour / 30 + 1300))),
                $low > 80 ? round(max(0.0, 6 * ($noise->at($hour / 9 + 1400) - 0.55)), 1) : 0,
                round(0.5 + 11 * $noise->at($hour / 18 + 700), 1), round(180 + 150 * $noise->at($hour / 30 + 50)), round($air, 1),
                round($air - 0.5 - 9 * $noise->at($hour / 25 + 200) ** 2, 1), round($height, 1),
                round(5.5 + 3.2 * sqrt($height) + 2.5 * $noise->at($hour / 40 + 300)), round(240 + 70 * $noise->at($hour / 50 + 120)),
            ]);
        }

        return implode("\n", $lines)."\n";
    }

    /** Skies are clear or covered more often than half and half. */
    private static function cover(float $noise): float
    {
        return max(0.0, min(100.0, 100 * (1.9 * $noise - 0.45)));
    }
}
