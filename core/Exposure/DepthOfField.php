<?php

declare(strict_types=1);

namespace GentlePour\Exposure;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/**
 * What is sharp before and behind the focus (S. F. Ray, Applied Photographic Optics). Hyperfocal distance H = f^2 / (N c) + f; sharp from
 * s (H - f) / (H + s - 2 f) to s (H - f) / (H - s). Distances in m from the lens, f and c in mm.
 */
final readonly class DepthOfField
{
    /** Slices of a focus stack overlap by this share, so that no seam is soft. Common practice. */
    private const OVERLAP = 0.15;

    private const STACK_AT_MOST = 60;

    private const NEARLY = 0.999;

    private float $focalM;

    private float $circleM;

    /** @throws InvalidValue when a figure is out of bounds */
    public function __construct(float $focalLengthMm, float $circleMm)
    {
        $this->focalM = Limit::FocalLength->check($focalLengthMm, 'focal_length_mm') / 1000;
        $this->circleM = Limit::CircleOfConfusion->check($circleMm) / 1000;
    }

    /** In m. */
    public function hyperfocalM(Aperture $aperture): float
    {
        return $this->focalM ** 2 / ($aperture->number * $this->circleM) + $this->focalM;
    }

    /**
     * Near and far limit in m of what is sharp with the focus at a distance; far is INF from the hyperfocal distance on.
     *
     * @return array{float, float}
     */
    public function limitsM(Aperture $aperture, float $focusM): array
    {
        $h = $this->hyperfocalM($aperture);
        $near = $focusM * ($h - $this->focalM) / ($h + $focusM - 2 * $this->focalM);

        return [$near, $focusM >= $h ? INF : $focusM * ($h - $this->focalM) / ($h - $focusM)];
    }

    /** Where to focus, in m, to be sharp from near to far: the limits' harmonic mean, exactly. */
    public static function focusM(SharpRange $range): float
    {
        return 2 / (1 / $range->nearM + (is_finite($range->farM) ? 1 / $range->farM : 0.0));
    }

    /** The f-number at which one frame is sharp from near to far. */
    public function needed(SharpRange $range): float
    {
        $focus = self::focusM($range);
        $depth = 1 / $range->nearM - (is_finite($range->farM) ? 1 / $range->farM : 0.0);

        return $this->focalM ** 2 / ($this->circleM * 2 * max(1e-9, $focus - $this->focalM) / ($focus * $depth));
    }

    /** Whether one frame at this aperture is sharp from near to far, to a thousandth of the f-number. */
    public function covers(Aperture $aperture, SharpRange $range): bool
    {
        return $aperture->number >= $this->needed($range) * self::NEARLY;
    }

    /**
     * Distances in m to focus on, nearest first, so that frames at this aperture are together sharp from near to far.
     *
     * @return non-empty-list<float>|null null when it would take more than sixty
     */
    public function focusStackM(Aperture $aperture, SharpRange $range): ?array
    {
        $far = is_finite($range->farM) ? 1 / $range->farM : 0.0;
        $distances = [];
        $near = $range->nearM;
        while (count($distances) < self::STACK_AT_MOST) {
            $focus = $this->focusOfNear($aperture, $near);
            [, $reaches] = $focus === null ? [0.0, INF] : $this->limitsM($aperture, $focus);
            $distances[] = $focus ?? $this->hyperfocalM($aperture);
            if ((is_finite($reaches) ? 1 / $reaches : 0.0) <= $far + 1e-9) {
                return $distances;
            }
            $near = 1 / (1 / $reaches + self::OVERLAP * (1 / $near - 1 / $reaches));
        }

        return null;
    }

    /** The focus in m whose near limit is a distance; null when that is beyond the hyperfocal distance's. */
    private function focusOfNear(Aperture $aperture, float $nearM): ?float
    {
        $h = $this->hyperfocalM($aperture);
        $under = $h - $this->focalM - $nearM;
        $focus = $under <= 0 ? INF : $nearM * ($h - 2 * $this->focalM) / $under;

        return $focus >= $h ? null : $focus;
    }
}
