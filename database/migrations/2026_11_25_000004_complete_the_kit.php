<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const COLUMNS = [
        'cameras' => ['battery_minutes', 'reciprocity'],
        'lenses' => ['widest_long_f', 'smallest_long_f', 'best_from_f', 'best_to_f'],
        'filters' => ['edge', 'cast_red', 'cast_blue', 'measured_on'],
    ];

    public function up(): void
    {
        Schema::table('cameras', function (Blueprint $table): void {
            $table->float('battery_minutes')->nullable();
            $table->float('reciprocity')->default(1);
        });
        Schema::table('lenses', function (Blueprint $table): void {
            $table->float('widest_long_f')->nullable();
            $table->float('smallest_long_f')->nullable();
            $table->float('best_from_f')->nullable();
            $table->float('best_to_f')->nullable();
        });
        Schema::table('filters', function (Blueprint $table): void {
            $table->string('edge')->nullable();
            $table->float('cast_red')->nullable();
            $table->float('cast_blue')->nullable();
            $table->date('measured_on')->nullable();
        });
    }

    public function down(): void
    {
        foreach (self::COLUMNS as $name => $columns) {
            Schema::table($name, fn (Blueprint $table) => $table->dropColumn($columns));
        }
    }
};
