<?php

declare(strict_types=1);

namespace App\Drawing;

use Closure;
use GentlePour\Motion\LookBand;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\LookTarget;
use GentlePour\Scene\Stroke;

/** One thing that moves in the picture, as a row of the stop rule. */
final readonly class MovingRow
{
    /**
     * @param  list<LookSpan>  $spans
     * @param  LookTarget|null  $target  null while nothing is wanted of it
     * @param  Closure(float): Stroke  $strokeAt  how a stroke looks at an open time in seconds
     */
    public function __construct(
        public string $label,
        public string $unit,
        public array $spans,
        public ?LookTarget $target,
        public Closure $strokeAt,
    ) {
    }

    /** @return list<LookSpan> */
    public static function spansOf(LookBands $bands): array
    {
        return array_map(
            static fn (LookBand $b): LookSpan => new LookSpan($b->look->value, $b->look->words(), $b->minS, $b->maxS), $bands->bands,
        );
    }
}
