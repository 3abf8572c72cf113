<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\Backup\BackupFile;
use App\Files\Backup\Pictures;
use GentlePour\InvalidValue;
use Illuminate\Console\Command;

final class BackupCommand extends Command
{
    use AnswersDocuments;

    protected $signature = 'pour:backup
        {file : where the backup is written; a zip}
        {--pictures=originals : originals, working or none: which files of photographs go along}';

    protected $description = 'Writes everything that is kept to one zip of JSON documents and pictures';

    public function handle(BackupFile $backup): int
    {
        return $this->answering(function () use ($backup): array {
            $file = (string) $this->argument('file');
            if (is_dir($file) || ! is_dir(dirname($file))) {
                $folder = InvalidValue::quoted(dirname($file));
                throw (new InvalidValue("There is no folder {$folder} for a file of that name."))->at('file');
            }
            $which = (string) $this->option('pictures');
            $pictures = Pictures::tryFrom($which)
                ?? throw InvalidValue::notOneOf('--pictures', $which, array_column(Pictures::cases(), 'value'))->at('pictures');
            $written = $backup->write($file, $pictures);

            return [
                'file' => $file, 'bytes' => filesize($file), 'sha256' => hash_file('sha256', $file), 'records' => $written->records,
                'pictures' => $written->pictures, 'damaged' => $written->damaged,
            ];
        });
    }
}
