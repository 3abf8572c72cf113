<?php

declare(strict_types=1);

namespace GentlePour\Exposure;

use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Numeral;

/** A ratio of exposures on the base-two logarithm: one stop is a factor of two. */
final readonly class Stops
{
    /** log10(2): the optical density of one stop. */
    public const DENSITY = 0.30102999566398120;

    private function __construct(public float $value)
    {
    }

    /** @throws InvalidValue beyond sixty stops either way, or when not finite */
    public static function of(float $value): self
    {
        return new self(Limit::Stops->check($value));
    }

    public static function zero(): self
    {
        return new self(0.0);
    }

    public static function ofThirds(int $thirds): self
    {
        return self::of($thirds / 3);
    }

    /** @throws InvalidValue when the factor is not positive */
    public static function ofFactor(float $factor): self
    {
        return new self(log(Limit::FilterFactor->check($factor), 2));
    }

    /** Optical density D = -log10 T; stops = D / log10 2. */
    public static function ofDensity(float $density): self
    {
        return self::of(Limit::OpticalDensity->check($density) / self::DENSITY);
    }

    public function plus(self $other): self
    {
        return self::of($this->value + $other->value);
    }

    public function minus(self $other): self
    {
        return self::of($this->value - $other->value);
    }

    public function factor(): float
    {
        return 2 ** $this->value;
    }

    public function density(): float
    {
        return $this->value * self::DENSITY;
    }

    /** “+6”, “−1⅓”, “+9.97”: thirds as thirds, everything else to two decimals. */
    public function label(): string
    {
        $written = $this->written();

        return $written === '0' ? $written : ($this->value < 0 ? '−' : '+').$written;
    }

    /** Without its sign, in words: “⅓ stop”, “1 stop”, “2⅔ stops”. */
    public function words(): string
    {
        return $this->written().(abs($this->value) < 1 + 0.01 && $this->written() !== '0' ? ' stop' : ' stops');
    }

    private function written(): string
    {
        $size = abs($this->value);
        $thirds = (int) round($size * 3);
        if (abs($size * 3 - $thirds) < 0.02) {
            return $thirds === 0 ? '0' : ($thirds >= 3 ? intdiv($thirds, 3) : '').['', '⅓', '⅔'][$thirds % 3];
        }

        return Numeral::short($size);
    }
}
