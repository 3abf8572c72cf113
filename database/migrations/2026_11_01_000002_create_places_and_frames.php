<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('places', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->text('notes')->nullable();
            $table->double('latitude')->nullable();
            $table->double('longitude')->nullable();
            $table->float('facing_deg')->nullable();
            $table->string('timezone')->default('UTC');
            $table->string('tide')->default('none');
            $table->string('station_id')->nullable();
            $table->float('high_minutes')->default(0);
            $table->float('low_minutes')->default(0);
            $table->float('high_m')->default(0);
            $table->float('low_m')->default(0);
            $table->float('stand_m')->nullable();
            $table->float('way_out_m')->nullable();
            $table->float('margin_m')->default(0.3);
            $table->float('walk_minutes')->default(15);
            $table->float('wave_height_m')->default(1.0);
            $table->float('wave_period_s')->default(8.0);
            $table->float('slope')->default(0.08);
            $table->boolean('wall')->default(false);
            $table->timestamps();
        });
        Schema::create('tide_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('place_id')->constrained()->cascadeOnDelete();
            $table->dateTime('at');
            $table->float('height_m');
            $table->boolean('high');
            $table->unique(['place_id', 'at']);
        });
        Schema::create('level_marks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('place_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->boolean('above')->default(true);
            $table->float('height_m')->nullable();
            $table->timestamps();
        });
        Schema::create('sightings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('level_mark_id')->constrained()->cascadeOnDelete();
            $table->dateTime('seen_at');
            $table->boolean('reached');
            $table->float('predicted_m');
            $table->timestamps();
        });
        Schema::create('outings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('place_id')->constrained()->cascadeOnDelete();
            $table->dateTime('starts_at');
            $table->dateTime('ends_at');
            $table->text('note')->nullable();
            $table->timestamps();
            $table->index('starts_at');
        });
        Schema::create('subjects', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('place_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('water_kind');
            $table->float('speed_m_s')->nullable();
            $table->float('drop_m')->nullable();
            $table->float('period_s')->nullable();
            $table->float('distance_m');
            $table->timestamps();
        });
        Schema::create('frames', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('subject_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('after_frame_id')->nullable()->constrained('frames')->nullOnDelete();
            $table->string('water_kind');
            $table->string('look');
            $table->json('inputs');
            $table->json('plan');
            $table->float('exact_s');
            $table->float('planned_s');
            $table->float('correction_stops')->default(0);
            $table->json('steps_done');
            $table->dateTime('opened_at', 3)->nullable();
            $table->float('open_s')->nullable();
            $table->string('blur')->nullable();
            $table->integer('exposure_thirds')->nullable();
            $table->text('note')->nullable();
            $table->timestamps();
            $table->index(['opened_at', 'id']);
        });
    }

    public function down(): void
    {
        foreach (['frames', 'subjects', 'outings', 'sightings', 'level_marks', 'tide_entries', 'places'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
