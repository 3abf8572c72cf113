<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** A person says which look a frame came out as: from that their own bounds of the looks are learned. */
    public function up(): void
    {
        Schema::table('frames', static function (Blueprint $table): void {
            $table->string('called', 12)->nullable();
            $table->timestamp('called_at', 3)->nullable()->index();
        });
    }

    public function down(): void
    {
        Schema::table('frames', static function (Blueprint $table): void {
            $table->dropIndex(['called_at']);
            $table->dropColumn(['called', 'called_at']);
        });
    }
};
