<?php

declare(strict_types=1);

namespace GentlePour\Outing;

use Closure;

/**
 * Fits what is wanted of an outing between arriving and leaving: the tripod and a quarter of an hour to watch the water first, then the
 * most wanted composition at the first time that tide and light allow, then the next, and five minutes to pack before the time to leave.
 * How long each thing takes is judgement; of every frame one more is reckoned with.
 */
final readonly class Schedule
{
    public const TRIPOD_S = 180.0;

    public const WATCH_S = 900.0;

    public const PACK_S = 300.0;

    public const BASE_S = 120.0;

    public const FILTER_S = 60.0;

    public const SETTLE_S = 10.0;

    public const LOOK_S = 40.0;

    public const LENS_S = 120.0;

    private const STEP_S = 120.0;

    /**
     * @param  list<Scheduled>  $frames  in order of time
     * @param  array<int, string>  $left  why the others found no place, by their number
     */
    private function __construct(
        public float $from,
        public float $until,
        public float $readyAt,
        public array $frames,
        public array $left,
    ) {
    }

    /**
     * @param  list<Composition>  $wanted  the most wanted first
     * @param  Closure(int, float): ?LongFrame  $frameAt  what a frame of a composition takes at an instant; null where nothing gives it
     */
    public static function fit(float $from, float $until, array $wanted, Closure $frameAt): self
    {
        $readyAt = $from + self::TRIPOD_S + self::WATCH_S;
        $placed = $left = [];
        foreach ($wanted as $index => $composition) {
            $found = self::place($index, $composition, $readyAt, $until - self::PACK_S, $placed, $frameAt);
            if ($found instanceof Scheduled) {
                $placed[] = $found;
                usort($placed, static fn (Scheduled $a, Scheduled $b): int => $a->from <=> $b->from);
            } else {
                $left[$index] = $found;
            }
        }

        return new self($from, $until, $readyAt, self::withLenses($placed), $left);
    }

    /** What is not filled, in seconds; less than nothing where one must leave before one is ready. */
    public function slackS(): float
    {
        $used = array_map(static fn (Scheduled $s): float => $s->to - $s->from + ($s->changesLens ? self::LENS_S : 0.0), $this->frames);

        return $this->until - self::PACK_S - $this->readyAt - array_sum($used);
    }

    /** How long the shutter is open in all, in seconds: what batteries must do. */
    public function openS(): float
    {
        return array_sum(array_map(
            static fn (Scheduled $s): float => ($s->composition->frames + 1) * $s->composition->openTimes()
                * ($s->frame->openS + $s->frame->busyS),
            $this->frames,
        ));
    }

    /**
     * @param  list<Scheduled>  $placed
     * @param  Closure(int, float): ?LongFrame  $frameAt
     */
    private static function place(
        int $index, Composition $wanted, float $ready, float $until, array $placed, Closure $frameAt,
    ): Scheduled|string {
        $isAllowed = $isGiven = false;
        foreach ($wanted->spans as [$spanFrom, $spanTo]) {
            for ($at = max($spanFrom, $ready); $at < min($spanTo, $until); $at += self::STEP_S) {
                $isAllowed = true;
                $frame = $frameAt($index, $at);
                if ($frame === null) {
                    continue;
                }
                $isGiven = true;
                $parts = self::parts($wanted, $frame);
                $to = $at + array_sum(array_column($parts, 1));
                if ($to <= min($spanTo, $until) && self::isFree($at, $to, $wanted->focalMm, $placed)) {
                    return new Scheduled($index, $wanted, $at, $to, $frame, $parts);
                }
            }
        }

        return match (true) {
            ! $isAllowed => 'tide and light do not allow it while you are there',
            ! $isGiven => 'nothing in the bag gives it in that light',
            default => 'there is no time left for it while tide and light allow it',
        };
    }

    /** @return list<array{string, float}> */
    private static function parts(Composition $wanted, LongFrame $frame): array
    {
        $each = $wanted->exposures() * self::SETTLE_S + $wanted->openTimes() * ($frame->openS + $frame->busyS) + self::LOOK_S;
        $bracket = $wanted->bracketStops === 0 ? 'long frame' : "bracket of {$wanted->exposures()}";

        return [
            ['compose, focus, base frame', self::BASE_S],
            ...$frame->hasFilter ? [['filter on, settings', self::FILTER_S]] : [],
            [
                $wanted->frames === 1 ? "the {$bracket}, and a look at it" : sprintf(
                    '%d %s, and a look at each', $wanted->frames, str_replace(['frame', 'bracket'], ['frames', 'brackets'], $bracket),
                ),
                $wanted->frames * $each,
            ],
            ['once more, if need be', $each],
        ];
    }

    /**
     * Free of the others, with time to change the lens where theirs is another.
     *
     * @param  list<Scheduled>  $placed
     */
    private static function isFree(float $from, float $to, ?float $focalMm, array $placed): bool
    {
        foreach ($placed as $one) {
            $lens = self::differ($one->composition->focalMm, $focalMm) ? self::LENS_S : 0.0;
            if ($from < $one->to + $lens && $one->from < $to + $lens) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<Scheduled>  $placed
     * @return list<Scheduled>
     */
    private static function withLenses(array $placed): array
    {
        $frames = [];
        foreach ($placed as $i => $one) {
            $changes = $i > 0 && self::differ($placed[$i - 1]->composition->focalMm, $one->composition->focalMm);
            $frames[] = new Scheduled($one->index, $one->composition, $one->from, $one->to, $one->frame, $one->parts, $changes);
        }

        return $frames;
    }

    private static function differ(?float $one, ?float $other): bool
    {
        return $one !== null && $other !== null && abs($one - $other) > 0.5;
    }
}
