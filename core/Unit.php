<?php

declare(strict_types=1);

namespace GentlePour;

/**
 * Quantities as people write them, with a unit of their own choice: 25 mph, 20 kn, force 6, 12 ft, 5'6", 0.4 km, 50 F, ½. Feet and inches
 * by the international agreement of 1959, the knot as a nautical mile of 1852 m an hour, the mile of 1609.344 m, Beaufort's force B by
 * v = 0.836 B^1.5 m/s (World Meteorological Organization, 1970).
 */
final class Unit
{
    private const FOOT_M = 0.3048;

    private const FRACTIONS = ['½' => '.5', '⅓' => '.33333333', '⅔' => '.66666667', '¼' => '.25', '¾' => '.75'];

    private const LENGTHS_M = [
        'mm' => 0.001, 'cm' => 0.01, 'm' => 1.0, 'metre' => 1.0, 'metres' => 1.0, 'meter' => 1.0, 'meters' => 1.0, 'km' => 1000.0,
        'ft' => self::FOOT_M, 'foot' => self::FOOT_M, 'feet' => self::FOOT_M, "'" => self::FOOT_M, '′' => self::FOOT_M,
        'in' => 0.0254, 'inch' => 0.0254, 'inches' => 0.0254, '"' => 0.0254, '″' => 0.0254,
        'yd' => 0.9144, 'mi' => 1609.344, 'nm' => 1852.0, 'fathom' => 1.8288, 'fathoms' => 1.8288,
    ];

    private const SPEEDS_MS = [
        'm/s' => 1.0, 'mps' => 1.0, 'cm/s' => 0.01, 'km/h' => 1 / 3.6, 'kmh' => 1 / 3.6, 'kph' => 1 / 3.6, 'mph' => 0.44704,
        'kn' => 1852 / 3600, 'kt' => 1852 / 3600, 'kts' => 1852 / 3600, 'knot' => 1852 / 3600, 'knots' => 1852 / 3600,
        'ft/s' => self::FOOT_M, 'fps' => self::FOOT_M,
    ];

    private const TIMES_S = [
        'ms' => 0.001, 's' => 1.0, 'sec' => 1.0, 'secs' => 1.0, 'second' => 1.0, 'seconds' => 1.0, 'min' => 60.0, 'mins' => 60.0,
        'minute' => 60.0, 'minutes' => 60.0, 'h' => 3600.0, 'hour' => 3600.0, 'hours' => 3600.0,
    ];

    /** Signs that say what is meant anyway. */
    private const SAID_ANYWAY = [
        '°' => ['°', 'deg', 'degree', 'degrees'], '%' => ['%', 'percent'], 'EV' => ['ev'], 'stops' => ['stop', 'stops', 'ev', 'st'],
        'stops a minute' => ['stops a minute', 'stops/min', 'stop/min', 'stops a min'],
    ];

    /**
     * A number in the unit that is asked for; null where it is none, or of another dimension.
     *
     * @param  string  $unit  m, mm, m/s, s, min, °, °C, %, stops, stops a minute, EV, or none
     */
    public static function read(string $written, string $unit): ?float
    {
        if (Numeral::mayMeanThousands($written)) {
            return null;
        }
        $text = self::plain($written);
        $ofForce = '/^(?:force|beaufort|bft|f)(\d{1,2}(?:\.\d+)?)$|^(\d{1,2}(?:\.\d+)?)bft$/';
        if ($unit === 'm/s' && preg_match($ofForce, $text, $force) === 1) {
            return self::ofForce((float) ($force[1] !== '' ? $force[1] : $force[2]));
        }
        if ($unit === 'm' && preg_match('/^(\d+(?:\.\d+)?)(?:\'|′|ft)(\d+(?:\.\d+)?)(?:"|″|in)?$/u', $text, $feet) === 1) {
            return (float) $feet[1] * self::FOOT_M + (float) $feet[2] * 0.0254;
        }
        if (preg_match('/^(-?\d{0,9}(?:\.\d{0,9})?)(\D*)$/u', $text, $found) !== 1 || preg_match('/\d/', $found[1]) !== 1) {
            return null;
        }
        $number = (float) $found[1];
        $suffix = $found[2];

        return match (true) {
            $suffix === '' => $number,
            $unit === 'm' => self::scaled($number, self::LENGTHS_M, $suffix),
            $unit === 'mm' => self::scaled(1000 * $number, self::LENGTHS_M, $suffix),
            $unit === 'm/s' => self::scaled($number, self::SPEEDS_MS, $suffix),
            $unit === 's' => self::scaled($number, self::TIMES_S, $suffix),
            $unit === 'min' => self::scaled($number / 60, self::TIMES_S, $suffix),
            $unit === '°C' => match ($suffix) {
                'c', '°c', '°' => $number,
                'f', '°f' => ($number - 32) / 1.8,
                default => null,
            },
            default => in_array($suffix, array_map(self::plain(...), self::SAID_ANYWAY[$unit] ?? []), true) ? $number : null,
        };
    }

    /** The wind of Beaufort's force in m/s, in the middle of it or between two; null beyond twelve. */
    public static function ofForce(float $force): ?float
    {
        return $force <= 12 ? 0.836 * $force ** 1.5 : null;
    }

    /** Without blanks, in small letters, with a point, fractions written out. */
    private static function plain(string $written): string
    {
        $text = Numeral::withoutMixed(strtr($written, self::FRACTIONS));
        $text = mb_strtolower((string) preg_replace('/\s+/u', '', $text));
        $text = strtr($text, [',' => '.', '−' => '-', '–' => '-', '’' => "'", '”' => '"']);

        return str_starts_with($text, '-.') ? '-0'.substr($text, 1) : $text;
    }

    /** @param  array<string, float>  $units */
    private static function scaled(float $number, array $units, string $suffix): ?float
    {
        return isset($units[$suffix]) ? $number * $units[$suffix] : null;
    }
}
