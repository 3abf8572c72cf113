<?php

declare(strict_types=1);

namespace App\Rooms\Field;

/** A field file as it was written. */
final readonly class WrittenFile
{
    /** @param  string  $policy  what the page lets itself do: run its own script, and fetch from nowhere but where it came from */
    public function __construct(public string $name, public string $html, public string $policy)
    {
    }
}
