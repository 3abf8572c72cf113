<?php

declare(strict_types=1);

namespace GentlePour\Documents;

use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Sky\DayOfSky;
use GentlePour\Sky\Foreground;
use GentlePour\Sky\LightCurve;
use GentlePour\Sky\LightReading;
use GentlePour\Sky\Moment;
use GentlePour\Sky\Moon;
use GentlePour\Sky\Observer;
use GentlePour\Sky\SkyCondition;
use GentlePour\Sky\SkyEvent;
use GentlePour\Time\Instant;

/** The JSON documents of pour:sky and pour:light. */
final class SkyDocument
{
    private const ROWS_AT_MOST = 20000;

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidValue
     */
    public static function day(Observer $observer, string $date, \DateTimeZone $zone): array
    {
        if (preg_match('/^\d{4}-\d{2}-\d{2}$/', $date) !== 1) {
            throw (new InvalidValue(InvalidValue::quoted($date).' is not a date; write it like 2027-03-21.'))->at('date');
        }
        $from = Instant::parse($date, $zone);
        $to = (float) (new \DateTimeImmutable($date, $zone))->modify('+1 day')->getTimestamp();
        $sky = DayOfSky::between($observer, $from, $to);
        $at = static function (SkyEvent $event) use ($sky, $zone): ?string {
            $unix = $sky->at($event);

            return $unix === null ? null : Instant::write($unix, $zone);
        };
        $noon = new Moment(($from + $to) / 2);

        return [
            'sun' => [
                'rise' => $at(SkyEvent::Sunrise),
                'set' => $at(SkyEvent::Sunset),
                'noon' => $at(SkyEvent::Noon),
                'civil_dawn' => $at(SkyEvent::CivilDawn),
                'civil_dusk' => $at(SkyEvent::CivilDusk),
                'nautical_dawn' => $at(SkyEvent::NauticalDawn),
                'nautical_dusk' => $at(SkyEvent::NauticalDusk),
                'astronomical_dawn' => $at(SkyEvent::AstronomicalDawn),
                'astronomical_dusk' => $at(SkyEvent::AstronomicalDusk),
            ],
            'moon' => [
                'rise' => $at(SkyEvent::Moonrise),
                'set' => $at(SkyEvent::Moonset),
                'phase_share' => Moon::litShare($noon),
                'age_days' => Moon::ageDays($noon),
            ],
        ];
    }

    /** @return array<string, mixed> */
    public static function instant(Observer $observer, float $unix): array
    {
        [$sun, $moon] = [$observer->sun($unix), $observer->moon($unix)];

        return [
            'sun' => ['altitude_deg' => $sun->altitudeDeg, 'azimuth_deg' => $sun->azimuthDeg],
            'moon' => [
                'altitude_deg' => $moon->altitudeDeg, 'azimuth_deg' => $moon->azimuthDeg,
                'phase_share' => Moon::litShare(new Moment($unix)),
            ],
        ];
    }

    /**
     * @param  list<LightReading>  $readings  of level ground; with a facing they are taken for the scene's as well
     * @param  float|null  $facingDeg  for what a camera meters that way
     * @return array<string, mixed>
     *
     * @throws InvalidValue
     */
    public static function light(
        Observer $observer, float $fromUnix, float $toUnix, float $stepMinutes, SkyCondition $sky, array $readings, \DateTimeZone $zone,
        ?float $facingDeg = null, Foreground $foreground = Foreground::Shore,
    ): array {
        Limit::LightStep->check($stepMinutes, 'step');
        if ($toUnix < $fromUnix) {
            throw (new InvalidValue('The end must not come before the beginning.'))->at('to');
        }
        if (($toUnix - $fromUnix) / 60 / $stepMinutes > self::ROWS_AT_MOST) {
            throw (new InvalidValue('That is more than '.self::ROWS_AT_MOST.' rows; take a longer step or a shorter span.'))->at('step');
        }
        $curve = LightCurve::of($observer, $sky, $readings);
        $metered = $facingDeg === null ? null : LightCurve::metered($observer, $facingDeg, $sky, $readings, $foreground);
        $rows = [];
        for ($unix = $fromUnix; $unix <= $toUnix; $unix += 60 * $stepMinutes) {
            $sun = $observer->sun($unix);
            $scene = $metered?->sceneWith($sun, $unix);
            $rows[] = [
                'at' => Instant::write($unix, $zone), 'sun_altitude_deg' => $sun->altitudeDeg, 'lux' => $curve->lux($unix),
                'ev100' => $curve->ev100($unix), 'drift_stops_per_min' => $curve->driftStopsPerMinute($unix),
            ] + ($scene === null ? [] : [
                'scene_ev100' => $scene->ev100(), 'sky_ev100' => $scene->skyEv100(), 'foreground_ev100' => $scene->foregroundEv100(),
                'grad_stops' => $scene->gradStops(),
            ]);
        }

        return ['light' => $rows];
    }
}
