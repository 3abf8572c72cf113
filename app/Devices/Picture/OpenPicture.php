<?php

declare(strict_types=1);

namespace App\Devices\Picture;

use GdImage;
use GentlePour\Scene\HourLight;

/**
 * Open water in PHP, as resources/js/picture/open.js draws it in the page.
 *
 * @phpstan-import-type Colours from HourLight
 */
final class OpenPicture
{
    /** Slopes at which water is looked at for its mean, in spreads, and how often each is met. */
    private const SLOPES = [[-1.65, 0.15], [-0.6, 0.35], [0.6, 0.35], [1.65, 0.15]];

    /** Rows of land that a slope of one spread moves its mirror by. */
    private const MIRROR_ROWS = 9;

    /** Land over the water as it is packed: from LOW to HIGH in m; what is far off in haze; from where on it is too high for any water. */
    private const LOW = -1.2;

    private const HIGH = 1.8;

    private const FAR = 255;

    private const NEVER = 230;

    /** From here on the layer tells of light on the land, below it of land in the mirror. */
    private const DRY = 100;

    private const AT_FOOT = 0.7;

    /** The row at which the recipe's distance lies, as a share of the height. */
    public const SUBJECT = 0.72;

    private const CALM_M = 0.02;

    private const ROUGH_M = 0.3;

    /** Water that comes and goes over rock is white: so much of it at the most. */
    private const BROKEN = 0.6;

    /** Between these heights of the rock: over what lies deeper it passes unbroken. */
    private const BREAKS_M = [-0.35, 0.05];

    private const SAMPLE = 5;

    private const CRISP = 1.4;

    private int $width;

    private int $height;

    private int $horizon;

    private float $focal;

    /** @var list<int> land over the water, as packed */
    private array $high = [];

    /** @var list<int> the third layer, light on the land or land in the mirror */
    private array $third = [];

    /** @var array<int, float> the white on the mean, by pixel below the horizon */
    private array $foam = [];

    /** @var list<int> pixels that are water at all times, those of rock that water may reach, and both */
    private array $wet = [];

    /** @var list<int> */
    private array $shore = [];

    /** @var list<int> */
    private array $all = [];

    /** @var list<float> of the sky, of the glow, and how much is a mirror: for each row at each tilt */
    private array $turns = [];

    /** @var list<float> */
    private array $glow = [];

    /** @var array<int, array{float, float, float}> */
    private array $sheet = [];

    /** @var Colours */
    private readonly array $light;

    private float $whole;

    private readonly FlowingWater $flow;

    private readonly WaveSlopes $waves;

    private SkyPicture $sky;

    private readonly ThingsPicture $things;

    private readonly GdImage $rock;

    /** @param  array<string, GdImage>  $layers */
    public function __construct(private readonly Recipe $recipe, array $layers, private readonly PictureView $view)
    {
        $this->rock = $layers['rock'];
        $this->light = $view->light->colours();
        [$this->width, $this->height] = [imagesx($layers['rock']), imagesy($layers['rock'])];
        $this->horizon = $recipe->geometry['horizon'] ?? 0;
        $this->focal = $recipe->geometry['focal'] ?? 1.0;
        $this->lay($layers['water']);
        $this->glow = array_map(fn (int $x): float => SkyPicture::glowAcross($this->light, $x / $this->width), range(0, $this->width - 1));
        $this->sky = new SkyPicture($recipe, $layers['clouds'], $this->light, $this->horizon, $this->focal, $this->width);
        $this->things = new ThingsPicture($recipe, $layers['things'], $view, $this->width, $this->height);
        $this->flow = new FlowingWater($recipe, $this->all, $this->width, $this->height, $this->horizon, $this->focal, $view->moment);
        $this->waves = new WaveSlopes($recipe, $this->all, $this->width, $this->height, $this->horizon, $view->moment);
        $this->turns = Mirror::turns($this->light, $this->horizon, $this->height, $this->focal, $view->polariser);
        $this->laySheet();
        [$slope, $lace] = $this->moving(0);
        $this->whole = $this->rms($lace, self::CRISP, $this->slopes($slope));
    }

    /** @return array{int, int} */
    public function size(): array
    {
        return [$this->width, $this->height];
    }

    public function draw(int $place, Developed $developed): void
    {
        [$slope, $lace] = $this->moving($place);
        $gain = $this->gain($place, $slope, $lace);
        $this->things->to($place);
        $put = function (int $i, float $r, float $g, float $b) use ($developed): void {
            $developed->put($i, ...$this->things->over($i, $r, $g, $b));
        };
        $this->sky->draw($place, $this->glow, $put, fn (int $i): bool => $this->high[$i] > 0, $developed);
        $broken = self::BROKEN * Developed::smooth(self::CALM_M, 0.15, $this->recipe->level['sigma']);
        $tilt = min(1.0, $gain);
        $held = $this->held($gain, $lace);
        $foamColour = $this->light['foam'];
        $over = function (int $i, float $more) use ($slope, $lace, $gain, $tilt, $held, $foamColour): array {
            $steady = $this->foam[$i] + (1 - $this->foam[$i]) * $more;
            $moves = $held[(int) round(PictureNoise::STEPS * $steady)] + $gain * sqrt($steady * (1 - $steady)) * $lace[$i];
            $w = max(0.0, min(1.0, $steady + $moves));
            $shown = $this->shown($i, $slope[$i]);
            $rgb = [];
            foreach ($this->sheet[$i] as $c => $sheet) {
                $of = $sheet + $tilt * ($shown[$c] - $sheet);
                $rgb[] = $of + $w * ($foamColour[$c] * (0.8 + 0.2 * $w) - $of);
            }

            return $rgb;
        };
        for ($y = 0, $i = 0; $y < $this->height; $y++) {
            $developed->row($y);
            for ($x = 0; $x < $this->width; $x++, $i++) {
                if ($this->high[$i] === 0) {
                    if ($y >= $this->horizon) {
                        $put($i, ...$over($i, 0.0));
                    }

                    continue;
                }
                $land = $this->land($i, $x, $y);
                if ($this->high[$i] < self::NEVER && $y >= $this->horizon) {
                    $under = $this->covered($i, $place);
                    $breaks = Developed::smooth(self::BREAKS_M[0], self::BREAKS_M[1], $this->standsM($i));
                    $water = $over($i, 4 * $broken * $under * (1 - $under) * $breaks);
                    foreach ($land as $c => $dry) {
                        $land[$c] = $dry + $under * ($water[$c] - $dry);
                    }
                }
                $put($i, ...$land);
            }
        }
    }

    private function lay(GdImage $water): void
    {
        for ($y = 0, $i = 0; $y < $this->height; $y++) {
            for ($x = 0; $x < $this->width; $x++, $i++) {
                $c = (int) imagecolorat($water, $x, $y);
                $this->high[] = $c >> 16 & 255;
                $this->third[] = $c & 255;
                if ($y < $this->horizon) {
                    continue;
                }
                $this->foam[$i] = min(0.95, ($c >> 8 & 255) / 255);
                if ($this->high[$i] === 0) {
                    $this->wet[] = $i;
                } elseif ($this->high[$i] < self::NEVER) {
                    $this->shore[] = $i;
                }
            }
        }
        $this->all = [...$this->wet, ...$this->shore];
        sort($this->all);
    }

    private function laySheet(): void
    {
        foreach ($this->all as $i) {
            $mean = [0.0, 0.0, 0.0];
            foreach (self::SLOPES as [$slope, $share]) {
                $shown = $this->shown($i, $slope);
                $mean = [$mean[0] + $share * $shown[0], $mean[1] + $share * $shown[1], $mean[2] + $share * $shown[2]];
            }
            $this->sheet[$i] = $mean;
        }
    }

    /** @return array{float, float, float} what the water of a pixel shows, tilted by so many spreads */
    private function shown(int $i, float $slope): array
    {
        $y = intdiv($i, $this->width);
        $x = $i - $y * $this->width;
        $tilt = ($slope + 3.2) / 6.4;
        $k = (int) (($tilt < 0 ? 0 : ($tilt > 1 ? 1 : $tilt)) * (Mirror::TURNS - 1) + 0.5);
        $at = (($y - $this->horizon) * Mirror::TURNS + $k) * 5;
        $row = $y + (int) floor($slope * self::MIRROR_ROWS * (($y - $this->horizon) / ($this->height - $this->horizon)) + 0.5);
        $from = ($row < $this->horizon ? $this->horizon : min($row, $this->height - 1)) * $this->width + $x;
        $of = $this->high[$from] < self::DRY ? $from : ($this->high[$i] < self::DRY ? $i : null);
        $land = $of === null ? self::AT_FOOT : $this->third[$of] / 255;
        $glow = $this->turns[$at + 3] * $this->glow[$x];
        $mirror = $this->turns[$at + 4];
        $light = $this->light;
        $colour = SkyPicture::glowColour($light);
        [$sky, $ofLand, $below] = [1 - $land, $land * $mirror, 1 - $mirror];

        return [
            $sky * ($this->turns[$at] + $glow * $colour[0]) + $ofLand * $light['mirror'][0] + $below * $light['deep'][0],
            $sky * ($this->turns[$at + 1] + $glow * $colour[1]) + $ofLand * $light['mirror'][1] + $below * $light['deep'][1],
            $sky * ($this->turns[$at + 2] + $glow * $colour[2]) + $ofLand * $light['mirror'][2] + $below * $light['deep'][2],
        ];
    }

    /** @return array{array<int, float>, array<int, float>} slopes of the water and the lace of its foam, at one time */
    private function moving(int $place): array
    {
        [$lace, $fine] = $this->flow->at($place);
        $slope = $this->waves->at($place);
        foreach ($lace as $i => $patch) {
            $v = $fine[$i];
            $slope[$i] ??= 0.5 * $patch + 0.3 * $v;
            $lace[$i] = 0.74 * $patch + 0.67 * ((0.798 - abs($v)) / 0.603);
        }

        return [$slope, $lace];
    }

    /**
     * How far the sheet of one pixel in SAMPLE is from its mean in brightness, at the slope that it has.
     *
     * @param  array<int, float>  $slope
     * @return list<float>
     */
    private function slopes(array $slope): array
    {
        $off = [];
        for ($n = 0, $count = count($this->wet); $n < $count; $n += self::SAMPLE) {
            $i = $this->wet[$n];
            $off[] = self::grey($this->shown($i, $slope[$i])) - self::grey($this->sheet[$i]);
        }

        return $off;
    }

    /** @param  array{int|float, int|float, int|float}  $rgb */
    private static function grey(array $rgb): float
    {
        return 0.2126 * $rgb[0] + 0.7152 * $rgb[1] + 0.0722 * $rgb[2];
    }

    /**
     * @param  array<int, float>  $lace
     * @return list<float>
     */
    private function held(float $gain, array $lace): array
    {
        return PictureNoise::heldWhite($gain, $lace, $this->wet, self::bright(...));
    }

    /** How bright so much white is, against all of it. */
    private static function bright(float $white): float
    {
        return $white * (0.8 + 0.2 * $white);
    }

    /**
     * How far the picture is from its steady part in brightness, where what moves counts by so much.
     *
     * @param  array<int, float>  $lace
     * @param  list<float>  $slopes
     */
    private function rms(array $lace, float $gain, array $slopes): float
    {
        $white = self::grey($this->light['foam']);
        $tilt = min(1.0, $gain);
        $held = $this->held($gain, $lace);
        $sum = $square = 0.0;
        foreach ($slopes as $n => $slope) {
            $i = $this->wet[self::SAMPLE * $n];
            $still = self::grey($this->sheet[$i]);
            $was = $this->foam[$i];
            $moves = $held[(int) round(PictureNoise::STEPS * $was)] + $gain * sqrt($was * (1 - $was)) * $lace[$i];
            $is = max(0.0, min(1.0, $was + $moves));
            $of = $still + $tilt * $slope;
            $steady = $still + $was * ($white * (0.8 + 0.2 * $was) - $still);
            $off = $of + $is * ($white * (0.8 + 0.2 * $is) - $of) - $steady;
            $sum += $off;
            $square += $off * $off;
        }
        $count = max(1, count($slopes));

        return sqrt(max(0.0, $square / $count - ($sum / $count) ** 2));
    }

    /**
     * By how much what moves counts, so that of its drawing just the share is left that the recipe states.
     *
     * @param  array<int, float>  $slope
     * @param  array<int, float>  $lace
     */
    private function gain(int $place, array $slope, array $lace): float
    {
        $wanted = ($this->recipe->kept[$place] ?? 0.0) * $this->whole;
        $slopes = $this->slopes($slope);
        [$low, $high] = [0.0, 4.0];
        for ($i = 0; $i < 12; $i++) {
            $middle = ($low + $high) / 2;
            $this->rms($lace, $middle, $slopes) < $wanted ? $low = $middle : $high = $middle;
        }

        return ($low + $high) / 2;
    }

    /** The share of the open time that a place so high is under water. */
    private function covered(int $i, int $place): float
    {
        $sigma = max(self::CALM_M, min(self::ROUGH_M, $this->recipe->level['sigma']));
        $kept = $this->recipe->level['kept'][$place] ?? 0.0;
        $spread = $sigma * sqrt(max(0.0, 1 - $kept ** 2)) + 0.02;

        return 1 / (1 + exp(-1.702 * ($sigma * $kept * $this->waves->level($i) - $this->standsM($i)) / $spread));
    }

    private function standsM(int $i): float
    {
        return self::LOW + (self::HIGH - self::LOW) * ($this->high[$i] - 1) / 249;
    }

    /** @return array{float, float, float} land as it is lit, with the gloss of what is wet */
    private function land(int $i, int $x, int $y): array
    {
        $c = (int) imagecolorat($this->rock, $x, $y);
        $far = $this->high[$i] === self::FAR ? $this->light['haze'] : 0.0;
        $gloss = ($this->view->polariser ? 0.01 : 0.07) * (1 - Developed::smooth(0.05, 0.7, $this->standsM($i)));
        $key = $this->high[$i] < self::DRY ? 0.0 : $this->third[$i] / 255;
        $rgb = [];
        foreach ([$c >> 16 & 255, $c >> 8 & 255, $c & 255] as $k => $rock) {
            $of = $rock * ($this->light['ambient'][$k] + $key * $this->light['key'][$k]);
            $of += $gloss * ($this->light['sky'][1][$k] - $of);
            $rgb[] = $of + $far * ($this->light['sky'][0][$k] - $of);
        }

        return [$rgb[0], $rgb[1], $rgb[2]];
    }
}
