<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('cameras', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->float('sensor_width_mm');
            $table->float('sensor_height_mm');
            $table->unsignedInteger('pixels_wide')->nullable();
            $table->float('iso_base');
            $table->float('iso_low')->nullable();
            $table->float('iso_max');
            $table->float('longest_timed_s');
            $table->timestamps();
        });
        Schema::create('lenses', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->float('focal_min_mm');
            $table->float('focal_max_mm');
            $table->float('widest_f');
            $table->float('smallest_f');
            $table->float('thread_mm')->nullable();
            $table->timestamps();
        });
        Schema::create('filters', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->string('kind');
            $table->string('marking')->nullable();
            $table->float('stops')->nullable();
            $table->float('lightest_stops')->nullable();
            $table->float('measured_stops')->nullable();
            $table->string('mount');
            $table->float('thread_mm')->nullable();
            $table->boolean('packed')->default(true);
            $table->timestamps();
        });
        Schema::create('settings', function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->json('value');
        });
    }

    public function down(): void
    {
        foreach (['settings', 'filters', 'lenses', 'cameras'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
