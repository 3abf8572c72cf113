<?php

declare(strict_types=1);

namespace GentlePour\Outing;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/**
 * The way from the stand to where it stays dry, leg by leg: each a bearing, a length and the height that its end has above the tide's
 * datum. Between two points the ground rises or falls evenly; a dip that lies between them is not known, so a low point is a point of its
 * own.
 */
final readonly class WayOut
{
    public const LEGS_AT_MOST = 30;

    private const LEG = '/^\s*(\d{1,3}(?:\.\d{1,6})?)\s*°?\s+(\d{1,5}(?:\.\d{1,6})?)\s*m?\s+(-?\d{1,2}(?:\.\d{1,6})?)\s*m?\s*$/u';

    /** @param  non-empty-list<array{float, float, float}>  $points  metres east and north of the stand, and height in m above datum */
    private function __construct(public array $points)
    {
    }

    /**
     * @param  float  $standM  height of the stand in m above datum, where the way begins
     * @param  list<array{float, float, float}>  $legs  bearing in degrees from north, length in m, height of its end in m above datum
     *
     * @throws InvalidValue when a leg is no such thing, or there are too many
     */
    public static function of(float $standM, array $legs): self
    {
        if (count($legs) > self::LEGS_AT_MOST) {
            throw new InvalidValue('A way out has at most '.self::LEGS_AT_MOST.' legs.');
        }
        $points = [[0.0, 0.0, Limit::StandLevel->check($standM)]];
        [$east, $north] = [0.0, 0.0];
        foreach ($legs as [$bearing, $length, $level]) {
            $turn = deg2rad(Limit::Facing->check($bearing));
            Limit::WayLeg->check($length);
            [$east, $north] = [$east + $length * sin($turn), $north + $length * cos($turn)];
            $points[] = [$east, $north, Limit::StandLevel->check($level)];
        }

        return new self($points);
    }

    /**
     * Legs as a person types them, apart by commas, semicolons or lines: “250 35 5.6, 280 60 6.3”, bearing, metres and level.
     *
     * @return list<array{float, float, float}>
     *
     * @throws InvalidValue when they cannot be read, or one is no such thing
     */
    public static function legs(string $text): array
    {
        $legs = [];
        $written = preg_split('/[;,\r\n]+/', $text);
        foreach (array_filter($written === false ? [] : $written, static fn (string $leg): bool => trim($leg) !== '') as $leg) {
            if (preg_match(self::LEG, $leg, $m) !== 1) {
                throw new InvalidValue(
                    InvalidValue::quoted($leg).' is no leg: bearing in degrees, metres, and the level of its end in metres, '
                    .'like 250 35 5.6.',
                );
            }
            $legs[] = [(float) $m[1], (float) $m[2], (float) $m[3]];
        }
        self::of(0.0, $legs);

        return $legs;
    }

    /** Height in m above datum of the lowest point of the way, the stand left out; null for a way without legs. */
    public function lowestM(): ?float
    {
        $levels = array_map(static fn (array $p): float => $p[2], array_slice($this->points, 1));

        return $levels === [] ? null : min($levels);
    }

    public function lengthM(): float
    {
        $length = 0.0;
        foreach (array_slice($this->points, 1) as $i => [$east, $north]) {
            $length += hypot($east - $this->points[$i][0], $north - $this->points[$i][1]);
        }

        return $length;
    }

    /**
     * The stretches of it that lie lower than a level of the water, as pairs of points in metres east and north.
     *
     * @return list<array{array{float, float}, array{float, float}}>
     */
    public function under(float $levelM): array
    {
        $under = [];
        foreach (array_slice($this->points, 1) as $i => $to) {
            $from = $this->points[$i];
            [$a, $b] = [$levelM - $from[2], $levelM - $to[2]];
            if ($a <= 0 && $b <= 0) {
                continue;
            }
            // Where the ground passes the level, as a share of the leg.
            $pass = $a === $b ? 0.0 : $a / ($a - $b);
            [$first, $last] = $a > 0 && $b > 0 ? [0.0, 1.0] : ($a > 0 ? [0.0, $pass] : [$pass, 1.0]);
            $under[] = [self::between($from, $to, $first), self::between($from, $to, $last)];
        }

        return $under;
    }

    /**
     * @param  array{float, float, float}  $from
     * @param  array{float, float, float}  $to
     * @return array{float, float}
     */
    private static function between(array $from, array $to, float $share): array
    {
        return [$from[0] + $share * ($to[0] - $from[0]), $from[1] + $share * ($to[1] - $from[1])];
    }
}
