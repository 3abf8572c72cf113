<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Filter;
use App\Models\Frame;
use App\Models\Photo;
use App\Models\Subject;
use App\Rooms\Bench\BenchFiller;
use App\Rooms\Bench\BenchForm;
use App\Rooms\Bench\Workbench;
use App\Rooms\Log\CalibrateFilter;
use App\Rooms\Log\JudgeFrame;
use App\Rooms\Log\TakePhoto;
use App\Rooms\Log\Verdict;
use App\Rooms\Shoot\PlanFrame;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Outing\Step;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;

/** The demo's frames, planned by the bench itself; their pictures come in by the ordinary door. */
final class DemoLogSeeder extends Seeder
{
    private const FILES = 'data/demo';

    /** Where the water is in the pictures of some subjects, as drawn by hand. */
    private const WATER = ['the posts in swell' => [0.0, 0.62, 1.0, 0.35], 'the middle step' => [0.3, 0.2, 0.4, 0.5]];

    public function run(
        Workbench $workbench, BenchFiller $filler, PlanFrame $plan, JudgeFrame $judge, TakePhoto $take, CalibrateFilter $calibrate,
    ): void {
        foreach (DemoShots::all() as $shot) {
            $subject = Subject::query()->where('name', $shot->water[0])->firstOrFail();
            $bench = $workbench->open(BenchForm::of([
                ...$filler->defaults(), ...BenchFiller::ofSubject($subject), 'look' => $shot->water[1], 'look_was' => $shot->water[1],
                'shutter' => $shot->reading[0], 'aperture' => $shot->reading[1], ...self::glass($shot->bench),
            ]));
            $way = $bench->picked ?? throw new \LogicException("The demo bag cannot shoot “{$shot->name}”.");
            $frame = $plan($bench, $way);
            $open = $way->shutter->seconds + ($way->bulb ? $shot->late : 0.0);
            $frame->update([
                'opened_at' => Carbon::parse($shot->at, 'UTC'), 'open_s' => $open, 'keeper' => $shot->mark, 'note' => $shot->note,
                'steps_done' => array_map(static fn (Step $s): string => $s->key, $frame->plan->steps),
            ]);
            if ($shot->blur !== null) {
                $judge($frame, new Verdict(ShutterTime::ofSeconds($open), $shot->blur, $shot->thirds, $shot->note));
            }
        }
        // The long ones first: they tell how the camera's clock goes.
        $files = array_map(static fn (DemoShots $s): string => $s->name, DemoShots::all());
        foreach ([...$files, ...array_filter(array_map(static fn (DemoShots $s): ?string => $s->base, DemoShots::all()))] as $name) {
            $file = base_path(self::FILES."/{$name}.jpg");
            is_file($file) && $take($file, "{$name}.jpg");
        }
        foreach (self::WATER as $subject => $area) {
            Photo::query()->whereHas('frame.subject', static fn ($of) => $of->where('name', $subject))
                ->update(['water_area' => json_encode($area)]);
        }
        $fifteen = Photo::query()->where('name', 'chop-fifteen.jpg')->with('frame.basePhoto', 'frame.place')->first();
        if ($fifteen?->frame?->basePhoto !== null) {
            $calibrate(Filter::query()->where('name', 'Fifteen')->firstOrFail(), $fifteen->frame->basePhoto, $fifteen);
        }
    }

    /** @return array<string, int> frames by the name of their shot */
    public static function frames(): array
    {
        $ids = Frame::query()->oldest('id')->pluck('id')->all();

        return array_combine(array_map(static fn (DemoShots $s): string => $s->name, DemoShots::all()), $ids);
    }

    /**
     * @param  array<string, mixed>  $bench
     * @return array<string, mixed> filters by their numbers
     */
    private static function glass(array $bench): array
    {
        foreach (['must', 'off'] as $field) {
            if (isset($bench[$field])) {
                $bench[$field] = [(string) Filter::query()->where('name', $bench[$field])->value('id')];
            }
        }

        return $bench;
    }
}
