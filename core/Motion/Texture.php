<?php

declare(strict_types=1);

namespace GentlePour\Motion;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/**
 * The foam, drops and strands that a flow carries past the lens. Of one size ell it is a random texture of that correlation length, and
 * the contrast left after a stretch of n lengths has gone by is
 *
 *     C_1(n) = sqrt(2 (n - 1 + e^-n)) / n
 *
 * the variance of the time mean of an exponentially correlated process (G. I. Taylor, Diffusion by continuous movements, 1921). Water has
 * many sizes at once, and what the eye reads in a picture are those of a fair share of the frame: a drop far away and a sheet wider than
 * the picture are no texture. With W the frame's width and q = ell / W,
 *
 *     C^2 = sum w(ell) C_1^2 / sum w,    w(ell) = exp(-ln(q / q0)^2 / (2 s^2))
 *
 * over sizes even in their logarithm. So the closer the camera or the longer the lens, the shorter the time.
 */
final readonly class Texture
{
    /** The size most seen, as a share of the frame's width, and how far others count, as a ratio. Judgement, tuned to docs/numbers.md. */
    public const MOST_SEEN_SHARE = 1 / 30;

    public const SEEN_RATIO = 2.5;

    private const SIZES = 24;

    /** Below this the closed form loses its digits; its series 1 - n/6 + n^2/36 - ... is used. */
    private const SERIES_BELOW = 1e-3;

    /**
     * @param  non-empty-list<float>  $sizesM
     * @param  non-empty-list<float>  $weights  summing to 1
     */
    private function __construct(
        private array $sizesM,
        private array $weights,
    ) {
    }

    /**
     * Of all sizes between two, in m, as a frame shows them; what the camera cannot resolve is left out.
     *
     * @throws InvalidValue when a size is not between 1 mm and 20 m
     */
    public static function between(float $leastM, float $mostM, Framing $framing): self
    {
        $least = max(Limit::TextureSize->check($leastM, 'feature_m'), $framing->visibleDetailM());
        $most = max(Limit::TextureSize->check($mostM, 'feature_m'), $least);
        $sizes = array_map(
            static fn (int $i): float => $least * ($most / $least) ** (($i + 0.5) / self::SIZES), range(0, self::SIZES - 1),
        );
        $exponents = array_map(static fn (float $size): float => -(
            log($size / $framing->widthM() / self::MOST_SEEN_SHARE) ** 2
        ) / (2 * log(self::SEEN_RATIO) ** 2), $sizes);
        // Taken against the greatest, for sizes so far from what is seen that every weight would vanish.
        $greatest = max($exponents);
        $weights = array_map(static fn (float $exponent): float => exp($exponent - $greatest), $exponents);
        $sum = array_sum($weights);

        return new self($sizes, array_map(static fn (float $weight): float => $weight / $sum, $weights));
    }

    /**
     * Of one size in m that a person has measured, raised to what the camera can see.
     *
     * @throws InvalidValue when it is not between 1 mm and 20 m
     */
    public static function ofOne(float $sizeM, Framing $framing): self
    {
        return new self([max(Limit::TextureSize->check($sizeM, 'feature_m'), $framing->visibleDetailM())], [1.0]);
    }

    /** Share of the contrast left when so many metres of it have gone by, from 1 (all) to 0 (none). */
    public function kept(float $carriedM): float
    {
        $kept = 0.0;
        foreach ($this->sizesM as $i => $size) {
            $kept += $this->weights[$i] * self::contrast($carriedM / $size) ** 2;
        }

        return sqrt($kept);
    }

    /** The size that stands for all of them, in m: their mean by weight, on a scale of ratios. */
    public function sizeM(): float
    {
        $sum = 0.0;
        foreach ($this->sizesM as $i => $size) {
            $sum += $this->weights[$i] * log($size);
        }

        return exp($sum);
    }

    /** C_1(n) for n correlation lengths carried past. */
    public static function contrast(float $n): float
    {
        return $n < self::SERIES_BELOW ? 1 - max(0.0, $n) / 6 : sqrt(2 * ($n - 1 + exp(-$n))) / $n;
    }
}
