<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use Closure;
use GentlePour\Motion\LookBand;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\LookTarget;

/** One moving part of the picture, as a row of the stop rule. */
final readonly class MovingPart
{
    /**
     * @param  list<array{look: string, words: string, minS: float|null, maxS: float|null}>  $bands
     * @param  LookTarget|null  $wish  null while nothing is wanted of it
     * @param  Closure(float): array{length: float, contrast: float}  $strokeAt  how a stroke looks at an open time in seconds
     */
    public function __construct(
        public string $label,
        public string $unit,
        public array $bands,
        public ?LookTarget $wish,
        public Closure $strokeAt,
    ) {
    }

    /** @return list<array{look: string, words: string, minS: float|null, maxS: float|null}> */
    public static function waterBands(LookBands $bands): array
    {
        return array_map(static fn (LookBand $b): array => ['look' => $b->look->value, 'words' => $b->look->words(), 'minS' => $b->minS, 'maxS' => $b->maxS], $bands->bands);
    }

    /**
     * A stroke of the stop rule for a streak as a share of the frame.
     *
     * @return array{length: float, contrast: float}
     */
    public static function stroke(float $streakShare, float $contrast): array
    {
        return ['length' => min(90.0, max(1.2, 170 * $streakShare ** 0.6)), 'contrast' => $contrast];
    }
}
