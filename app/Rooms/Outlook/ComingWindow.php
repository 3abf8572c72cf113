<?php

declare(strict_types=1);

namespace App\Rooms\Outlook;

use App\Models\LevelMark;
use App\Models\Place;
use DateTimeImmutable;
use GentlePour\Planning\Window;

/** A window at a place, for one of its marks or, inland, for the light alone. */
final readonly class ComingWindow
{
    public DateTimeImmutable $from;

    public DateTimeImmutable $to;

    public function __construct(
        public Place $place,
        public ?LevelMark $mark,
        public Window $window,
    ) {
        $this->from = (new DateTimeImmutable('@'.(int) $window->from))->setTimezone($place->zone());
        $this->to = (new DateTimeImmutable('@'.(int) $window->to))->setTimezone($place->zone());
    }
}
