<?php

declare(strict_types=1);

namespace App\Rooms\Almanac;

use App\Drawing\AlmanacMarks;
use App\Drawing\DayStrip;
use App\Drawing\MonthSheet;
use App\Models\Place;
use App\Tide\KeptOfPlace;
use Closure;
use DateTimeImmutable;
use GentlePour\Planning\AlmanacDay;
use GentlePour\Planning\Window;
use GentlePour\Units;
use Illuminate\Support\HtmlString;

/** The drawing of the months, and the day in it that is looked at. */
final readonly class AlmanacPage
{
    /** The strip of the day that is looked at, and on a phone those of days with a window and without, in px. */
    private const CHOSEN_PX = 96.0;

    private const STRIP_PX = 48.0;

    private const THIN_PX = 9.0;

    /** The tide is drawn from the lowest to the highest of all days, and at least so far. */
    private const LEAST_RANGE_M = 0.5;

    /**
     * @param  Closure(): non-empty-list<AlmanacDay>  $days
     * @param  list<FoundWindow>  $windows  of the day that is looked at
     * @param  int  $daysSoon  days with a window in the next sixty
     */
    private function __construct(
        public Place $place,
        private Closure $days,
        public AlmanacDay $chosen,
        public DateTimeImmutable $date,
        public DayStrip $strip,
        public array $windows,
        public string $flag,
        private AlmanacMarks $marks,
        private ?float $levelM,
        private Units $units,
        public int $daysSoon,
        public bool $isRare,
        private mixed $drawnOf,
    ) {
    }

    /**
     * @param  Closure(): non-empty-list<AlmanacDay>  $days  asked for only where something is to be drawn anew
     * @param  mixed  $of  what the days go by: what is drawn of them is kept until that changes, or what stands on them
     */
    public static function of(
        Place $place, Closure $days, AlmanacMarks $marks, ?float $levelM, Units $units, int $daysSoon, bool $isRare, mixed $of,
    ): self {
        $drawnOf = [$of, $marks, $units];
        [$chosen, $strip] = KeptOfPlace::get('chosen', $place, $drawnOf, static function () use ($days, $marks, $levelM): array {
            $all = $days();
            $chosen = self::day($all, $marks->chosen);

            return [$chosen, DayStrip::of($chosen, self::range($all, $levelM), self::CHOSEN_PX, $levelM)];
        }, DayStrip::class);

        return new self(
            $place, $days, $chosen, new DateTimeImmutable($chosen->date, $place->zone()), $strip, self::found($chosen, $place),
            $marks->flags[$chosen->date] ?? '', $marks, $levelM, $units, $daysSoon, $isRare, $drawnOf,
        );
    }

    /** @param  string  $onDay  where a day leads to, less the day */
    public function months(string $onDay): HtmlString
    {
        return $this->drawn('months', $onDay, fn (): array => ['sheets' => $this->sheets()]);
    }

    /** For a phone, from today on. */
    public function rows(string $onDay): HtmlString
    {
        return $this->drawn('rows', $onDay, fn (): array => [
            'rows' => $this->listed(), 'chosen' => $this->chosen->date, 'hours' => $this->units->hours(),
        ]);
    }

    /**
     * @param  'months'|'rows'  $what
     * @param  Closure(): array<string, mixed>  $of  what the view draws
     */
    private function drawn(string $what, string $onDay, Closure $of): HtmlString
    {
        return new HtmlString(KeptOfPlace::get(
            $what, $this->place, [$this->drawnOf, $onDay],
            static fn (): string => view("almanac.{$what}", $of() + ['onDay' => $onDay])->render(), MonthSheet::class,
        ));
    }

    /** @return list<MonthSheet> */
    private function sheets(): array
    {
        $days = ($this->days)();
        $months = [];
        foreach ($days as $day) {
            $months[substr($day->date, 0, 7)][] = $day;
        }
        $range = self::range($days, $this->levelM);
        $south = ($this->place->latitude ?? 0.0) < 0;

        return array_values(array_map(
            fn (array $one): MonthSheet => MonthSheet::of($one, $range, $this->marks, $this->said(...), $south), $months,
        ));
    }

    /** @return list<AlmanacRow> */
    private function listed(): array
    {
        $all = ($this->days)();
        $range = self::range($all, $this->levelM);
        /** @var list<list<AlmanacDay>> $groups a day with windows by itself, and those without next to each other in one month together */
        $groups = [];
        foreach ($all as $day) {
            $last = count($groups) - 1;
            if ($day->date < $this->marks->today) {
                continue;
            }
            if ($last >= 0 && $day->windows === [] && self::joins($groups[$last][0], $day)) {
                $groups[$last][] = $day;
            } else {
                $groups[] = [$day];
            }
        }
        $rows = [];
        $month = '';
        foreach ($groups as $days) {
            $date = new DateTimeImmutable($days[0]->date, $this->place->zone());
            $isNew = $month !== $date->format('F Y');
            $month = $date->format('F Y');
            $isOne = $days[0]->windows !== [];
            $rows[] = new AlmanacRow(
                $isNew ? $month : null, $date, $isOne ? DayStrip::of($days[0], $range, self::STRIP_PX, $this->levelM) : null,
                self::found($days[0], $this->place), $this->marks->flags[$days[0]->date] ?? '',
                $isOne ? [] : array_map(static fn (AlmanacDay $d): string => DayStrip::tideOf($d, $range, self::THIN_PX), $days),
            );
        }

        return $rows;
    }

    private static function joins(AlmanacDay $before, AlmanacDay $day): bool
    {
        return $before->windows === [] && substr($before->date, 0, 7) === substr($day->date, 0, 7);
    }

    public function hasLevel(): bool
    {
        return $this->levelM !== null;
    }

    /** @return list<FoundWindow> */
    private static function found(AlmanacDay $day, Place $place): array
    {
        return array_map(static fn (Window $w): FoundWindow => new FoundWindow($w, $place->zone()), $day->windows);
    }

    private function said(AlmanacDay $day): string
    {
        $flag = $this->marks->flags[$day->date] ?? '';
        $spans = array_map(
            fn (FoundWindow $w): string => $this->units->clock($w->from).' to '.$this->units->ends($w->to), self::found($day, $this->place),
        );

        $words = [...$spans === [] ? ['no window'] : $spans, ...$flag === '' ? [] : [$flag]];

        return (new DateTimeImmutable($day->date))->format('l j F').': '.implode(', ', $words);
    }

    /** @param  non-empty-list<AlmanacDay>  $days */
    private static function day(array $days, string $date): AlmanacDay
    {
        foreach ($days as $day) {
            if ($day->date === $date) {
                return $day;
            }
        }

        return $days[0];
    }

    /**
     * @param  list<AlmanacDay>  $days
     * @return array{float, float}
     */
    private static function range(array $days, ?float $levelM): array
    {
        $heights = array_merge($levelM === null ? [] : [$levelM], ...array_column($days, 'heightsM'));
        [$low, $high] = $heights === [] ? [0.0, 1.0] : [min($heights), max($heights)];

        return [$low, max($high, $low + self::LEAST_RANGE_M)];
    }
}
