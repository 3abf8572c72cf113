<?php

declare(strict_types=1);

namespace GentlePour\Tide;

/**
 * How the moon's node and perigee modulate a constituent: a factor f on its amplitude and an angle u, in degrees, on its
 * phase. IHO Tidal Committee, Standard formulas for f and u (Annex A).
 */
final class NodalCorrection
{
    /** f and u as series of cosines and sines of multiples of the node: constant first. */
    private const SERIES = [
        'Mf' => [[1.084, 0.415, 0.039], [-23.7, 2.7, -0.4]],
        'O1' => [[1.0176, 0.1871, -0.0147], [10.8, -1.34, 0.19]],
        'K1' => [[1.006, 0.115, -0.0088, 0.0006], [-8.86, 0.68, -0.07]],
        'J1' => [[1.1029, 0.1676, -0.017, 0.0016], [-12.94, 1.34, -0.19]],
        'M2' => [[1.0007, -0.0373, 0.0002], [-2.14]],
        'K2' => [[1.0246, 0.2863, 0.0083, -0.0015], [-17.74, 0.68, -0.04]],
    ];

    /**
     * Terms of f cos u = c0 + sum c cos(a), f sin u = sum s sin(a), with the angle a = i p + j N + k p' as [i, j, k, c, s].
     */
    private const PAIRS = [
        'M1B' => [1.0, [[2, 0, 0, 2.783, 2.783], [2, -1, 0, 0.558, 0.558], [0, 1, 0, 0.184, 0.184]]],
        'M1' => [0.0, [[1, 0, 0, 2.0, 1.0], [1, -1, 0, 0.4, 0.2]]],
        'M1C' => [0.0, [[1, 0, 0, 2.0, 1.0], [1, -1, 0, 0.4, 0.2]]],
        'M1A' => [1.0, [[2, 0, 0, 0.3593, -0.3593], [0, 1, 0, 0.2, -0.2], [2, -1, 0, 0.066, -0.066]]],
        'gamma2' => [1.0, [[-2, 2, 0, 0.147, 0.147]]],
        'alpha2' => [1.0, [[1, 0, -1, -0.0446, -0.0446]]],
        'delta2' => [1.0, [[0, 1, 0, -0.477, 0.477]]],
        'xi2' => [1.0, [[0, 1, 0, 0.439, -0.439]]],
        'eta2' => [1.0, [[0, 1, 0, 0.439, -0.439]]],
        'L2' => [1.0, [[2, 0, 0, -0.2505, -0.2505], [2, -1, 0, -0.1102, -0.1102], [2, -2, 0, -0.0156, -0.0156], [0, 1, 0, -0.037, -0.037]]],
    ];

    /** @return array{float, float}|null f and u in degrees; null when the constituent has no formula of its own */
    public static function of(string $name, MeanLongitudes $at): ?array
    {
        $node = deg2rad($at->lunarNode);
        $perigee = deg2rad($at->lunarPerigee);
        if (isset(self::SERIES[$name])) {
            [$cosines, $sines] = self::SERIES[$name];
            $f = $u = 0.0;
            foreach ($cosines as $i => $c) {
                $f += $c * cos($i * $node);
            }
            foreach ($sines as $i => $s) {
                $u += $s * sin(($i + 1) * $node);
            }

            return [$f, $u];
        }
        if (isset(self::PAIRS[$name])) {
            [$cosine, $terms] = self::PAIRS[$name];
            $sine = 0.0;
            foreach ($terms as [$i, $j, $k, $c, $s]) {
                $angle = $i * $perigee + $j * $node + $k * deg2rad($at->solarPerigee);
                $cosine += $c * cos($angle);
                $sine += $s * sin($angle);
            }

            return [hypot($sine, $cosine), rad2deg(atan2($sine, $cosine))];
        }

        return match ($name) {
            'Mm' => [1 - 0.1311 * cos($node) + 0.0538 * cos(2 * $perigee) + 0.0205 * cos(2 * $perigee - $node), 0.0],
            'M3' => [(self::of('M2', $at)[0] ?? 1.0) ** 1.5, -3.21 * sin($node)],
            default => null,
        };
    }
}
