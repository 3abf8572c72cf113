<?php

declare(strict_types=1);

namespace GentlePour\Motion;

/**
 * What moves, and everything in which one water differs from another. Waves are a random sea; the rest carries its texture past the lens. A
 * new water is one more case; every match below then asks for the rest.
 */
enum WaterKind: string
{
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

    public function isWaves(): bool
    {
        return match ($this) {
            self::Swell, self::Chop, self::Lake => true,
            self::Backwash, self::Foam, self::Plunge, self::Cascade, self::Weir, self::Rapid, self::River => false,
        };
    }

    /** Whether the water falls, so that its height may stand for its speed and its streaks run down the frame. */
    public function falls(): bool
    {
        return match ($this) {
            self::Plunge, self::Cascade, self::Weir => true,
            self::Swell, self::Chop, self::Lake, self::Backwash, self::Foam, self::Rapid, self::River => false,
        };
    }

    /**
     * Share of the speed at the foot of a free fall that is seen: a plunge or cascade along its whole height, where the mean is two thirds
     * (the mean of a square root from nought); the sheet of a weir at its foot. Nought where nothing falls.
     */
    public function shareOfFootSpeed(): float
    {
        return match ($this) {
            self::Plunge, self::Cascade => 2 / 3,
            self::Weir => 1.0,
            self::Swell, self::Chop, self::Lake, self::Backwash, self::Foam, self::Rapid, self::River => 0.0,
        };
    }

    /** Size in m of the foam and droplets that make its texture. Judgement, tuned by verdicts; null for waves. */
    public function featureM(): ?float
    {
        return match ($this) {
            self::Plunge, self::Rapid => 0.30,
            self::Cascade, self::River => 0.25,
            self::Weir => 0.20,
            self::Backwash => 0.15,
            self::Foam => 0.10,
            self::Swell, self::Chop, self::Lake => null,
        };
    }

    /**
     * What is reckoned with where nothing was measured: the peak period of waves in s, the speed of the rest in m/s. Eight seconds are
     * usual on an ocean, chop is about three; the rest is judgement. An answer that rests on it says so.
     */
    public function usual(): float
    {
        return match ($this) {
            self::Swell, self::Plunge => 8.0,
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
            self::Swell, self::Chop, self::Backwash, self::Foam => WaterBody::Sea,
            self::Lake => WaterBody::Lake,
            self::Plunge, self::Cascade, self::Weir, self::Rapid, self::River => WaterBody::Running,
        };
    }

    /** Where it is drawn; a stage of its own needs a drawing of its own, in resources/js/scene.js. */
    public function stage(): Stage
    {
        return match ($this) {
            self::Swell, self::Chop => Stage::Sea,
            self::Lake => Stage::Lake,
            self::Backwash, self::Foam => Stage::Shore,
            self::Plunge => Stage::Fall,
            self::Cascade => Stage::Cascade,
            self::Weir => Stage::Weir,
            self::Rapid, self::River => Stage::River,
        };
    }

    public function opensBy(): OpeningMoment
    {
        return match ($this) {
            self::Swell, self::Chop => OpeningMoment::Crests,
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
