<?php

declare(strict_types=1);

namespace App\Forms;

use GentlePour\InvalidValue;

/** Says a refusal of the core's of the field of a form. */
final class Refusal
{
    /**
     * Whatever the core calls the field.
     *
     * @template T
     *
     * @param  callable(): T  $make
     * @return T
     *
     * @throws InvalidValue
     */
    public static function at(string $field, callable $make): mixed
    {
        try {
            return $make();
        } catch (InvalidValue $e) {
            throw $e->field() === '' ? $e->at($field) : $e->renamed([$e->field() => $field]);
        }
    }

    /**
     * By the name that the form has for each of the core's.
     *
     * @template T
     *
     * @param  array<string, string>  $names  the core's to the form's
     * @param  callable(): T  $make
     * @return T
     *
     * @throws InvalidValue
     */
    public static function renamed(array $names, callable $make): mixed
    {
        try {
            return $make();
        } catch (InvalidValue $e) {
            throw $e->renamed($names);
        }
    }
}
