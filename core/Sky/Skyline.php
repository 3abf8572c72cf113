<?php

declare(strict_types=1);

namespace GentlePour\Sky;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/**
 * What stands between a place and its sky: cliff, trees, wall, as points of azimuth and altitude in clockwise order, joined by straight
 * lines. Where nothing was drawn, from the last point on round to the first, the view is open down to the horizon; one that closes the ring
 * ends where it begins. Two points of the same azimuth are an upright edge.
 */
final readonly class Skyline
{
    public const POINTS_AT_MOST = 200;

    private const TURN_DEG = 360.0;

    /** Half of what sun and moon are across, in degrees. */
    private const RADIUS_DEG = 0.26;

    /** The share of the sky that is open, 0 to 1, as level ground sees it. */
    public float $openShare;

    /**
     * @param  list<array{float, float}>  $points  azimuth as it was given and altitude, in degrees
     * @param  list<float>  $turned  how far each lies clockwise from the first, in degrees
     */
    private function __construct(public array $points, private array $turned)
    {
        $closed = 0.0;
        for ($azimuth = 0; $azimuth < self::TURN_DEG && $points !== []; $azimuth++) {
            $closed += sin(deg2rad($this->altitudeDeg($azimuth))) ** 2;
        }
        $this->openShare = 1 - $closed / self::TURN_DEG;
    }

    /** Nothing stands in the way. */
    public static function open(): self
    {
        return new self([], []);
    }

    /**
     * @param  list<array{float, float}>  $points  azimuth from north through east and altitude, in degrees, clockwise
     *
     * @throws InvalidValue when a point is no such thing, there are too many, or they go round more than once
     */
    public static function of(array $points): self
    {
        if (count($points) > self::POINTS_AT_MOST) {
            throw new InvalidValue('A skyline has at most '.self::POINTS_AT_MOST.' points.');
        }
        $turned = [];
        foreach ($points as $i => [$azimuth, $altitude]) {
            Limit::Facing->check($azimuth);
            Limit::SkylineAltitude->check($altitude);
            $step = $i === 0 ? 0.0 : $azimuth - $points[$i - 1][0];
            $turned[] = $i === 0 ? 0.0 : $turned[$i - 1] + ($step < 0 ? $step + self::TURN_DEG : $step);
        }
        if ($turned !== [] && $turned[count($turned) - 1] > self::TURN_DEG) {
            throw new InvalidValue('The skyline goes round more than once: give its points clockwise, by azimuth.');
        }

        return new self($points, $turned);
    }

    /**
     * As a person types it: pairs of azimuth and altitude, apart by commas, semicolons or lines: “90 0, 110 25, 130 0”.
     *
     * @throws InvalidValue when it cannot be read
     */
    public static function parse(string $text): self
    {
        $points = [];
        $pairs = preg_split('/[;,\r\n]+/', $text);
        foreach (array_filter($pairs === false ? [] : $pairs, static fn (string $pair): bool => trim($pair) !== '') as $pair) {
            if (preg_match('/^\s*(\d{1,3}(?:\.\d{1,6})?)\s*°?\s+(\d{1,2}(?:\.\d{1,6})?)\s*°?\s*$/u', $pair, $m) !== 1) {
                throw new InvalidValue(InvalidValue::quoted($pair).' is no point: azimuth and altitude in degrees, like 110 25.');
            }
            $points[] = [(float) $m[1], (float) $m[2]];
        }

        return self::of($points);
    }

    public function isOpen(): bool
    {
        return $this->points === [];
    }

    /** “90 0, 110 25, 130 0”, as it is read. */
    public function text(): string
    {
        return implode(', ', array_map(static fn (array $p): string => self::figure($p[0]).' '.self::figure($p[1]), $this->points));
    }

    /** How high it stands in a direction, in degrees above the horizon. */
    public function altitudeDeg(float $azimuthDeg): float
    {
        $last = count($this->points) - 1;
        if ($last < 0) {
            return 0.0;
        }
        $off = fmod($azimuthDeg - $this->points[0][0] + 2 * self::TURN_DEG, self::TURN_DEG);
        if ($off > $this->turned[$last]) {
            return 0.0;
        }
        [$low, $high] = [0, $last];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            $this->turned[$middle] <= $off ? $low = $middle : $high = $middle;
        }
        $wide = $this->turned[$high] - $this->turned[$low];

        return $wide <= 0
            ? max($this->points[$low][1], $this->points[$high][1])
            : $this->points[$low][1] + ($this->points[$high][1] - $this->points[$low][1]) * ($off - $this->turned[$low]) / $wide;
    }

    /** How much of the disc of sun or moon stands over it and over the horizon, 0 to 1, as refraction lifts it. */
    public function shown(Horizontal $body): float
    {
        $above = $body->apparentAltitudeDeg() - $this->altitudeDeg($body->azimuthDeg);

        return max(0.0, min(1.0, 0.5 + $above / (2 * self::RADIUS_DEG)));
    }

    /**
     * What level ground gets under it of the light that a body would give it in the open: of the direct light what the disc shows, of the
     * sky's the share that is open. That share is the mean of cos² of the skyline's altitude over all directions, exact for a sky that is
     * equally bright (J. Dozier and J. Frew, 1990, the sky view factor of level ground; from memory).
     *
     * @param  float  $diffuseShare  of the light that comes from the sky and not straight from the body, 0 to 1
     */
    public function share(Horizontal $body, float $diffuseShare): float
    {
        return $this->isOpen() ? 1.0 : $diffuseShare * $this->openShare + (1 - $diffuseShare) * $this->shown($body);
    }

    private static function figure(float $degrees): string
    {
        return (string) round($degrees, 1);
    }
}
