<?php

declare(strict_types=1);

namespace App\Devices\Picture;

use GdImage;

/** What stands or moves in the picture besides water, in PHP; resources/js/picture/things.js does the same in the page. */
final class ThingsPicture
{
    /** Where each lies on the sheet: left, top, width, height, and how far down its foot is. */
    private const SHEET = [
        'posts' => [0, 0, 240, 230, 120], 'pier' => [0, 238, 332, 72, 72], 'boat' => [240, 0, 140, 92, 92],
        'walker' => [384, 8, 32, 93, 93], 'grass' => [0, 318, 330, 130, 130],
    ];

    /** How plainly the water mirrors it at its foot; heave is looked at so many spreads apart. */
    private const MIRRORED = 0.5;

    /** How much more a tip of grass goes than what is half way to it. */
    private const BENDS = 1.5;

    private const HEAVES = [[-1.5, 0.15], [-0.5, 0.35], [0.5, 0.35], [1.5, 0.15]];

    /** @var array<int, array{float, float, float, float}> colour by opacity, and opacity, by pixel */
    private array $laid = [];

    public function __construct(
        private readonly Recipe $recipe, private readonly GdImage $sheet, private readonly PictureView $view,
        private readonly int $width, private readonly int $height,
    ) {
    }

    public function to(int $place): void
    {
        $this->laid = [];
        foreach (self::SHEET as $name => $where) {
            if (in_array($name, $this->view->things, true) && isset($this->recipe->things[$name])) {
                $this->lay($where, $this->recipe->things[$name], $place, $name);
            }
        }
    }

    /** @return array{float, float, float} */
    public function over(int $i, float $r, float $g, float $b): array
    {
        if (! isset($this->laid[$i])) {
            return [$r, $g, $b];
        }
        [$lr, $lg, $lb, $a] = $this->laid[$i];

        return [$r * (1 - $a) + $lr, $g * (1 - $a) + $lg, $b * (1 - $a) + $lb];
    }

    /**
     * @param  array{int, int, int, int, int}  $where
     * @param  array{at: array{float, float}, tall: float, streak: list<float>, heave: float}  $thing
     */
    private function lay(array $where, array $thing, int $place, string $name): void
    {
        [, , $wide, $tall, $over] = $where;
        $size = $thing['tall'] * $this->height / $over;
        $run = ($thing['streak'][$place] ?? 0.0) * $this->width;
        $heave = $thing['heave'] * $this->width;
        $kept = $this->recipe->level['kept'][$place] ?? 0.0;
        [$moved, $spread] = [0.7 * $heave * $kept, $heave * sqrt(max(0.0, 1 - $kept * $kept))];
        [$x0, $foot] = [$thing['at'][0] * $this->width, $thing['at'][1] * $this->height];
        $rows = $this->rasters($where, $size);
        $columns = (int) round($wide * $size);
        $high = $over * $size;
        for ($y = (int) max(0, floor($foot - $high - 3 * $heave)); $y < min($this->height, $foot + $high); $y++) {
            // Grass bends from its root.
            $gone = $name === 'grass' ? $run * max(0.0, min(1.0, ($foot - $y) / $high)) ** self::BENDS : $run;
            for ($x = (int) max(0, floor($x0)); $x < min($this->width, $x0 + $columns + $gone + 1); $x++) {
                $mean = [0.0, 0.0, 0.0, 0.0];
                foreach ($spread > 0.3 ? self::HEAVES : [[0.0, 1.0]] as [$step, $share]) {
                    $mean = self::drawn($rows, $columns, $y - ($foot - $high) + $moved + $step * $spread, $x - $x0, $gone, $share, $mean);
                }
                $this->put($x, $y, $mean, 1.0);
                if ($name === 'pier' && $y > $foot - 1) {
                    $mean = self::drawn($rows, $columns, $high - ($y - $foot) - 1, $x - $x0, $run + 3, 1.0, [0.0, 0.0, 0.0, 0.0]);
                    $this->put($x, $y, $mean, self::MIRRORED * (1 - ($y - $foot) / $high));
                }
            }
        }
    }

    /** @param  array{float, float, float, float}  $of */
    private function put(int $x, int $y, array $of, float $share): void
    {
        if ($of[3] <= 0.002) {
            return;
        }
        $i = $y * $this->width + $x;
        $was = $this->laid[$i] ?? [0.0, 0.0, 0.0, 0.0];
        $left = 1 - $share * $of[3];
        $this->laid[$i] = [
            $was[0] * $left + $share * $of[0], $was[1] * $left + $share * $of[1],
            $was[2] * $left + $share * $of[2], $was[3] * $left + $share * $of[3],
        ];
    }

    /**
     * Adds the mean of a row over all places where the thing has been.
     *
     * @param  list<list<array{float, float, float, float}>>  $rows
     * @param  array{float, float, float, float}  $mean
     * @return array{float, float, float, float}
     */
    private static function drawn(array $rows, int $columns, float $up, float $x, float $run, float $share, array $mean): array
    {
        $row = $rows[(int) floor($up + 0.5)] ?? null;
        if ($row === null) {
            return $mean;
        }
        $length = max(1.0, $run);
        $at = static fn (float $p): array => $row[max(0, min($columns, (int) floor($p + 0.5)))];
        [$to, $from] = [$at($x + 1), $at($x + 1 - $length)];

        return [
            $mean[0] + $share * ($to[0] - $from[0]) / $length, $mean[1] + $share * ($to[1] - $from[1]) / $length,
            $mean[2] + $share * ($to[2] - $from[2]) / $length, $mean[3] + $share * ($to[3] - $from[3]) / $length,
        ];
    }

    /**
     * Each row of the outline in its size, as running sums of colour by opacity, and of opacity.
     *
     * @param  array{int, int, int, int, int}  $where
     * @return list<list<array{float, float, float, float}>>
     */
    private function rasters(array $where, float $size): array
    {
        [$left, $top, $wide, $tall] = $where;
        $light = $this->view->light->colours();
        $rows = [];
        for ($y = 0, $high = (int) round($tall * $size); $y < $high; $y++) {
            $sums = [$held = [0.0, 0.0, 0.0, 0.0]];
            for ($x = 0, $columns = (int) round($wide * $size); $x < $columns; $x++) {
                $c = (int) imagecolorat(
                    $this->sheet, $left + min($wide - 1, (int) (($x + 0.5) / $size)), $top + min($tall - 1, (int) (($y + 0.5) / $size)),
                );
                $a = 1 - ($c >> 24 & 127) / 127;
                foreach ([$c >> 16 & 255, $c >> 8 & 255, $c & 255] as $k => $of) {
                    $held[$k] += $a * $of * ($light['ambient'][$k] + 0.3 * $light['key'][$k]) * 0.8;
                }
                $held[3] += $a;
                $sums[] = $held;
            }
            $rows[] = $sums;
        }

        return $rows;
    }
}
