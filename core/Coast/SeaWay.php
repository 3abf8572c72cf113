<?php

declare(strict_types=1);

namespace GentlePour\Coast;

use SplMinHeap;

/**
 * The shortest way by water between two places, over a grid of cells that are land or water (E. W. Dijkstra, 1959, with sixteen
 * neighbours: it is at most three in a hundred too long). Channels and spits narrower than a cell, and whatever the coastline's scale
 * leaves out, are not seen.
 */
final readonly class SeaWay
{
    private const KM_A_DEGREE = 111.195;

    /** Cells across the longer side. */
    private const CELLS = 120;

    private const SMALLEST_CELL_KM = 0.25;

    /** So much of the distance is looked at beyond both ends, and at least so many km: the way may lead round. */
    private const ROUND = 0.8;

    private const ROUND_KM = 20.0;

    /** A place whose cell is land starts from the nearest water within so many cells. */
    private const ASHORE_CELLS = 6;

    private const STEPS = [
        [1, 0], [-1, 0], [0, 1], [0, -1], [1, 1], [1, -1], [-1, 1], [-1, -1], [2, 1], [2, -1], [-2, 1], [-2, -1], [1, 2], [1, -2], [-1, 2],
        [-1, -2],
    ];

    /** @param  list<array{float, float}>  $points  longitude and latitude along it */
    private function __construct(public float $km, public array $points)
    {
    }

    /** Null where no water joins them in the window that is looked at, or one of them lies inland. */
    public static function between(Coastline $coast, float $latitude, float $longitude, float $toLatitude, float $toLongitude): ?self
    {
        $toLongitude = $longitude + fmod($toLongitude - $longitude + 540, 360) - 180;
        $middle = ($latitude + $toLatitude) / 2;
        $perDegree = self::KM_A_DEGREE * cos(deg2rad($middle));
        [$wide, $high] = [abs($toLongitude - $longitude) * $perDegree, abs($toLatitude - $latitude) * self::KM_A_DEGREE];
        $round = max(self::ROUND_KM, self::ROUND * hypot($wide, $high));
        $cell = max(self::SMALLEST_CELL_KM, (max($wide, $high) + 2 * $round) / self::CELLS);
        [$columns, $rows] = [(int) ceil(($wide + 2 * $round) / $cell), (int) ceil(($high + 2 * $round) / $cell)];
        $west = min($longitude, $toLongitude) - $round / $perDegree;
        $south = min($latitude, $toLatitude) - $round / self::KM_A_DEGREE;
        $land = [];
        for ($row = 0; $row < $rows; $row++) {
            $at = $south + ($row + 0.5) * $cell / self::KM_A_DEGREE;
            foreach ($coast->land($at, $west, $west + $columns * $cell / $perDegree) as [$from, $to]) {
                $first = (int) round(($from - $west) * $perDegree / $cell);
                $last = (int) round(($to - $west) * $perDegree / $cell);
                for ($column = $first; $column < $last; $column++) {
                    $land[$row * $columns + $column] = true;
                }
            }
        }
        $cellOf = static fn (float $lat, float $lon): array => [
            (int) floor(($lon - $west) * $perDegree / $cell), (int) floor(($lat - $south) * self::KM_A_DEGREE / $cell),
        ];
        $from = self::afloat($cellOf($latitude, $longitude), $land, $columns, $rows);
        $to = self::afloat($cellOf($toLatitude, $toLongitude), $land, $columns, $rows);
        if ($from === null || $to === null) {
            return null;
        }
        $cells = self::walk($from, $to, $land, $columns, $rows);

        return $cells === null ? null : new self($cells[0] * $cell, array_map(static fn (int $at): array => [
            $west + ($at % $columns + 0.5) * $cell / $perDegree, $south + (intdiv($at, $columns) + 0.5) * $cell / self::KM_A_DEGREE,
        ], $cells[1]));
    }

    /**
     * The nearest cell of water.
     *
     * @param  array{int, int}  $at  column and row
     * @param  array<int, true>  $land
     */
    private static function afloat(array $at, array $land, int $columns, int $rows): ?int
    {
        [$best, $nearest] = [INF, null];
        for ($dy = -self::ASHORE_CELLS; $dy <= self::ASHORE_CELLS; $dy++) {
            for ($dx = -self::ASHORE_CELLS; $dx <= self::ASHORE_CELLS; $dx++) {
                [$x, $y] = [$at[0] + $dx, $at[1] + $dy];
                $cell = $y * $columns + $x;
                if ($x >= 0 && $y >= 0 && $x < $columns && $y < $rows && ! isset($land[$cell]) && hypot($dx, $dy) < $best) {
                    [$best, $nearest] = [hypot($dx, $dy), $cell];
                }
            }
        }

        return $nearest;
    }

    /**
     * @param  array<int, true>  $land
     * @return array{float, list<int>}|null length in cells, and the cells along it
     */
    private static function walk(int $from, int $to, array $land, int $columns, int $rows): ?array
    {
        $length = [$from => 0.0];
        $before = [];
        $done = [];
        /** @var SplMinHeap<array{float, int}> $queue */
        $queue = new SplMinHeap;
        $queue->insert([0.0, $from]);
        while (! $queue->isEmpty()) {
            [, $at] = $queue->extract();
            if ($at === $to) {
                break;
            }
            if (isset($done[$at])) {
                continue;
            }
            $done[$at] = true;
            [$x, $y] = [$at % $columns, intdiv($at, $columns)];
            foreach (self::STEPS as [$dx, $dy]) {
                [$nx, $ny] = [$x + $dx, $y + $dy];
                $next = $ny * $columns + $nx;
                if ($nx < 0 || $ny < 0 || $nx >= $columns || $ny >= $rows || isset($land[$next]) || isset($done[$next])
                    || ! self::isClear($at, $dx, $dy, $land, $columns)) {
                    continue;
                }
                $far = $length[$at] + hypot($dx, $dy);
                if ($far < ($length[$next] ?? INF)) {
                    $length[$next] = $far;
                    $before[$next] = $at;
                    $queue->insert([$far, $next]);
                }
            }
        }
        if (! isset($length[$to])) {
            return null;
        }
        $cells = [$to];
        while ($cells[0] !== $from) {
            array_unshift($cells, $before[$cells[0]]);
        }

        return [$length[$to], $cells];
    }

    /**
     * No corner is cut: of the cells that a slanting step passes, both are water.
     *
     * @param  array<int, true>  $land
     */
    private static function isClear(int $at, int $dx, int $dy, array $land, int $columns): bool
    {
        if ($dx === 0 || $dy === 0) {
            return true;
        }
        [$sx, $sy] = [$dx <=> 0, $dy <=> 0];
        $along = abs($dx) === 2 ? $at + $sx : (abs($dy) === 2 ? $at + $sy * $columns : $at + $sx);
        $slant = abs($dx) + abs($dy) === 3 ? $at + $sx + $sy * $columns : $at + $sy * $columns;

        return ! isset($land[$along]) && ! isset($land[$slant]);
    }
}
