<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\ShotList;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use GentlePour\Motion\Stirring;
use GentlePour\Solving\Remedies;
use GentlePour\Solving\ShotPlan;
use GentlePour\Solving\ShotPlans;
use GentlePour\Solving\Way;
use Illuminate\Support\Facades\DB;

/** Turns a list of frames that was asked for on the bench into frames that wait in Shoot. */
final class ListMaker
{
    public const KINDS = ['ladder', 'blend', 'time', 'aperture', 'average', 'freeze', 'polariser', 'dark'];

    /**
     * @param  array{each?: int, frames?: int, still?: string}  $more  what a kind of list asks for besides
     *
     * @throws InvalidValue when the bench cannot give that list
     */
    public static function plan(Bench $bench, string $kind, array $more): ShotPlan
    {
        $way = $bench->picked;
        $needed = static fn (): Way => $way ?? throw new InvalidValue('There is no way to shoot the frame itself yet; take a remedy first.');

        return match ($kind) {
            'ladder' => ShotPlans::ladder($bench->question, $bench->moving->bands),
            'blend' => ShotPlans::blend($bench->question, $bench->picture->frames()),
            'time' => ShotPlans::bracketByTime($bench->question, $needed(), $more['each'] ?? 1),
            'aperture' => ShotPlans::bracketByAperture($bench->question, $needed(), $more['each'] ?? 1),
            'average' => ShotPlans::average($bench->question, $more['frames'] ?? Remedies::framesToAverage($bench->question) ?? 4),
            'freeze' => self::freeze($bench, $needed(), $more['still'] ?? ''),
            'polariser' => ShotPlans::polariserPair($bench->question),
            'dark' => ShotPlans::darkFrame($needed()),
            default => throw InvalidValue::notOneOf('The list', $kind, self::KINDS),
        };
    }

    /** @throws InvalidValue when no frame of the plan can be had */
    public static function make(Bench $bench, ShotPlan $plan): ShotList
    {
        if ($plan->shots === []) {
            throw new InvalidValue($plan->title.': '.implode('; ', $plan->left).'.');
        }

        return DB::transaction(static function () use ($bench, $plan): ShotList {
            $list = ShotList::query()->create([
                'title' => $plan->title.', '.$bench->moving->kind->label(),
                'note' => $plan->left === [] ? null : 'Left out: '.implode('; ', $plan->left).'.',
                'total_s' => $plan->totalS($bench->question->habits->noiseReduction),
            ]);
            foreach ($plan->shots as $i => $shot) {
                $frame = FramePlan::draft($bench, $shot->way, $bench->moving->bands->at($shot->way->shutter->seconds), $shot);
                $frame->fill(['shot_list_id' => $list->id, 'list_place' => $i + 1, 'role' => $shot->role])->save();
            }

            return $list;
        });
    }

    private static function freeze(Bench $bench, Way $way, string $still): ShotPlan
    {
        $what = Stirring::tryFrom($still) ?? throw InvalidValue::notOneOf('What to hold still', $still, array_column(Stirring::cases(), 'value'));
        $seconds = max(ShutterTime::SHORTEST_S, min($way->shutter->seconds, $bench->moving->framing->sharpSeconds($what->speedMS())));

        return ShotPlans::freeze($bench->question, $way, ShutterTime::ofSeconds($seconds), $what->label());
    }
}
