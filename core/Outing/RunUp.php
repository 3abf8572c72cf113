<?php

declare(strict_types=1);

namespace GentlePour\Outing;

use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Motion\Dispersion;

/** How far above the still water waves run up a shore. */
final class RunUp
{
    /** How long somebody stays at the water's edge, in s. Judgement. */
    private const STAY_S = 7200.0;

    /** Of so many waves one passes the run-up that two in a hundred exceed. */
    private const WAVES_OF_TWO_PERCENT = 50;

    /**
     * The highest vertical run-up in m to expect in a stay at the water's edge: that which one wave in fifty passes, times
     * sqrt(ln N / ln 50) for N waves with heights after Rayleigh (Longuet-Higgins 1952); at most the bound of a run-up, which is over
     * any stand. One wave may still run higher.
     *
     * @throws InvalidValue when a figure is out of bounds
     */
    public static function highestOfStayM(float $heightM, float $periodS, float $slope, bool $wall = false): float
    {
        $runUp = self::exceededByTwoPercentM($heightM, $periodS, $slope, $wall);
        $waves = self::STAY_S / $periodS;

        return Limit::RunUp->clamp($runUp * sqrt(log($waves) / log(self::WAVES_OF_TWO_PERCENT)));
    }

    /**
     * The vertical run-up in m that two waves in a hundred exceed (Stockdon et al. 2006), from deep-water significant height in m, peak
     * period in s and foreshore slope b: 1.1 (0.35 b sqrt(H L) + 0.5 sqrt(H L (0.563 b^2 + 0.004))), or 0.043 sqrt(H L) on
     * dissipative shores, with an Iribarren number below 0.3. Before walls and ledges it is doubled, a rough figure.
     *
     * @throws InvalidValue when a figure is out of bounds
     */
    public static function exceededByTwoPercentM(float $heightM, float $periodS, float $slope, bool $wall = false): float
    {
        Limit::SurgeHeight->check($heightM);
        Limit::SwellPeriod->check($periodS);
        Limit::ForeshoreSlope->check($slope);
        if ($heightM <= 0) {
            return 0.0;
        }
        $length = Dispersion::GRAVITY * $periodS ** 2 / (2 * M_PI);
        $product = $heightM * $length;
        $iribarren = $slope / sqrt($heightM / $length);
        $runUp = $iribarren < 0.3
            ? 0.043 * sqrt($product)
            : 1.1 * (0.35 * $slope * sqrt($product) + 0.5 * sqrt($product * (0.563 * $slope ** 2 + 0.004)));

        return $wall ? 2 * $runUp : $runUp;
    }
}
