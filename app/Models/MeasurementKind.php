<?php

declare(strict_types=1);

namespace App\Models;

use GentlePour\Motion\WaterBody;

/** The ways of measuring water and sky. */
enum MeasurementKind: string
{
    case Waves = 'waves';
    case Swash = 'swash';
    case Float = 'float';
    case Drop = 'drop';
    case Clouds = 'clouds';
    case Buoy = 'buoy';

    public function label(): string
    {
        return match ($this) {
            self::Waves => 'Crests',
            self::Swash => 'Swash',
            self::Float => 'Float',
            self::Drop => 'Height of a fall',
            self::Clouds => 'Clouds',
            self::Buoy => 'Buoy or forecast',
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Waves => 'Press with each crest: period, spread, sets.',
            self::Swash => 'Press at the top of the uprush and when it has drained.',
            self::Float => 'Time a float between two marks, several times.',
            self::Drop => 'Typed, or by the angles to lip and foot.',
            self::Clouds => 'Time a cloud across the frame, or reckon from the wind.',
            self::Buoy => 'Read a file of observations; the row nearest in time counts.',
        };
    }

    /** At whose edge one stands to measure so, if at any. */
    public function body(): ?WaterBody
    {
        return match ($this) {
            self::Waves, self::Swash => WaterBody::Sea,
            self::Float, self::Drop => WaterBody::Running,
            self::Clouds, self::Buoy => null,
        };
    }
}
