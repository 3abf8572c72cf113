<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Tide\StationCatalogue;
use GentlePour\Documents\Fields;
use GentlePour\Documents\WindowsDocument;
use GentlePour\Tide\TideCurve;
use Illuminate\Console\Command;

final class WindowsCommand extends Command
{
    use AnswersDocuments;

    protected $signature = 'pour:windows {file=- : a JSON file, or - for standard input}';

    protected $description = 'When tide, light and days are right together (JSON in, JSON out)';

    public function handle(StationCatalogue $catalogue): int
    {
        return $this->answerFile($this->argument('file'), fn (Fields $in): array => WindowsDocument::answer(
            $in, fn (string $id, float $from, float $to): TideCurve => $catalogue->find($id)->curve($catalogue->constituents(), $from, $to),
        ));
    }
}
