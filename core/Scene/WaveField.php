<?php

declare(strict_types=1);

namespace GentlePour\Scene;

use GentlePour\Motion\Dispersion;
use GentlePour\Motion\Waves;

/**
 * A random sea as a sum of plane waves, the same sea at every time: for each bin of equal slope variance a handful of waves, and for
 * each open time the share of their amplitude that is left. Phases and directions are spread evenly by the golden ratio, not
 * thrown, so that the same water comes again.
 */
final class WaveField
{
    private const BINS = 20;

    private const WAVES_A_BIN = 5;

    private const GOLDEN = 0.6180339887498949;

    /** The main direction, in degrees from straight towards the camera, and how far waves fan out from it. */
    private const TOWARDS_DEG = 24.0;

    private const FAN_DEG = 55.0;

    /**
     * Each wave is its wave number across and away in rad/m, its phase in rad and its slope.
     *
     * @param  list<float>  $times  open times in seconds
     * @return array{bins: list<array{waves: list<array{float, float, float, float}>, kept: list<float>}>}
     */
    public static function of(Waves $waves, array $times): array
    {
        $count = 0;
        $bins = array_map(static function (array $bin) use ($waves, &$count): array {
            $plane = [];
            [$from, $to] = $bin['radS'];
            for ($i = 0; $i < self::WAVES_A_BIN; $i++) {
                $count++;
                $w = $from + ($to - $from) * ($i + 0.5) / self::WAVES_A_BIN;
                $k = Dispersion::waveNumber($w, $waves->depthM());
                $angle = deg2rad(self::TOWARDS_DEG + self::FAN_DEG * (2 * fmod($count * self::GOLDEN, 1.0) - 1));
                $plane[] = [
                    round($k * sin($angle), 5), round(-$k * cos($angle), 5), round(2 * M_PI * fmod($count * self::GOLDEN ** 2, 1.0), 4),
                    round(sqrt(2 * $bin['weight'] / self::WAVES_A_BIN), 5),
                ];
            }

            return ['waves' => $plane, 'kept' => array_map(static fn (float $kept): float => round($kept, 4), $bin['kept'])];
        }, $waves->bins(self::BINS, $times));

        return ['bins' => $bins];
    }
}
