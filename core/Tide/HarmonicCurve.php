<?php

declare(strict_types=1);

namespace GentlePour\Tide;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/**
 * h(t) = Z0 + sum f H cos(V + u - G), made quick to evaluate.
 *
 * Constituents of one species (once a day, twice, ...) turn at nearly the same speed. Seen from a carrier of s times the
 * mean moon's hour angle, their sum is a slowly turning arrow. It is worked out exactly, with its rate of change, every
 * thirty hours, and in between by the cubic that agrees with both: an arrow that turns by x radians in a step is off by x^4/384 of
 * its length at most, which for S2 seen from M2 is 0.2 mm in a metre. So a height costs one term
 * a species instead of one a constituent. Nodal corrections follow the date, worked out every twelve days and joined linearly.
 */
final class HarmonicCurve implements TideCurve
{
    private const HOUR_S = 3600.0;

    private const STEP_H = 30.0;

    private const NODES_EVERY = 10;

    /** Speed of the mean moon's hour angle in degrees an hour: half of M2's. */
    private const CARRIER_DEG_H = 14.4920521;

    /** Worked out beyond both ends, so that a high or low water near an end is judged by its neighbours. */
    private const MARGIN_H = 36.0;

    /** @var list<int> species present, ascending */
    private array $species = [];

    /** @var list<list<float>> per step and species: arrow of the height and its rate, real and imaginary */
    private array $height = [];

    /** @var list<list<float>> the same of the slope */
    private array $slope = [];

    private float $startUnix;

    private float $hours;

    private float $carrier;

    private TurningPoints $turningPoints;

    /** @var list<TideEvent>|null every turn from margin to margin */
    private ?array $turns = null;

    /** @var list<TideEvent>|null */
    private ?array $events = null;

    /**
     * @param  list<Harmonic>  $harmonics
     */
    private function __construct(
        array $harmonics,
        Constituents $constituents,
        private readonly float $meanLevelM,
        private readonly float $from,
        private readonly float $to,
    ) {
        $this->carrier = deg2rad(self::CARRIER_DEG_H);
        $this->startUnix = $from - self::HOUR_S * self::MARGIN_H;
        $this->hours = ($to - $from) / self::HOUR_S + 2 * self::MARGIN_H;
        $this->sample($harmonics, $constituents);
    }

    /**
     * @param  list<Harmonic>  $harmonics  those that the table does not know are left out; see unknown()
     * @param  float  $meanLevelM  Z0, the mean level above the datum that is wanted
     *
     * @throws InvalidValue when the span is upside down, longer than three years, or outside 1900 to 2100
     */
    public static function of(array $harmonics, Constituents $constituents, float $meanLevelM, float $fromUnix, float $toUnix): self
    {
        $known = array_values(array_filter($harmonics, static fn (Harmonic $h): bool => $constituents->knows($h->name)));
        TideSpan::check($fromUnix, $toUnix);
        Limit::MeanLevel->check($meanLevelM);

        return new self($known, $constituents, $meanLevelM, $fromUnix, $toUnix);
    }

    public function heightM(float $unix): float
    {
        return $this->meanLevelM + $this->evaluate($this->height, ($unix - $this->startUnix) / self::HOUR_S);
    }

    public function events(): array
    {
        return TideEvent::within($this->eventsWithMargin(), $this->from, $this->to);
    }

    /** And those of a day and a half before and after. */
    public function eventsWithMargin(): array
    {
        return $this->events ??= ExtremeFilter::keep($this->turnsWithMargin());
    }

    public function turns(): array
    {
        return TideEvent::within($this->turnsWithMargin(), $this->from, $this->to);
    }

    public function turnsWithMargin(): array
    {
        return $this->turns ??= array_map(
            fn (array $point): TideEvent => new TideEvent(
                $this->startUnix + self::HOUR_S * $point[0], $this->meanLevelM + $this->evaluate($this->height, $point[0]), $point[1],
            ),
            $this->turningPoints->between(fn (float $hour): float => $this->evaluate($this->slope, $hour), 0.0, $this->hours),
        );
    }

    public function from(): float
    {
        return $this->from;
    }

    public function to(): float
    {
        return $this->to;
    }

    /** @param  list<Harmonic>  $harmonics */
    private function sample(array $harmonics, Constituents $constituents): void
    {
        $samples = (int) ($this->hours / self::STEP_H) + 2;
        $atStart = MeanLongitudes::at($this->startUnix);
        $nodes = array_map(
            fn (int $i): MeanLongitudes => MeanLongitudes::at($this->startUnix + self::HOUR_S * self::STEP_H * self::NODES_EVERY * $i),
            range(0, intdiv($samples - 1, self::NODES_EVERY) + 1),
        );
        $sums = $cosines = [];
        foreach ($harmonics as $harmonic) {
            $speed = deg2rad($constituents->speed($harmonic->name));
            $species = (int) round($speed / $this->carrier);
            $corrections = array_map(static fn (MeanLongitudes $at): array => $constituents->correction($harmonic->name, $at), $nodes);
            $argument = deg2rad($constituents->argument($harmonic->name, $atStart) - $harmonic->phaseDeg);
            $cosines[] = [$speed, $harmonic->amplitudeM * max(array_column($corrections, 0))];
            $sums[$species] ??= array_fill(0, 6 * $samples, 0.0);
            $this->add($sums[$species], $samples, $harmonic->amplitudeM, $speed - $species * $this->carrier, $argument, $corrections);
        }
        $this->turningPoints = TurningPoints::of($cosines);
        ksort($sums);
        $this->species = array_keys($sums);
        for ($k = 0; $k < $samples; $k++) {
            $height = $slope = [];
            foreach ($sums as $species => $sum) {
                $w = $species * $this->carrier;
                [$c, $s, $dc, $ds, $ddc, $dds] = [
                    $sum[6 * $k], $sum[6 * $k + 1], $sum[6 * $k + 2], $sum[6 * $k + 3], $sum[6 * $k + 4], $sum[6 * $k + 5],
                ];
                array_push($height, $c, $s, self::STEP_H * $dc, self::STEP_H * $ds);
                array_push($slope, $dc - $w * $s, $ds + $w * $c, self::STEP_H * ($ddc - $w * $ds), self::STEP_H * ($dds + $w * $dc));
            }
            $this->height[] = $height;
            $this->slope[] = $slope;
        }
    }

    /**
     * Adds a constituent's arrow, its rate and the rate of that, at every step.
     *
     * @param  array<int, float>  $sum
     * @param  list<array{float, float}>  $corrections
     */
    private function add(array &$sum, int $samples, float $amplitudeM, float $drift, float $argument, array $corrections): void
    {
        for ($k = 0; $k < $samples; $k++) {
            $node = intdiv($k, self::NODES_EVERY);
            $share = ($k - $node * self::NODES_EVERY) / self::NODES_EVERY;
            [$f0, $u0] = $corrections[$node];
            [$f1, $u1] = $corrections[$node + 1];
            $turn = fmod($u1 - $u0 + 540, 360) - 180;
            $a = $amplitudeM * ($f0 + $share * ($f1 - $f0));
            $phase = $argument + $drift * self::STEP_H * $k + ($u0 + $share * $turn) * (M_PI / 180);
            $c = $a * cos($phase);
            $s = $a * sin($phase);
            $i = 6 * $k;
            $sum[$i] += $c;
            $sum[$i + 1] += $s;
            $sum[$i + 2] -= $drift * $s;
            $sum[$i + 3] += $drift * $c;
            $sum[$i + 4] -= $drift * $drift * $c;
            $sum[$i + 5] -= $drift * $drift * $s;
        }
    }

    /** @param  list<list<float>>  $samples */
    private function evaluate(array $samples, float $hour): float
    {
        $k = (int) ($hour / self::STEP_H);
        $u = $hour / self::STEP_H - $k;
        $v = 1 - $u;
        $b00 = (1 + 2 * $u) * $v * $v;
        $b10 = $u * $v * $v;
        $b01 = $u * $u * (3 - 2 * $u);
        $b11 = -$u * $u * $v;
        $one = $samples[$k];
        $two = $samples[$k + 1];
        $cos = cos($this->carrier * $hour);
        $sin = sin($this->carrier * $hour);
        $re = 1.0;
        $im = $sum = 0.0;
        $power = $i = 0;
        foreach ($this->species as $species) {
            for (; $power < $species; $power++) {
                $turned = $re * $cos - $im * $sin;
                $im = $re * $sin + $im * $cos;
                $re = $turned;
            }
            $sum += $re * ($b00 * $one[$i] + $b10 * $one[$i + 2] + $b01 * $two[$i] + $b11 * $two[$i + 2])
                - $im * ($b00 * $one[$i + 1] + $b10 * $one[$i + 3] + $b01 * $two[$i + 1] + $b11 * $two[$i + 3]);
            $i += 4;
        }

        return $sum;
    }
}
