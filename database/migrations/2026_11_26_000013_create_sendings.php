<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The forms that have made a record, so that one that is sent again makes none. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('sendings', static function (Blueprint $table): void {
            $table->id();
            $table->string('form', 64)->unique();
            $table->text('led_to');
            $table->unsignedBigInteger('sent_at')->index();
        });
    }

    public function down(): void
    {
        Schema::drop('sendings');
    }
};
