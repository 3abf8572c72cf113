<?php

declare(strict_types=1);

namespace App\Household;

use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Whether the application can be relied on now: what is not well is found by trying it, not by asking whether the process answers. */
final class HealthController
{
    public function __invoke(): Response
    {
        $problems = [...self::ofDatabase(), ...Folders::closed()];

        $said = $problems === []
            ? ['Well: the database opens, is whole and can be written to; so can the folders beside it.'] : ['Not well.', ...$problems];

        // Plain text: a page would have to be written to a folder first.
        return response(implode("\n", $said)."\n", $problems === [] ? 200 : 503, ['Content-Type' => 'text/plain; charset=utf-8']);
    }

    /** @return list<string> in words, none when the database opens, is whole and takes what is written */
    private static function ofDatabase(): array
    {
        try {
            $said = DB::selectOne('pragma quick_check(1)');
            if (! is_object($said) || ($said->quick_check ?? null) !== 'ok') {
                return ['The database is damaged.'];
            }
            DB::table('settings')->count();
        } catch (Throwable) {
            return ['The database cannot be read.'];
        }
        try {
            DB::beginTransaction();
            DB::table('settings')->updateOrInsert(['key' => 'health'], ['value' => '{}']);
        } catch (Throwable) {
            return ['The database cannot be written to.'];
        } finally {
            DB::rollBack();
        }

        return [];
    }
}
