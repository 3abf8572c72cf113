<?php

declare(strict_types=1);

namespace App\Files\Backup;

/** Which files of photographs go into a backup beside the records. */
enum Pictures: string
{
    case None = 'none';
    case Working = 'working';
    case Originals = 'originals';

    public function words(): string
    {
        return match ($this) {
            self::None => 'None, the records alone',
            self::Working => 'The working pictures',
            self::Originals => 'The working pictures and the originals kept here',
        };
    }
}
