<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Subjects say how their water was measured and stand in an order, a frame knows its place, a sighting can be struck out. */
return new class extends Migration
{
    private const OF_WATER = ['float_m', 'float_s', 'feature_m', 'height_m', 'depth_m', 'chop_period_s', 'chop_height_m'];

    public function up(): void
    {
        Schema::table('subjects', static function (Blueprint $table): void {
            foreach ([...self::OF_WATER, 'focal_mm', 'facing_deg'] as $column) {
                $table->float($column)->nullable();
            }
            $table->string('look')->nullable();
            $table->text('note')->nullable();
            $table->integer('position')->default(0);
        });
        DB::statement('UPDATE subjects SET position = id');
        // Not through the schema builder: it would build the table anew, and its partial indexes as whole ones.
        DB::statement('ALTER TABLE frames ADD COLUMN place_id INTEGER REFERENCES places (id) ON DELETE SET NULL');
        DB::statement('UPDATE frames SET place_id = (SELECT place_id FROM subjects WHERE subjects.id = frames.subject_id)');
        DB::statement('CREATE INDEX frames_of_place ON frames (place_id) WHERE place_id IS NOT NULL');
        Schema::table('sightings', static function (Blueprint $table): void {
            $table->boolean('struck')->default(false);
        });
    }

    public function down(): void
    {
        // The place of a frame stays: to take the column away the table would have to be built anew.
        DB::statement('DROP INDEX frames_of_place');
        Schema::table('sightings', static fn (Blueprint $table) => $table->dropColumn('struck'));
        Schema::table('subjects', static fn (Blueprint $table) => $table->dropColumn(
            [...self::OF_WATER, 'focal_mm', 'facing_deg', 'look', 'note', 'position'],
        ));
    }
};
