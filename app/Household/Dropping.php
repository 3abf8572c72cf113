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
            $again = [];
            foreach ($drop->rows as [$table, $row]) {
                $row = $this->pointedAnew($table, $row, $again);
                $there = $table === 'photos' ? $this->takenInAgain($row) : null;
                if ($there !== null) {
                    $again[(int) $row['id']] = $there;
                } elseif ($table === 'settings') {
                    $this->putBack($row);
                } else {
                    $this->database->table($table)->insert($row);
                }
            }
            foreach ($drop->links as [$table, $id, $column, $to]) {
                $this->database->table($table)->where('id', $id)->whereNull($column)
                    ->update($this->pointedAnew($table, [$column => $to], $again));
            }
            Filter::leaveTheRestAtHome($packed);
            $drop->delete();
        });
    }

    /**
     * A file that was taken in once more since its record was deleted: the new record stands, and lies with the frame that comes back where
     * it lies with none.
     *
     * @param  array<string, mixed>  $row
     */
    private function takenInAgain(array $row): ?int
    {
        $there = $this->database->table('photos')->where('sha256', $row['sha256'])->first(['id', 'frame_id']);
        if ($there !== null && $there->frame_id === null) {
            $this->database->table('photos')->where('id', $there->id)->update(['frame_id' => $row['frame_id'], 'role' => $row['role']]);
        }

        return $there === null ? null : (int) $there->id;
    }

    /**
     * @param  array<string, mixed>  $row
     * @param  array<int, int>  $again  photographs that were taken in once more, by their old numbers
     * @return array<string, mixed> which points to those
     */
    private function pointedAnew(string $table, array $row, array $again): array
    {
        foreach ($again === [] ? [] : $this->database->getSchemaBuilder()->getForeignKeys($table) as $key) {
            $column = $key['columns'][0];
            if ($key['foreign_table'] === 'photos' && isset($again[(int) ($row[$column] ?? 0)])) {
                $row[$column] = $again[(int) $row[$column]];
            }
        }

        return $row;
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
