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
            $table->timestamps();
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
        foreach (['frames', 'subjects', 'places'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
