<?php

declare(strict_types=1);

namespace App\Devices\Picture;

use GdImage;
use GentlePour\Scene\HourLight;

/**
 * The sky of the hour with clouds on a plane that the wind carries, drawn out over the open time along the true way;
 * resources/js/picture/sky.js does the same in the page.
 *
 * @phpstan-import-type Colours from HourLight
 */
final class SkyPicture
{
    private const WIDE = 512;

    private const TALL = 256;

    /** Entries of the plane for one height of the clouds. */
    private const A_HEIGHT = 13;

    /** So high a tangent is the top of the sky's colours. */
    private const HIGHEST = 0.5;

    /** Clouds lower than this are a haze. */
    private const HAZE = [0.012, 0.05];

    /** Where no clouds are described they are drawn out by so many of their heights. */
    private const UNDESCRIBED = 14;

    private const COVERS = 0.88;

    /** @var array{list<list<float>>, list<list<float>>} running sums along the wind of how much they cover and how bright they are */
    private array $sums;

    private float $meanCover = 0.0;

    private float $across;

    private float $along;

    /** @param  Colours  $light */
    public function __construct(
        private readonly Recipe $recipe, GdImage $clouds, private readonly array $light, private readonly int $horizon,
        private readonly float $focal, private readonly int $width,
    ) {
        $this->sums = [[], []];
        for ($v = 0; $v < self::TALL; $v++) {
            [$cover, $bright] = [[0.0], [0.0]];
            for ($u = 0; $u < self::WIDE; $u++) {
                $c = (int) imagecolorat($clouds, $u, $v);
                $cover[] = $cover[$u] + ($c >> 16 & 255) / 255;
                $bright[] = $bright[$u] + ($c >> 8 & 255) / 255;
            }
            $this->meanCover += $cover[self::WIDE] / self::WIDE / self::TALL;
            $this->sums[0][] = $cover;
            $this->sums[1][] = $bright;
        }
        $this->across = $recipe->clouds['across'] ?? 1.0;
        $this->along = sqrt(1 - $this->across ** 2);
    }

    /** How far the wind carries them in an open time, in entries of the plane. */
    private function run(int $place): float
    {
        if ($this->recipe->clouds === null) {
            return self::UNDESCRIBED * self::A_HEIGHT;
        }
        $middle = $this->horizon / 2 / $this->focal;
        $streak = ($this->recipe->clouds['streak'][$place] ?? 0.0) * $this->width;

        return max(1.0, $streak / $this->focal / hypot($this->across * $middle, $this->along * $middle ** 2) * self::A_HEIGHT);
    }

    /**
     * @param  list<float>  $glowAcross  the sun's glow at each place across
     * @param  callable(int $i, float $r, float $g, float $b): void  $put
     * @param  callable(int $i): bool  $isLand
     */
    public function draw(int $place, array $glowAcross, callable $put, callable $isLand, Developed $developed): void
    {
        $run = $this->run($place);
        ['lit' => $bright, 'dark' => $dark] = $this->light['cloud'];
        $glowColour = self::glowColour($this->light);
        for ($y = 0; $y < $this->horizon; $y++) {
            $developed->row($y);
            $up = ($this->horizon - $y - 0.5) / $this->focal;
            $away = self::A_HEIGHT / $up;
            $shown = Developed::smooth(self::HAZE[0], self::HAZE[1], $up);
            $clear = self::clear($this->light, $up);
            $glowUp = self::glowUp($this->light, $up);
            for ($x = 0; $x < $this->width; $x++) {
                $i = $y * $this->width + $x;
                if ($isLand($i)) {
                    continue;
                }
                $side = ($x - $this->width / 2) / $this->focal * $away;
                $u = $side * $this->across - $away * $this->along + 400;
                $v = $side * $this->along + $away * $this->across + 400;
                $cover = $this->meanCover + $shown * ($this->mean(0, $u, $v, $run) - $this->meanCover);
                $lit = 0.8 + $shown * ($this->mean(1, $u, $v, $run) - 0.8);
                $glow = $glowUp * $glowAcross[$x];
                $lit = max(0.0, min(1.0, $lit + 0.5 * $glow));
                $rgb = [];
                foreach ($clear as $c => $of) {
                    $behind = $of + $glow * $glowColour[$c];
                    $cloud = $dark[$c] + $lit * ($bright[$c] - $dark[$c]) + 0.4 * $glow * $glowColour[$c];
                    $rgb[] = $behind + self::COVERS * $cover * ($cloud - $behind);
                }
                $put($i, $rgb[0], $rgb[1], $rgb[2]);
            }
        }
    }

    private function mean(int $channel, float $u, float $v, float $run): float
    {
        $low = (int) floor($v);
        $share = $v - $low;
        $of = fn (int $row): float => $this->along($channel, $row, $u, $run);

        return $of($low) * (1 - $share) + $of($low + 1) * $share;
    }

    private function along(int $channel, int $v, float $u, float $run): float
    {
        $row = $this->sums[$channel][(($v % self::TALL) + self::TALL) % self::TALL];

        return (PictureNoise::upTo($row, self::WIDE, $u + $run) - PictureNoise::upTo($row, self::WIDE, $u)) / $run;
    }

    /**
     * The clear sky at a tangent of height, without the sun's glow.
     *
     * @param  Colours  $light
     * @return array{float, float, float}
     */
    public static function clear(array $light, float $up): array
    {
        $place = 2 * max(0.0, min(1.0, $up / self::HIGHEST));
        $low = min(1, (int) $place);
        [$one, $two, $share] = [$light['sky'][$low], $light['sky'][$low + 1], $place - $low];

        return [$one[0] + $share * ($two[0] - $one[0]), $one[1] + $share * ($two[1] - $one[1]), $one[2] + $share * ($two[2] - $one[2])];
    }

    /**
     * @param  Colours  $light
     * @return array{int, int, int}
     */
    public static function glowColour(array $light): array
    {
        return $light['glow'] === null ? [0, 0, 0] : $light['glow']['colour'];
    }

    /** @param  Colours  $light */
    public static function glowUp(array $light, float $up): float
    {
        return $light['glow'] === null ? 0.0 : exp(-(($up / $light['glow']['tall']) ** 1.4));
    }

    /** @param  Colours  $light */
    public static function glowAcross(array $light, float $share): float
    {
        return $light['glow'] === null ? 0.0 : exp(-((abs($share - $light['glow']['at']) / $light['glow']['wide']) ** 1.5));
    }
}
