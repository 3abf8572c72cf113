<?php

declare(strict_types=1);

namespace App\Files\Backup;

/** What becomes of the files of photographs when a backup is brought back. */
final readonly class PicturesBack
{
    /**
     * @param  int  $added  files that are put back
     * @param  int  $here  files that lie here already
     * @param  int  $missing  photographs of which there is no picture, in the backup or here
     */
    public function __construct(public int $added, public int $here, public int $missing)
    {
    }
}
