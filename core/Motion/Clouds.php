<?php

declare(strict_types=1);

namespace GentlePour\Motion;

use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\InvalidValue;
use GentlePour\Limit;

/**
 * Clouds crossing the frame. At height H and elevation e, moving at V across the line of sight, their angular speed is
 * V sin(e) / H, and towards or away from the viewer V sin^2(e) / H; in between the two add as components.
 */
final readonly class Clouds
{
    /** @param  float  $across  share of the drift that runs across the line of sight, 0 to 1 */
    private function __construct(
        public float $sharePerSecond,
        public float $across,
    ) {
    }

    /**
     * @param  float  $across  share of the speed that runs across the line of sight, 0 (towards or away) to 1 (across)
     *
     * @throws InvalidValue when a figure is out of bounds
     */
    public static function ofWind(
        float $speedMS, float $baseM, float $elevationDeg, float $across, float $focalLengthMm, float $widthMm,
    ): self {
        Limit::CloudSpeed->check($speedMS, 'speed_m_s');
        Limit::CloudBase->check($baseM, 'base_m');
        Limit::CloudElevation->check($elevationDeg, 'elevation_deg');
        Limit::CloudAcross->check($across, 'across');
        $sin = sin(deg2rad($elevationDeg));
        $along = sqrt(1 - $across ** 2);
        $radPerSecond = $speedMS / $baseM * hypot($across * $sin, $along * $sin ** 2);

        return new self($focalLengthMm * $radPerSecond / $widthMm, $across);
    }

    /**
     * A cloud timed across a share of the frame: nothing else is needed.
     *
     * @throws InvalidValue when the share is not between 0.5 % and 100 %, or the time not between 0.5 s and 2 h
     */
    public static function ofCrossing(float $share, float $seconds): self
    {
        Limit::CrossingShare->check(100 * $share, 'frame_share');
        Limit::CrossingTime->check($seconds, 'seconds');

        return new self($share / $seconds, 1.0);
    }

    public function streakShare(float $seconds): float
    {
        return $this->sharePerSecond * $seconds;
    }

    /**
     * Contrast left of the clouds' edges after an open time, for drawing them: 1 / (1 + 6 s), s the streak's share of the frame.
     * Judgement.
     */
    public function contrastKept(float $seconds): float
    {
        return 1 / (1 + 6 * $this->streakShare($seconds));
    }

    /** @return list<array{look: CloudLook, minS: float|null, maxS: float|null}> */
    public function bands(): array
    {
        $bands = [];
        $from = null;
        foreach (CloudLook::cases() as $look) {
            $most = $look->mostShare();
            $to = $most === null ? null : $most / max(1e-9, $this->sharePerSecond);
            $bands[] = ['look' => $look, 'minS' => $from, 'maxS' => $to];
            $from = $to;
        }

        return $bands;
    }

    public function window(CloudLook $wanted): ShutterWindow
    {
        foreach ($this->bands() as $band) {
            if ($band['look'] === $wanted) {
                $min = max(ShutterTime::SHORTEST_S, min($band['minS'] ?? 2 ** -12, ShutterTime::LONGEST_S));
                $max = max($min, min($band['maxS'] ?? 4 * $min, ShutterTime::LONGEST_S));

                return ShutterWindow::of(ShutterTime::ofSeconds($min), ShutterTime::ofSeconds($max));
            }
        }

        throw InvalidValue::notOneOf('The look of the clouds', $wanted->value, array_column(CloudLook::cases(), 'value'));
    }
}
