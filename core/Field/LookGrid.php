<?php

declare(strict_types=1);

namespace GentlePour\Field;

use Closure;
use GentlePour\InvalidValue;
use GentlePour\Kit\Sensor;
use GentlePour\Motion\CloudLook;
use GentlePour\Motion\Clouds;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\LookBounds;
use GentlePour\Motion\MovingWater;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\WaterSpec;

/**
 * Where the looks of a water lie, on a grid: for its period or speed, for surf its height, and for the width of what the frame holds. What
 * lies between two of its nodes is read off in a straight line on logarithms, which is exact for water that is carried past and within a
 * few hundredths of a stop for a sea.
 */
final readonly class LookGrid
{
    /** Times are written down in hundredths of a stop from a second. */
    public const UNITS_A_STOP = 100;

    private const FOCAL_MM = 100.0;

    /**
     * Nodes lie so many octaves apart from one bound to the next: widths of what the frame holds at the subject, in m, from a strand to a
     * coast, the widest closer, where the finest waves go out of sight.
     */
    private const WIDTHS_M = [[0.4, 60.0, 0.5], [60.0, 2000.0, 0.3]];

    /** Periods of a sea in s, closer where the peak of a short sea and the finest wave that counts lie near each other. */
    private const SEA_PERIODS_S = [[1.0, 3.0, 0.14], [3.0, 5.0, 0.1], [5.0, 24.0, 0.25]];

    private const SURF_PERIODS_S = [[2.0, 24.0, 1.0]];

    private const SURF_HEIGHTS_M = [[0.25, 8.0, 1.0]];

    /** What is carried past at twice the speed is there in half the time: two speeds, in m/s, say all. */
    private const SPEEDS_MS = [[0.02, 40.0, INF]];

    /**
     * @param  list<array{name: string, at: list<float>}>  $axes  the last runs fastest
     * @param  list<string>  $looks
     * @param  list<list<int>>  $nodes  at each, where the looks but the last end, and then where each is aimed at
     */
    private function __construct(public array $axes, public array $looks, public array $nodes)
    {
    }

    /** @throws InvalidValue never within these bounds */
    public static function ofWater(WaterKind $kind, Sensor $sensor, ?LookBounds $bounds = null): self
    {
        $widths = ['name' => 'width_m', 'at' => self::steps(self::WIDTHS_M)];
        $framing = static fn (float $widthM): Framing => new Framing(
            $sensor, self::FOCAL_MM, $widthM * self::FOCAL_MM / $sensor->widthMm,
        );
        $bands = static fn (WaterSpec $spec, float $widthM): LookBands => LookBands::of(
            $spec->in($framing($widthM)), $framing($widthM), $bounds,
        );

        return match (true) {
            $kind->isOpenSea() => self::over(
                [['name' => 'period_s', 'at' => self::steps(self::SEA_PERIODS_S)], $widths],
                self::ofSea($kind, $framing, $bounds),
            ),
            $kind->isWaves() => self::over(
                [
                    ['name' => 'period_s', 'at' => self::steps(self::SURF_PERIODS_S)],
                    ['name' => 'height_m', 'at' => self::steps(self::SURF_HEIGHTS_M)], $widths,
                ],
                static fn (array $at): array => self::node($bands(new WaterSpec($kind, periodS: $at[0], heightM: $at[1]), $at[2])),
            ),
            default => self::over(
                [['name' => 'speed_m_s', 'at' => self::steps(self::SPEEDS_MS)], $widths],
                static fn (array $at): array => self::node($bands(new WaterSpec($kind, speedMS: $at[0]), $at[1])),
            ),
        };
    }

    /**
     * Of seas that differ in nothing but how wide they are framed the texture is worked out once.
     *
     * @param  Closure(float): Framing  $framing
     * @return Closure(list<float>): list<int>
     */
    private static function ofSea(WaterKind $kind, Closure $framing, ?LookBounds $bounds): Closure
    {
        /** @var array<string, MovingWater> $seas */
        $seas = [];

        return static function (array $at) use ($kind, $framing, $bounds, &$seas): array {
            /** @var array{float, float} $at */
            [$period, $width] = $at;
            $sea = (new WaterSpec($kind, periodS: $period))->in($framing($width));
            $worked = $seas[serialize([$period, $sea->featureM()])] ??= $sea;

            return self::node(LookBands::of($worked, $framing($width), $bounds));
        };
    }

    /** A water that was framed once and for all: one node, and no axis. */
    public static function ofBands(LookBands $bands, float $tasteStops = 0.0): self
    {
        return new self([], array_column(Look::cases(), 'value'), [self::node($bands, $tasteStops)]);
    }

    /** Clouds by the share of the frame that they cross in a second. */
    public static function ofClouds(): self
    {
        $grid = self::over(
            [['name' => 'share_s', 'at' => [1e-5, 1.0]]],
            static function (array $at): array {
                [$share] = $at;
                $clouds = Clouds::ofCrossing(min(1.0, 7200 * $share), min(1.0, 7200 * $share) / $share);
                $ends = $aims = [];
                foreach ($clouds->bands() as $band) {
                    if ($band['maxS'] !== null) {
                        $ends[] = self::units($band['maxS']);
                    }
                    $aims[] = self::units($clouds->window($band['look'])->best->seconds);
                }

                return [...$ends, ...$aims];
            },
        );

        return new self($grid->axes, array_column(CloudLook::cases(), 'value'), $grid->nodes);
    }

    /**
     * As it is written down: for each figure of a node its list over all nodes, each as the difference from the one before. So it packs to
     * a fifth.
     *
     * @return array{axes: list<array{name: string, at: list<float>}>, looks: list<string>, rises: list<list<int>>}
     */
    public function written(): array
    {
        $rises = array_map(static fn (): array => [], $this->nodes[0]);
        foreach ($this->nodes as $place => $node) {
            foreach ($node as $figure => $value) {
                $rises[$figure][] = $value - ($this->nodes[$place - 1][$figure] ?? 0);
            }
        }

        return ['axes' => $this->axes, 'looks' => $this->looks, 'rises' => $rises];
    }

    /**
     * @param  float|null  $tasteStops  null for a node that others are read off from: it is not cut to what a shutter does
     * @return list<int>
     */
    private static function node(LookBands $bands, ?float $tasteStops = null): array
    {
        $ends = $aims = [];
        $end = null;
        foreach (Look::cases() as $look) {
            $band = $bands->band($look);
            $aims[] = self::units(match (true) {
                $band === null => (float) $end,
                $tasteStops === null => $band->aimS(),
                default => $band->window($tasteStops)->best->seconds,
            });
            $end = $band === null ? $end : $band->maxS;
            if ($look !== Look::Glass) {
                $ends[] = self::units((float) $end);
            }
        }

        return [...$ends, ...$aims];
    }

    private static function units(float $seconds): int
    {
        return (int) round(self::UNITS_A_STOP * log(max(1e-9, $seconds), 2));
    }

    /**
     * @param  non-empty-list<array{name: string, at: list<float>}>  $axes
     * @param  Closure(list<float>): list<int>  $node
     */
    private static function over(array $axes, Closure $node): self
    {
        $points = [[]];
        foreach ($axes as $axis) {
            $points = array_merge(...array_map(
                static fn (array $point): array => array_map(static fn (float $at): array => [...$point, $at], $axis['at']), $points,
            ));
        }

        return new self($axes, array_column(Look::cases(), 'value'), array_map($node, $points));
    }

    /**
     * @param  non-empty-list<array{float, float, float}>  $spans  from, to and octaves from node to node; without end for the bounds alone
     * @return list<float>
     */
    private static function steps(array $spans): array
    {
        $nodes = [$spans[0][0]];
        foreach ($spans as [$from, $to, $octaves]) {
            $count = max(1, (int) ceil(log($to / $from, 2) / $octaves));
            foreach (range(1, $count) as $i) {
                $nodes[] = (float) sprintf('%.6g', $from * ($to / $from) ** ($i / $count));
            }
        }

        return $nodes;
    }
}
