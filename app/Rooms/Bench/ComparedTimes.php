<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\InvalidValue;
use Illuminate\Support\MessageBag;

/**
 * The open times that are set side by side: written as times, or as stops of filter on the base reading; a stop either side of the target
 * at first.
 */
final readonly class ComparedTimes
{
    /** @param  non-empty-list<ShutterTime>  $times */
    private function __construct(
        public array $times,
        public MessageBag $problems,
    ) {
    }

    /** @param  list<string>  $written */
    public static function of(array $written, Bench $bench): self
    {
        $problems = new MessageBag;
        $times = [];
        foreach ($written as $i => $text) {
            if ($text === '') {
                continue;
            }
            try {
                $times[] = self::read($text, $bench->reading->exposure->shutter);
            } catch (InvalidValue $e) {
                $problems->add('t.'.$i, $e->getMessage());
            }
        }
        $best = $bench->window->best;

        return new self($times !== [] ? $times : [$best->plus(Stops::of(-1)), $best->plus(Stops::of(1))], $problems);
    }

    private static function read(string $text, ShutterTime $base): ShutterTime
    {
        return preg_match('/^(\d+(?:\.\d+)?)\s*stops?$/i', $text, $m) === 1
            ? $base->plus(Stops::of((float) $m[1]))
            : ShutterTime::parse($text);
    }
}
