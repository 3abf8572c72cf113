<?php

declare(strict_types=1);

namespace GentlePour\Photo;

use GentlePour\InvalidValue;

/**
 * What the levels of a picture stand for, where they are not those of sRGB: its three primaries and their curves, and from there to sRGB,
 * by which everything here reckons. ICC.1:2022, annex F.3: device levels through curves, then a matrix to XYZ under D50.
 */
final readonly class ColourSpace
{
    /** XYZ (D50) of the primaries of sRGB, as columns; IEC 61966-2-1, adapted from D65 by Bradford. */
    private const SRGB = [0.4360747, 0.3850649, 0.1430804, 0.2225045, 0.7168786, 0.0606169, 0.0139322, 0.0971045, 0.7141733];

    /** Of the optional colour space of DCF 2.0 (CIPA DC-009, “R03”): the primaries of Adobe RGB (1998), 4.3.1, adapted likewise. */
    private const WIDE = [0.6097559, 0.2052401, 0.1492240, 0.3111242, 0.6256560, 0.0632197, 0.0194811, 0.0608902, 0.7448387];

    private const WIDE_GAMMA = 563 / 256;

    /** By which two spaces are told apart, in levels: what is called sRGB by one maker differs so much from what is by another. */
    private const SAME = 3;

    /** White of luminance 1, give or take what profiles are rounded to and what those of old left out. */
    private const WHITE = [0.9, 1.1];

    /** @var list<float> from the light of three channels to that of sRGB, row by row */
    private array $matrix;

    /** @var list<int> */
    private array $levels;

    /**
     * @param  list<float>  $primaries  XYZ under D50 of red, green and blue, as columns, row by row: nine numbers
     *
     * @throws InvalidValue when their white is far from a luminance of 1, or they are not three colours
     */
    public function __construct(public array $primaries, public ToneCurve $red, public ToneCurve $green, public ToneCurve $blue)
    {
        $white = count($primaries) === 9 && is_finite(array_sum($primaries)) ? $primaries[3] + $primaries[4] + $primaries[5] : NAN;
        if (! ($white >= self::WHITE[0] && $white <= self::WHITE[1]) || abs(self::determinant($primaries)) < 1e-4) {
            throw new InvalidValue('A colour space has three primaries that together are white.');
        }
        $this->matrix = self::product(self::inverse(self::SRGB), $primaries);
        $this->levels = Srgb::levels();
    }

    public static function srgb(): self
    {
        $curve = ToneCurve::srgb();

        return new self(self::SRGB, $curve, $curve, $curve);
    }

    /** That which cameras offer beside sRGB. */
    public static function wide(): self
    {
        $curve = ToneCurve::gamma(self::WIDE_GAMMA);

        return new self(self::WIDE, $curve, $curve, $curve);
    }

    /** Of a picture without colours. */
    public static function grey(ToneCurve $curve): self
    {
        return new self(self::SRGB, $curve, $curve, $curve);
    }

    /** Whether nobody could tell a picture of it from one in sRGB: greys and full colours come out nearly the same. */
    public function isSrgb(): bool
    {
        for ($level = 0; $level < 256; $level++) {
            foreach ([0x010101, 0x010000, 0x000100, 0x000001] as $colour) {
                $seen = $this->toSrgb($colour * $level);
                foreach ([16, 8, 0] as $shift) {
                    if (abs(($seen >> $shift & 255) - ($colour * $level >> $shift & 255)) > self::SAME) {
                        return false;
                    }
                }
            }
        }

        return true;
    }

    /**
     * What sRGB has no levels for comes to its edge. A channel that is clipped stays so, and none becomes so that was not: what clips is
     * told by the file’s own levels.
     *
     * @param  int  $pixel  0xRRGGBB
     * @return int the same colour in sRGB
     */
    public function toSrgb(int $pixel): int
    {
        [$r, $g, $b] = [$pixel >> 16 & 255, $pixel >> 8 & 255, $pixel & 255];
        [$red, $green, $blue] = [$this->red->light[$r], $this->green->light[$g], $this->blue->light[$b]];
        $m = $this->matrix;

        return $this->level($m[0] * $red + $m[1] * $green + $m[2] * $blue, $r) << 16
            | $this->level($m[3] * $red + $m[4] * $green + $m[5] * $blue, $g) << 8
            | $this->level($m[6] * $red + $m[7] * $green + $m[8] * $blue, $b);
    }

    private function level(float $light, int $stored): int
    {
        if ($stored >= Levels::CLIPPED) {
            return 255;
        }
        $level = $light <= 0.0 ? 0 : ($light >= 1.0 ? 255 : $this->levels[(int) ($light * Srgb::STEPS)]);

        return $level < Levels::CLIPPED ? $level : Levels::CLIPPED - 1;
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $b
     * @return list<float>
     */
    private static function product(array $a, array $b): array
    {
        $product = [];
        for ($i = 0; $i < 9; $i++) {
            [$row, $column] = [3 * intdiv($i, 3), $i % 3];
            $product[] = $a[$row] * $b[$column] + $a[$row + 1] * $b[3 + $column] + $a[$row + 2] * $b[6 + $column];
        }

        return $product;
    }

    /** @param  list<float>  $m */
    private static function determinant(array $m): float
    {
        return $m[0] * ($m[4] * $m[8] - $m[5] * $m[7]) - $m[1] * ($m[3] * $m[8] - $m[5] * $m[6]) + $m[2] * ($m[3] * $m[7] - $m[4] * $m[6]);
    }

    /**
     * @param  list<float>  $m
     * @return list<float>
     */
    private static function inverse(array $m): array
    {
        $adjugate = [
            $m[4] * $m[8] - $m[5] * $m[7], $m[2] * $m[7] - $m[1] * $m[8], $m[1] * $m[5] - $m[2] * $m[4],
            $m[5] * $m[6] - $m[3] * $m[8], $m[0] * $m[8] - $m[2] * $m[6], $m[2] * $m[3] - $m[0] * $m[5],
            $m[3] * $m[7] - $m[4] * $m[6], $m[1] * $m[6] - $m[0] * $m[7], $m[0] * $m[4] - $m[1] * $m[3],
        ];
        $determinant = self::determinant($m);

        return array_map(static fn (float $part): float => $part / $determinant, $adjugate);
    }
}
