<?php

declare(strict_types=1);

namespace App\Files;

use GentlePour\Documents\Fields;

/** One thing that was done away from the server; its key is the name for life of the record that it becomes. */
final readonly class JournalEntry
{
    /** @param  float  $atMs  when it was done, in ms since 1970 */
    public function __construct(public string $key, public JournalKind $kind, public float $atMs, public Fields $fields)
    {
    }
}
