<?php

declare(strict_types=1);

namespace App\Tide;

use GentlePour\Coast\Coastline;
use RuntimeException;

/**
 * The shipped coastlines, read straight from their compressed file, a line for each degree of latitude; and the made-up one of the demo.
 */
final class CoastAtlas
{
    /** Of the demo's coast: it lies in the open sea, and is drawn only there. */
    private const MADE_UP = ['south' => 56.0, 'north' => 57.2, 'west' => -10.6, 'east' => -8.9];

    private const PER_DEGREE = 1000;

    public function around(float $south, float $north, float $west, float $east): Coastline
    {
        $coast = Coastline::of($this->bands((int) floor($south), (int) floor($north)));
        $made = self::MADE_UP;
        $nearTheDemo = $south < $made['north'] && $north > $made['south'] && $west < $made['east'] && $east > $made['west'];

        return $nearTheDemo ? $coast->with($this->madeUp()) : $coast;
    }

    /** @return array<int, list<non-empty-list<array{float, float}>>> */
    private function bands(int $first, int $last): array
    {
        $bands = [];
        $file = gzopen(base_path('data/coast.ndjson.gz'), 'rb') ?: throw new RuntimeException(
            'The coastlines data/coast.ndjson.gz are missing.',
        );
        try {
            for ($degree = -90; $degree <= min(89, $last) && ($line = gzgets($file)) !== false; $degree++) {
                if ($degree >= $first) {
                    /** @var array{pieces: list<list<int>>} $read */
                    $read = json_decode($line, true, 8, JSON_THROW_ON_ERROR);
                    $bands[$degree] = array_map(self::points(...), $read['pieces']);
                }
            }
        } finally {
            gzclose($file);
        }

        return $bands;
    }

    private function madeUp(): Coastline
    {
        /** @var array{rings: list<list<array{float, float}>>} $read */
        $read = json_decode((string) file_get_contents(base_path('data/made-up-coast.json')), true, 8, JSON_THROW_ON_ERROR);

        return Coastline::ofRings($read['rings']);
    }

    /**
     * @param  list<int>  $steps
     * @return non-empty-list<array{float, float}>
     */
    private static function points(array $steps): array
    {
        [$x, $y] = [$steps[0], $steps[1]];
        $points = [[$x / self::PER_DEGREE, $y / self::PER_DEGREE]];
        for ($i = 2, $count = count($steps); $i + 1 < $count; $i += 2) {
            [$x, $y] = [$x + $steps[$i], $y + $steps[$i + 1]];
            $points[] = [$x / self::PER_DEGREE, $y / self::PER_DEGREE];
        }

        return $points;
    }
}
