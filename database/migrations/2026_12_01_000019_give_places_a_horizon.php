<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const COLUMNS = ['skyline', 'way_out', 'swell_from_deg', 'wind_from_deg'];

    /** What stands before the sky of a place, the way out of it leg by leg, and where swell and wind come from. */
    public function up(): void
    {
        Schema::table('places', static function (Blueprint $table): void {
            $table->text('skyline')->nullable();
            $table->text('way_out')->nullable();
            $table->float('swell_from_deg')->nullable();
            $table->float('wind_from_deg')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('places', static fn (Blueprint $table) => $table->dropColumn(self::COLUMNS));
    }
};
