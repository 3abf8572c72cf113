<?php

declare(strict_types=1);

namespace App\Forms;

use BackedEnum;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;

/** The fields of a form as a person typed them, read as what they stand for; every refusal says which field it is. */
final readonly class Typed
{
    /** @param  array<string, mixed>  $fields */
    public function __construct(private array $fields)
    {
    }

    /** Without the blanks around it; empty where there is nothing that could be text. */
    public function text(string $field, string $default = ''): string
    {
        $value = $this->fields[$field] ?? null;
        $text = is_scalar($value) ? trim((string) $value) : '';

        return $text === '' ? $default : $text;
    }

    public function has(string $field): bool
    {
        return $this->text($field) !== '';
    }

    /** Whether it was sent at all, were it empty. */
    public function isThere(string $field): bool
    {
        return array_key_exists($field, $this->fields);
    }

    /** Null where the field was left empty. */
    public function number(string $field): ?float
    {
        return $this->has($field) ? Decimal::read($this->text($field)) : null;
    }

    /** @throws InvalidValue when it was left empty */
    public function needed(string $field): float
    {
        return $this->number($field) ?? throw InvalidValue::missing('This')->at($field);
    }

    /** An id, or nought where there is none. */
    public function id(string $field): int
    {
        $text = $this->text($field);

        return ctype_digit($text) && strlen($text) < 18 ? (int) $text : 0;
    }

    /** @return list<int> */
    public function ids(string $field): array
    {
        $given = $this->fields[$field] ?? null;
        $ids = [];
        foreach (is_array($given) ? $given : [] as $value) {
            if (is_scalar($value) && ctype_digit((string) $value)) {
                $ids[] = (int) $value;
            }
        }

        return $ids;
    }

    /** @return list<string> those of a list that are text */
    public function texts(string $field): array
    {
        $given = $this->fields[$field] ?? null;

        return array_values(array_filter(is_array($given) ? $given : [], is_string(...)));
    }

    public function flag(string $field): bool
    {
        return filter_var($this->fields[$field] ?? false, FILTER_VALIDATE_BOOLEAN);
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T|null
     */
    public function choice(string $field, string $enum): ?BackedEnum
    {
        return $enum::tryFrom($this->text($field));
    }

    /** @throws InvalidValue when it cannot be read */
    public function shutter(string $field): ShutterTime
    {
        return Refusal::at($field, fn (): ShutterTime => ShutterTime::parse($this->text($field)));
    }

    /** @throws InvalidValue when it cannot be read */
    public function aperture(string $field): Aperture
    {
        return Refusal::at($field, fn (): Aperture => Aperture::parse($this->text($field)));
    }

    /** @throws InvalidValue when it cannot be read */
    public function iso(string $field): Iso
    {
        return Refusal::at($field, fn (): Iso => Iso::parse($this->text($field)));
    }
}
