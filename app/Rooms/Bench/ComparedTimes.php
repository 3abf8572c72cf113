<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\InvalidValue;
use Illuminate\Support\MessageBag;

/**
 * The open times that are set side by side: written as times, as stops of filter on the base reading, or by the name of the glass; a stop
 * either side of the target at first.
 */
final readonly class ComparedTimes
{
    /** @param  non-empty-list<ComparedTime>  $times */
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
                $times[] = self::read($text, $bench);
            } catch (InvalidValue $e) {
                $problems->add('t.'.$i, $e->getMessage());
            }
        }
        $best = $bench->window->best;

        $around = [new ComparedTime($best->plus(Stops::of(-1))), new ComparedTime($best->plus(Stops::of(1)))];

        return new self($times !== [] ? $times : $around, $problems);
    }

    private static function read(string $text, Bench $bench): ComparedTime
    {
        if (preg_match('/^(\d+(?:\.\d+)?)\s*stops?$/i', $text, $m) === 1) {
            return new ComparedTime($bench->reading->exposure->shutter->plus(Stops::of((float) $m[1])));
        }
        try {
            return new ComparedTime(ShutterTime::parse($text));
        } catch (InvalidValue $e) {
            foreach ($bench->strip as $mark) {
                if (mb_strtolower($mark->filters->label()) === mb_strtolower($text)) {
                    return new ComparedTime($mark->shutter, $mark->filters);
                }
            }

            throw $e;
        }
    }
}
