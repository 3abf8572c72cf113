<?php

declare(strict_types=1);

namespace GentlePour\Outing;

/** What goes into the bag for an outing, and must come back in it. Common practice. */
final class Packing
{
    /** A battery's open time where nothing is known of it: half of what it does in the warm; judgement. */
    private const BATTERY_MINUTES = 60.0;

    /**
     * @param  list<string>  $kit  names of cameras, lenses, filters, rings and what else is packed
     * @param  float  $openMinutes  that the shutter is open in all
     * @param  float|null  $batteryMinutes  open time of one battery
     * @param  bool  $dark  whether it is dark on the way or at the water
     * @param  bool  $sea  whether the water is the sea's, with sand and salt
     * @param  bool  $rain  whether rain is forecast
     * @return list<PackItem>
     */
    public static function of(
        array $kit, bool $release, float $openMinutes, ?float $batteryMinutes, bool $dark, bool $sea,
        bool $rain = false,
    ): array {
        $batteries = 1 + (int) max(1.0, ceil($openMinutes / ($batteryMinutes ?? self::BATTERY_MINUTES)));
        $said = static fn (bool $is, string $key, string $words, string $why = ''): array => $is ? [new PackItem($key, $words, $why)] : [];

        return [
            ...array_map(static fn (string $name): PackItem => new PackItem('kit:'.$name, $name), $kit),
            new PackItem('tripod', 'Tripod, plate on the camera', $sea ? 'feet and joints rinsed afterwards' : ''),
            ...$said($release, 'release', 'Release, and its spare battery'),
            new PackItem(
                'batteries', "{$batteries} batteries, charged",
                $openMinutes < 1.5 ? 'about a minute open is planned; cold halves them'
                    : sprintf('%.0f minutes open are planned; cold halves them', $openMinutes),
            ),
            new PackItem('cards', 'Card, empty, and a spare one'),
            new PackItem('cloths', 'Cloths, dry, in a bag that closes', 'spray on the glass spoils more frames than anything'),
            new PackItem('blower', 'Blower and brush', $sea ? 'sand is blown off before it is wiped' : ''),
            new PackItem('hood', 'Hood'),
            ...$said($rain, 'umbrella', 'Umbrella, and a cover for the camera', 'rain is forecast'),
            new PackItem('card', 'The pocket card, printed'),
            ...$said($sea, 'tide', 'The official tide table, printed', 'a phone gets wet'),
            ...$said($dark, 'headlamp', 'Headlamp with red light, charged'),
            new PackItem('phone', 'Phone, charged, in something dry'),
            new PackItem('clothes', 'Waterproofs and boots that grip'),
        ];
    }
}
