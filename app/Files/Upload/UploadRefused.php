<?php

declare(strict_types=1);

namespace App\Files\Upload;

use RuntimeException;

/** Why a part was not taken: a sentence, and the status that says it to a program. */
final class UploadRefused extends RuntimeException
{
    private function __construct(string $message, public readonly int $status)
    {
        parent::__construct($message);
    }

    public static function tooLarge(int $mostBytes): self
    {
        return new self(sprintf('The file is larger than %s MB, which is more than is taken here.', number_format($mostBytes / 1e6)), 413);
    }

    public static function tooMany(): self
    {
        return new self('So many files are half here that no other is begun. Send those to their end, or wait a day.', 429);
    }

    /** What is here is not what the sender thinks. */
    public static function elsewhere(int $offset): self
    {
        return new self("It goes on at byte {$offset}.", 409);
    }

    /** Another part of it is coming in. */
    public static function busy(): self
    {
        return new self('Another part of it is on its way.', 423);
    }

    public static function noRoom(): self
    {
        return new self('There is no room for it on the disk of the server, or its folder for uploads cannot be written to.', 507);
    }
}
