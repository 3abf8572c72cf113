<?php

declare(strict_types=1);

namespace GentlePour\Documents;

use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Tide\Constituents;
use GentlePour\Tide\Harmonic;
use GentlePour\Tide\Level;
use GentlePour\Tide\LevelSpan;
use GentlePour\Tide\Station;
use GentlePour\Tide\TideEvent;
use GentlePour\Time\Instant;

/** The JSON document of pour:tide. */
final class TideDocument
{
    private const HEIGHTS_AT_MOST = 200000;

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidValue
     */
    public static function answer(
        Station $station, Constituents $constituents, float $fromUnix, float $toUnix, ?float $stepMinutes, ?string $datum, ?float $aboveM,
        ?float $belowM,
    ): array {
        $zone = Instant::timezone($station->timezone);
        $curve = $station->curve($constituents, $fromUnix, $toUnix, $datum);
        $out = ['station' => [
            'id' => $station->id, 'name' => $station->name, 'latitude' => $station->latitude, 'longitude' => $station->longitude,
            'timezone' => $station->timezone, 'datum' => $datum ?? $station->defaultDatum(), 'attribution' => $station->attribution,
            'license' => $station->license,
            'left_out' => array_map(
                static fn (Harmonic $h): array => ['constituent' => $h->name, 'amplitude_m' => $h->amplitudeM],
                $station->unknown($constituents),
            ),
        ]];
        if ($stepMinutes !== null) {
            Limit::HeightStep->check($stepMinutes, 'step');
            if (($toUnix - $fromUnix) / 60 / $stepMinutes > self::HEIGHTS_AT_MOST) {
                throw (
                    new InvalidValue('That is more than '.self::HEIGHTS_AT_MOST.' heights; take a longer step or a shorter span.')
                )->at('step');
            }
            $out['heights'] = [];
            for ($unix = $fromUnix; $unix <= $toUnix; $unix += 60 * $stepMinutes) {
                $out['heights'][] = ['at' => Instant::write($unix, $zone), 'm' => round($curve->heightM($unix), 4)];
            }
        }
        $out['events'] = array_map(static fn (TideEvent $e): array => [
            'at' => Instant::write($e->unix, $zone), 'm' => round($e->heightM, 4), 'kind' => $e->high ? 'high' : 'low',
        ], $curve->events());
        if ($aboveM !== null || $belowM !== null) {
            $out['windows'] = array_map(static fn (LevelSpan $s): array => [
                'from' => Instant::write($s->from, $zone), 'to' => Instant::write($s->to, $zone), 'highest_m' => round($s->highestM, 4),
                'lowest_m' => round($s->lowestM, 4),
            ], Level::between($aboveM, $belowM)->spans($curve));
        }

        return $out;
    }
}
