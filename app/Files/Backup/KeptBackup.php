<?php

declare(strict_types=1);

namespace App\Files\Backup;

use Illuminate\Support\Carbon;

/** A backup that lies on this machine. */
final readonly class KeptBackup
{
    public function __construct(public string $name, public string $path, public Carbon $at, public string $why, public int $bytes)
    {
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
        return $this->bytes < 1e6 ? number_format(max(1, $this->bytes / 1000)).' kB' : number_format($this->bytes / 1e6, 1).' MB';
    }
}
