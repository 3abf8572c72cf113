<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Outing;
use GentlePour\Motion\Look;
use GentlePour\Planning\WantedLight;
use Illuminate\Database\Seeder;

/** What is wanted of the outing ahead. */
final class DemoOutingSeeder extends Seeder
{
    public function run(): void
    {
        $outing = Outing::query()->with('place.subjects', 'place.marks')->where('starts_at', '>', now())->first();
        if ($outing === null) {
            return;
        }
        $mark = $outing->place->marks->firstWhere('name', 'water reaches the posts');
        $wanted = [[Look::Glass, WantedLight::Low, 1, $mark?->id], [Look::Silk, WantedLight::Any, 3, null]];
        foreach ($outing->place->subjects->take(count($wanted))->values() as $i => $subject) {
            [$look, $light, $frames, $markId] = $wanted[$i];
            $outing->compositions()->create([
                'subject_id' => $subject->id, 'level_mark_id' => $markId, 'look' => $look, 'light' => $light, 'frames' => $frames,
                'position' => $i + 1,
            ]);
        }
        $outing->compositions()->latest('id')->firstOrFail()->update(['bracket_stops' => 1]);
        $outing->update(['forecast' => 'Wind west 4, swell 1.5 m at 9 s, dry.', 'packed' => ['tripod', 'cards', 'cloths', 'phone']]);
    }
}
