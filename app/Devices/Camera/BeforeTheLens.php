<?php

declare(strict_types=1);

namespace App\Devices\Camera;

use Closure;
use GdImage;

/** What a simulated camera stands before: the scene, its light, the glass that is really on, and what goes wrong. */
final readonly class BeforeTheLens
{
    /**
     * @param  Closure(float): GdImage  $seen  the scene as it is drawn, well exposed, after so many s
     * @param  float  $ev100  of the scene without any filter
     * @param  float  $filterStops  that the glass truly takes
     * @param  array{float, float}  $cast  by how many stops red and blue come through more than green
     * @param  float  $cornerStops  that the corners lose
     * @param  float  $leakStops  by which one edge is brighter
     * @param  float  $shakePx  by which the tripod moved, in pixels of the file
     */
    public function __construct(
        public Closure $seen,
        public float $ev100,
        public float $filterStops = 0.0,
        public array $cast = [0.0, 0.0],
        public float $cornerStops = 0.0,
        public float $leakStops = 0.0,
        public float $shakePx = 0.0,
        public int $dust = 0,
    ) {
    }

    /** The same, with what goes wrong. */
    public function spoiled(float $cornerStops = 0.0, float $leakStops = 0.0, float $shakePx = 0.0, int $dust = 0): self
    {
        return new self($this->seen, $this->ev100, $this->filterStops, $this->cast, $cornerStops, $leakStops, $shakePx, $dust);
    }
}
