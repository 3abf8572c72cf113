<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Photo\Levels;

/**
 * How the light of a frame is spread, as one drawing: a column for each level from black to white, luminance filled and the channels as
 * lines. Heights go by the square root, so that the little that clips can be seen beside all the rest.
 */
final readonly class Histogram
{
    public const WIDTH = 512;

    public const HEIGHT = 132;

    /** Closes what is filled, along the foot. */
    private const FOOT = 'L512 132L0 132Z';

    /** Levels that share a column. */
    private const STEP = 4;

    /** @param  array{red: string, green: string, blue: string}  $channels  path data */
    private function __construct(
        public string $luminance,
        public array $channels,
    ) {
    }

    public static function of(Levels $levels): self
    {
        $columns = array_map(self::columns(...), ['l' => $levels->luminance] + $levels->channels);
        // What stands at the ends of the scale would press all the rest flat.
        $most = 1.0;
        foreach ($columns as $of) {
            $most = max($most, ...array_slice($of, 1, -1));
        }
        $line = static fn (string $of): string => self::line($columns[$of], $most);

        return new self($line('l').self::FOOT, ['red' => $line('red'), 'green' => $line('green'), 'blue' => $line('blue')]);
    }

    /** @param  list<int>  $counts  by the level of luminance */
    public static function ofLuminance(array $counts): self
    {
        $columns = self::columns($counts);

        $luminance = self::line($columns, max(1.0, ...array_slice($columns, 1, -1)));

        return new self($luminance.self::FOOT, ['red' => '', 'green' => '', 'blue' => '']);
    }

    /**
     * @param  list<float>  $columns
     * @param  float  $most  the highest of them that is not at an end
     */
    private static function line(array $columns, float $most): string
    {
        $points = [];
        foreach ($columns as $i => $count) {
            $points[] = sprintf('%d %.1f', $i * 2 * self::STEP, self::HEIGHT - (self::HEIGHT - 4) * min(1.0, sqrt($count / $most)));
        }

        return 'M'.implode('L', $points);
    }

    /**
     * @param  list<int>  $counts
     * @return list<float>
     */
    private static function columns(array $counts): array
    {
        return array_map(static fn (array $of): float => (float) array_sum($of), array_chunk($counts, self::STEP));
    }
}
