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

    /**
     * Of what is given, the quantities in the unit of their field, as plain numbers.
     *
     * @param  array<string, mixed>|null  $given  all that was sent, where it is not said
     * @return array<string, string>
     */
    protected function inTheirUnits(?array $given = null): array
    {
        $in = $this->input('in');
        $in = is_array($in) ? array_filter($in, is_string(...)) : [];
        $written = array_filter(
            $given ?? $this->all(),
            static fn (mixed $v, string|int $field): bool => is_string($v) && strlen($v) <= 40
                && preg_match('/\d|[½⅓⅔¼¾]/u', $v) === 1
                && (isset($in[$field]) || preg_match(Decimal::PATTERN, $v) !== 1),
            ARRAY_FILTER_USE_BOTH,
        );
        if ($written === []) {
            return [];
        }
        $plain = [];
        /** @var array<string, mixed> $rules */
        $rules = $this->container->call([$this, 'rules']);
        foreach (array_intersect_key($written, $rules) as $field => $text) {
            $bare = preg_match('/^[\s\d.,−–-]*[½⅓⅔¼¾]?\s*$/u', (string) $text) === 1;
            $typed = $bare ? $text.' '.($in[$field] ?? '') : (string) $text;
            foreach ((array) $rules[$field] as $rule) {
                if ($rule instanceof InUnits) {
                    $value = $rule->read($typed);
                    $plain[$field] = $value === null ? trim($typed) : Numeral::short($value, 3);
                }
            }
        }

        return $plain;
    }
}
