<?php

declare(strict_types=1);

namespace GentlePour\Photo;

use GentlePour\InvalidValue;

/**
 * What a filter takes, from a frame without and one with it of the same view in steady light: the exposure that was added, less by how much
 * the frame came out brighter, in linear light.
 */
final readonly class Calibration
{
    /**
     * @param  float  $redStops  how many more stops than green it takes of red; + is darker
     * @param  float|null  $evennessStops  how many more it takes in the corners than in the middle; null where they tell nothing
     */
    private function __construct(
        public float $stops,
        public float $uncertaintyStops,
        public float $redStops,
        public float $blueStops,
        public ?float $evennessStops,
    ) {
    }

    /** @throws InvalidValue at `base` or `filtered`, when a file does not say how it was exposed, or when nothing can be compared */
    public static function of(Raster $base, ShotSettings $baseSettings, Raster $filtered, ShotSettings $filteredSettings): self
    {
        $added = $filteredSettings->stopsMoreThan($baseSettings);
        if ($added === null) {
            $lacks = $baseSettings->stopsMoreThan($baseSettings) === null ? 'base' : 'filtered';

            throw (new InvalidValue('The file does not say its shutter time, aperture and ISO.'))->at($lacks);
        }
        $pair = Pair::of($base, $filtered);
        $corners = $pair->cornersStops();

        return new self(
            $added - $pair->luminanceStops, $pair->uncertaintyStops(), $pair->stops[1] - $pair->stops[0], $pair->stops[1] - $pair->stops[2],
            $corners === null ? null : -$corners,
        );
    }
}
