<?php

declare(strict_types=1);

namespace GentlePour\Time;

/**
 * Which time zone a place lies in, by a tree of quarters: the earth in 48 by 24 cells of 7.5°, each either of one zone or parted in
 * four, and so on, written in digits of base 56, two a cell (the format of tz-lookup, from the boundaries of OpenStreetMap). To some
 * kilometres; beside a border it may be the neighbour’s, and at sea it is a band of hours, Etc/GMT±n.
 */
final readonly class ZoneTree
{
    private const ACROSS = 48;

    private const DOWN = 24;

    private const BASE = 56;

    private const FIRST_DIGIT = 35;

    /** Numbers from here down to the count of zones are zones, and those below part a cell further. */
    private const MOST = self::BASE * self::BASE;

    /** @param  list<string>  $zones  names, in the order of the tree */
    public function __construct(private string $tree, private array $zones)
    {
    }

    /**
     * @param  float  $latitude  degrees north, from -90 to 90
     * @param  float  $longitude  degrees east, from -180 to 180
     */
    public function at(float $latitude, float $longitude): string
    {
        // A hair less than the whole, so that the antimeridian and the pole lie in the last cell.
        $x = self::ACROSS * (180 + $longitude) / 360.00000000000006;
        $y = self::DOWN * (90 - $latitude) / 180.00000000000003;
        [$column, $row] = [(int) $x, (int) $y];
        $number = $this->number(2 * (self::ACROSS * $row + $column));
        $first = self::MOST - count($this->zones);
        for ($node = -1; $number < $first;) {
            $node += $number + 1;
            [$x, $y] = [fmod(2 * ($x - $column), 2), fmod(2 * ($y - $row), 2)];
            [$column, $row] = [(int) $x, (int) $y];
            $number = $this->number(2 * self::ACROSS * self::DOWN + 8 * $node + 4 * $row + 2 * $column);
        }

        return $this->zones[$number - $first];
    }

    private function number(int $at): int
    {
        return self::BASE * (ord($this->tree[$at]) - self::FIRST_DIGIT) + ord($this->tree[$at + 1]) - self::FIRST_DIGIT;
    }
}
