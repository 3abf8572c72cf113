<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Models\Place;
use GentlePour\InvalidValue;
use GentlePour\Units;

/**
 * Sets the level of the stand or the way out from what was seen, so that nobody needs metres above a datum: with the water’s edge
 * at it the prediction of that instant is its level; seen dry it is at least so high, and counts as no higher than the highest seen.
 */
final readonly class KeepStand
{
    public function __construct(private Predicted $predicted, private Units $units)
    {
    }

    /**
     * @param  'stand_m'|'way_out_m'  $which
     * @return string what came of it, in words
     *
     * @throws InvalidValue at stand_at
     */
    public function __invoke(Place $place, string $which, bool $edge, string $seenAt): string
    {
        [, $height] = $this->predicted->at($place, $seenAt, 'stand_at');
        $what = $which === 'stand_m' ? 'The stand' : 'The lowest point of the way out';
        $known = $which === 'stand_m' ? $place->stand_m : $place->way_out_m;
        if (! $edge && $known !== null && $known >= $height) {
            return sprintf(
                '%s is kept at %s already, and the water stood lower: %s. Nothing was changed.', $what, $this->units->metres($known, 2),
                $this->units->metres($height, 2),
            );
        }
        $place->update([$which => round($height, 2)]);

        return sprintf(
            $edge ? '%s is kept at %s.' : '%s was dry at %s, and counts as no higher.', $what, $this->units->metres($height, 2),
        );
    }
}
