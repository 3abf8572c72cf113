<?php

declare(strict_types=1);

namespace App\Household;

use Illuminate\Database\SQLiteDatabaseDoesNotExistException;
use PDOException;

/** What a database that does not do as it is told suffers from, by the codes of SQLite (sqlite.org/rescode.html). */
enum DatabaseTrouble
{
    private const READ = 'What is kept can be read meanwhile.';

    case Busy;
    case Full;
    case ReadOnly;
    case Damaged;
    case Unreachable;

    /** Null where it is a fault of the question, and so of ours. */
    public static function of(PDOException $e): ?self
    {
        if ($e->getPrevious() instanceof SQLiteDatabaseDoesNotExistException) {
            return self::Unreachable;
        }
        // On a disk that takes no more SQLite ends the whole transaction by itself, and a part of it cannot be taken back any more.
        if (str_contains($e->getMessage(), 'no such savepoint')) {
            return self::Full;
        }
        $code = $e->errorInfo[1] ?? null;
        if (! is_int($code)) {
            $code = preg_match('/(?:General error: |\[)(\d+)\b/', $e->getMessage(), $m) === 1 ? (int) $m[1] : 0;
        }

        // The lowest eight bits say the kind.
        return match ($code & 0xFF) {
            5, 6 => self::Busy,
            13 => self::Full,
            8 => self::ReadOnly,
            11, 26 => self::Damaged,
            10, 14 => self::Unreachable,
            default => null,
        };
    }

    public function status(): int
    {
        return $this === self::Full ? 507 : 503;
    }

    public function title(): string
    {
        return match ($this) {
            self::Busy => 'The database was busy',
            self::Full => 'The disk is full, or fails',
            self::ReadOnly => 'The database can only be read',
            self::Damaged => 'The database is damaged',
            self::Unreachable => 'The database cannot be reached',
        };
    }

    public function whatToDo(): string
    {
        return match ($this) {
            self::Busy => 'Something else was writing for more than five seconds. Send it again.',
            self::Full => 'Make room on the disk of the machine on which this runs, then send it again. '.self::READ,
            self::ReadOnly => 'Its file, or the folder, is somebody else’s or lies on a disk that is mounted for reading. '.self::READ,
            self::Damaged => 'Stop the application and copy the file away before anything else. The backups lie in storage/app/backups; '
                .'php artisan pour:restore brings one back into a new database.',
            self::Unreachable => 'The file of the database, or its folder, is gone or cannot be opened on the machine on which this runs.',
        };
    }
}
