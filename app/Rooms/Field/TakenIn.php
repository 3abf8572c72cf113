<?php

declare(strict_types=1);

namespace App\Rooms\Field;

use App\Files\JournalEntry;
use App\Files\JournalKind;
use GentlePour\Numeral;

/** What came of a journal that was brought home. */
final class TakenIn
{
    /** @var array<string, int> */
    private array $taken = [];

    private int $here = 0;

    private int $judged = 0;

    /** @var list<string> of what is at home now, and need not be kept on the device */
    public array $home = [];

    /** @var list<string> why something was not taken, a sentence each */
    public array $refused = [];

    public function took(JournalEntry $entry): void
    {
        $this->taken[$entry->kind->value] = ($this->taken[$entry->kind->value] ?? 0) + 1;
        $this->home[] = $entry->key;
    }

    public function wasHere(JournalEntry $entry, bool $judged = false): void
    {
        $judged ? $this->judged++ : $this->here++;
        $this->home[] = $entry->key;
    }

    public function refuse(JournalEntry $entry, string $why): void
    {
        $this->refused[] = ucfirst($entry->kind->words(1)).' of '.gmdate('j M H:i', (int) ($entry->atMs / 1000)).' UTC: '.$why;
    }

    public function words(): string
    {
        $taken = array_map(
            fn (JournalKind $kind): string => $kind->words($this->taken[$kind->value]),
            array_values(array_filter(JournalKind::cases(), fn (JournalKind $kind): bool => isset($this->taken[$kind->value]))),
        );
        $parts = [
            $taken === [] ? 'Nothing new' : 'Taken: '.implode(', ', $taken),
            ...$this->judged === 0 ? [] : [Numeral::many($this->judged, 'verdict').' added'],
            ...$this->here === 0 ? [] : [$this->here === 1 ? 'one was here before' : "{$this->here} were here before"],
            ...$this->refused === [] ? [] : [count($this->refused) === 1 ? 'one was not taken' : count($this->refused).' were not taken'],
        ];

        return implode('; ', $parts).'.';
    }
}
