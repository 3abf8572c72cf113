<?php

declare(strict_types=1);

namespace App\Forms;

use Closure;
use GentlePour\Bounds;
use GentlePour\InvalidValue;
use Illuminate\Contracts\Validation\ValidationRule;

/** A number with a unit, typed with a comma or a point, between two bounds. */
final readonly class Quantity implements ValidationRule
{
    private Bounds $bounds;

    public function __construct(private string $what, float $least, float $most, string $unit = '')
    {
        $this->bounds = Bounds::of($what, $least, $most, $unit);
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_scalar($value) || preg_match(Decimal::PATTERN, (string) $value) !== 1 || preg_match('/\d/', (string) $value) !== 1) {
            $fail($this->what.' must be a number, like 2.5.');

            return;
        }
        try {
            $this->bounds->check(Decimal::read((string) $value));
        } catch (InvalidValue $e) {
            $fail($e->getMessage());
        }
    }
}
