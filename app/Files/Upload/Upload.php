<?php

declare(strict_types=1);

namespace App\Files\Upload;

/** A file that comes in parts, each of which stays when the next breaks off. */
final readonly class Upload
{
    /** What its number looks like; nothing in it leads to another folder. */
    public const ID = '[0-9a-f]{32}';

    /** @param  int  $length  of the whole, in bytes */
    public function __construct(public string $id, public string $path, public string $name, public int $length)
    {
    }

    /** Bytes that are here, without a gap. */
    public function offset(): int
    {
        clearstatcache(true, $this->path);

        return (int) @filesize($this->path);
    }

    public function isWhole(): bool
    {
        return $this->offset() === $this->length;
    }
}
