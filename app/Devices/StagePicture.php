<?php

declare(strict_types=1);

namespace App\Devices;

use GdImage;
use GentlePour\InvalidValue;
use GentlePour\Motion\Stage;

/**
 * Draws falling and running water from the baked layers of its stage and the recipe of the core, as resources/js/picture/falls.js does in
 * the page: what does not move stays, what moves is averaged over the open time along its own path, and the recipe says how much of its
 * drawing is left. The simulated camera's eye.
 */
final class StagePicture
{
    /** The layers of falling water, in data/stages; how they are packed stands in docs/formats.md. */
    private const FILES = ['rock' => 'rock.jpg', 'water' => 'water.png', 'path' => 'path.png'];

    private const STAGES = [Stage::Fall, Stage::Cascade, Stage::Weir];

    private const RUN_PX = 4096;

    private const LONGEST = 400;

    private const LAYER_PX = 720;

    private const THICK = 3.1;

    private const SEEN = 0.02;

    private const CHANNEL = 0.4;

    /** Colours of thin and of thick water and of spray; depth of the pool, and how much of what is above it it mirrors. */
    private const WATER = [[96, 236, 214], [112, 241, 221], [122, 243, 223]];

    private const POOL = [[18, 0.3], [27, 0.32], [29, 0.34]];

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

    /** @param  array<string, mixed>  $recipe  of the core, for a stage that has layers */
    private function __construct(private readonly array $recipe, private readonly string $folder)
    {
        $this->lay();
        $this->layNoise();
        $this->whole = $this->rms($this->moving(0), 1.0);
    }

    /** @return array<string, string> the layers of a stage, by what they hold; open water has no paths */
    public static function files(Stage $stage): array
    {
        return self::has($stage) ? self::FILES : array_diff_key(self::FILES, ['path' => 1]);
    }

    public static function has(Stage $stage): bool
    {
        return in_array($stage, self::STAGES, true);
    }

    /**
     * @param  array<string, mixed>  $recipe
     *
     * @throws InvalidValue when its stage has no layers
     */
    public static function of(array $recipe, string $folder): self
    {
        $stage = Stage::tryFrom(is_string($recipe['stage'] ?? null) ? $recipe['stage'] : '');
        if ($stage === null || ! self::has($stage)) {
            throw (new InvalidValue('There are no layers of that stage.'))->at('stage');
        }

        return new self($recipe, $folder);
    }

    /** The picture at the time of the recipe that is nearest, in the size of the layers. */
    public function at(float $seconds): GdImage
    {
        $place = $this->nearest($seconds);
        $value = $this->moving($place);
        $gain = $this->gain($place, $value);
        $image = imagecreatetruecolor(max(1, $this->width), max(1, $this->height));
        for ($i = 0, $count = $this->width * $this->height; $i < $count; $i++) {
            $w = isset($value[$i]) ? $this->clamped($i, $gain * $value[$i]) : 0.0;
            [$r, $g, $b] = $this->shade($i, $w);
            imagesetpixel($image, $i % $this->width, intdiv($i, $this->width), ($r << 16) | ($g << 8) | $b);
        }

        return $image;
    }

    private function nearest(float $seconds): int
    {
        $best = 0;
        foreach ($this->numbers('times') as $i => $time) {
            if (abs(log($time / $seconds)) < abs(log($this->numbers('times')[$best] / $seconds))) {
                $best = $i;
            }
        }

        return $best;
    }

    private function lay(): void
    {
        $stage = $this->recipe['stage'];
        $open = static fn (string $path): GdImage => (
            str_ends_with($path, '.jpg') ? imagecreatefromjpeg($path) : imagecreatefrompng($path)
        ) ?: throw new InvalidValue('A layer of the picture cannot be read.');
        [$rock, $water, $path] = array_map(
            fn (string $file): GdImage => $open("{$this->folder}/{$stage}-{$file}"), array_values(self::FILES),
        );
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
        for ($y = 0, $i = 0; $y < $this->height; $y++) {
            for ($x = 0; $x < $this->width; $x++, $i++) {
                [$r, $g, $b] = $rgb($x, $y);
                $dark = 1 - 0.45 * (($bits[$i] & 7) / 7);
                $form = 0.7 + 0.3 * min(1.0, (0.3 * $r + 0.59 * $g + 0.11 * $b) / 120);
                $colour = [$r * $dark, $g * $dark, $b * $dark * 1.04];
                if (($bits[$i] & 8) !== 0) {
                    $up = max(0, (int) round($this->shore - ($y - $this->shore) * $this->shore / max(1, $this->height - $this->shore)));
                    $above = $rgb($x, $up);
                    $colour = array_map(static fn (array $deep, int $c): float => $deep[0] + $deep[1] * $c, self::POOL, $above);
                    $form = 0.95;
                }
                $this->ground[] = [$colour[0], $colour[1], $colour[2]];
                $this->form[] = $form;
            }
        }
    }

    private function layNoise(): void
    {
        $water = is_array($this->recipe['water'] ?? null) ? $this->recipe['water'] : [];
        $grain = max(1.6, (is_numeric($water['feature'] ?? null) ? (float) $water['feature'] : 0.01) * self::LAYER_PX);
        $state = 2024;
        $next = static function () use (&$state): float {
            $state = ($state * 1664525 + 1013904223) & 0xFFFFFFFF;

            return $state / 4294967296;
        };
        foreach ([[$grain, 1.0], [max(1.0, $grain / 3), 0.6]] as [$size, $weight]) {
            $keep = exp(-1 / $size);
            $fresh = sqrt(1 - $keep * $keep);
            $strands = (int) max(8, round(self::CHANNEL * self::LAYER_PX / (0.62 * $size)));
            $sums = [];
            for ($s = 0; $s <= $strands; $s++) {
                $value = 0.0;
                for ($warm = 0; $warm < 4 * $size; $warm++) {
                    $value = $keep * $value + $fresh * ($next() + $next() + $next() - 1.5) * 2;
                }
                $sum = [0.0];
                for ($i = 1; $i < self::RUN_PX + self::LONGEST + 2; $i++) {
                    $value = $keep * $value + $fresh * ($next() + $next() + $next() - 1.5) * 2;
                    $sum[] = $sum[$i - 1] + $value;
                }
                $sums[] = $sum;
            }
            $this->textures[] = ['weight' => $weight, 'strands' => $strands, 'sums' => $sums];
        }
    }

    /** @return array<int, float> what the open time leaves of what moves, by pixel: mean nought, spread one */
    private function moving(int $place): array
    {
        $water = is_array($this->recipe['water'] ?? null) ? $this->recipe['water'] : [];
        $streaks = is_array($water['streak'] ?? null) ? array_values($water['streak']) : [];
        $streak = max(1.0, min(self::RUN_PX, (float) ($streaks[$place] ?? 1) * self::LAYER_PX));
        $value = [];
        $all = $square = 0.0;
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
            $all += $sum;
            $square += $sum * $sum;
        }
        $count = max(1, count($this->wet));
        $mean = $all / $count;
        $spread = sqrt(max(1e-12, $square / $count - $mean * $mean));

        return array_map(static fn (float $v): float => ($v - $mean) / $spread, $value);
    }

    private function clamped(int $i, float $moves): float
    {
        return max(0.0, min(1.0, $this->white[$i] + $moves * sqrt($this->white[$i] * (1 - $this->white[$i]))));
    }

    /** @param  array<int, float>  $value */
    private function rms(array $value, float $gain): float
    {
        $square = 0.0;
        for ($n = 0, $count = count($this->wet); $n < $count; $n += 4) {
            $i = $this->wet[$n];
            $square += ($this->clamped($i, $gain * $value[$i]) - $this->white[$i]) ** 2;
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
        $wanted = $this->numbers('kept')[$place] * $this->whole;
        [$low, $high] = [0.0, 3.0];
        for ($i = 0; $i < 14; $i++) {
            $middle = ($low + $high) / 2;
            $this->rms($value, $middle) < $wanted ? $low = $middle : $high = $middle;
        }

        return ($low + $high) / 2;
    }

    /** @return array{int, int, int} */
    private function shade(int $i, float $w): array
    {
        $pale = $w * $w * (3 - 2 * $w);
        $cover = 1 - (1 - $w) ** 1.25;
        $mist = 0.85 * $this->spray[$i];
        $rgb = [];
        foreach (self::WATER as $c => [$thin, $thick, $spray]) {
            $of = ($thin + ($thick - $thin) * $pale) * $this->form[$i];
            $lit = $this->ground[$i][$c] + $cover * ($of - $this->ground[$i][$c]);
            $rgb[] = (int) round(max(0.0, min(255.0, $lit + $mist * ($spray - $lit))));
        }

        return [$rgb[0], $rgb[1], $rgb[2]];
    }

    /** @return list<float> */
    private function numbers(string $name): array
    {
        $list = is_array($this->recipe[$name] ?? null) ? $this->recipe[$name] : [];

        return array_map(static fn (mixed $n): float => is_numeric($n) ? (float) $n : 0.0, array_values($list));
    }
}
