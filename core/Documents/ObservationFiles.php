<?php

declare(strict_types=1);

namespace GentlePour\Documents;

use GentlePour\InvalidValue;
use GentlePour\Time\Instant;

/**
 * Wave observations from open text files: the columnar standard meteorological format of public ocean buoys (a line of names that begins
 * with YY, MM, DD, hh; a line of units; MM or a run of nines for what is missing), and plain CSV with named columns. Lines
 * that cannot be read are kept with the reason; the rest is used.
 */
final readonly class ObservationFiles
{
    private const LINES_AT_MOST = 200000;

    /** Column names, lower case, to what they mean; as the buoys' format, forecasts and people write them. */
    private const COLUMNS = [
        'wvht' => 'significantHeightM', 'hs' => 'significantHeightM', 'significant_height_m' => 'significantHeightM',
        'wave_height' => 'significantHeightM', 'wave_height_m' => 'significantHeightM',
        'dpd' => 'peakPeriodS', 'tp' => 'peakPeriodS', 'peak_period_s' => 'peakPeriodS', 'wave_period' => 'peakPeriodS',
        'period_s' => 'peakPeriodS',
        'apd' => 'meanPeriodS', 'tz' => 'meanPeriodS', 'mean_period_s' => 'meanPeriodS',
        'mwd' => 'fromDeg', 'wave_direction' => 'fromDeg', 'from_deg' => 'fromDeg',
        'wspd' => 'windMS', 'wind_speed' => 'windMS', 'wind_m_s' => 'windMS', 'wdir' => 'windFromDeg', 'wd' => 'windFromDeg',
        'wind_direction' => 'windFromDeg', 'wind_from_deg' => 'windFromDeg',
        'pres' => 'pressureHpa', 'bar' => 'pressureHpa', 'pressure_hpa' => 'pressureHpa', 'atmp' => 'airC', 'air_c' => 'airC',
        'temperature_c' => 'airC',
        'wtmp' => 'waterC', 'water_c' => 'waterC', 'dewp' => 'dewPointC', 'dew_point_c' => 'dewPointC',
    ];

    private const TIMES = ['time', 'at', 'date', 'datetime', 'timestamp', 'utc'];

    /** What is believed of each: least and most. */
    private const BOUNDS = [
        'significantHeightM' => [0, 25], 'peakPeriodS' => [0.3, 30], 'meanPeriodS' => [0.3, 30], 'fromDeg' => [0, 360], 'windMS' => [0, 90],
        'windFromDeg' => [0, 360], 'pressureHpa' => [850, 1090], 'airC' => [-70, 60], 'waterC' => [-5, 45], 'dewPointC' => [-80, 40],
    ];

    /** Units that a line of units may name, as factors to ours. */
    private const FACTORS = [
        'ft' => 0.3048, 'feet' => 0.3048, 'kts' => 0.514444, 'kt' => 0.514444, 'kn' => 0.514444, 'mph' => 0.44704, 'km/h' => 1 / 3.6,
    ];

    /**
     * @param  list<Observation>  $observations  in order of time, one an instant: what comes in a later file counts
     * @param  list<array{file: string, line: int, reason: string, text: string}>  $badLines
     */
    private function __construct(
        public array $observations,
        public array $badLines,
    ) {
    }

    /**
     * @param  array<string, string>  $files  contents by name
     *
     * @throws InvalidValue when no file has a line of column names that can be used
     */
    public static function read(array $files): self
    {
        $byTime = [];
        $bad = [];
        foreach ($files as $name => $text) {
            $lines = explode("\n", str_replace(["\r\n", "\r", "\u{FEFF}"], ["\n", "\n", ''], $text));
            if (count($lines) > self::LINES_AT_MOST) {
                throw (
                    new InvalidValue(
                        sprintf('“%s” has more than %s lines; send the part that matters.', $name, number_format(self::LINES_AT_MOST)),
                    )
                )->at('files');
            }
            [$found, $unread] = self::readOne($lines, $name);
            foreach ($found as $observation) {
                $byTime[(int) $observation->unix] = $observation;
            }
            array_push($bad, ...$unread);
        }
        if ($files !== [] && $byTime === [] && $bad === []) {
            throw (new InvalidValue('There is no observation in it.'))->at('files');
        }
        ksort($byTime);

        return new self(array_values($byTime), $bad);
    }

    /** The observation nearest to an instant; null when there is none. */
    public function nearest(float $unix): ?Observation
    {
        $best = null;
        foreach ($this->observations as $observation) {
            if ($best === null || abs($observation->unix - $unix) < abs($best->unix - $unix)) {
                $best = $observation;
            }
        }

        return $best;
    }

    /** The nearest that says something of the waves. */
    public function nearestWaves(float $unix): ?Observation
    {
        return (
            new self(array_values(array_filter($this->observations, static fn (Observation $o): bool => $o->periodS() !== null)), [])
        )->nearest($unix);
    }

    /**
     * @param  list<string>  $lines
     * @return array{list<Observation>, list<array{file: string, line: int, reason: string, text: string}>}
     */
    private static function readOne(array $lines, string $file): array
    {
        $names = null;
        $factors = [];
        $separator = null;
        $found = $bad = [];
        foreach ($lines as $i => $line) {
            if (trim($line) === '') {
                continue;
            }
            if ($names === null) {
                $separator = str_contains($line, ';') ? ';' : (str_contains($line, ',') ? ',' : null);
                // MM is the month and mm the minute: the one pair of names that only their case tells apart.
                $names = array_map(
                    static fn (string $n): string => $n === 'mm' ? 'mn' : mb_strtolower($n), self::cells(ltrim($line, "# \t"), $separator),
                );
                self::checkNames($names, $separator, $file);

                continue;
            }
            if (str_starts_with(ltrim($line), '#') || ($i < 3 && preg_match('/\d/', $line) !== 1)) {
                $factors = $factors === [] ? self::factors($names, self::cells(ltrim($line, "# \t"), $separator)) : $factors;

                continue;
            }
            try {
                $found[] = self::observation($names, self::cells($line, $separator), $factors, $separator === null);
            } catch (InvalidValue $e) {
                $bad[] = [
                    'file' => $file, 'line' => $i + 1, 'reason' => $e->getMessage(), 'text' => mb_strimwidth(trim($line), 0, 120, '…'),
                ];
            }
        }

        return [$found, $bad];
    }

    /** @return list<string> */
    private static function cells(string $line, ?string $separator): array
    {
        return array_map(
            static fn (?string $cell): string => trim((string) $cell),
            $separator === null ? explode(' ', (string) preg_replace('/\s+/', ' ', trim($line))) : str_getcsv($line, $separator, '"', ''),
        );
    }

    /** @param  list<string>  $names */
    private static function checkNames(array $names, ?string $separator, string $file): void
    {
        $timed = $separator === null
            ? array_diff(['mm', 'dd', 'hh'], $names) === [] && preg_match('/^(#?yy(yy)?)$/', $names[0] ?? '') === 1
            : array_intersect(self::TIMES, $names) !== [];
        if (! $timed || array_intersect(array_keys(self::COLUMNS), $names) === []) {
            throw (
                new InvalidValue(
                    "“{$file}” does not begin with names of columns that are known: YY MM DD hh mm … WVHT DPD as buoys write them, "
                    .'or CSV with time, significant_height_m, peak_period_s.',
                )
            )->at('files');
        }
    }

    /**
     * @param  list<string>  $names
     * @param  list<string>  $units
     * @return array<string, float>
     */
    private static function factors(array $names, array $units): array
    {
        $factors = [];
        foreach ($names as $i => $name) {
            $factors[$name] = self::FACTORS[mb_strtolower($units[$i] ?? '')] ?? 1.0;
        }

        return $factors;
    }

    /**
     * @param  list<string>  $names
     * @param  list<string>  $cells
     * @param  array<string, float>  $factors
     *
     * @throws InvalidValue when the line cannot be read
     */
    private static function observation(array $names, array $cells, array $factors, bool $byColumn): Observation
    {
        if (count($cells) < count($names)) {
            throw new InvalidValue(sprintf('It has %d columns where %d are named.', count($cells), count($names)));
        }
        $row = array_combine($names, array_slice($cells, 0, count($names)));
        $values = [];
        foreach ($row as $name => $cell) {
            $meaning = self::COLUMNS[$name] ?? null;
            if ($meaning === null || isset($values[$meaning]) || self::isMissing($cell, $byColumn, self::BOUNDS[$meaning][1])) {
                continue;
            }
            if (! is_numeric($cell)) {
                throw new InvalidValue(sprintf('%s cannot be %s.', strtoupper($name), InvalidValue::quoted($cell)));
            }
            $value = (float) $cell * ($factors[$name] ?? 1.0);
            [$least, $most] = self::BOUNDS[$meaning];
            if (! is_finite($value) || $value < $least || $value > $most) {
                throw InvalidValue::outside(strtoupper($name), $value, $least, $most);
            }
            $values[$meaning] = $value;
        }
        $observation = new Observation(self::instant($row), ...$values);

        return $observation->saysAnything() ? $observation : throw new InvalidValue('Every value in it is missing.');
    }

    /**
     * MM in the buoys' newest files; in their yearly ones a run of nines, as wide as its column and beyond what the column can hold: 99.00
     * is no height, and 9999.0 no pressure, but 99 is a direction and 999.0 a pressure.
     */
    private static function isMissing(string $cell, bool $byColumn, float $most): bool
    {
        return in_array($cell, ['', 'MM', 'NaN', 'null', '-'], true)
            || ($byColumn && preg_match('/^9{2,4}(\.[09]+)?$/', $cell) === 1 && (float) $cell > $most);
    }

    /**
     * @param  array<string, string>  $row
     *
     * @throws InvalidValue
     */
    private static function instant(array $row): float
    {
        foreach (self::TIMES as $name) {
            if (isset($row[$name])) {
                return Instant::parse($row[$name], new \DateTimeZone('UTC'));
            }
        }
        $year = (int) ($row['yy'] ?? $row['yyyy'] ?? 0);
        [$month, $day, $hour, $minute] = [(int) $row['mm'], (int) $row['dd'], (int) $row['hh'], (int) ($row['mn'] ?? 0)];
        $year += $year < 100 ? ($year < 70 ? 2000 : 1900) : 0;
        if (! checkdate($month, $day, $year) || $year < 1970 || $year > 2100 || $hour < 0 || $hour > 23 || $minute < 0 || $minute > 59) {
            throw new InvalidValue('The date and time cannot be read.');
        }

        return (float) gmmktime($hour, $minute, 0, $month, $day, $year);
    }
}
