<?php

declare(strict_types=1);

namespace App\Household;

use BackedEnum;
use DateTimeInterface;
use GentlePour\InvalidValue;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;

/**
 * A form says which version of a record it was filled in from. Where another window has kept another since, nothing is written over: the
 * form comes back as it was typed, beside what is kept now, and sent once more it stands.
 */
final class AsSeen
{
    public const FIELD = 'as_seen';

    /** Differences that are told; more than these nobody compares by heart. */
    private const TOLD = 6;

    /** Which version a record is; nothing where there is none yet. */
    public static function of(Model $record): string
    {
        $own = array_diff_key($record->getRawOriginal(), ['created_at' => 1, 'updated_at' => 1]);

        return $record->exists ? substr(hash('sha256', serialize($own)), 0, 20) : '';
    }

    /** @throws InvalidValue when it is another version by now */
    public static function check(Request $request, Model $record): void
    {
        $seen = $request->input(self::FIELD);
        if ($seen === null || $seen === '' || $seen === self::of($record) || self::isOwn($request, $record)) {
            return;
        }
        $now = [];
        foreach ($record->getFillable() as $column) {
            $value = $record->getAttribute($column);
            $kept = $value instanceof BackedEnum ? $value->value : $value;
            $typed = $request->input($column);
            if ((is_scalar($kept) || $kept === null) && is_string($typed) && ! self::alike($kept, $typed)) {
                $now[] = str_replace('_', ' ', $column).' '.InvalidValue::quoted(is_bool($kept) ? ($kept ? 'yes' : 'no') : (string) $kept);
            }
        }
        throw (new InvalidValue(
            'Another window has kept something else meanwhile'.($now === [] ? '' : ': '.implode(', ', array_slice($now, 0, self::TOLD)))
            .'. What you typed stands here still; keep it once more if it shall count.',
        ))->at(self::FIELD);
    }

    /** A form that is sent again over a slow network meets what it has kept itself. */
    private static function isOwn(Request $request, Model $record): bool
    {
        $sent = OnePress::sentBefore($request);
        $changed = $record->getAttribute('updated_at');

        return $sent !== null && $changed instanceof DateTimeInterface && $changed->getTimestamp() <= $sent;
    }

    private static function alike(string|int|float|bool|null $kept, string $typed): bool
    {
        return is_numeric($kept) && is_numeric($typed) ? (float) $kept === (float) $typed : trim((string) $kept) === trim($typed);
    }
}
