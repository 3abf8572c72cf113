<?php

declare(strict_types=1);

namespace GentlePour\Motion;

use GentlePour\Exposure\ShutterWindow;

/** Everything that moves in one picture: what each part wants of the shutter, and whether one frame can give it. */
final readonly class Picture
{
    /** @param  non-empty-list<LookTarget>  $targets */
    private function __construct(public array $targets)
    {
    }

    /** @param  non-empty-list<LookTarget>  $targets the main one first */
    public static function of(array $targets): self
    {
        return new self($targets);
    }

    /** What all targets allow; null when they do not meet. A lone target keeps its own aim. */
    public function meet(): ?ShutterWindow
    {
        return self::common($this->targets);
    }

    /** @return list<Conflict> every pair that does not meet, the widest apart first */
    public function conflicts(): array
    {
        $conflicts = [];
        foreach ($this->targets as $i => $one) {
            foreach (array_slice($this->targets, $i + 1) as $other) {
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
     * The fewest frames that give every target its window, to be blended: the shortest first. Taking the targets by the end of their
     * windows and opening a new frame whenever one begins later than the frame at hand can reach is the least there can be.
     *
     * @return non-empty-list<array{window: ShutterWindow, targets: non-empty-list<LookTarget>}>
     */
    public function frames(): array
    {
        $byEnd = $this->targets;
        usort($byEnd, static fn (LookTarget $a, LookTarget $b): int => $a->window->max->seconds <=> $b->window->max->seconds);
        $frames = [];
        $held = [array_shift($byEnd)];
        foreach ($byEnd as $target) {
            if (self::common([...$held, $target]) === null) {
                $frames[] = $held;
                $held = [];
            }
            $held[] = $target;
        }
        $frames[] = $held;

        return array_map(
            static fn (array $targets): array => ['window' => self::common($targets) ?? $targets[0]->window, 'targets' => $targets],
            $frames,
        );
    }

    /** @param  non-empty-list<LookTarget>  $targets */
    private static function common(array $targets): ?ShutterWindow
    {
        $common = $targets[0]->window;
        foreach (array_slice($targets, 1) as $target) {
            $common = $common->intersect($target->window);
            if ($common === null) {
                return null;
            }
        }

        return $common;
    }
}
