<?php

declare(strict_types=1);

namespace App\Rooms\Learned;

use App\Drawing\TimesCurve;
use App\Models\Frame;
use GentlePour\Motion\WaterKind;
use GentlePour\Review\FrameMark;
use GentlePour\Review\Spread;

/** The open times of keepers, by the kind of their water. */
final class TimesKept
{
    private const KEEPERS = 2000;

    /** @return list<array{kind: WaterKind, times: int, curve: TimesCurve}> */
    public function byKind(): array
    {
        $kept = Frame::query()->where('keeper', FrameMark::Keeper->value)->whereNotNull('open_s')->latest('opened_at')->limit(self::KEEPERS)
            ->get(['id', 'water_kind', 'open_s'])->groupBy(static fn (Frame $f): string => $f->water_kind->value);
        $rows = [];
        foreach ($kept as $kind => $frames) {
            $times = array_values($frames->map(static fn (Frame $f): float => (float) $f->open_s)->all());
            if (count($times) >= Spread::LEAST) {
                $rows[] = ['kind' => WaterKind::from((string) $kind), 'times' => count($times), 'curve' => TimesCurve::of($times)];
            }
        }

        return $rows;
    }
}
