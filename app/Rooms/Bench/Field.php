<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use GentlePour\InvalidValue;

/** Says a refusal of the core's of a field of the bench. */
final class Field
{
    /**
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
}
