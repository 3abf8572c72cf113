<?php

declare(strict_types=1);

namespace App\Forms;

use Closure;
use GentlePour\Compass\Bearing;
use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Sky\Observer;
use Illuminate\Contracts\Validation\ValidationRule;

/** A bearing in degrees from true north; one that was read off a compass, “215 M”, is turned by what a compass shows at the place. */
final readonly class BearingField implements InUnits, ValidationRule
{
    private Quantity $plain;

    /**
     * @param  Closure(): (Observer|null)  $place  where it was read; throws InvalidValue where that cannot be read
     * @param  string  $name  what the form calls it, where that is not what the core does
     */
    public function __construct(private Compass $compass, private Closure $place, string $name = '')
    {
        $this->plain = new Quantity(Limit::Facing, $name);
    }

    public function read(string $typed): ?float
    {
        $readOff = Bearing::readOff($typed);
        try {
            return $readOff === null ? $this->plain->read($typed) : $this->turned($readOff);
        } catch (InvalidValue) {
            return null;
        }
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $readOff = is_string($value) ? Bearing::readOff($value) : null;
        if ($readOff === null) {
            $this->plain->validate($attribute, $value, $fail);

            return;
        }
        try {
            $this->turned($readOff);
        } catch (InvalidValue $e) {
            $fail($e->getMessage());
        }
    }

    /** @throws InvalidValue where no compass can be trusted, or nobody knows where it was read */
    private function turned(float $readOff): float
    {
        return Bearing::fromCompass($readOff, $this->compass->variationDeg(Compass::known(($this->place)())));
    }
}
