<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\Backup\Backups;
use App\Files\Backup\Into;
use App\Files\Backup\OpenedBackup;
use App\Files\Backup\Restore;
use GentlePour\InvalidValue;
use Illuminate\Console\Command;

final class RestoreCommand extends Command
{
    use AnswersDocuments;

    protected $signature = 'pour:restore
        {file : a backup}
        {--into= : merge or replace; without it nothing is done, and it is said what either would do}
        {--records-only : leaves the pictures in it aside, where they are damaged}';

    protected $description = 'Brings a backup back, whole or not at all, and keeps a backup of what was there before';

    public function handle(Restore $restore, Backups $backups): int
    {
        return $this->answering(function () use ($restore, $backups): array {
            $given = $this->option('into');
            $into = is_string($given) ? Into::tryFrom($given) : null;
            if ($given !== null && $into === null) {
                $into = throw InvalidValue::notOneOf('--into', (string) $given, array_column(Into::cases(), 'value'))->at('into');
            }
            try {
                $backup = OpenedBackup::open((string) $this->argument('file'), ! $this->option('records-only'));
            } catch (InvalidValue $e) {
                throw $e->renamed(['backup' => 'file']);
            }
            $said = ['made_at' => $backup->madeAt(), 'records' => $backup->counts(), 'pictures' => $restore->pictures($backup)];
            if ($into === null) {
                $replace = $restore->plan($backup, Into::Replace);
                $merge = $restore->plan($backup, Into::Merge);

                return $said + ['would' => ['merge' => $merge, 'replace' => $replace], 'renamed' => $restore->renamed()];
            }
            $before = $backups->areKept() ? $backups->take('before-restore')->path : null;

            $done = $restore->run($backup, $into);

            return $said + ['into' => $into->value, 'before' => $before, 'done' => $done, 'renamed' => $restore->renamed()];
        });
    }
}
