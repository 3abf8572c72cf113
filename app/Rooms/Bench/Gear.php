<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Models\Carry;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Filter;
use GentlePour\Solving\Habits;

/** What a bench is worked out with. */
final readonly class Gear
{
    /**
     * @param  list<Filter>  $on  filters on the lens for the reading
     * @param  list<Filter>  $must  filters that must be on for the long frame
     * @param  list<Filter>  $off  filters that must stay off, or come off
     */
    public function __construct(
        public Bag $bag,
        public Habits $habits,
        public Carry $carry,
        public array $on,
        public array $must,
        public array $off,
    ) {
    }

    /** Focal length in use, as of a full frame. */
    public function equivalentMm(): float
    {
        return $this->bag->camera->sensor->fullFrameEquivalentMm($this->bag->lens->focalLengthMm);
    }
}
