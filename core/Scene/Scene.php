<?php

declare(strict_types=1);

namespace GentlePour\Scene;

use GentlePour\Motion\Clouds;
use GentlePour\Motion\Framing;
use GentlePour\Motion\MovingWater;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\Waves;

/**
 * The recipe of a picture that can be drawn at any of a list of open times: what the water is made of, how much of it each time leaves, how
 * far it and the clouds streak, at the true scale of the frame. Whoever draws it decides nothing.
 */
final class Scene
{
    /**
     * @param  list<float>  $times  open times in seconds, ascending
     * @return array<string, mixed>
     */
    public static function recipe(WaterKind $kind, MovingWater $water, Framing $framing, ?Clouds $clouds, array $times): array
    {
        $sensor = $framing->sensor;
        $widthM = $framing->widthM();

        return [
            'stage' => $kind->stage()->value,
            'aspect' => round($sensor->widthMm / $sensor->heightMm, 4),
            'times' => array_map(static fn (float $t): float => (float) sprintf('%.5g', $t), $times),
            'frame_width_m' => round($widthM, 4),
            'distance_m' => $framing->distanceM,
            'kept' => array_map(static fn (float $t): float => round($water->textureKept($t), 4), $times),
            'water' => $water instanceof Waves
                ? ['kind' => 'waves'] + WaveField::of($water, $times)
                : self::flow($kind, $water, $framing, $widthM, $times),
            'clouds' => $clouds === null ? null : [
                'streak' => array_map(static fn (float $t): float => (float) sprintf('%.4g', $clouds->streakShare($t)), $times),
            ],
        ];
    }

    /**
     * A texture of correlation length ell, in shares of the frame's width, carried along by so many widths.
     *
     * @param  list<float>  $times
     * @return array<string, mixed>
     */
    private static function flow(WaterKind $kind, MovingWater $water, Framing $framing, float $widthM, array $times): array
    {
        return [
            'kind' => 'flow',
            'along' => $kind->falls() ? 'down' : 'across',
            'feature' => (float) sprintf('%.4g', $water->featureM() / $widthM),
            'streak' => array_map(
                static fn (float $t): float => (float) sprintf(
                    '%.5g', $framing->streakMm($water->speedMS(), $t) / $framing->sensor->widthMm,
                ),
                $times,
            ),
        ];
    }
}
