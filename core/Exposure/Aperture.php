<?php

declare(strict_types=1);

namespace GentlePour\Exposure;

use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Numeral;

/** A relative aperture: the f-number N. One stop is a factor of the square root of two. */
final readonly class Aperture
{
    private function __construct(public float $number)
    {
    }

    /** @throws InvalidValue outside f/0.5 to f/128 */
    public static function of(float $number): self
    {
        return new self(Limit::Aperture->check($number));
    }

    /** The exact f-number at a setting of the dial, in third stops from f/1. */
    public static function onDial(int $thirds): self
    {
        return self::of(2 ** ($thirds / 6));
    }

    /** @throws InvalidValue when it cannot be read or is out of bounds */
    public static function parse(string $written): self
    {
        $text = strtr(mb_strtolower((string) preg_replace('/\s+/u', '', $written)), [',' => '.', 'ƒ' => 'f']);
        if (preg_match('#^(?:f[/:]?|1:)?(\d+(?:\.\d+)?)$#', $text, $m) !== 1) {
            throw UnreadableSetting::aperture($written);
        }

        return self::named((float) $m[1]);
    }

    /** An f-number as printed: on a dial name it is the dial's exact value (11 is 11.31), elsewhere itself. */
    public static function named(float $printed): self
    {
        $name = Numeral::short($printed);
        $thirds = DialLabels::thirdsOf(DialLabels::APERTURE, DialLabels::APERTURE_FIRST, $name);

        return $thirds === null ? self::of($printed) : self::onDial($thirds);
    }

    public function thirds(): float
    {
        return 6 * log($this->number, 2);
    }

    /** Stops of light that this aperture takes away, compared with the other. */
    public function stopsFrom(self $other): Stops
    {
        return Stops::of(2 * log($this->number / $other->number, 2));
    }

    public function label(): string
    {
        $dial = (int) round($this->thirds());
        $name = abs($this->thirds() - $dial) < 0.02 ? DialLabels::at(DialLabels::APERTURE, DialLabels::APERTURE_FIRST, $dial) : null;

        return 'f/'.($name ?? Numeral::short($this->number));
    }

    /** Diameter of the Airy disc on the sensor in mm, for green light of 0.55 micrometres: 2.44 lambda N. */
    public function airyDiscMm(): float
    {
        return 2.44 * 0.00055 * $this->number;
    }
}
