<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** The latest forecast that a person gave for a place: it is written over by the next. */
    public function up(): void
    {
        Schema::create('forecasts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('place_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('source', 120);
            $table->timestamp('taken_at');
            $table->text('hours');
        });
    }

    public function down(): void
    {
        Schema::drop('forecasts');
    }
};
