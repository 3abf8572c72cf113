<?php

declare(strict_types=1);

namespace GentlePour\Outing;

use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Solving\Wall;
use GentlePour\Solving\WallKind;
use GentlePour\Units;

/**
 * What the camera stands on, and how long it stands still in wind. Judgement: the force of wind grows with the square of its speed, and
 * what is seen of a sway with the focal length, so the time falls as 1 / (v^2 f) from what is known to hold in 5 m/s at 24 mm.
 */
enum Support: string
{
    case Heavy = 'heavy';
    case Tripod = 'tripod';
    case Light = 'light';
    case Clamp = 'clamp';

    /** Wind in m/s and full-frame equivalent focal length in mm at which the times below hold. */
    private const WIND_MS = 5.0;

    private const FOCAL_MM = 24.0;

    /** Below this it is calm and nothing is capped. */
    private const CALM_MS = 1.5;

    public function label(): string
    {
        return match ($this) {
            self::Heavy => 'heavy tripod, weighted',
            self::Tripod => 'tripod',
            self::Light => 'light travel tripod',
            self::Clamp => 'clamp or beanbag',
        };
    }

    /** Seconds at 5 m/s and 24 mm. */
    public function holdsS(): float
    {
        return match ($this) {
            self::Heavy => 960.0,
            self::Tripod => 480.0,
            self::Light => 120.0,
            self::Clamp => 240.0,
        };
    }

    /**
     * The longest time in this wind; null when it is calm.
     *
     * @param  float  $equivalentMm  full-frame equivalent focal length
     * @param  float|null  $holdsS  how long it holds at 5 m/s and 24 mm by the person's own experience
     *
     * @throws InvalidValue when the wind is not between 0 and 60 m/s
     */
    public function wall(float $windMS, float $equivalentMm, ?float $holdsS = null, Units $units = new Units): ?Wall
    {
        Limit::Wind->check($windMS, 'wind_m_s');
        if ($windMS < self::CALM_MS) {
            return null;
        }
        $seconds = ($holdsS ?? $this->holdsS()) * (self::WIND_MS / $windMS) ** 2 * self::FOCAL_MM / max(8.0, $equivalentMm);
        $longest = ShutterTime::ofSeconds(max(0.25, min(ShutterTime::LONGEST_S, $seconds)))->counted();

        return new Wall(WallKind::Wind, $longest, sprintf('wind %s: %s at most', $units->wind($windMS), $longest->label()));
    }
}
