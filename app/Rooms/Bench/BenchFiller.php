<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Decimal;
use App\Household\Subjects;
use App\Models\Camera;
use App\Models\Frame;
use App\Models\Measurement;
use App\Models\MeasurementKind;
use App\Models\Subject;
use App\Rooms\Kit\KitShelf;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Limit;
use GentlePour\Measuring\CrestTimer;
use GentlePour\Motion\CloudDrift;
use GentlePour\Motion\WaterKind;

/** Fills the fields of the bench: at first, from a subject, from a measurement, and from the frame before. */
final readonly class BenchFiller
{
    /** Surface speed of a backwash where none was measured, in m/s. Judgement. */
    private const BACKWASH_MS = 1.6;

    private const HELD_NOTHING = ['pin_aperture' => '', 'pin_iso' => '', 'must' => [], 'off' => [], 'glass' => '', 'glass_was' => ''];

    public function __construct(private KitShelf $shelf, private Subjects $subjects, private UsedGear $used)
    {
    }

    /**
     * What stands on the bench before anything was chosen.
     *
     * @param  bool  $somewhere  at the place where the person most likely is, with its first subject
     * @return array<string, mixed>
     */
    public function defaults(bool $somewhere = false): array
    {
        return [
            ...BenchFields::ALL,
            ...$this->gear($this->shelf->cameras()->find($this->used->cameraId()) ?? $this->shelf->cameras()->first()),
            ...$somewhere ? $this->here() : [],
        ];
    }

    /**
     * A camera with the lens and the focal length that it was last used with.
     *
     * @return array<string, string>
     */
    public function gear(?Camera $camera): array
    {
        $used = $camera === null ? null : $this->used->with($camera->id);
        $lens = $this->shelf->lenses()->find($used['lens'] ?? 0) ?? $this->shelf->lenses()->first();
        $focal = $used !== null && $lens?->id === $used['lens'] ? $used['focal'] : $lens?->focal_min_mm;

        return [
            'camera' => (string) ($camera->id ?? ''), 'lens' => (string) ($lens->id ?? ''),
            'focal' => $focal === null ? BenchFields::ALL['focal'] : Decimal::write($focal),
        ];
    }

    /** @return array<string, string> */
    private function here(): array
    {
        $place = $this->subjects->here();
        $subject = $place?->subjects->first();

        return match (true) {
            $place === null => [],
            $subject === null => ['place' => (string) $place->id],
            default => self::ofSubject($subject),
        };
    }

    /**
     * What the choice of a place, a subject or neither brings with it.
     *
     * @return array<string, string>
     */
    public function at(string $choice): array
    {
        $subject = $this->subjects->find(ctype_digit($choice) ? (int) $choice : 0);
        if ($subject !== null) {
            return self::ofSubject($subject);
        }
        $place = str_starts_with($choice, AtForm::PLACE) ? $this->subjects->place((int) substr($choice, strlen(AtForm::PLACE))) : null;

        return ['place' => (string) ($place->id ?? ''), 'subject' => ''];
    }

    /** @return array<string, string> */
    public static function ofSubject(Subject $subject): array
    {
        $number = static fn (?float $value): string => $value === null ? '' : Decimal::write($value, 3);

        return [
            ...BenchFields::OF_ONE_WATER,
            'place' => (string) $subject->place_id,
            'subject' => (string) $subject->id,
            'kind' => $subject->water_kind->value,
            'measure' => FlowMeasure::ofSubject($subject)->value,
            'speed' => $number($subject->speed_m_s),
            'drop' => $number($subject->drop_m),
            'float_m' => $number($subject->float_m),
            'float_s' => $number($subject->float_s),
            'period' => $number($subject->period_s),
            'feature' => $number($subject->feature_m),
            'height' => $number($subject->height_m),
            'depth' => $number($subject->depth_m),
            'chop_period' => $number($subject->chop_period_s),
            'chop_height' => $number($subject->chop_height_m),
            'distance' => $number($subject->distance_m),
            ...$subject->focal_mm === null ? [] : ['focal' => $number($subject->focal_mm)],
            ...$subject->look === null ? [] : ['look' => $subject->look->value, 'look_was' => $subject->look->value],
        ];
    }

    /**
     * A measurement from the water room, written into the fields it is for.
     *
     * @param  array<string, mixed>  $now  the bench as it stands
     * @return array<string, string>
     */
    public function ofMeasurement(Measurement $measurement, array $now): array
    {
        $kind = WaterKind::tryFrom(is_string($now['kind'] ?? null) ? $now['kind'] : '') ?? WaterKind::River;
        $filled = self::measured($measurement, $kind);
        $wanted = WaterKind::tryFrom($filled['kind'] ?? '') ?? $kind;
        // Another water is another subject: the one of that kind at the place where it was measured, if it is kept.
        $place = $this->subjects->place($measurement->place_id ?? 0);
        $subject = $place?->subjects->first(static fn (Subject $s): bool => $s->water_kind === $wanted);
        $moved = $wanted !== $kind || $subject !== null;

        return [
            'target' => '', 'correction' => '0', 'after' => '', 'pick' => '',
        ] + ($place === null ? [] : ['place' => (string) $place->id])
            + ($moved ? ['subject' => (string) ($subject->id ?? '')] : []) + $filled;
    }

    /**
     * The bench for the frame after this one, corrected by what it showed. The correction is taken up by the time, the aperture or the ISO;
     * everything else stays as it was. A blur that was not right asks for another time whatever takes up the light.
     *
     * @return array<string, mixed>
     */
    public function after(Frame $frame, CorrectBy $by): array
    {
        $next = $frame->next();
        $way = $frame->plan->way;
        $glass = ['must' => array_values($this->shelf->packed()->whereIn('name', $way->filters)->pluck('id')->map(strval(...))->all())];
        $time = $next === null ? $frame->planned_s : $next->target->seconds;
        $target = ['target' => Decimal::write($time, 4)];
        // More light that the time does not bring.
        $stops = ($next->correction->value ?? 0.0) - $frame->correction_stops - log($time / $way->shutterS, 2);
        $sameBlur = $frame->blur === null || $frame->blur->shiftStops() === 0.0;

        return [
            ...BenchFields::QUIET,
            ...$frame->inputs,
            ...($next === null ? [] : [
                ...self::HELD_NOTHING,
                ...match (true) {
                    $by === CorrectBy::Aperture => [
                        ...$target, ...$glass, 'pin_iso' => $way->isoLabel,
                        'pin_aperture' => self::apertureAt($way->aperture * 2 ** (-$stops / 2)),
                    ],
                    $by === CorrectBy::Iso => [
                        ...$target, ...$glass, 'pin_aperture' => $way->apertureLabel,
                        'pin_iso' => self::isoAt($way->iso * 2 ** $stops),
                    ],
                    $sameBlur => [
                        'target' => '', 'glass' => $way->filtersLabel(), 'glass_was' => $way->filtersLabel(),
                        'pin_aperture' => $way->apertureLabel, 'pin_iso' => $way->isoLabel,
                    ],
                    default => $target,
                },
                'correction' => Decimal::write($next->correction->value, 2),
                'after' => (string) $frame->id,
            ]),
            'pick' => '',
        ];
    }

    /**
     * @param  WaterKind  $now  the water on the bench: kept where the measurement goes with it
     * @return array<string, string>
     */
    public static function measured(Measurement $measured, WaterKind $now): array
    {
        $write = static function (string $name, int $decimals = 2) use ($measured): string {
            $value = $measured->number($name);

            return $value === null ? '' : Decimal::write($value, $decimals);
        };
        $sea = ($now->isWaves() ? $now : WaterKind::Swell)->value;

        return match ($measured->kind) {
            MeasurementKind::Waves => ['kind' => $sea, 'period' => self::peak($measured), 'rhythm' => (string) $measured->id],
            MeasurementKind::Swash => [
                'kind' => WaterKind::Backwash->value, 'measure' => FlowMeasure::Speed->value, 'speed' => Decimal::write(self::BACKWASH_MS),
                'period' => $write('period_s'), 'longest' => $write('retreat_s', 1).' s', 'rhythm' => (string) $measured->id,
            ],
            MeasurementKind::Float => [
                'kind' => ($now->isWaves() ? WaterKind::River : $now)->value, 'measure' => FlowMeasure::Speed->value,
                'speed' => $write('speed_m_s'),
            ],
            MeasurementKind::Drop => [
                'kind' => ($now->falls() ? $now : WaterKind::Plunge)->value, 'measure' => FlowMeasure::Drop->value,
                'drop' => $write('drop_m'),
            ],
            MeasurementKind::Clouds => $measured->number('seconds') !== null
                ? ['sky' => CloudsBy::Crossing->value, 'cloud_share' => $write('share'), 'cloud_s' => $write('seconds', 1)]
                : [
                    'sky' => CloudsBy::Wind->value, 'cloud_speed' => $write('speed_m_s'), 'cloud_base' => $write('base_m', 0),
                    'cloud_elevation' => $write('elevation_deg', 0),
                    'cloud_across' => is_string($measured->data['across'] ?? null) ? $measured->data['across'] : CloudDrift::Across->value,
                ],
            MeasurementKind::Buoy => [
                'kind' => $sea, 'period' => $write('period_s'), 'height' => $write('height_m'), 'wind' => $write('wind_m_s', 1),
            ],
        };
    }

    /** The peak period that presses with the crests tell of. */
    private static function peak(Measurement $pressed): string
    {
        $period = $pressed->number('period_s');

        return $period === null ? '' : Decimal::write(CrestTimer::peakOfPressedS($period), 1);
    }

    private static function apertureAt(float $number): string
    {
        return Aperture::onDial((int) round(Aperture::of(Limit::Aperture->clamp($number))->thirds()))->label();
    }

    private static function isoAt(float $speed): string
    {
        return Iso::onDial((int) round(Iso::of(Limit::Iso->clamp($speed))->thirds()))->label();
    }
}
