<?php

declare(strict_types=1);

namespace App\Tide;

use App\Models\Place;
use GentlePour\Sky\Observer;
use GentlePour\Time\Instant;
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

    /** @param  array{id: string, distanceKm: float}|null  $nearest  station, where it was found before */
    public function at(Observer $place, ?array $nearest = null): string
    {
        $nearest ??= $this->catalogue->near($place->latitude, $place->longitude, 1)[0];
        $zone = $this->tree()->at($place->latitude, $place->longitude);
        $believedTo = str_starts_with($zone, 'Etc/') ? self::OFF_A_COAST_KM : self::BESIDE_KM;

        return $nearest['distanceKm'] <= $believedTo ? $this->catalogue->find($nearest['id'])->timezone : $zone;
    }

    /** The clock of a place that stands in UTC where nobody keeps it, summer and winter; null where somebody does, or it has its own. */
    public function insteadOfUtc(Place $place): ?string
    {
        $observer = $place->timezone === 'UTC' ? $place->observer() : null;
        $zone = $observer === null ? 'UTC' : $this->at($observer);

        [$clock, $now] = [Instant::timezone($zone), now()];

        return $clock->getOffset($now) === 0 && $clock->getOffset($now->copy()->addMonths(6)) === 0 ? null : $zone;
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
