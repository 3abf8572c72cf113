<?php

declare(strict_types=1);

namespace App\Forms;

use Closure;
use GentlePour\InvalidValue;
use Illuminate\Contracts\Validation\ValidationRule;

/** Valid is what the core can read; the message is the core's own sentence. */
final readonly class CoreValue implements ValidationRule
{
    /** @param  Closure(string): mixed  $read */
    public function __construct(private Closure $read)
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_scalar($value)) {
            $fail('This must be written out as text.');

            return;
        }
        try {
            ($this->read)((string) $value);
        } catch (InvalidValue $e) {
            $fail($e->getMessage());
        }
    }
}
