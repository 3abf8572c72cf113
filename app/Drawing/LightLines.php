<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Numeral;

/** The light over a day board: the curves of the sky in the frame and of the foreground, their names, and their scale. */
final readonly class LightLines
{
    private const EV_LOW = -6.0;

    private const EV_HIGH = 17.0;

    private const EV_NAMED = [-4, 0, 4, 8, 12, 16];

    /** Below it the two run too close along the foot to be named there; in EV. */
    private const NAMED_EV = 0.0;

    /** Room is left for letters a little larger than they are, in px. */
    private const NAME_PX = 20.0;

    /** Where a curve comes no nearer than this over the width of its name, in px, it does not run through it. */
    private const FLAT_PX = 4.0;

    private const NAME_HALF_PX = 40.0;

    /** How far from its curve a name may stand, the nearest first, in px. */
    private const SKY_NAMED_ABOVE = [6, 11, 16];

    private const FOREGROUND_NAMED_BELOW = [15, 20, 25];

    /** @param  list<DayMoment>  $moments  the day in steps; none where no light is known */
    public function __construct(private ClockAxis $axis, private array $moments)
    {
    }

    public function y(float $ev): float
    {
        return DayBoard::share((max(self::EV_LOW, min(self::EV_HIGH, $ev)) - self::EV_LOW) / (self::EV_HIGH - self::EV_LOW));
    }

    public function skyPath(): string
    {
        return $this->path(1);
    }

    /** So many stops below the sky. */
    public function foregroundPath(): string
    {
        return $this->path(2);
    }

    /**
     * Which of the two is which, at the hour next to noon at which both names have room, rather where neither curve runs through its
     * name; neither where no hour has.
     *
     * @return list<Label>
     */
    public function names(LabelRoom $room): array
    {
        $moments = array_filter($this->moments, static fn (DayMoment $m): bool => $m->metered !== null && $m->ev100 > self::NAMED_EV);
        $noon = ($this->axis->from + $this->axis->to) / 2;
        usort($moments, static fn (DayMoment $a, DayMoment $b): int => abs($a->unix - $noon) <=> abs($b->unix - $noon));
        $firstFree = static fn (Label ...$labels): ?Label => array_values(array_filter(
            $labels, static fn (Label $label): bool => $room->has($label, self::NAME_PX),
        ))[0] ?? null;
        $crossed = [];
        foreach ($moments as $moment) {
            [$x, $sky, $foreground] = $this->at($moment);
            $above = $firstFree(...array_map(
                static fn (int $px): Label => new Label('sky', $x, $sky - $px, 'middle'), self::SKY_NAMED_ABOVE,
            ));
            $below = $firstFree(...array_map(
                static fn (int $px): Label => new Label('foreground', $x, $foreground + $px, 'middle'), self::FOREGROUND_NAMED_BELOW,
            ));
            if ($above === null || $below === null) {
                continue;
            }
            if (! $this->isSteep($moment)) {
                return [$above, $below];
            }
            $crossed = $crossed ?: [$above, $below];
        }

        return $crossed;
    }

    /** @return list<Label> the scale of light */
    public function scale(): array
    {
        return array_map(
            fn (int $ev): Label => new Label(Numeral::minus("EV {$ev}"), $this->axis->right + 9, $this->y($ev) + 4),
            $this->moments === [] ? [] : self::EV_NAMED,
        );
    }

    /** Whether one of the curves would run through its name here. */
    private function isSteep(DayMoment $here): bool
    {
        [$x, $sky, $foreground] = $this->at($here);
        foreach ($this->moments as $other) {
            [$otherX, $otherSky, $otherForeground] = $this->at($other);
            if (abs($otherX - $x) <= self::NAME_HALF_PX
                && ($otherSky < $sky - self::FLAT_PX || $otherForeground > $foreground + self::FLAT_PX)) {
                return true;
            }
        }

        return false;
    }

    /** @return array{float, float, float} across, and how far down sky and foreground are */
    private function at(DayMoment $moment): array
    {
        return [
            $this->axis->x($moment->unix), $this->y((float) $moment->metered?->skyEv100()),
            $this->y((float) $moment->metered?->foregroundEv100()),
        ];
    }

    /** @param  1|2  $of  sky or foreground */
    private function path(int $of): string
    {
        return $this->moments === [] ? '' : Thinned::path(array_map(function (DayMoment $m) use ($of): array {
            $at = $this->at($m);

            return [$at[0], $at[$of]];
        }, $this->moments));
    }
}
