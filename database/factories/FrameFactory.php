<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Frame;
use App\Rooms\Bench\Bench;
use App\Rooms\Bench\BenchInputs;
use App\Rooms\Bench\FramePlan;
use GentlePour\Solving\Way;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * Frames as the bench plans them, for the kit that is in the database.
 *
 * @extends Factory<Frame>
 */
final class FrameFactory extends Factory
{
    protected $model = Frame::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        $bench = Bench::of(BenchInputs::defaults());
        $way = $bench->answer->byStack[0] ?? throw new \LogicException('The kit in the database cannot shoot the default bench.');

        return self::attributesOf($bench, $way);
    }

    public function taken(float $openS = 1.3): self
    {
        return $this->state(['open_s' => $openS, 'opened_at' => '2026-10-03 06:41:12.000']);
    }

    /** @return array<string, mixed> */
    private static function attributesOf(Bench $bench, Way $way): array
    {
        return FramePlan::draft($bench, $way)->only([
            'water_kind', 'look', 'inputs', 'plan', 'exact_s', 'planned_s', 'correction_stops', 'steps_done',
        ]);
    }
}
