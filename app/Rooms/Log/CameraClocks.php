<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Household\Settings;
use GentlePour\Photo\CameraClock;
use GentlePour\Photo\ShotSettings;

/** How the clock of each camera goes against the person's, learned from frames that were opened here and came back as files. */
final readonly class CameraClocks
{
    private const SETTING = 'camera_clocks';

    public function __construct(private Settings $settings)
    {
    }

    /** The person's clock less the camera's, in s; null while nothing is learned of it. */
    public function offsetS(ShotSettings $taken): ?float
    {
        $kept = $this->settings->read(self::SETTING)[self::key($taken)] ?? null;

        return is_numeric($kept) ? (float) $kept : null;
    }

    public function learn(ShotSettings $taken, float $offsetS): void
    {
        $this->settings->write(self::SETTING, [self::key($taken) => round($offsetS, 2)] + $this->settings->read(self::SETTING));
    }

    /** A clock that says its zone is another than one that does not, though the camera is the same. */
    private static function key(ShotSettings $taken): string
    {
        return ($taken->camera ?? '').(CameraClock::knowsItsZone($taken->takenAt ?? '') ? ' with its zone' : '');
    }
}
