<?php

declare(strict_types=1);

namespace GentlePour\Scene;

use GentlePour\Sky\LightPhase;

/**
 * The light that a picture is drawn in, as colours on the screen, 0 to 255, at a reading on its mid-tone: whatever the hour, a frame that
 * is exposed for it shows it so. Judgement throughout.
 *
 * @phpstan-type Colours array{
 *     sky: list<array{int, int, int}>, cloud: array{lit: array{int, int, int}, dark: array{int, int, int}},
 *     deep: array{int, int, int}, foam: array{int, int, int}, mirror: array{int, int, int},
 *     ambient: array{float, float, float}, key: array{float, float, float}, haze: float,
 *     glow: array{at: float, wide: float, tall: float, colour: array{int, int, int}}|null
 * }
 */
enum HourLight: string
{
    case Day = 'day';
    case Golden = 'golden';
    case Blue = 'blue';
    case Moon = 'moon';

    /**
     * The sky at the horizon, half way up and overhead; clouds where they are lit and where they are dark; deep water, foam, and land
     * mirrored in water; factors on the colour of land for the sky's light and for a low light from the left; how far land on the horizon
     * is lost in haze; a glow where the sun or moon stands, by its place across the frame and its width and height there.
     *
     * @var array<string, Colours>
     */
    private const COLOURS = [
        'day' => [
            'sky' => [[226, 230, 231], [196, 208, 217], [140, 164, 186]],
            'cloud' => ['lit' => [244, 245, 245], 'dark' => [158, 166, 174]],
            'deep' => [24, 48, 52], 'foam' => [240, 243, 244], 'mirror' => [64, 68, 66],
            'ambient' => [0.9, 0.9, 0.91], 'key' => [0.3, 0.29, 0.27], 'haze' => 0.6, 'glow' => null,
        ],
        'golden' => [
            'sky' => [[228, 192, 158], [190, 174, 180], [108, 122, 156]],
            'cloud' => ['lit' => [246, 214, 184], 'dark' => [122, 110, 132]],
            'deep' => [16, 36, 46], 'foam' => [240, 228, 216], 'mirror' => [52, 46, 48],
            'ambient' => [0.72, 0.69, 0.74], 'key' => [1.0, 0.74, 0.48], 'haze' => 0.55,
            'glow' => ['at' => 0.34, 'wide' => 0.3, 'tall' => 0.16, 'colour' => [44, 40, 20]],
        ],
        'blue' => [
            'sky' => [[142, 160, 196], [86, 112, 160], [36, 58, 106]],
            'cloud' => ['lit' => [128, 142, 180], 'dark' => [54, 68, 108]],
            'deep' => [8, 20, 38], 'foam' => [164, 182, 218], 'mirror' => [26, 32, 46],
            'ambient' => [0.4, 0.48, 0.68], 'key' => [0.05, 0.05, 0.07], 'haze' => 0.45, 'glow' => null,
        ],
        'moon' => [
            'sky' => [[78, 90, 108], [48, 58, 78], [20, 26, 42]],
            'cloud' => ['lit' => [112, 122, 138], 'dark' => [36, 42, 56]],
            'deep' => [6, 12, 20], 'foam' => [134, 146, 164], 'mirror' => [18, 22, 28],
            'ambient' => [0.3, 0.35, 0.44], 'key' => [0.5, 0.54, 0.6], 'haze' => 0.4,
            'glow' => ['at' => 0.34, 'wide' => 0.16, 'tall' => 0.14, 'colour' => [58, 62, 68]],
        ],
    ];

    public function words(): string
    {
        return match ($this) {
            self::Day => 'day, overcast',
            self::Golden => 'golden hour',
            self::Blue => 'blue hour',
            self::Moon => 'moonlight',
        };
    }

    public static function ofPhase(LightPhase $phase): self
    {
        return match ($phase) {
            LightPhase::Day => self::Day,
            LightPhase::Golden => self::Golden,
            LightPhase::Night => self::Moon,
            LightPhase::Blue, LightPhase::Nautical, LightPhase::Astronomical => self::Blue,
        };
    }

    /** @return Colours */
    public function colours(): array
    {
        return self::COLOURS[$this->value];
    }
}
