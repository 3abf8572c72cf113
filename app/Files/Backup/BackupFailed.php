<?php

declare(strict_types=1);

namespace App\Files\Backup;

use RuntimeException;

/** A backup that could not be written, with a sentence that says why. */
final class BackupFailed extends RuntimeException
{
}
