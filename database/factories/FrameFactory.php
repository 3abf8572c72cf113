<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Frame;
use App\Rooms\Bench\BenchFiller;
use App\Rooms\Bench\BenchForm;
use App\Rooms\Bench\Workbench;
use App\Rooms\Shoot\PlanFrame;
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
        $bench = app(Workbench::class)->open(BenchForm::of(app(BenchFiller::class)->defaults()));
        $way = $bench->answer->byStack[0] ?? throw new \LogicException('The kit in the database cannot shoot the default bench.');

        return PlanFrame::draft($bench, $way)->only([
            'water_kind', 'look', 'inputs', 'plan', 'middle_s', 'exact_s', 'planned_s', 'correction_stops', 'steps_done',
        ]);
    }

    public function taken(float $openS = 2.0): self
    {
        return $this->state(['open_s' => $openS, 'opened_at' => '2026-10-03 06:41:12.000']);
    }
}
