<?php

declare(strict_types=1);

namespace GentlePour;

/** Closed bounds of a physical quantity: what is taken and what is refused. */
final readonly class Bounds
{
    private function __construct(
        public string $what,
        public float $least,
        public float $most,
        public string $unit,
    ) {
    }

    public static function of(string $what, float $least, float $most, string $unit = ''): self
    {
        return new self($what, $least, $most, $unit);
    }

    /**
     * @param  string  $field  where the value was given, if that is known here
     *
     * @throws InvalidValue when the value is outside, infinite or not a number
     */
    public function check(float $value, string $field = ''): float
    {
        if (! is_finite($value) || $value < $this->least || $value > $this->most) {
            $refusal = InvalidValue::outside($this->what, $value, $this->least, $this->most, $this->unit);

            throw $field === '' ? $refusal : $refusal->at($field);
        }

        return $value;
    }
}
