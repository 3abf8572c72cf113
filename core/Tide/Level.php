<?php

declare(strict_types=1);

namespace GentlePour\Tide;

use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Time\RegulaFalsi;

/** A range of heights in m, open at one end or closed at both: “above 4.6”, “below 1.2”, “between”. */
final readonly class Level
{
    private const LAST_STEP_S = 5.0;

    private const REACH_S = 120.0;

    private function __construct(
        public ?float $aboveM,
        public ?float $belowM,
    ) {
    }

    /** @throws InvalidValue when a height is beyond 30 m or the range is upside down */
    public static function between(?float $aboveM, ?float $belowM): self
    {
        foreach (['above_m' => $aboveM, 'below_m' => $belowM] as $field => $height) {
            if ($height !== null) {
                Limit::TideHeight->check($height, $field);
            }
        }
        if ($aboveM !== null && $belowM !== null && $aboveM >= $belowM) {
            throw (new InvalidValue('“Above” must lie below “below”.'))->at('below_m');
        }

        return new self($aboveM, $belowM);
    }

    public function holds(float $heightM): bool
    {
        return ($this->aboveM === null || $heightM >= $this->aboveM) && ($this->belowM === null || $heightM <= $this->belowM);
    }

    /**
     * When the tide stands inside. Between two turning points it rises or falls throughout, so that each limit is crossed once at most
     * there. Taken as the phase of half a cosine from one to the other, which the tide nearly is, it goes evenly with time also close to
     * the turn, where heights hardly change, so that from five seconds away a secant step lands within a second of the crossing.
     *
     * @param  list<array{float, float}>|null  $within  in order: only what lies inside these spans is looked at
     * @return list<LevelSpan>
     */
    public function spans(TideCurve $curve, ?array $within = null): array
    {
        $spans = [];
        foreach ($within ?? [[$curve->from(), $curve->to()]] as [$from, $to]) {
            [$from, $to] = [max($from, $curve->from()), min($to, $curve->to())];
            if ($from < $to) {
                array_push($spans, ...$this->spansBetween($curve, $from, $to));
            }
        }

        return $spans;
    }

    /** @return list<LevelSpan> */
    private function spansBetween(TideCurve $curve, float $first, float $last): array
    {
        $marks = [[$first, $curve->heightM($first)]];
        foreach ($curve->turnsBetween($first, $last) as $turn) {
            $marks[] = [$turn->unix, $turn->heightM];
        }
        $marks[] = [$last, $curve->heightM($last)];
        $spans = [];
        $open = null;
        for ($i = 1, $count = count($marks); $i < $count; $i++) {
            [[$from, $fromM], [$to, $toM]] = [$marks[$i - 1], $marks[$i]];
            $cuts = [$from, ...$this->crossings($curve, $from, $fromM, $to, $toM), $to];
            for ($j = 1, $parts = count($cuts); $j < $parts; $j++) {
                if ($this->holds($curve->heightM(($cuts[$j - 1] + $cuts[$j]) / 2))) {
                    $open ??= [$cuts[$j - 1], -INF, INF];
                    foreach ([$cuts[$j - 1], $cuts[$j]] as $unix) {
                        $height = $unix === $from ? $fromM : ($unix === $to ? $toM : $curve->heightM($unix));
                        $open = [$open[0], max($open[1], $height), min($open[2], $height)];
                    }
                } elseif ($open !== null) {
                    $spans[] = new LevelSpan($open[0], $cuts[$j - 1], $open[1], $open[2]);
                    $open = null;
                }
            }
        }

        return $open === null ? $spans : [...$spans, new LevelSpan($open[0], $last, $open[1], $open[2])];
    }

    /** @return list<float> instants between two turning points at which a limit is crossed, in order */
    private function crossings(TideCurve $curve, float $from, float $fromM, float $to, float $toM): array
    {
        $found = [];
        foreach ([$this->aboveM, $this->belowM] as $limit) {
            if ($limit === null || ($fromM - $limit) * ($toM - $limit) >= 0) {
                continue;
            }
            $phase = static fn (float $heightM): float => acos(max(-1.0, min(1.0, 1 - 2 * ($heightM - $fromM) / ($toM - $fromM))));
            $wanted = $phase($limit);
            $found[] = RegulaFalsi::root(
                static fn (float $unix): float => $phase($curve->heightM($unix)) - $wanted, $from, -$wanted, $to, M_PI - $wanted,
                self::LAST_STEP_S, self::REACH_S,
            );
        }
        sort($found);

        return $found;
    }
}
