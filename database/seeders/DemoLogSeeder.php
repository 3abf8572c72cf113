<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Subject;
use App\Rooms\Bench\BenchFiller;
use App\Rooms\Bench\BenchForm;
use App\Rooms\Bench\Workbench;
use App\Rooms\Log\JudgeFrame;
use App\Rooms\Log\Verdict;
use App\Rooms\Shoot\PlanFrame;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Outing\Step;
use GentlePour\Review\BlurVerdict;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;

/** Frames of a made-up evening and a made-up morning, planned by the bench itself; the stair was planned last. */
final class DemoLogSeeder extends Seeder
{
    public function run(Workbench $workbench, BenchFiller $filler, PlanFrame $plan, JudgeFrame $judge): void
    {
        $frames = [
            [
                'the posts in swell', 'silk', '1/8', 'f/11', '2026-10-18 16:48:30', 0.2, BlurVerdict::TooSmooth, 0,
                'A set came through in the middle.',
            ],
            ['the posts in swell', 'glass', '1/4', 'f/11', '2026-10-18 17:02:11', 1.4, null, null, null],
            [
                'the middle step', 'silk', '1/60', 'f/11', '2026-10-03 06:41:12', 0.0, BlurVerdict::Right, 0,
                'Strands hold; the log on the left is still.',
            ],
            ['the middle step', 'brushed', '1/60', 'f/11', '2026-10-03 06:55:40', 0.0, BlurVerdict::TooCrisp, -1, null],
            [
                'the great drop', 'mist', '1/125', 'f/11', '2026-10-03 07:20:03', 0.0, BlurVerdict::Right, 1,
                'White at the foot is close to burning.',
            ],
        ];
        foreach ($frames as [$name, $look, $shutter, $aperture, $at, $late, $blur, $thirds, $note]) {
            $subject = Subject::query()->where('name', $name)->firstOrFail();
            $bench = $workbench->open(BenchForm::of([
                ...$filler->defaults(), ...BenchFiller::ofSubject($subject), 'look' => $look, 'look_was' => $look, 'shutter' => $shutter,
                'aperture' => $aperture,
            ]));
            $way = $bench->picked ?? throw new \LogicException("The demo bag cannot shoot “{$name}”.");
            $frame = $plan($bench, $way);
            $open = $way->shutter->seconds + ($way->bulb ? $late : 0.0);
            $frame->update([
                'opened_at' => Carbon::parse($at, 'UTC'), 'open_s' => $open,
                'steps_done' => array_map(static fn (Step $s): string => $s->key, $frame->plan->steps),
            ]);
            $judge($frame, new Verdict(ShutterTime::ofSeconds($open), $blur, $thirds, $note));
        }
    }
}
