<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use App\Forms\Typed;
use App\Models\Composition;
use App\Models\Outing;
use GentlePour\Kit\Crop;
use GentlePour\Motion\Look;
use GentlePour\Planning\WantedLight;

/** Keeps what is wanted of an outing, as the least wanted so far. */
final class KeepComposition
{
    public function __invoke(Outing $outing, Typed $typed): Composition
    {
        $last = $outing->compositions()->max('position');

        return $outing->compositions()->create([
            'subject_id' => $typed->id('subject'),
            'level_mark_id' => $typed->id('mark') > 0 ? $typed->id('mark') : null,
            'look' => $typed->choice('look', Look::class),
            'light' => $typed->choice('light', WantedLight::class),
            'frames' => (int) $typed->text('frames', '1'),
            'focal_mm' => $typed->number('focal'),
            'facing_deg' => $typed->number('facing'),
            'crop' => $typed->choice('crop', Crop::class) ?? Crop::Whole,
            'bracket_stops' => (int) $typed->text('bracket', '0'),
            'position' => 1 + (is_numeric($last) ? (int) $last : 0),
        ]);
    }
}
