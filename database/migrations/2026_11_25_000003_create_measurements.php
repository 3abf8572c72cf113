<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('measurements', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('place_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind');
            $table->json('data');
            $table->dateTime('measured_at', 3);
            $table->string('note', 200)->nullable();
            $table->timestamps();
            $table->index(['measured_at', 'id']);
        });
        Schema::create('shot_lists', function (Blueprint $table): void {
            $table->id();
            $table->string('title');
            $table->text('note')->nullable();
            $table->float('total_s')->default(0);
            $table->timestamps();
        });
        Schema::table('frames', function (Blueprint $table): void {
            $table->foreignId('shot_list_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedInteger('list_place')->nullable();
            $table->string('role')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('frames', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('shot_list_id');
            $table->dropColumn(['list_place', 'role']);
        });
        Schema::dropIfExists('shot_lists');
        Schema::dropIfExists('measurements');
    }
};
