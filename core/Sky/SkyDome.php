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
    private const RINGS = 18;

    private const SECTORS = 36;

    private const GLOW_FROM_DEG = -6.0;

    private const GLOW_TO_DEG = -12.0;

    /** @var array<int, float> the integral over the sky by whole degrees of the sun's altitude */
    private array $integrals = [];

    /** @var array{float, float}|null */
    private ?array $last = null;

    /** @param  array{float, float, float, float, float}  $type  a, b, c, d, e */
    private function __construct(private readonly array $type)
    {
    }

    /** Types 12 (clear), 7 (partly cloudy) and 1 (overcast) of the standard; from memory, checked by their closed forms in the tests. */
    public static function of(SkyCondition $sky): self
    {
        return new self(match ($sky) {
            SkyCondition::Clear => [-1.0, -0.32, 10.0, -3.0, 0.45],
            SkyCondition::Hazy, SkyCondition::Cloudy => [0.0, -1.0, 5.0, -2.5, 0.3],
            SkyCondition::Overcast, SkyCondition::Heavy => [4.0, -0.7, 0.0, -1.0, 0.0],
        });
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

    /** The integral at any altitude of the sun; between whole degrees it hardly bends. The last one asked for is kept. */
    private function whole(float $sunDeg): float
    {
        if ($this->last === null || $this->last[0] !== $sunDeg) {
            $below = (int) $sunDeg;
            $here = $this->integral($below);
            $this->last = [$sunDeg, $here + ($sunDeg - $below) * ($this->integral(min(90, $below + 1)) - $here)];
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

    /** The integral of the relative luminance by the sine of the altitude over the half sphere: what level ground receives. */
    private function integral(int $sunDeg): float
    {
        if (isset($this->integrals[$sunDeg])) {
            return $this->integrals[$sunDeg];
        }
        $sum = 0.0;
        for ($i = 0; $i < self::RINGS; $i++) {
            // Rings of equal share in what they give level ground.
            $altitude = asin(sqrt(($i + 0.5) / self::RINGS));
            for ($j = 0; $j < self::SECTORS; $j++) {
                $sum += $this->relative($altitude, M_PI * ($j + 0.5) / self::SECTORS, deg2rad($sunDeg));
            }
        }

        return $this->integrals[$sunDeg] = $sum * M_PI / (self::RINGS * self::SECTORS);
    }
}
