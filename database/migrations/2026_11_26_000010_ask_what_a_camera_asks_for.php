<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The run sheet goes by what the camera has: mirror, optical finder, stabiliser, raw files. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('cameras', static function (Blueprint $table): void {
            $table->boolean('mirror')->default(false);
            $table->boolean('optical_finder')->default(false);
            $table->boolean('stabiliser')->default(true);
            $table->boolean('raw')->default(true);
        });
    }

    public function down(): void
    {
        Schema::table('cameras', static fn (Blueprint $table) => $table->dropColumn(['mirror', 'optical_finder', 'stabiliser', 'raw']));
    }
};
