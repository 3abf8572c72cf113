<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who keeps the application: one, with the passcode that opens it over the network. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('keepers', static function (Blueprint $table): void {
            $table->id();
            $table->string('password');
            $table->rememberToken();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::drop('keepers');
    }
};
