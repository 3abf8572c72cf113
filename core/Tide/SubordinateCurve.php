<?php

declare(strict_types=1);

namespace GentlePour\Tide;

/**
 * A place whose high and low waters are those of a reference, earlier or later, higher or lower. In between, the reference
 * curve is stretched piece by piece, in time and in height, so that it meets both ends.
 */
final readonly class SubordinateCurve implements TideCurve
{
    /** @var list<TideEvent> */
    private array $events;

    private function __construct(
        private TideCurve $reference,
        private SubordinateOffsets $offsets,
        private float $from,
        private float $to,
    ) {
        $this->events = array_map($this->offsets->apply(...), $reference->eventsWithMargin());
    }

    /** @param  TideCurve  $reference over the same span; its margin covers the offsets */
    public static function of(TideCurve $reference, SubordinateOffsets $offsets): self
    {
        return new self($reference, $offsets, $reference->from(), $reference->to());
    }

    public function heightM(float $unix): float
    {
        if (count($this->events) < 2) {
            return $this->offsets->apply(new TideEvent($unix, $this->reference->heightM($unix), true))->heightM;
        }
        $at = TideEvent::before($this->events, $unix);
        [$from, $to] = [$this->events[$at], $this->events[$at + 1]];
        [$fromReference, $toReference] = [$this->reference->eventsWithMargin()[$at], $this->reference->eventsWithMargin()[$at + 1]];
        $share = $to->unix > $from->unix ? max(0.0, min(1.0, ($unix - $from->unix) / ($to->unix - $from->unix))) : 0.0;
        $range = $toReference->heightM - $fromReference->heightM;
        $risen = abs($range) > 1e-9
            ? (
                $this->reference->heightM(
                    $fromReference->unix + $share * ($toReference->unix - $fromReference->unix),
                ) - $fromReference->heightM
            ) / $range
            : $share;

        return $from->heightM + $risen * ($to->heightM - $from->heightM);
    }

    public function events(): array
    {
        return TideEvent::within($this->events, $this->from, $this->to);
    }

    public function eventsWithMargin(): array
    {
        return $this->events;
    }

    public function turns(): array
    {
        return TideEvent::within($this->turnsWithMargin(), $this->from, $this->to);
    }

    public function turnsBetween(float $from, float $to): array
    {
        return TideEvent::within($this->turnsWithMargin(), $from, $to);
    }

    /** The turns of the reference, carried along by the stretching of the piece that they lie in. */
    public function turnsWithMargin(): array
    {
        $waters = $this->reference->eventsWithMargin();
        $turns = $this->events;
        $at = 0;
        foreach ($this->reference->turnsWithMargin() as $turn) {
            while ($at + 2 < count($waters) && $waters[$at + 1]->unix <= $turn->unix) {
                $at++;
            }
            [$from, $to] = [$waters[$at] ?? null, $waters[$at + 1] ?? null];
            if ($from === null || $to === null || $turn->unix <= $from->unix || $turn->unix >= $to->unix) {
                continue;
            }
            $share = ($turn->unix - $from->unix) / ($to->unix - $from->unix);
            $unix = $this->events[$at]->unix + $share * ($this->events[$at + 1]->unix - $this->events[$at]->unix);
            $turns[] = new TideEvent($unix, $this->heightM($unix), $turn->high);
        }
        usort($turns, static fn (TideEvent $a, TideEvent $b): int => $a->unix <=> $b->unix);

        return $turns;
    }

    public function from(): float
    {
        return $this->from;
    }

    public function to(): float
    {
        return $this->to;
    }
}
