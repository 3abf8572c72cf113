<?php

declare(strict_types=1);

namespace App\Household;

/** The places of the manual to which the field of a form leads, in the order of the work. */
enum HelpTopic: string
{
    case Windows = 'windows';
    case Place = 'place';
    case Tide = 'tide';
    case Marks = 'marks';
    case Horizon = 'horizon';
    case Weather = 'weather';
    case Outing = 'outing';
    case Camera = 'camera';
    case Lens = 'lens';
    case Filters = 'filters';
    case GetOff = 'get-off';
    case Waves = 'waves';
    case Flow = 'flow';
    case Clouds = 'clouds';
    case Distance = 'distance';
    case Look = 'look';
    case Exact = 'exact';
    case Frames = 'frames';
    case Reading = 'reading';
    case Highlights = 'highlights';
    case Iso = 'iso';
    case Aperture = 'aperture';
    case Focus = 'focus';
    case Glass = 'glass';
    case Wind = 'wind';
    case LongFrame = 'long-frame';
    case Noise = 'noise';
    case Drift = 'drift';
    case Check = 'check';
    case Verdict = 'verdict';

    /** Null for a field that says by itself what it is. */
    public static function ofField(string $field): ?self
    {
        return match ($field) {
            'hour_from', 'hour_to', 'side', 'by' => self::Windows,
            'position', 'facing_deg', 'facing', 'timezone' => self::Place,
            'tide', 'station_id', 'high_minutes', 'low_minutes', 'high_m', 'low_m' => self::Tide,
            'above', 'below', 'height_m', 'mark', 'sighted_at' => self::Marks,
            'tilt', 'swell_from_deg', 'wind_from_deg' => self::Horizon,
            'forecast', 'sky' => self::Weather,
            'starts_at', 'ends_at', 'travel_minutes', 'told' => self::Outing,
            'sensor', 'sensor_width_mm', 'sensor_height_mm', 'pixels_wide', 'iso_base', 'iso_low', 'iso_max', 'longest_timed',
            'battery_minutes', 'reciprocity' => self::Camera,
            'focal_min_mm', 'focal_max_mm', 'widest', 'smallest', 'thread_mm' => self::Lens,
            'marking', 'mount', 'measured_stops', 'cast_red', 'cast_blue', 'edge', 'slots', 'rings', 'adapters', 'holds' => self::Filters,
            'stand_m', 'way_out_m', 'walk_minutes', 'margin_m', 'wave_height_m', 'wave_period_s', 'slope' => self::GetOff,
            'period', 'period_s', 'height', 'depth', 'chop_period', 'chop_height' => self::Waves,
            'speed', 'speed_m_s', 'drop', 'drop_m', 'float_m', 'float_s', 'measure', 'lip_deg', 'foot_deg' => self::Flow,
            'cloud_kind', 'cloud_base', 'cloud_elevation', 'cloud_across', 'cloud_speed', 'cloud_share', 'cloud_s', 'base_by', 'base_m',
            'elevation_deg', 'dew_point_c', 'temperature_c', 'across', 'share' => self::Clouds,
            'feature', 'distance', 'distance_m', 'oblique', 'focal' => self::Distance,
            'look', 'cloud_look', 'also', 'also_look', 'also_period', 'also_speed', 'also_distance', 'called' => self::Look,
            'frames', 'bracket' => self::Frames,
            'bias', 'highlights' => self::Highlights,
            'iso' => self::Iso,
            'aperture' => self::Aperture,
            'sharp_near', 'sharp_far' => self::Focus,
            'wind', 'support' => self::Wind,
            'longest' => self::LongFrame,
            'noise_reduction' => self::Noise,
            'drift', 'correction', 'earlier_minutes' => self::Drift,
            'water_area', 'still_area' => self::Check,
            'exposure_thirds' => self::Verdict,
            default => null,
        };
    }
}
