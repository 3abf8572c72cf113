<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Forms\Decimal;
use App\Models\LevelMark;
use App\Models\Place;
use DateTimeImmutable;
use GentlePour\Numeral;
use GentlePour\Planning\Window;

/** A window at a place, for one of its marks or, inland, for the light alone. */
final readonly class ComingWindow
{
    private const APART_S = 3600.0;

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

    /**
     * Whether it lies within an hour of one of others: it is the same tide.
     *
     * @param  list<self>  $others
     */
    public function touches(array $others): bool
    {
        return array_filter(
            $others, fn (self $other): bool => $other->window->from <= $this->window->to + self::APART_S
                && $other->window->to >= $this->window->from - self::APART_S,
        ) !== [];
    }

    /** “EV 4 to 14”, or “EV 14” where it stays */
    public function light(): string
    {
        [$from, $to] = [round($this->window->ev100From), round($this->window->ev100To)];

        return Numeral::minus('EV '.Decimal::write($from, 0).($to === $from ? '' : ' to '.Decimal::write($to, 0)));
    }

    public function untilWords(DateTimeImmutable $now): string
    {
        return self::until($this->from, $now);
    }

    /** “in 3 h”, “tomorrow”, “in 5 days”, by the clock of the place in which the first is given */
    public static function until(DateTimeImmutable $from, DateTimeImmutable $now): string
    {
        $hours = ($from->getTimestamp() - $now->getTimestamp()) / 3600;
        $days = (int) $from->setTime(0, 0)->diff($now->setTimezone($from->getTimezone())->setTime(0, 0))->days;

        return match (true) {
            $hours <= 0 => 'now',
            $hours < 1 => 'within the hour',
            $days === 0 || $hours < 12 => sprintf('in %d h', (int) floor($hours)),
            $days === 1 => 'tomorrow',
            default => "in {$days} days",
        };
    }
}
