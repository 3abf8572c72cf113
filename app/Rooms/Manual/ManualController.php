<?php

declare(strict_types=1);

namespace App\Rooms\Manual;

use App\Drawing\Histogram;
use App\Drawing\Strokes;
use GentlePour\Motion\Look;
use GentlePour\Outing\Cautions;
use GentlePour\Scene\Stroke;
use Illuminate\Contracts\View\View;

/** The manual: the whole job in the order of the work, with pictures that are drawn as the application draws them. */
final class ManualController
{
    /** Of the middle of each look, by the bounds of the core; held keeps nearly all. */
    private const TEXTURES = ['held' => 0.97, 'lively' => 0.87, 'brushed' => 0.62, 'silk' => 0.32, 'mist' => 0.13, 'glass' => 0.02];

    /** The water of the pictures, and four times for it. */
    private const SCENE = ['kind' => 'plunge', 'drop' => '3', 'distance' => '8', 'focal' => '35'];

    private const TIMES = ['1/250' => 1 / 256, '1/8' => 1 / 8, '1 s' => 1.0, '30 s' => 32.0];

    /** @return View with drawings that need no records */
    public function __invoke(): View
    {
        return view('manual.index', [
            'looks' => array_map(static fn (Look $look): array => [
                $look, Strokes::between(2, 158, 0, 56, static fn (): Stroke => Stroke::ofTexture(self::TEXTURES[$look->value])),
            ], Look::cases()),
            'scene' => http_build_query(self::SCENE),
            'times' => self::TIMES,
            'within' => Histogram::ofLuminance(self::counts(150, 34, 0))->luminance,
            'clipped' => Histogram::ofLuminance(self::counts(205, 36, 2600))->luminance,
            'cautions' => [Cautions::LEFT_OUT.' '.Cautions::TELL, Cautions::WHO_DECIDES],
        ]);
    }

    /**
     * Levels of a made-up picture: rock in the dark, water in the bright.
     *
     * @return list<int>
     */
    private static function counts(float $water, float $spread, int $clipped): array
    {
        $counts = array_map(static fn (int $level): int => (int) round(
            900 * exp(-(($level - 48) / 26) ** 2) + 1300 * exp(-(($level - $water) / $spread) ** 2),
        ), range(0, 255));
        $counts[] = array_pop($counts) + $clipped;

        return $counts;
    }
}
