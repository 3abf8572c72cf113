<?php

declare(strict_types=1);

namespace App\Devices\Picture;

use GdImage;

/** Falling and running water in PHP, as resources/js/picture/falls.js draws it in the page. */
final class FallPicture
{
    private const RUN_PX = 4096;

    private const LONGEST = 400;

    private const LAYER_PX = 720;

    private const THICK = 3.1;

    private const SEEN = 0.02;

    private const CHANNEL = 0.4;

    /** How much of the rock's form white water hides. */
    private const VEILED = 0.65;

    /**
     * Colours of thin and of thick water and of spray; depth of the pool, how much of what is above it it mirrors and how much of that a
     * polariser leaves; the gloss of wet rock, without and with one.
     */
    private const WATER = [[96, 236, 214], [112, 241, 221], [122, 243, 223]];

    private const POOL = [[18, 0.3], [27, 0.32], [29, 0.34]];

    private const POLARISED = 0.35;

    private const GLOSS = [0.09, 0.015];

    private const PLAIN_FOAM = [240, 243, 244];

    private int $width;

    private int $height;

    private int $shore;

    /** @var list<int> pixels where water is seen */
    private array $wet = [];

    /** @var array<int, float> the share of the time that a place is white */
    private array $white = [];

    /** @var array<int, float> */
    private array $strand = [];

    /** @var array<int, float> */
    private array $along = [];

    /** @var list<array{float, float, float}> */
    private array $ground = [];

    /** @var list<float> */
    private array $form = [];

    /** @var list<float> */
    private array $spray = [];

    /** @var list<array{weight: float, strands: int, sums: list<list<float>>}> */
    private array $textures = [];

    private float $whole;

    /** @var list<float> factors on the white, for the light of the hour */
    private array $tint = [];

    /** @param  array<string, GdImage>  $layers */
    public function __construct(private readonly Recipe $recipe, array $layers, private readonly PictureView $view)
    {
        $this->lay($layers['rock'], $layers['water'], $layers['path']);
        $this->layNoise();
        $this->whole = $this->rms($this->moving(0), 1.0);
    }

    /** @return array{int, int} */
    public function size(): array
    {
        return [$this->width, $this->height];
    }

    public function draw(int $place, Developed $developed): void
    {
        $value = $this->moving($place);
        $gain = $this->gain($place, $value);
        $held = $this->held($gain, $value);
        for ($i = 0, $count = $this->width * $this->height; $i < $count; $i++) {
            if ($i % $this->width === 0) {
                $developed->row(intdiv($i, $this->width));
            }
            [$r, $g, $b] = $this->shade($i, isset($value[$i]) ? $this->whiteness($i, $gain * $value[$i], $held) : 0.0);
            $developed->put($i, $r, $g, $b);
        }
    }

    private function lay(GdImage $rock, GdImage $water, GdImage $path): void
    {
        [$this->width, $this->height] = [imagesx($rock), imagesy($rock)];
        $this->shore = $this->height;
        $bits = [];
        for ($y = 0, $i = 0; $y < $this->height; $y++) {
            for ($x = 0; $x < $this->width; $x++, $i++) {
                $w = (int) imagecolorat($water, $x, $y);
                $bits[$i] = $w & 255;
                $this->spray[] = ($bits[$i] >> 4) / 15;
                $white = 1 - exp(-self::THICK * 2 * (($w >> 16 & 255) / 255) ** 2);
                if ($white > self::SEEN) {
                    $p = (int) imagecolorat($path, $x, $y);
                    $this->wet[] = $i;
                    $this->white[$i] = $white;
                    $this->strand[$i] = ($w >> 8 & 255) / 255;
                    $this->along[$i] = ($p >> 8) / 65535 * self::LONGEST;
                }
                if (($bits[$i] & 8) !== 0) {
                    $this->shore = min($this->shore, $y);
                }
            }
        }
        $this->layGround($rock, $bits);
    }

    /** @param  array<int, int>  $bits  how wet the rock is, and whether it is the pool */
    private function layGround(GdImage $rock, array $bits): void
    {
        $rgb = static function (int $x, int $y) use ($rock): array {
            $c = (int) imagecolorat($rock, $x, $y);

            return [$c >> 16 & 255, $c >> 8 & 255, $c & 255];
        };
        $light = $this->view->light->colours();
        $this->tint = array_map(static fn (int $c, int $plain): float => $c / $plain, $light['foam'], self::PLAIN_FOAM);
        for ($y = 0, $i = 0; $y < $this->height; $y++) {
            for ($x = 0; $x < $this->width; $x++, $i++) {
                [$r, $g, $b] = $rgb($x, $y);
                $wet = ($bits[$i] & 7) / 7;
                $lit = min(1.0, (0.3 * $r + 0.59 * $g + 0.11 * $b) / 120);
                $isPool = ($bits[$i] & 8) !== 0;
                // The pool holds the rock and the sky above it, upside down and dim.
                $rows = $this->shore - ($y - $this->shore) * $this->shore / max(1, $this->height - $this->shore);
                $above = $isPool ? $rgb($x, max(0, (int) round($rows))) : [0, 0, 0];
                $gloss = $wet * self::GLOSS[$this->view->polariser ? 1 : 0] * $lit;
                $colour = [];
                foreach ([$r, $g, $b * 1.04] as $c => $of) {
                    $dry = $of * (1 - 0.45 * $wet);
                    $lies = $isPool
                        ? self::POOL[$c][0] + self::POOL[$c][1] * ($this->view->polariser ? self::POLARISED : 1) * $above[$c]
                        : $dry + $gloss * (200 - $dry);
                    // A low light comes in from above where the place is light already.
                    $colour[] = $lies * ($light['ambient'][$c] + $light['key'][$c] * 0.5 * $lit * $lit);
                }
                $this->ground[] = [$colour[0], $colour[1], $colour[2]];
                $this->form[] = $isPool ? 0.95 : 0.7 + 0.3 * $lit;
            }
        }
    }

    private function layNoise(): void
    {
        $grain = max(1.6, $this->recipe->feature * self::LAYER_PX);
        $noise = new PictureNoise(PictureNoise::SEED + $this->view->moment);
        foreach ([[$grain, 1.0], [max(1.0, $grain / 3), 0.6]] as [$size, $weight]) {
            $strands = (int) max(8, round(self::CHANNEL * self::LAYER_PX / (0.62 * $size)));
            $sums = $noise->strands($size, $strands + 1, self::RUN_PX + self::LONGEST + 2);
            $this->textures[] = ['weight' => $weight, 'strands' => $strands, 'sums' => $sums];
        }
    }

    /** @return array<int, float> what the open time leaves of what moves, by pixel: mean nought, spread one */
    private function moving(int $place): array
    {
        $streak = max(1.0, min(self::RUN_PX, ($this->recipe->streak[$place] ?? 1.0) * self::LAYER_PX));
        $value = [];
        foreach ($this->wet as $i) {
            $from = self::LONGEST - $this->along[$i];
            $to = $from + $streak;
            [$a, $b] = [(int) $from, (int) $to];
            [$fa, $fb] = [$from - $a, $to - $b];
            $sum = 0.0;
            foreach ($this->textures as ['weight' => $weight, 'strands' => $strands, 'sums' => $sums]) {
                $at = $this->strand[$i] * ($strands - 1);
                $low = (int) $at;
                $share = ($at - $low) ** 2 * (3 - 2 * ($at - $low));
                [$one, $two] = [$sums[$low], $sums[$low + 1]];
                $first = $one[$b] + $fb * ($one[$b + 1] - $one[$b]) - $one[$a] - $fa * ($one[$a + 1] - $one[$a]);
                $second = $two[$b] + $fb * ($two[$b + 1] - $two[$b]) - $two[$a] - $fa * ($two[$a + 1] - $two[$a]);
                $sum += $weight * ($first * (1 - $share) + $second * $share) / $streak;
            }
            $value[$i] = $sum;
        }

        return PictureNoise::standardised($value);
    }

    /** @param  list<float>  $held */
    private function whiteness(int $i, float $moves, array $held): float
    {
        $mean = $this->white[$i];

        return max(0.0, min(1.0, $mean + $held[(int) round(PictureNoise::STEPS * $mean)] + $moves * sqrt($mean * (1 - $mean))));
    }

    /**
     * @param  array<int, float>  $value
     * @return list<float>
     */
    private function held(float $gain, array $value): array
    {
        return PictureNoise::heldWhite($gain, $value, $this->wet, self::bright(...));
    }

    /** How bright so much white is over dark rock, against all of it. */
    private static function bright(float $white): float
    {
        return (1 - (1 - $white) ** 1.25) * (0.45 + 0.55 * $white * $white * (3 - 2 * $white));
    }

    /** @param  array<int, float>  $value */
    private function rms(array $value, float $gain): float
    {
        $held = $this->held($gain, $value);
        $square = 0.0;
        for ($n = 0, $count = count($this->wet); $n < $count; $n += 4) {
            $i = $this->wet[$n];
            $square += (self::bright($this->whiteness($i, $gain * $value[$i], $held)) - self::bright($this->white[$i])) ** 2;
        }

        return sqrt($square / max(1, ceil(count($this->wet) / 4)));
    }

    /**
     * By how much what moves counts, so that of its drawing just the share is left that the recipe states.
     *
     * @param  array<int, float>  $value
     */
    private function gain(int $place, array $value): float
    {
        $wanted = $this->recipe->kept[$place] * $this->whole;
        [$low, $high] = [0.0, 3.0];
        for ($i = 0; $i < 14; $i++) {
            $middle = ($low + $high) / 2;
            $this->rms($value, $middle) < $wanted ? $low = $middle : $high = $middle;
        }

        return ($low + $high) / 2;
    }

    /** @return array{float, float, float} */
    private function shade(int $i, float $w): array
    {
        $pale = $w * $w * (3 - 2 * $w);
        $cover = 1 - (1 - $w) ** 1.25;
        // What is thick hides the form of what lies under it.
        $own = $this->form[$i] + self::VEILED * $pale * (1 - $this->form[$i]);
        $mist = 0.85 * $this->spray[$i];
        $rgb = [];
        foreach (self::WATER as $c => [$thin, $thick, $spray]) {
            $of = ($thin + ($thick - $thin) * $pale) * $own * $this->tint[$c];
            $lit = $this->ground[$i][$c] + $cover * ($of - $this->ground[$i][$c]);
            $rgb[] = $lit + $mist * ($spray * $this->tint[$c] - $lit);
        }

        return [$rgb[0], $rgb[1], $rgb[2]];
    }
}
