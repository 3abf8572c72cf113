<?php

declare(strict_types=1);

namespace GentlePour\Tide;

/**
 * The slowly turning arguments of the tide, in degrees: mean longitudes of moon, sun, lunar perigee, lunar node and solar
 * perigee, and the hour angle of the mean moon. Meeus, Astronomical Algorithms (1998), chapters 22, 25 and 47.
 */
final readonly class MeanLongitudes
{
    private const J2000_UNIX = 946728000.0;

    private const CENTURY_S = 3155760000.0;

    private const MOON = [218.3164591, 481267.88134236, -0.0013268, 1 / 538841 - 1 / 65194000];

    private const SUN = [280.46645, 36000.76983, 0.0003032];

    private const LUNAR_PERIGEE = [83.353243, 4069.0137111, -0.0103238, -1 / 80053, 1 / 18999000];

    private const LUNAR_NODE = [125.044555, -1934.1361849, 0.0020762, 1 / 467410, -1 / 60616000];

    private const SOLAR_PERIGEE = [280.46645 - 357.5291, 36000.76932 - 35999.0503, 0.0003032 + 0.0001559, 0.00000048];

    private function __construct(
        public float $hour,
        public float $moon,
        public float $sun,
        public float $lunarPerigee,
        public float $lunarNode,
        public float $solarPerigee,
    ) {
    }

    /** @param  float  $unix seconds since 1970, UTC */
    public static function at(float $unix): self
    {
        $centuries = ($unix - self::J2000_UNIX) / self::CENTURY_S;
        [$moon, $sun] = [self::polynomial(self::MOON, $centuries), self::polynomial(self::SUN, $centuries)];
        // The mean sun's hour angle is zero at noon; the moon's is ahead of it by the difference of their longitudes.
        $dayShare = fmod(($unix - self::J2000_UNIX) / 86400, 1.0);

        return new self(
            $dayShare * 360 + $sun - $moon, $moon, $sun,
            self::polynomial(self::LUNAR_PERIGEE, $centuries), self::polynomial(self::LUNAR_NODE, $centuries),
            self::polynomial(self::SOLAR_PERIGEE, $centuries),
        );
    }

    /**
     * In degrees from 0 to 360.
     *
     * @param  list<float|int>  $terms  constant first
     */
    private static function polynomial(array $terms, float $centuries): float
    {
        $sum = 0.0;
        foreach (array_reverse($terms) as $term) {
            $sum = $sum * $centuries + $term;
        }

        return fmod(fmod($sum, 360) + 360, 360);
    }

    /**
     * The equilibrium argument V of a constituent from its seven Doodson numbers, the fifth of the ascending node's
     * backward motion, the last in quarter turns.
     *
     * @param  list<int|float>  $doodson
     */
    public function argument(array $doodson): float
    {
        return $doodson[0] * $this->hour + $doodson[1] * $this->moon + $doodson[2] * $this->sun + $doodson[3] * $this->lunarPerigee
            - $doodson[4] * $this->lunarNode + $doodson[5] * $this->solarPerigee + $doodson[6] * 90.0;
    }
}
