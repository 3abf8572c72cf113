<?php

declare(strict_types=1);

namespace GentlePour\Motion;

/**
 * How much texture a water has to keep for each look: the common bounds, or a person's own, moved by what they called their frames.
 *
 * A frame that is called by a look has to lie on one side of each bound. A bound goes to where the distances of the frames on its wrong
 * side, and its own from the common one, come to the least in all, on the logarithm of the texture: a weighted median, which one frame
 * alone does not move.
 */
final readonly class LookBounds
{
    /** From fewer frames on the wrong side of a bound nothing is said of it. Judgement. */
    public const LEAST_FRAMES = 3;

    /** A bound stays within these shares: beyond them a texture cannot be told from none, or from all of it. Judgement. */
    private const LEAST_SHARE = 0.02;

    private const GREATEST_SHARE = 0.97;

    /** Looks that end at a bound of texture: held ends by its streak, and glass not at all. */
    private const BOUNDED = [Look::Lively, Look::Brushed, Look::Silk, Look::Mist];

    /** So little below the last frame that keeps a look, as a ratio. */
    private const JUST_BELOW = 0.995;

    /**
     * @param  array<string, float>  $least  of each look whose bound was moved, by its value
     * @param  array<string, int>  $movedBy  frames on the wrong side of its common bound
     */
    private function __construct(private array $least = [], public array $movedBy = [])
    {
    }

    public static function common(): self
    {
        return new self;
    }

    /** @param  list<array{float, Look}>  $called  share of the texture that each frame kept, and what the person calls it */
    public static function calledBy(array $called): self
    {
        $least = $movedBy = [];
        $rougher = self::GREATEST_SHARE;
        foreach (self::BOUNDED as $look) {
            $common = (float) $look->leastTexture();
            $sides = array_map(static fn (array $one): array => [
                max(self::LEAST_SHARE, min(self::GREATEST_SHARE, $one[0])), $one[1]->isSmootherThan($look),
            ], $called);
            $wrong = count(array_filter($sides, static fn (array $one): bool => $one[1] ? $one[0] > $common : $one[0] <= $common));
            if ($wrong >= self::LEAST_FRAMES) {
                $least[$look->value] = min($rougher, self::between($sides, $common));
                $movedBy[$look->value] = $wrong;
            } elseif ($common > $rougher) {
                $least[$look->value] = $rougher;
            }
            $rougher = $least[$look->value] ?? $common;
        }

        return new self($least, $movedBy);
    }

    /** The least texture kept for a look; null for held, which is set by the streak alone. */
    public function leastTexture(Look $look): ?float
    {
        return $this->least[$look->value] ?? $look->leastTexture();
    }

    /** The look of so much texture kept; held cannot be told from lively by it. */
    public function lookOf(float $kept): Look
    {
        foreach (self::BOUNDED as $look) {
            if ($kept > (float) $this->leastTexture($look)) {
                return $look;
            }
        }

        return Look::Glass;
    }

    /** @param  list<array{float, bool}>  $sides  texture kept, and whether it was called smoother than the look that ends here */
    private static function between(array $sides, float $common): float
    {
        [$best, $least] = [$common, INF];
        $places = [$common, ...array_column($sides, 0)];
        // Of places that are as good the nearest to the common one is taken.
        usort($places, static fn (float $a, float $b): int => abs(log($a / $common)) <=> abs(log($b / $common)));
        foreach ($places as $at) {
            $cost = abs(log($at / $common));
            foreach ($sides as [$kept, $isSmoother]) {
                $cost += max(0.0, log($isSmoother ? $kept / $at : $at / $kept));
            }
            if ($cost < $least - 1e-12) {
                [$best, $least] = [$at, $cost];
            }
        }

        return $best < $common ? self::JUST_BELOW * $best : $best;
    }
}
