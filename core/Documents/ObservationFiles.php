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

    private const COLUMNS_AT_MOST = 200;

    /** A longer line is none of a table of figures. */
    private const LONGEST_LINE = 10000;

    private const NINES = '/^9{2,4}(\.[09]+)?$/';

    /** What stands for a value that is missing. */
    private const MISSING = ['' => true, 'MM' => true, 'NaN' => true, 'null' => true, '-' => true];

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
        'cloud_low' => 'lowCloudPercent', 'cloud_cover_low' => 'lowCloudPercent', 'low_cloud' => 'lowCloudPercent',
        'cloud_mid' => 'middleCloudPercent', 'cloud_cover_mid' => 'middleCloudPercent', 'mid_cloud' => 'middleCloudPercent',
        'cloud_high' => 'highCloudPercent', 'cloud_cover_high' => 'highCloudPercent', 'high_cloud' => 'highCloudPercent',
        'cloud' => 'cloudPercent', 'cloud_cover' => 'cloudPercent', 'tcdc' => 'cloudPercent',
        'rain_mm' => 'rainMm', 'rain' => 'rainMm', 'precipitation' => 'rainMm', 'precipitation_mm' => 'rainMm',
    ];

    private const TIMES = ['time', 'at', 'date', 'datetime', 'timestamp', 'utc'];

    /** What is believed of each: least and most. */
    private const BOUNDS = [
        'significantHeightM' => [0, 25], 'peakPeriodS' => [0.3, 30], 'meanPeriodS' => [0.3, 30], 'fromDeg' => [0, 360], 'windMS' => [0, 90],
        'windFromDeg' => [0, 360], 'pressureHpa' => [850, 1090], 'airC' => [-70, 60], 'waterC' => [-5, 45], 'dewPointC' => [-80, 40],
        'lowCloudPercent' => [0, 100], 'middleCloudPercent' => [0, 100], 'highCloudPercent' => [0, 100], 'cloudPercent' => [0, 100],
        'rainMm' => [0, 300],
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
     * @param  array<array-key, string>  $files  contents by name; PHP makes a number of a name that is one
     *
     * @throws InvalidValue when no file has a line of column names that can be used
     */
    public static function read(array $files): self
    {
        $byTime = [];
        $bad = [];
        foreach ($files as $name => $text) {
            foreach (self::readOne($text, (string) $name, $bad) as $observation) {
                $byTime[(int) $observation->unix] = $observation;
            }
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
     * @param  list<array{file: string, line: int, reason: string, text: string}>  $bad  lines that cannot be read are added
     * @return iterable<Observation>
     *
     * @throws InvalidValue when its columns are not known, or it is longer than is read
     */
    private static function readOne(string $text, string $file, array &$bad): iterable
    {
        $names = $columns = null;
        $factors = $at = $days = [];
        $separator = null;
        foreach (self::lines($text) as $i => $line) {
            if ($i >= self::LINES_AT_MOST) {
                throw (new InvalidValue(
                    sprintf('“%s” has more than %s lines; send the part that matters.', $file, number_format(self::LINES_AT_MOST)),
                ))->at('files');
            }
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
                $at = array_flip($names);

                continue;
            }
            if (str_starts_with(ltrim($line), '#') || ($i < 3 && preg_match('/\d/', $line) !== 1)) {
                $factors = $factors === [] ? self::factors($names, self::cells(ltrim($line, "# \t"), $separator)) : $factors;

                continue;
            }
            $columns ??= self::columns($names, $factors);
            try {
                if (strlen($line) > self::LONGEST_LINE) {
                    throw new InvalidValue('It is longer than any line of a table.');
                }
                $cells = self::cells($line, $separator);
                if (count($cells) < count($names)) {
                    throw new InvalidValue(sprintf('It has %d columns where %d are named.', count($cells), count($names)));
                }
                $values = self::values($columns, $cells, $separator === null);
                yield new Observation(self::instant($at, $cells, $days), ...$values);
            } catch (InvalidValue $e) {
                $bad[] = [
                    'file' => $file, 'line' => $i + 1, 'reason' => $e->getMessage(), 'text' => mb_strimwidth(trim($line), 0, 120, '…'),
                ];
            }
        }
    }

    /** @return iterable<int, string> one by one: a file may be large */
    private static function lines(string $text): iterable
    {
        $encoding = match (true) {
            str_starts_with($text, "\xFF\xFE") => 'UTF-16LE',
            str_starts_with($text, "\xFE\xFF") => 'UTF-16BE',
            default => null,
        };
        if ($encoding !== null) {
            $text = mb_convert_encoding($text, 'UTF-8', $encoding);
        }
        $from = str_starts_with($text, "\xEF\xBB\xBF") ? 3 : 0;
        for ($length = strlen($text); $from <= $length; $from = $end + 1) {
            $end = $from + strcspn($text, "\r\n", $from);
            yield substr($text, $from, $end - $from);
            if (substr($text, $end, 2) === "\r\n") {
                $end++;
            }
        }
    }

    /** @return list<string> */
    private static function cells(string $line, ?string $separator): array
    {
        if ($separator === null) {
            return explode(' ', trim((string) preg_replace('/\s+/', ' ', $line)));
        }

        return array_map(
            static fn (?string $cell): string => trim((string) $cell), str_getcsv($line, $separator, '"', ''),
        );
    }

    /** @param  list<string>  $names */
    private static function checkNames(array $names, ?string $separator, string $file): void
    {
        if (count($names) > self::COLUMNS_AT_MOST) {
            throw (new InvalidValue("“{$file}” names more columns than any table of observations has."))->at('files');
        }
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
     * The columns that say something, in their order.
     *
     * @param  list<string>  $names
     * @param  array<string, float>  $factors
     * @return list<array{int, string, string, float, float, float}> place, name, meaning, factor, least and most
     */
    private static function columns(array $names, array $factors): array
    {
        $columns = [];
        foreach ($names as $i => $name) {
            $meaning = self::COLUMNS[$name] ?? null;
            if ($meaning !== null) {
                [$least, $most] = self::BOUNDS[$meaning];
                $columns[] = [$i, strtoupper($name), $meaning, $factors[$name] ?? 1.0, (float) $least, (float) $most];
            }
        }

        return $columns;
    }

    /**
     * MM is a value that is missing in the buoys' newest files; in their yearly ones a run of nines, as wide as its column and beyond what
     * the column can hold: 99.00 is no height, and 9999.0 no pressure, but 99 is a direction and 999.0 a pressure.
     *
     * @param  list<array{int, string, string, float, float, float}>  $columns
     * @param  list<string>  $cells
     * @return non-empty-array<string, float> by meaning; of two columns that mean the same the first that says something
     *
     * @throws InvalidValue when the line cannot be read, or says nothing
     */
    private static function values(array $columns, array $cells, bool $byColumn): array
    {
        $values = [];
        foreach ($columns as [$i, $name, $meaning, $factor, $least, $most]) {
            $cell = $cells[$i];
            if (isset($values[$meaning]) || isset(self::MISSING[$cell])
                || ($byColumn && str_starts_with($cell, '99') && (float) $cell > $most && preg_match(self::NINES, $cell) === 1)) {
                continue;
            }
            if (! is_numeric($cell)) {
                throw new InvalidValue(sprintf('%s cannot be %s.', $name, InvalidValue::quoted($cell)));
            }
            $value = (float) $cell * $factor;
            if (! is_finite($value) || $value < $least || $value > $most) {
                throw InvalidValue::outside($name, $value, $least, $most);
            }
            $values[$meaning] = $value;
        }

        return $values !== [] ? $values : throw new InvalidValue('Every value in it is missing.');
    }

    /**
     * @param  array<string, int>  $at  places of the columns by their names
     * @param  list<string>  $cells
     * @param  array<string, int>  $days  beginnings of days that were worked out already
     *
     * @throws InvalidValue
     */
    private static function instant(array $at, array $cells, array &$days): float
    {
        foreach (self::TIMES as $name) {
            if (isset($at[$name])) {
                return Instant::parse($cells[$at[$name]], new \DateTimeZone('UTC'));
            }
        }
        $year = (int) $cells[$at['yy'] ?? $at['yyyy']];
        [$month, $day, $hour, $minute] = [
            (int) $cells[$at['mm']], (int) $cells[$at['dd']], (int) $cells[$at['hh']], isset($at['mn']) ? (int) $cells[$at['mn']] : 0,
        ];
        $year += $year < 100 ? ($year < 70 ? 2000 : 1900) : 0;
        if (! checkdate($month, $day, $year) || $year < 1970 || $year > 2100 || $hour < 0 || $hour > 23 || $minute < 0 || $minute > 59) {
            throw new InvalidValue('The date and time cannot be read.');
        }

        return (float) (($days["{$year}-{$month}-{$day}"] ??= (int) gmmktime(0, 0, 0, $month, $day, $year)) + 3600 * $hour + 60 * $minute);
    }
}
