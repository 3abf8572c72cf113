<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('drops', static function (Blueprint $table): void {
            $table->id();
            $table->json('rows');
            $table->json('links');
            $table->timestamp('created_at');
        });
    }

    public function down(): void
    {
        Schema::drop('drops');
    }
};
