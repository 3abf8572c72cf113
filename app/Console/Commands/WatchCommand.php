<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Rooms\Log\PhotoOutcome;
use App\Rooms\Log\TakePhoto;
use GentlePour\InvalidValue;
use Illuminate\Console\Command;
use Illuminate\Database\QueryException;

/** For cameras that send their files: what lands in a folder is taken in, once each, and stays where it is. */
final class WatchCommand extends Command
{
    use AnswersDocuments;

    /** A file that has not grown for so long is whole. */
    private const WHOLE_S = 2;

    /** What could not be written down, and is looked at again. */
    private const LATER = 'later';

    protected $signature = 'pour:watch {folder : where the camera puts its files} {--once : take in what lies there, and end}
        {--every=2 : seconds between two looks, 1 to 3600}';

    protected $description = 'Takes in what lands in a folder (a line of JSON for each file)';

    /** @var array<string, true> by path */
    private array $later = [];

    /** @var array<string, string> size and time of those that are done with, by path */
    private array $seen = [];

    public function handle(TakePhoto $take): int
    {
        $folder = rtrim($this->argument('folder'), '/');
        $every = filter_var($this->option('every'), FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => 3600]]);
        if (! is_dir($folder) || ! is_readable($folder) || $every === false) {
            return $this->answering(static fn (): array => throw ($every === false
                ? (new InvalidValue('Seconds between two looks are a whole number from 1 to 3600.'))->at('every')
                : (new InvalidValue('There is no folder '.InvalidValue::quoted($folder).' to look into.'))->at('folder')));
        }
        [$this->seen, $once] = [[], (bool) $this->option('once')];
        do {
            $this->look($folder, $take, $once);
            $once || sleep($every);
        } while (! $once);

        return $this->later === [] ? self::SUCCESS : self::FAILURE;
    }

    private function look(string $folder, TakePhoto $take, bool $once): void
    {
        clearstatcache();
        $isOne = static fn (string $path): bool => is_file($path) && ! str_ends_with($path, '.part');
        $files = array_filter(glob($folder.'/*') ?: [], $isOne);
        // By the time of the file: a frame after its base.
        usort($files, static fn (string $a, string $b): int => [@filemtime($a), $a] <=> [@filemtime($b), $b]);
        foreach ($files as $path) {
            $is = @filesize($path).' '.@filemtime($path);
            if (($this->seen[$path] ?? '') === $is || (! $once && time() - (int) @filemtime($path) < self::WHOLE_S)) {
                continue;
            }
            try {
                $taken = $take->inTurn($path, basename($path));
            } catch (QueryException) {
                // What another takes in at this moment, a busy database or a full disk end nothing: it is looked at again.
                isset($this->later[$path])
                    || $this->tell(basename($path), self::LATER, null, 'The database is busy, or cannot be written to; it is tried again.');
                $this->later[$path] = true;

                continue;
            }
            unset($this->later[$path]);
            $this->seen[$path] = $is;
            $this->tell($taken->name, $taken->outcome->value, $taken->photo?->frame_id,
                $taken->outcome === PhotoOutcome::Refused ? $taken->why : null);
        }
    }

    private function tell(string $file, string $outcome, ?int $frame, ?string $error): void
    {
        $this->line((string) json_encode([
            'file' => mb_scrub($file, 'UTF-8'), 'outcome' => $outcome, 'frame' => $frame, 'error' => $error,
        ], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE));
    }
}
