<?php

declare(strict_types=1);

namespace GentlePour\Photo;

/** How the light of a frame is spread: histograms, what clips, mean and percentiles. */
final class Levels
{
    /** A channel from here up is clipped; a frame of luminance up to here is black. */
    public const CLIPPED = 254;

    public const BLACK = 1;

    /**
     * @param  list<int>  $luminance  counts of pixels by the level of their luminance, 256
     * @param  array{red: list<int>, green: list<int>, blue: list<int>}  $channels
     * @param  float  $mean  of luminance in linear light, 0 to 1
     * @param  float  $highShare  of pixels of which any channel is clipped
     */
    private function __construct(
        public readonly array $luminance,
        public readonly array $channels,
        public readonly float $mean,
        public readonly float $highShare,
        public readonly float $lowShare,
    ) {
    }

    public static function of(Raster $raster): self
    {
        $red = $green = $blue = $luminance = array_fill(0, 256, 0);
        $table = Srgb::table();
        $levels = Srgb::levels();
        $sum = 0.0;
        $high = 0;
        foreach ($raster->pixels as $p) {
            [$r, $g, $b] = [$p >> 16 & 255, $p >> 8 & 255, $p & 255];
            $light = Srgb::luminance($table[$r], $table[$g], $table[$b]);
            $red[$r]++;
            $green[$g]++;
            $blue[$b]++;
            $luminance[$levels[(int) ($light * Srgb::STEPS)]]++;
            $sum += $light;
            $high += $r >= self::CLIPPED || $g >= self::CLIPPED || $b >= self::CLIPPED ? 1 : 0;
        }
        $count = count($raster->pixels);

        return new self(
            array_values($luminance),
            ['red' => array_values($red), 'green' => array_values($green), 'blue' => array_values($blue)],
            $sum / $count, $high / $count, array_sum(array_slice($luminance, 0, self::BLACK + 1)) / $count,
        );
    }

    /** The luminance, in linear light, below which so much of the frame lies. */
    public function percentile(float $share): float
    {
        $wanted = $share * array_sum($this->luminance);
        $below = 0;
        foreach ($this->luminance as $level => $count) {
            $below += $count;
            if ($below >= $wanted) {
                return Srgb::light($level);
            }
        }

        return 1.0;
    }

    /** @return array{red: float, green: float, blue: float} share of pixels of which the channel is clipped */
    public function clippedByChannel(): array
    {
        $share = static fn (array $counts): float => array_sum(array_slice($counts, self::CLIPPED)) / max(1, array_sum($counts));

        return array_map($share, $this->channels);
    }
}
