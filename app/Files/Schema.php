<?php

declare(strict_types=1);

namespace App\Files;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** Documents by the published JSON Schemas. */
final class Schema
{
    /** @return string|null where a document is not by its schema and why, for the end of a sentence; null where it is */
    public static function fault(mixed $document, string $schema): ?string
    {
        $error = (new Validator)->validate($document, $schema)->error();
        if ($error === null) {
            return null;
        }
        $found = (new ErrorFormatter)->format($error, false);
        $where = (string) array_key_first($found);
        $said = is_string($found[$where] ?? null) ? $found[$where] : 'it does not fit';

        return sprintf('at %s: %s.', $where === '/' ? 'the top' : $where, rtrim(lcfirst($said), '.'));
    }
}
