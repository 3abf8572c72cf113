<?php

declare(strict_types=1);

use GentlePour\Time\ZoneTree;

function zoneTree(): ZoneTree
{
    $data = json_decode((string) file_get_contents(__DIR__.'/../../../data/zones.json'), true);

    return new ZoneTree($data['tree'], $data['zones']);
}

it('reads its tree as the package does that it is from (tz-lookup 11.7), all over the earth and on its edges', function (): void {
    $tree = zoneTree();
    foreach (json_decode((string) file_get_contents(__DIR__.'/../../Reference/zones.json'), true) as [$latitude, $longitude, $zone]) {
        if ($latitude < 90) {
            expect($tree->at($latitude, $longitude))->toBe($zone, "{$latitude}, {$longitude}");
        }
    }
});

it('has the zone of each city that the time zone database names one after, or one that keeps the same hours there (IANA, zone.tab)', function (): void {
    $tree = zoneTree();
    [$far, $of] = [[], 0];
    $offsets = static fn (DateTimeZone $zone): array => array_map(
        static fn (string $day): int => $zone->getOffset(new DateTimeImmutable($day)), ['2026-01-15T12:00Z', '2026-04-15T12:00Z', '2026-07-15T12:00Z'],
    );
    foreach (DateTimeZone::listIdentifiers() as $name) {
        $zone = new DateTimeZone($name);
        $city = $zone->getLocation();
        if ($city !== false && $city['country_code'] !== '??') {
            $found = new DateTimeZone($tree->at($city['latitude'], $city['longitude']));
            $of++;
            $offsets($found) === $offsets($zone) || $far[] = "{$name}: {$found->getName()}";
        }
    }
    // Cities on a shore, an island or a border, whose cell is the sea's or the neighbour's.
    expect($of)->toBeGreaterThan(400)->and(count($far) / $of)->toBeLessThan(0.03, implode(', ', $far));
});

it('names only zones that there are', function (): void {
    $data = json_decode((string) file_get_contents(__DIR__.'/../../../data/zones.json'), true);
    foreach ($data['zones'] as $zone) {
        expect((new DateTimeZone($zone))->getName())->toBe($zone);
    }
});
