<?php

declare(strict_types=1);

namespace GentlePour\Outing;

use GentlePour\Csv;
use GentlePour\Exposure\DialLabels;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Kit\Bag;
use GentlePour\Kit\FilterStack;
use GentlePour\Kit\Stacks;

/**
 * The card for the pocket: base shutter down the side, each stack of the bag across, and in each cell the time behind the filters, by
 * either school of rounding; it says from where on it is bulb.
 */
final readonly class PocketCard
{
    /** Columns that a card of A6 has room for. */
    public const COLUMNS = 8;

    /** Longer than this nobody waits for on a ledge; in seconds. Judgement. */
    private const LONGEST_S = 7200.0;

    private const FIRST_THIRD = -33;

    private const LAST_THIRD = 6;

    /**
     * @param  list<array{name: string, stops: float}>  $columns
     * @param  list<array{base: string, cells: list<array{label: string, seconds: float, bulb: bool}|null>}>  $rows
     */
    private function __construct(
        public array $columns,
        public array $rows,
        public bool $thirds,
        public bool $byCard,
    ) {
    }

    /**
     * @param  bool  $thirds  a row each third of a stop instead of each stop
     * @param  bool  $byCard  doubling the printed names, 1/60 to 15 s, instead of exactly, 1/60 to 16 s
     */
    public static function of(Bag $bag, bool $thirds = false, bool $byCard = false): self
    {
        $stacks = self::stacks($bag);
        $rows = [];
        for ($third = self::FIRST_THIRD; $third <= self::LAST_THIRD; $third += $thirds ? 1 : 3) {
            $rows[] = [
                'base' => DialLabels::at(DialLabels::SHUTTER, DialLabels::SHUTTER_FIRST, $third) ?? '',
                'cells' => array_map(
                    static fn (FilterStack $s): ?array => self::time($third / 3 + $s->darkest->value, $bag, $byCard), $stacks,
                ),
            ];
        }

        return new self(
            array_map(static fn (FilterStack $s): array => ['name' => $s->label(), 'stops' => $s->darkest->value], $stacks), $rows, $thirds,
            $byCard,
        );
    }

    /** Comma-separated, a line of names first, times in seconds beside their labels. */
    public function csv(): string
    {
        $lines = [
            [
                'base shutter',
                ...array_merge(
                    ...array_map(
                        static fn (array $c): array => [$c['name'].' ('.round($c['stops'], 2).' stops)', 'seconds'], $this->columns,
                    ),
                ),
            ],
        ];
        foreach ($this->rows as $row) {
            $lines[] = [$row['base'], ...array_merge(...array_map(
                static fn (?array $cell): array => $cell === null ? ['', ''] : [$cell['label'], round($cell['seconds'], 4)],
                $row['cells'],
            ))];
        }

        return Csv::of($lines);
    }

    /**
     * The stacks worth a column: those of one strength only once, with the fewest filters; single filters before combinations, by strength.
     *
     * @return list<FilterStack>
     */
    private static function stacks(Bag $bag): array
    {
        $stacks = array_values(
            array_filter(Stacks::of($bag), static fn (FilterStack $s): bool => $s->filters !== [] && ! $s->isVariable() && ! $s->crossed),
        );
        usort(
            $stacks,
            static fn (FilterStack $a, FilterStack $b): int => [$a->count(), $a->darkest->value] <=> [$b->count(), $b->darkest->value],
        );
        $chosen = [];
        foreach ($stacks as $stack) {
            $same = array_filter($chosen, static fn (FilterStack $c): bool => abs($c->darkest->value - $stack->darkest->value) < 0.15);
            if ($same === [] && count($chosen) < self::COLUMNS) {
                $chosen[] = $stack;
            }
        }
        usort($chosen, static fn (FilterStack $a, FilterStack $b): int => $a->darkest->value <=> $b->darkest->value);

        return $chosen;
    }

    /** @return array{label: string, seconds: float, bulb: bool}|null null beyond two hours */
    private static function time(float $stops, Bag $bag, bool $byCard): ?array
    {
        $seconds = $bag->camera->reciprocal(2 ** $stops);
        if ($seconds > self::LONGEST_S || $seconds < ShutterTime::SHORTEST_S) {
            return null;
        }
        $exact = ShutterTime::ofSeconds($seconds);
        $timed = $exact->isTimedBy($bag->camera->longestTimed);
        $time = $byCard ? $exact->card() : ($timed ? $exact->nearestDial() : $exact->counted());

        return [
            'label' => $byCard ? $exact->cardLabel() : $time->label($bag->camera->longestTimed), 'seconds' => $time->seconds,
            'bulb' => ! $timed,
        ];
    }
}
