<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Planning\HoldStep;
use GentlePour\Tide\LevelSpan;
use GentlePour\Units;

/** Lays out the rows under the day board's curve: each level mark, what light alone gives, the hold plan, a schedule, outings. */
final readonly class BoardRows
{
    private const NAME_LETTERS = 24;

    private const TOP_GAP = 16.0;

    private const SHORTEST_PX = 2.0;

    private const BESIDE_GAP = 6.0;

    /** Widths of a letter inside a bar and beside it, as shares of its size, and the room a bar needs beside its label in px. */
    private const INSIDE = 0.592;

    private const BESIDE = 0.576;

    /** A name above its row stands so far over the bars, in px. */
    private const NAME_ABOVE = 20.0;

    private const INSIDE_ROOM = 8.0;

    /** A step of the hold plan lasts until the next, or so long where none follows; in seconds. */
    private const STEP_S = 300.0;

    /** Steps further apart than this belong to different twilights, in seconds. */
    private const APART_S = 3600.0;

    public function __construct(
        private ClockAxis $axis,
        private float $top,
        private BoardLayout $layout,
        private Units $units = new Units,
    ) {
    }

    /** @return list<BoardRow> */
    public function of(DayScene $scene): array
    {
        $rows = [];
        foreach ($scene->marks as $mark) {
            $rows[] = [
                $mark->name, BoardRowKind::Mark,
                $this->plain(array_map(static fn (LevelSpan $s): array => [$s->from, $s->to], $mark->spans)),
            ];
        }
        if ($scene->wanted !== '') {
            $rows[] = ['no filter', BoardRowKind::Light, $this->plain($scene->withoutFilter)];
            $rows[] = ['hold '.$scene->wanted, BoardRowKind::Hold, $this->held($scene->hold)];
        }
        if ($scene->schedule !== []) {
            $rows[] = ['schedule', BoardRowKind::Schedule, array_map(
                fn (array $one): Bar => $this->bar($one[0], $one[1], $one[2], null), $scene->schedule,
            )];
        }
        if ($scene->outings !== []) {
            $rows[] = ['outing', BoardRowKind::Outing, $this->plain($scene->outings)];
        }

        $weather = $scene->weather === null ? [] : (new WeatherRows($this->units))->of($scene->weather, $scene->from, $scene->to);
        // Inland a forecast of waves is of another water.
        unset($weather[$scene->tide === null ? WeatherRows::WAVES : '']);
        foreach ($weather as $name => $spans) {
            $rows[] = [$name, BoardRowKind::Weather, array_map(fn (array $s): Bar => $this->bar($s[0], $s[1], $s[2], ''), $spans)];
        }

        $firstY = $this->top + self::TOP_GAP + ($this->layout->narrow ? self::NAME_ABOVE : 0.0);

        return array_map(fn (int $i, array $row): BoardRow => new BoardRow(
            mb_strimwidth($row[0], 0, self::NAME_LETTERS, '…'), $row[1], $firstY + $this->layout->row * $i, $this->apart($row[2]),
        ), array_keys($rows), $rows);
    }

    /**
     * No label of a row overprints a bar or another label, or leaves the drawing: it goes to the other side of its bar, or is left to the
     * table.
     *
     * @param  list<Bar>  $bars
     * @return list<Bar>
     */
    private function apart(array $bars): array
    {
        $taken = array_map(static fn (Bar $b): array => [$b->x, $b->x + $b->width], $bars);
        foreach ($bars as $i => $bar) {
            if ($bar->beside === null) {
                continue;
            }
            $width = self::BESIDE * $this->layout->textPx * mb_strlen($bar->beside->text);
            $after = $bar->x + $bar->width + self::BESIDE_GAP;
            $sides = ['start' => [$after, $after + $width], 'end' => [$bar->x - self::BESIDE_GAP - $width, $bar->x - self::BESIDE_GAP]];
            $label = null;
            foreach ($sides as $anchor => [$from, $to]) {
                $free = array_filter($taken, static fn (array $t): bool => $from < $t[1] && $t[0] < $to) === [];
                if ($free && $from >= 0 && $to <= $this->layout->width - 4) {
                    $label = new Label($bar->beside->text, $anchor === 'start' ? $from : $to, anchor: $anchor);
                    $taken[] = [$from, $to];
                    break;
                }
            }
            $bars[$i] = new Bar($bar->x, $bar->width, $bar->label, $bar->inside, $label);
        }

        return $bars;
    }

    /**
     * Spans that are named by their times.
     *
     * @param  list<array{float, float}>  $spans
     * @return list<Bar>
     */
    private function plain(array $spans): array
    {
        return array_map(fn (array $span): Bar => $this->bar($span[0], $span[1], $this->axis->span($span[0], $span[1]), null), $spans);
    }

    /**
     * Runs of the hold plan with the same filters. Short runs have no room for their names: the last of a row of them names them all.
     *
     * @param  list<HoldStep>  $steps
     * @return list<Bar>
     */
    private function held(array $steps): array
    {
        $bars = $names = [];
        $runs = self::runs($steps);
        foreach ($runs as $i => [$from, $to, $label]) {
            $names[] = $label;
            $goesOn = isset($runs[$i + 1]) && abs($runs[$i + 1][0] - $to) <= 1;
            $bars[] = $this->bar($from, $to, $label, $goesOn ? '' : implode(', then ', $names));
            $names = $goesOn ? $names : [];
        }

        return $bars;
    }

    /**
     * @param  list<HoldStep>  $steps
     * @return list<array{float, float, string}> from, to and what is before the lens
     */
    private static function runs(array $steps): array
    {
        $runs = [];
        foreach ($steps as $i => $step) {
            $next = $steps[$i + 1]->unix ?? INF;
            $end = $next - $step->unix > self::APART_S ? $step->unix + self::STEP_S : $next;
            $label = match (true) {
                $step->way === null => 'cannot be held',
                $step->way->filters->count() === 0 => 'bare',
                default => $step->way->filters->label(),
            };
            $last = count($runs) - 1;
            if ($last >= 0 && $runs[$last][2] === $label && abs($runs[$last][1] - $step->unix) < 1) {
                $runs[$last][1] = $end;
            } else {
                $runs[] = [$step->unix, $end, $label];
            }
        }

        return $runs;
    }

    /** @param  string|null  $beside  what stands beside the bar; null for its own label where it has no room inside */
    private function bar(float $from, float $to, string $label, ?string $beside): Bar
    {
        $x = $this->axis->x($from);
        $width = max(self::SHORTEST_PX, round($this->axis->x($to) - $x, 1));
        $inside = $width > self::INSIDE * $this->layout->textPx * mb_strlen($label) + self::INSIDE_ROOM;
        $beside ??= $inside ? '' : $label;

        return new Bar($x, $width, $label, $inside, $beside === '' ? null : new Label($beside, $x + $width + self::BESIDE_GAP));
    }
}
