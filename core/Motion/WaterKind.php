<?php

declare(strict_types=1);

namespace GentlePour\Motion;

/**
 * What moves, and everything in which one water differs from another. Waves are a random sea; the rest carries its texture past the lens. A
 * new water is one more case; every match below then asks for the rest.
 */
enum WaterKind: string
{
    case Surf = 'surf';
    case Swell = 'swell';
    case Chop = 'chop';
    case Lake = 'lake';
    case Backwash = 'backwash';
    case Foam = 'foam';
    case Plunge = 'plunge';
    case Cascade = 'cascade';
    case Weir = 'weir';
    case Rapid = 'rapid';
    case River = 'river';

    public function label(): string
    {
        return match ($this) {
            self::Surf => 'surf',
            self::Swell => 'sea swell',
            self::Chop => 'wind chop',
            self::Lake => 'lake ripples',
            self::Backwash => 'backwash',
            self::Foam => 'drifting foam',
            self::Plunge => 'plunging fall',
            self::Cascade => 'cascade',
            self::Weir => 'weir',
            self::Rapid => 'rapid',
            self::River => 'river',
        };
    }

    /** @return array<string, string> the name of each, by its value */
    public static function labels(): array
    {
        return array_map(static fn (self $kind): string => $kind->label(), array_column(self::cases(), null, 'value'));
    }

    /** Whether it is told by its waves, a period and a height, and not by a speed. */
    public function isWaves(): bool
    {
        return match ($this) {
            self::Surf, self::Swell, self::Chop, self::Lake => true,
            self::Backwash, self::Foam, self::Plunge, self::Cascade, self::Weir, self::Rapid, self::River => false,
        };
    }

    /** Whether the waves themselves are the texture: a random sea, which may run over a bed and carry a chop. */
    public function isOpenSea(): bool
    {
        return $this->sizesM() === null;
    }

    /** How the water falls, so that its height may stand for its speed and its streaks run down the frame; null where it does not. */
    public function fallsAs(): ?FallsAs
    {
        return match ($this) {
            self::Plunge, self::Cascade => FallsAs::Curtain,
            self::Weir => FallsAs::Sheet,
            self::Surf, self::Swell, self::Chop, self::Lake, self::Backwash, self::Foam, self::Rapid, self::River => null,
        };
    }

    public function falls(): bool
    {
        return $this->fallsAs() !== null;
    }

    /**
     * The least and the greatest size in m of the foam, drops and strands that make its texture. Judgement, tuned to the trade's own times
     * in docs/numbers.md; null for an open sea.
     *
     * @return array{float, float}|null
     */
    public function sizesM(): ?array
    {
        return match ($this) {
            self::Plunge => [0.08, 1.5],
            self::Cascade => [0.05, 1.0],
            self::Rapid, self::Surf => [0.08, 1.0],
            self::Weir => [0.05, 0.6],
            self::River, self::Foam => [0.01, 0.2],
            self::Backwash => [0.05, 0.5],
            self::Swell, self::Chop, self::Lake => null,
        };
    }

    /**
     * What is reckoned with where nothing was measured: the peak period of waves in s, the speed of the rest in m/s. Eight seconds are
     * usual on an ocean (five on an enclosed sea), chop is about three; the rest is judgement. An answer that rests on it says so.
     */
    public function usual(): float
    {
        return match ($this) {
            self::Surf, self::Swell, self::Plunge => 8.0,
            self::Chop => 3.0,
            self::Lake => 1.5,
            self::Backwash => 1.6,
            self::Foam => 0.3,
            self::Cascade, self::Weir => 4.0,
            self::Rapid => 2.5,
            self::River => 1.0,
        };
    }

    public function body(): WaterBody
    {
        return match ($this) {
            self::Surf, self::Swell, self::Chop, self::Backwash, self::Foam => WaterBody::Sea,
            self::Lake => WaterBody::Lake,
            self::Plunge, self::Cascade, self::Weir, self::Rapid, self::River => WaterBody::Running,
        };
    }

    /** Where it is drawn; a stage of its own needs layers of its own, by bin/bake.mjs, and a sketch in resources/js/scene.js. */
    public function stage(): Stage
    {
        return match ($this) {
            self::Surf => Stage::Surf,
            self::Swell, self::Chop => Stage::Sea,
            self::Lake => Stage::Lake,
            self::Backwash, self::Foam => Stage::Shore,
            self::Plunge => Stage::Fall,
            self::Cascade => Stage::Cascade,
            self::Weir => Stage::Weir,
            self::Rapid => Stage::Rapid,
            self::River => Stage::River,
        };
    }

    public function opensBy(): OpeningMoment
    {
        return match ($this) {
            self::Surf, self::Swell, self::Chop => OpeningMoment::Crests,
            self::Backwash => OpeningMoment::Retreat,
            self::Lake, self::Foam, self::Plunge, self::Cascade, self::Weir, self::Rapid, self::River => OpeningMoment::Any,
        };
    }

    /** Whether a frame is counted in waves: those that pass, or those that run up a shore. */
    public function comesInWaves(): bool
    {
        return $this->isWaves() || $this->opensBy() === OpeningMoment::Retreat;
    }
}
