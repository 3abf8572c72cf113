<?php

declare(strict_types=1);

namespace GentlePour\Tide;

use GentlePour\Time\RegulaFalsi;

/**
 * Where a sum of cosines turns: every root of its slope. Two bounds on the sum make sure that none is passed over. The slope changes by at
 * most B = sum a w^2 an hour, so that where it is steep there can be no root for |slope| / B hours. And it bends by at most
 * M = sum a w^3, so that within h hours it leaves the straight line between two looks by at most M h^2 / 8, and its own rate leaves
 * that of the line by at most M h / 2: a stretch where this leaves room for a second root is halved, again and again.
 */
final readonly class TurningPoints
{
    /** How long the strides are, as a share of B / M hours. By trial, the fewest looks at a year. */
    private const STRIDE = 1.1;

    /** A secant through two places less than three minutes apart lands from fifteen seconds away within half a second; in hours. */
    private const LAST_STEP_H = 0.004;

    private const REACH_H = 0.05;

    /** Two turns closer than this, a second, are none. */
    private const NO_TIME_H = 1 / 3600;

    /**
     * @param  non-empty-list<float>  $ratesMH2  most that the slope can change in an hour, m/h², in each stretch of time
     * @param  non-empty-list<float>  $bendsMH3  most that this can change in an hour, m/h³
     * @param  float  $stretchH  how long a stretch is, in hours; the last goes on
     */
    private function __construct(private array $ratesMH2, private array $bendsMH3, private float $stretchH)
    {
    }

    /** @param  list<array{float, float}>  $cosines  the speed in radians an hour and the greatest amplitude in m of each */
    public static function of(array $cosines): self
    {
        [$rate, $bend] = [0.0, 0.0];
        foreach ($cosines as [$speed, $amplitudeM]) {
            $rate += $amplitudeM * $speed ** 2;
            $bend += $amplitudeM * $speed ** 3;
        }

        return new self([$rate], [$bend], INF);
    }

    /**
     * Where more is known of each stretch of time: neaps bend less than springs.
     *
     * @param  non-empty-list<float>  $ratesMH2
     * @param  non-empty-list<float>  $bendsMH3
     */
    public static function withBounds(array $ratesMH2, array $bendsMH3, float $stretchH): self
    {
        return new self($ratesMH2, $bendsMH3, $stretchH);
    }

    /**
     * @param  callable(float): float  $slope  in m an hour, by the hour
     * @return list<array{float, bool}> the hour of each, in order, and whether it is a highest
     */
    public function between(callable $slope, float $from, float $to): array
    {
        $found = [];
        [$hour, $at] = [$from, $slope($from)];
        while ($hour < $to) {
            [$rate, $bend] = $this->bounds($hour);
            if ($rate <= 0) {
                return [];
            }
            $next = min($to, $hour + min($this->stretchH, max(self::STRIDE * $rate / $bend, abs($at) / $rate)));
            $atNext = $slope($next);
            $this->search($slope, $hour, $at, $next, $atNext, $rate, $bend, $found);
            [$hour, $at] = [$next, $atNext];
        }

        return $found;
    }

    /**
     * The same where the slope is known already at even hours from nought on: most turns take one look more. Through the two looks on
     * either side of a root and one before and after a cubic is laid, whose root is within seconds, and a step by its slope ends it.
     *
     * @param  list<float>  $slopes  in m an hour
     * @param  callable(float): float  $slope
     * @return list<array{float, bool}>
     */
    public function among(array $slopes, float $everyH, callable $slope): array
    {
        $found = [];
        $last = count($slopes) - 1;
        $until = -1.0;
        [$rate, $bend, $away, $apart] = [0.0, 0.0, 0.0, 0.0];
        for ($i = 0; $i < $last; $i++) {
            [$a, $b] = [$slopes[$i], $slopes[$i + 1]];
            if ($i * $everyH >= $until) {
                [$rate, $bend] = $this->bounds($i * $everyH);
                $until = $this->stretchH * (1 + (int) ($i * $everyH / $this->stretchH));
                $away = $bend * $everyH ** 2 / 8;
                $apart = 4 * $away;
            }
            if ($a * $b > 0) {
                if (abs($a) > $away && abs($b) > $away) {
                    continue;
                }
            } elseif ($i > 0 && $i + 2 <= $last && abs($b - $a) > $apart) {
                $hour = self::cubicRoot($slopes[$i - 1], $a, $b, $slopes[$i + 2]);
                $step = $slope(($i + $hour[0]) * $everyH) / $hour[1] * $everyH;
                if (abs($step) < self::LAST_STEP_H) {
                    $found[] = [($i + $hour[0]) * $everyH - $step, $a > 0];

                    continue;
                }
            }
            $this->search($slope, $i * $everyH, $a, ($i + 1) * $everyH, $b, $rate, $bend, $found);
        }

        return $found;
    }

    /**
     * Where the cubic through four even places is nought between the middle two, by three steps of Newton's rule from the chord.
     *
     * @return array{float, float} the place, 0 to 1 between the middle two, and the cubic's slope there
     */
    private static function cubicRoot(float $before, float $a, float $b, float $after): array
    {
        $one = ($b - $a) - ($after - 3 * $b + 3 * $a - $before) / 6 - ($b - 2 * $a + $before) / 2;
        $two = ($b - 2 * $a + $before) / 2;
        $three = ($after - 3 * $b + 3 * $a - $before) / 6;
        $x = $a / ($a - $b);
        for ($i = 0; $i < 3; $i++) {
            $slope = $one + $x * (2 * $two + 3 * $x * $three);
            $x = max(0.0, min(1.0, $x - ($a + $x * ($one + $x * ($two + $x * $three))) / $slope));
        }

        return [$x, $one + $x * (2 * $two + 3 * $x * $three)];
    }

    /** @return array{float, float} of the stretch in which an hour lies and of the next, which a stride may reach into */
    private function bounds(float $hour): array
    {
        $last = count($this->ratesMH2) - 1;
        $one = min($last, (int) ($hour / $this->stretchH));
        $two = min($last, $one + 1);

        return [max($this->ratesMH2[$one], $this->ratesMH2[$two]), max($this->bendsMH3[$one], $this->bendsMH3[$two])];
    }

    /**
     * @param  callable(float): float  $slope
     * @param  list<array{float, bool}>  $found
     */
    private function search(
        callable $slope, float $a, float $atA, float $b, float $atB, float $rate, float $bend, array &$found,
    ): void {
        $hours = $b - $a;
        $turns = $atA * $atB < 0;
        // Half of the bend's square is what two looks on either side of a root must differ by, an eighth what one beside it must be away.
        $sure = $turns
            ? abs($atB - $atA) > $bend * $hours ** 2 / 2
            : min(abs($atA), abs($atB)) > $bend * $hours ** 2 / 8 || abs($atA) >= $rate * $hours;
        if ($sure || $hours < self::NO_TIME_H) {
            if ($turns) {
                $found[] = [RegulaFalsi::root($slope, $a, $atA, $b, $atB, self::LAST_STEP_H, self::REACH_H), $atA > 0];
            }

            return;
        }
        $middle = ($a + $b) / 2;
        $atMiddle = $slope($middle);
        $this->search($slope, $a, $atA, $middle, $atMiddle, $rate, $bend, $found);
        $this->search($slope, $middle, $atMiddle, $b, $atB, $rate, $bend, $found);
    }
}
