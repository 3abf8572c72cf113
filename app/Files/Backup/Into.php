<?php

declare(strict_types=1);

namespace App\Files\Backup;

/** What is done with what is there already. */
enum Into: string
{
    case Merge = 'merge';
    case Replace = 'replace';

    public function words(): string
    {
        return match ($this) {
            self::Merge => 'Adds what is not here and renews what is older here. Nothing is taken away.',
            self::Replace => 'Everything is afterwards as it was in the backup. What came later is gone, what was deleted is forgotten.',
        };
    }
}
