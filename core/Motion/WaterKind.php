<?php

declare(strict_types=1);

namespace GentlePour\Motion;

/** What moves. Waves are a random sea; the rest carries its texture past the lens. */
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

    public function isWaves(): bool
    {
        return in_array($this, [self::Swell, self::Chop, self::Lake], true);
    }

    /** Whether the water falls, so that its height may stand for its speed and its streaks run down the frame. */
    public function falls(): bool
    {
        return in_array($this, [self::Plunge, self::Cascade, self::Weir], true);
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
            default => null,
        };
    }

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
}
