<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Who came in by the passcode and from where, and where it was tried in vain. */
    public function up(): void
    {
        Schema::create('entrances', static function (Blueprint $table): void {
            $table->id();
            $table->string('came_from', 45);
            $table->string('device', 20);
            $table->timestamp('came_at')->nullable();
            $table->timestamp('seen_at');
            $table->timestamp('ended_at')->nullable();
            $table->unsignedInteger('refused')->default(0);
        });
    }

    public function down(): void
    {
        Schema::drop('entrances');
    }
};
