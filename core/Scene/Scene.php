<?php

declare(strict_types=1);

namespace GentlePour\Scene;

use GentlePour\Motion\Clouds;
use GentlePour\Motion\Dispersion;
use GentlePour\Motion\Framing;
use GentlePour\Motion\MovingWater;
use GentlePour\Motion\Surf;
use GentlePour\Motion\Texture;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\Waves;

/**
 * The recipe of a picture that can be drawn at any of a list of open times: what the water is made of, how much of it each time leaves, how
 * far it and the clouds streak, at the true scale of the frame. Whoever draws it decides nothing.
 */
final class Scene
{
    /** Judgement. */
    private const FLECK_M = 0.2;

    /** Significant height over peak wavelength of a young sea; common practice. */
    private const STEEPEST = 0.05;

    /**
     * @param  list<float>  $times  open times in seconds, ascending
     * @param  float|null  $windMS  at the tripod; a breeze where it is not known
     * @return array<string, mixed>
     */
    public static function recipe(
        WaterKind $kind, MovingWater $water, Framing $framing, ?Clouds $clouds, array $times, ?float $windMS = null,
    ): array {
        $sensor = $framing->sensor;
        $widthM = $framing->widthM();

        return [
            'stage' => $kind->stage()->value,
            'aspect' => round($sensor->widthMm / $sensor->heightMm, 4),
            'times' => array_map(static fn (float $t): float => (float) sprintf('%.5g', $t), $times),
            'frame_width_m' => round($widthM, 4),
            'distance_m' => $framing->distanceM,
            'kept' => array_map(static fn (float $t): float => round($water->textureKept($t), 4), $times),
            'level' => self::level($water, $times),
            'water' => $water instanceof Waves
                ? ['kind' => 'waves'] + self::drift($water, $widthM, $times) + WaveField::of($water, $times)
                : self::flow($kind, $water, $framing, $widthM, $times),
            'clouds' => $clouds === null ? null : [
                'across' => $clouds->across,
                'streak' => array_map(static fn (float $t): float => (float) sprintf('%.4g', $clouds->streakShare($t)), $times),
            ],
            'things' => self::things($kind, $water, $framing, $times, $windMS),
            'lights' => array_combine(
                array_column(HourLight::cases(), 'value'), array_map(static fn (HourLight $l): array => $l->colours(), HourLight::cases()),
            ),
        ];
    }

    /**
     * How the water rises and falls at one place: its standard deviation in m, and the share of it that each time leaves.
     *
     * @param  list<float>  $times
     * @return array{sigma_m: float, kept: list<float>}
     */
    private static function level(MovingWater $water, array $times): array
    {
        $kept = match (true) {
            $water instanceof Waves => $water->levelKept(...),
            $water instanceof Surf => static fn (float $t): float => Texture::contrast(2 * $t / $water->periodS),
            default => $water->textureKept(...),
        };

        return [
            'sigma_m' => round(self::sigmaM($water), 4), 'kept' => array_map(static fn (float $t): float => round($kept($t), 4), $times),
        ];
    }

    /** The significant height, no steeper over the peak's wavelength than seas are: a lake of which only the period is known. */
    private static function heightM(Waves $waves): float
    {
        return min($waves->significantHeightM(), self::STEEPEST * Dispersion::wavelengthM($waves->periodS(), $waves->depthM()));
    }

    /** A quarter of the significant height; running water has none that counts. */
    private static function sigmaM(MovingWater $water): float
    {
        return match (true) {
            $water instanceof Waves => self::heightM($water) / 4,
            $water instanceof Surf => $water->heightM / 4,
            default => 0.0,
        };
    }

    /**
     * @param  list<float>  $times
     * @return array<string, array<string, mixed>> by name; none where the stage has no place for any
     */
    private static function things(WaterKind $kind, MovingWater $water, Framing $framing, array $times, ?float $windMS): array
    {
        $things = [];
        foreach (Thing::on($kind->stage()) as $thing) {
            $things[$thing->value] = $thing->in($kind->stage(), $framing, self::sigmaM($water), $times, $windMS);
        }

        return $things;
    }

    /**
     * Foam on open water: flecks of FLECK_M, carried to and fro at the speed of the water in the waves, pi H / T.
     *
     * @param  list<float>  $times
     * @return array{feature: float, streak: list<float>}
     */
    private static function drift(Waves $waves, float $widthM, array $times): array
    {
        $speedMS = M_PI * self::heightM($waves) / $waves->periodS();

        return [
            'feature' => (float) sprintf('%.4g', self::FLECK_M / $widthM),
            'streak' => array_map(static fn (float $t): float => (float) sprintf('%.5g', $speedMS * $t / $widthM), $times),
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
        ] + ($water instanceof Surf ? WaveField::of(Waves::ofPeriod($water->periodS, $framing), $times) : []);
    }
}
