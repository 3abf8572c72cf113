<?php

declare(strict_types=1);

namespace App\Files\Backup;

use App\Files\Photo\PhotoShelf;
use App\Models\Filter;
use GentlePour\InvalidValue;
use GentlePour\Kit\Bag;
use Illuminate\Contracts\Cache\Repository as Cache;
use Illuminate\Database\ConnectionInterface;
use stdClass;

/**
 * Brings a backup back, whole or not at all. Looking at what it would do goes the same way as doing it, and writes nothing.
 *
 * Records are known again by their name for life; what no two may have alike (the name of a filter, the file of a photograph) tells it too,
 * unless the one that has it here is another record of the backup. Where a number is taken by another record, the newcomer gets a number of
 * its own and all that points to it follows; where a name is, a name with a number after it.
 */
final class Restore
{
    private const CHUNK = 200;

    /** Of a name, before a number after it. */
    private const ROOM_FOR_NAME = 54;

    /** The setting that goes by numbers of records. */
    private const LAST_HELD = 'gear';

    /** @var array<string, array<int, int>> from the number in the backup to the number here, by kind */
    private array $numbers = [];

    /** @var array<string, array<string, int>> */
    private array $counts = [];

    /** @var list<array{name: string, as: string}> */
    private array $renamed = [];

    /** @var array<int, string> what no two records of the kind at hand may have alike, by number, as it will be */
    private array $marks = [];

    public function __construct(
        private readonly ConnectionInterface $database, private readonly Cache $cache, private readonly PhotoShelf $shelf,
    ) {
    }

    /** What would become of its pictures, which lie beside the records and are never taken away. */
    public function pictures(OpenedBackup $backup): PicturesBack
    {
        $names = $backup->pictures()->names;
        $here = array_filter($names, $this->shelf->isWhole(...));
        $missing = 0;
        $inIt = array_fill_keys(array_map(PhotoShelf::sha256(...), $names), true);
        foreach ($backup->records(BackupKind::Photos) as $photo) {
            $missing += isset($inIt[$photo->sha256]) || $this->shelf->filesOf($photo->sha256, true) !== [] ? 0 : 1;
        }

        return new PicturesBack(count($names) - count($here), count($here), $missing);
    }

    /** @return array<string, array<string, int>> by kind, how many records would be added, changed and so on */
    public function plan(OpenedBackup $backup, Into $into): array
    {
        return $this->database->transaction(fn (): array => $this->go($backup, $into, false));
    }

    /**
     * Pictures first: should there be no room for them, no record has changed yet.
     *
     * @return array<string, array<string, int>> by kind, how many records were added, changed and so on
     */
    public function run(OpenedBackup $backup, Into $into): array
    {
        foreach ($backup->pictures()->names as $name) {
            $this->shelf->isWhole($name) || $this->putBack($backup, $name);
        }
        $done = $this->database->transaction(function () use ($backup, $into): array {
            $this->database->statement('PRAGMA defer_foreign_keys = ON');

            $packed = Filter::packedIds();
            $done = $this->go($backup, $into, true);
            $into === Into::Replace || Filter::leaveTheRestAtHome($packed);

            return $done;
        });
        // What was worked out once and kept is of the records as they were.
        $this->cache->clear();

        return $done;
    }

    /** @return list<array{name: string, as: string}> of what was last planned or run: whose names others have here, and their new ones */
    public function renamed(): array
    {
        return $this->renamed;
    }

    private function putBack(OpenedBackup $backup, string $name): void
    {
        try {
            $this->shelf->put($name, $backup->pictures()->stream($name), $backup->pictures()->bytesOf($name));
        } catch (InvalidValue $e) {
            throw (new InvalidValue($e->getMessage().' No record was changed.'))->at('backup');
        }
    }

    /** @return array<string, array<string, int>> */
    private function go(OpenedBackup $backup, Into $into, bool $write): array
    {
        [$this->numbers, $this->counts, $this->renamed] = [[], [], []];
        foreach (BackupKind::cases() as $kind) {
            $this->counts[$kind->value] = array_fill_keys(array_column(Change::cases(), 'value'), 0);
            $kind === BackupKind::Settings || $this->number($backup, $kind, $into);
        }
        $into === Into::Merge ? $this->merge($backup, $write) : $this->replace($backup, $write);

        return $this->counts;
    }

    /** Gives each record of a backup the number that it has or will have here. */
    private function number(OpenedBackup $backup, BackupKind $kind, Into $into): void
    {
        $this->numbers[$kind->value] = [];
        if ($into === Into::Replace) {
            return;
        }
        $here = $this->database->table($kind->value);
        $key = $kind === BackupKind::TideEntries ? null : 'uid';
        $byUid = $key === null ? [] : (clone $here)->pluck('id', 'uid')->all();
        $marked = $kind->markedBy();
        $byMark = [];
        foreach ($marked !== null ? (clone $here)->pluck('id', $marked)->all() : [] as $mark => $id) {
            $byMark[Bag::plainName((string) $mark)] = $id;
        }
        $taken = array_fill_keys((clone $here)->pluck('id')->all(), true);
        $next = 1 + max([0, ...array_keys($taken)]);
        $met = [];
        foreach ($backup->records($kind) as $record) {
            $next = max($next, $record->id + 1);
            $met[$byUid[$record->uid ?? ''] ?? 0] = true;
        }
        foreach ($backup->records($kind) as $record) {
            $alike = $marked === null ? null : $byMark[Bag::plainName((string) $record->$marked)] ?? null;
            $id = $byUid[$record->uid ?? ''] ?? (isset($met[$alike ?? 0]) ? null : $alike);
            if ($id === null) {
                $id = isset($taken[$record->id]) ? $next++ : $record->id;
                $taken[$id] = true;
            }
            $this->numbers[$kind->value][$record->id] = (int) $id;
        }
    }

    private function merge(OpenedBackup $backup, bool $write): void
    {
        foreach (BackupKind::cases() as $kind) {
            $form = RecordForm::of($kind);
            $marked = $kind->markedBy();
            $this->marks = $marked === null ? [] : $this->database->table($kind->value)->pluck($marked, 'id')
                ->map(static fn (mixed $mark): string => self::mark($kind, (string) $mark))->all();
            foreach ($this->chunks($backup, $kind) as $records) {
                $moved = array_map(fn (stdClass $record): stdClass => $this->moved($kind, $record), $records);
                $here = $this->here($kind, $form, $moved);
                $new = [];
                foreach ($moved as $record) {
                    $change = $this->change($kind, $form, $record, $here[self::place($kind, $form, $record)] ?? null);
                    if ($change === Change::Added && ! $this->takesAFreeMark($kind, $record)) {
                        $change = Change::Left;
                    }
                    $this->count($kind, $change);
                    if ($marked !== null && ($change === Change::Added || $change === Change::Changed)) {
                        $this->marks[$record->id] = self::mark($kind, $record->$marked);
                    }
                    if ($change === Change::Added) {
                        $new[] = $form->row($record);
                    } elseif ($change === Change::Changed && $write) {
                        $this->database->table($kind->value)->where('id', $record->id)->update($form->row($record));
                    }
                }
                $write && $this->insert($kind, $new);
            }
        }
    }

    /** Of two versions of one record the later one stands; of what knows no time, the one that is here. */
    private function change(BackupKind $kind, RecordForm $form, stdClass $record, ?stdClass $here): Change
    {
        if ($here === null) {
            // What was last held together goes by numbers that may be others here.
            return $kind === BackupKind::Settings && $record->key === self::LAST_HELD ? Change::Left : Change::Added;
        }
        foreach (['id', 'uid'] as $own) {
            if (isset($here->$own)) {
                $record->$own = $here->$own;
            }
        }
        if ($form->same($record, $here)) {
            return Change::Same;
        }
        $later = isset($record->updated_at) && $record->updated_at > ($here->updated_at ?? '');

        return $later && ! $this->markIsTaken($kind, $record) ? Change::Changed : Change::Left;
    }

    /** Names are alike whatever their case. */
    private static function mark(BackupKind $kind, string $mark): string
    {
        return $kind->markedBy() === 'name' ? Bag::plainName($mark) : $mark;
    }

    private function markIsTaken(BackupKind $kind, stdClass $record): bool
    {
        $marked = $kind->markedBy();

        return $marked !== null
            && array_diff(array_keys($this->marks, self::mark($kind, $record->$marked), true), [$record->id]) !== [];
    }

    /** A newcomer whose name another has here comes under a name of its own. @return bool whether it can come at all */
    private function takesAFreeMark(BackupKind $kind, stdClass $record): bool
    {
        if (! $this->markIsTaken($kind, $record)) {
            return true;
        }
        if ($kind->markedBy() !== 'name') {
            return false;
        }
        $name = mb_substr($record->name, 0, self::ROOM_FOR_NAME);
        for ($n = 2; in_array(Bag::plainName("{$name} ({$n})"), $this->marks, true); $n++);
        $this->renamed[] = ['name' => $record->name, 'as' => "{$name} ({$n})"];
        $record->name = "{$name} ({$n})";

        return true;
    }

    private function replace(OpenedBackup $backup, bool $write): void
    {
        foreach (BackupKind::cases() as $kind) {
            $form = RecordForm::of($kind);
            $total = $this->database->table($kind->value)->count();
            $met = 0;
            foreach ($this->chunks($backup, $kind) as $records) {
                $here = $this->alike($kind, $form, $records);
                foreach ($records as $record) {
                    $there = $here[$form->key($record)] ?? null;
                    $met += $there === null ? 0 : 1;
                    $this->count($kind, $there === null ? Change::Added : ($form->same($record, $there) ? Change::Same : Change::Changed));
                }
            }
            $this->counts[$kind->value][Change::Removed->value] = $total - $met;
        }
        if (! $write) {
            return;
        }
        // What could be undone goes too: it would bring rows back into a database that they are not of.
        foreach ([...array_column(BackupKind::cases(), 'value'), 'drops'] as $table) {
            $this->database->table($table)->delete();
        }
        foreach (BackupKind::cases() as $kind) {
            $form = RecordForm::of($kind);
            foreach ($this->chunks($backup, $kind) as $records) {
                $this->insert($kind, array_map($form->row(...), $records));
            }
        }
    }

    /** A record with the numbers that it and what it points to have here. */
    private function moved(BackupKind $kind, stdClass $record): stdClass
    {
        $moved = clone $record;
        if (isset($moved->id)) {
            $moved->id = $this->numbers[$kind->value][$moved->id];
        }
        foreach ($kind->pointsTo() as $column => $to) {
            $moved->$column = $moved->$column === null ? null : $this->numbers[$to->value][$moved->$column];
        }
        if ($kind === BackupKind::Frames) {
            $moved->inputs = clone $record->inputs;
            foreach (BackupKind::fieldsOfTheBench() as $field => $to) {
                $number = fn (mixed $id): mixed => is_scalar($id) && isset($this->numbers[$to->value][(int) $id])
                    ? (string) $this->numbers[$to->value][(int) $id] : $id;
                if (isset($moved->inputs->$field)) {
                    $given = $moved->inputs->$field;
                    $moved->inputs->$field = is_array($given) ? array_map($number, $given) : $number($given);
                }
            }
        }

        return $moved;
    }

    /**
     * Records of the database that have the numbers of these, or of what there is one of only, the same key.
     *
     * @param  list<stdClass>  $records
     * @return array<string, stdClass>
     */
    private function here(BackupKind $kind, RecordForm $form, array $records): array
    {
        if ($kind->key() !== ['uid']) {
            return $this->alike($kind, $form, $records);
        }
        $found = [];
        $rows = $this->database->table($kind->value)->select($form->columns())
            ->whereIn('id', array_map(static fn (stdClass $r): int => $r->id, $records));
        foreach ($rows->get() as $row) {
            $record = $form->record($row);
            $found[self::place($kind, $form, $record)] = $record;
        }

        return $found;
    }

    private static function place(BackupKind $kind, RecordForm $form, stdClass $record): string
    {
        return $kind->key() === ['uid'] ? (string) $record->id : $form->key($record);
    }

    /**
     * @param  list<stdClass>  $records
     * @return array<string, stdClass> by key
     */
    private function alike(BackupKind $kind, RecordForm $form, array $records): array
    {
        $found = [];
        $query = $this->database->table($kind->value)->select($form->columns());
        $first = $kind->key()[0];
        $query->whereIn($first, array_values(array_unique(array_map(static fn (stdClass $r): mixed => $r->$first, $records))));
        foreach ($query->get() as $row) {
            $record = $form->record($row);
            $found[$form->key($record)] = $record;
        }

        return $found;
    }

    /** @param  list<array<string, mixed>>  $rows */
    private function insert(BackupKind $kind, array $rows): void
    {
        foreach ($rows as $row) {
            $this->database->table($kind->value)->insert($row);
        }
    }

    private function count(BackupKind $kind, Change $change): void
    {
        $this->counts[$kind->value][$change->value]++;
    }

    /** @return iterable<list<stdClass>> */
    private function chunks(OpenedBackup $backup, BackupKind $kind): iterable
    {
        $chunk = [];
        foreach ($backup->records($kind) as $record) {
            $chunk[] = $record;
            if (count($chunk) === self::CHUNK) {
                yield $chunk;
                $chunk = [];
            }
        }
        if ($chunk !== []) {
            yield $chunk;
        }
    }
}
