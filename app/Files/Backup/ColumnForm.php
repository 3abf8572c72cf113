<?php

declare(strict_types=1);

namespace App\Files\Backup;

/** The form of one column in a backup, by its schema. */
enum ColumnForm
{
    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;

    case Plain;
    case Number;
    case YesOrNo;
    case Instant;
    case Day;
    case Document;

    /** @param  array<array-key, mixed>  $schema */
    public static function of(array $schema): self
    {
        $types = (array) ($schema['type'] ?? []);

        return match (true) {
            ($schema['format'] ?? null) === 'date-time' => self::Instant,
            ($schema['format'] ?? null) === 'date' => self::Day,
            in_array('boolean', $types, true) => self::YesOrNo,
            in_array('number', $types, true) => self::Number,
            in_array('object', $types, true), in_array('array', $types, true) => self::Document,
            default => self::Plain,
        };
    }

    /** From the database to the backup. */
    public function written(mixed $value): mixed
    {
        return $value === null ? null : match ($this) {
            self::Plain => $value,
            self::Number => $this->number($value),
            self::YesOrNo => (bool) $value,
            self::Instant => str_replace(' ', 'T', is_string($value) ? $value : '').'Z',
            self::Day => substr(is_string($value) ? $value : '', 0, 10),
            self::Document => json_decode(is_string($value) ? $value : '', false, 512, JSON_THROW_ON_ERROR),
        };
    }

    /** From the backup to the database. */
    public function kept(mixed $value): mixed
    {
        return $value === null ? null : match ($this) {
            self::Plain => $value,
            self::Number => $this->number($value),
            self::YesOrNo => $value === true ? 1 : 0,
            self::Instant => str_replace('T', ' ', rtrim(is_string($value) ? $value : '', 'Z')),
            self::Day => (is_string($value) ? $value : '').' 00:00:00',
            self::Document => json_encode($value, self::FLAGS),
        };
    }

    /** A whole number and the same number with a point are one. */
    public function number(mixed $value): mixed
    {
        return $this === self::Number && is_numeric($value) ? (float) $value : $value;
    }
}
