<?php

declare(strict_types=1);

namespace App\Devices\Picture;

use GentlePour\InvalidValue;
use GentlePour\Motion\Stage;

/** A picture's recipe as it comes from the core or over the wire, read as what it holds. */
final readonly class Recipe
{
    /**
     * @param  list<float>  $times
     * @param  list<float>  $kept
     * @param  list<float>  $streak  of what flows, at each time, in widths of the frame
     * @param  list<array{waves: list<array{float, float, float, float}>, kept: list<float>}>  $bins
     * @param  array{sigma: float, kept: list<float>}  $level
     * @param  array{across: float, streak: list<float>}|null  $clouds
     * @param  array{horizon: int, focal: float, camera: float, flow: float, rocks: list<array{float, float, float}>}|null  $geometry
     * @param  array<string, array{at: array{float, float}, tall: float, streak: list<float>, heave: float}>  $things  by name
     */
    private function __construct(
        public Stage $stage,
        public array $times,
        public array $kept,
        public float $frameWidthM,
        public float $distanceM,
        public float $feature,
        public array $streak,
        public array $bins,
        public array $level,
        public ?array $clouds,
        public ?array $geometry,
        public array $things,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $recipe
     *
     * @throws InvalidValue when it is not the recipe of a stage
     */
    public static function of(array $recipe): self
    {
        $stage = Stage::tryFrom(is_string($recipe['stage'] ?? null) ? $recipe['stage'] : '')
            ?? throw (new InvalidValue('There are no layers of that stage.'))->at('stage');
        $water = self::part($recipe, 'water');
        $level = self::part($recipe, 'level');
        $clouds = self::part($recipe, 'clouds');
        $geometry = self::part($recipe, 'geometry') ?: StageLayers::geometry($stage) ?? [];

        return new self(
            $stage, self::list($recipe, 'times'), self::list($recipe, 'kept'),
            self::number($recipe, 'frame_width_m', 1.0), self::number($recipe, 'distance_m', 1.0),
            self::number($water, 'feature', 0.01), self::list($water, 'streak'),
            array_map(static fn (mixed $bin): array => [
                'waves' => array_map(static fn (mixed $wave): array => self::four($wave), self::rows((array) $bin, 'waves')),
                'kept' => self::list((array) $bin, 'kept'),
            ], self::rows($water, 'bins')),
            ['sigma' => self::number($level, 'sigma_m', 0.0), 'kept' => self::list($level, 'kept')],
            $clouds === [] ? null : ['across' => self::number($clouds, 'across', 1.0), 'streak' => self::list($clouds, 'streak')],
            $geometry === [] ? null : [
                'horizon' => (int) self::number($geometry, 'horizon', 0), 'focal' => self::number($geometry, 'focal', 1.0),
                'camera' => self::number($geometry, 'camera', 1.0), 'flow' => self::number($geometry, 'flow', 0.0),
                'rocks' => array_map(
                    static fn (mixed $rock): array => array_slice(self::four($rock), 0, 3), self::rows($geometry, 'rocks'),
                ),
            ],
            self::thingsOf(self::part($recipe, 'things')),
        );
    }

    /**
     * @param  array<array-key, mixed>  $things
     * @return array<string, array{at: array{float, float}, tall: float, streak: list<float>, heave: float}>
     */
    private static function thingsOf(array $things): array
    {
        $read = [];
        foreach ($things as $name => $thing) {
            $at = self::four(((array) $thing)['at'] ?? []);
            $read[(string) $name] = [
                'at' => [$at[0], $at[1]], 'tall' => self::number((array) $thing, 'tall', 0.1),
                'streak' => self::list((array) $thing, 'streak'), 'heave' => self::number((array) $thing, 'heave', 0.0),
            ];
        }

        return $read;
    }

    /** The time of the recipe that is nearest, by its place. */
    public function nearest(float $seconds): int
    {
        $best = 0;
        foreach ($this->times as $i => $time) {
            if (abs(log($time / $seconds)) < abs(log($this->times[$best] / $seconds))) {
                $best = $i;
            }
        }

        return $best;
    }

    /**
     * @param  array<array-key, mixed>  $of
     * @return array<array-key, mixed>
     */
    private static function part(array $of, string $name): array
    {
        return is_array($of[$name] ?? null) ? $of[$name] : [];
    }

    /**
     * @param  array<array-key, mixed>  $of
     * @return list<mixed>
     */
    private static function rows(array $of, string $name): array
    {
        return array_values(self::part($of, $name));
    }

    /**
     * @param  array<array-key, mixed>  $of
     * @return list<float>
     */
    private static function list(array $of, string $name): array
    {
        return array_map(static fn (mixed $n): float => is_numeric($n) ? (float) $n : 0.0, self::rows($of, $name));
    }

    /** @return array{float, float, float, float} */
    private static function four(mixed $row): array
    {
        $numbers = self::list(['row' => $row], 'row');

        return [$numbers[0] ?? 0.0, $numbers[1] ?? 0.0, $numbers[2] ?? 0.0, $numbers[3] ?? 0.0];
    }

    /** @param  array<array-key, mixed>  $of */
    private static function number(array $of, string $name, float $otherwise): float
    {
        return is_numeric($of[$name] ?? null) ? (float) $of[$name] : $otherwise;
    }
}
