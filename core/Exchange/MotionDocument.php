<?php

declare(strict_types=1);

namespace GentlePour\Exchange;

use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\InvalidValue;
use GentlePour\Kit\Sensor;
use GentlePour\Motion\CloudLook;
use GentlePour\Motion\Clouds;
use GentlePour\Motion\Flow;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBand;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\MovingWater;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\Waves;

/** The JSON document of pour:motion: water, clouds and framing in; looks, streaks and the wanted window out. */
final class MotionDocument
{
    private const EVALUATIONS_AT_MOST = 500;

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidValue
     */
    public static function answer(Fields $in): array
    {
        $camera = $in->child('camera');
        $sensor = $camera->make(static fn (): Sensor => new Sensor($camera->number('sensor_width_mm'), $camera->number('sensor_height_mm')));
        $focal = $in->number('focal_length_mm');
        $times = $in->shutters('evaluate_s', self::EVALUATIONS_AT_MOST);
        $out = [];
        $windows = [];

        if ($in->has('water') || ! $in->has('clouds')) {
            $framing = $in->make(static fn (): Framing => new Framing($sensor, $focal, $in->number('distance_m')));
            $fields = $in->child('water');
            $kind = $fields->choice('kind', WaterKind::class);
            $water = self::water($fields, $kind, $framing);
            $bands = LookBands::of($water, $framing);
            $out['water'] = self::waterOut($kind, $water, $framing, $bands, $times);
            if ($in->has('look')) {
                $windows['water'] = self::lookWindow($bands, $in->choice('look', Look::class));
            }
        }
        if ($in->has('clouds')) {
            $clouds = self::clouds($in->child('clouds'), $focal, $sensor);
            $out['clouds'] = self::cloudsOut($clouds, $times);
            if ($in->has('cloud_look')) {
                $windows['clouds'] = $clouds->window($in->choice('cloud_look', CloudLook::class));
            }
        }

        return $out + self::target($windows);
    }

    public static function water(Fields $in, WaterKind $kind, Framing $framing): MovingWater
    {
        if ($kind->isWaves()) {
            return $in->make(static fn (): Waves => Waves::ofPeriod($in->number('peak_period_s'), $framing, $in->numberOr('shortest_wave_m', 0.3)));
        }
        $speed = match (true) {
            $in->has('float') => self::float($in->child('float')),
            $in->has('drop_m') && ! $in->has('speed_m_s') => self::drop($in, $kind),
            default => $in->number('speed_m_s'),
        };

        return $in->make(static fn (): Flow => Flow::of($speed, $in->numberOr('feature_m', (float) $kind->featureM()), $framing));
    }

    private static function float(Fields $in): float
    {
        return $in->make(static fn (): float => Flow::speedOfFloat($in->number('distance_m'), $in->number('seconds')));
    }

    private static function drop(Fields $in, WaterKind $kind): float
    {
        if (! $kind->falls()) {
            throw (new InvalidValue('A '.$kind->label().' has no drop; give its speed or a timed float.'))->at('water.drop_m');
        }

        return $in->make(static fn (): float => Flow::speedOfDrop($kind, $in->number('drop_m')));
    }

    private static function clouds(Fields $in, float $focalMm, Sensor $sensor): Clouds
    {
        if ($in->has('crossing')) {
            $crossing = $in->child('crossing');

            return $crossing->make(static fn (): Clouds => Clouds::ofCrossing($crossing->number('frame_share'), $crossing->number('seconds')));
        }

        return $in->make(static fn (): Clouds => Clouds::ofWind(
            $in->number('speed_m_s'), $in->number('base_m'), $in->numberOr('elevation_deg', 30), $in->numberOr('across', 1.0), $focalMm, $sensor->widthMm,
        ));
    }

    private static function lookWindow(LookBands $bands, Look $look): ShutterWindow
    {
        return $bands->band($look)?->window()
            ?? throw (new InvalidValue('This water never looks '.$look->value.' at this distance and focal length.'))->at('look');
    }

    /**
     * @param  list<ShutterTime>  $times
     * @return array<string, mixed>
     */
    private static function waterOut(WaterKind $kind, MovingWater $water, Framing $framing, LookBands $bands, array $times): array
    {
        $side = $kind->falls() ? $framing->sensor->heightMm : $framing->sensor->widthMm;

        return [
            'speed_m_s' => $water->speedMS(),
            'feature_m' => $water->featureM(),
            'evaluated' => array_map(static function (ShutterTime $t) use ($water, $framing, $bands, $side): array {
                $streak = $framing->streakMm($water->speedMS(), $t->seconds);

                return [
                    'shutter_s' => $t->seconds,
                    'shutter_label' => $t->label(),
                    'texture' => $water->textureKept($t->seconds),
                    'streak_mm' => $streak,
                    'streak_share' => $streak / $side,
                    'look' => $bands->at($t->seconds)->look->value,
                    'waves' => $water->waves($t->seconds),
                ];
            }, $times),
            'looks' => array_map(static fn (LookBand $b): array => ['look' => $b->look->value, 'min_s' => $b->minS, 'max_s' => $b->maxS], $bands->bands),
        ];
    }

    /**
     * @param  list<ShutterTime>  $times
     * @return array<string, mixed>
     */
    private static function cloudsOut(Clouds $clouds, array $times): array
    {
        return [
            'share_per_second' => $clouds->sharePerSecond,
            'evaluated' => array_map(static fn (ShutterTime $t): array => [
                'shutter_s' => $t->seconds,
                'streak_share' => $clouds->streakShare($t->seconds),
                'look' => CloudLook::ofShare($clouds->streakShare($t->seconds))->value,
            ], $times),
            'looks' => array_map(static fn (array $b): array => ['look' => $b['look']->value, 'min_s' => $b['minS'], 'max_s' => $b['maxS']], $clouds->bands()),
        ];
    }

    /**
     * @param  array<string, ShutterWindow>  $windows
     * @return array<string, mixed>
     */
    private static function target(array $windows): array
    {
        if ($windows === []) {
            return [];
        }
        $all = array_values($windows);
        $meet = count($all) === 1 ? $all[0] : $all[0]->intersect($all[1]);
        if ($meet !== null) {
            return ['target' => self::window($meet)];
        }
        [$early, $late] = $all[0]->max->seconds < $all[1]->min->seconds ? $all : [$all[1], $all[0]];

        return ['conflict' => array_map(self::window(...), $windows) + ['stops_apart' => $late->min->stopsFrom($early->max)->value]];
    }

    /** @return array{min_s: float, best_s: float, max_s: float} */
    private static function window(ShutterWindow $window): array
    {
        return ['min_s' => $window->min->seconds, 'best_s' => $window->best->seconds, 'max_s' => $window->max->seconds];
    }
}
