<?php

declare(strict_types=1);

namespace App\Household;

use App\Models\Drop;
use App\Models\Filter;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\RedirectResponse;

/**
 * Deletes records with all that the database deletes along with them, and can bring the whole of it back: every row with its own number,
 * and what pointed to it pointing again. It goes by the foreign keys of the tables themselves.
 */
final class Dropping
{
    /** So long a drop can be undone; then it is forgotten. */
    public const DAYS = 30;

    /** @var list<array{string, array<string, mixed>}> */
    private array $rows = [];

    /** @var list<array{string, int, string, int}> */
    private array $links = [];

    public function __construct(private readonly Connection $database)
    {
    }

    /** @return int the number by which it is undone */
    public function __invoke(Model ...$records): int
    {
        [$this->rows, $this->links] = [[], []];

        return $this->database->transaction(function () use ($records): int {
            foreach ($records as $record) {
                $this->take($record->getTable(), $record->getKeyName(), $record->getKey());
            }
            foreach ($records as $record) {
                $record->delete();
            }

            return $this->keep();
        });
    }

    /** Keeps a setting as it stands, before it is changed; of one that was never made, that it was not there. */
    public function setting(string $key): int
    {
        $row = $this->database->table('settings')->where('key', $key)->first();
        [$this->rows, $this->links] = [[['settings', (array) ($row ?? ['key' => $key, 'value' => null])]], []];

        return $this->keep();
    }

    /** Brings back what was dropped, and forgets that it was. */
    public function undo(Drop $drop): void
    {
        $this->database->transaction(function () use ($drop): void {
            $packed = Filter::packedIds();
            foreach ($drop->rows as [$table, $row]) {
                $table === 'settings' ? $this->putBack($row) : $this->database->table($table)->insert($row);
            }
            foreach ($drop->links as [$table, $id, $column, $to]) {
                $this->database->table($table)->where('id', $id)->whereNull($column)->update([$column => $to]);
            }
            Filter::leaveTheRestAtHome($packed);
            $drop->delete();
        });
    }

    /** Says what came of it, with a button that undoes it. */
    public static function said(RedirectResponse $to, string $words, int $drop): RedirectResponse
    {
        return $to->with('done', $words)->with('undo', $drop);
    }

    private function keep(): int
    {
        $drop = Drop::query()->create(['rows' => $this->rows, 'links' => $this->links]);
        Drop::query()->where('created_at', '<', now()->subDays(self::DAYS))->delete();

        return $drop->id;
    }

    /** @param  array<string, mixed>  $setting */
    private function putBack(array $setting): void
    {
        $there = $this->database->table('settings')->where('key', $setting['key']);
        $setting['value'] === null ? $there->delete() : $there->update(['value' => $setting['value']]);
    }

    private function take(string $table, string $key, mixed $value): void
    {
        foreach ($this->database->table($table)->where($key, $value)->get() as $found) {
            $row = (array) $found;
            if (in_array([$table, $row], $this->rows, true)) {
                continue;
            }
            $this->rows[] = [$table, $row];
            foreach ($this->pointers($table) as [$from, $column, $cascades]) {
                if ($cascades) {
                    $this->take($from, $column, $row['id']);
                } else {
                    foreach ($this->database->table($from)->where($column, $row['id'])->pluck('id') as $id) {
                        $this->links[] = [$from, (int) $id, $column, (int) $row['id']];
                    }
                }
            }
        }
    }

    /** @return list<array{string, string, bool}> tables and columns that point to a table, and whether their rows go with it */
    private function pointers(string $table): array
    {
        $found = [];
        foreach ($this->database->getSchemaBuilder()->getTableListing(schemaQualified: false) as $from) {
            foreach ($this->database->getSchemaBuilder()->getForeignKeys($from) as $key) {
                if ($key['foreign_table'] === $table) {
                    $found[] = [$from, $key['columns'][0], $key['on_delete'] === 'cascade'];
                }
            }
        }

        return $found;
    }
}
