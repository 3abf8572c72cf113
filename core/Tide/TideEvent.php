<?php

declare(strict_types=1);

namespace GentlePour\Tide;

/** A high or low water: the instant in seconds since 1970, UTC, and the height in m above the curve's datum. */
final readonly class TideEvent
{
    public function __construct(
        public float $unix,
        public float $heightM,
        public bool $high,
    ) {
    }

    /**
     * @param  list<self>  $events  in order
     * @return list<self> those inside a span, its ends included
     */
    public static function within(array $events, float $from, float $to): array
    {
        $inside = [];
        $count = count($events);
        for ($i = self::before($events, $from); $i < $count && $events[$i]->unix <= $to; $i++) {
            if ($events[$i]->unix >= $from) {
                $inside[] = $events[$i];
            }
        }

        return $inside;
    }

    /**
     * The two waters between which an instant lies; beyond either end, the two that come last there.
     *
     * @param  list<self>  $events  in order
     * @return int the index of the earlier; nought where there are no two
     */
    public static function before(array $events, float $unix): int
    {
        [$low, $high] = [0, count($events) - 1];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $events[$middle]->unix < $unix ? [$middle, $high] : [$low, $middle];
        }

        return $low;
    }
}
