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

    private float $carrier;

    /** Most that the slope can change in an hour, m/h². */
    private float $bend = 0.0;

    /** The fastest constituents that together make up less of the tide do not count for how finely turning points are sought. */
    private const FAINT_SHARE = 0.004;

    /** From fifteen seconds away the secant lands within a few hundredths of a second of a turning point; in hours. */
    private const LAST_STEP_H = 0.004;

    private float $fastestRadH = 0.0;

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
        private readonly ExtremeFilter $filter,
    ) {
        $this->carrier = deg2rad(self::CARRIER_DEG_H);
        $this->startUnix = 86400 * floor(($from - 3600 * self::MARGIN_H) / 86400);
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
        $known = array_values(
            array_filter($harmonics, static fn (Harmonic $h): bool => $constituents->knows($h->name) && $h->amplitudeM > 0),
        );
        TideSpan::check($fromUnix, $toUnix);
        Limit::MeanLevel->check($meanLevelM);

        return new self($known, $constituents, $meanLevelM, $fromUnix, $toUnix, ExtremeFilter::of($known, $constituents));
    }

    public function heightM(float $unix): float
    {
        return $this->meanLevelM + $this->evaluate($this->height, ($unix - $this->startUnix) / 3600);
    }

    public function events(): array
    {
        return array_values(
            array_filter($this->eventsWithMargin(), fn (TideEvent $e): bool => $e->unix >= $this->from && $e->unix <= $this->to),
        );
    }

    /** @return list<TideEvent> the same, and those of a day and a half before and after */
    public function eventsWithMargin(): array
    {
        return $this->events ??= $this->findEvents();
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
        $samples = (int) ceil((($this->to - $this->startUnix) / 3600 + self::MARGIN_H) / self::STEP_H) + 2;
        $atStart = MeanLongitudes::at($this->startUnix);
        /** @var list<MeanLongitudes> $nodes */
        $nodes = [];
        for ($i = 0; $i <= intdiv($samples, self::NODES_EVERY) + 1; $i++) {
            $nodes[] = MeanLongitudes::at($this->startUnix + 3600 * self::STEP_H * self::NODES_EVERY * $i);
        }
        $sums = [];
        foreach ($harmonics as $harmonic) {
            $speed = deg2rad($constituents->speed($harmonic->name));
            $species = (int) round($speed / $this->carrier);
            $corrections = array_map(static fn (MeanLongitudes $at): array => $constituents->correction($harmonic->name, $at), $nodes);
            $argument = deg2rad($constituents->argument($harmonic->name, $atStart) - $harmonic->phaseDeg);
            $this->bend += $harmonic->amplitudeM * max(0.0, ...array_column($corrections, 0)) * $speed ** 2;
            $sums[$species] ??= array_fill(0, 6 * $samples, 0.0);
            $this->add($sums[$species], $samples, $harmonic->amplitudeM, $speed - $species * $this->carrier, $argument, $corrections);
        }
        $this->fastestRadH = self::fastestThatCounts($harmonics, $constituents);
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
     * Speed in radians an hour of the fastest constituent but for the faint ones: those faster than it only raise
     * small wiggles, which are looked for where the slope comes near nought.
     *
     * @param  list<Harmonic>  $harmonics
     */
    private static function fastestThatCounts(array $harmonics, Constituents $constituents): float
    {
        $bySpeed = [];
        foreach ($harmonics as $harmonic) {
            $bySpeed[] = [$constituents->speed($harmonic->name), $harmonic->amplitudeM];
        }
        rsort($bySpeed);
        $all = array_sum(array_column($bySpeed, 1));
        $faint = 0.0;
        foreach ($bySpeed as [$speed, $amplitudeM]) {
            $faint += $amplitudeM;
            if ($faint > self::FAINT_SHARE * $all) {
                return deg2rad($speed);
            }
        }

        return 0.0;
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

    /**
     * Roots of the slope, sought in steps of a quarter of the fastest constituent's period that counts; where the slope is steep
     * there can be none for as long as it takes to bend back, so such stretches are skipped. Where the slope comes near nought and
     * goes away again without changing its sign between steps, its nearest approach is looked at as well.
     *
     * @return list<TideEvent>
     */
    private function findEvents(): array
    {
        if ($this->fastestRadH <= 0) {
            return [];
        }
        $bracket = M_PI / (2 * $this->fastestRadH);
        $end = ($this->to - $this->startUnix) / 3600 + self::MARGIN_H;
        $hour = max(0.0, ($this->from - $this->startUnix) / 3600 - self::MARGIN_H);
        $slope = $this->evaluate($this->slope, $hour);
        [$before, $slopeBefore] = [$hour, $slope];
        $events = [];
        while ($hour < $end) {
            $next = min($end, $hour + max($bracket, abs($slope) / $this->bend));
            $nextSlope = $this->evaluate($this->slope, $next);
            if ($slope * $nextSlope > 0 && $slope * $slopeBefore > 0 && abs($slope) <= abs($slopeBefore)
                && abs($slope) <= abs($nextSlope)) {
                $nearest = self::vertex($before, $slopeBefore, $hour, $slope, $next, $nextSlope);
                $least = $this->evaluate($this->slope, $nearest);
                if ($least * $slope < 0) {
                    $this->take($nearest < $hour ? $before : $hour, $nearest < $hour ? $slopeBefore : $slope, $nearest, $least, $events);
                    [$hour, $slope, $next, $nextSlope] = [
                        $nearest, $least, $nearest < $hour ? $hour : $next, $nearest < $hour ? $slope : $nextSlope,
                    ];
                }
            }
            $this->take($hour, $slope, $next, $nextSlope, $events);
            [$before, $slopeBefore, $hour, $slope] = [$hour, $slope, $next, $nextSlope];
        }

        return $this->filter->keep($events);
    }

    /** Where the parabola through three points has its vertex, kept between the outer two. */
    private static function vertex(float $a, float $fa, float $b, float $fb, float $c, float $fc): float
    {
        $over = ($b - $a) ** 2 * ($fb - $fc) - ($b - $c) ** 2 * ($fb - $fa);
        $under = ($b - $a) * ($fb - $fc) - ($b - $c) * ($fb - $fa);

        return abs($under) < 1e-15 ? $b : max($a, min($c, $b - $over / (2 * $under)));
    }

    /**
     * Keeps the turning point between two hours, if the slope changes its sign there.
     *
     * @param  list<TideEvent>  $events
     *
     * @param-out list<TideEvent> $events
     */
    private function take(float $a, float $slopeA, float $b, float $slopeB, array &$events): void
    {
        if ($slopeA * $slopeB < 0) {
            $root = RegulaFalsi::root(
                fn (float $hour): float => $this->evaluate($this->slope, $hour), $a, $slopeA, $b, $slopeB, self::LAST_STEP_H,
            );
            $events[] = new TideEvent(
                $this->startUnix + 3600 * $root, $this->meanLevelM + $this->evaluate($this->height, $root), $slopeA > 0,
            );
        }
    }
}
