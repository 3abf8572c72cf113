<?php

declare(strict_types=1);

namespace GentlePour\Sky;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/**
 * What a lens takes in of the directions around: a level camera that faces so and is tilted up by so much, with a rectilinear lens, which
 * draws a direction where its tangents fall: x = f tan(across), y = f tan(up) in the camera's own frame. Angles in degrees.
 */
final readonly class LensFrame
{
    /** Points of each side of the outline, which is bent in azimuth and altitude. */
    private const SIDE = 12;

    private function __construct(
        public float $facingDeg,
        public float $tiltDeg,
        private float $halfAcross,
        private float $halfUp,
    ) {
    }

    /**
     * @param  float  $widthMm  of the sensor as it is held; an upright camera's is the shorter side
     *
     * @throws InvalidValue when an angle or the focal length is out of bounds
     */
    public static function of(float $facingDeg, float $tiltDeg, float $widthMm, float $heightMm, float $focalMm): self
    {
        Limit::FocalLength->check($focalMm, 'focal');
        Limit::SensorWidth->check($widthMm);
        Limit::SensorHeight->check($heightMm);

        return new self(
            Limit::Facing->check($facingDeg, 'facing'), Limit::Tilt->check($tiltDeg, 'tilt'), $widthMm / 2 / $focalMm,
            $heightMm / 2 / $focalMm,
        );
    }

    public function acrossDeg(): float
    {
        return 2 * rad2deg(atan($this->halfAcross));
    }

    public function upDeg(): float
    {
        return 2 * rad2deg(atan($this->halfUp));
    }

    /** Whether a direction, as the eye sees it, is inside. */
    public function holds(Horizontal $at): bool
    {
        [$right, $up, $ahead] = $this->inCamera($at);

        return $ahead > 0 && abs($right) <= $this->halfAcross * $ahead && abs($up) <= $this->halfUp * $ahead;
    }

    /** How far a direction stands from where the lens points, 0 to 180. */
    public function offAxisDeg(Horizontal $at): float
    {
        [$right, $up, $ahead] = $this->inCamera($at);

        return rad2deg(atan2(hypot($right, $up), $ahead));
    }

    /** Which way a direction lies from the middle of the frame: from upright, clockwise as one looks through the camera, 0 to 360. */
    public function towardsDeg(Horizontal $at): float
    {
        [$right, $up] = $this->inCamera($at);

        return fmod(rad2deg(atan2($right, $up)) + 360, 360);
    }

    /**
     * Its edge, once round: azimuth off the facing (-180 to 180) and altitude.
     *
     * @return list<array{float, float}>
     */
    public function outline(): array
    {
        $corners = [[-1, 1], [1, 1], [1, -1], [-1, -1]];
        $edge = [];
        foreach ($corners as $i => [$x, $y]) {
            [$nextX, $nextY] = $corners[($i + 1) % 4];
            for ($k = 0; $k < self::SIDE; $k++) {
                $edge[] = $this->direction(
                    ($x + ($nextX - $x) * $k / self::SIDE) * $this->halfAcross, ($y + ($nextY - $y) * $k / self::SIDE) * $this->halfUp,
                );
            }
        }

        return $edge;
    }

    /** The lowest altitude that it holds. */
    public function lowestDeg(): float
    {
        return $this->furthest(-1);
    }

    public function highestDeg(): float
    {
        return $this->furthest(1);
    }

    /** In the middle of an edge or at its corners, by which way the camera is tilted. */
    private function furthest(int $side): float
    {
        return $side * max(
            $side * $this->direction(0.0, $side * $this->halfUp)[1], $side * $this->direction($this->halfAcross, $side * $this->halfUp)[1],
        );
    }

    /** @return array{float, float} azimuth off the facing and altitude of a point of the picture, in tangents from its middle */
    private function direction(float $right, float $up): array
    {
        $tilt = deg2rad($this->tiltDeg);
        $level = cos($tilt) - $up * sin($tilt);

        return [rad2deg(atan2($right, $level)), rad2deg(atan2(sin($tilt) + $up * cos($tilt), hypot($right, $level)))];
    }

    /** @return array{float, float, float} to the right, up and ahead in the camera's frame, of a direction of length one */
    private function inCamera(Horizontal $at): array
    {
        [$altitude, $off] = [deg2rad($at->apparentAltitudeDeg()), deg2rad($at->azimuthDeg - $this->facingDeg)];
        $tilt = deg2rad($this->tiltDeg);
        $level = cos($altitude) * cos($off);

        return [
            cos($altitude) * sin($off),
            sin($altitude) * cos($tilt) - $level * sin($tilt),
            $level * cos($tilt) + sin($altitude) * sin($tilt),
        ];
    }
}
