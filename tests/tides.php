<?php

declare(strict_types=1);

use GentlePour\Documents\Fields;
use GentlePour\Documents\StationDocument;
use GentlePour\Tide\Constituents;
use GentlePour\Tide\Harmonic;
use GentlePour\Tide\HarmonicCurve;
use GentlePour\Tide\Station;
use GentlePour\Tide\SubordinateOffsets;
use GentlePour\Tide\TableCurve;
use GentlePour\Tide\TideCurve;
use GentlePour\Tide\TideEvent;
use GentlePour\Time\Instant;

// Tides, stations and constituents for tests.

/** @param  array<string, array{float, float}>  $harmonics */
function harmonicTide(array $harmonics, float $from, float $days, float $mean = 0.0): HarmonicCurve
{
    return HarmonicCurve::of(
        array_map(fn (string $name, array $h): Harmonic => new Harmonic($name, $h[0], $h[1]), array_keys($harmonics), $harmonics),
        constituents(), $mean, $from, $from + 86400 * $days,
    );
}

/** A table of one tide: low at six, high at noon, low at six again. */
function oneTide(): TableCurve
{
    return TableCurve::of(
        [
            new TideEvent(at('2026-10-01T06:00'), 1.0, false), new TideEvent(at('2026-10-01T12:00'), 5.0, true),
            new TideEvent(at('2026-10-01T18:00'), 1.0, false),
        ],
    );
}

/**
 * A tide that runs in straight lines from water to water, so that heights and instants can be worked out by hand.
 *
 * @param  array<int, float>  $knots  heights in m by instant; each inner one that turns is a high or low water
 */
function straightTide(array $knots): TideCurve
{
    return new class($knots) implements TideCurve
    {
        /** @param  array<int, float>  $knots */
        public function __construct(private array $knots)
        {
        }

        public function heightM(float $unix): float
        {
            $times = array_keys($this->knots);
            $i = 0;
            while ($i < count($times) - 2 && $times[$i + 1] < $unix) {
                $i++;
            }
            [$from, $to] = [$times[$i], $times[$i + 1]];

            return $this->knots[$from] + ($this->knots[$to] - $this->knots[$from]) * ($unix - $from) / ($to - $from);
        }

        public function events(): array
        {
            [$times, $heights] = [array_keys($this->knots), array_values($this->knots)];
            $events = [];
            for ($i = 1; $i < count($times) - 1; $i++) {
                if (($heights[$i] > $heights[$i - 1]) === ($heights[$i] > $heights[$i + 1])) {
                    $events[] = new TideEvent((float) $times[$i], $heights[$i], $heights[$i] > $heights[$i - 1]);
                }
            }

            return $events;
        }

        public function turns(): array
        {
            return $this->events();
        }

        public function turnsBetween(float $from, float $to): array
        {
            return TideEvent::within($this->turns(), $from, $to);
        }

        public function turnsWithMargin(): array
        {
            return $this->events();
        }

        public function eventsWithMargin(): array
        {
            return $this->events();
        }

        public function from(): float
        {
            return (float) array_key_first($this->knots);
        }

        public function to(): float
        {
            return (float) array_key_last($this->knots);
        }
    };
}

function constituents(): Constituents
{
    static $table = null;

    return $table ??= Constituents::of(json_decode((string) file_get_contents(dirname(__DIR__).'/data/constituents.json'), true));
}

/** A station of the catalogue that ships, with the one it follows. */
function shippedStation(string $id): Station
{
    static $lines = [];
    if ($lines === []) {
        foreach (gzfile(dirname(__DIR__).'/data/stations.ndjson.gz') ?: [] as $line) {
            $lines[substr($line, 7, (int) strpos($line, '"', 7) - 7)] = $line;
        }
    }

    return StationDocument::station(Fields::ofJson($lines[$id]), shippedStation(...));
}

/** @param  array<string, float>  $amplitudes */
function stationOf(array $amplitudes, ?SubordinateOffsets $offsets = null): Station
{
    return new Station(
        'made/1', 'Made-up', 57.0, -7.0, 'UTC', 'MLLW', ['MSL' => 3.0, 'MLLW' => 0.5, 'MHW' => 5.0],
        array_map(fn (string $name, float $m): Harmonic => new Harmonic($name, $m, 0.0), array_keys($amplitudes), $amplitudes), $offsets,
        null, 'Nobody', 'none', true,
    );
}
