<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A taste that was forgotten must not come back when the note of an old frame is edited, so a verdict has a time of its own. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('frames', function (Blueprint $table): void {
            $table->dateTime('judged_at', 3)->nullable();
            $table->index(['water_kind', 'judged_at']);
        });
        DB::table('frames')->whereNotNull('blur')->update(['judged_at' => DB::raw('updated_at')]);
    }

    public function down(): void
    {
        Schema::table('frames', function (Blueprint $table): void {
            $table->dropIndex(['water_kind', 'judged_at']);
            $table->dropColumn('judged_at');
        });
    }
};
