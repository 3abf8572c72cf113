<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\Backup\BackupFile;
use GentlePour\InvalidValue;
use Illuminate\Console\Command;

final class BackupCommand extends Command
{
    use AnswersDocuments;

    protected $signature = 'pour:backup {file : where the backup is written; a zip}';

    protected $description = 'Writes everything that is kept to one zip of JSON documents';

    public function handle(BackupFile $backup): int
    {
        return $this->answering(function () use ($backup): array {
            $file = (string) $this->argument('file');
            if (is_dir($file) || ! is_dir(dirname($file))) {
                $folder = InvalidValue::quoted(dirname($file));
                throw (new InvalidValue("There is no folder {$folder} for a file of that name."))->at('file');
            }
            $counts = $backup->write($file);

            return ['file' => $file, 'bytes' => filesize($file), 'sha256' => hash_file('sha256', $file), 'records' => $counts];
        });
    }
}
