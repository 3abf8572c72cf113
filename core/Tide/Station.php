<?php

declare(strict_types=1);

namespace GentlePour\Tide;

use GentlePour\InvalidValue;

/** A tide station: where it is, what its heights count from, its harmonic constants or whose tide it follows. */
final readonly class Station
{
    /** Less than this is no tide to compare, in m. */
    private const TIDELESS_M = 0.05;

    /** From this ratio on two tides are unlike. */
    private const UNLIKE = 1.5;

    /**
     * @param  array<string, float>  $datums  heights of datums in m above the station's own zero
     * @param  list<Harmonic>  $harmonics  of its own or of its reference
     */
    public function __construct(
        public string $id,
        public string $name,
        public float $latitude,
        public float $longitude,
        public string $timezone,
        public ?string $chartDatum,
        public array $datums,
        public array $harmonics,
        public ?SubordinateOffsets $offsets,
        public ?self $reference,
        public string $attribution,
        public string $license,
        public bool $madeUp,
    ) {
    }

    /** @return list<string> the datums that heights can be given above */
    public function datumNames(): array
    {
        $datums = $this->levels();

        return isset($datums['MSL']) ? array_keys($datums) : [];
    }

    /** @return array<string, float> the station's own datums where they name what its heights count from, else those of its reference */
    private function levels(): array
    {
        $own = isset($this->datums['MSL'], $this->datums[$this->defaultDatum()]);

        return $own || $this->reference === null ? $this->datums : $this->reference->datums;
    }

    /** What heights count from unless another is asked for: chart datum, or else mean sea level. */
    public function defaultDatum(): string
    {
        $own = ($this->reference ?? $this);

        return $own->chartDatum !== null && isset($own->datums[$own->chartDatum], $own->datums['MSL']) ? $own->chartDatum : 'MSL';
    }

    /**
     * The tide over a span. What a subordinate station does to heights, it does to those above chart datum; another datum only shifts them.
     *
     * @throws InvalidValue when the datum is not the station's, or the span is not one to predict
     */
    public function curve(Constituents $constituents, float $fromUnix, float $toUnix, ?string $datum = null): TideCurve
    {
        if ($this->harmonics === []) {
            throw (new InvalidValue("The catalogue has no harmonic constants for {$this->name}."))->at('station');
        }
        $datum ??= $this->defaultDatum();
        $base = $this->offsets === null ? $datum : $this->defaultDatum();
        $levels = $this->levels();
        if (($datum !== 'MSL' || $datum !== $base) && ! isset($levels[$datum], $levels['MSL'])) {
            throw InvalidValue::notOneOf('The datum', $datum, $this->datumNames() === [] ? ['MSL'] : $this->datumNames())->at('datum');
        }
        $datums = ($this->reference ?? $this)->datums;
        $mean = $base === 'MSL' ? 0.0 : $datums['MSL'] - $datums[$base];
        $curve = HarmonicCurve::of($this->harmonics, $constituents, $mean, $fromUnix, $toUnix);
        if ($this->offsets === null) {
            return $curve;
        }
        $here = SubordinateCurve::of($curve, $this->offsets);
        if ($datum === $base) {
            return $here;
        }
        $shift = $levels[$base] - $levels[$datum];

        return SubordinateCurve::of($here, SubordinateOffsets::of(0, 0, false, $shift, $shift));
    }

    /** @return list<Harmonic> those that the predictor does not know and leaves out, largest first */
    public function unknown(Constituents $constituents): array
    {
        $unknown = array_values(array_filter($this->harmonics, static fn (Harmonic $h): bool => ! $constituents->knows($h->name)));
        usort($unknown, static fn (Harmonic $a, Harmonic $b): int => $b->amplitudeM <=> $a->amplitudeM);

        return $unknown;
    }

    /** Twice the sum of the main semidiurnal and diurnal amplitudes in m: about the largest range of an ordinary spring tide. */
    public function springRangeM(): float
    {
        $sum = 0.0;
        foreach ($this->harmonics as $harmonic) {
            $sum += in_array($harmonic->name, ['M2', 'S2', 'K1', 'O1'], true) ? $harmonic->amplitudeM : 0.0;
        }

        return 2 * $sum * ($this->offsets !== null && $this->offsets->ratio ? max($this->offsets->high, 0.0) : 1.0);
    }

    /**
     * Where neighbouring stations have tides of very different range, a headland or a strait may lie between them. Judgement: half as much
     * again, among those that have a tide to speak of.
     *
     * @param  list<self>  $stations
     * @return array{float, float}|null the least and the greatest spring range in m; null where they are alike
     */
    public static function ranges(array $stations): ?array
    {
        $ranges = array_filter(
            array_map(static fn (self $s): float => $s->springRangeM(), $stations),
            static fn (float $range): bool => $range > self::TIDELESS_M,
        );

        return count($ranges) > 1 && max($ranges) > self::UNLIKE * min($ranges) ? [min($ranges), max($ranges)] : null;
    }

    /** Great-circle distance in km on a sphere of 6371 km. */
    public function distanceKm(float $latitude, float $longitude): float
    {
        return self::haversineKm($this->latitude, $this->longitude, $latitude, $longitude);
    }

    public static function haversineKm(float $latitude, float $longitude, float $otherLatitude, float $otherLongitude): float
    {
        [$a, $b] = [deg2rad($latitude), deg2rad($otherLatitude)];
        $h = sin(($b - $a) / 2) ** 2 + cos($a) * cos($b) * sin(deg2rad($otherLongitude - $longitude) / 2) ** 2;

        return 2 * 6371 * asin(min(1.0, sqrt($h)));
    }
}
