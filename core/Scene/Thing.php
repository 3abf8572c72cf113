<?php

declare(strict_types=1);

namespace GentlePour\Scene;

use GentlePour\Motion\Framing;
use GentlePour\Motion\Stage;

/**
 * What may stand or move in a picture of open water: what keeps still stays, what walks on is gone, what swings, heaves and bends smears.
 * They stand about two and a half times as far away as the water that is judged, grass half as far. Speeds and sizes are judgement.
 */
enum Thing: string
{
    case Posts = 'posts';
    case Pier = 'pier';
    case Boat = 'boat';
    case Walker = 'walker';
    case Grass = 'grass';

    private const NEARNESS = 0.4;

    /** Of somebody who strolls, of a boat that swings at its anchor, and how far that swings, in m/s and m. */
    private const WALKS_MS = 1.3;

    private const SWINGS_MS = 0.15;

    private const SWINGS_M = 1.2;

    /** How far the tips of grass go to and fro for each m/s of wind, in m, and in what time; in a breeze where the wind is not known. */
    private const BENDS_M = 0.012;

    private const BENDS_S = 0.6;

    private const BREEZE_MS = 4.0;

    private const GRASS_NEARNESS = 2.0;

    public function words(): string
    {
        return match ($this) {
            self::Posts => 'posts',
            self::Pier => 'a pier',
            self::Boat => 'a boat at anchor',
            self::Walker => 'somebody walking on the pier',
            self::Grass => 'grass in the wind',
        };
    }

    /**
     * @return list<self> those for which a stage has a place
     */
    public static function on(Stage $stage): array
    {
        return match ($stage) {
            Stage::Sea, Stage::Surf, Stage::Shore, Stage::Lake => self::cases(),
            Stage::River => [self::Posts, self::Pier, self::Walker, self::Grass],
            Stage::Rapid => [self::Grass],
            Stage::Fall, Stage::Cascade, Stage::Weir => [],
        };
    }

    /**
     * Where it stands, its left edge and its foot as shares of the frame's width and height, how tall it is; how far it has gone and by how
     * much it heaves, as shares of the width.
     *
     * @param  float  $sigmaM  of the water's level, in m
     * @param  list<float>  $times  open times in seconds
     * @param  float|null  $windMS  at the tripod
     * @return array{at: array{float, float}, tall: float, streak: list<float>, heave: float}
     */
    public function in(Stage $stage, Framing $framing, float $sigmaM, array $times, ?float $windMS = null): array
    {
        $share = ($this === self::Grass ? self::GRASS_NEARNESS : self::NEARNESS) / $framing->widthM();
        $bends = self::BENDS_M * ($windMS ?? self::BREEZE_MS);
        $gone = match ($this) {
            self::Walker => static fn (float $t): float => self::WALKS_MS * $t,
            self::Boat => static fn (float $t): float => min(self::SWINGS_MS * $t, self::SWINGS_M),
            self::Grass => static fn (float $t): float => $bends * min(1.0, $t / self::BENDS_S),
            self::Posts, self::Pier => static fn (float $t): float => 0.0,
        };

        return [
            'at' => $this->place($stage),
            'tall' => match ($this) {
                self::Posts => 0.21,
                self::Pier => 0.13,
                self::Boat => 0.14,
                self::Walker => 0.085,
                self::Grass => 0.3,
            },
            'streak' => array_map(static fn (float $t): float => (float) sprintf('%.4g', min(20.0, $gone($t) * $share)), $times),
            'heave' => $this === self::Boat ? round(min(0.02, $sigmaM * $share), 5) : 0.0,
        ];
    }

    /** @return array{float, float} */
    private function place(Stage $stage): array
    {
        $deck = match ($stage) {
            Stage::Sea => 0.5,
            Stage::Surf => 0.42,
            Stage::Shore => 0.33,
            Stage::Lake => 0.56,
            Stage::River, Stage::Rapid, Stage::Fall, Stage::Cascade, Stage::Weir => 0.34,
        };

        return match ($this) {
            self::Posts => [0.3, $deck + 0.17],
            self::Pier => [0.0, $deck + 0.03],
            self::Boat => [0.52, $deck + 0.02],
            self::Walker => [0.06, $deck - 0.043],
            self::Grass => [0.0, 1.0],
        };
    }
}
