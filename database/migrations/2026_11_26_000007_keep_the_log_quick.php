<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What the log, the tastes and the waiting frames are asked for stands in indexes of just that, so that years of frames do not slow them:
 * the middle of a look has a column of its own, since a plan is long to read.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('frames', static function (Blueprint $table): void {
            $table->float('middle_s')->nullable();
            $table->dropIndex(['opened_at', 'id']);
            $table->dropIndex(['water_kind', 'judged_at']);
        });
        DB::statement(
            "UPDATE frames SET middle_s = COALESCE(json_extract(plan, '$.window.middle_s'), json_extract(plan, '$.window.best_s'))",
        );
        DB::statement('CREATE INDEX frames_taken ON frames (opened_at, id) WHERE open_s IS NOT NULL');
        DB::statement('CREATE INDEX frames_waiting ON frames (id) WHERE open_s IS NULL');
        DB::statement(
            'CREATE INDEX frames_verdicts ON frames (water_kind, judged_at, blur, open_s, planned_s, middle_s, role)
            WHERE judged_at IS NOT NULL AND open_s IS NOT NULL',
        );
        DB::statement('CREATE INDEX frames_listed ON frames (shot_list_id) WHERE shot_list_id IS NOT NULL');
        DB::statement('CREATE INDEX frames_after ON frames (after_frame_id) WHERE after_frame_id IS NOT NULL');
        DB::statement('CREATE INDEX frames_of_subject ON frames (subject_id) WHERE subject_id IS NOT NULL');
    }

    public function down(): void
    {
        foreach (['taken', 'waiting', 'verdicts', 'listed', 'after', 'of_subject'] as $index) {
            DB::statement("DROP INDEX frames_{$index}");
        }
        Schema::table('frames', static function (Blueprint $table): void {
            $table->dropColumn('middle_s');
            $table->index(['opened_at', 'id']);
            $table->index(['water_kind', 'judged_at']);
        });
    }
};
