<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Typed;

/** Where the person is: at a place, with or without a subject of it, or nowhere in particular. */
final readonly class AtForm
{
    /** Before the number of a place that is chosen without a subject. */
    public const PLACE = 'place:';

    /**
     * @param  int  $placeId  nought for nowhere in particular
     * @param  int  $subjectId  nought without one
     */
    private function __construct(
        public int $placeId,
        public int $subjectId,
    ) {
    }

    public static function of(Typed $typed): self
    {
        return new self($typed->id('place'), $typed->id('subject'));
    }

    /** What the choice of places and subjects stands on. */
    public function choice(): string
    {
        return match (true) {
            $this->subjectId > 0 => (string) $this->subjectId,
            $this->placeId > 0 => self::PLACE.$this->placeId,
            default => '',
        };
    }
}
