<?php

declare(strict_types=1);

namespace App\Files\Photo;

use GentlePour\Photo\Raster;
use GentlePour\Photo\ShotSettings;

/** What is kept of a picture file when it is put away again. */
final readonly class LookedAt
{
    /**
     * @param  Raster  $lattice  single pixels, evenly spread
     * @param  Raster  $small  a small picture of means
     * @param  Raster  $medium  a picture of means, fine enough for spots of dust
     * @param  Raster|null  $still  the part where nothing moves, as fine as it is; null where none was named
     */
    public function __construct(
        public int $width,
        public int $height,
        public ShotSettings $settings,
        public Raster $lattice,
        public Raster $small,
        public Raster $medium,
        public ?Raster $still,
    ) {
    }
}
