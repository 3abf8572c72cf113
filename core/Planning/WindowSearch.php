<?php

declare(strict_types=1);

namespace GentlePour\Planning;

use GentlePour\Numeral;
use GentlePour\Sky\LightCurve;
use GentlePour\Sky\LightPhase;
use GentlePour\Solving\Term;
use GentlePour\Tide\LevelSpan;
use GentlePour\Tide\TideCurve;
use GentlePour\Tide\TideEvent;
use GentlePour\Time\Spans;

/**
 * Windows of tide, light and days. The cheap conditions are cut first, so that the sun is only asked where the tide and the
 * calendar already agree.
 */
final class WindowSearch
{
    /** The longest stride of the search for the sun; a shorter window is looked for in strides of its own length. */
    private const SUN_STEP_S = 600.0;

    /** The sun turns by 15 degrees an hour, of which the cosine of the latitude is seen as altitude; its declination moves a little. */
    private const TURN_DEG_S = 15.1 / 3600;

    private const DECLINATION_DEG_S = 0.02 / 3600;

    /** Below this the sun still models what it lights. Judgement. */
    private const LOW_SUN_DEG = 15.0;

    /** A night that nobody asked for stands below all that has light: more than the rest of the terms can make up for. Judgement. */
    private const NOT_ASKED_FOR = -6.0;

    /** Less of a change over a window is neither rising nor falling, in m. Judgement. */
    private const STANDING_M = 0.05;

    /**
     * @param  TideCurve|null  $tide  over the whole span; none inland
     * @return list<Window> in order of time
     */
    public static function find(WindowQuery $query, ?TideCurve $tide, float $fromUnix, float $toUnix): array
    {
        $spans = $query->calendar->spans($fromUnix, $toUnix);
        if ($tide !== null && $query->asksForTide()) {
            $spans = Spans::intersect($spans, self::tideSpans($query, $tide, $spans));
        }
        $spans = self::longEnough($query, $spans);
        if ($query->asksForSun()) {
            $spans = self::sunSpans($query, $spans);
        }
        $light = LightCurve::metered($query->observer, $query->facingDeg, $query->sky);

        return array_map(
            static fn (array $span): Window => self::window($query, $tide, $light, $span[0], $span[1]),
            self::longEnough($query, $query->daily ? $query->calendar->daily($spans) : $spans),
        );
    }

    /**
     * @param  list<array{float, float}>  $spans
     * @return list<array{float, float}>
     */
    private static function longEnough(WindowQuery $query, array $spans): array
    {
        return array_values(array_filter($spans, static fn (array $span): bool => 60 * $query->minutesAtLeast <= $span[1] - $span[0]));
    }

    /**
     * @param  list<Window>  $windows
     * @return list<Window> best first
     */
    public static function ranked(array $windows): array
    {
        $scores = array_map(static fn (Window $w): float => -$w->score(), $windows);
        $begins = array_column($windows, 'from');
        array_multisort($scores, $begins, $windows);

        return $windows;
    }

    /**
     * @param  list<array{float, float}>  $within
     * @return list<array{float, float}>
     */
    private static function tideSpans(WindowQuery $query, TideCurve $tide, array $within): array
    {
        $spans = $query->level === null
            ? [[$tide->from(), $tide->to()]]
            : array_map(static fn (LevelSpan $s): array => [$s->from, $s->to], $query->level->spans($tide, $within));
        if ($query->trend === Trend::Any) {
            return $spans;
        }
        $runs = [];
        [$before, $beforeM] = [$tide->from(), $tide->heightM($tide->from())];
        foreach ([...$tide->turns(), new TideEvent($tide->to(), $tide->heightM($tide->to()), true)] as $turn) {
            if (($turn->heightM <=> $beforeM) === ($query->trend === Trend::Rising ? 1 : -1)) {
                $runs[] = [$before, $turn->unix];
            }
            [$before, $beforeM] = [$turn->unix, $turn->heightM];
        }

        return Spans::intersect($spans, $runs);
    }

    /**
     * @param  list<array{float, float}>  $spans
     * @return list<array{float, float}>
     */
    private static function sunSpans(WindowQuery $query, array $spans): array
    {
        $stepS = min(self::SUN_STEP_S, 60 * $query->minutesAtLeast);
        $mostDegS = self::TURN_DEG_S * cos(deg2rad($query->observer->latitude)) + self::DECLINATION_DEG_S;
        $spans = Spans::whereBetween(
            $spans, static fn (float $unix): float => $query->observer->sun($unix)->altitudeDeg,
            $query->sunLeastDeg, $query->sunMostDeg, $mostDegS, $stepS,
        );
        if ($query->sunAzimuth === null) {
            return $spans;
        }
        [$from, $to] = $query->sunAzimuth;
        $turn = fmod($to - $from + 720, 360);

        return Spans::where(
            $spans, static fn (float $unix): bool => fmod($query->observer->sun($unix)->azimuthDeg - $from + 720, 360) <= $turn,
            $stepS,
        );
    }

    private static function window(WindowQuery $query, ?TideCurve $tide, LightCurve $light, float $from, float $to): Window
    {
        $middle = ($from + $to) / 2;
        $sun = array_map($query->observer->sun(...), [$from, $middle, $to]);
        $highest = $tide === null ? null : self::highestM($tide, $from, $to);
        $rise = $tide === null ? 0.0 : $tide->heightM($to) - $tide->heightM($from);

        return new Window(
            $from, $to, $highest, match (true) {
                $query->trend !== Trend::Any => $query->trend,
                abs($rise) < self::STANDING_M => Trend::Any, $rise > 0 => Trend::Rising, default => Trend::Falling,
            },
            $sun[0]->altitudeDeg, $sun[2]->altitudeDeg, $sun[1]->azimuthDeg,
            $light->ev100With($sun[0], $from), $light->ev100With($sun[2], $to),
            self::terms($query, $from, $to, $highest, $sun[1]->altitudeDeg),
        );
    }

    /** The highest that the water stands from one instant to another: at one of them, or where it turns between. */
    private static function highestM(TideCurve $tide, float $from, float $to): float
    {
        return max(
            $tide->heightM($from), $tide->heightM($to),
            ...array_map(static fn (TideEvent $turn): float => $turn->heightM, $tide->turnsBetween($from, $to)),
        );
    }

    /**
     * What speaks for a window, each from nothing to a few points. Judgement.
     *
     * @return list<Term>
     */
    private static function terms(WindowQuery $query, float $from, float $to, ?float $highest, float $sunDeg): array
    {
        $minutes = ($to - $from) / 60;
        $terms = [new Term('length', min(3.0, log($minutes / $query->minutesAtLeast, 2)), self::long((int) $minutes))];
        $terms[] = match (LightPhase::ofAltitude($sunDeg)) {
            LightPhase::Night, LightPhase::Astronomical, LightPhase::Nautical => new Term(
                'light', $query->asksForDark() ? 0.5 : self::NOT_ASKED_FOR, 'night or deep dusk',
            ),
            LightPhase::Blue => new Term('light', 2.0, 'blue hour'),
            LightPhase::Golden => new Term('light', 2.0, 'golden light'),
            LightPhase::Day => $sunDeg < self::LOW_SUN_DEG ? new Term('light', 1.0, 'low sun') : new Term('light', 0.0, 'day'),
        };
        if ($highest !== null && $query->level?->aboveM !== null) {
            $spare = $highest - $query->level->aboveM;
            $terms[] = new Term('margin', min(1.5, 3 * $spare), sprintf('%.1f m over the mark at most', $spare));
        }

        return $terms;
    }

    private static function long(int $minutes): string
    {
        return match (true) {
            $minutes < 120 => Numeral::many($minutes, 'minute').' long',
            $minutes === 1440 => 'a whole day long',
            $minutes < 2880 => sprintf('%d h %02d long', intdiv($minutes, 60), $minutes % 60),
            default => intdiv($minutes, 1440).' days long',
        };
    }
}
