<?php

declare(strict_types=1);

namespace App\Devices\Picture;

/**
 * The recipe's waves in the true perspective of the frame, as slopes, and the longest of them as the level; resources/js/picture/open.js
 * does the same in the page.
 */
final class WaveSlopes
{
    /** Bins of the longest waves, which are the level. */
    private const LEVEL_BINS = 3;

    /** The golden angle: from one moment to another each wave turns by another multiple of it. */
    private const TURN = 2.39996;

    /** @var array<int, float> */
    private array $swell = [];

    /** @var array<int, int> pixels that water reaches, by themselves */
    private readonly array $reached;

    /** @param  list<int>  $pixels  that water reaches */
    public function __construct(
        private readonly Recipe $recipe, array $pixels, private readonly int $width, private readonly int $height,
        private readonly int $horizon, private readonly int $moment = 0,
    ) {
        $this->reached = array_flip($pixels);
    }

    /** How high the water stands at a pixel at the beginning, mean nought and spread one; level without waves. */
    public function level(int $i): float
    {
        return $this->swell[$i] ?? 0.0;
    }

    /** @return array<int, float> slopes at one time, mean nought and spread one; none without waves */
    public function at(int $place): array
    {
        $bins = $this->recipe->bins;
        if ($bins === []) {
            return [];
        }
        $kept = array_map(static fn (array $bin): float => $bin['kept'][$place] ?? 0.0, $bins);
        $most = max(1e-9, ...$kept);
        $needLevel = $this->swell === [];
        $wide = $this->recipe->frameWidthM / $this->width;
        $subject = OpenPicture::SUBJECT * $this->height - $this->horizon;
        [$field, $level] = [[], []];
        for ($row = $this->horizon; $row < $this->height; $row++) {
            $away = $this->recipe->distanceM * $subject / ($row + 0.5 - $this->horizon);
            $scale = $wide * $away / $this->recipe->distanceM;
            $perRow = $away / ($row + 0.5 - $this->horizon);
            [$sums, $heights] = [array_fill(0, $this->width, 0.0), array_fill(0, $this->width, 0.0)];
            foreach ($bins as $b => ['waves' => $waves]) {
                $share = $kept[$b] / $most;
                $isLevel = $needLevel && $b < self::LEVEL_BINS;
                if ($share <= 0.004 && ! $isLevel) {
                    continue;
                }
                $share = $share > 0.004 ? $share : 0.0;
                foreach ($waves as $w => [$across, $along, $phase, $slope]) {
                    $size = $slope / (1 + (hypot($along * $perRow, $across * $scale) / 2.3) ** 4);
                    if ($size < 1e-4 * $slope) {
                        continue;
                    }
                    $angle = $phase + $this->moment * self::TURN * ($w + 1) + $along * $away - $across * $scale * $this->width / 2;
                    [$cos, $sin] = [cos($angle), sin($angle)];
                    [$turnCos, $turnSin] = [cos($across * $scale), sin($across * $scale)];
                    $part = $size * $share;
                    $high = $isLevel ? $size / hypot($across, $along) : 0.0;
                    foreach ($sums as $x => $sum) {
                        $sums[$x] = $sum + $part * $cos;
                        if ($isLevel) {
                            $heights[$x] += $high * $sin;
                        }
                        $turned = $cos * $turnCos - $sin * $turnSin;
                        $sin = $sin * $turnCos + $cos * $turnSin;
                        $cos = $turned;
                    }
                }
            }
            foreach ($sums as $x => $sum) {
                $i = $row * $this->width + $x;
                if (isset($this->reached[$i])) {
                    $field[$i] = $sum;
                    $level[$i] = $heights[$x];
                }
            }
        }
        if ($needLevel) {
            $this->swell = PictureNoise::standardised($level);
        }

        return PictureNoise::standardised($field);
    }
}
