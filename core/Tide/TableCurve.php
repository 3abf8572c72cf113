<?php

declare(strict_types=1);

namespace GentlePour\Tide;

use GentlePour\InvalidValue;

/**
 * A tide known from a printed table of high and low waters. In between it follows half a cosine, of which the rule of
 * twelfths (1, 2, 3, 3, 2, 1 twelfths of the range in six equal parts) is the rounded form.
 */
final readonly class TableCurve implements TideCurve
{
    /** @param  list<TideEvent>  $events in order */
    private function __construct(
        private array $events,
    ) {
    }

    /**
     * @param  list<TideEvent>  $events
     *
     * @throws InvalidValue with fewer than two, when two come at once, or when high follows high
     */
    public static function of(array $events): self
    {
        if (count($events) < 2) {
            throw new InvalidValue('A tide table needs two high or low waters at least.');
        }
        usort($events, static fn (TideEvent $a, TideEvent $b): int => $a->unix <=> $b->unix);
        for ($i = 1, $count = count($events); $i < $count; $i++) {
            [$before, $after] = [$events[$i - 1], $events[$i]];
            if ($after->unix - $before->unix < 600) {
                throw new InvalidValue(
                    'Two entries of the tide table are less than ten minutes apart, at '.gmdate('Y-m-d H:i', (int) $after->unix).' UTC.',
                );
            }
            if ($before->high !== $after->high && ($after->heightM > $before->heightM) !== $after->high) {
                throw new InvalidValue(
                    'A low water stands higher than the high water beside it, at '.gmdate('Y-m-d H:i', (int) $after->unix).' UTC.',
                );
            }
        }

        return new self($events);
    }

    public function heightM(float $unix): float
    {
        $at = TideEvent::before($this->events, $unix);
        [$from, $to] = [$this->events[$at], $this->events[$at + 1]];
        $share = max(0.0, min(1.0, ($unix - $from->unix) / ($to->unix - $from->unix)));

        return $from->heightM + ($to->heightM - $from->heightM) * (1 - cos(M_PI * $share)) / 2;
    }

    public function events(): array
    {
        return $this->events;
    }

    public function eventsWithMargin(): array
    {
        return $this->events;
    }

    public function turns(): array
    {
        return $this->events;
    }

    public function turnsBetween(float $from, float $to): array
    {
        return TideEvent::within($this->turns(), $from, $to);
    }

    public function turnsWithMargin(): array
    {
        return $this->events;
    }

    public function from(): float
    {
        return $this->events[0]->unix;
    }

    public function to(): float
    {
        return $this->events[count($this->events) - 1]->unix;
    }
}
