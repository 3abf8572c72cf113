<?php

declare(strict_types=1);

namespace App\Devices\Camera;

use App\Devices\Picture\PictureView;

/** What a simulated camera stands before: the scene, its light, the glass that is really on, and what goes wrong. */
final readonly class BeforeTheLens
{
    /**
     * @param  array<array-key, mixed>  $recipe  of the picture, as the core writes it
     * @param  float  $ev100  of the scene without any filter
     * @param  float  $filterStops  that the glass truly takes
     * @param  array{float, float}  $cast  by how many stops red and blue come through more than green
     * @param  float  $cornerStops  that the corners lose
     * @param  float  $leakStops  by which one edge is brighter
     * @param  float  $shakePx  by which the tripod moved, in pixels of the file
     */
    public function __construct(
        public array $recipe,
        public float $ev100,
        public PictureView $view = new PictureView,
        public float $filterStops = 0.0,
        public array $cast = [0.0, 0.0],
        public float $cornerStops = 0.0,
        public float $leakStops = 0.0,
        public float $shakePx = 0.0,
        public int $dust = 0,
    ) {
    }
}
