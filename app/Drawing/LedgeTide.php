<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Practice\ShownTide;
use GentlePour\Practice\WhenToLeave;

/** A rising tide and a ledge, to look at before one says when to leave; what decides is shown after that. Places in px. */
final readonly class LedgeTide
{
    public const WIDTH = 520;

    public const HEIGHT = 236;

    /** The bottom of the sea, and the top of a spring tide. */
    public const FLOOR = 212.0;

    private const TOP = 30.0;

    private const LEAST_M = -0.8;

    private const MOST_M = 5.6;

    /** What is drawn before low and after high water, and from point to point, in minutes. */
    private const AROUND_MIN = 30;

    private const STEP_MIN = 6;

    /** From a line to the text that stands on it, and as much as the time to leave takes. */
    private const ABOVE = 6.0;

    private const LEAVE_PX = 145.0;

    /**
     * @param  string  $line  the tide, as a path
     * @param  list<Tick>  $hours
     * @param  list<Label>  $labels  of low and high water and the ledge
     * @param  list<Label>  $reasons  of what run-up and margin leave of it, and of the time to leave
     */
    private function __construct(
        public string $line,
        public array $hours,
        public array $labels,
        public array $reasons,
        public float $ledgeY,
        public float $awashY,
        public float $leaveX,
    ) {
    }

    public static function of(ShownTide $tide): self
    {
        [$from, $to] = [$tide->lowMin - self::AROUND_MIN, $tide->highMin + self::AROUND_MIN];
        $x = static fn (float $min): float => round(self::WIDTH * ($min - $from) / ($to - $from), 1);
        $pxOfM = (self::FLOOR - self::TOP) / (self::MOST_M - self::LEAST_M);
        $y = static fn (float $m): float => round(self::FLOOR - $pxOfM * ($m - self::LEAST_M), 1);
        $points = array_map(
            static fn (int $min): string => $x($min).' '.$y($tide->heightM($min)), [...range($from, $to - 1, self::STEP_MIN), $to],
        );
        $hours = array_map(
            static fn (int $hour): Tick => new Tick($x(60 * $hour), (string) ($hour % 24)), range(intdiv($from, 60) + 1, intdiv($to, 60)),
        );
        [$ledgeY, $awashY, $leaveX] = [$y($tide->standM), $y($tide->awashM), $x($tide->leaveMin)];
        $right = self::WIDTH - self::ABOVE;
        $leave = 'leave '.WhenToLeave::clock($tide->leaveMin);
        $turn = static fn (string $name, int $min, float $m): string => sprintf('%s %s, %.1f m', $name, WhenToLeave::clock($min), $m);

        return new self(
            'M'.implode('L', $points), $hours,
            [
                new Label($turn('low', $tide->lowMin, $tide->lowM), self::ABOVE, self::FLOOR - self::ABOVE),
                new Label($turn('high', $tide->highMin, $tide->highM), $right, $y($tide->highM) - 2 * self::ABOVE, 'end'),
                new Label(sprintf('ledge %.1f m', $tide->standM), self::ABOVE, $ledgeY - self::ABOVE),
            ],
            [
                new Label(sprintf('room for the tide: %.1f m', $tide->awashM), $right, $awashY - self::ABOVE, 'end'),
                $leaveX < self::LEAVE_PX ? new Label($leave, $leaveX + self::ABOVE, self::TOP)
                    : new Label($leave, $leaveX - self::ABOVE, self::TOP, 'end'),
            ],
            $ledgeY, $awashY, $leaveX,
        );
    }
}
