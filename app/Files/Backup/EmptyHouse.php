<?php

declare(strict_types=1);

namespace App\Files\Backup;

use Illuminate\Contracts\Cache\Repository as Cache;
use Illuminate\Database\ConnectionInterface;

/** Puts everything that is kept away into a backup on this machine, so that a person begins with nothing but their own; all or nothing. */
final readonly class EmptyHouse
{
    /** Settings that are of the house and not of what is kept in it. */
    private const STAY = ['passcode', 'units', 'backup', 'calendar', 'photos'];

    public function __construct(private Backups $backups, private ConnectionInterface $database, private Cache $cache)
    {
    }

    /** @throws BackupFailed when the backup cannot be written: then nothing is put away */
    public function __invoke(): KeptBackup
    {
        $kept = $this->backups->take('before-emptying');
        $this->database->transaction(function (): void {
            foreach ([...array_reverse(array_column(BackupKind::cases(), 'value')), 'drops', 'forecasts'] as $table) {
                $rows = $this->database->table($table);
                ($table === BackupKind::Settings->value ? $rows->whereNotIn('key', self::STAY) : $rows)->delete();
            }
        });
        $this->cache->clear();

        return $kept;
    }
}
