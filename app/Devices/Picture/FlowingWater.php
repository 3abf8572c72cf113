<?php

declare(strict_types=1);

namespace App\Devices\Picture;

/**
 * What flows over open water, round its rocks, in two sizes: for each pixel how far along its way it is and in which strand, in pixels at
 * the subject. resources/js/picture/open.js does the same in the page.
 */
final class FlowingWater
{
    private const RUN = 2048;

    private const STRANDS = 96;

    /** @var array<int, float> by pixel below the horizon */
    private array $way = [];

    /** @var array<int, float> */
    private array $strand = [];

    /** @var array<int, float> how much of the way a pixel covers, by row */
    private array $print = [];

    /** @var array{gap: float, sums: list<list<float>>} */
    private readonly array $coarse;

    /** @var array{gap: float, sums: list<list<float>>} */
    private readonly array $fine;

    /** @param  list<int>  $pixels  that water reaches */
    public function __construct(
        private readonly Recipe $recipe, private readonly array $pixels, private readonly int $width, private readonly int $height,
        private readonly int $horizon, private readonly float $focal, int $moment = 0,
    ) {
        $this->lay();
        $grain = max(1.2, $this->recipe->feature * $this->width);
        $noise = new PictureNoise(PictureNoise::SEED + $moment);
        $texture = static fn (float $size): array => [
            'gap' => 0.62 * $size, 'sums' => $noise->strands($size, self::STRANDS, self::RUN + 1),
        ];
        $this->coarse = $texture(2 * $grain);
        $this->fine = $texture(max(0.9, 0.45 * $grain));
    }

    /** @return array{array<int, float>, array<int, float>} what the open time leaves, coarse and fine: mean nought, spread one */
    public function at(int $place): array
    {
        return [$this->run($this->coarse, $place), $this->run($this->fine, $place)];
    }

    private function lay(): void
    {
        $camera = $this->recipe->geometry['camera'] ?? 1.0;
        $flow = deg2rad($this->recipe->geometry['flow'] ?? 0.0);
        $subjectM = $camera * $this->focal / (OpenPicture::SUBJECT * $this->height - $this->horizon);
        $unit = $this->focal / $subjectM;
        [$cos, $sin] = [cos($flow), sin($flow)];
        for ($y = $this->horizon; $y < $this->height; $y++) {
            $away = $camera * $this->focal / ($y + 0.5 - $this->horizon);
            // How much of the way a pixel covers here, at the least.
            $this->print[$y] = $away / $subjectM * max(1.0, abs($sin) * $away / $camera);
            for ($x = 0; $x < $this->width; $x++) {
                $side = ($x + 0.5 - $this->width / 2) / $this->focal * $away;
                [$s, $n] = [$side * $cos + $away * $sin, -$side * $sin + $away * $cos];
                foreach ($this->recipe->geometry['rocks'] ?? [] as [$rx, $rd, $r]) {
                    [$ux, $ud] = [$side - $rx, $away - $rd];
                    [$ds, $dn] = [$ux * $cos + $ud * $sin, -$ux * $sin + $ud * $cos];
                    $part = $r * $r / max($r * $r * 0.3, $ds * $ds + $dn * $dn);
                    $s += $part * $ds;
                    $n -= $part * $dn;
                }
                $i = $y * $this->width + $x;
                $this->way[$i] = 40 * self::RUN + $s * $unit;
                $this->strand[$i] = 40 * self::STRANDS * 10 + $n * $unit;
            }
        }
    }

    /**
     * What the open time leaves of one size of what flows: mean nought, spread one.
     *
     * @param  array{gap: float, sums: list<list<float>>}  $texture
     * @return array<int, float>
     */
    private function run(array $texture, int $place): array
    {
        ['gap' => $gap, 'sums' => $sums] = $texture;
        $streak = max(1.0, ($this->recipe->streak[$place] ?? 0.0) * $this->width);
        $value = [];
        foreach ($this->pixels as $i) {
            $print = $this->print[intdiv($i, $this->width)];
            $run = max($streak, $print);
            $across = $this->strand[$i] / $gap;
            $low = (int) floor($across);
            $share = ($across - $low) ** 2 * (3 - 2 * ($across - $low));
            $one = self::around($sums, $low, $this->way[$i], $run);
            $value[$i] = min(1.0, $gap / $print) * ($one + $share * (self::around($sums, $low + 1, $this->way[$i], $run) - $one));
        }

        return PictureNoise::standardised($value);
    }

    /** @param  list<list<float>>  $sums */
    private static function around(array $sums, int $strand, float $from, float $run): float
    {
        $turn = (int) floor($strand / self::STRANDS);
        $sum = $sums[$strand - $turn * self::STRANDS];
        // The same strand again is read elsewhere along its length.
        $start = $from + $turn * 701;

        return (PictureNoise::upTo($sum, self::RUN, $start + $run) - PictureNoise::upTo($sum, self::RUN, $start)) / $run;
    }
}
