<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use App\Drawing\DayBoard;
use App\Forms\Decimal;
use App\Models\Composition;
use App\Models\Lens;
use App\Models\Outing;
use App\Models\Place;
use App\Rooms\Kit\KitShelf;
use App\Rooms\Learned\OwnLooks;
use App\Rooms\Places\DayScenes;
use App\Tide\PlaceTide;
use DateTimeImmutable;
use GentlePour\InvalidValue;
use GentlePour\Motion\Framing;
use GentlePour\Motion\WaterBody;
use GentlePour\Outing\Composition as Wanted;
use GentlePour\Outing\LongFrame;
use GentlePour\Outing\Packing;
use GentlePour\Outing\Schedule;
use GentlePour\Planning\HoldPlan;
use GentlePour\Planning\Window;
use GentlePour\Planning\WindowQuery;
use GentlePour\Planning\WindowSearch;
use GentlePour\Sky\LightCurve;
use GentlePour\Sky\LightPhase;
use GentlePour\Sky\SkyCondition;
use GentlePour\Solving\NoiseReductionHabit;
use GentlePour\Solving\Way;
use GentlePour\Tide\TideCurve;
use GentlePour\Time\PlaceCalendar;
use GentlePour\Units;

/** Works an outing out: when tide and light allow what is wanted, and how it fits between arriving and leaving. */
final class OutingPlans
{
    /** Light and tide are asked for at steps of so many seconds. */
    private const STEP_S = 300.0;

    private const FOCAL_MM = 24.0;

    /** So long before and after an outing its tide is looked at, in seconds. */
    private const BEFORE_S = 3600.0;

    private const AFTER_S = 43_200.0;

    /** @var array<string, Way|null> by composition and step of time */
    private array $ways = [];

    public function __construct(
        private readonly PlaceTide $tides, private readonly KitShelf $shelf, private readonly DayScenes $scenes,
        private readonly Units $units, private readonly OwnLooks $looks,
    ) {
    }

    /** @throws InvalidValue when the tide of the place cannot be had */
    public function of(Outing $outing): PlannedOuting
    {
        $outing->loadMissing(
            ['place.marks.sightings', 'place.outings', 'place.subjects', 'compositions.subject', 'compositions.mark.sightings'],
        );
        $place = $outing->place;
        [$from, $ends] = [(float) $outing->starts_at->getTimestamp(), (float) $outing->ends_at->getTimestamp()];
        // From before one comes: only so it is seen whether the water stands there already.
        $tide = $this->tides->curve($place, $from - self::BEFORE_S, $ends + self::AFTER_S);
        $getOff = $tide === null ? null : $this->tides->getOff($place, $tide, $from);
        $isTide = $getOff !== null && $getOff->leaveUnix < $ends;
        $until = $isTide ? $getOff->leaveUnix : $ends;
        $compositions = array_values($outing->compositions->all());
        $wanted = array_map(fn (Composition $c): Wanted => $this->wanted($c, $place, $tide, $from, $until), $compositions);
        $schedule = Schedule::fit(
            $from, $until, $wanted,
            fn (int $i, float $unix): ?LongFrame => $this->frame($this->wayAt($compositions[$i], $place, $unix)),
        );
        $ways = [];
        foreach ($schedule->frames as $one) {
            $way = $this->wayAt($compositions[$one->index], $place, $one->from);
            $way === null || $ways[$one->index] = $way;
        }
        $day = DateTimeImmutable::createFromInterface($outing->starts_at);
        $scene = $this->scenes->of($place, $day)->withSchedule(self::drawn($schedule));

        return new PlannedOuting(
            $outing, DayBoard::wide($scene, $this->units), $schedule, $isTide ? 'the tide' : 'the time that you set', $ways, $compositions,
            $this->packing($outing, $schedule), $getOff?->awashUntilUnix,
        );
    }

    /** When tide and light allow it while one is there; without a position only the tide is asked. */
    private function wanted(Composition $composition, Place $place, ?TideCurve $tide, float $from, float $until): Wanted
    {
        $observer = $place->observer();
        $level = $composition->mark?->level();
        if ($observer === null || $until <= $from) {
            $spans = [[$from, max($from, $until)]];
        } else {
            [$least, $most] = $composition->light->altitudesDeg();
            $query = new WindowQuery(
                $observer, new PlaceCalendar($place->zone()), $tide === null ? null : $level, sunLeastDeg: $least, sunMostDeg: $most,
                minutesAtLeast: 1.0, facingDeg: $this->facing($composition, $place),
            );
            $found = WindowSearch::find($query, $query->asksForTide() ? $tide : null, $from, $until);
            $spans = array_map(static fn (Window $w): array => [$w->from, $w->to], $found);
        }

        return new Wanted(
            $composition->subject->name, $spans, $composition->frames, $this->focal($composition), $composition->bracket_stops,
        );
    }

    private function frame(?Way $way): ?LongFrame
    {
        if ($way === null) {
            return null;
        }
        $busy = $this->shelf->habits()->noiseReduction === NoiseReductionHabit::InCamera ? $way->shutter->seconds : 0.0;

        return new LongFrame($way->shutter->seconds, $busy, $way->filters->count() > 0);
    }

    /** How the look is had in the light of that time; null where nothing in the bag gives it, or nothing says what light there is. */
    private function wayAt(Composition $composition, Place $place, float $unix): ?Way
    {
        $step = self::STEP_S * floor($unix / self::STEP_S);
        $key = $composition->id.'@'.$step;
        if (! array_key_exists($key, $this->ways)) {
            $this->ways[$key] = $this->workedOut($composition, $place, $step);
        }

        return $this->ways[$key];
    }

    private function workedOut(Composition $composition, Place $place, float $unix): ?Way
    {
        $observer = $place->observer();
        $camera = $this->shelf->cameras()->first();
        $lens = $this->lens($this->focal($composition));
        if ($observer === null || $camera === null || $lens === null) {
            return null;
        }
        try {
            $subject = $composition->subject;
            $sensor = $camera->sensor()->cropped($composition->crop);
            $framing = new Framing($sensor, $this->focal($composition), $subject->distance_m);
            $band = $this->looks->bands($subject->water()->orUsual()->in($framing), $framing)->band($composition->look);
            $light = LightCurve::metered($observer, $this->facing($composition, $place), SkyCondition::Clear, [], $place->foreground());

            $bag = $this->shelf->bag($camera, $lens, $this->focal($composition));

            return $band === null ? null : HoldPlan::of($light, $band->window(), $bag, $this->shelf->habits(), $unix, $unix)[0]->way;
        } catch (InvalidValue) {
            return null;
        }
    }

    private function focal(Composition $composition): float
    {
        return $composition->focal_mm ?? $composition->subject->focal_mm ?? $this->shelf->lenses()->first()->focal_min_mm ?? self::FOCAL_MM;
    }

    private function lens(float $focalMm): ?Lens
    {
        return $this->shelf->lenses()->first(static fn (Lens $l): bool => $l->focal_min_mm <= $focalMm && $focalMm <= $l->focal_max_mm)
            ?? $this->shelf->lenses()->first();
    }

    private function facing(Composition $composition, Place $place): ?float
    {
        return $composition->facing_deg ?? $composition->subject->facing_deg ?? $place->facing_deg;
    }

    /** @return list<array{float, float, string}> */
    private static function drawn(Schedule $schedule): array
    {
        $drawn = [[$schedule->from, $schedule->readyAt, 'watch the water']];
        foreach ($schedule->frames as $one) {
            $drawn[] = [$one->from, $one->to, $one->composition->name];
        }

        return $drawn;
    }

    /** @return list<string> what carries the filters */
    private function rings(): array
    {
        $carry = $this->shelf->carry();
        $mm = static fn (float $mm): string => Decimal::write($mm, 1);

        return [
            ...$carry->slots > 0 ? ['Filter holder'] : [],
            ...array_map(static fn (float $thread): string => 'Holder’s ring, '.$mm($thread).' mm', $carry->adapters),
            ...array_map(static fn (array $ring): string => 'Ring, '.$mm($ring[0]).' to '.$mm($ring[1]).' mm', $carry->rings),
        ];
    }

    /** @return list<\GentlePour\Outing\PackItem> */
    private function packing(Outing $outing, Schedule $schedule): array
    {
        $place = $outing->place;
        $observer = $place->observer();
        $isDark = $observer !== null && (
            $observer->sun($schedule->from - 1800)->altitudeDeg < LightPhase::Golden->leastDeg()
            || $observer->sun($schedule->until + 1800)->altitudeDeg < LightPhase::Golden->leastDeg()
        );
        $camera = $this->shelf->cameras()->first();
        $names = [
            ...$camera === null ? [] : [$camera->name], ...$this->shelf->lenses()->pluck('name')->all(),
            ...$this->shelf->packed()->pluck('name')->all(), ...$this->rings(),
        ];

        return Packing::of(
            array_values(array_filter($names, is_string(...))), $this->shelf->carry()->release, $schedule->openS() / 60,
            $camera?->battery_minutes, $isDark,
            in_array(WaterBody::Sea, $place->waters(), true), $outing->rain,
        );
    }
}
