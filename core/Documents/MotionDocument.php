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
use GentlePour\Motion\Dispersion;
use GentlePour\Motion\Flow;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBand;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\LookTarget;
use GentlePour\Motion\MovingWater;
use GentlePour\Motion\Picture;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\Waves;
use GentlePour\Motion\WaveSpectrum;

/** The JSON document of pour:motion: water, clouds and framing in; looks, streaks and the wanted window out. */
final class MotionDocument
{
    private const EVALUATIONS_AT_MOST = 500;

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
        $sensor = $camera->make(static fn (): Sensor => new Sensor($camera->number('sensor_width_mm'), $camera->number('sensor_height_mm')));
        $focal = $in->number('focal_length_mm');
        $times = $in->shutters('evaluate_s', self::EVALUATIONS_AT_MOST);
        $out = [];
        $wishes = [];
        $names = self::TAKEN_NAMES;

        if ($in->has('water') || ! $in->has('clouds')) {
            [$out['water'], $wish] = self::moving($in, 'water', $in, $sensor, $focal, $times);
            $wishes = $wish === null ? [] : [$wish];
        }
        foreach ($in->children('subjects') as $i => $subject) {
            $name = $subject->textOr('name', 'subject '.($i + 1));
            if (in_array($name, $names, true)) {
                throw $subject->refusal('name', 'Two parts of the picture share the name '.InvalidValue::quoted($name).'; give each its own.');
            }
            $names[] = $name;
            [$answered, $wish] = self::moving($subject, $name, $in, $sensor, $focal, $times);
            $out['subjects'][] = ['name' => $name] + $answered;
            $wishes = $wish === null ? $wishes : [...$wishes, $wish];
        }
        if ($in->has('clouds')) {
            $clouds = self::clouds($in->child('clouds'), $focal, $sensor);
            $out['clouds'] = self::cloudsOut($clouds, $times);
            if ($in->has('cloud_look')) {
                $look = $in->choice('cloud_look', CloudLook::class);
                $wishes[] = new LookTarget('clouds', $look->value, $clouds->window($look));
            }
        }

        return $out + ($wishes === [] ? [] : self::target(Picture::of($wishes)));
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
        $kind = $fields->choice('kind', WaterKind::class);
        $water = self::water($fields, $kind, $framing);
        $bands = LookBands::of($water, $framing);
        $out = self::waterOut($kind, $water, $framing, $bands, $times);
        if ($fields->has('significant_height_m')) {
            $out['breaks_at_depth_m'] = $fields->make(static fn (): float => Dispersion::breakerDepthM($fields->number('significant_height_m')));
        }
        if (! $in->has('look')) {
            return [$out, null];
        }
        $look = $in->choice('look', Look::class);
        $window = $bands->band($look)?->window()
            ?? throw $in->refusal('look', 'This water never looks '.$look->value.' at this distance and focal length.');

        return [$out, new LookTarget($name, $look->value, $window)];
    }

    public static function water(Fields $in, WaterKind $kind, Framing $framing): MovingWater
    {
        if ($kind->isWaves()) {
            return $in->make(static fn (): Waves => Waves::ofSeas(
                self::seas($in), $framing, $in->numberOr('shortest_wave_m', 0.3), $in->numberOr('depth_m', Dispersion::DEEP_M),
            ));
        }
        $speed = match (true) {
            $in->has('float') => self::float($in->child('float')),
            $in->has('drop_m') && ! $in->has('speed_m_s') => self::drop($in, $kind),
            default => $in->number('speed_m_s'),
        };

        return $in->make(static fn (): Flow => Flow::of($speed, $in->numberOr('feature_m', (float) $kind->featureM()), $framing));
    }

    /** @return non-empty-list<WaveSpectrum> the sea itself, and the wind chop on it */
    private static function seas(Fields $in): array
    {
        $one = static fn (Fields $f): WaveSpectrum => $f->make(static fn (): WaveSpectrum => WaveSpectrum::ofPeriod(
            $f->number('peak_period_s'), $f->numberOr('peak_enhancement', WaveSpectrum::WIND_SEA), $f->numberOr('significant_height_m', 1.0),
        ));
        if (! $in->has('chop')) {
            return [$one($in)];
        }
        $chop = $in->child('chop');
        if (! $in->has('significant_height_m') || ! $chop->has('significant_height_m')) {
            throw $in->refusal('significant_height_m', 'Two seas can only be added when the significant height of each is given.');
        }

        return [$one($in), $one($chop)];
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

        $base = match (true) {
            $in->has('base_m') => $in->number('base_m'),
            $in->has('kind') => $in->choice('kind', CloudKind::class)->baseM(),
            default => $in->make(static fn (): float => CloudBase::ofDewPoint($in->number('temperature_c'), $in->number('dew_point_c'))),
        };
        $across = $in->has('wind_from_deg') ? CloudBase::across($in->number('wind_from_deg'), $in->number('facing_deg')) : $in->numberOr('across', 1.0);

        return $in->make(static fn (): Clouds => Clouds::ofWind($in->number('speed_m_s'), $base, $in->numberOr('elevation_deg', 30), $across, $focalMm, $sensor->widthMm));
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

    /** @return array<string, mixed> */
    private static function target(Picture $picture): array
    {
        $meet = $picture->meet();
        if ($meet !== null) {
            return ['target' => self::window($meet)];
        }
        $apart = $picture->conflicts();
        $windows = [];
        foreach ($picture->wishes as $wish) {
            $windows[$wish->name] = self::window($wish->window);
        }

        return ['conflict' => $windows + [
            'stops_apart' => $apart[0]->stopsApart(),
            'pairs' => array_map(static fn (Conflict $c): array => ['between' => [$c->shorter->name, $c->longer->name], 'stops_apart' => $c->stopsApart()], $apart),
            'frames' => array_map(
                static fn (array $frame): array => self::window($frame['window']) + ['for' => array_map(static fn (LookTarget $w): string => $w->name, $frame['wishes'])],
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
