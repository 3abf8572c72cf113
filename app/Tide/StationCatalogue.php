<?php

declare(strict_types=1);

namespace App\Tide;

use GentlePour\Documents\Fields;
use GentlePour\Documents\StationDocument;
use GentlePour\InvalidValue;
use GentlePour\Tide\Constituents;
use GentlePour\Tide\Station;
use Illuminate\Support\Facades\Cache;
use RuntimeException;

/**
 * The shipped tide stations, read straight from their compressed file: a line a station, so that one is found and the nearest
 * are ranked without decoding the rest. The made-up station of the demo stands in a file of its own.
 */
final class StationCatalogue
{
    /** @var array<string, Station> */
    private array $read = [];

    private ?Constituents $constituents = null;

    public function constituents(): Constituents
    {
        if ($this->constituents === null) {
            $data = json_decode((string) file_get_contents(base_path('data/constituents.json')), true);
            $this->constituents = Constituents::of(is_array($data) ? $data : []);
        }

        return $this->constituents;
    }

    /** @throws InvalidValue when the catalogue has no such station */
    public function find(string $id): Station
    {
        return $this->read[$id] ??= $this->stationOf($this->line($id));
    }

    /**
     * The nearest stations, nearest first.
     *
     * @return list<array{id: string, name: string, country: string, distanceKm: float, madeUp: bool}>
     */
    public function near(float $latitude, float $longitude, int $count): array
    {
        $found = [];
        foreach ($this->lines() as $line) {
            if (preg_match('/^\{"id":"([^"]+)","name":"((?:[^"\\\\]|\\\\.)*)","lat":(-?[\d.]+),"lon":(-?[\d.]+)/', $line, $m) === 1) {
                $found[] = [
                    Station::haversineKm($latitude, $longitude, (float) $m[3], (float) $m[4]), $m[1], $m[2],
                    str_contains($line, '"made_up":true'), $line,
                ];
            }
        }
        usort($found, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_map(static fn (array $f): array => [
            'id' => $f[1], 'name' => (string) json_decode('"'.$f[2].'"'), 'distanceKm' => $f[0], 'madeUp' => $f[3],
            'country' => preg_match('/"country":"((?:[^"\\\\]|\\\\.)*)"/', $f[4], $m) === 1 ? (string) json_decode('"'.$m[1].'"') : '',
        ], array_slice($found, 0, $count));
    }

    /** @return iterable<string> */
    private function lines(): iterable
    {
        yield from file(base_path('data/made-up-stations.ndjson'), FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];
        $file = gzopen(base_path('data/stations.ndjson.gz'), 'rb') ?: throw new RuntimeException(
            'The station catalogue data/stations.ndjson.gz is missing.',
        );
        try {
            while (($line = gzgets($file, 65536)) !== false) {
                yield $line;
            }
        } finally {
            gzclose($file);
        }
    }

    private function line(string $id): string
    {
        // Found once, a station's line is kept; a new catalogue has a new time, and so a new key.
        return Cache::rememberForever(
            'station:'.filemtime(base_path('data/stations.ndjson.gz')).':'.$id, fn (): string => $this->scan($id),
        );
    }

    private function scan(string $id): string
    {
        $start = '{"id":'.json_encode($id, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE).',';
        foreach ($this->lines() as $line) {
            if (str_starts_with($line, $start)) {
                return $line;
            }
        }

        throw (new InvalidValue('There is no station '.InvalidValue::quoted($id).' in the catalogue.'))->at('station');
    }

    private function stationOf(string $line): Station
    {
        return StationDocument::station(Fields::ofJson($line), $this->find(...));
    }
}
