<?php

declare(strict_types=1);

namespace GentlePour\Tide;

/**
 * A place whose high and low waters are those of a reference, earlier or later, higher or lower. In between, the reference
 * curve is stretched piece by piece, in time and in height, so that it meets both ends.
 */
final class SubordinateCurve implements TideCurve
{
    /** @var list<array{TideEvent, TideEvent}> the reference's event and the place's, in order */
    private array $pairs;

    private int $at = 0;

    private function __construct(
        private readonly TideCurve $reference,
        private readonly SubordinateOffsets $offsets,
        private readonly float $from,
        private readonly float $to,
    ) {
        $this->pairs = array_map(fn (TideEvent $e): array => [$e, $this->offsets->apply($e)], $reference->eventsWithMargin());
    }

    /** @param  TideCurve  $reference over the same span; its margin covers the offsets */
    public static function of(TideCurve $reference, SubordinateOffsets $offsets): self
    {
        return new self($reference, $offsets, $reference->from(), $reference->to());
    }

    public function heightM(float $unix): float
    {
        $last = count($this->pairs) - 2;
        if ($last < 0) {
            return $this->offsets->apply(new TideEvent($unix, $this->reference->heightM($unix), true))->heightM;
        }
        $this->at = $this->pairs[min($this->at, $last)][1]->unix > $unix ? 0 : min($this->at, $last);
        while ($this->at < $last && $this->pairs[$this->at + 1][1]->unix < $unix) {
            $this->at++;
        }
        [[$fromReference, $from], [$toReference, $to]] = [$this->pairs[$this->at], $this->pairs[$this->at + 1]];
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
        return array_values(
            array_filter($this->eventsWithMargin(), fn (TideEvent $e): bool => $e->unix >= $this->from && $e->unix <= $this->to),
        );
    }

    public function eventsWithMargin(): array
    {
        return array_map(static fn (array $pair): TideEvent => $pair[1], $this->pairs);
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
