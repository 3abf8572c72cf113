<?php

declare(strict_types=1);

use App\Models\AsFramePlan;
use GentlePour\Documents\Fields;
use GentlePour\Documents\FramePlan;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Files of frames, what was measured in them, the filters that were calibrated with them; keepers, and waters fitted to what was seen. */
return new class extends Migration
{
    /** A random UUID, version 4. */
    private const UUID = "lower(hex(randomblob(4)) || '-' || hex(randomblob(2)) || '-4' || substr(hex(randomblob(2)), 2) || '-a'
        || substr(hex(randomblob(2)), 2) || '-' || hex(randomblob(6)))";

    public function up(): void
    {
        Schema::create('photos', static function (Blueprint $table): void {
            $table->id();
            $table->string('uid')->nullable()->unique();
            $table->foreignId('frame_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('base_id')->nullable()->constrained('photos')->nullOnDelete();
            $table->string('role', 20);
            $table->string('sha256', 64)->unique();
            $table->string('name', 200);
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->string('camera', 80)->nullable();
            $table->string('lens', 80)->nullable();
            $table->float('aperture')->nullable();
            $table->float('shutter_s')->nullable();
            $table->float('iso')->nullable();
            $table->float('focal_mm')->nullable();
            $table->string('camera_clock', 40)->nullable();
            $table->dateTime('taken_at', 3)->nullable();
            $table->string('original', 10);
            $table->text('water_area')->nullable();
            $table->text('still_area')->nullable();
            $table->float('texture_kept')->nullable();
            $table->timestamps();
            $table->index(['frame_id', 'role']);
            $table->index('taken_at');
        });
        Schema::create('calibrations', static function (Blueprint $table): void {
            $table->id();
            $table->string('uid')->nullable()->unique();
            $table->foreignId('filter_id')->constrained()->cascadeOnDelete();
            $table->foreignId('base_id')->nullable()->constrained('photos')->nullOnDelete();
            $table->foreignId('filtered_id')->nullable()->constrained('photos')->nullOnDelete();
            $table->float('stops');
            $table->float('uncertainty_stops');
            $table->float('red_stops');
            $table->float('blue_stops');
            $table->float('evenness_stops')->nullable();
            $table->float('drift_stops')->default(0);
            $table->timestamps();
        });
        foreach (['photos', 'calibrations'] as $table) {
            DB::unprepared("CREATE TRIGGER {$table}_named AFTER INSERT ON {$table} WHEN NEW.uid IS NULL
                BEGIN UPDATE {$table} SET uid = ".self::UUID.' WHERE rowid = NEW.rowid; END');
        }
        Schema::table('frames', static function (Blueprint $table): void {
            $table->string('keeper', 10)->nullable();
            $table->boolean('by_file')->default(false);
            $table->string('filters_label', 200)->nullable();
            $table->index(['keeper', 'opened_at', 'id']);
            $table->index(['place_id', 'opened_at', 'id']);
            $table->index(['look', 'opened_at', 'id']);
            $table->index(['filters_label', 'opened_at', 'id']);
        });
        foreach (DB::table('frames')->select('id', 'plan')->lazyById(500) as $frame) {
            $plan = FramePlan::read(new Fields(AsFramePlan::document((string) $frame->plan)));
            DB::table('frames')->where('id', $frame->id)->update(['filters_label' => $plan->way->filtersLabel()]);
        }
        Schema::table('subjects', static fn (Blueprint $table) => $table->text('fitted')->nullable());
    }

    public function down(): void
    {
        Schema::table('subjects', static fn (Blueprint $table) => $table->dropColumn('fitted'));
        Schema::table('frames', static function (Blueprint $table): void {
            foreach (['keeper', 'place_id', 'look', 'filters_label'] as $first) {
                $table->dropIndex([$first, 'opened_at', 'id']);
            }
            $table->dropColumn(['keeper', 'by_file', 'filters_label']);
        });
        Schema::drop('calibrations');
        Schema::drop('photos');
    }
};
