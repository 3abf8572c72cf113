<?php

declare(strict_types=1);

namespace App\Forms;

use GentlePour\Numeral;
use Illuminate\Contracts\Validation\Validator;

/**
 * A request whose quantities may be typed with any unit: before anything is checked they are put into the unit of their field, as plain
 * numbers. What cannot be read stays as it was typed, and is refused at its field.
 */
trait TakesUnits
{
    protected function getValidatorInstance(): Validator
    {
        if ($this->validator === null) {
            $this->merge($this->inTheirUnits());
        }

        return parent::getValidatorInstance();
    }

    /** @return array<string, string> */
    private function inTheirUnits(): array
    {
        $written = array_filter(
            $this->all(), static fn (mixed $v): bool => is_string($v) && strlen($v) <= 40 && preg_match('/\d|[½⅓⅔¼¾]/u', $v) === 1
                && preg_match(Decimal::PATTERN, $v) !== 1,
        );
        if ($written === []) {
            return [];
        }
        $plain = [];
        /** @var array<string, mixed> $rules */
        $rules = $this->container->call([$this, 'rules']);
        foreach (array_intersect_key($written, $rules) as $field => $text) {
            foreach ((array) $rules[$field] as $rule) {
                $value = $rule instanceof Quantity ? $rule->read((string) $text) : null;
                if ($value !== null) {
                    $plain[$field] = Numeral::short($value, 3);
                }
            }
        }

        return $plain;
    }
}
