<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Models\Outing;
use GentlePour\Tide\LevelSpan;

/** The rows under the day board's curve: each level mark, what light alone gives, the hold plan, outings. */
final class BoardRows
{
    /** Where the drawing ends, in px. */
    private const END = 1196.0;

    /** @return list<array{name: string, y: float, kind: string, spans: list<array{x: float, width: float, label: string, inside: bool, after: string, afterX: float, anchor: string}>}> */
    public static function of(DayBoard $board): array
    {
        $rows = [];
        foreach ($board->marks() as [$mark]) {
            $rows[] = [$mark->name, 'mark', array_map(static fn (LevelSpan $s): array => [$s->from, $s->to, null], $board->spansOf($mark))];
        }
        if ($board->wanted !== '') {
            $rows[] = ['no filter', 'light', array_map(static fn (array $s): array => [$s[0], $s[1], null], $board->withoutFilter)];
            $rows[] = ['hold '.$board->wanted, 'hold', self::holdSpans($board)];
        }
        $outings = $board->outings();
        if ($outings !== []) {
            $rows[] = ['outing', 'outing', array_map(static fn (Outing $o): array => [(float) $o->starts_at->getTimestamp(), (float) $o->ends_at->getTimestamp(), null], $outings)];
        }

        return array_map(static fn (int $i, array $row): array => [
            'name' => mb_strimwidth($row[0], 0, 24, '…'), 'kind' => $row[1], 'y' => DayBoard::BOTTOM + 16 + DayBoard::ROW * $i,
            'spans' => array_map(static fn (array $s): array => self::bar($board, $s[0], $s[1], $s[2]), $row[2]),
        ], array_keys($rows), $rows);
    }

    /** @return list<array{0: float, 1: float, 2: string}> runs of the hold plan with the same glass */
    private static function holdSpans(DayBoard $board): array
    {
        $spans = [];
        foreach ($board->hold as $i => $step) {
            $end = $board->hold[$i + 1]['unix'] ?? $step['unix'] + 300;
            $end = $end - $step['unix'] > 3600 ? $step['unix'] + 300 : $end;
            $label = $step['way'] === null ? 'no way' : ($step['way']->filters->count() === 0 ? 'bare' : $step['way']->filters->label());
            $last = count($spans) - 1;
            if ($last >= 0 && $spans[$last][2] === $label && abs($spans[$last][1] - $step['unix']) < 1) {
                $spans[$last][1] = $end;
            } else {
                $spans[] = [$step['unix'], $end, $label];
            }
        }

        // Short runs have no room for their names: the last of a row of them names them all.
        $names = [];
        foreach ($spans as $i => [, $end, $label]) {
            $names[] = $label;
            if (! isset($spans[$i + 1]) || abs($spans[$i + 1][0] - $end) > 1) {
                $spans[$i][2] .= '>'.implode(', then ', $names);
                $names = [];
            } else {
                $spans[$i][2] .= '> ';
            }
        }

        return $spans;
    }

    /** @return array{x: float, width: float, label: string, inside: bool, after: string, afterX: float, anchor: string} */
    private static function bar(DayBoard $board, float $from, float $to, ?string $label): array
    {
        [$label, $after] = array_pad(explode('>', $label ?? '', 2), 2, '');
        $label = $label === '' ? null : $label;
        $x = $board->x($from);
        $width = max(2.0, round($board->x($to) - $x, 1));
        $label ??= $board->clock(max($from, $board->from)).' to '.($to >= $board->to ? '24:00' : $board->clock($to));

        $inside = $width > 7.4 * mb_strlen($label) + 8;

        $after = $after !== '' || $inside ? $after : $label;
        // Beside the bar: after it, or before it where the drawing ends.
        $before = $x + $width + 6 + 7.2 * mb_strlen($after) > self::END;

        return ['x' => $x, 'width' => $width, 'label' => $label, 'inside' => $inside, 'after' => $after, 'afterX' => $before ? $x - 6 : $x + $width + 6, 'anchor' => $before ? 'end' : 'start'];
    }
}
