<?php

declare(strict_types=1);

namespace GentlePour\Tide;

/**
 * The predicted height at which the water reaches a mark, learned from sightings: it lies above every height that did not
 * reach it and at or below every height that did. Where the two overlap the sightings speak against each other; waves and
 * surge are the usual reason.
 */
final readonly class LearnedLevel
{
    /** @param  list<Sighting>  $contradicting those inside the overlap */
    private function __construct(
        public ?float $notReachedM,
        public ?float $reachedM,
        public array $contradicting,
    ) {
    }

    /** @param  list<Sighting>  $sightings */
    public static function of(array $sightings): self
    {
        $highest = $lowest = null;
        foreach ($sightings as $sighting) {
            if ($sighting->reached) {
                $lowest = min($lowest ?? INF, $sighting->predictedM);
            } else {
                $highest = max($highest ?? -INF, $sighting->predictedM);
            }
        }
        $contradicting = $highest !== null && $lowest !== null && $highest >= $lowest
            ? array_values(
                array_filter($sightings, static fn (Sighting $s): bool => $s->predictedM >= $lowest && $s->predictedM <= $highest),
            )
            : [];

        return new self($highest, $lowest, $contradicting);
    }

    public function isContradicted(): bool
    {
        return $this->contradicting !== [];
    }

    /**
     * The height to plan with, on the safe side: to have the water there, the lowest that surely reached, or with
     * contradictions the highest that once did not; to have it away, the other way round. Null while nothing was seen.
     */
    public function toBeReachedM(): ?float
    {
        return $this->isContradicted() ? $this->notReachedM : $this->reachedM ?? $this->notReachedM;
    }

    public function toStayDryM(): ?float
    {
        return $this->isContradicted() ? $this->reachedM : $this->notReachedM ?? $this->reachedM;
    }
}
