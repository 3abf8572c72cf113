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
     */
    private function __construct(
        public float $luminanceStops,
        public array $stops,
        private array $blocks,
    ) {
    }

    /** @throws InvalidValue when they are not alike in shape, or hardly a pixel tells */
    public static function of(Raster $base, Raster $other): self
    {
        if ($base->width !== $other->width || $base->height !== $other->height) {
            throw new InvalidValue('The two pictures differ in shape: they have to show the same view, uncropped.');
        }
        $sums = ['base' => [0.0, 0.0, 0.0], 'other' => [0.0, 0.0, 0.0]];
        $blocks = [];
        $used = 0;
        foreach ($base->pixels as $i => $p) {
            $q = $other->pixels[$i];
            $of = [$p >> 16 & 255, $p >> 8 & 255, $p & 255, $q >> 16 & 255, $q >> 8 & 255, $q & 255];
            if (min($of) < self::TELLS[0] || max($of) > self::TELLS[1]) {
                continue;
            }
            $used++;
            $light = array_map(Srgb::light(...), $of);
            foreach ([0, 1, 2] as $c) {
                $sums['base'][$c] += $light[$c];
                $sums['other'][$c] += $light[$c + 3];
            }
            [$x, $y] = [$i % $base->width, intdiv($i, $base->width)];
            $block = intdiv($y * self::BLOCKS, $base->height) * self::BLOCKS + intdiv($x * self::BLOCKS, $base->width);
            $blocks[$block] ??= [0.0, 0.0];
            $blocks[$block][0] += Srgb::luminance($light[0], $light[1], $light[2]);
            $blocks[$block][1] += Srgb::luminance($light[3], $light[4], $light[5]);
        }
        if ($used < self::LEAST_SHARE * count($base->pixels)) {
            throw new InvalidValue('Hardly a place of the two is neither black nor clipped in both: nothing can be compared.');
        }
        [$b, $o] = [$sums['base'], $sums['other']];

        return new self(
            log(Srgb::luminance(...$o) / Srgb::luminance(...$b), 2),
            [log($o[0] / $b[0], 2), log($o[1] / $b[1], 2), log($o[2] / $b[2], 2)],
            array_map(static fn (array $sum): float => log($sum[1] / $sum[0], 2), $blocks),
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
