<?php

declare(strict_types=1);

namespace GentlePour\Sky;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/** A place on the earth, in degrees, north and east positive. Altitudes are of the centre and without refraction unless said. */
final readonly class Observer
{
    private const EARTH_KM = 6378.137;

    /** Sine and cosine of the latitude. */
    private float $sine;

    private float $cosine;

    /** How far the place lies from the earth's axis and from the plane of its equator, in km, on the ellipsoid (flattening 1/298.257). */
    private float $fromAxisKm;

    private float $fromEquatorKm;

    /** What stands before its sky: all that is reckoned of its light goes by it. */
    public Skyline $skyline;

    /** @throws InvalidValue when the latitude or longitude is no such thing */
    public function __construct(
        public float $latitude,
        public float $longitude,
        ?Skyline $skyline = null,
    ) {
        $this->skyline = $skyline ?? Skyline::open();
        Limit::Latitude->check($latitude, 'latitude');
        Limit::Longitude->check($longitude, 'longitude');
        [$this->sine, $this->cosine] = [sin(deg2rad($latitude)), cos(deg2rad($latitude))];
        $c = self::EARTH_KM / sqrt($this->cosine ** 2 + 0.99330562 * $this->sine ** 2);
        $this->fromAxisKm = $c * $this->cosine;
        $this->fromEquatorKm = $c * 0.99330562 * $this->sine;
    }

    public function sun(float $unix): Horizontal
    {
        $at = new Moment($unix);

        return $this->seen(Sun::position($at), $at);
    }

    /** As seen from the place, not from the centre of the earth. */
    public function moon(float $unix): Horizontal
    {
        $at = new Moment($unix);

        return $this->seen(Moon::position($at), $at);
    }

    /** @return array{float, float} how far the place lies from the earth's axis, and north of its equator, in km */
    public function geocentricKm(): array
    {
        return [$this->fromAxisKm, $this->fromEquatorKm];
    }

    private function seen(Ecliptic $body, Moment $at): Horizontal
    {
        [$nutation, $obliquityDeg] = $at->nutation();
        [$longitude, $latitude, $obliquity] = [deg2rad($body->longitudeDeg), deg2rad($body->latitudeDeg), deg2rad($obliquityDeg)];
        [$sineOf, $cosineOf] = [sin($obliquity), cos($obliquity)];
        // Equatorial vector of date in km.
        $inPlane = $body->distanceKm * cos($latitude);
        $along = $inPlane * sin($longitude);
        $north = $body->distanceKm * sin($latitude);
        // The observer taken off for parallax.
        $sidereal = deg2rad($at->siderealDeg() + $nutation * $cosineOf + $this->longitude);
        [$sine, $cosine] = [sin($sidereal), cos($sidereal)];
        $x = $inPlane * cos($longitude) - $this->fromAxisKm * $cosine;
        $y = $along * $cosineOf - $north * $sineOf - $this->fromAxisKm * $sine;
        $z = $along * $sineOf + $north * $cosineOf - $this->fromEquatorKm;
        // South, east, up.
        $outward = $cosine * $x + $sine * $y;
        $south = $this->sine * $outward - $this->cosine * $z;
        $east = -$sine * $x + $cosine * $y;
        $up = $this->cosine * $outward + $this->sine * $z;

        return new Horizontal(
            rad2deg(atan2($up, hypot($south, $east))),
            fmod(rad2deg(atan2($east, -$south)) + 360, 360),
            sqrt($x ** 2 + $y ** 2 + $z ** 2),
        );
    }
}
