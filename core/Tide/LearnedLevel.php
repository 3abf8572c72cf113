<?php

declare(strict_types=1);

namespace GentlePour\Tide;

/**
 * The predicted height at which the water reaches a mark, learned from sightings: it lies above a height that did not reach it and at or
 * below one that did. Sightings that speak against each other (waves and surge are the usual reason) widen the bracket: no height counts
 * as reached at or below one that was seen dry, and none as dry at or above one that was seen reached. A side that nobody saw is null.
 */
final readonly class LearnedLevel
{
    /**
     * @param  float|null  $notReachedM  highest that surely stays dry
     * @param  float|null  $reachedM  lowest that surely reaches it
     * @param  list<Sighting>  $contradicting  those that speak against each other
     */
    private function __construct(
        public ?float $notReachedM,
        public ?float $reachedM,
        public array $contradicting,
    ) {
    }

    /** @param  list<Sighting>  $sightings */
    public static function of(array $sightings): self
    {
        $heights = static fn (bool $reached): array => array_map(
            static fn (Sighting $s): float => $s->predictedM,
            array_values(array_filter($sightings, static fn (Sighting $s): bool => $s->reached === $reached)),
        );
        [$dry, $wet] = [$heights(false), $heights(true)];
        $highestDry = $dry === [] ? -INF : max($dry);
        $lowestWet = $wet === [] ? INF : min($wet);
        $surelyDry = array_filter($dry, static fn (float $m): bool => $m < $lowestWet);
        $surelyWet = array_filter($wet, static fn (float $m): bool => $m > $highestDry);

        return new self(
            $surelyDry === [] ? null : max($surelyDry),
            $surelyWet === [] ? null : min($surelyWet),
            array_values(array_filter(
                $sightings, static fn (Sighting $s): bool => $s->predictedM >= $lowestWet && $s->predictedM <= $highestDry,
            )),
        );
    }

    public function isContradicted(): bool
    {
        return $this->contradicting !== [];
    }

    /** The height to plan with to have the water there; null where none is sure. */
    public function toBeReachedM(): ?float
    {
        return $this->reachedM;
    }

    /** The height to plan with to have it away; null where none is sure. */
    public function toStayDryM(): ?float
    {
        return $this->notReachedM;
    }
}
