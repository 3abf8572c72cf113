<?php

declare(strict_types=1);

namespace GentlePour\Motion;

use GentlePour\Exposure\ShutterWindow;

/** Everything that moves in one picture: what each part wants of the shutter, and whether one frame can give it. */
final readonly class Picture
{
    /** @param  non-empty-list<LookTarget>  $wishes */
    private function __construct(public array $wishes)
    {
    }

    /** @param  non-empty-list<LookTarget>  $wishes the main one first */
    public static function of(array $wishes): self
    {
        return new self($wishes);
    }

    /** What all wishes allow; null when they do not meet. A lone wish keeps its own aim. */
    public function meet(): ?ShutterWindow
    {
        return self::common($this->wishes);
    }

    /** @return list<Conflict> every pair that does not meet, the widest apart first */
    public function conflicts(): array
    {
        $conflicts = [];
        foreach ($this->wishes as $i => $one) {
            foreach (array_slice($this->wishes, $i + 1) as $other) {
                if ($one->window->intersect($other->window) === null) {
                    [$early, $late] = $one->window->max->seconds < $other->window->min->seconds ? [$one, $other] : [$other, $one];
                    $conflicts[] = new Conflict($early, $late);
                }
            }
        }
        usort($conflicts, static fn (Conflict $a, Conflict $b): int => $b->stopsApart() <=> $a->stopsApart());

        return $conflicts;
    }

    /**
     * The fewest frames that give every wish its window, to be blended: the shortest first. Taking the wishes by the end of their
     * windows and opening a new frame whenever one begins later than the frame at hand can reach is the least there can be.
     *
     * @return non-empty-list<array{window: ShutterWindow, wishes: non-empty-list<LookTarget>}>
     */
    public function frames(): array
    {
        $byEnd = $this->wishes;
        usort($byEnd, static fn (LookTarget $a, LookTarget $b): int => $a->window->max->seconds <=> $b->window->max->seconds);
        $frames = [];
        $held = [array_shift($byEnd)];
        foreach ($byEnd as $wish) {
            if (self::common([...$held, $wish]) === null) {
                $frames[] = $held;
                $held = [];
            }
            $held[] = $wish;
        }
        $frames[] = $held;

        return array_map(static fn (array $wishes): array => ['window' => self::common($wishes) ?? $wishes[0]->window, 'wishes' => $wishes], $frames);
    }

    /** @param  non-empty-list<LookTarget>  $wishes */
    private static function common(array $wishes): ?ShutterWindow
    {
        $common = $wishes[0]->window;
        foreach (array_slice($wishes, 1) as $wish) {
            $common = $common->intersect($wish->window);
            if ($common === null) {
                return null;
            }
        }

        return $common;
    }
}
