<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Models\ShotList;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use GentlePour\Motion\MovingSubject;
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
            $takes = $plan->totalS($bench->question->habits->noiseReduction);
            $notes = [$plan->left === [] ? null : 'Left out: '.implode('; ', $plan->left).'.', self::fits($bench, $takes)];
            $list = ShotList::query()->create([
                'title' => $plan->title.', '.$bench->moving->kind->label(),
                'note' => implode(' ', array_filter($notes)) ?: null,
                'total_s' => $takes,
            ]);
            foreach ($plan->shots as $i => $shot) {
                $frame = FramePlan::draft($bench, $shot->way, $bench->moving->bands->at($shot->way->shutter->seconds), $shot);
                $frame->fill(['shot_list_id' => $list->id, 'list_place' => $i + 1, 'role' => $shot->role])->save();
            }

            return $list;
        });
    }

    /** Whether the list is done before it is time to leave; null where nothing says when that is. */
    private static function fits(Bench $bench, float $takesS): ?string
    {
        foreach ($bench->question->otherWalls as $wall) {
            if ($wall->ofTheClock) {
                return $takesS <= $wall->longest->seconds
                    ? sprintf('It fits before %s, with %s to spare.', $wall->why, ShutterTime::ofSeconds(max(1, $wall->longest->seconds - $takesS))->label())
                    : sprintf('It does not fit before %s: %s too long. Leave frames out.', $wall->why, ShutterTime::ofSeconds($takesS - $wall->longest->seconds)->label());
            }
        }

        return null;
    }

    private static function freeze(Bench $bench, Way $way, string $still): ShotPlan
    {
        $what = MovingSubject::tryFrom($still) ?? throw InvalidValue::notOneOf('What to hold still', $still, array_column(MovingSubject::cases(), 'value'));
        $seconds = max(ShutterTime::SHORTEST_S, min($way->shutter->seconds, $bench->moving->framing->sharpSeconds($what->speedMS())));

        return ShotPlans::freeze($bench->question, $way, ShutterTime::ofSeconds($seconds), $what->label());
    }
}
