<?php

declare(strict_types=1);

namespace App\Files;

use GentlePour\Documents\Fields;
use GentlePour\InvalidValue;
use JsonException;

/** What was done with a field file away from the server, as one JSON document by the published schema. */
final readonly class Journal
{
    public const FORMAT = 'gentle-pour-journal-1';

    /** @param  list<JournalEntry>  $entries */
    private function __construct(public array $entries)
    {
    }

    public static function schema(): string
    {
        return (string) file_get_contents(base_path('data/schemas/journal.schema.json'));
    }

    /** @throws InvalidValue at journal, when it is no such document */
    public static function read(string $json): self
    {
        try {
            $document = json_decode(trim($json), false, 32, JSON_THROW_ON_ERROR);
            $fields = json_decode(trim($json), true, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            $why = 'This is not what a field file wrote: it is no JSON. Copy the whole of it, from { to }.';
            throw (new InvalidValue($why))->at('journal');
        }
        $fault = is_object($document) ? Schema::fault($document, self::schema()) : 'at the top: it is no journal.';
        if ($fault !== null || ! is_array($fields)) {
            throw (new InvalidValue('This is not what a field file wrote: '.$fault))->at('journal');
        }
        $read = new Fields($fields);

        return new self(array_map(
            static fn (Fields $one): JournalEntry => new JournalEntry(
                $one->text('key'), JournalKind::from($one->text('kind')), $one->number('at_ms'), $one,
            ), $read->children('entries'),
        ));
    }
}
