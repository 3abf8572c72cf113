<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\DepthOfField;
use GentlePour\Exposure\DriftingLight;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\SharpRange;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Filter;

/** What is asked of the back-solver: this light, this wanted time, this bag, these limits. */
final readonly class Question
{
    /** Once the light has fallen by so many stops a frame has nine tenths of all it will ever gather. Closed form: 1 - 2^-3.32. */
    private const FAILED_STOPS = 3.32;

    /**
     * @param  Stops  $bias  added to the reading's exposure; negative protects white water
     * @param  list<Wall>  $otherWalls  from the place and the hour: the get-off time, the wind
     * @param  SharpRange|null  $sharp  what must be sharp in one frame; null where that is no matter
     * @param  list<Filter>  $staying  graduated filters lined up for the reading: part of it, and they stay on
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
        public ?SharpRange $sharp = null,
        public array $staying = [],
    ) {
    }

    /** The same, for another wanted time. */
    public function with(ShutterWindow $target): self
    {
        return $this->changed($target, $this->bag);
    }

    /** The same, with another bag. */
    public function packing(Bag $bag): self
    {
        return $this->changed($this->target, $bag);
    }

    private function changed(ShutterWindow $target, Bag $bag): self
    {
        return new self(
            $this->reading, $this->bias, $target, $bag, $this->longest, $this->drift, $this->habits, $this->otherWalls, $this->sharp,
            $this->staying,
        );
    }

    public function depth(): DepthOfField
    {
        return new DepthOfField($this->bag->lens->focalLengthMm, $this->bag->camera->sensor->circleOfConfusionMm());
    }

    /** @return list<Wall> nearest first */
    public function walls(): array
    {
        $twice = $this->habits->noiseReduction === NoiseReductionHabit::InCamera;
        $walls = array_map(static fn (Wall $w): Wall => $twice ? $w->doubled() : $w, $this->otherWalls);
        $camera = $this->bag->camera;
        if (! $this->bag->release) {
            $walls[] = new Wall(
                WallKind::Release, $camera->longestTimed, 'no release: '.$camera->longestTimed->label($camera->longestTimed).' at most',
            );
        }
        if ($this->longest !== null) {
            $walls[] = new Wall(WallKind::Longest, $this->longest, 'your limit: '.$this->longest->label());
        }
        if ($camera->batteryMinutes !== null) {
            $lasts = ShutterTime::ofSeconds(min(ShutterTime::LONGEST_S, 60 * $camera->batteryMinutes / ($twice ? 2 : 1)));
            $walls[] = new Wall(WallKind::Battery, $lasts, 'the battery lasts '.$lasts->label().($twice ? ', with noise reduction' : ''));
        }
        if ($this->drift !== null && $this->drift->stopsPerMinute < -0.01) {
            $fails = ShutterTime::ofSeconds(min(ShutterTime::LONGEST_S, 60 * self::FAILED_STOPS / -$this->drift->stopsPerMinute));
            $walls[] = new Wall(
                WallKind::Light, $fails, sprintf('light failing: %.1f stops down by %s', self::FAILED_STOPS, $fails->label()),
            );
        }
        usort($walls, static fn (Wall $a, Wall $b): int => $a->longest->seconds <=> $b->longest->seconds);

        return $walls;
    }
}
