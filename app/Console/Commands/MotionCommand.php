<?php

declare(strict_types=1);

namespace App\Console\Commands;

use GentlePour\Documents\MotionDocument;
use Illuminate\Console\Command;

final class MotionCommand extends Command
{
    use AnswersDocuments;

    protected $signature = 'pour:motion {file=- : a JSON file, or - for standard input}';

    protected $description = 'What shutter times do to this water and these clouds (JSON in, JSON out)';

    public function handle(): int
    {
        return $this->answerFile($this->argument('file'), MotionDocument::answer(...));
    }
}
