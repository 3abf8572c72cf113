<?php

declare(strict_types=1);

namespace App\Files\Backup;

use Illuminate\Support\Carbon;

/** A backup that lies on this machine. */
final readonly class KeptBackup
{
    /** @param  list<string>  $damaged  pictures and originals that were left out, by their names on the shelf */
    public function __construct(
        public string $name, public string $path, public Carbon $at, public string $why, public int $bytes, public array $damaged = [],
    ) {
    }

    public function reason(): string
    {
        return match ($this->why) {
            'daily' => 'of the day',
            'before-restore' => 'before a backup was brought back',
            'sent-in' => 'sent in',
            default => 'by hand',
        };
    }

    public function size(): string
    {
        return self::inWords($this->bytes);
    }

    public static function inWords(int $bytes): string
    {
        return match (true) {
            $bytes < 1e6 => number_format(max(1, $bytes / 1000)).' kB',
            $bytes < 1e9 => number_format($bytes / 1e6, 1).' MB',
            default => number_format($bytes / 1e9, 1).' GB',
        };
    }
}
