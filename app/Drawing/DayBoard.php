<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Models\LevelMark;
use App\Models\Outing;
use App\Models\Place;
use App\Tide\PlaceTide;
use DateTimeImmutable;
use DateTimeZone;
use GentlePour\InvalidValue;
use GentlePour\Outing\GetOff;
use GentlePour\Planning\HoldPlan;
use GentlePour\Sky\DayOfSky;
use GentlePour\Sky\Horizontal;
use GentlePour\Sky\LightCurve;
use GentlePour\Sky\LightReading;
use GentlePour\Sky\Moment;
use GentlePour\Sky\Moon;
use GentlePour\Sky\SkyCondition;
use GentlePour\Solving\Way;
use GentlePour\Tide\LevelSpan;
use GentlePour\Tide\TideCurve;

/**
 * The day board: one clock axis for sky, tide, light, level marks and outings of a place on a local day, laid out in px of the
 * drawing. A day with a change of the clocks is as long as it is.
 */
final class DayBoard
{
    public const WIDTH = 1200.0;

    public const LEFT = 168.0;

    public const RIGHT = 1136.0;

    public const SKY_TOP = 24.0;

    public const SKY_HEIGHT = 34.0;

    public const TOP = 78.0;

    public const BOTTOM = 372.0;

    public const ROW = 26.0;

    private const STEP_S = 600;

    private const EV_LOW = -6.0;

    private const EV_HIGH = 17.0;

    public readonly float $from;

    public readonly float $to;

    public readonly ?TideCurve $tide;

    public readonly ?DayOfSky $sky;

    public readonly ?LightCurve $light;

    public readonly ?GetOff $getOff;

    /** @var list<array{x: float, at: string, tide: string, tideLabel: string, sun: string, sunLabel: string, light: string, lightLabel: string, left: string}>|null */
    private ?array $readings = null;

    private readonly DateTimeZone $zone;

    /** @var list<array{0: LevelMark, 1: float}>|null */
    private ?array $marks = null;

    /** @var array<int, list<LevelSpan>> by mark */
    private array $spans = [];

    /** @var list<array{name: string, y: float, kind: string, spans: list<array{x: float, width: float, label: string, inside: bool, after: string, afterX: float, anchor: string}>}>|null */
    private ?array $rows = null;

    /** @var list<array{unix: float, heightM: float|null, sun: Horizontal|null, ev: float|null}>|null */
    private ?array $moments = null;

    private readonly float $lowM;

    private readonly float $highM;

    /** @param  list<array{unix: float, ev100: float, driftStopsPerMinute: float, way: Way|null, changes: bool}>  $hold */
    private function __construct(
        public readonly Place $place,
        public readonly DateTimeImmutable $day,
        private readonly PlaceTide $tides,
        /** @var list<array{float, float}> */
        public readonly array $withoutFilter,
        public readonly array $hold,
        public readonly string $wanted,
        ?LightCurve $light,
    ) {
        $this->zone = $place->zone();
        $this->from = (float) $day->getTimestamp();
        $this->to = (float) $day->modify('+1 day')->getTimestamp();
        $this->tide = $tides->curve($place, $this->from, $this->to);
        $observer = $place->observer();
        $this->sky = $observer === null ? null : DayOfSky::between($observer, $this->from, $this->to);
        $this->light = $light;
        $this->getOff = $this->tide === null ? null : $tides->getOff($place, $this->tide, $this->firstUse());
        $heights = array_map(static fn ($e): float => $e->heightM, $this->tide?->events() ?? []);
        foreach ($this->marks() as [, $height]) {
            $heights[] = $height;
        }
        $this->lowM = floor(min([0.0, ...$heights]) - 0.2);
        $this->highM = ceil(max([1.0, ...$heights]) + 0.3);
    }

    /**
     * @param  BoardWish|null  $wish  the look wanted and the bag, for the light alone and the hold plan
     * @param  list<LightReading>  $readings  taken at the place that day
     *
     * @throws InvalidValue when the tide cannot be had or a reading is beyond all light
     */
    public static function of(Place $place, DateTimeImmutable $day, PlaceTide $tides, ?BoardWish $wish = null, SkyCondition $sky = SkyCondition::Clear, array $readings = []): self
    {
        $midnight = $day->setTimezone($place->zone())->setTime(0, 0);
        $observer = $place->observer();
        $without = $hold = [];
        $light = $observer === null ? null : LightCurve::of($observer, $sky, $readings);
        if ($wish !== null && $observer !== null && $light !== null) {
            [$from, $to] = [(float) $midnight->getTimestamp(), (float) $midnight->modify('+1 day')->getTimestamp()];
            $without = HoldPlan::withoutFilter($light, $wish->target, $wish->bag, $from, $to);
            foreach ($wish->twilights(DayOfSky::between($observer, $from, $to)) as [$start, $end]) {
                array_push($hold, ...HoldPlan::of($light, $wish->target, $wish->bag, $wish->habits, $start, $end));
            }
        }

        return new self($place, $midnight, $tides, $without, $hold, $wish === null ? '' : $wish->words, $light);
    }

    public function height(): float
    {
        return self::BOTTOM + 12 + self::ROW * max(1, count($this->rows())) + 8;
    }

    public function x(float $unix): float
    {
        return round(self::LEFT + max(0.0, min(1.0, ($unix - $this->from) / ($this->to - $this->from))) * (self::RIGHT - self::LEFT), 1);
    }

    public function y(float $heightM): float
    {
        return round(self::BOTTOM - ($heightM - $this->lowM) / ($this->highM - $this->lowM) * (self::BOTTOM - self::TOP), 1);
    }

    public function clock(float $unix): string
    {
        return (new DateTimeImmutable('@'.(int) round($unix)))->setTimezone($this->zone)->format('G:i');
    }

    /** @return list<array{x: float, label: string}> every other hour by the place's own clock */
    public function hours(): array
    {
        $hours = [];
        for ($unix = $this->from; $unix <= $this->to; $unix += 7200) {
            $hours[] = ['x' => $this->x($unix), 'label' => $unix >= $this->to ? '24' : (new DateTimeImmutable('@'.(int) $unix))->setTimezone($this->place->zone())->format('H')];
        }

        return $hours;
    }

    /** @return list<array{x: float, width: float, kind: string}> the sky's light in bands */
    public function skyBands(): array
    {
        $bands = [];
        foreach (array_slice($this->moments(), 0, -1) as $i => $moment) {
            if ($moment['sun'] === null) {
                return [];
            }
            $unix = $moment['unix'];
            $altitude = ($moment['sun']->altitudeDeg + ($this->moments()[$i + 1]['sun'] ?? $moment['sun'])->altitudeDeg) / 2;
            $kind = match (true) {
                $altitude < -18 => 'night', $altitude < -12 => 'astronomical', $altitude < -6 => 'nautical', $altitude < -0.8 => 'civil', $altitude < 6 => 'golden', default => 'day',
            };
            $last = count($bands) - 1;
            $x = $this->x($unix);
            $end = $this->x($unix + self::STEP_S);
            if ($last >= 0 && $bands[$last]['kind'] === $kind) {
                $bands[$last]['width'] = round($end - $bands[$last]['x'], 1);
            } else {
                $bands[] = ['x' => $x, 'width' => round($end - $x, 1), 'kind' => $kind];
            }
        }

        return $bands;
    }

    /** @return list<array{x: float, label: string, anchor: string}> */
    public function skyLabels(): array
    {
        $labels = [];
        foreach (['rise' => ['sunrise', 'start', 6], 'set' => ['sunset', 'end', -6]] as $event => [$word, $anchor, $shift]) {
            $unix = $this->sky?->at($event);
            if ($unix !== null) {
                $labels[] = ['x' => $this->x($unix) + $shift, 'label' => $word.' '.$this->clock($unix), 'anchor' => $anchor];
            }
        }

        return $labels;
    }

    public function tidePath(bool $closed): string
    {
        if ($this->tide === null) {
            return '';
        }
        $path = '';
        foreach ($this->moments() as $moment) {
            $path .= ($path === '' ? 'M' : 'L').$this->x($moment['unix']).' '.$this->y((float) $moment['heightM']);
        }

        return $closed ? $path.sprintf('L%.1f %.1fL%.1f %.1fZ', self::RIGHT, self::BOTTOM, self::LEFT, self::BOTTOM) : $path;
    }

    public function lightPath(): string
    {
        $path = '';
        foreach ($this->light === null ? [] : $this->moments() as $moment) {
            $path .= ($path === '' ? 'M' : 'L').$this->x($moment['unix']).' '.$this->yOfEv((float) $moment['ev']);
        }

        return $path;
    }

    public function yOfEv(float $ev): float
    {
        return round(self::BOTTOM - (max(self::EV_LOW, min(self::EV_HIGH, $ev)) - self::EV_LOW) / (self::EV_HIGH - self::EV_LOW) * (self::BOTTOM - self::TOP), 1);
    }

    /** @return list<array{y: float, label: string}> */
    public function metres(): array
    {
        $scale = [];
        for ($m = (int) ceil($this->lowM); $this->tide !== null && $m <= $this->highM; $m++) {
            $scale[] = ['y' => $this->y($m), 'label' => $m.' m'];
        }

        return $scale;
    }

    /** @return list<array{x: float, y: float, label: string, labelY: float}> high and low waters, the label away from the curve */
    public function waters(): array
    {
        return array_map(fn ($e): array => [
            'x' => $this->x($e->unix), 'y' => $this->y($e->heightM), 'label' => sprintf('%s  %.1f m', $this->clock($e->unix), $e->heightM),
            'labelY' => $this->y($e->heightM) + ($e->high ? -11 : 20),
        ], $this->tide?->events() ?? []);
    }

    /** @return list<array{0: LevelMark, 1: float}> marks whose height is known */
    public function marks(): array
    {
        if ($this->marks !== null) {
            return $this->marks;
        }
        $marks = [];
        foreach ($this->place->marks as $mark) {
            $height = $mark->heightM();
            if ($height !== null) {
                $marks[] = [$mark, $height];
            }
        }

        return $this->marks = $marks;
    }

    /** @return list<LevelSpan> */
    public function spansOf(LevelMark $mark): array
    {
        if (! isset($this->spans[$mark->id])) {
            $level = $mark->level();
            $this->spans[$mark->id] = $this->tide === null || $level === null ? [] : $level->spans($this->tide);
        }

        return $this->spans[$mark->id];
    }

    /**
     * The rows under the curve: each level mark, the light alone, the hold plan, outings.
     *
     * @return list<array{name: string, y: float, kind: string, spans: list<array{x: float, width: float, label: string, inside: bool, after: string, afterX: float, anchor: string}>}>
     */
    public function rows(): array
    {
        return $this->rows ??= BoardRows::of($this);
    }

    /** @return list<Outing> */
    public function outings(): array
    {
        return array_values($this->place->outings->filter(
            fn (Outing $o): bool => $o->starts_at->getTimestamp() < $this->to && $o->ends_at->getTimestamp() > $this->from,
        )->sortBy('starts_at')->all());
    }

    /**
     * Everything at each ten minutes, for the cursor.
     *
     * @return list<array{x: float, at: string, tide: string, tideLabel: string, sun: string, sunLabel: string, light: string, lightLabel: string, left: string}>
     */
    public function readings(): array
    {
        return $this->readings ??= DayReadings::of($this, $this->moments());
    }

    /**
     * The day in steps, each worked out once for all that is drawn and read from it.
     *
     * @return list<array{unix: float, heightM: float|null, sun: Horizontal|null, ev: float|null}>
     */
    private function moments(): array
    {
        if ($this->moments === null) {
            $observer = $this->place->observer();
            $this->moments = [];
            for ($unix = $this->from; $unix <= $this->to; $unix += self::STEP_S) {
                $sun = $observer?->sun($unix);
                $this->moments[] = ['unix' => $unix, 'heightM' => $this->tide?->heightM($unix), 'sun' => $sun, 'ev' => $sun === null ? null : $this->light?->ev100With($sun, $unix)];
            }
        }

        return $this->moments;
    }

    /** The reading that the board opens with: the outing's start, sunrise, or noon. */
    public function opening(): int
    {
        return (int) max(0, min(($this->to - $this->from) / self::STEP_S, round(($this->firstUse() - $this->from) / self::STEP_S)));
    }

    public function moonWords(): string
    {
        $noon = new Moment(($this->from + $this->to) / 2);
        $times = [];
        foreach (['moonrise' => 'up', 'moonset' => 'down'] as $event => $word) {
            $unix = $this->sky?->at($event);
            if ($unix !== null) {
                $times[] = $word.' '.$this->clock($unix);
            }
        }

        return sprintf('moon %.0f %% lit, %.0f days old%s', 100 * Moon::litShare($noon), Moon::ageDays($noon), $times === [] ? '' : ', '.implode(', ', $times));
    }

    private function firstUse(): float
    {
        $outing = $this->outings()[0] ?? null;

        return $outing !== null ? max($this->from, (float) $outing->starts_at->getTimestamp()) : ($this->sky?->at('civil_dawn') ?? ($this->from + $this->to) / 2);
    }
}
