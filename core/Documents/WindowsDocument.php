<?php

declare(strict_types=1);

namespace GentlePour\Documents;

use GentlePour\InvalidValue;
use GentlePour\Planning\Trend;
use GentlePour\Planning\Window;
use GentlePour\Planning\WindowQuery;
use GentlePour\Planning\WindowSearch;
use GentlePour\Sky\Observer;
use GentlePour\Sky\SkyCondition;
use GentlePour\Sky\Skyline;
use GentlePour\Solving\Term;
use GentlePour\Tide\Level;
use GentlePour\Tide\TideCurve;
use GentlePour\Tide\TideSpan;
use GentlePour\Time\Instant;
use GentlePour\Time\PlaceCalendar;

/** The JSON document of pour:windows. */
final class WindowsDocument
{
    /**
     * @param  callable(string, float, float): TideCurve  $tide  the curve of a station over a span
     * @return array<string, mixed>
     *
     * @throws InvalidValue
     */
    public static function answer(Fields $in, callable $tide): array
    {
        $zone = $in->has('timezone')
            ? $in->make(static fn (): \DateTimeZone => Instant::timezone($in->text('timezone')), 'timezone')
            : new \DateTimeZone('UTC');
        $from = $in->make(static fn (): float => Instant::parse($in->text('from'), $zone), 'from');
        $to = $in->make(static fn (): float => self::end($in->text('to'), $zone), 'to');
        TideSpan::check($from, $to);
        $query = self::query($in, $zone);
        if ($query->asksForTide() && ! $in->has('station')) {
            throw InvalidValue::missing('A station, for a level or a trend of the tide,')->at('station');
        }
        $curve = $in->has('station') ? $in->make(static fn (): TideCurve => $tide($in->text('station'), $from, $to)) : null;
        $windows = WindowSearch::find($query, $curve, $from, $to);
        $by = $in->has('by') ? $in->text('by') : 'score';
        if (! in_array($by, ['score', 'time'], true)) {
            throw InvalidValue::notOneOf('“by”', $by, ['score', 'time'])->at('by');
        }

        return [
            'by' => $by,
            'windows' => array_map(
                static fn (Window $w): array => self::window($w, $zone), $by === 'time' ? $windows : WindowSearch::ranked($windows),
            ),
        ];
    }

    /** The end of a plain date is the end of that day. */
    private static function end(string $written, \DateTimeZone $zone): float
    {
        $unix = Instant::parse($written, $zone);

        return preg_match('/^\d{4}-\d{2}-\d{2}$/', trim($written)) === 1
            ? (float) (new \DateTimeImmutable('@'.(int) $unix))->setTimezone($zone)->modify('+1 day')->getTimestamp()
            : $unix;
    }

    private static function query(Fields $in, \DateTimeZone $zone): WindowQuery
    {
        $level = $in->childOrEmpty('level');
        $sun = $in->childOrEmpty('sun');
        $hours = $in->has('hours') ? $in->child('hours') : null;

        return $in->make(static fn (): WindowQuery => new WindowQuery(
            new Observer($in->number('latitude'), $in->number('longitude'), self::skyline($in)),
            new PlaceCalendar(
                $zone, $in->texts('days'), $hours === null ? null : [self::minutes($hours, 'from'), self::minutes($hours, 'to')],
            ),
            $level->has('above_m') || $level->has('below_m') ? $level->make(static fn (): Level => Level::between(
                $level->has('above_m') ? $level->number('above_m') : null, $level->has('below_m') ? $level->number('below_m') : null,
            )) : null,
            $in->choiceOr('trend', Trend::Any),
            $sun->numberOr('altitude_min_deg', -90),
            $sun->numberOr('altitude_max_deg', 90),
            $in->numberOr('minutes_at_least', 10),
            $sun->has('azimuth_from_deg') ? [$sun->number('azimuth_from_deg'), $sun->number('azimuth_to_deg')] : null,
            $in->choiceOr('sky', SkyCondition::Clear),
            $in->has('facing_deg') ? $in->number('facing_deg') : null,
        ));
    }

    private static function skyline(Fields $in): ?Skyline
    {
        if (! $in->has('skyline')) {
            return null;
        }
        try {
            return Skyline::parse($in->text('skyline'));
        } catch (InvalidValue $e) {
            throw $e->renamed([$e->field() => 'skyline']);
        }
    }

    private static function minutes(Fields $in, string $name): int
    {
        return $in->make(static function () use ($in, $name): int {
            if (preg_match('/^(\d{1,2}):(\d{2})$/', $in->text($name), $m) !== 1 || (int) $m[1] * 60 + (int) $m[2] > 1440
                || (int) $m[2] > 59) {
                throw new InvalidValue('An hour is written like 05:30.');
            }

            return (int) $m[1] * 60 + (int) $m[2];
        }, $name);
    }

    /** @return array<string, mixed> */
    private static function window(Window $w, \DateTimeZone $zone): array
    {
        return [
            'from' => Instant::write($w->from, $zone), 'to' => Instant::write($w->to, $zone), 'minutes' => round($w->minutes(), 1),
            'highest_m' => $w->highestM === null ? null : round($w->highestM, 3), 'trend' => $w->trend->value,
            'sun' => [
                'altitude_from_deg' => round($w->sunAltitudeFromDeg, 3), 'altitude_to_deg' => round($w->sunAltitudeToDeg, 3),
                'azimuth_deg' => round($w->sunAzimuthDeg, 2),
            ],
            'ev100_from' => round($w->ev100From, 2), 'ev100_to' => round($w->ev100To, 2), 'score' => round($w->score(), 3),
            'why' => $w->why(),
            'terms' => array_map(
                static fn (Term $t): array => ['name' => $t->name, 'points' => round($t->stops, 3), 'why' => $t->why], $w->terms,
            ),
        ];
    }
}
