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

    public function from(): float
    {
        return $this->from;
    }

    public function to(): float
    {
        return $this->to;
    }
}
