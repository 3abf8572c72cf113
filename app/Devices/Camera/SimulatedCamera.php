<?php

declare(strict_types=1);

namespace App\Devices\Camera;

use GdImage;
use GentlePour\Exposure\Exposure;
use GentlePour\Photo\ShotSettings;
use GentlePour\Photo\Srgb;

/**
 * A camera that is not there: it draws what stands before its lens, exposes it in linear light, adds what a lens, a filter and a sensor
 * add, clips, and writes a JPEG that says how it was taken. The same from the same seed.
 */
final class SimulatedCamera implements Camera
{
    public const NAME = 'Simulated body';

    private const LENS = 'Simulated 24-70 mm';

    private const QUALITY = 88;

    /** Noise of photons and of reading, in linear light at ISO 100. */
    private const PHOTONS = 1 / 9000;

    private const READING = 0.0006;

    /** How far into the frame a leak reaches, as a share of its width. */
    private const LEAK_REACH = 0.12;

    /** Steps of a shake. */
    private const TAPS = 8;

    /** A mirror that slaps up shakes the frame by so many pixels, and rings for so long: of a long frame that is a small part. */
    private const SLAP_PX = 2.5;

    private const SLAP_S = 0.25;

    /** Hot pixels that a second of open time brings, and the most of them. */
    private const HOT_A_SECOND = 0.4;

    private const HOT_AT_MOST = 60;

    private const HOT = 0.85;

    private int $shots = 0;

    private bool $mirrorUp = true;

    private bool $noiseReduction = true;

    public function __construct(
        private readonly BeforeTheLens $before, private readonly int $seed = 1, private readonly float $focalMm = 24.0,
        private readonly string $name = self::NAME,
    ) {
    }

    public function connect(): string
    {
        return $this->name;
    }

    public function meter(): float
    {
        return $this->before->ev100 - $this->before->filterStops;
    }

    public function handle(bool $mirrorUp, bool $noiseReduction): void
    {
        [$this->mirrorUp, $this->noiseReduction] = [$mirrorUp, $noiseReduction];
    }

    public function expose(Exposure $set, float $atUnix): DeliveredFile
    {
        $this->shots++;
        $drawn = ($this->before->seen)($set->shutter->seconds);
        // A frame at its metered settings comes out as it is drawn.
        $bright = $this->meter() - $set->ev100();
        $image = $this->exposed($drawn, $bright, $set->iso->speed, $this->slapPx($set->shutter->seconds));
        if (! $this->noiseReduction) {
            $this->heat($image, $set->shutter->seconds);
        }
        $settings = new ShotSettings(
            $this->name, self::LENS, $set->aperture->number, $set->shutter->seconds, $set->iso->speed, $this->focalMm,
            gmdate('Y-m-d\TH:i:s', (int) floor($atUnix)).sprintf('.%02d+00:00', (int) floor(100 * ($atUnix - floor($atUnix)))),
        );

        $name = sprintf('SIM%05d.JPG', $this->seed % 1000 * 100 + $this->shots);

        $busyS = $this->noiseReduction ? $set->shutter->seconds : 0.0;

        return new DeliveredFile($name, ExifBlock::into(self::jpeg($image), $settings), $busyS);
    }

    private function exposed(GdImage $drawn, float $stops, float $iso, float $slapPx): GdImage
    {
        [$width, $height] = [imagesx($drawn), imagesy($drawn)];
        $gain = [2 ** ($stops + $this->before->cast[0]), 2 ** $stops, 2 ** ($stops + $this->before->cast[1])];
        $light = array_map(Srgb::light(...), range(0, 255));
        // One chance after the other, the same every time.
        mt_srand($this->seed + 7919 * $this->shots);
        $image = imagecreatetruecolor($width, $height);
        $rows = $this->rows($drawn, $light, $this->before->shakePx + $slapPx);
        $mean = 0.18;
        $leak = $mean * 2 ** $stops * (2 ** $this->before->leakStops - 1);
        $noise = $iso / 100;
        $spots = $this->spots($width, $height);
        for ($y = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++) {
                $away = (($x / $width - 0.5) ** 2 + ($y / $height - 0.5) ** 2) / 0.5;
                $corner = 2 ** (-$this->before->cornerStops * $away ** 2) * ($spots[$y * $width + $x] ?? 1.0);
                $leaks = $leak === 0.0 ? 0.0 : $leak * exp(-$x / (self::LEAK_REACH * $width));
                $pixel = 0;
                foreach ($rows[$y][$x] as $c => $of) {
                    $value = $of * $gain[$c] * $corner + $leaks;
                    $value += sqrt($value * self::PHOTONS * $noise + self::READING ** 2 * $noise) * self::chance();
                    $pixel = $pixel << 8 | Srgb::level($value < 0 ? 0.0 : ($value > 1 ? 1.0 : $value));
                }
                imagesetpixel($image, $x, $y, $pixel);
            }
        }

        return $image;
    }

    /** The share of the slap that a frame of such a time sees. */
    private function slapPx(float $seconds): float
    {
        return $this->mirrorUp ? 0.0 : self::SLAP_PX * min(1.0, self::SLAP_S / $seconds);
    }

    /** Pixels that leak: single, of one colour, brighter the longer they were open. The same ones in each frame of a camera. */
    private function heat(GdImage $image, float $seconds): void
    {
        mt_srand($this->seed);
        $count = (int) min(self::HOT_AT_MOST, self::HOT_A_SECOND * $seconds);
        for ($i = 0; $i < $count; $i++) {
            $colour = [0xFF0000, 0x00FF00, 0x0000FF][mt_rand(0, 2)];
            $at = [mt_rand(0, imagesx($image) - 1), mt_rand(0, imagesy($image) - 1)];
            imagesetpixel($image, $at[0], $at[1], (int) imagecolorat($image, ...$at) | $colour & 0x010101 * Srgb::level(self::HOT));
        }
    }

    /**
     * In linear light; moved along while it was open, where the tripod shook.
     *
     * @param  list<float>  $light
     * @return array<int, array<int, array{float, float, float}>>
     */
    private function rows(GdImage $drawn, array $light, float $shakePx): array
    {
        [$width, $height] = [imagesx($drawn), imagesy($drawn)];
        $rows = [];
        for ($y = 0; $y < $height; $y++) {
            $row = [];
            for ($x = 0; $x < $width; $x++) {
                $p = imagecolorat($drawn, $x, $y);
                $row[] = [$light[$p >> 16 & 255], $light[$p >> 8 & 255], $light[$p & 255]];
            }
            $rows[] = $shakePx > 0 ? self::shaken($row, $width, $shakePx) : $row;
        }

        return $rows;
    }

    /**
     * @param  list<array{float, float, float}>  $row
     * @return list<array{float, float, float}>
     */
    private static function shaken(array $row, int $width, float $shakePx): array
    {
        $moved = [];
        for ($x = 0; $x < $width; $x++) {
            $sum = [0.0, 0.0, 0.0];
            for ($tap = 0; $tap < self::TAPS; $tap++) {
                $at = $x + $shakePx * ($tap / (self::TAPS - 1) - 0.5);
                $low = max(0, min($width - 1, (int) floor($at)));
                $high = min($width - 1, $low + 1);
                $share = max(0.0, min(1.0, $at - $low));
                foreach ([0, 1, 2] as $c) {
                    $sum[$c] += ($row[$low][$c] + $share * ($row[$high][$c] - $row[$low][$c])) / self::TAPS;
                }
            }
            $moved[] = $sum;
        }

        return $moved;
    }

    /** @return array<int, float> what dust leaves of the light, by pixel */
    private function spots(int $width, int $height): array
    {
        $left = [];
        for ($n = 0; $n < $this->before->dust; $n++) {
            [$cx, $cy] = [mt_rand(40, $width - 40), mt_rand(20, max(21, intdiv($height, 3)))];
            for ($y = -3; $y <= 3; $y++) {
                for ($x = -3; $x <= 3; $x++) {
                    $away = hypot($x, $y);
                    $left[($cy + $y) * $width + $cx + $x] = 1 - 0.24 * max(0.0, min(1.0, 2.2 - $away));
                }
            }
        }

        return $left;
    }

    /** Mean nought, spread one, nearly normal. */
    private static function chance(): float
    {
        return (mt_rand() + mt_rand() + mt_rand()) / mt_getrandmax() * 2 - 3;
    }

    private static function jpeg(GdImage $image): string
    {
        ob_start();
        imagejpeg($image, null, self::QUALITY);

        return (string) ob_get_clean();
    }
}
