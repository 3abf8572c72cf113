<?php

declare(strict_types=1);

namespace GentlePour\Sky;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/** A place on the earth, in degrees, north and east positive. Altitudes are of the centre and without refraction unless said. */
final readonly class Observer
{
    private const EARTH_KM = 6378.137;

    /** @throws InvalidValue when the latitude or longitude is no such thing */
    public function __construct(
        public float $latitude,
        public float $longitude,
    ) {
        Limit::Latitude->check($latitude, 'latitude');
        Limit::Longitude->check($longitude, 'longitude');
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

    private function seen(Ecliptic $body, Moment $at): Horizontal
    {
        [$nutation, $obliquityDeg] = $at->nutation();
        [$longitude, $latitude, $obliquity] = [deg2rad($body->longitudeDeg), deg2rad($body->latitudeDeg), deg2rad($obliquityDeg)];
        // Equatorial vector of date in km.
        $x = $body->distanceKm * cos($latitude) * cos($longitude);
        $y = $body->distanceKm * (cos($latitude) * sin($longitude) * cos($obliquity) - sin($latitude) * sin($obliquity));
        $z = $body->distanceKm * (cos($latitude) * sin($longitude) * sin($obliquity) + sin($latitude) * cos($obliquity));
        // The observer on the ellipsoid (flattening 1/298.257), taken off for parallax.
        $sidereal = deg2rad($at->siderealDeg() + $nutation * cos($obliquity) + $this->longitude);
        $phi = deg2rad($this->latitude);
        $c = 1 / sqrt(cos($phi) ** 2 + 0.99330562 * sin($phi) ** 2);
        $x -= self::EARTH_KM * $c * cos($phi) * cos($sidereal);
        $y -= self::EARTH_KM * $c * cos($phi) * sin($sidereal);
        $z -= self::EARTH_KM * $c * 0.99330562 * sin($phi);
        // South, east, up.
        $south = sin($phi) * (cos($sidereal) * $x + sin($sidereal) * $y) - cos($phi) * $z;
        $east = -sin($sidereal) * $x + cos($sidereal) * $y;
        $up = cos($phi) * (cos($sidereal) * $x + sin($sidereal) * $y) + sin($phi) * $z;

        return new Horizontal(
            rad2deg(atan2($up, hypot($south, $east))),
            fmod(rad2deg(atan2($east, -$south)) + 360, 360),
            sqrt($x ** 2 + $y ** 2 + $z ** 2),
        );
    }
}
