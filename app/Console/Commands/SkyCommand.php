<?php

declare(strict_types=1);

namespace App\Console\Commands;

use GentlePour\Documents\SkyDocument;
use Illuminate\Console\Command;

final class SkyCommand extends Command
{
    use AnswersDocuments;
    use ReadsOptions;

    protected $signature = 'pour:sky {--lat= : degrees north} {--lon= : degrees east} {--date= : YYYY-MM-DD}
        {--tz=UTC : the place’s time zone} {--at= : an instant}';

    protected $description = 'Sun, moon and twilights of a date, or where they stand at an instant';

    public function handle(): int
    {
        return $this->answering(function (): array {
            [$observer, $zone] = [$this->observer(), $this->zone()];
            if ($this->text('at') !== null) {
                return SkyDocument::instant($observer, $this->instant('at', $zone));
            }
            $this->instant('date', $zone);

            return SkyDocument::day($observer, $this->needed('date'), $zone);
        });
    }
}
