<?php

declare(strict_types=1);

namespace GentlePour\Compass;

use GentlePour\InvalidValue;
use GentlePour\Sky\Observer;

/**
 * The main field of the earth as spherical harmonics that change evenly from year to year, as the World Magnetic Model has them: Chulliat
 * et al., The US/UK World Magnetic Model for 2020-2025, NOAA 2020, equations 4 to 19, which those of 2025 are made for as well. What rock
 * and iron nearby do to a compass is not in it.
 *
 * @phpstan-type Term array{int, int, float, float, float, float}
 */
final readonly class MagneticModel
{
    /** The radius that the coefficients are for. */
    private const REFERENCE_KM = 6371.2;

    private const YEAR_S = 365.25 * 86400;

    private const EPOCH_2000_UNIX = 946684800;

    /** So many years beyond its five the model is still of use for a compass that a hand holds: a degree at the most. Judgement. */
    private const YEARS_BEFORE = 5;

    private const YEARS_AFTER = 10;

    /** At the very pole there is no north; so near it is told, as the cosine of the latitude. */
    private const NEAREST_POLE = 1e-6;

    /** @param  list<Term>  $terms  degree, order, g and h in nT, and what they change by in a year */
    private function __construct(private float $epoch, private array $terms)
    {
    }

    /**
     * @param  list<Term>  $terms  degree, order, g and h in nT, and what they change by in a year; by degree, then order
     * @param  float  $epoch  the year that g and h are of
     */
    public static function of(float $epoch, array $terms): self
    {
        return new self($epoch, $terms);
    }

    /** @throws InvalidValue for a time that the model is too old or too young for */
    public function at(Observer $place, float $unix): MagneticField
    {
        $years = 2000 + ($unix - self::EPOCH_2000_UNIX) / self::YEAR_S - $this->epoch;
        if ($years < -self::YEARS_BEFORE || $years > self::YEARS_AFTER) {
            throw new InvalidValue(sprintf(
                'The model of the earth’s magnetism that is kept here is of %d: give the bearing from true north.', $this->epoch,
            ));
        }
        [$fromAxisKm, $fromEquatorKm] = $place->geocentricKm();
        $radiusKm = hypot($fromAxisKm, $fromEquatorKm);
        $sine = $fromEquatorKm / $radiusKm;
        $cosine = max(self::NEAREST_POLE, $fromAxisKm / $radiusKm);
        $functions = self::functions($sine, $cosine, $this->terms === [] ? 0 : max(array_column($this->terms, 0)));
        [$north, $east, $down] = [0.0, 0.0, 0.0];
        foreach ($this->terms as [$degree, $order, $g, $h, $gAYear, $hAYear]) {
            $falls = (self::REFERENCE_KM / $radiusKm) ** ($degree + 2);
            [$value, $slope] = $functions[$degree][$order];
            $turned = $order * deg2rad($place->longitude);
            $along = ($g + $years * $gAYear) * cos($turned) + ($h + $years * $hAYear) * sin($turned);
            $across = ($g + $years * $gAYear) * sin($turned) - ($h + $years * $hAYear) * cos($turned);
            $north -= $falls * $along * $slope;
            $east += $falls * $across * $order * $value / $cosine;
            $down -= $falls * $along * ($degree + 1) * $value;
        }
        // From the line to the earth's middle to the plumb line.
        $turn = atan2($sine, $cosine) - deg2rad($place->latitude);

        return new MagneticField(
            $north * cos($turn) - $down * sin($turn), $east, $north * sin($turn) + $down * cos($turn),
        );
    }

    /**
     * The associated Legendre functions of the sine of a latitude, half normalised as Schmidt has them, and their slopes by the latitude.
     *
     * @return array<int, array<int, array{float, float}>> by degree and order
     */
    private static function functions(float $sine, float $cosine, int $most): array
    {
        $found = [[[1.0, 0.0]]];
        for ($n = 1; $n <= $most; $n++) {
            for ($m = 0; $m < $n; $m++) {
                [$before, $slopeBefore] = $found[$n - 1][$m];
                [$earlier, $slopeEarlier] = $found[$n - 2][$m] ?? [0.0, 0.0];
                $weight = sqrt(($n - 1) ** 2 - $m ** 2);
                $found[$n][$m] = [
                    ((2 * $n - 1) * $sine * $before - $weight * $earlier) / sqrt($n ** 2 - $m ** 2),
                    ((2 * $n - 1) * ($cosine * $before + $sine * $slopeBefore) - $weight * $slopeEarlier) / sqrt($n ** 2 - $m ** 2),
                ];
            }
            [$before, $slopeBefore] = $found[$n - 1][$n - 1];
            $weight = $n === 1 ? 1.0 : sqrt((2 * $n - 1) / (2 * $n));
            $found[$n][$n] = [$weight * $cosine * $before, $weight * ($cosine * $slopeBefore - $sine * $before)];
        }

        return $found;
    }
}
