<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Models\Subject;
use GentlePour\Motion\WaterKind;

/** What flowing water is described by. */
enum FlowMeasure: string
{
    case Drop = 'drop';
    case Speed = 'speed';
    case Float = 'float';

    public function label(): string
    {
        return match ($this) {
            self::Drop => 'drop height',
            self::Speed => 'its speed',
            self::Float => 'a float, timed',
        };
    }

    /** The field that a speed which is out of bounds is said of. */
    public function field(): string
    {
        return match ($this) {
            self::Drop => 'drop',
            self::Speed => 'speed',
            self::Float => 'float_s',
        };
    }

    public static function ofSubject(Subject $subject): self
    {
        return match (true) {
            $subject->drop_m !== null => self::Drop,
            $subject->float_m !== null => self::Float,
            default => self::Speed,
        };
    }

    /** A drop stands for the speed of falling water only. */
    public function of(?WaterKind $kind): self
    {
        return $this === self::Drop && $kind !== null && ! $kind->falls() ? self::Speed : $this;
    }
}
