<?php

declare(strict_types=1);

namespace App\Console\Commands;

use GentlePour\Documents\SolveDocument;
use Illuminate\Console\Command;

final class SolveCommand extends Command
{
    use AnswersDocuments;

    protected $signature = 'pour:solve {file=- : a JSON file, or - for standard input}';

    protected $description = 'Ranked ways to shoot a wanted time with this light and bag (JSON in, JSON out)';

    public function handle(): int
    {
        return $this->answerFile($this->argument('file'), SolveDocument::answer(...));
    }
}
