<?php

declare(strict_types=1);

namespace GentlePour\Motion;

/** How clouds look in a still frame, from their streak as a share of the frame's width. Common practice in numbers. */
enum CloudLook: string
{
    case Still = 'still';
    case Soft = 'soft';
    case Streaked = 'streaked';
    case Sheet = 'sheet';

    /** The share of the frame's width at which this look ends; null for sheet. */
    public function mostShare(): ?float
    {
        return match ($this) {
            self::Still => 0.003,
            self::Soft => 0.03,
            self::Streaked => 0.25,
            self::Sheet => null,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Still => 'every edge as it stands',
            self::Soft => 'edges softened',
            self::Streaked => 'drawn out, still clouds',
            self::Sheet => 'one smooth sheet',
        };
    }

    public static function ofShare(float $share): self
    {
        foreach (self::cases() as $look) {
            if ($look->mostShare() === null || $share < $look->mostShare()) {
                return $look;
            }
        }

        return self::Sheet;
    }
}
