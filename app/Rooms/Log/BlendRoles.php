<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Models\Photo;
use App\Models\PhotoRole;
use GentlePour\Photo\ShotSettings;
use GentlePour\Review\BlurVerdict;
use Illuminate\Support\Collection;

/**
 * Of several frames of one view: which to take for the water, which for what the wind moves and for people, which for the sky. Common
 * practice.
 */
final class BlendRoles
{
    /** Leaves and people stand still for no longer. */
    private const STILL_S = 1 / 30;

    /** @param  Collection<int, Photo>  $photos */
    public static function of(Collection $photos): self
    {
        return new self($photos);
    }

    /** @param  Collection<int, Photo>  $photos */
    private function __construct(private readonly Collection $photos)
    {
    }

    /** @return list<array{string, string}> what for, and which */
    public function words(): array
    {
        $timed = $this->photos->filter(static fn (Photo $p): bool => self::seconds($p) !== null)->sortBy(self::seconds(...))->values();
        [$short, $long] = [$timed->first(), $timed->last()];
        if ($short === null || $long === null || $timed->count() < 2) {
            return [];
        }
        $right = static fn (Photo $p): bool => $p->role === PhotoRole::Frame && $p->frame?->blur === BlurVerdict::Right;
        $liked = $timed->first($right) ?? $long;
        $shorter = self::seconds($short) ?? 1.0;

        return [
            ['The water', self::name($liked).($right($liked) ? ', whose blur you called right' : ', the longest')],
            ['Leaves, grass and people', self::name($short).($shorter <= self::STILL_S ? ', the shortest'
                : ', the shortest; for still leaves 1/30 s or less would be better')],
            ['The sky', self::name($timed->sortBy(self::givenStops(...))->first() ?? $short).', which was given the least'],
        ];
    }

    /** Stops of light that reached the sensor: given least, least of the sky clips. */
    private static function givenStops(Photo $photo): float
    {
        $settings = $photo->settings();
        $exposure = $settings->stopsMoreThan(new ShotSettings(aperture: 1.0, shutterS: 1.0, iso: 1.0)) ?? INF;

        return $exposure - ($photo->role === PhotoRole::Frame ? (float) $photo->frame?->plan->way->stops : 0.0);
    }

    private static function name(Photo $photo): string
    {
        return $photo->role === PhotoRole::Base ? "the base of frame {$photo->frame_id}" : "frame {$photo->frame_id}";
    }

    private static function seconds(Photo $photo): ?float
    {
        return $photo->shutter_s ?? ($photo->role === PhotoRole::Frame ? $photo->frame?->open_s : null);
    }
}
