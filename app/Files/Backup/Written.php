<?php

declare(strict_types=1);

namespace App\Files\Backup;

/** What went into a backup. */
final readonly class Written
{
    /**
     * @param  array<string, int>  $records  of each kind
     * @param  int  $pictures  files of photographs
     * @param  list<string>  $damaged  files that are no longer what they were, and were left out, by their names on the shelf
     */
    public function __construct(public array $records, public int $pictures, public array $damaged)
    {
    }
}
