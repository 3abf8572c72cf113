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

    /** A step by the slope of a curve through six looks lands within half a second, while this turns by less than this share. By trial. */
    private const LAST_TURN = 0.006;

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
     * @param  callable(float): array{float, float}  $look  the sum in m and its slope in m an hour, by the hour
     * @return list<array{float, bool, float}> the hour of each, in order, whether it is a highest, and the sum there
     */
    public function between(callable $look, float $from, float $to): array
    {
        $found = [];
        [$hour, $at] = [$from, $look($from)[1]];
        while ($hour < $to) {
            [$rate, $bend] = $this->bounds($hour);
            if ($rate <= 0) {
                return [];
            }
            $next = min($to, $hour + min($this->stretchH, max(self::STRIDE * $rate / $bend, abs($at) / $rate)));
            $atNext = $look($next)[1];
            $this->search($look, $hour, $at, $next, $atNext, $rate, $bend, $found);
            [$hour, $at] = [$next, $atNext];
        }

        return $found;
    }

    /**
     * The same where the slope is known already at even hours from nought on: most turns take one look more. Through the three looks
     * on either side of a root a curve of the fifth degree is laid, whose root is within seconds, and a step by its slope ends it.
     *
     * @param  list<float>  $slopes  in m an hour
     * @param  callable(float): array{float, float}  $look
     * @return list<array{float, bool, float}>
     */
    public function among(array $slopes, float $everyH, callable $look): array
    {
        $found = [];
        $last = count($slopes) - 1;
        for ($i = 0; $i < $last;) {
            [$rate, $bend] = $this->bounds($i * $everyH);
            $stretches = 1 + floor($i * $everyH / $this->stretchH);
            $end = (int) min($last, ceil($stretches * $this->stretchH / $everyH));
            $away = $bend * $everyH ** 2 / 8;
            $apart = 4 * $away;
            for (; $i < $end; $i++) {
                $a = $slopes[$i];
                $b = $slopes[$i + 1];
                if (($a < 0) === ($b < 0)) {
                    if (abs($a) > $away && abs($b) > $away || abs($b - $a) > $apart) {
                        continue;
                    }
                } elseif ($i > 1 && $i + 3 <= $last && abs($b - $a) > $apart) {
                    $turn = self::lookedAfter($slopes, $i, $everyH, $bend, $look);
                    if ($turn !== null) {
                        $found[] = $turn;

                        continue;
                    }
                }
                $this->search($look, $i * $everyH, $a, ($i + 1) * $everyH, $b, $rate, $bend, $found);
            }
        }

        return $found;
    }

    /**
     * One look where the curve through six even slopes is nought, and a step by its slope.
     *
     * @param  list<float>  $slopes
     * @param  int  $i  the third of the six
     * @param  callable(float): array{float, float}  $look
     * @return array{float, bool, float}|null null where the step is too long for what the slope can bend
     */
    private static function lookedAfter(array $slopes, int $i, float $everyH, float $bend, callable $look): ?array
    {
        [$x, $changes] = self::rootAfter($slopes, $i);
        $hour = ($i + $x) * $everyH;
        [$height, $slope] = $look($hour);
        $changes /= $everyH;
        if (abs($slope) * $bend >= self::LAST_TURN * $changes * $changes) {
            return null;
        }
        // The slope falls to nothing on the way, so that half of it counts.
        $step = $slope / $changes;

        return [$hour - $step, $slopes[$i] >= 0, $height - $slope * $step / 2];
    }

    /**
     * Where the curve through six even places is nought between the middle two, by two steps of Newton's rule from the chord. Everett's
     * formula: each of the middle two with its second and fourth central difference.
     *
     * @param  list<float>  $places
     * @param  int  $i  the third of the six
     * @return array{float, float} the place, 0 to 1 between the middle two, and the curve's slope there, nought where it goes astray
     */
    private static function rootAfter(array $places, int $i): array
    {
        $a = $places[$i];
        $b = $places[$i + 1];
        $before = $places[$i - 1] - 2 * $a + $b;
        $after = $a - 2 * $b + $places[$i + 2];
        $a2 = $before / 6;
        $b2 = $after / 6;
        $a4 = ($places[$i - 2] - 2 * $places[$i - 1] + $a - 2 * $before + $after) / 120;
        $b4 = ($before - 2 * $after + $b - 2 * $places[$i + 2] + $places[$i + 3]) / 120;
        $x = $a / ($a - $b);
        $slope = $b - $a;
        for ($step = 0; $step < 2; $step++) {
            $xx = $x * $x;
            $y = 1 - $x;
            $yy = $y * $y;
            $slope = $b + (3 * $xx - 1) * $b2 + (5 * $xx * ($xx - 3) + 4) * $b4
                - $a - (3 * $yy - 1) * $a2 - (5 * $yy * ($yy - 3) + 4) * $a4;
            if ($slope * ($b - $a) <= 0) {
                return [$x, 0.0];
            }
            $x -= ($x * ($b + ($xx - 1) * ($b2 + ($xx - 4) * $b4)) + $y * ($a + ($yy - 1) * ($a2 + ($yy - 4) * $a4))) / $slope;
        }

        return [max(0.0, min(1.0, $x)), $slope];
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
     * @param  callable(float): array{float, float}  $look
     * @param  list<array{float, bool, float}>  $found
     */
    private function search(
        callable $look, float $a, float $atA, float $b, float $atB, float $rate, float $bend, array &$found,
    ): void {
        $hours = $b - $a;
        $turns = ($atA < 0) !== ($atB < 0);
        // Between two looks that differ by more than half of the bend's square the slope goes one way, and there is one root or none. Where
        // both are of one sign there is none either if both are more than an eighth of it away.
        $sure = abs($atB - $atA) > $bend * $hours ** 2 / 2
            || ! $turns && (min(abs($atA), abs($atB)) > $bend * $hours ** 2 / 8 || abs($atA) >= $rate * $hours);
        if ($sure || $hours < self::NO_TIME_H) {
            if ($turns) {
                $slope = static fn (float $hour): float => $look($hour)[1];
                $root = RegulaFalsi::root($slope, $a, $atA, $b, $atB, self::LAST_STEP_H, self::REACH_H);
                $found[] = [$root, $atA >= 0, $look($root)[0]];
            }

            return;
        }
        $middle = ($a + $b) / 2;
        $atMiddle = $look($middle)[1];
        $this->search($look, $a, $atA, $middle, $atMiddle, $rate, $bend, $found);
        $this->search($look, $middle, $atMiddle, $b, $atB, $rate, $bend, $found);
    }
}
