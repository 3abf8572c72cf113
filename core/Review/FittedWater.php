<?php

declare(strict_types=1);

namespace GentlePour\Review;

use GentlePour\InvalidValue;
use GentlePour\Motion\MovingWater;

/**
 * How much faster a water moves than it was taken to, from the texture that frames of known times have kept: for each frame the factor by
 * which the model's time has to be multiplied to keep as much. Their mean in stops, with its standard error.
 */
final readonly class FittedWater
{
    /** From fewer frames nothing is said. Judgement. */
    public const LEAST_FRAMES = 3;

    /** Outside of these shares a measured texture says next to nothing of the time: below is the noise of the file. Judgement. */
    private const TELLS = [0.18, 0.93];

    private const FARTHEST_STOPS = 4.0;

    private const HALVINGS = 40;

    private function __construct(
        public float $stops,
        public float $uncertaintyStops,
        public int $frames,
    ) {
    }

    /**
     * @param  list<array{float, float}>  $frames  open time in s, and the share of the texture that was kept
     *
     * @throws InvalidValue when fewer than three of them tell
     */
    public static function of(MovingWater $water, array $frames): self
    {
        $stops = [];
        foreach ($frames as [$openS, $kept]) {
            $found = $kept < self::TELLS[0] || $kept > self::TELLS[1] ? null : self::stopsFor($water, $openS, $kept);
            if ($found !== null) {
                $stops[] = $found;
            }
        }
        $count = count($stops);
        if ($count < self::LEAST_FRAMES) {
            throw new InvalidValue(sprintf('A water is fitted from three frames at least that tell of it; there are %d.', $count));
        }
        $mean = array_sum($stops) / $count;
        $square = array_sum(array_map(static fn (float $s): float => ($s - $mean) ** 2, $stops));

        return new self($mean, sqrt($square / ($count - 1) / $count), $count);
    }

    /** By how much its speed is multiplied; a period is divided by it. */
    public function factor(): float
    {
        return 2 ** $this->stops;
    }

    /** Stops of time by which the water is faster (+); null where the model keeps no such share within four stops. */
    private static function stopsFor(MovingWater $water, float $openS, float $kept): ?float
    {
        [$low, $high] = [-self::FARTHEST_STOPS, self::FARTHEST_STOPS];
        if ($water->textureKept($openS * 2 ** $low) < $kept || $water->textureKept($openS * 2 ** $high) > $kept) {
            return null;
        }
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $middle = ($low + $high) / 2;
            $water->textureKept($openS * 2 ** $middle) > $kept ? $low = $middle : $high = $middle;
        }

        return ($low + $high) / 2;
    }
}
