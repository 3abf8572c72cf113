<?php

declare(strict_types=1);

namespace GentlePour\Exposure;

use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Numeral;

/** An ISO speed S, arithmetic scale. */
final readonly class Iso
{
    private function __construct(public float $speed)
    {
    }

    /** @throws InvalidValue outside ISO 1 to 1,000,000 */
    public static function of(float $speed): self
    {
        return new self(Limit::Iso->check($speed));
    }

    /** The exact speed at a setting of the dial, in third stops from ISO 100. */
    public static function onDial(int $thirds): self
    {
        return self::of(100 * 2 ** ($thirds / 3));
    }

    /**
     * “100”, “ISO 64”, “ISO-200”, “1,600”, “1.600”.
     *
     * @throws InvalidValue when it cannot be read or is out of bounds
     */
    public static function parse(string $written): self
    {
        $text = Numeral::withoutThousands((string) preg_replace('/^\s*iso\s*[-:]?\s*|\s+$/iu', '', trim($written)));
        if (preg_match('/^\d+(\.\d+)?$/', $text) !== 1) {
            throw UnreadableSetting::iso($written);
        }

        return self::named((float) $text);
    }

    /** A speed as printed: on a dial name it is the dial's exact value (125 is 125.99), elsewhere itself. */
    public static function named(float $printed): self
    {
        $thirds = DialLabels::thirdsOf(DialLabels::ISO, DialLabels::ISO_FIRST, (string) $printed);

        return $thirds === null ? self::of($printed) : self::onDial($thirds);
    }

    public function thirds(): float
    {
        return 3 * log($this->speed / 100, 2);
    }

    public function stopsFrom(self $other): Stops
    {
        return Stops::of(log($this->speed / $other->speed, 2));
    }

    public function label(): string
    {
        $dial = (int) round($this->thirds());
        $name = abs($this->thirds() - $dial) < 0.02 ? DialLabels::at(DialLabels::ISO, DialLabels::ISO_FIRST, $dial) : null;

        return $name ?? (string) round($this->speed);
    }
}
