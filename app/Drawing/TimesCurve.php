<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Exposure\ShutterTime;

/** How times lie along the stop rule: a hump for each, a third of a stop wide, one on the other; a stroke for each below. */
final readonly class TimesCurve
{
    public const WIDTH = 640;

    public const HEIGHT = 104;

    private const BASE = 70.0;

    /** Half a label. */
    private const MARGIN = 26.0;

    private const HUMP_STOPS = 0.5;

    /** Columns of one stop that have a label. */
    private const LABEL_EVERY = 2;

    /**
     * @param  string  $path  path data
     * @param  list<float>  $strokes  x of each time
     * @param  list<Tick>  $ticks
     */
    private function __construct(public string $path, public array $strokes, public array $ticks)
    {
    }

    /** @param  non-empty-list<float>  $times  in s */
    public static function of(array $times): self
    {
        $stops = array_map(static fn (float $s): float => log($s, 2), $times);
        [$first, $last] = [(int) floor(min($stops)) - 2, (int) ceil(max($stops)) + 2];
        $axis = new StopAxis(3 * $first, 3 * $last, self::MARGIN, self::WIDTH - self::MARGIN);
        $heights = [];
        for ($third = 6 * $first; $third <= 6 * $last; $third++) {
            $at = $third / 6;
            $hump = static fn (float $s): float => exp(-0.5 * (($s - $at) / self::HUMP_STOPS) ** 2);
            $heights[$third] = array_sum(array_map($hump, $stops));
        }
        $most = max(1e-9, ...array_values($heights));
        $points = [];
        foreach ($heights as $third => $height) {
            $points[] = sprintf('%.1f %.1f', $axis->xOfThirds($third / 2), self::BASE - (self::BASE - 6) * $height / $most);
        }
        $ticks = [];
        for ($stop = $first; $stop <= $last; $stop += self::LABEL_EVERY) {
            $ticks[] = new Tick($axis->xOfThirds(3 * $stop), ShutterTime::onDial(3 * $stop)->label());
        }

        return new self('M'.implode('L', $points), array_map($axis->x(...), $times), $ticks);
    }
}
