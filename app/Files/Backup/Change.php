<?php

declare(strict_types=1);

namespace App\Files\Backup;

/** What becomes of a record. */
enum Change: string
{
    case Added = 'added';
    case Changed = 'changed';
    case Same = 'same';
    case Left = 'left';
    case Removed = 'removed';

    public function words(): string
    {
        return match ($this) {
            self::Added => 'added',
            self::Changed => 'changed',
            self::Same => 'as they are',
            self::Left => 'left: newer here',
            self::Removed => 'taken away',
        };
    }
}
