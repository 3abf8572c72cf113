<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Forms\CoreValue;
use App\Forms\Quantity;
use App\Forms\ReadsTyped;
use App\Forms\TakesUnits;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\FilterMarking;
use GentlePour\Exposure\Iso;
use GentlePour\Kit\Mount;
use GentlePour\Limit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A first camera, lens and filter, on one page and with as few answers as will do. */
final class FirstKitRequest extends FormRequest
{
    use ReadsTyped;
    use TakesUnits;

    /** Fields that the core names otherwise than the form does. */
    public const CORE_FIELDS = [
        'iso_max' => 'iso_base', 'iso_low' => 'iso_base', 'aperture_max' => 'smallest', 'focal_length_mm' => 'focal_min_mm', '' => 'widest',
    ];

    /** Stops above base that a first camera is trusted with, as a factor. Judgement. */
    private const ISO_RANGE = 16;

    private const LONGEST_TIMED_S = 32;

    private const SMALLEST_APERTURE = 22;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'camera' => ['bail', 'required', 'string', 'max:60', new NewName(KitPiece::Camera)],
            'sensor' => ['required', Rule::enum(SensorSize::class)],
            'iso_base' => ['bail', 'required', new CoreValue(Iso::parse(...))],
            'focal_min_mm' => ['bail', 'required', new Quantity(Limit::FocalLength, 'The shortest focal length')],
            'focal_max_mm' => ['nullable', 'bail', new Quantity(Limit::FocalLength, 'The longest focal length')],
            'widest' => ['bail', 'required', new CoreValue(Aperture::parse(...))],
            'smallest' => ['nullable', 'bail', new CoreValue(Aperture::parse(...))],
            'thread_mm' => ['nullable', 'bail', new Quantity(Limit::Thread)],
            'marking' => ['nullable', 'bail', 'string', 'max:40', new CoreValue(FilterMarking::parse(...))],
            'reading' => ['nullable', 'integer', 'between:0,3'],
            'mount' => ['required', Rule::enum(Mount::class)],
            'release' => ['nullable', 'boolean'],
        ];
    }

    public function firstKit(): FirstKit
    {
        $typed = $this->typed();
        [$width, $height] = SensorSize::from($typed->text('sensor'))->sidesMm();
        $base = $typed->iso('iso_base')->speed;
        $from = $typed->needed('focal_min_mm');
        $to = $typed->number('focal_max_mm') ?? $from;
        $marking = $typed->text('marking');

        return new FirstKit(
            [
                'name' => $typed->text('camera'), 'sensor_width_mm' => $width, 'sensor_height_mm' => $height, 'iso_base' => $base,
                'iso_max' => $base * self::ISO_RANGE, 'longest_timed_s' => self::LONGEST_TIMED_S, 'reciprocity' => 1.0,
            ],
            [
                'name' => $typed->text('focal_min_mm').($from === $to ? '' : '–'.$typed->text('focal_max_mm')).' mm',
                'focal_min_mm' => $from,
                'focal_max_mm' => $to, 'widest_f' => $typed->aperture('widest')->number,
                'smallest_f' => ($typed->has('smallest') ? $typed->aperture('smallest') : Aperture::named(self::SMALLEST_APERTURE))->number,
                'thread_mm' => $typed->number('thread_mm'),
            ],
            $marking,
            $marking === '' ? null : FilterMarking::parse($marking)->chosen($typed->id('reading'))->value,
            Mount::from($typed->text('mount')),
            $typed->flag('release'),
        );
    }
}
