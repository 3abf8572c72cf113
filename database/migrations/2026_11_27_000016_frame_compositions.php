<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How a picture of an outing is framed, and whether it is bracketed; what the forecast says of the outing. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('compositions', static function (Blueprint $table): void {
            $table->float('focal_mm')->nullable();
            $table->float('facing_deg')->nullable();
            $table->string('crop', 20)->default('whole');
            $table->unsignedInteger('bracket_stops')->default(0);
        });
        Schema::table('outings', static function (Blueprint $table): void {
            $table->string('forecast', 500)->nullable();
            $table->boolean('rain')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('compositions', static fn (Blueprint $table) => $table->dropColumn(
            ['focal_mm', 'facing_deg', 'crop', 'bracket_stops'],
        ));
        Schema::table('outings', static fn (Blueprint $table) => $table->dropColumn(['forecast', 'rain']));
    }
};
