<?php

declare(strict_types=1);

namespace GentlePour\Photo;

use GentlePour\InvalidValue;

/**
 * Two frames of one view, pixel by pixel in linear light; what is clipped or nearly black in either is left out, since it says nothing of
 * the light.
 */
final readonly class Pair
{
    /** Levels that tell: between nearly black and nearly clipped. */
    private const TELLS = [6, 250];

    /** So much of a frame has to tell. Judgement. */
    private const LEAST_SHARE = 0.02;

    private const BLOCKS = 12;

    /**
     * @param  array{float, float, float}  $stops  by how many stops the other is brighter (+) than the base, in red, green and blue
     * @param  array<int, float>  $blocks  the same in luminance by block, BLOCKS a row
     * @param  array<int, float>  $base  luminance of the base by block, in linear light
     */
    private function __construct(
        public float $luminanceStops,
        public array $stops,
        private array $blocks,
        private array $base,
    ) {
    }

    /** @throws InvalidValue when they are not alike in shape, or hardly a pixel tells */
    public static function of(Raster $base, Raster $other): self
    {
        if ($base->width !== $other->width || $base->height !== $other->height) {
            throw new InvalidValue('The two pictures differ in shape: they have to show the same view, uncropped.');
        }
        $light = Srgb::table();
        [$least, $most] = self::TELLS;
        $b = $o = [0.0, 0.0, 0.0];
        $blocks = [];
        $used = 0;
        foreach ($base->pixels as $i => $p) {
            $q = $other->pixels[$i];
            [$r1, $g1, $b1, $r2, $g2, $b2] = [$p >> 16 & 255, $p >> 8 & 255, $p & 255, $q >> 16 & 255, $q >> 8 & 255, $q & 255];
            if ($r1 < $least || $g1 < $least || $b1 < $least || $r2 < $least || $g2 < $least || $b2 < $least
                || $r1 > $most || $g1 > $most || $b1 > $most || $r2 > $most || $g2 > $most || $b2 > $most) {
                continue;
            }
            $used++;
            [$r1, $g1, $b1, $r2, $g2, $b2] = [$light[$r1], $light[$g1], $light[$b1], $light[$r2], $light[$g2], $light[$b2]];
            $b[0] += $r1;
            $b[1] += $g1;
            $b[2] += $b1;
            $o[0] += $r2;
            $o[1] += $g2;
            $o[2] += $b2;
            $block = intdiv(intdiv($i, $base->width) * self::BLOCKS, $base->height) * self::BLOCKS
                + intdiv($i % $base->width * self::BLOCKS, $base->width);
            $blocks[$block] ??= [0.0, 0.0, 0];
            $blocks[$block][0] += Srgb::luminance($r1, $g1, $b1);
            $blocks[$block][1] += Srgb::luminance($r2, $g2, $b2);
            $blocks[$block][2]++;
        }
        if ($used < self::LEAST_SHARE * count($base->pixels)) {
            throw new InvalidValue('Hardly a place of the two is neither black nor clipped in both: nothing can be compared.');
        }

        return new self(
            log(Srgb::luminance(...$o) / Srgb::luminance(...$b), 2),
            [log($o[0] / $b[0], 2), log($o[1] / $b[1], 2), log($o[2] / $b[2], 2)],
            array_map(static fn (array $sum): float => log($sum[1] / $sum[0], 2), $blocks),
            array_map(static fn (array $sum): float => $sum[0] / $sum[2], $blocks),
        );
    }

    /** How much the brightness differs from block to block, as the standard error of its mean, in stops. */
    public function uncertaintyStops(): float
    {
        $count = count($this->blocks);
        $mean = array_sum($this->blocks) / $count;
        $square = array_sum(array_map(static fn (float $s): float => ($s - $mean) ** 2, $this->blocks));

        return $count < 2 ? 0.0 : sqrt($square / ($count - 1) / $count);
    }

    /** By how many stops the corners are brighter (+) than the middle, against the base; null where either tells nothing. */
    public function cornersStops(): ?float
    {
        $middle = $corners = [];
        foreach ($this->blocks as $block => $stops) {
            [$x, $y] = [$block % self::BLOCKS + 0.5 - self::BLOCKS / 2, intdiv($block, self::BLOCKS) + 0.5 - self::BLOCKS / 2];
            $away = hypot($x, $y) / hypot(self::BLOCKS / 2, self::BLOCKS / 2);
            if ($away < 0.3) {
                $middle[] = $stops;
            } elseif ($away > 0.8) {
                $corners[] = $stops;
            }
        }

        return $middle === [] || $corners === [] ? null : array_sum($corners) / count($corners) - array_sum($middle) / count($middle);
    }

    /**
     * By how many stops the darkest blocks of the base rise over its brightest: a veil of light over all of the frame, as of flare. Blocks
     * are large enough that water averages within them.
     */
    public function veilStops(): float
    {
        $base = $this->base;
        asort($base);
        $quarter = intdiv(count($base), 4);
        $mean = fn (array $blocks): float => array_sum(array_intersect_key($this->blocks, $blocks)) / max(1, count($blocks));

        return $quarter < 1 ? 0.0 : $mean(array_slice($base, 0, $quarter, true)) - $mean(array_slice($base, -$quarter, null, true));
    }

    /** By how many stops the brightest edge of the four rises over the median of all, against the base: light that leaked in. */
    public function leakStops(): float
    {
        $sorted = array_values($this->blocks);
        sort($sorted);
        $median = $sorted[intdiv(count($sorted), 2)];
        $most = 0.0;
        $last = self::BLOCKS - 1;
        foreach ([[true, 0], [true, $last], [false, 0], [false, $last]] as [$isColumn, $at]) {
            $edge = array_filter(
                $this->blocks,
                static fn (int $block): bool => ($isColumn ? $block % self::BLOCKS : intdiv($block, self::BLOCKS)) === $at,
                ARRAY_FILTER_USE_KEY,
            );
            $most = $edge === [] ? $most : max($most, array_sum($edge) / count($edge) - $median);
        }

        return $most;
    }
}
