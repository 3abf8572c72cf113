<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\DepthOfField;
use GentlePour\Exposure\DriftingLight;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\SharpRange;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterStack;
use GentlePour\Kit\Stacks;

/** What is asked of the back-solver: this light, this wanted time, this bag, these limits. */
final readonly class Question
{
    /** Once the light has fallen by so many stops a frame has nine tenths of all it will ever gather. Closed form: 1 - 2^-3.32. */
    private const FAILED_STOPS = 3.32;

    private StackMemory $memory;

    /**
     * @param  Stops  $bias  added to the reading's exposure; negative protects white water
     * @param  list<Wall>  $otherWalls  from the place and the hour: the get-off time, the wind
     * @param  SharpRange|null  $sharp  what must be sharp in one frame; null where that is no matter
     * @param  list<Filter>  $staying  filters that were on for the reading: they stay on, but for those pinned off
     * @param  Pins  $pins  a pinned time is the target too
     * @param  bool  $insists  whether the wanted time was set by hand: nearness to it then outranks every habit
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
        public Pins $pins = new Pins,
        public bool $insists = false,
        ?StackMemory $memory = null,
    ) {
        $this->memory = $memory ?? new StackMemory;
    }

    /** @return list<FilterStack> every stack that bag, reading and pins allow */
    public function stacks(): array
    {
        return $this->memory->stacks(fn (): array => Stacks::of(
            $this->bag, $this->stayingOn(), $this->pins->with, $this->pins->without, (new Ranking($this))->stackCost(...),
        ));
    }

    /** @return list<float> what each of these stacks costs in the ranking */
    public function stackCosts(): array
    {
        return $this->memory->costs(fn (): array => array_map((new Ranking($this))->stackCost(...), $this->stacks()));
    }

    /** The aperture at which everything else is left as it was read: the pinned one, or of those that the lens sets the nearest. */
    public function apertureAsRead(): Aperture
    {
        return $this->pins->aperture ?? self::nearest($this->bag->lens->apertures(), $this->reading->exposure->aperture);
    }

    /** The ISO likewise. */
    public function isoAsRead(): Iso
    {
        return $this->pins->iso ?? self::nearest($this->bag->camera->isos(), $this->reading->exposure->iso);
    }

    /**
     * @template T of Aperture|Iso
     *
     * @param  list<T>  $dial
     * @param  T  $read
     * @return T
     */
    private static function nearest(array $dial, Aperture|Iso $read): Aperture|Iso
    {
        $away = static fn (Aperture|Iso $setting): float => abs($setting->thirds() - $read->thirds());
        usort($dial, static fn (Aperture|Iso $a, Aperture|Iso $b): int => $away($a) <=> $away($b));

        return $dial[0] ?? $read;
    }

    /** @return list<Filter> what was on for the reading and is on still */
    public function stayingOn(): array
    {
        return $this->pins->leaving($this->staying);
    }

    /** The same, for another wanted time, which was set by hand or was not. */
    public function with(ShutterWindow $target, bool $insists = false): self
    {
        return $this->changed(target: $target, insists: $insists);
    }

    /** The same, with another bag. */
    public function packing(Bag $bag): self
    {
        return $this->changed(bag: $bag);
    }

    /** The same, with other things held fast. */
    public function pinning(Pins $pins): self
    {
        return $this->changed(pins: $pins);
    }

    /**
     * The same, looking at some of the stacks alone.
     *
     * @param  list<FilterStack>  $stacks
     */
    public function among(array $stacks): self
    {
        return new self(
            $this->reading, $this->bias, $this->target, $this->bag, $this->longest, $this->drift, $this->habits, $this->otherWalls,
            $this->sharp, $this->staying, $this->pins, $this->insists, StackMemory::holding($stacks),
        );
    }

    /** The same for another reading, with nothing added to it. */
    public function inLight(Reading $reading): self
    {
        return new self(
            $reading, Stops::zero(), $this->target, $this->bag, $this->longest, $this->drift, $this->habits, $this->otherWalls,
            $this->sharp, $this->staying, $this->pins, $this->insists, $this->memory,
        );
    }

    /** The same in a light of so many stops more. */
    public function lit(float $stops): self
    {
        return $this->changed(reading: new Reading($this->reading->exposure, Stops::of($this->reading->filtersOn->value + $stops)));
    }

    /** The same without walls of some kinds. */
    public function withoutWalls(WallKind ...$kinds): self
    {
        $gone = static fn (WallKind $kind): bool => in_array($kind, $kinds, true);
        [$bag, $camera] = [$this->bag, $this->bag->camera];
        $changed = ($gone(WallKind::Battery) && $camera->batteryMinutes !== null) || ($gone(WallKind::Release) && ! $bag->release);

        return new self(
            $this->reading, $this->bias, $this->target, $changed ? $bag->with(
                camera: $gone(WallKind::Battery) ? $camera->onMains() : $camera, release: $bag->release || $gone(WallKind::Release),
            ) : $bag,
            $gone(WallKind::Longest) ? null : $this->longest, $gone(WallKind::Light) ? null : $this->drift, $this->habits,
            array_values(array_filter($this->otherWalls, static fn (Wall $w): bool => ! $gone($w->kind))), $this->sharp, $this->staying,
            $this->pins, $this->insists, $this->memory,
        );
    }

    private function changed(
        ?ShutterWindow $target = null, ?Bag $bag = null, ?Pins $pins = null, ?bool $insists = null, ?Reading $reading = null,
    ): self {
        return new self(
            $reading ?? $this->reading, $this->bias, $target ?? $this->target, $bag ?? $this->bag, $this->longest, $this->drift,
            $this->habits, $this->otherWalls, $this->sharp, $this->staying, $pins ?? $this->pins, $insists ?? $this->insists,
            $pins === null && ($bag === null || $bag->stacksLike($this->bag)) ? $this->memory : null,
        );
    }

    /** What keeps the open time from being what constant light on a sensor would take, in words; empty where nothing does. */
    public function gathers(): string
    {
        return implode(' and ', [
            ...$this->drift === null || $this->drift->isSteady() ? [] : ['drift'],
            ...$this->bag->camera->reciprocity === 1.0 ? [] : ['film'],
        ]);
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
