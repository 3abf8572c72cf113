<?php

declare(strict_types=1);

namespace App\Files\Photo;

use GentlePour\Photo\Area;
use GentlePour\Photo\Calibration;
use GentlePour\Photo\Detail;
use GentlePour\Photo\Levels;
use GentlePour\Photo\NextExposure;
use GentlePour\Photo\Pair;

/** A frame looked at as a document: its light, its sharpness and texture against a base frame of the same view, and the next exposure. */
final class CheckedPhotograph
{
    /**
     * @param  Area|null  $area  of the water, or of what counts; the whole where it is not said
     * @return array<string, mixed> as docs/cli.md says
     */
    public static function document(LookedAt $photo, ?LookedAt $base, ?Area $area): array
    {
        $levels = Levels::of($area === null ? $photo->lattice : $photo->lattice->part($area));
        $pair = $base === null ? null : Pair::of($base->lattice, $photo->lattice);
        $sharp = $base?->still === null || $photo->still === null
            ? null
            : Detail::sharpness($base->still, $photo->still);
        $next = NextExposure::of($levels, $pair?->luminanceStops);

        return [
            'exif' => $photo->settings->toArray(),
            'width' => $photo->width,
            'height' => $photo->height,
            'luminance' => ['mean' => round($levels->mean, 5), 'percentiles' => array_map(
                static fn (float $share): float => round($levels->percentile($share), 5),
                ['p1' => 0.01, 'p5' => 0.05, 'p50' => 0.5, 'p95' => 0.95, 'p99' => 0.99],
            )],
            'clipped' => [
                'high_share' => round($levels->highShare, 5), 'low_share' => round($levels->lowShare, 5),
                'by_channel' => array_map(static fn (float $share): float => round($share, 5), $levels->clippedByChannel()),
            ],
            'histogram' => ['luminance' => $levels->luminance] + $levels->channels,
            'against_base' => $pair === null ? null : [
                'exposure_stops' => round($pair->luminanceStops, 4),
                'sharpness_ratio' => $sharp === null ? null : round($sharp, 4),
                'shaken' => $sharp === null ? null : Detail::isShaken($sharp),
                'leak_stops' => round($pair->leakStops(), 4),
                'red_stops' => round($pair->stops[0] - $pair->stops[1], 4),
                'blue_stops' => round($pair->stops[2] - $pair->stops[1], 4),
            ],
            'texture' => self::texture($photo, $base, $area ?? Area::whole()),
            'next' => ['correction_stops' => round($next->correctionStops, 4), 'why' => $next->why],
        ];
    }

    /** @return array<string, mixed> as docs/cli.md says */
    public static function calibration(LookedAt $base, LookedAt $filtered, ?Area $area): array
    {
        $of = $area ?? Area::whole();
        $found = Calibration::of($base->lattice->part($of), $base->settings, $filtered->lattice->part($of), $filtered->settings);

        return [
            'stops' => round($found->stops, 4),
            'stops_uncertainty' => round($found->uncertaintyStops, 4),
            'red_stops' => round($found->redStops, 4),
            'blue_stops' => round($found->blueStops, 4),
            'evenness_stops' => $found->evennessStops === null ? null : round($found->evennessStops, 4),
            'base' => $base->settings->toArray(),
            'filtered' => $filtered->settings->toArray(),
        ];
    }

    /** @return array{share: float, of: string}|null */
    private static function texture(LookedAt $photo, ?LookedAt $base, Area $area): ?array
    {
        $part = $photo->small->part($area);
        if ($base === null) {
            return ['share' => round(Detail::spread($part), 4), 'of' => 'own'];
        }
        $kept = Detail::kept($base->small->part($area), $part);

        return $kept === null ? null : ['share' => round($kept, 4), 'of' => 'base'];
    }
}
