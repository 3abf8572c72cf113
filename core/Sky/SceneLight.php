<?php

declare(strict_types=1);

namespace GentlePour\Sky;

/**
 * What a camera meters of the light of the hour: not what falls on the ground but what comes from the frame, half of it sky in the facing
 * and half foreground. A wide frame with the horizon in its middle stands for all: 24 mm on a full frame.
 */
final readonly class SceneLight
{
    /** Points of the frame: off its middle to the sides, and above the horizon or below it, in degrees. */
    private const ASIDE_DEG = [-25.0, 0.0, 25.0];

    private const UP_DEG = [4.4, 13.3, 22.2];

    /** Where nothing says which way the lens looks: with the sun from the side. */
    private const BESIDE_DEG = 90.0;

    private SkyDome $dome;

    private Skyline $skyline;

    public function __construct(
        private SkyCondition $sky,
        private ?float $facingDeg = null,
        private Foreground $foreground = Foreground::Shore,
        ?Skyline $skyline = null,
    ) {
        $this->skyline = $skyline ?? Skyline::open();
        $this->dome = SkyDome::of($sky);
    }

    /** @param  Horizontal|null  $moon  where it matters */
    public function metered(Horizontal $sun, ?Horizontal $moon, float $moonlitShare = 0.0): MeteredScene
    {
        $scene = $this->litBy($sun, Illuminance::lux($sun->altitudeDeg));
        if ($moon === null || $moon->altitudeDeg <= 0) {
            return $scene;
        }
        $more = $this->litBy($moon, Illuminance::moonLux($moon->altitudeDeg, $moonlitShare));

        return new MeteredScene($scene->skyCdM2 + $more->skyCdM2, $scene->foregroundCdM2 + $more->foregroundCdM2);
    }

    /** @param  float  $clearLux  that it gives level ground in a clear sky */
    private function litBy(Horizontal $body, float $clearLux): MeteredScene
    {
        $open = $clearLux * 2 ** $this->sky->stops();
        $diffuse = $this->sky->diffuseShare($body->altitudeDeg);
        $ofSky = $open * $diffuse;
        $lux = $open * $this->skyline->share($body, $diffuse);
        $off = $this->facingDeg === null ? self::BESIDE_DEG : $this->facingDeg - $body->azimuthDeg;
        $sky = $foreground = 0.0;
        foreach (self::UP_DEG as $up) {
            foreach (self::ASIDE_DEG as $aside) {
                $above = $this->hides($up, $aside)
                    ? Foreground::Rock->luminance($up, $lux, 0.0)
                    : $this->dome->luminance($up, $off + $aside, $body->altitudeDeg, $ofSky);
                $sky += $above;
                $foreground += $this->foreground->luminance($up, $lux, $above);
            }
        }
        $points = count(self::UP_DEG) * count(self::ASIDE_DEG);

        return new MeteredScene($sky / $points, $foreground / $points);
    }

    /** Whether the skyline stands before a point of the frame; not known where nothing says which way the lens looks. */
    private function hides(float $upDeg, float $asideDeg): bool
    {
        return $this->facingDeg !== null && ! $this->skyline->isOpen()
            && $this->skyline->altitudeDeg($this->facingDeg + $asideDeg) > $upDeg;
    }
}
