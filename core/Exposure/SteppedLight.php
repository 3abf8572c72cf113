<?php

declare(strict_types=1);

namespace GentlePour\Exposure;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/**
 * Light that changes by steps while the shutter is open: the sun goes behind a cloud and comes back. What is left to gather takes 2^-stops
 * as long, so that the whole is what was wanted of the light in which the frame was planned.
 */
final readonly class SteppedLight
{
    /** A sun that goes behind a cloud, where nobody has metered it; judgement. */
    public const SUN_GONE_STOPS = -3.0;

    private const MOST_CHANGES = 60;

    /** @param  list<array{float, float}>  $changes  seconds after the shutter opened; stops against the planned light, from then on */
    private function __construct(public array $changes)
    {
    }

    /**
     * @param  list<array{float, float}>  $changes  in order of time
     *
     * @throws InvalidValue when there are too many, they are out of order or beyond all weather
     */
    public static function of(array $changes): self
    {
        if (count($changes) > self::MOST_CHANGES) {
            throw new InvalidValue('Up to '.self::MOST_CHANGES.' changes of light are kept of a frame.');
        }
        $before = 0.0;
        foreach ($changes as [$atS, $stops]) {
            Limit::LightChange->check($stops);
            if (! is_finite($atS) || $atS < $before || $atS > Limit::LONGEST_SHUTTER_S) {
                throw new InvalidValue('Changes of light are kept in order, within the frame.');
            }
            $before = $atS;
        }

        return new self($changes);
    }

    /**
     * Written as they are sent: “40.5:-3,120:0”, seconds and stops.
     *
     * @throws InvalidValue when it is not written so
     */
    public static function read(string $written): self
    {
        $changes = [];
        foreach ($written === '' ? [] : explode(',', $written) as $one) {
            if (preg_match('/^(\d{1,5}(?:\.\d{1,3})?):(-?\d{1,2}(?:\.\d{1,4})?)$/D', $one, $m) !== 1) {
                throw new InvalidValue('Changes of light are written as seconds and stops: 40.5:-3,120:0.');
            }
            $changes[] = [(float) $m[1], (float) $m[2]];
        }

        return self::of($changes);
    }

    /** As it is read. */
    public function written(): string
    {
        return implode(',', array_map(static fn (array $one): string => round($one[0], 3).':'.round($one[1], 4), $this->changes));
    }

    /** What an open time collects, as the seconds of the planned light that would. */
    public function gatheredS(float $openS): float
    {
        [$sum, $from, $rate] = [0.0, 0.0, 1.0];
        foreach ($this->changes as [$atS, $stops]) {
            $to = min($atS, $openS);
            $sum += max(0.0, $to - $from) * $rate;
            [$from, $rate] = [max($from, $to), 2 ** $stops];
        }

        return $sum + max(0.0, $openS - $from) * $rate;
    }

    /** How long it is open until it has collected what $plannedS would in the planned light, in seconds. */
    public function openS(float $plannedS): float
    {
        [$left, $from, $rate] = [$plannedS, 0.0, 1.0];
        foreach ($this->changes as [$atS, $stops]) {
            $gathers = ($atS - $from) * $rate;
            if ($gathers >= $left) {
                break;
            }
            [$left, $from, $rate] = [$left - $gathers, $atS, 2 ** $stops];
        }

        return $from + $left / $rate;
    }

    /** By how much the light that an open time collects differs from what was planned. */
    public function stopsOff(float $openS, float $plannedS): Stops
    {
        return Stops::of(log(max(1e-9, $this->gatheredS($openS)) / $plannedS, 2));
    }
}
