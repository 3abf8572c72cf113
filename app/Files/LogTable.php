<?php

declare(strict_types=1);

namespace App\Files;

use App\Models\Frame;
use App\Models\Measurement;
use GentlePour\Csv;
use GentlePour\Time\Instant;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The log and what was measured, as comma-separated values: a line of names, then a line a record, the oldest first. */
final class LogTable
{
    private const FRAME = [
        'frame', 'opened_at', 'place', 'subject', 'water', 'look', 'planned_s', 'open_s', 'aperture', 'iso', 'filters', 'stops',
        'correction_stops', 'light_changes', 'blur', 'exposure_thirds', 'note', 'called',
    ];

    /** Figures of a measurement, by their names; what a way of measuring has not stays empty. */
    private const FIGURES = [
        'period_s', 'spread_s', 'height_m', 'speed_m_s', 'drop_m', 'retreat_s', 'distance_m', 'seconds', 'share', 'base_m', 'wind_m_s',
    ];

    /** @param  callable(): iterable<string>  $lines */
    public static function sent(string $name, callable $lines): StreamedResponse
    {
        return response()->streamDownload(static function () use ($lines): void {
            foreach ($lines() as $line) {
                echo $line;
            }
        }, $name, ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    /** @return iterable<string> line by line, so that a long log takes no more memory than a short one */
    public static function frames(): iterable
    {
        yield Csv::line(self::FRAME);
        foreach (Frame::query()->with('place', 'subject')->whereNotNull('open_s')->oldest('opened_at')->oldest('id')->lazy(200) as $frame) {
            $way = $frame->plan->way;
            yield Csv::line([
                $frame->id, self::time($frame->opened_at, $frame->place?->timezone), $frame->place?->name, $frame->subject?->name,
                $frame->water_kind->value, $frame->look->value, round($frame->planned_s, 4), round((float) $frame->open_s, 4),
                $way->apertureLabel, $way->iso, implode(' + ', $way->filters), round($way->stops, 2), round($frame->correction_stops, 2),
                $frame->light_changes, $frame->blur?->value, $frame->exposure_thirds, $frame->note,
                $frame->called?->value,
            ]);
        }
    }

    /** @return iterable<string> */
    public static function measurements(): iterable
    {
        yield Csv::line(['measured_at', 'place', 'kind', ...self::FIGURES, 'note']);
        foreach (Measurement::query()->with('place')->oldest('measured_at')->oldest('id')->lazy(200) as $measurement) {
            $place = $measurement->place;
            yield Csv::line([
                self::time($measurement->measured_at, $place?->timezone), $place?->name, $measurement->kind->value,
                ...array_map(static fn (string $name): ?float => self::rounded($measurement->number($name)), self::FIGURES),
                $measurement->note,
            ]);
        }
    }

    private static function rounded(?float $value): ?float
    {
        return $value === null ? null : round($value, 4);
    }

    private static function time(?Carbon $at, ?string $zone): ?string
    {
        return $at === null ? null : Instant::write((float) $at->getTimestamp(), Instant::timezone($zone ?? 'UTC'));
    }
}
