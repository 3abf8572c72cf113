<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use App\Drawing\DayStrip;
use App\Models\Composition;
use App\Models\Frame;
use App\Models\Outing;
use App\Rooms\Places\ComingWindow;
use DateTimeImmutable;
use GentlePour\Numeral;
use GentlePour\Review\FrameMark;

/** An outing as a row: its day lying down, when one is there, and the frames that were taken. */
final readonly class Visit
{
    /** Pictures that stand beside it. */
    private const SHOWN = 4;

    /**
     * @param  array{float, float}  $dayUnix
     * @param  list<Frame>  $frames  in the order of time
     * @param  list<Moment>  $moments  that it waits for
     */
    public function __construct(
        public Outing $outing,
        public DayStrip $strip,
        private array $dayUnix,
        public array $frames = [],
        public array $moments = [],
    ) {
    }

    public function from(): DateTimeImmutable
    {
        return DateTimeImmutable::createFromInterface($this->outing->starts_at)->setTimezone($this->outing->place->zone());
    }

    public function to(): DateTimeImmutable
    {
        return DateTimeImmutable::createFromInterface($this->outing->ends_at)->setTimezone($this->outing->place->zone());
    }

    /** @return array{float, float} left and width on the day, in px of the drawing; what goes on after midnight is cut off */
    public function span(): array
    {
        [$left, $right] = [$this->x($this->outing->starts_at->getTimestamp()), $this->x($this->outing->ends_at->getTimestamp())];

        return [$left, max(2.0, round($right - $left, 1))];
    }

    /** @return list<array{float, bool}> where on the day each frame was opened, and whether it is a keeper */
    public function marks(): array
    {
        return array_map(
            fn (Frame $frame): array => [$this->x((int) $frame->opened_at?->getTimestamp()), $frame->keeper === FrameMark::Keeper],
            $this->frames,
        );
    }

    /** @return list<Frame> those with a picture, keepers before others */
    public function shown(): array
    {
        $seen = array_filter($this->frames, static fn (Frame $f): bool => $f->photo !== null && $f->keeper !== FrameMark::Reject);
        usort($seen, static fn (Frame $a, Frame $b): int => ($b->keeper === FrameMark::Keeper) <=> ($a->keeper === FrameMark::Keeper));

        return array_slice($seen, 0, self::SHOWN);
    }

    public function untilWords(float $now): string
    {
        return ucfirst(ComingWindow::until($this->from(), new DateTimeImmutable('@'.(int) $now)));
    }

    /** The looks that are wanted, the most wanted first. */
    public function looks(): string
    {
        return implode(', ', array_unique($this->outing->compositions->map(static fn (Composition $c): string => $c->look->value)->all()));
    }

    /** “7 frames, 2 keepers”; nothing where there are none. */
    public function words(): string
    {
        $keepers = count(array_filter($this->frames, static fn (Frame $f): bool => $f->keeper === FrameMark::Keeper));

        return $this->frames === [] ? '' : Numeral::many(count($this->frames), 'frame')
            .($keepers === 0 ? '' : ', '.Numeral::many($keepers, 'keeper'));
    }

    private function x(int $unix): float
    {
        [$from, $to] = $this->dayUnix;

        return DayStrip::x(max(0.0, min(1.0, ($unix - $from) / ($to - $from))));
    }
}
