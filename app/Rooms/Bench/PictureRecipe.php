<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Devices\Picture\StageLayers;
use App\Drawing\StopAxis;
use App\Household\Built;
use GentlePour\Motion\Stage;
use GentlePour\Scene\Scene;

/** The recipe of the picture on the bench, at every third of a stop of the rule and a little beyond. */
final class PictureRecipe
{
    /** It reaches so many thirds of a stop beyond both ends of the stop rule. */
    private const BEYOND = 6;

    /** @return array<string, string> where the layers of its stage lie, built to be fetched */
    private static function layers(Stage $stage): array
    {
        $built = new Built;

        return array_map(
            static fn (string $file): string => $built->url('stage-'.$file), StageLayers::files($stage),
        );
    }

    /** @return array<string, mixed> */
    public static function of(Moving $moving): array
    {
        $thirds = range(StopAxis::FIRST_THIRD - self::BEYOND, StopAxis::LAST_THIRD + self::BEYOND);
        $times = array_map(static fn (int $third): float => 2 ** ($third / 3), $thirds);

        return Scene::recipe($moving->kind, $moving->water, $moving->framing, $moving->clouds, $times, $moving->windMS)
            + ['layers' => self::layers($moving->kind->stage()), 'geometry' => StageLayers::geometry($moving->kind->stage())];
    }
}
