<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How the light changed while the shutter was open: seconds and stops, as the core writes them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('frames', static fn (Blueprint $table) => $table->string('light_changes', 2000)->nullable());
    }

    public function down(): void
    {
        Schema::table('frames', static fn (Blueprint $table) => $table->dropColumn('light_changes'));
    }
};
