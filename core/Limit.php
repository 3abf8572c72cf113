<?php

declare(strict_types=1);

namespace GentlePour;

/**
 * Every bound of a physical quantity, said once: the core refuses what lies outside, and forms ask here what they may take. The bounds are
 * judgement: wide enough for anything that exists, narrow enough for a slip of the finger.
 */
enum Limit
{
    public const SHORTEST_SHUTTER_S = 1 / 65536;

    public const LONGEST_SHUTTER_S = 86400.0;

    /** Deeper than this counts as bottomless. */
    public const DEEPEST_M = 11000.0;

    case ShutterTime;
    case Aperture;
    case Iso;
    case Stops;
    case FilterFactor;
    case OpticalDensity;
    case Transmittance;
    case LightDrift;
    case LightChange;
    case BetweenReadings;
    case HighlightBias;
    case Correction;
    case SharpNear;
    case SharpFar;
    case CircleOfConfusion;

    case SensorWidth;
    case SensorHeight;
    case PixelsWide;
    case FocalLength;
    case Thread;
    case FilterStrength;
    case CastRed;
    case CastBlue;
    case Slots;
    case FiltersPacked;
    case FilmExponent;
    case Battery;
    case LongestTimed;

    case Distance;
    case Oblique;
    case WaterSpeed;
    case TextureSize;
    case Drop;
    case FloatDistance;
    case FloatTime;
    case FloatRuns;
    case WavePeriod;
    case WaveHeight;
    case BreakerHeight;
    case PeakEnhancement;
    case ShortestWave;
    case Depth;
    case CloudSpeed;
    case CloudBase;
    case CloudElevation;
    case CloudAcross;
    case CrossingShare;
    case CrossingTime;
    case Temperature;
    case DewPoint;
    case FallDistance;
    case LipAngle;
    case FootAngle;
    case Presses;
    case BetweenCrests;
    case Retreat;
    case BetweenUprushes;
    case ObservedHeight;
    case ObservedWind;

    case Latitude;
    case Longitude;
    case LightReading;
    case SunAltitude;
    case Facing;
    case SkylineAltitude;
    case Tilt;
    case WindowMinutes;
    case TideHeight;
    case MarkHeight;
    case MeanLevel;
    case TideMinutes;
    case TideDifference;
    case TideRatio;
    case StandLevel;
    case WayLeg;
    case Margin;
    case WalkMinutes;
    case TravelMinutes;
    case SurgeHeight;
    case SwellPeriod;
    case ForeshoreSlope;
    case RunUp;
    case Wind;

    case Bracket;
    case FramesAveraged;
    case FrameGap;
    case Taste;
    case HeightStep;
    case LightStep;

    public function bounds(): Bounds
    {
        return match ($this) {
            self::ShutterTime => Bounds::of('A shutter time', self::SHORTEST_SHUTTER_S, self::LONGEST_SHUTTER_S, 's'),
            self::Aperture => Bounds::of('An aperture', 0.5, 128),
            self::Iso => Bounds::of('An ISO', 1, 1000000),
            self::Stops => Bounds::of('A number of stops', -60, 60),
            self::FilterFactor => Bounds::of('A filter factor', 1e-6, 1e9),
            self::OpticalDensity => Bounds::of('An optical density', 0, 9),
            self::Transmittance => Bounds::of('A transmittance', 0.000001, 100, '%'),
            self::LightDrift => Bounds::of('The drift of the light', -3, 3, 'stops a minute'),
            self::LightChange => Bounds::of('A change of the light', -12, 12, 'stops'),
            self::BetweenReadings => Bounds::of('The time between two readings', 0.5, 120, 'min'),
            self::HighlightBias => Bounds::of('The highlight bias', -5, 5, 'stops'),
            self::Correction => Bounds::of('The correction', -20, 20, 'stops'),
            self::SharpNear => Bounds::of('The near distance', 0.1, 10000, 'm'),
            self::SharpFar => Bounds::of('The far distance', 0.1, 100000, 'm'),
            self::CircleOfConfusion => Bounds::of('The circle of confusion', 0.0005, 1, 'mm'),

            self::SensorWidth => Bounds::of('The sensor width', 2, 300, 'mm'),
            self::SensorHeight => Bounds::of('The sensor height', 2, 300, 'mm'),
            self::PixelsWide => Bounds::of('The pixels across', 500, 50000),
            self::FocalLength => Bounds::of('The focal length', 2, 2000, 'mm'),
            self::Thread => Bounds::of('The thread', 10, 200, 'mm'),
            self::FilterStrength => Bounds::of('The strength of a filter', 0, 24, 'stops'),
            self::CastRed => Bounds::of('The cast in red', -5, 5, 'stops'),
            self::CastBlue => Bounds::of('The cast in blue', -5, 5, 'stops'),
            self::Slots => Bounds::of('The number of slots', 0, 5),
            self::FiltersPacked => Bounds::of('The number of filters', 0, 60),
            self::FilmExponent => Bounds::of('The exponent of the film', 1, 2),
            self::Battery => Bounds::of('The battery', 1, 1440, 'min'),
            self::LongestTimed => Bounds::of('The longest timed shutter', 0.5, 7200, 's'),

            self::Distance => Bounds::of('The distance', 0.2, 20000, 'm'),
            self::Oblique => Bounds::of('The angle of the motion', 0, 85, '°'),
            self::WaterSpeed => Bounds::of('The speed of the water', 0.01, 60, 'm/s'),
            self::TextureSize => Bounds::of('The size of the texture', 0.001, 20, 'm'),
            self::Drop => Bounds::of('The drop', 0.05, 1000, 'm'),
            self::FloatDistance => Bounds::of('The distance of the float', 0.1, 1000, 'm'),
            self::FloatTime => Bounds::of('The time of the float', 0.1, 3600, 's'),
            self::FloatRuns => Bounds::of('The number of runs', 1, 50),
            self::WavePeriod => Bounds::of('The wave period', 0.3, 30, 's'),
            self::WaveHeight => Bounds::of('The significant wave height', 0.01, 20, 'm'),
            self::BreakerHeight => Bounds::of('The wave height', 0.01, 30, 'm'),
            self::PeakEnhancement => Bounds::of('The peak enhancement', 1, 10),
            self::ShortestWave => Bounds::of('The shortest wave', 0.05, 500, 'm'),
            self::Depth => Bounds::of('The depth of the water', 0.01, self::DEEPEST_M, 'm'),
            self::CloudSpeed => Bounds::of('The speed of the clouds', 0.1, 120, 'm/s'),
            self::CloudBase => Bounds::of('The height of the clouds', 50, 16000, 'm'),
            self::CloudElevation => Bounds::of('The elevation of the clouds', 1, 90, '°'),
            self::CloudAcross => Bounds::of('The share across', 0, 1),
            self::CrossingShare => Bounds::of('The share of the frame', 0.5, 100, '%'),
            self::CrossingTime => Bounds::of('The time of the crossing', 0.5, 7200, 's'),
            self::Temperature => Bounds::of('The temperature', -60, 60, '°C'),
            self::DewPoint => Bounds::of('The dew point', -80, 40, '°C'),
            self::FallDistance => Bounds::of('The distance to the fall', 0.5, 5000, 'm'),
            self::LipAngle => Bounds::of('The angle to the lip', -80, 85, '°'),
            self::FootAngle => Bounds::of('The angle to the foot', -85, 80, '°'),
            self::Presses => Bounds::of('The number of presses', 2, 500),
            self::BetweenCrests => Bounds::of('The time between two crests', 0.1, 180, 's'),
            self::Retreat => Bounds::of('The time of a retreat', 0.2, 120, 's'),
            self::BetweenUprushes => Bounds::of('The time between two uprushes', 0.2, 180, 's'),
            self::ObservedHeight => Bounds::of('The height', 0, 25, 'm'),
            self::ObservedWind => Bounds::of('The wind', 0, 90, 'm/s'),

            self::Latitude => Bounds::of('A latitude', -90, 90, '°'),
            self::Longitude => Bounds::of('A longitude', -180, 180, '°'),
            self::LightReading => Bounds::of('A reading of the light', -10, 20, 'EV'),
            self::SunAltitude => Bounds::of('The sun’s altitude', -90, 90, '°'),
            self::Facing => Bounds::of('The facing', 0, 360, '°'),
            self::SkylineAltitude => Bounds::of('The altitude of a skyline', 0, 85, '°'),
            self::Tilt => Bounds::of('The tilt of the lens', -60, 75, '°'),
            self::WindowMinutes => Bounds::of('The least minutes', 1, 1440, 'min'),
            self::TideHeight => Bounds::of('A height', -30, 30, 'm'),
            self::MarkHeight => Bounds::of('The height', -10, 30, 'm'),
            self::MeanLevel => Bounds::of('The mean level', -50, 50, 'm'),
            self::TideMinutes => Bounds::of('The difference in time', -840, 840, 'min'),
            self::TideDifference => Bounds::of('The difference in height', -20, 20, 'm'),
            self::TideRatio => Bounds::of('The ratio of heights', -1, 10),
            self::StandLevel => Bounds::of('The level', -5, 60, 'm'),
            self::WayLeg => Bounds::of('The length of a leg', 0.5, 5000, 'm'),
            self::Margin => Bounds::of('The margin', 0, 10, 'm'),
            self::TravelMinutes => Bounds::of('The way there', 0, 1440, 'min'),
            self::WalkMinutes => Bounds::of('The minutes to pack and walk', 0, 600, 'min'),
            self::SurgeHeight => Bounds::of('The wave height', 0, 20, 'm'),
            self::SwellPeriod => Bounds::of('The wave period', 1, 30, 's'),
            self::ForeshoreSlope => Bounds::of('The foreshore slope', 0.005, 2),
            self::RunUp => Bounds::of('The run-up', 0, 100, 'm'),
            self::Wind => Bounds::of('The wind', 0, 60, 'm/s'),

            self::Bracket => Bounds::of('The bracket', 1, 4, 'stops'),
            self::FramesAveraged => Bounds::of('The number of frames', 2, 64),
            self::FrameGap => Bounds::of('The gap between frames', 0, 60, 's'),
            self::Taste => Bounds::of('The taste', -2, 2, 'stops'),
            self::HeightStep => Bounds::of('The step', 1, 1440, 'min'),
            self::LightStep => Bounds::of('The step', 0.5, 1440, 'min'),
        };
    }

    /**
     * @param  string  $field  where the value was given, if that is known here
     *
     * @throws InvalidValue when the value is outside, infinite or not a number
     */
    public function check(float $value, string $field = ''): float
    {
        return $this->bounds()->check($value, $field);
    }

    public function least(): float
    {
        return $this->bounds()->least;
    }

    public function most(): float
    {
        return $this->bounds()->most;
    }

    /** The nearest value inside. */
    public function clamp(float $value): float
    {
        return max($this->least(), min($this->most(), $value));
    }
}
