<?php

declare(strict_types=1);

namespace App\Rooms\Learned;

use App\Models\Frame;
use App\Models\Place;
use App\Tide\PlaceTide;
use GentlePour\InvalidValue;
use GentlePour\Review\FrameMark;
use GentlePour\Review\TakenUnder;
use GentlePour\Review\WhatWorked;

/** What worked at each place: under which tide and sun its keepers were taken. */
final readonly class PlacesRemember
{
    /** Frames of a place that count, the latest. */
    private const FRAMES = 120;

    private const AROUND_S = 3600;

    private const LIGHT = ['low' => 'low', 'high' => 'day', 'down' => 'night'];

    public function __construct(private PlaceTide $tides)
    {
    }

    /** @return list<array{place: Place, words: string, query: array<string, string>}> places whose keepers have something in common */
    public function all(): array
    {
        $ids = Frame::query()->where('keeper', FrameMark::Keeper->value)->whereNotNull('place_id')->distinct()->pluck('place_id');
        $rows = [];
        foreach (Place::query()->whereKey($ids)->orderBy('name')->get() as $place) {
            $worked = $this->at($place);
            if ($worked !== null) {
                $rows[] = ['place' => $place, 'words' => self::words($worked), 'query' => self::query($place, $worked)];
            }
        }

        return $rows;
    }

    public function at(Place $place): ?WhatWorked
    {
        $frames = Frame::query()->with('subject')->where('place_id', $place->id)->whereNotNull('opened_at')->whereNotNull('open_s')
            ->latest('opened_at')->limit(self::FRAMES)->get();

        return WhatWorked::of(array_values($frames->map(fn (Frame $frame): TakenUnder => $this->under($place, $frame))->all()));
    }

    public static function words(WhatWorked $worked): string
    {
        $said = array_filter([
            $worked->levelsM === null ? null : self::levels(...$worked->levelsM), $worked->trend,
            match ($worked->sun) {
                'low' => 'with low sun'.($worked->side === null ? '' : self::side($worked->side)),
                'high' => 'with a high sun'.($worked->side === null ? '' : self::side($worked->side)),
                'down' => 'with the sun down',
                null => null,
            },
        ]);

        return sprintf(
            'Best %s: %d keepers of %d.', implode(', ', $said), $worked->keepers, $worked->frames,
        );
    }

    private static function levels(float $fromM, float $toM): string
    {
        [$from, $to] = [sprintf('%.1f', $fromM), sprintf('%.1f', $toM)];

        return $from === $to ? "at {$from} m" : "at {$from} to {$to} m";
    }

    private static function side(string $side): string
    {
        return match ($side) {
            'left', 'right' => " from the {$side}",
            'ahead' => ' ahead',
            default => ' behind',
        };
    }

    /** @return array<string, string> what the almanac is asked for it */
    public static function query(Place $place, WhatWorked $worked): array
    {
        return array_filter([
            'place' => (string) $place->id, 'above' => $worked->levelsM === null ? '' : (string) $worked->levelsM[0],
            'below' => $worked->levelsM === null ? '' : (string) $worked->levelsM[1], 'trend' => $worked->trend ?? '',
            'light' => $worked->sun === null ? '' : self::LIGHT[$worked->sun], 'side' => $worked->side ?? '',
        ], static fn (string $value): bool => $value !== '');
    }

    private function under(Place $place, Frame $frame): TakenUnder
    {
        $unix = (float) $frame->opened_at?->getTimestamp();
        $sun = $place->observer()?->sun($unix);
        $facing = $frame->subject->facing_deg ?? $place->facing_deg;
        try {
            $tide = $this->tides->curve($place, $unix - self::AROUND_S, $unix + self::AROUND_S);
        } catch (InvalidValue) {
            $tide = null;
        }

        return new TakenUnder(
            $frame->keeper === FrameMark::Keeper, $tide?->heightM($unix),
            $tide === null ? null : $tide->heightM($unix + 300) > $tide->heightM($unix - 300), $sun?->altitudeDeg,
            $sun === null || $facing === null ? null : fmod($sun->azimuthDeg - $facing + 900.0, 360.0) - 180.0,
        );
    }
}
