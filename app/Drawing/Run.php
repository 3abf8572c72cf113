<?php

declare(strict_types=1);

namespace App\Drawing;

/** A way as a run of steps from the base reading to its time. */
final readonly class Run
{
    /**
     * @param  list<Block>  $forward  steps that lengthen, on the upper lane
     * @param  list<Block>  $back  steps that shorten, on the lower
     * @param  float  $lane  height of the upper lane
     */
    public function __construct(
        public string $key,
        public float $y,
        public bool $picked,
        public array $forward,
        public array $back,
        public float $lane,
        public float $endX,
        public Label $result,
    ) {
    }

    /** Where it ends: in the lane on which it came there, so that its mark lies on no name. */
    public function endY(): float
    {
        return $this->back === [] ? $this->lane / 2 : $this->lane + 6.5;
    }
}
