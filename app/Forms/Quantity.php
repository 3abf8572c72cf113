<?php

declare(strict_types=1);

namespace App\Forms;

use Closure;
use GentlePour\Bounds;
use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Numeral;
use GentlePour\Unit;
use Illuminate\Contracts\Validation\ValidationRule;

/** A number with a unit, typed with a comma or a point, within the bounds that the core has for it. */
final readonly class Quantity implements InUnits, ValidationRule
{
    private Bounds $bounds;

    /** @param  string  $name  what the form calls it, where that is not what the core does */
    public function __construct(Limit $limit, string $name = '')
    {
        $core = $limit->bounds();
        $this->bounds = $name === '' ? $core : Bounds::of($name, $core->least, $core->most, $core->unit);
    }

    /** As typed with any unit of its kind, in its own; null where that cannot be read. */
    public function read(string $typed): ?float
    {
        return Unit::read($typed, $this->bounds->unit);
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_scalar($value) || preg_match(Decimal::PATTERN, (string) $value) !== 1 || preg_match('/\d/', (string) $value) !== 1) {
            if (is_string($value) && Numeral::mayMeanThousands($value)) {
                $fail($this->bounds->what.' '.Numeral::whichOfTwo($value));

                return;
            }
            $fail($this->bounds->what.' must be a number, like '.match ($this->bounds->unit) {
                'm/s' => '2.5, 20 kn, 25 mph or force 6.',
                'm' => '2.5 or 12 ft.',
                default => '2.5.',
            });

            return;
        }
        try {
            $this->bounds->check(Decimal::read((string) $value));
        } catch (InvalidValue $e) {
            $fail($e->getMessage());
        }
    }
}
