<?php

declare(strict_types=1);

namespace App\Tide;

use GentlePour\Sky\Observer;
use GentlePour\Tide\Station;
use GentlePour\Time\ZoneTree;
use RuntimeException;

/**
 * The time zone that a place goes by where nobody has said: that of a tide station beside it, which is exact at borders that the map draws
 * coarsely, else that of the map; off a coast, where the map has only bands of hours, that of the nearest station.
 */
final class ClockOfPlace
{
    private const BESIDE_KM = 25.0;

    private const OFF_A_COAST_KM = 300.0;

    private ?ZoneTree $tree = null;

    public function __construct(private readonly StationCatalogue $catalogue)
    {
    }

    public function at(Observer $place): string
    {
        foreach ($this->catalogue->near($place->latitude, $place->longitude, 1) as ['id' => $id, 'distanceKm' => $km]) {
            $station = $this->catalogue->find($id);
            if ($km <= self::BESIDE_KM) {
                return $station->timezone;
            }
        }
        $zone = $this->tree()->at($place->latitude, $place->longitude);

        return isset($station, $km) && str_starts_with($zone, 'Etc/') && $km <= self::OFF_A_COAST_KM ? $station->timezone : $zone;
    }

    private function tree(): ZoneTree
    {
        if ($this->tree === null) {
            $data = json_decode((string) file_get_contents(base_path('data/zones.json')), true);
            if (! is_array($data) || ! is_string($data['tree'] ?? null) || ! is_array($data['zones'] ?? null)) {
                throw new RuntimeException('The map of time zones data/zones.json is missing.');
            }
            $this->tree = new ZoneTree($data['tree'], array_values(array_filter($data['zones'], is_string(...))));
        }

        return $this->tree;
    }
}
