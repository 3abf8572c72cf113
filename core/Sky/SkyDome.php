<?php

declare(strict_types=1);

namespace GentlePour\Sky;

/**
 * How the light of the sky is spread over it: the CIE standard general sky (ISO 15469:2004), the luminance of a point at Z from the zenith
 * and chi from the sun,
 *
 *     L ~ (1 + a exp(b / cos Z)) (1 + c (exp(d chi) - exp(d pi / 2)) + e cos^2 chi)
 *
 * scaled so that the whole sky gives level ground the illuminance that is asked for. A sun that has set counts as on the horizon; from 6
 * to 12 degrees below its glow evens out (judgement).
 */
final class SkyDome
{
    /**
     * What level ground receives of a sky of relative luminance 1: the integral by the sine of the altitude, for the sun at each ten
     * degrees from the horizon to overhead. Integrated over 150 rings of equal share and 200 sectors of half the sky; between them a curve
     * of the third degree, within a thousandth.
     */
    private const CLEAR = [1.9049, 2.1292, 2.3539, 2.5475, 2.7024, 2.8205, 2.9065, 2.9648, 2.9984, 3.0087];

    private const CLOUDY = [3.8479, 4.1563, 4.5269, 4.9265, 5.3229, 5.6878, 5.9973, 6.2323, 6.3789, 6.4275];

    private const OVERCAST = [7.3152, 7.3152, 7.3152, 7.3152];

    private const STEP_DEG = 10.0;

    private const FOUR = 4;

    private const GLOW_FROM_DEG = -6.0;

    private const GLOW_TO_DEG = -12.0;

    /** @var array{float, float}|null */
    private ?array $last = null;

    /**
     * @param  array{float, float, float, float, float}  $type  a, b, c, d, e
     * @param  list<float>  $integrals  by ten degrees of the sun's altitude
     */
    private function __construct(private readonly array $type, private readonly array $integrals)
    {
    }

    /** Types 12 (clear), 7 (partly cloudy) and 1 (overcast) of the standard; from memory, checked by their closed forms in the tests. */
    public static function of(SkyCondition $sky): self
    {
        return match ($sky) {
            SkyCondition::Clear => new self([-1.0, -0.32, 10.0, -3.0, 0.45], self::CLEAR),
            SkyCondition::Hazy, SkyCondition::Cloudy => new self([0.0, -1.0, 5.0, -2.5, 0.3], self::CLOUDY),
            SkyCondition::Overcast, SkyCondition::Heavy => new self([4.0, -0.7, 0.0, -1.0, 0.0], self::OVERCAST),
        };
    }

    /**
     * Luminance in cd/m² of a point of the sky.
     *
     * @param  float  $altitudeDeg  of the point, above the horizon
     * @param  float  $offDeg  from the sun's azimuth to the point's
     * @param  float  $sunDeg  altitude of the sun, or of the moon where it is the moon's light
     * @param  float  $lux  that the sky gives level ground
     */
    public function luminance(float $altitudeDeg, float $offDeg, float $sunDeg, float $lux): float
    {
        $glow = max(0.0, min(1.0, ($sunDeg - self::GLOW_TO_DEG) / (self::GLOW_FROM_DEG - self::GLOW_TO_DEG)));
        if ($glow === 0.0) {
            return $lux / M_PI;
        }
        $sun = max(0.0, $sunDeg);
        $directed = $lux / $this->whole($sun) * $this->relative(deg2rad(max(0.1, $altitudeDeg)), deg2rad($offDeg), deg2rad($sun));

        return $glow * $directed + (1 - $glow) * $lux / M_PI;
    }

    /** The integral at any altitude of the sun, by the four of the table that are nearest (Lagrange). The last one asked for is kept. */
    private function whole(float $sunDeg): float
    {
        if ($this->last === null || $this->last[0] !== $sunDeg) {
            $at = $sunDeg / self::STEP_DEG;
            $first = max(0, min((int) $at - 1, count($this->integrals) - self::FOUR));
            $sum = 0.0;
            for ($j = $first; $j < $first + self::FOUR; $j++) {
                $weight = 1.0;
                for ($m = $first; $m < $first + self::FOUR; $m++) {
                    $weight *= $m === $j ? 1.0 : ($at - $m) / ($j - $m);
                }
                $sum += $weight * $this->integrals[$j];
            }
            $this->last = [$sunDeg, $sum];
        }

        return $this->last[1];
    }

    /** Of one point to another, not yet scaled; angles in radians. */
    private function relative(float $altitude, float $off, float $sun): float
    {
        [$a, $b, $c, $d, $e] = $this->type;
        $sine = sin($altitude);
        $cosine = $sine * sin($sun) + cos($altitude) * cos($sun) * cos($off);
        $chi = acos(max(-1.0, min(1.0, $cosine)));

        return (1 + $a * exp($b / $sine)) * (1 + $c * (exp($d * $chi) - exp($d * M_PI_2)) + $e * $cosine ** 2);
    }
}
