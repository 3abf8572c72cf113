<?php

declare(strict_types=1);

namespace GentlePour\Documents;

use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\InvalidValue;
use GentlePour\Kit\Sensor;
use GentlePour\Measuring\CloudBase;
use GentlePour\Measuring\CloudKind;
use GentlePour\Motion\CloudLook;
use GentlePour\Motion\Clouds;
use GentlePour\Motion\Conflict;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBand;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\LookTarget;
use GentlePour\Motion\MovingWater;
use GentlePour\Motion\Picture;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\WaterSpec;
use GentlePour\Motion\WaveSpectrum;

/** The JSON document of pour:motion: water, clouds and framing in; looks, streaks and the wanted window out. */
final class MotionDocument
{
    private const EVALUATIONS_AT_MOST = 500;

    private const SUBJECTS_AT_MOST = 40;

    /** Names that the answer gives to parts of its own. */
    private const TAKEN_NAMES = ['water', 'clouds', 'stops_apart', 'pairs', 'frames'];

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidValue
     */
    public static function answer(Fields $in): array
    {
        $camera = $in->child('camera');
        $sensor = $camera->make(
            static fn (): Sensor => new Sensor($camera->number('sensor_width_mm'), $camera->number('sensor_height_mm')),
        );
        $focal = $in->number('focal_length_mm');
        $times = $in->shutters('evaluate_s', self::EVALUATIONS_AT_MOST);
        $out = [];
        $targets = [];
        $names = self::TAKEN_NAMES;

        if ($in->has('water') || ! $in->has('clouds')) {
            [$out['water'], $target] = self::moving($in, 'water', $in, $sensor, $focal, $times);
            $targets = $target === null ? [] : [$target];
        }
        foreach ($in->children('subjects', self::SUBJECTS_AT_MOST) as $i => $subject) {
            $name = $subject->textOr('name', 'subject '.($i + 1));
            if (in_array($name, $names, true)) {
                throw $subject->refusal(
                    'name', 'Two parts of the picture share the name '.InvalidValue::quoted($name).'; give each its own.',
                );
            }
            $names[] = $name;
            [$answered, $target] = self::moving($subject, $name, $in, $sensor, $focal, $times);
            $out['subjects'][] = ['name' => $name] + $answered;
            $targets = $target === null ? $targets : [...$targets, $target];
        }
        if ($in->has('clouds')) {
            $clouds = self::clouds($in->child('clouds'), $focal, $sensor);
            $out['clouds'] = self::cloudsOut($clouds, $times);
            if ($in->has('cloud_look')) {
                $look = $in->choice('cloud_look', CloudLook::class);
                $targets[] = new LookTarget('clouds', $look->value, $clouds->window($look));
            }
        }

        return $out + ($targets === [] ? [] : self::target(Picture::of($targets)));
    }

    /**
     * One kind of water in the picture, at its own distance or the document's.
     *
     * @param  list<ShutterTime>  $times
     * @return array{array<string, mixed>, LookTarget|null}
     */
    private static function moving(Fields $in, string $name, Fields $document, Sensor $sensor, float $focal, array $times): array
    {
        $distance = $in->has('distance_m') ? $in->number('distance_m') : $document->number('distance_m');
        $framing = $in->make(static fn (): Framing => new Framing($sensor, $focal, $distance, $in->numberOr('oblique_deg', 0.0)));
        $fields = $in->child('water');
        $spec = self::spec($fields);
        $water = $fields->make(static fn (): MovingWater => $spec->orUsual()->in($framing));
        $bands = LookBands::of($water, $framing);
        $out = self::waterOut($spec->kind, $water, $framing, $bands, $times);
        if (! $spec->isMeasured()) {
            $out['guessed'] = $spec->guessed();
        }
        $breaks = $spec->breakerDepthM();
        if ($breaks !== null) {
            $out['breaks_at_depth_m'] = $breaks;
        }
        if (! $in->has('look')) {
            return [$out, null];
        }
        $look = $in->choice('look', Look::class);
        $window = $bands->band($look)?->window()
            ?? throw $in->refusal('look', 'This water never looks '.$look->value.' at this distance and focal length.');

        return [$out, new LookTarget($name, $look->value, $window)];
    }

    /** @throws InvalidValue when a field is not what it should be */
    public static function spec(Fields $in): WaterSpec
    {
        $number = static fn (string $name): ?float => $in->has($name) ? $in->number($name) : null;
        $float = $in->has('float') ? $in->child('float') : null;
        $chop = $in->has('chop') ? $in->child('chop') : null;
        if ($chop !== null && ! $chop->has('significant_height_m')) {
            throw $in->refusal('significant_height_m', 'Two seas can only be added when the significant height of each is given.');
        }

        return new WaterSpec(
            $in->choice('kind', WaterKind::class),
            $number('speed_m_s'),
            $number('drop_m'),
            $float === null ? null : [$float->number('distance_m'), $float->number('seconds')],
            $number('feature_m'),
            $number('peak_period_s'),
            $number('significant_height_m'),
            $number('depth_m'),
            $chop === null ? null : [$chop->number('peak_period_s'), $chop->number('significant_height_m')],
            $number('shortest_wave_m'),
            $in->numberOr('peak_enhancement', WaveSpectrum::WIND_SEA),
        );
    }

    private static function clouds(Fields $in, float $focalMm, Sensor $sensor): Clouds
    {
        if ($in->has('crossing')) {
            $crossing = $in->child('crossing');

            return $crossing->make(
                static fn (): Clouds => Clouds::ofCrossing($crossing->number('frame_share'), $crossing->number('seconds')),
            );
        }

        $base = match (true) {
            $in->has('base_m') => $in->number('base_m'),
            $in->has('kind') => $in->choice('kind', CloudKind::class)->baseM(),
            default => $in->make(static fn (): float => CloudBase::ofDewPoint($in->number('temperature_c'), $in->number('dew_point_c'))),
        };
        $across = $in->has('wind_from_deg')
            ? CloudBase::across($in->number('wind_from_deg'), $in->number('facing_deg'))
            : $in->numberOr('across', 1.0);

        return $in->make(
            static fn (): Clouds => Clouds::ofWind(
                $in->number('speed_m_s'), $base, $in->numberOr('elevation_deg', 30), $across, $focalMm, $sensor->widthMm,
            ),
        );
    }

    /**
     * @param  list<ShutterTime>  $times
     * @return array<string, mixed>
     */
    private static function waterOut(WaterKind $kind, MovingWater $water, Framing $framing, LookBands $bands, array $times): array
    {
        return [
            'speed_m_s' => $water->speedMS(),
            'feature_m' => $water->featureM(),
            'evaluated' => array_map(static fn (ShutterTime $t): array => [
                'shutter_s' => $t->seconds,
                'shutter_label' => $t->label(),
                'texture' => $water->textureKept($t->seconds),
                'streak_mm' => $framing->streakMm($water->speedMS(), $t->seconds),
                'streak_share' => $framing->streakShare($kind, $water->speedMS(), $t->seconds),
                'look' => $bands->at($t->seconds)->look->value,
                'waves' => $water->waves($t->seconds),
            ], $times),
            'looks' => array_map(
                static fn (LookBand $b): array => ['look' => $b->look->value, 'min_s' => $b->minS, 'max_s' => $b->maxS], $bands->bands,
            ),
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
            'looks' => array_map(
                static fn (array $b): array => ['look' => $b['look']->value, 'min_s' => $b['minS'], 'max_s' => $b['maxS']],
                $clouds->bands(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function target(Picture $picture): array
    {
        $meet = $picture->meet();
        if ($meet !== null) {
            return ['target' => self::window($meet)];
        }
        $apart = $picture->conflicts();
        $windows = [];
        foreach ($picture->targets as $target) {
            $windows[$target->name] = self::window($target->window);
        }

        return ['conflict' => $windows + [
            'stops_apart' => $apart[0]->stopsApart(),
            'pairs' => array_map(
                static fn (Conflict $c): array => ['between' => [$c->shorter->name, $c->longer->name], 'stops_apart' => $c->stopsApart()],
                $apart,
            ),
            'frames' => array_map(
                static fn (array $frame): array => self::window($frame['window']) + [
                    'for' => array_map(static fn (LookTarget $w): string => $w->name, $frame['targets']),
                ],
                $picture->frames(),
            ),
        ]];
    }

    /** @return array{min_s: float, best_s: float, max_s: float} */
    private static function window(ShutterWindow $window): array
    {
        return ['min_s' => $window->min->seconds, 'best_s' => $window->best->seconds, 'max_s' => $window->max->seconds];
    }
}
