<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Forms\Typed;
use GentlePour\Exposure\FilterMarking;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\FilterMarkingForm;
use GentlePour\Kit\Mount;

/** A piece of kit as typed and found valid, turned into what its record keeps. */
final readonly class KitValues
{
    /** Fields that the core names otherwise than the form does. */
    public const CORE_FIELDS = [
        'aperture_max' => 'smallest', 'focal_length_mm' => 'focal_min_mm', 'preferred' => 'best_to', 'longest_timed_s' => 'longest_timed',
        'stops' => 'marking',
        '' => 'name',
    ];

    public function __construct(private KitPiece $piece, private Typed $typed)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['name' => $this->typed->text('name')] + match ($this->piece) {
            KitPiece::Camera => $this->camera(),
            KitPiece::Lens => $this->lens(),
            KitPiece::Filter => $this->filter(),
        };
    }

    /** @return array<string, mixed> */
    private function camera(): array
    {
        return [
            'sensor_width_mm' => $this->typed->number('sensor_width_mm'),
            'sensor_height_mm' => $this->typed->number('sensor_height_mm'),
            'pixels_wide' => $this->typed->has('pixels_wide') ? (int) $this->typed->text('pixels_wide') : null,
            'iso_base' => $this->typed->iso('iso_base')->speed,
            'iso_low' => $this->typed->has('iso_low') ? $this->typed->iso('iso_low')->speed : null,
            'iso_max' => $this->typed->iso('iso_max')->speed,
            'longest_timed_s' => ShutterTime::parse($this->typed->text('longest_timed'))->seconds,
            'battery_minutes' => $this->typed->number('battery_minutes'),
            'reciprocity' => $this->typed->number('reciprocity') ?? 1.0,
            'mirror' => $this->typed->flag('mirror'),
            'optical_finder' => $this->typed->flag('optical_finder'),
            'stabiliser' => $this->typed->flag('stabiliser'),
            'raw' => $this->typed->flag('raw'),
        ];
    }

    /** @return array<string, mixed> */
    private function lens(): array
    {
        return [
            'focal_min_mm' => $this->typed->number('focal_min_mm'),
            'focal_max_mm' => $this->typed->number('focal_max_mm') ?? $this->typed->number('focal_min_mm'),
            'widest_f' => $this->aperture('widest'),
            'smallest_f' => $this->aperture('smallest'),
            'widest_long_f' => $this->aperture('widest_long'),
            'smallest_long_f' => $this->aperture('smallest_long'),
            'best_from_f' => $this->aperture('best_from'),
            'best_to_f' => $this->aperture('best_to'),
            'thread_mm' => $this->typed->number('thread_mm'),
        ];
    }

    /** @return array<string, mixed> */
    private function filter(): array
    {
        $kind = FilterKind::from($this->typed->text('kind'));
        $marking = $this->typed->text('marking');
        [$lightest, $stops] = $this->strength($kind, $marking);

        return [
            'kind' => $kind,
            'marking' => $marking === '' ? null : $marking,
            'stops' => $stops?->value,
            'lightest_stops' => $lightest?->value,
            'measured_stops' => $this->typed->number('measured_stops'),
            'measured_on' => $this->typed->has('measured_on') ? $this->typed->text('measured_on') : null,
            'cast_red' => $this->typed->number('cast_red'),
            'cast_blue' => $this->typed->number('cast_blue'),
            'edge' => $kind->hasEdge() && $this->typed->has('edge') ? $this->typed->text('edge') : null,
            'mount' => Mount::from($this->typed->text('mount')),
            'thread_mm' => $this->typed->number('thread_mm'),
        ];
    }

    /** @return array{Stops|null, Stops|null} lightest, and as engraved */
    private function strength(FilterKind $kind, string $marking): array
    {
        if ($marking === '') {
            return [null, null];
        }

        return match ($kind->marking()) {
            FilterMarkingForm::Range => FilterMarking::parseRange($marking),
            FilterMarkingForm::Strength,
            FilterMarkingForm::StrengthIfAny => [null, FilterMarking::parse($marking)->chosen($this->typed->id('reading'))],
            FilterMarkingForm::Nothing => [null, null],
        };
    }

    private function aperture(string $field): ?float
    {
        return $this->typed->has($field) ? $this->typed->aperture($field)->number : null;
    }
}
