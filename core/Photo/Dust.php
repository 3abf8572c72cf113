<?php

declare(strict_types=1);

namespace GentlePour\Photo;

/**
 * Spots that dust on the sensor leaves where a frame is smooth: small, round, a little darker than all of their surroundings. Sizes are
 * shares of the width; all of it is judgement.
 */
final class Dust
{
    private const SPOT = 0.0028;

    private const AROUND = 0.011;

    /** Darker than what lies around it by at least this share, and by no more. */
    private const DARKER = [0.035, 0.5];

    /** What lies around may vary by so much of the spot's depth. */
    private const SMOOTH = 0.35;

    private const AT_MOST = 40;

    /** Directions in which what lies around is looked at. */
    private const DIRECTIONS = 12;

    /** @return list<array{float, float}> middles, as shares of width and height, the plainest first */
    public static function spots(Raster $raster): array
    {
        $light = $raster->luminance();
        [$width, $height] = [$raster->width, $raster->height];
        $small = max(1, (int) round(self::SPOT / 2 * $width));
        $means = Detail::means($light, $raster, $small);
        $ring = self::ring(max(3, (int) round(self::AROUND * $width)));
        $reach = max(3, (int) round(self::AROUND * $width)) + 1;
        $found = [];
        for ($y = $reach; $y < $height - $reach; $y++) {
            for ($x = $reach; $x < $width - $reach; $x++) {
                $i = $y * $width + $x;
                // The quick question first: is it darker than right and left, above and below?
                $here = $means[$i];
                $most = $here / (1 - self::DARKER[0]);
                if ($means[$i - $reach + 1] < $most || $means[$i + $reach - 1] < $most
                    || $means[$i - ($reach - 1) * $width] < $most || $means[$i + ($reach - 1) * $width] < $most) {
                    continue;
                }
                // Its middle is what is judged: the rim of something darker, a bird or a buoy, would be as faint as dust.
                if (min($means[$i - 1], $means[$i + 1], $means[$i - $width], $means[$i + $width]) < $here) {
                    continue;
                }
                $depth = self::depth($means, $i, $width, $ring, $here);
                if ($depth !== null) {
                    $found[$i] = $depth;
                }
            }
        }

        return self::apart($found, $width, $height, $reach);
    }

    /**
     * @param  list<float>  $means
     * @param  non-empty-list<array{int, int}>  $ring
     */
    private static function depth(array $means, int $at, int $width, array $ring, float $here): ?float
    {
        $around = array_map(static fn (array $d): float => $means[$at + $d[1] * $width + $d[0]], $ring);
        $mean = array_sum($around) / count($around);
        $depth = $mean <= 0 ? 0.0 : 1 - $here / $mean;
        $varies = ($mean <= 0 ? INF : (max($around) - min($around)) / $mean);

        return $depth < self::DARKER[0] || $depth > self::DARKER[1] || $varies > self::SMOOTH * $depth ? null : $depth;
    }

    /**
     * One place for each spot.
     *
     * @param  array<int, float>  $found  depth by pixel
     * @return list<array{float, float}>
     */
    private static function apart(array $found, int $width, int $height, int $reach): array
    {
        arsort($found);
        $spots = [];
        foreach (array_keys($found) as $i) {
            [$x, $y] = [$i % $width, intdiv($i, $width)];
            $isNew = array_filter($spots, static fn (array $s): bool => abs($s[0] - $x) <= $reach && abs($s[1] - $y) <= $reach) === [];
            if ($isNew && count($spots) < self::AT_MOST) {
                $spots[] = [$x, $y];
            }
        }

        return array_map(static fn (array $s): array => [($s[0] + 0.5) / $width, ($s[1] + 0.5) / $height], $spots);
    }

    /** @return non-empty-list<array{int, int}> */
    private static function ring(int $radius): array
    {
        return array_map(static fn (int $i): array => [
            (int) round($radius * cos(2 * M_PI * $i / self::DIRECTIONS)), (int) round($radius * sin(2 * M_PI * $i / self::DIRECTIONS)),
        ], range(0, self::DIRECTIONS - 1));
    }
}
