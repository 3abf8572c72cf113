<?php

declare(strict_types=1);

namespace App\Drawing;

use DateTimeImmutable;
use DateTimeZone;
use GentlePour\Units;

/** A span of time along a line, read by a place's own clock. Places in px of the drawing. */
final readonly class ClockAxis
{
    /** Every other hour is named. */
    private const NAMED_EVERY_S = 7200;

    public function __construct(
        public float $from,
        public float $to,
        public DateTimeZone $zone,
        public float $left,
        public float $right,
        private Units $units = new Units,
    ) {
    }

    public function x(float $unix): float
    {
        $share = max(0.0, min(1.0, ($unix - $this->from) / ($this->to - $this->from)));

        return round($this->left + $share * ($this->right - $this->left), 1);
    }

    public function clock(float $unix): string
    {
        return $this->units->clock($this->at($unix));
    }

    /** “5:30 to 7:00”, cut at both ends of the axis. */
    public function span(float $from, float $to): string
    {
        return $this->clock(max($from, $this->from)).' to '.$this->units->ends($this->at(min($to, $this->to)));
    }

    /** @return list<Tick> */
    public function hours(): array
    {
        $hours = [];
        for ($unix = $this->from; $unix <= $this->to; $unix += self::NAMED_EVERY_S) {
            $hours[] = new Tick($this->x($unix), match (true) {
                $this->units->twelveHours => $this->at($unix)->format('ga'),
                $unix >= $this->to => '24',
                default => $this->at($unix)->format('H'),
            });
        }

        return $hours;
    }

    private function at(float $unix): DateTimeImmutable
    {
        return (new DateTimeImmutable('@'.(int) round($unix)))->setTimezone($this->zone);
    }
}
