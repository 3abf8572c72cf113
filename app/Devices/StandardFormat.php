<?php

declare(strict_types=1);

namespace App\Devices;

/** Writes rows in the columnar standard meteorological format of public ocean buoys, MM where nothing is said. */
final class StandardFormat
{
    private const COLUMNS = [
        'WDIR' => ['degT', 0], 'WSPD' => ['m/s', 1], 'GST' => ['m/s', 1], 'WVHT' => ['m', 1], 'DPD' => ['sec', 0], 'APD' => ['sec', 1],
        'MWD' => ['degT', 0],
        'PRES' => ['hPa', 1], 'ATMP' => ['degC', 1], 'WTMP' => ['degC', 1], 'DEWP' => ['degC', 1], 'VIS' => ['nmi', 1],
    ];

    private const HOURS_AT_MOST = 14 * 24;

    /** @param  callable(float): array<string, float>  $at  what is known at an hour since 1970 */
    public static function rows(float $fromUnix, float $toUnix, callable $at): string
    {
        $lines = [
            '#YY  MM DD hh mm '.implode(
                ' ', array_map(static fn (string $n): string => str_pad($n, 6, ' ', STR_PAD_LEFT), array_keys(self::COLUMNS)),
            ),
            '#yr  mo dy hr mn '.implode(
                ' ', array_map(static fn (array $c): string => str_pad($c[0], 6, ' ', STR_PAD_LEFT), array_values(self::COLUMNS)),
            ),
        ];
        $first = (int) ceil($fromUnix / 3600);
        for ($hour = $first; $hour <= $toUnix / 3600 && $hour - $first < self::HOURS_AT_MOST; $hour++) {
            $values = $at((float) $hour);
            $cells = [];
            foreach (self::COLUMNS as $name => [, $decimals]) {
                $cells[] = str_pad(isset($values[$name]) ? number_format($values[$name], $decimals, '.', '') : 'MM', 6, ' ', STR_PAD_LEFT);
            }
            $lines[] = gmdate('Y m d H i', 3600 * $hour).' '.implode(' ', $cells);
        }

        return implode("\n", $lines)."\n";
    }
}
