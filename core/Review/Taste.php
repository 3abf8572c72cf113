<?php

declare(strict_types=1);

namespace GentlePour\Review;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/**
 * What a person likes, in stops longer (+) or shorter (-) than the middle of a look, for one kind of water. Each verdict says
 * where the frame lay and which way it should have gone, within what a taste can be; their mean is shrunk towards nought
 * while there are few: sum / (n + 4), as if four verdicts of "the middle is right" had been there before, so that one moves
 * it by two fifths of a stop at most. Judgement.
 */
final readonly class Taste
{
    private const PRIOR = 4;

    /** A frame further off its time than this, in stops, says nothing of what was wanted. Judgement. */
    private const OFF_ITS_TIME = 1 / 3;

    private function __construct(
        public float $stops,
        public int $verdicts,
        public float $byHand,
    ) {
    }

    /**
     * @param  list<array{float, BlurVerdict}>  $verdicts  stops from the middle of its look at which a frame lay, and what was said of it
     * @param  float  $byHand  added by the person
     *
     * @throws InvalidValue when it is moved by more than two stops
     */
    public static function of(array $verdicts, float $byHand = 0.0): self
    {
        Limit::Taste->check($byHand, 'taste');
        $sum = 0.0;
        foreach ($verdicts as [$lay, $said]) {
            $sum += Limit::Taste->clamp($lay + $said->shiftStops());
        }
        $learned = $verdicts === [] ? 0.0 : $sum / (count($verdicts) + self::PRIOR);

        return new self(Limit::Taste->clamp($learned + $byHand), count($verdicts), $byHand);
    }

    /** Whether a verdict on a frame tells of taste: not when it was closed early or late. Both times in s. */
    public static function tells(float $plannedS, float $openS): bool
    {
        return abs(log($openS / $plannedS, 2)) <= self::OFF_ITS_TIME + 1e-9;
    }

    public function learned(): float
    {
        return $this->stops - $this->byHand;
    }
}
