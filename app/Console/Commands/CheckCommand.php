<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\Photo\CheckedPhotograph;
use Illuminate\Console\Command;

final class CheckCommand extends Command
{
    use AnswersDocuments;
    use OpensPhotographs;

    protected $signature = 'pour:check {file : a JPEG, PNG or WebP picture} {--base= : the base frame of the same view}
        {--area= : X,Y,W,H of the water, as shares of the frame} {--still= : X,Y,W,H of what stands still}';

    protected $description = 'How a frame came out: light, clipping, sharpness, texture, the next exposure (JSON out)';

    public function handle(): int
    {
        return $this->answering(function (): array {
            [$area, $still] = [self::area($this->option('area'), 'area'), self::area($this->option('still'), 'still')];
            $base = $this->option('base');

            return CheckedPhotograph::document(
                self::photograph($this->argument('file'), 'file', $still),
                $base === null ? null : self::photograph($base, 'base', $still), $area,
            );
        });
    }
}
