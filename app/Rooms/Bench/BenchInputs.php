<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Decimal;
use App\Models\Camera;
use App\Models\Frame;
use App\Models\Lens;
use App\Models\Measurement;
use App\Models\Subject;
use GentlePour\Motion\WaterKind;

/**
 * The bench as a person fills it in: texts by field name. They travel in the address, so that a bench can be kept,
 * shared and gone back to.
 */
final class BenchInputs
{
    public const FIELDS = [
        'subject', 'kind', 'measure', 'speed', 'drop', 'float_m', 'float_s', 'period', 'camera', 'lens', 'focal', 'distance',
        'look', 'look_was', 'target', 'aperture', 'shutter', 'iso', 'on', 'bias', 'longest', 'drift', 'correction', 'after', 'pick',
        'feature', 'oblique', 'height', 'depth', 'chop_period', 'chop_height', 'rhythm',
        'also', 'also_speed', 'also_period', 'also_distance', 'also_look',
        'sky', 'cloud_speed', 'cloud_base', 'cloud_elevation', 'cloud_across', 'cloud_share', 'cloud_s', 'cloud_look', 'wind', 'support',
        'sharp_near', 'sharp_far', 'earlier_shutter', 'earlier_minutes',
    ];

    /** What stands in the fields that most pictures leave alone. */
    private const QUIET = [
        'feature' => '', 'oblique' => '', 'height' => '', 'depth' => '', 'chop_period' => '', 'chop_height' => '', 'rhythm' => '',
        'also' => '', 'also_speed' => '', 'also_period' => '', 'also_distance' => '', 'also_look' => 'silk',
        'sky' => '', 'cloud_speed' => '10', 'cloud_base' => '1000', 'cloud_elevation' => '20', 'cloud_across' => 'across', 'cloud_share' => '33', 'cloud_s' => '60',
        'cloud_look' => '', 'wind' => '', 'support' => '', 'sharp_near' => '', 'sharp_far' => '', 'earlier_shutter' => '', 'earlier_minutes' => '',
    ];

    /** @return array<string, mixed> what stands on the bench before anything was chosen */
    public static function defaults(): array
    {
        $lens = Lens::query()->orderBy('id')->first();
        $subject = Subject::query()->oldest('id')->first();

        return [
            'subject' => '', 'kind' => WaterKind::Cascade->value, 'measure' => 'speed', 'speed' => '4', 'drop' => '', 'float_m' => '',
            'float_s' => '', 'period' => '', 'camera' => (string) (Camera::query()->orderBy('id')->first()->id ?? ''),
            'lens' => (string) ($lens->id ?? ''), 'focal' => $lens === null ? '24' : Decimal::write($lens->focal_min_mm),
            'distance' => '8', 'look' => 'silk', 'look_was' => 'silk', 'target' => '', 'aperture' => 'f/11', 'shutter' => '1/60', 'iso' => '100',
            'on' => [], 'bias' => '0', 'longest' => '', 'drift' => '', 'correction' => '0', 'after' => '', 'pick' => '',
            ...self::QUIET,
            ...($subject === null ? [] : self::ofSubject($subject)),
        ];
    }

    /** @return array<string, string> */
    public static function ofSubject(Subject $subject): array
    {
        $number = static fn (?float $value): string => $value === null ? '' : Decimal::write($value);

        return [
            'subject' => (string) $subject->id,
            'kind' => $subject->water_kind->value,
            'measure' => $subject->drop_m === null ? 'speed' : 'drop',
            'speed' => $number($subject->speed_m_s),
            'drop' => $number($subject->drop_m),
            'float_m' => '', 'float_s' => '',
            'period' => $number($subject->period_s),
            'distance' => $number($subject->distance_m),
            'target' => '', 'correction' => '0', 'after' => '', 'pick' => '', 'feature' => '', 'oblique' => '', 'height' => '', 'depth' => '',
            'chop_period' => '', 'chop_height' => '', 'rhythm' => '', 'also' => '', 'sky' => '',
        ];
    }

    /**
     * A measurement from the water room, written into the fields it is for.
     *
     * @param  array<string, mixed>  $now  the bench as it stands
     * @return array<string, string>
     */
    public static function ofMeasurement(Measurement $measurement, array $now): array
    {
        $kind = WaterKind::tryFrom(is_string($now['kind'] ?? null) ? $now['kind'] : '') ?? WaterKind::River;

        $filled = $measurement->benchInputs($kind);
        $wanted = WaterKind::tryFrom($filled['kind'] ?? '') ?? $kind;
        // Another water is another subject: the one of that kind at the place where it was measured, if it is kept.
        $subject = Subject::query()->where('place_id', $measurement->place_id)->where('water_kind', $wanted->value)->first();
        $moved = $wanted !== $kind || ($subject !== null && $measurement->place_id !== null);

        return ['target' => '', 'correction' => '0', 'after' => '', 'pick' => ''] + ($moved ? ['subject' => (string) ($subject->id ?? '')] : []) + $filled;
    }

    /**
     * The bench for the frame after this one: the same, with the target and the reading corrected by what it showed.
     *
     * @return array<string, mixed>
     */
    public static function after(Frame $frame): array
    {
        $next = $frame->next();

        return [
            ...self::QUIET,
            ...$frame->inputs,
            ...($next === null ? [] : [
                'target' => Decimal::write($next->target->seconds, 4),
                'correction' => Decimal::write($next->correction->value, 2),
                'after' => (string) $frame->id,
            ]),
            'pick' => '',
        ];
    }
}
