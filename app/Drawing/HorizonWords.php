<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Sky\Horizontal;
use GentlePour\Sky\LensFrame;
use GentlePour\Sky\LightPhase;
use GentlePour\Sky\Observer;
use GentlePour\Sky\Polarisation;
use GentlePour\Sky\SkyBody;

/** Says what sun and moon are to a frame, and what a polariser would do there. */
final class HorizonWords
{
    /** A polariser that darkens the sky by less is of no use for it, in stops. Judgement. */
    private const WORTH_STOPS = 0.3;

    /** A hand turns it no finer. Judgement. */
    private const HAND_DEG = 5;

    /** Below it the sky is too dark for its polarisation to matter, in degrees. Judgement. */
    private const TWILIGHT_DEG = -6.0;

    /**
     * The glitter of the sun lies as far below the horizon as the sun stands above it; waves spread it this far to its sides. Judgement.
     */
    private const GLITTER_DEG = 12.0;

    public static function phase(Horizontal $sun): string
    {
        return LightPhase::ofAltitude($sun->altitudeDeg)->value;
    }

    public static function of(SkyBody $body, Horizontal $at, Observer $observer, LensFrame $frame): string
    {
        if ($at->apparentAltitudeDeg() < 0) {
            return 'below the horizon';
        }
        if ($observer->skyline->shown($at) < 0.5) {
            return 'behind the skyline';
        }

        return match (true) {
            $frame->holds($at) => $body === SkyBody::Sun ? 'in the frame: shade the lens' : 'in the frame',
            default => self::aside($at, $frame),
        };
    }

    /** What a polariser does to a clear sky in the middle of the frame. */
    public static function sky(Horizontal $sun, LensFrame $frame): string
    {
        $stops = Polarisation::stopsTaken(Polarisation::ofSky($frame->offAxisDeg($sun)));
        if ($sun->altitudeDeg < self::TWILIGHT_DEG) {
            return 'too dark to matter';
        }
        if ($stops < self::WORTH_STOPS) {
            return sprintf('no use, sun %.0f° off the lens', $frame->offAxisDeg($sun));
        }

        return sprintf('%.1f stops darker, turned %s', $stops, self::turned($frame->towardsDeg($sun)));
    }

    /** Where the glitter of the sun lies, and how much of the mirror a polariser takes at the foot of the frame. */
    public static function glare(Horizontal $sun, Observer $observer, LensFrame $frame): string
    {
        $lowest = $frame->lowestDeg();
        $below = min(89.0, max(1.0, -$lowest));
        $mirror = $lowest < -1.0
            ? sprintf('polariser takes %.0f %% of the mirror at the foot', 100 * Polarisation::mirrorTaken($below)) : '';
        $off = abs(self::offDeg($sun, $frame));
        $glitters = $sun->apparentAltitudeDeg() > 0 && $observer->skyline->shown($sun) > 0
            && $off < $frame->acrossDeg() / 2 + self::GLITTER_DEG && $sun->altitudeDeg < $below + self::GLITTER_DEG;

        return implode('; ', array_filter([$glitters ? 'glitter in the frame' : '', $mirror]));
    }

    /** How a polariser stands whose mark points to the sun: its direction is the same half a turn on. */
    private static function turned(float $towardsDeg): string
    {
        $turn = self::HAND_DEG * (int) round(fmod($towardsDeg, 180) / self::HAND_DEG);

        return match (true) {
            $turn === 0 || $turn === 180 => 'upright',
            $turn === 90 => 'level',
            $turn < 90 => $turn.'° right of upright',
            default => (180 - $turn).'° left of upright',
        };
    }

    private static function aside(Horizontal $at, LensFrame $frame): string
    {
        $off = self::offDeg($at, $frame);

        return sprintf('%.0f° up, %.0f° %s', $at->apparentAltitudeDeg(), abs($off), $off < 0 ? 'left' : 'right');
    }

    private static function offDeg(Horizontal $at, LensFrame $frame): float
    {
        return fmod($at->azimuthDeg - $frame->facingDeg + 540, 360) - 180;
    }
}
