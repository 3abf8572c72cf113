<?php

declare(strict_types=1);

namespace App\Forms;

/** Fields as a person typed them: text without the blanks around it, and nothing where there is nothing that could be text. */
trait ReadsTyped
{
    private function typed(string $field, string $default = ''): string
    {
        $value = $this->input($field);
        $typed = is_scalar($value) ? trim((string) $value) : '';

        return $typed === '' ? $default : $typed;
    }

    /** Null where the field was left empty. */
    private function number(string $field): ?float
    {
        return $this->typed($field) === '' ? null : Decimal::read($this->typed($field));
    }
}
