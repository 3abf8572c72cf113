<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\DriftingLight;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\Bag;

/** What is asked of the back-solver: this light, this wanted time, this bag, these limits. */
final readonly class Question
{
    /**
     * @param  Stops  $bias  added to the reading's exposure; negative protects white water
     * @param  list<Wall>  $otherWalls  from the place and the hour: the get-off time
     */
    public function __construct(
        public Reading $reading,
        public Stops $bias,
        public ShutterWindow $target,
        public Bag $bag,
        public ?ShutterTime $longest = null,
        public ?DriftingLight $drift = null,
        public Habits $habits = new Habits,
        public array $otherWalls = [],
    ) {
    }

    /** The same, for another wanted time. */
    public function with(ShutterWindow $target): self
    {
        return new self($this->reading, $this->bias, $target, $this->bag, $this->longest, $this->drift, $this->habits, $this->otherWalls);
    }

    /** @return list<Wall> nearest first */
    public function walls(): array
    {
        $walls = $this->otherWalls;
        if (! $this->bag->release) {
            $longest = $this->bag->camera->longestTimed;
            $walls[] = new Wall('release', $longest, 'no release: '.$longest->label($longest).' at most');
        }
        if ($this->longest !== null) {
            $walls[] = new Wall('longest', $this->longest, 'your limit: '.$this->longest->label());
        }
        usort($walls, static fn (Wall $a, Wall $b): int => $a->longest->seconds <=> $b->longest->seconds);

        return $walls;
    }
}
