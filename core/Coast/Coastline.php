<?php

declare(strict_types=1);

namespace GentlePour\Coast;

/**
 * The edge of the land around a place, in pieces sorted by whole degrees of latitude. A point lies on land where an odd number of
 * coastlines runs west of it: closed rings are all that it needs. Longitudes run from -180 to 180 degrees.
 */
final readonly class Coastline
{
    private const TURN_DEG = 360.0;

    /** What lies wholly beyond it runs along the cut of the map. */
    private const CUT_DEG = 179.999;

    /**
     * @param  array<int, list<non-empty-list<array{float, float}>>>  $bands  pieces of longitude and latitude, by the whole degree south
     * of them
     */
    private function __construct(private array $bands)
    {
    }

    /** @param  array<int, list<non-empty-list<array{float, float}>>>  $bands  no piece of which leaves its degree of latitude */
    public static function of(array $bands): self
    {
        return new self($bands);
    }

    /**
     * From closed rings of longitude and latitude, cut at whole degrees of latitude.
     *
     * @param  list<list<array{float, float}>>  $rings
     */
    public static function ofRings(array $rings): self
    {
        $bands = [];
        foreach ($rings as $ring) {
            for ($i = 1, $count = count($ring); $i < $count; $i++) {
                foreach (self::cut($ring[$i - 1], $ring[$i]) as $piece) {
                    $bands[(int) floor(($piece[0][1] + $piece[1][1]) / 2)][] = $piece;
                }
            }
        }

        return new self($bands);
    }

    public function with(self $other): self
    {
        $bands = $this->bands;
        foreach ($other->bands as $degree => $pieces) {
            $bands[$degree] = [...$bands[$degree] ?? [], ...$pieces];
        }

        return new self($bands);
    }

    public function isEmpty(): bool
    {
        return array_filter($this->bands) === [];
    }

    /**
     * Where a parallel runs over land, from west to east, between two longitudes of which the eastern is the greater number, also beyond
     * 180 degrees.
     *
     * @return list<array{float, float}>
     */
    public function land(float $latitude, float $west, float $east): array
    {
        $crossings = [];
        foreach ($this->bands[(int) floor($latitude)] ?? [] as $piece) {
            for ($i = 1, $count = count($piece); $i < $count; $i++) {
                [[$x1, $y1], [$x2, $y2]] = [$piece[$i - 1], $piece[$i]];
                if (($y1 <= $latitude) !== ($y2 <= $latitude)) {
                    $crossings[] = $x1 + ($x2 - $x1) * ($latitude - $y1) / ($y2 - $y1);
                }
            }
        }
        sort($crossings);
        $spans = [];
        foreach ([-self::TURN_DEG, 0.0, self::TURN_DEG] as $turn) {
            for ($i = 0; $i + 1 < count($crossings); $i += 2) {
                [$from, $to] = [max($west, $crossings[$i] + $turn), min($east, $crossings[$i + 1] + $turn)];
                if ($from < $to) {
                    $spans[] = [$from, $to];
                }
            }
        }

        return $spans;
    }

    public function isLand(float $latitude, float $longitude): bool
    {
        return $this->land($latitude, $longitude - 1e-7, $longitude + 1e-7) !== [];
    }

    /**
     * Pieces that come into a window, as they are; those along the cut at 180 degrees, which are no coast, are left out.
     *
     * @return iterable<non-empty-list<array{float, float}>>
     */
    public function pieces(float $south, float $north, float $west, float $east): iterable
    {
        for ($degree = (int) floor($south); $degree <= (int) floor($north); $degree++) {
            foreach ($this->bands[$degree] ?? [] as $piece) {
                [$first, $last] = [min(array_column($piece, 0)), max(array_column($piece, 0))];
                if ($first > self::CUT_DEG || $last < -self::CUT_DEG) {
                    continue;
                }
                foreach ([-self::TURN_DEG, 0.0, self::TURN_DEG] as $turn) {
                    if ($last + $turn >= $west && $first + $turn <= $east) {
                        yield array_map(static fn (array $p): array => [$p[0] + $turn, $p[1]], $piece);
                    }
                }
            }
        }
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @return list<array{array{float, float}, array{float, float}}>
     */
    private static function cut(array $from, array $to): array
    {
        $points = [$from];
        $low = (int) floor(min($from[1], $to[1])) + 1;
        $crossed = [];
        for ($y = $low; $y < max($from[1], $to[1]); $y++) {
            $crossed[] = [$from[0] + ($to[0] - $from[0]) * ($y - $from[1]) / ($to[1] - $from[1]), (float) $y];
        }
        array_push($points, ...($to[1] > $from[1] ? $crossed : array_reverse($crossed)), ...[$to]);
        $pieces = [];
        for ($i = 1, $count = count($points); $i < $count; $i++) {
            $pieces[] = [$points[$i - 1], $points[$i]];
        }

        return $pieces;
    }
}
