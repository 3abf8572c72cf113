<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Subject;
use App\Rooms\Bench\Bench;
use App\Rooms\Bench\BenchInputs;
use App\Rooms\Bench\FramePlan;
use GentlePour\Review\BlurVerdict;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;

/** Frames of two made-up mornings, planned by the bench itself. */
final class DemoLogSeeder extends Seeder
{
    public function run(): void
    {
        $frames = [
            ['the middle step', 'silk', '1/60', 'f/11', '2026-10-03 06:41:12', 0.0, BlurVerdict::Right, 0, 'Strands hold; the log on the left is still.'],
            ['the middle step', 'brushed', '1/60', 'f/11', '2026-10-03 06:55:40', 0.0, BlurVerdict::TooCrisp, -1, null],
            ['the great drop', 'mist', '1/125', 'f/11', '2026-10-03 07:20:03', 0.0, BlurVerdict::Right, 1, 'White at the foot is close to burning.'],
            ['the posts in swell', 'silk', '1/8', 'f/11', '2026-10-18 16:48:30', 0.2, BlurVerdict::TooSmooth, 0, 'A set came through in the middle.'],
            ['the posts in swell', 'glass', '1/4', 'f/11', '2026-10-18 17:02:11', 1.4, null, null, null],
        ];
        foreach ($frames as [$name, $look, $shutter, $aperture, $at, $late, $blur, $thirds, $note]) {
            $subject = Subject::query()->where('name', $name)->firstOrFail();
            $bench = Bench::of([
                ...BenchInputs::defaults(), ...BenchInputs::ofSubject($subject), 'look' => $look, 'look_was' => $look, 'shutter' => $shutter, 'aperture' => $aperture,
            ]);
            $way = $bench->picked ?? throw new \LogicException("The demo bag cannot shoot “{$name}”.");
            $frame = FramePlan::make($bench, $way);
            $steps = is_array($frame->plan['steps']) ? $frame->plan['steps'] : [];
            $frame->update([
                'opened_at' => Carbon::parse($at, 'UTC'), 'open_s' => $way->shutter->seconds + ($way->bulb ? $late : 0.0), 'blur' => $blur,
                'exposure_thirds' => $thirds, 'note' => $note, 'steps_done' => array_column($steps, 'key'),
            ]);
        }
    }
}
