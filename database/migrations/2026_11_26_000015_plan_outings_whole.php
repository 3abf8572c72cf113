<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** An outing as one thing: the pictures that are wanted of it, what is packed, the way there, and what came of it. */
return new class extends Migration
{
    private const UUID = "lower(hex(randomblob(4)) || '-' || hex(randomblob(2)) || '-4' || substr(hex(randomblob(2)), 2) || '-a'
        || substr(hex(randomblob(2)), 2) || '-' || hex(randomblob(6)))";

    public function up(): void
    {
        Schema::table('outings', static function (Blueprint $table): void {
            $table->float('travel_minutes')->nullable();
            $table->string('told', 200)->nullable();
            $table->text('packed')->default('[]');
            $table->text('brought_back')->default('[]');
            $table->text('came_of_it')->nullable();
            $table->dateTime('closed_at')->nullable();
        });
        Schema::create('compositions', static function (Blueprint $table): void {
            $table->id();
            $table->string('uid')->nullable()->unique();
            $table->foreignId('outing_id')->constrained()->cascadeOnDelete();
            $table->foreignId('subject_id')->constrained()->cascadeOnDelete();
            $table->foreignId('level_mark_id')->nullable()->constrained()->nullOnDelete();
            $table->string('look', 20);
            $table->string('light', 20);
            $table->unsignedInteger('frames')->default(1);
            $table->unsignedInteger('position')->default(0);
            $table->timestamps();
        });
        DB::unprepared('CREATE TRIGGER compositions_named AFTER INSERT ON compositions WHEN NEW.uid IS NULL
            BEGIN UPDATE compositions SET uid = '.self::UUID.' WHERE rowid = NEW.rowid; END');
    }

    public function down(): void
    {
        Schema::drop('compositions');
        Schema::table('outings', static fn (Blueprint $table) => $table->dropColumn(
            ['travel_minutes', 'told', 'packed', 'brought_back', 'came_of_it', 'closed_at'],
        ));
    }
};
