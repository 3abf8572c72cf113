<?php

declare(strict_types=1);

namespace App\Devices\Picture;

/** What both drawers share: numbers that are the same every time, and noise as running sums; resources/js/picture/numbers.js. */
final class PictureNoise
{
    public const SEED = 2024;

    /** Steps of whiteness at which its mean is held, and about so many pixels that tell how what moves is spread. */
    public const STEPS = 24;

    private const TELLING = 300;

    private int $state;

    public function __construct(int $seed)
    {
        $this->state = $seed & 0xFFFFFFFF;
    }

    private function next(): float
    {
        $this->state = ($this->state * 1664525 + 1013904223) & 0xFFFFFFFF;

        return $this->state / 4294967296;
    }

    /**
     * Running sums of noise whose correlation falls by e over one size: its mean over any run is two of its entries.
     *
     * @return list<list<float>> a strand each
     */
    public function strands(float $size, int $strands, int $length): array
    {
        $keep = exp(-1 / $size);
        $fresh = sqrt(1 - $keep * $keep);
        $all = [];
        for ($s = 0; $s < $strands; $s++) {
            $value = 0.0;
            for ($warm = 0; $warm < 4 * $size; $warm++) {
                $value = $keep * $value + $fresh * ($this->next() + $this->next() + $this->next() - 1.5) * 2;
            }
            $sum = [$held = 0.0];
            for ($i = 1; $i < $length; $i++) {
                $value = $keep * $value + $fresh * ($this->next() + $this->next() + $this->next() - 1.5) * 2;
                $sum[] = $held += $value;
            }
            $all[] = $sum;
        }

        return $all;
    }

    /**
     * A running sum up to a place, where the strand comes round again.
     *
     * @param  list<float>  $sum
     */
    public static function upTo(array $sum, int $round, float $place): float
    {
        $turns = floor($place / $round);
        $rest = $place - $turns * $round;
        $low = (int) $rest;
        $next = $low + 1 > $round ? $sum[1] + $sum[$round] : $sum[$low + 1];

        return $turns * $sum[$round] + $sum[$low] + ($rest - $low) * ($next - $sum[$low]);
    }

    /**
     * Mean nought, spread one.
     *
     * @param  array<int, float>  $value  by pixel
     * @return array<int, float>
     */
    public static function standardised(array $value): array
    {
        $count = max(1, count($value));
        $mean = array_sum($value) / $count;
        $square = 0.0;
        foreach ($value as $v) {
            $square += $v * $v;
        }
        $spread = sqrt(max(1e-12, $square / $count - $mean * $mean));
        foreach ($value as $i => $v) {
            $value[$i] = ($v - $mean) / $spread;
        }

        return $value;
    }

    /**
     * White can be neither less than none nor more than all: by how much it is to be moved, at each step of its mean, so that its mean
     * stays whatever counts of what moves.
     *
     * @param  array<int, float>  $value  by pixel
     * @param  list<int>  $pixels
     * @param  callable(float $white): float  $bright  how bright so much white is, against all of it
     * @return list<float>
     */
    public static function heldWhite(float $gain, array $value, array $pixels, callable $bright): array
    {
        $told = [];
        for ($n = 0, $count = count($pixels), $every = max(1, intdiv($count, self::TELLING)); $n < $count; $n += $every) {
            $told[] = $value[$pixels[$n]];
        }

        return array_map(static function (int $step) use ($gain, $told, $bright): float {
            $mean = $step / self::STEPS;
            $reach = $gain * sqrt($mean * (1 - $mean));
            if ($reach < 0.02) {
                return 0.0;
            }
            [$low, $high] = [-0.5, 0.5];
            for ($turn = 0; $turn < 8; $turn++) {
                $middle = ($low + $high) / 2;
                $sum = 0.0;
                foreach ($told as $v) {
                    $sum += $bright(max(0.0, min(1.0, $mean + $middle + $reach * $v)));
                }
                $sum / max(1, count($told)) < $bright($mean) ? $low = $middle : $high = $middle;
            }

            return ($low + $high) / 2;
        }, range(0, self::STEPS));
    }
}
