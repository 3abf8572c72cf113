<?php

declare(strict_types=1);

use App\Models\AsFramePlan;
use App\Models\Sentences;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a run sheet says is nearly the same for every frame: it is kept once, and a frame in half the room. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('sentences', static function (Blueprint $table): void {
            $table->id();
            $table->text('text')->unique();
        });
        self::rewrite(static fn (array $document): array => resolve(Sentences::class)->away($document));
    }

    public function down(): void
    {
        self::rewrite(static fn (array $document): array => resolve(Sentences::class)->back($document));
        Schema::drop('sentences');
    }

    private static function rewrite(Closure $change): void
    {
        foreach (DB::table('frames')->select('id', 'plan')->lazyById(500) as $frame) {
            $document = json_decode((string) $frame->plan, true);
            if (is_array($document)) {
                DB::table('frames')->where('id', $frame->id)->update(['plan' => AsFramePlan::written($change($document))]);
            }
        }
    }
};
