<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\Photo\CheckedPhotograph;
use Illuminate\Console\Command;

final class CalibrateCommand extends Command
{
    use AnswersDocuments;
    use OpensPhotographs;

    protected $signature = 'pour:calibrate {base : a frame without the filter} {filtered : the same view in the same light with it}
        {--area= : X,Y,W,H to look at, as shares of the frame}';

    protected $description = 'The stops and the colour of a filter, from a frame without and one with it (JSON out)';

    public function handle(): int
    {
        return $this->answering(fn (): array => CheckedPhotograph::calibration(
            self::photograph($this->argument('base'), 'base'),
            self::photograph($this->argument('filtered'), 'filtered'),
            self::area($this->option('area'), 'area'),
        ));
    }
}
