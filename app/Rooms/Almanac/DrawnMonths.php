<?php

declare(strict_types=1);

namespace App\Rooms\Almanac;

use App\Drawing\AlmanacMarks;
use App\Forms\Typed;
use App\Models\Frame;
use App\Models\Outing;
use App\Models\Place;
use App\Tide\KeptOfPlace;
use App\Tide\PlaceTide;
use DateTimeImmutable;
use GentlePour\InvalidValue;
use GentlePour\Planning\Almanac;
use GentlePour\Planning\AlmanacDay;
use GentlePour\Planning\Window;
use GentlePour\Planning\WindowSearch;
use GentlePour\Review\FrameMark;
use GentlePour\Tide\Level;
use GentlePour\Units;
use LogicException;

/** The days from the first of this month on, drawn, with the windows that were found in them and what else stands on them. */
final readonly class DrawnMonths
{
    /** A chance is rare when there are no more than so many days with it in the next so many. Judgement. */
    private const RARE_DAYS = 3;

    private const SOON_DAYS = 60;

    private const KEEPERS = 2000;

    public function __construct(private PlaceTide $tides, private Units $units)
    {
    }

    /**
     * @param  list<Window>  $found  in order of time
     * @param  string|null  $day  that is looked at, YYYY-MM-DD; null for the best
     */
    public function of(Place $place, Typed $asked, array $found, int $months, ?string $day): AlmanacPage
    {
        $zone = $place->zone();
        $now = now($zone);
        $first = $now->copy()->startOfMonth();
        $last = now()->copy()->setTimestamp((int) AskedWindows::until((float) $now->getTimestamp(), $months))->setTimezone($zone);
        $count = 1 + (int) round($first->diffInDays($last->startOfDay()));
        $level = AskedWindows::level($place, $asked);
        $goesBy = [AskedWindows::search($place, $asked, $months), $first->format('Y-m-d'), $count];
        $days = fn (): array => KeptOfPlace::get('almanac', $place, $goesBy, fn (): array => $this->days(
            $place, $level, $found, $first->format('Y-m-d'), $count,
        ));
        $best = WindowSearch::ranked($found)[0] ?? null;
        $bestDay = $best === null ? null : (new DateTimeImmutable('@'.(int) $best->from))->setTimezone($zone)->format('Y-m-d');
        $until = $now->copy()->startOfDay()->addDays(self::SOON_DAYS)->getTimestamp();
        $soon = KeptOfPlace::get('soon', $place, [$goesBy, $until], static fn (): array => array_column(
            Almanac::withWindows($days(), $until), 'date',
        ));
        $isRare = $soon !== [] && count($soon) <= self::RARE_DAYS;
        $flags = ($isRare ? array_fill_keys($soon, 'rare') : []) + ($bestDay === null ? [] : [$bestDay => 'best']);
        $today = $now->format('Y-m-d');
        $span = [$first->copy()->utc()->toDateTimeString(), $first->copy()->addDays($count)->utc()->toDateTimeString()];

        return AlmanacPage::of($place, $days, new AlmanacMarks(
            $today, $day ?? $bestDay ?? $today, $flags, self::keepers($place, $span), self::outings($place, $span),
        ), $level === null ? null : $level->aboveM ?? $level->belowM, $this->units, count($soon), $isRare, $goesBy);
    }

    /**
     * @param  list<Window>  $found
     * @return non-empty-list<AlmanacDay>
     */
    private function days(Place $place, ?Level $level, array $found, string $first, int $count): array
    {
        $midnight = new DateTimeImmutable($first, $place->zone());
        try {
            $end = (float) $midnight->modify("+{$count} days")->getTimestamp();
            $tide = $this->tides->curve($place, (float) $midnight->getTimestamp(), $end);
        } catch (InvalidValue) {
            $tide = null; // What was searched says it; the light is drawn all the same.
        }

        return Almanac::days($place->observer(), $place->zone(), $tide, $level, $found, $first, $count)
            ?: throw new LogicException('There is no day.');
    }

    /**
     * @param  array{string, string}  $span  as the database writes instants
     * @return array<string, int>
     */
    private static function keepers(Place $place, array $span): array
    {
        $kept = Frame::query()->where('place_id', $place->id)->where('keeper', FrameMark::Keeper->value)
            ->whereBetween('opened_at', $span)->limit(self::KEEPERS)->pluck('opened_at');

        return array_count_values($kept->map(static fn ($at): string => $at->setTimezone($place->zone())->format('Y-m-d'))->all());
    }

    /**
     * @param  array{string, string}  $span  as the database writes instants
     * @return array<string, true>
     */
    private static function outings(Place $place, array $span): array
    {
        $planned = Outing::query()->where('place_id', $place->id)->whereBetween('starts_at', $span)->pluck('starts_at');

        return array_fill_keys($planned->map(static fn ($at): string => $at->setTimezone($place->zone())->format('Y-m-d'))->all(), true);
    }
}
