<?php

declare(strict_types=1);

namespace App\Files\Backup;

use App\Models\AsFramePlan;
use stdClass;

/** How a row of a table is written as a record, and the other way round: each column by what the published schema says of it. */
final readonly class RecordForm
{
    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;

    /**
     * @param  array<string, ColumnForm>  $columns
     * @param  stdClass  $defaults  of what came later than the first backups, by column
     */
    private function __construct(private BackupKind $kind, private array $columns, private stdClass $defaults)
    {
    }

    public static function of(BackupKind $kind): self
    {
        $schema = json_decode($kind->schema(), true, 32, JSON_THROW_ON_ERROR);
        $columns = [];
        $defaults = new stdClass;
        foreach ($schema['$defs']['record']['properties'] as $name => $said) {
            $columns[(string) $name] = ColumnForm::of((array) $said);
            if (is_array($said) && array_key_exists('default', $said)) {
                $defaults->{(string) $name} = $said['default'];
            }
        }

        return new self($kind, $columns, $defaults);
    }

    /** @return list<string> */
    public function columns(): array
    {
        return array_keys($this->columns);
    }

    /** @param  stdClass  $row  as the database gives it */
    public function record(stdClass $row): stdClass
    {
        $record = new stdClass;
        foreach ($this->columns as $name => $form) {
            $record->$name = $name === 'plan' ? (object) AsFramePlan::document((string) $row->$name) : $form->written($row->$name);
        }

        return $record;
    }

    /** A record of an older backup, with what it could not know of as it is by itself. */
    public function completed(stdClass $record): stdClass
    {
        return (object) ((array) $record + (array) $this->defaults);
    }

    /** @return array<string, mixed> by column, as the database takes it */
    public function row(stdClass $record): array
    {
        $row = [];
        foreach ($this->columns as $name => $form) {
            $row[$name] = $name === 'plan' ? AsFramePlan::kept(self::plain($record->$name)) : $form->kept($record->$name);
        }

        return $row;
    }

    /** By which two records are told to be alike. */
    public function same(stdClass $one, stdClass $two): bool
    {
        return $this->line($one) === $this->line($two);
    }

    /** One line of JSON. */
    public function line(stdClass $record): string
    {
        $ordered = [];
        foreach ($this->columns as $name => $form) {
            $ordered[$name] = $form->number($record->$name);
        }

        return json_encode($ordered, self::FLAGS);
    }

    /** By which a record is known again. */
    public function key(stdClass $record): string
    {
        return implode(' ', array_map(static fn (string $name): string => (string) $record->$name, $this->kind->key()));
    }

    /** @return array<string, mixed> */
    public static function plain(mixed $value): array
    {
        $plain = json_decode(json_encode($value, self::FLAGS), true, 512, JSON_THROW_ON_ERROR);

        return is_array($plain) ? $plain : [];
    }
}
