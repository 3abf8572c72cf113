<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Sky\DayOfSky;
use GentlePour\Sky\LightPhase;
use GentlePour\Sky\SkyEvent;

/** The light of the hours over a day board: bands whose strokes are its darkness, golden and blue hour by name, sunrise and sunset. */
final readonly class SkyRow
{
    /** A band of golden light bears its name from this width on, in px. */
    private const LIGHT_HOUR_PX = 30.0;

    private const NAME_IN_PX = 6.0;

    /** Its upper edge shows while its middle is still so far under the horizon. */
    private const RISEN_DEG = -50 / 60;

    /** @param  list<DayMoment>  $moments  the day in steps */
    public function __construct(
        private ClockAxis $axis,
        private array $moments,
        private ?DayOfSky $sky,
        private float $top,
    ) {
    }

    /** @return list<SkyBand> the light of the hours */
    public function bands(): array
    {
        $bands = [];
        foreach (array_slice($this->moments, 0, -1) as $i => $moment) {
            if ($moment->sun === null) {
                return [];
            }
            $altitude = ($moment->sun->altitudeDeg + ($this->moments[$i + 1]->sun ?? $moment->sun)->altitudeDeg) / 2;
            $phase = LightPhase::ofAltitude($altitude);
            $last = array_pop($bands);
            $from = $last?->phase === $phase ? $last->x : $this->axis->x($moment->unix);
            if ($last !== null && $last->phase !== $phase) {
                $bands[] = $last;
            }
            $bands[] = new SkyBand($from, round($this->axis->x($moment->unix + DayBoard::STEP_S) - $from, 1), $phase);
        }

        return $bands;
    }

    /** @return list<Label> */
    public function events(): array
    {
        $labels = $this->allDay();
        foreach ([[SkyEvent::Sunrise, 'start', 6], [SkyEvent::Sunset, 'end', -6]] as [$event, $anchor, $shift]) {
            $unix = $this->sky?->at($event);
            if ($unix !== null) {
                $labels[] = new Label(
                    $event->label().' '.$this->axis->clock($unix), $this->axis->x($unix) + $shift, $this->top + 30, $anchor,
                );
            }
        }

        return $labels;
    }

    /** @return list<Label> what the sun does on a day on which it neither rises nor sets */
    private function allDay(): array
    {
        if ($this->sky === null || $this->sky->at(SkyEvent::Sunrise) !== null || $this->sky->at(SkyEvent::Sunset) !== null) {
            return [];
        }
        $isUp = ($this->moments[0]->sun->altitudeDeg ?? 0.0) > self::RISEN_DEG;
        $middle = ($this->axis->x($this->moments[0]->unix) + $this->axis->x($this->moments[count($this->moments) - 1]->unix)) / 2;

        return [new Label($isUp ? 'the sun is up all day' : 'the sun stays below the horizon', $middle, $this->top + 30, 'middle')];
    }

    /** @return list<Label> golden and blue hour by their names, where they have room */
    public function names(): array
    {
        $labels = [];
        $bands = $this->bands();
        foreach ($bands as $i => $band) {
            $before = $bands[$i - 1]->phase ?? null;
            $hasRoom = $band->width >= self::LIGHT_HOUR_PX;
            $labels[] = match (true) {
                $band->phase === LightPhase::Golden && $hasRoom => $this->beside($band, 'golden', $before !== LightPhase::Day),
                $band->phase === LightPhase::Blue => $this->beside($band, 'blue', $before === LightPhase::Golden),
                default => null,
            };
        }

        return array_values(array_filter($labels));
    }

    /** A name at the left end of a band, or at its right, reaching to where the next is not named. */
    private function beside(SkyBand $band, string $name, bool $left): Label
    {
        $x = $left ? $band->x + self::NAME_IN_PX : $band->x + $band->width - self::NAME_IN_PX;

        return new Label($name, $x, $this->top + 13, $left ? 'start' : 'end');
    }
}
