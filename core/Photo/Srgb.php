<?php

declare(strict_types=1);

namespace GentlePour\Photo;

/** Between the levels of a picture, 0 to 255, and light, 0 to 1 (IEC 61966-2-1, the sRGB curve). */
final class Srgb
{
    /** Of linear light, by which its level is looked up: finer than the least of 255 levels, which is a 3,294th. */
    public const STEPS = 32768;

    /** @var list<float> */
    private static array $light = [];

    /** @var list<int> */
    private static array $levels = [];

    public static function light(int $level): float
    {
        if (self::$light === []) {
            self::$light = array_map(static function (int $level): float {
                $v = $level / 255;

                return $v <= 0.04045 ? $v / 12.92 : (($v + 0.055) / 1.055) ** 2.4;
            }, range(0, 255));
        }

        return self::$light[max(0, min(255, $level))];
    }

    /** @return list<float> linear light of every level, for those who look at a million pixels */
    public static function table(): array
    {
        self::light(0);

        return self::$light;
    }

    /** @return list<int> the level of each step of light and of 1, for those who turn a million lights into levels */
    public static function levels(): array
    {
        if (self::$levels === []) {
            self::$levels = array_map(static fn (int $step): int => self::level(($step + 0.5) / self::STEPS), range(0, self::STEPS));
        }

        return self::$levels;
    }

    /** The nearest level. */
    public static function level(float $light): int
    {
        $light = max(0.0, min(1.0, $light));

        return (int) round(255 * ($light <= 0.0031308 ? 12.92 * $light : 1.055 * $light ** (1 / 2.4) - 0.055));
    }

    /** Luminance of linear red, green and blue, 0 to 1 (ITU-R BT.709). */
    public static function luminance(float $red, float $green, float $blue): float
    {
        return 0.2126 * $red + 0.7152 * $green + 0.0722 * $blue;
    }
}
