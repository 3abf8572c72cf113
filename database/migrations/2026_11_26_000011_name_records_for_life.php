<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * Every record has a name for its whole life, by which a backup knows it again where its number is another. The database gives it, so that
 * nothing that writes a record can forget it.
 */
return new class extends Migration
{
    private const TABLES = [
        'cameras', 'lenses', 'filters', 'places', 'level_marks', 'sightings', 'subjects', 'outings', 'measurements', 'shot_lists', 'frames',
    ];

    /** A random UUID, version 4. */
    private const UUID = "lower(hex(randomblob(4)) || '-' || hex(randomblob(2)) || '-4' || substr(hex(randomblob(2)), 2) || '-a'
        || substr(hex(randomblob(2)), 2) || '-' || hex(randomblob(6)))";

    public function up(): void
    {
        foreach (self::TABLES as $table) {
            DB::statement("ALTER TABLE {$table} ADD COLUMN uid TEXT");
            DB::statement("UPDATE {$table} SET uid = ".self::UUID);
            DB::statement("CREATE UNIQUE INDEX {$table}_uid ON {$table} (uid)");
            DB::unprepared("CREATE TRIGGER {$table}_named AFTER INSERT ON {$table} WHEN NEW.uid IS NULL
                BEGIN UPDATE {$table} SET uid = ".self::UUID.' WHERE rowid = NEW.rowid; END');
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $table) {
            DB::statement("DROP TRIGGER {$table}_named");
            DB::statement("DROP INDEX {$table}_uid");
            DB::statement("ALTER TABLE {$table} DROP COLUMN uid");
        }
    }
};
