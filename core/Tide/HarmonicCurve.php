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
 * its length at most, which for S2 seen from M2 is 0.2 mm in a metre. The slope is that of the cubic, off by x^4/125 of the length a
 * step: a third of a second in the time of a turn. So a height costs one term a species instead of one a constituent, and the slope a
 * little more. Nodal corrections follow the date, worked out every thirty days and joined linearly.
 */
final class HarmonicCurve implements TideCurve
{
    private const HOUR_S = 3600.0;

    private const STEP_H = 30.0;

    private const NODES_EVERY = 24;

    /** Speed of the mean moon's hour angle in degrees an hour: half of M2's. */
    private const CARRIER_DEG_H = 14.4920521;

    /** Worked out beyond both ends, so that a high or low water near an end is judged by its neighbours. */
    private const MARGIN_H = 36.0;

    /** @var list<int> species present, ascending */
    private array $species = [];

    /** @var list<list<float>> per step and species: the arrow's cubic over the step, 0 to 1, constant first, real and imaginary */
    private array $cubics = [];

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
        return $this->lookAt(($unix - $this->startUnix) / self::HOUR_S)[0];
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

    /** Worked out for these hours alone, as long as not all of them are known. */
    public function turnsBetween(float $from, float $to): array
    {
        return $this->turns !== null
            ? TideEvent::within($this->turns, $from, $to)
            : $this->turning(($from - $this->startUnix) / self::HOUR_S, ($to - $this->startUnix) / self::HOUR_S);
    }

    public function turnsWithMargin(): array
    {
        return $this->turns ??= $this->at($this->turningPoints->among($this->slopes(), 1.0, $this->lookAt(...)));
    }

    /** @return list<TideEvent> from one hour of the samples to another */
    private function turning(float $from, float $to): array
    {
        return $this->at($this->turningPoints->between($this->lookAt(...), $from, $to));
    }

    /**
     * @param  list<array{float, bool, float}>  $points
     * @return list<TideEvent>
     */
    private function at(array $points): array
    {
        $events = [];
        foreach ($points as [$hour, $highest, $heightM]) {
            $events[] = new TideEvent($this->startUnix + self::HOUR_S * $hour, $heightM, $highest);
        }

        return $events;
    }

    /**
     * The slope at each hour of the whole span. Walking along a step of the samples, each species turns by the same angle from hour to hour
     * and its arrow's cubic goes on by its differences, so that an hour costs a few sums a species.
     *
     * @return list<float> in m an hour
     */
    private function slopes(): array
    {
        $steps = (int) ceil($this->hours / self::STEP_H);
        $looks = (int) self::STEP_H;
        $slopes = array_fill(0, $steps * $looks, 0.0);
        $d = 1 / $looks;
        $dd = $d * $d;
        $ddd = $dd * $d;
        $perHour = 1 / self::STEP_H;
        foreach ($this->species as $n => $species) {
            $w = $species * $this->carrier;
            [$turnCos, $turnSin] = [cos($w), sin($w)];
            for ($k = 0, $c = 8 * $n; $k < $steps; $k++) {
                // The slope's arrow is Z' + i w Z, a cubic too, gone along by its three differences.
                $cubics = $this->cubics[$k];
                $x = $perHour * $cubics[$c + 1] - $w * $cubics[$c + 4];
                $square = $dd * (3 * $perHour * $cubics[$c + 3] - $w * $cubics[$c + 6]);
                $cube = -$ddd * $w * $cubics[$c + 7];
                $x1 = $d * (2 * $perHour * $cubics[$c + 2] - $w * $cubics[$c + 5]) + $square + $cube;
                $x3 = 6 * $cube;
                $x2 = 2 * $square + $x3;
                $y = $perHour * $cubics[$c + 5] + $w * $cubics[$c];
                $square = $dd * (3 * $perHour * $cubics[$c + 7] + $w * $cubics[$c + 2]);
                $cube = $ddd * $w * $cubics[$c + 3];
                $y1 = $d * (2 * $perHour * $cubics[$c + 6] + $w * $cubics[$c + 1]) + $square + $cube;
                $y3 = 6 * $cube;
                $y2 = 2 * $square + $y3;
                $cos = cos($w * self::STEP_H * $k);
                $sin = sin($w * self::STEP_H * $k);
                for ($i = $k * $looks, $end = $i + $looks; $i < $end; $i++) {
                    $slopes[$i] += $x * $cos - $y * $sin;
                    $x += $x1;
                    $x1 += $x2;
                    $x2 += $x3;
                    $y += $y1;
                    $y1 += $y2;
                    $y2 += $y3;
                    $turned = $cos * $turnCos - $sin * $turnSin;
                    $sin = $sin * $turnCos + $cos * $turnSin;
                    $cos = $turned;
                }
            }
        }

        return array_slice(array_values($slopes), 0, 1 + (int) floor($this->hours));
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
        $sums = $slack = [];
        foreach ($harmonics as $harmonic) {
            $speed = deg2rad($constituents->speed($harmonic->name));
            $species = (int) round($speed / $this->carrier);
            $corrections = array_map(static fn (MeanLongitudes $at): array => $constituents->correction($harmonic->name, $at), $nodes);
            $argument = deg2rad($constituents->argument($harmonic->name, $atStart) - $harmonic->phaseDeg);
            $drift = $speed - $species * $this->carrier;
            $most = $harmonic->amplitudeM * max(array_column($corrections, 0));
            [$within, $rate] = $slack[$species] ?? [0.0, 0.0];
            $slack[$species] = [
                $within + $most * $drift ** 2 * (1 + ($speed * self::STEP_H) ** 2 / 8), $rate + $most * $speed ** 2 * abs($drift),
            ];
            $sums[$species] ??= array_fill(0, 4 * $samples, 0.0);
            $this->add($sums[$species], $samples, $harmonic->amplitudeM, $drift, $argument, $corrections);
        }
        $this->turningPoints = $this->bounded($sums, $slack, $samples);
        ksort($sums);
        $this->species = array_keys($sums);
        for ($k = 0; $k < $samples - 1; $k++) {
            $cubics = [];
            foreach ($sums as $sum) {
                for ($part = 4 * $k, $end = $part + 2; $part < $end; $part++) {
                    $apart = $sum[$part + 4] - $sum[$part];
                    $from = self::STEP_H * $sum[$part + 2];
                    $to = self::STEP_H * $sum[$part + 6];
                    $cubics[] = $sum[$part];
                    $cubics[] = $from;
                    $cubics[] = 3 * $apart - 2 * $from - $to;
                    $cubics[] = $from + $to - 2 * $apart;
                }
            }
            $this->cubics[] = $cubics;
        }
    }

    /**
     * How much the slope can change from step to step. A species of speed w with the arrow A changes it by the length of A'' + 2 i w A' -
     * w^2 A at most, of which A'' is no more than each constituent's amplitude by the square of its drift d; the rest lies between two
     * steps within (d h)^2 / 8 of the greater of its ends. And this again by w of it and what the drifts add.
     *
     * @param  array<int, array<int, float>>  $sums
     * @param  array<int, array{float, float}>  $slack
     */
    private function bounded(array $sums, array $slack, int $samples): TurningPoints
    {
        $rates = $bends = array_fill(0, max(1, $samples - 1), 0.0);
        foreach ($sums as $species => $sum) {
            $w = $species * $this->carrier;
            [$within, $drifts] = $slack[$species];
            $before = 0.0;
            for ($k = $i = 0; $k < $samples; $k++, $i += 4) {
                $at = $w * hypot(2 * $sum[$i + 3] + $w * $sum[$i], 2 * $sum[$i + 2] - $w * $sum[$i + 1]);
                if ($k > 0) {
                    $most = max($before, $at) + $within;
                    $rates[$k - 1] += $most;
                    $bends[$k - 1] += $w * $most + $drifts;
                }
                $before = $at;
            }
        }

        return TurningPoints::withBounds(array_values($rates), array_values($bends), self::STEP_H);
    }

    /**
     * Adds a constituent's arrow and its rate at every step. Between two nodes it turns by the same angle and grows by
     * the same amount at each step, so that one turn is worked out and not each.
     *
     * @param  array<int, float>  $sum
     * @param  list<array{float, float}>  $corrections
     */
    private function add(array &$sum, int $samples, float $amplitudeM, float $drift, float $argument, array $corrections): void
    {
        for ($first = $node = 0; $first < $samples; $first += self::NODES_EVERY, $node++) {
            [$f0, $u0] = $corrections[$node];
            [$f1, $u1] = $corrections[$node + 1];
            $a = $amplitudeM * $f0;
            $grows = $amplitudeM * ($f1 - $f0) / self::NODES_EVERY;
            $phase = $argument + $drift * self::STEP_H * $first + $u0 * (M_PI / 180);
            $turn = $drift * self::STEP_H + (fmod($u1 - $u0 + 540, 360) - 180) / self::NODES_EVERY * (M_PI / 180);
            [$cos, $sin, $turnCos, $turnSin] = [cos($phase), sin($phase), cos($turn), sin($turn)];
            for ($k = $first, $end = min($samples, $first + self::NODES_EVERY), $i = 4 * $first; $k < $end; $k++, $i += 4) {
                $c = $a * $cos;
                $s = $a * $sin;
                $sum[$i] += $c;
                $sum[$i + 1] += $s;
                $sum[$i + 2] -= $drift * $s;
                $sum[$i + 3] += $drift * $c;
                $a += $grows;
                $turned = $cos * $turnCos - $sin * $turnSin;
                $sin = $sin * $turnCos + $cos * $turnSin;
                $cos = $turned;
            }
        }
    }

    /** @return array{float, float} the height in m and its slope in m an hour */
    private function lookAt(float $hour): array
    {
        $k = (int) ($hour / self::STEP_H);
        $u = $hour / self::STEP_H - $k;
        $uu = $u * $u;
        $perHour = 1 / self::STEP_H;
        $cubics = $this->cubics[$k];
        $cos = cos($this->carrier * $hour);
        $sin = sin($this->carrier * $hour);
        $re = 1.0;
        $im = $slope = 0.0;
        $height = $this->meanLevelM;
        $power = $i = 0;
        foreach ($this->species as $species) {
            for (; $power < $species; $power++) {
                $turned = $re * $cos - $im * $sin;
                $im = $re * $sin + $im * $cos;
                $re = $turned;
            }
            $a1 = $cubics[$i + 1];
            $a2 = $u * $cubics[$i + 2];
            $a3 = $uu * $cubics[$i + 3];
            $b1 = $cubics[$i + 5];
            $b2 = $u * $cubics[$i + 6];
            $b3 = $uu * $cubics[$i + 7];
            $x = $cubics[$i] + $u * ($a1 + $a2 + $a3);
            $y = $cubics[$i + 4] + $u * ($b1 + $b2 + $b3);
            $w = $species * $this->carrier;
            $height += $re * $x - $im * $y;
            $slope += $re * ($perHour * ($a1 + 2 * $a2 + 3 * $a3) - $w * $y) - $im * ($perHour * ($b1 + 2 * $b2 + 3 * $b3) + $w * $x);
            $i += 8;
        }

        return [$height, $slope];
    }
}
