<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

/**
 * The fields of the bench. They travel in the address, so that a bench can be kept, shared and gone back to; what stands in them is text
 * as a person typed it.
 */
final class BenchFields
{
    /** What a frame is shot by, and what stands on the bench before anything was chosen; empty where the kit or a subject says. */
    public const ALL = [
        'place' => '', 'subject' => '',
        'kind' => 'cascade', 'measure' => 'speed', 'speed' => '4', 'drop' => '', 'float_m' => '', 'float_s' => '',
        'period' => '',
        'camera' => '', 'lens' => '', 'focal' => '24', 'distance' => '8',
        'look' => 'silk', 'look_was' => 'silk', 'target' => '', 'aperture' => 'f/11', 'shutter' => '1/60', 'iso' => '100', 'on' => [],
        'bias' => '0', 'longest' => '', 'drift' => '', 'correction' => '0', 'after' => '', 'pick' => '',
        ...self::QUIET,
    ];

    /** What stands in the fields that most pictures leave alone. */
    public const QUIET = [
        'feature' => '', 'oblique' => '', 'height' => '', 'depth' => '', 'chop_period' => '', 'chop_height' => '', 'rhythm' => '',
        'also' => '', 'also_speed' => '', 'also_period' => '', 'also_distance' => '', 'also_look' => 'silk',
        'sky' => '', 'cloud_speed' => '10', 'cloud_base' => '1000', 'cloud_elevation' => '20', 'cloud_across' => 'across',
        'cloud_share' => '33', 'cloud_s' => '60', 'cloud_look' => '',
        'glass' => '', 'glass_was' => '', 'pin_aperture' => '', 'pin_iso' => '', 'must' => [], 'off' => [],
        'wind' => '', 'support' => '', 'sharp_near' => '', 'sharp_far' => '', 'earlier_shutter' => '', 'earlier_minutes' => '',
    ];

    /**
     * Without the quiet ones that say nothing of their own.
     *
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    public static function said(array $fields): array
    {
        $loud = static fn (mixed $value, string $name): bool => $value !== (self::QUIET[$name] ?? null);

        return array_filter($fields, $loud, ARRAY_FILTER_USE_BOTH);
    }

    /** What only changes the exposure, and not the picture. */
    public const OF_THE_EXPOSURE = [
        'place', 'subject',
        'look', 'look_was', 'target', 'aperture', 'shutter', 'iso', 'on', 'bias', 'longest', 'drift', 'correction', 'after', 'pick',
        'rhythm', 'support', 'glass', 'glass_was', 'pin_aperture', 'pin_iso', 'must', 'off',
    ];

    /** Ticks: one that is not sent is not ticked. */
    public const TICKED = ['on' => [], 'must' => [], 'off' => []];

    /** What another water leaves nothing of. */
    public const OF_ONE_WATER = [
        'target' => '', 'correction' => '0', 'after' => '', 'pick' => '', 'feature' => '', 'oblique' => '', 'height' => '', 'depth' => '',
        'chop_period' => '', 'chop_height' => '', 'rhythm' => '', 'also' => '', 'sky' => '',
    ];
}
