<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Files\Photo\PhotoShelf;
use App\Models\Calibration;
use App\Models\Filter;
use App\Models\Photo;
use GentlePour\InvalidValue;
use GentlePour\Photo\Area;
use GentlePour\Photo\Calibration as Measured;
use GentlePour\Sky\LightCurve;

/** Measures a filter by a frame without and one with it, less what the light did in between, and keeps what came of it. */
final readonly class CalibrateFilter
{
    /** Nearly all of a light that changes by more between the two is a cloud, which no sun foretells. */
    public const STEADY_MINUTES = 15;

    public function __construct(private PhotoShelf $shelf)
    {
    }

    /** @throws InvalidValue when a file does not say how it was exposed, or the two cannot be compared */
    public function __invoke(Filter $filter, Photo $base, Photo $filtered, ?Area $area = null): Calibration
    {
        $of = $area ?? Area::whole();
        $measured = Measured::of(
            $this->shelf->open($base)->lookedAt()->lattice->part($of), $base->settings(),
            $this->shelf->open($filtered)->lookedAt()->lattice->part($of), $filtered->settings(),
        );
        $drift = self::driftStops($base, $filtered);

        return Calibration::query()->create([
            'filter_id' => $filter->id, 'base_id' => $base->id, 'filtered_id' => $filtered->id,
            // Where the light has risen, the filter took more than it seems.
            'stops' => round($measured->stops + $drift, 3), 'uncertainty_stops' => round($measured->uncertaintyStops, 3),
            'red_stops' => round($measured->redStops, 3), 'blue_stops' => round($measured->blueStops, 3),
            'evenness_stops' => $measured->evennessStops === null ? null : round($measured->evennessStops, 3),
            'drift_stops' => round($drift, 3),
        ]);
    }

    /** “Use it from now.” */
    public static function use(Calibration $calibration): void
    {
        $calibration->filter->update([
            'measured_stops' => round($calibration->stops, 2), 'measured_on' => $calibration->created_at->toDateString(),
            'cast_red' => round(-$calibration->red_stops, 2), 'cast_blue' => round(-$calibration->blue_stops, 2),
        ]);
    }

    /** By how much the sun's light rose (+) from the middle of the one to the middle of the other; nought where nothing says it. */
    private static function driftStops(Photo $base, Photo $filtered): float
    {
        $place = $filtered->frame?->place;
        $observer = $place?->observer();
        if ($observer === null || $base->taken_at === null || $filtered->taken_at === null) {
            return 0.0;
        }
        $light = LightCurve::metered(
            $observer, $filtered->frame->subject->facing_deg ?? $place->facing_deg, foreground: $place->foreground(),
        );
        $middle = static fn (Photo $of): float => (float) $of->taken_at?->getTimestamp() + ($of->shutter_s ?? 0.0) / 2;

        return $light->ev100($middle($filtered)) - $light->ev100($middle($base));
    }
}
