<?php

declare(strict_types=1);

namespace GentlePour\Scene;

/**
 * A streak of water as one stroke of a small drawing: its length in px and how plainly it stands out, 0 to 1. The lengths are judgement:
 * a drop stays a dot, a streak across the frame a strand that still fits its band, and in between each doubling can be told apart.
 */
final readonly class Stroke
{
    private const SHORTEST_PX = 1.2;

    private const LONGEST_PX = 90.0;

    private const FRAME_PX = 170.0;

    private const EXPONENT = 0.6;

    /** Length of a stroke of which all texture is kept, and how much longer one of which none is. */
    private const CRISP_PX = 4.0;

    private const SMOOTH_PX = 60.0;

    private function __construct(
        public float $lengthPx,
        public float $contrast,
    ) {
    }

    /** Of a streak as a share of the frame, with the contrast that is left of it. */
    public static function ofStreak(float $frameShare, float $contrast): self
    {
        return new self(min(self::LONGEST_PX, max(self::SHORTEST_PX, self::FRAME_PX * $frameShare ** self::EXPONENT)), $contrast);
    }

    /** Of a frame of which only the texture kept is known. */
    public static function ofTexture(float $kept): self
    {
        return new self(self::CRISP_PX + self::SMOOTH_PX * (1 - $kept) ** 2, $kept);
    }
}
