<?php

declare(strict_types=1);

namespace App\Devices\Picture;

use GdImage;

/**
 * From what the lens sees to the picture: exposure, a filter's cast, a graduated filter, black and white; and how much of it clips.
 * resources/js/picture/developed.js does the same in the page.
 */
final class Developed
{
    /** The curve between light and what is shown: a stop is so much of a factor. */
    private const GAMMA = 2.2;

    private const WHITE = 255;

    public readonly GdImage $image;

    private float $red;

    private float $green;

    private float $blue;

    private float $dark = 1.0;

    /** @var array<int, int> pixels by their brightest channel, as it would be without bias */
    private array $peaks = [];

    public function __construct(private readonly int $width, private readonly int $height, private readonly PictureView $view)
    {
        $this->image = imagecreatetruecolor(max(1, $width), max(1, $height));
        $this->green = self::factor($view->bias);
        $this->red = $this->green * self::factor($view->cast['red'] ?? 0.0);
        $this->blue = $this->green * self::factor($view->cast['blue'] ?? 0.0);
        $this->row(0);
    }

    /** What follows is in this row: a graduated filter darkens it by its place. */
    public function row(int $y): void
    {
        $graduated = $this->view->graduated;
        if ($graduated !== null) {
            ['stops' => $stops, 'at' => $at, 'soft' => $soft] = $graduated;
            $this->dark = self::factor(-$stops * (1 - self::smooth($at - $soft, $at + $soft, $y / $this->height)));
        }
    }

    public function put(int $i, float $r, float $g, float $b): void
    {
        $r *= $this->red * $this->dark;
        $g *= $this->green * $this->dark;
        $b *= $this->blue * $this->dark;
        $peak = (int) min(2 * self::WHITE + 1, max(0.0, max($r, $g, $b) / $this->green));
        $this->peaks[$peak] = ($this->peaks[$peak] ?? 0) + 1;
        if ($this->view->mono) {
            $r = $g = $b = 0.3 * $r + 0.59 * $g + 0.11 * $b;
        }
        [$r, $g, $b] = [(int) ($r + 0.5), (int) ($g + 0.5), (int) ($b + 0.5)];
        $r = $r > 255 ? 255 : $r;
        $g = $g > 255 ? 255 : $g;
        $b = $b > 255 ? 255 : $b;
        imagesetpixel($this->image, $i % $this->width, intdiv($i, $this->width), ($r << 16) | ($g << 8) | $b);
    }

    /** The share of the frame that is clipped at a bias of so many stops. */
    public function clipped(float $bias): float
    {
        $from = (int) ceil((self::WHITE - 0.5) / self::factor($bias));
        $over = array_sum(array_filter($this->peaks, static fn (int $peak): bool => $peak >= $from, ARRAY_FILTER_USE_KEY));

        return $over / max(1, array_sum($this->peaks));
    }

    public static function smooth(float $from, float $to, float $v): float
    {
        $t = max(0.0, min(1.0, ($v - $from) / ($to - $from)));

        return $t * $t * (3 - 2 * $t);
    }

    private static function factor(float $stops): float
    {
        return 2 ** ($stops / self::GAMMA);
    }
}
