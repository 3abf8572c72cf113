<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\ConnectionInterface;

/**
 * The sentences of what is kept as a document, each kept once: a run sheet says nearly the same for every frame. In the document a
 * number with a sign before it stands for the sentence.
 */
final class Sentences
{
    private const SIGN = '@';

    /** Shorter ones take as little room as a number would. */
    private const LEAST_BYTES = 16;

    /** Neighbours were mostly written together, and are read together. */
    private const SHELF = 256;

    /** @var array<int, string> */
    private array $known = [];

    /** @var array<string, int> */
    private array $ids = [];

    public function __construct(private readonly ConnectionInterface $database)
    {
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    public function away(array $document): array
    {
        array_walk_recursive($document, function (mixed &$value): void {
            if (is_string($value) && (strlen($value) >= self::LEAST_BYTES || str_starts_with($value, self::SIGN))) {
                $value = self::SIGN.$this->id($value);
            }
        });

        return $document;
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    public function back(array $document): array
    {
        array_walk_recursive($document, function (mixed &$value): void {
            if (is_string($value) && preg_match('/^'.self::SIGN.'(\d{1,15})$/D', $value, $found) === 1) {
                $value = $this->sentence((int) $found[1]);
            }
        });

        return $document;
    }

    private function id(string $sentence): int
    {
        if (! isset($this->ids[$sentence])) {
            $this->database->table('sentences')->insertOrIgnore(['text' => $sentence]);
            $this->ids[$sentence] = (int) $this->database->table('sentences')->where('text', $sentence)->value('id');
        }

        return $this->ids[$sentence];
    }

    private function sentence(int $id): string
    {
        if (! isset($this->known[$id])) {
            $from = $id - $id % self::SHELF;
            $shelf = $this->database->table('sentences')->whereBetween('id', [$from, $from + self::SHELF - 1])->pluck('text', 'id')->all();
            $this->known += $shelf;
            $this->ids += array_flip($shelf);
        }

        return $this->known[$id] ?? '';
    }
}
