<?php

declare(strict_types=1);

namespace App\Rooms\Shoot;

use App\Models\ShotList;
use App\Rooms\Bench\Bench;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Motion\MovingSubject;
use GentlePour\Solving\Averaging;
use GentlePour\Solving\ListKind;
use GentlePour\Solving\ShotPlan;
use GentlePour\Solving\ShotPlans;
use GentlePour\Solving\Wall;
use GentlePour\Solving\Way;
use Illuminate\Support\Facades\DB;

/** Turns a list of frames that was asked for on the bench into frames that wait in Shoot. */
final class MakeList
{
    /** Frames to average where neither the person nor the light says how many. Judgement. */
    private const FRAMES = 4;

    /** @throws InvalidValue when the bench cannot give that list */
    public function __invoke(Bench $bench, ListOrder $order): ShotList
    {
        $plan = self::plan($bench, $order);
        if ($plan->shots === []) {
            throw new InvalidValue($plan->title.': '.implode('; ', $plan->left).'.');
        }

        return DB::transaction(static fn (): ShotList => self::keep($bench, $plan));
    }

    /** @throws InvalidValue when the bench cannot give that list */
    public static function plan(Bench $bench, ListOrder $order): ShotPlan
    {
        $question = $bench->question;

        return match ($order->kind) {
            ListKind::Ladder => ShotPlans::ladder($question, $bench->moving->bands),
            ListKind::Blend => ShotPlans::blend($question, $bench->picture->frames()),
            ListKind::Time => ShotPlans::bracketByTime($question, self::way($bench), $order->each, $order->step),
            ListKind::Aperture => ShotPlans::bracketByAperture($question, self::way($bench), $order->each, $order->step),
            ListKind::Base => ShotPlans::bracketOfBase($question, $order->each, $order->step),
            ListKind::Average => ShotPlans::average($question, $order->frames ?? Averaging::fewest($question) ?? self::FRAMES),
            ListKind::Freeze => self::freeze($bench, self::way($bench), $order->still ?? throw InvalidValue::missing('What to hold still')),
            ListKind::Polariser => ShotPlans::polariserPair($question),
            ListKind::Dark => ShotPlans::darkFrame(self::way($bench)),
        };
    }

    private static function keep(Bench $bench, ShotPlan $plan): ShotList
    {
        $takes = $plan->totalS($bench->question->habits->noiseReduction);
        $notes = [$plan->left === [] ? null : 'Left out: '.implode('; ', $plan->left).'.', self::fits($bench, $takes)];
        $list = ShotList::query()->create([
            'title' => $plan->title.', '.$bench->moving->kind->label(),
            'note' => implode(' ', array_filter($notes)) ?: null,
            'total_s' => $takes,
        ]);
        foreach ($plan->shots as $i => $shot) {
            $frame = PlanFrame::draft($bench, $shot->way, $bench->moving->bands->at($shot->way->shutter->seconds), $shot);
            $frame->fill(['shot_list_id' => $list->id, 'list_place' => $i + 1, 'role' => $shot->role])->save();
        }

        return $list;
    }

    /** Whether the list is done before it is time to leave; null where nothing says when that is. */
    private static function fits(Bench $bench, float $takesS): ?string
    {
        $clock = array_values(array_filter($bench->question->otherWalls, static fn (Wall $w): bool => $w->kind->isOfTheClock()))[0] ?? null;
        if ($clock === null) {
            return null;
        }
        $spare = $clock->longest->seconds - $takesS;

        return $spare >= 0
            ? sprintf('It fits before %s, with %s to spare.', $clock->why, ShutterTime::ofSeconds(max(1, $spare))->label())
            : sprintf('It does not fit before %s: %s too long. Leave frames out.', $clock->why, ShutterTime::ofSeconds(-$spare)->label());
    }

    private static function way(Bench $bench): Way
    {
        return $bench->picked ?? throw new InvalidValue('There is no way to shoot the frame itself yet; take a remedy first.');
    }

    private static function freeze(Bench $bench, Way $way, MovingSubject $what): ShotPlan
    {
        $sharp = $bench->moving->framing->sharpSeconds($what->speedMS());

        return ShotPlans::freeze(
            $bench->question, $way, ShutterTime::ofSeconds(Limit::ShutterTime->clamp(min($way->shutter->seconds, $sharp))), $what->label(),
        );
    }
}
