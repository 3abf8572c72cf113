<?php

declare(strict_types=1);

namespace GentlePour\Measuring;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/** A float timed between two marks, several times over. */
final readonly class FloatRuns
{
    /** The mean of the column over the surface speed; ISO 748:2007 gives 0.84 to 0.90 for natural channels. */
    public const MEAN_OF_SURFACE = 0.85;

    /** @param  non-empty-list<float>  $speedsMS */
    private function __construct(private array $speedsMS)
    {
    }

    /**
     * @param  list<float>  $seconds  of each run
     *
     * @throws InvalidValue when there is no run or more than fifty, or a figure is out of bounds
     */
    public static function of(float $distanceM, array $seconds): self
    {
        Limit::FloatDistance->check($distanceM, 'distance_m');
        Limit::FloatRuns->check(count($seconds), 'runs');
        $speeds = [];
        foreach ($seconds as $time) {
            $speeds[] = $distanceM / Limit::FloatTime->check($time, 'runs');
        }

        return new self($speeds === [] ? throw InvalidValue::missing('A run')->at('runs') : $speeds);
    }

    public function count(): int
    {
        return count($this->speedsMS);
    }

    /** Mean speed of the surface in m/s: what the camera sees move. */
    public function surfaceMS(): float
    {
        return array_sum($this->speedsMS) / count($this->speedsMS);
    }

    /** Mean speed of the whole column in m/s. */
    public function columnMS(): float
    {
        return self::MEAN_OF_SURFACE * $this->surfaceMS();
    }

    /** Half the range of the runs, in m/s. */
    public function spreadMS(): float
    {
        return (max($this->speedsMS) - min($this->speedsMS)) / 2;
    }
}
