<?php

declare(strict_types=1);

namespace GentlePour\Field;

use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\FilterStack;
use GentlePour\Solving\BackSolver;
use GentlePour\Solving\Question;
use GentlePour\Solving\Way;

/**
 * The best ways of a bag, one a stack, for every light and every wanted time, both in thirds of a stop: the back-solver's own answers, to
 * be looked up where it does not run. The wanted time counts as set by hand, within a stop to either side; highlights are protected by
 * asking for a light that is so much brighter.
 */
final readonly class WayTable
{
    public const WAYS = 3;

    /** From -5 to 17 EV100: from the dusk that a camera still meters to snow in the sun. Judgement. */
    public const LIGHT = [-15, 51];

    /** From 1/1000 s to half an hour. */
    public const TARGET = [-30, 33];

    private const EITHER_SIDE = 1.0;

    /** Of a larger bag only so many stacks are looked at: of those alike in strength the cheapest. Judgement. */
    private const STACKS = 60;

    /**
     * @param  list<array{glass: int, aperture: string, iso: string, stops: float}>  $settings  the strength of a variable filter is that
     *     to which it is set
     * @param  list<list<int>>  $cells  a row for each light, the darkest first; in it for each target, the shortest first, three ways of a
     *     setting's place and a time's, both -1 where there is none
     */
    private function __construct(public array $settings, public array $cells)
    {
    }

    /** @param  Question  $question  with its bag, habits and walls; its reading, bias and target are no matter */
    public static function of(Question $question, Times $times, Glasses $glasses): self
    {
        $question = $question->among(self::worth($question));
        $places = $settings = [];
        $cells = array_map(static function (int $light) use ($question, $times, $glasses, &$places, &$settings): array {
            $lit = $question->inLight(Reading::ofLight($light / 3));
            $row = [];
            foreach (range(self::TARGET[0], self::TARGET[1]) as $target) {
                $ways = self::ways($lit, ShutterTime::onDial($target));
                for ($i = 0; $i < self::WAYS; $i++) {
                    $way = $ways[$i] ?? null;
                    $setting = $way === null ? null : self::setting($way, $glasses);
                    $key = serialize($setting);
                    if ($setting !== null && ! isset($places[$key])) {
                        $places[$key] = count($settings);
                        $settings[] = $setting;
                    }
                    $row[] = $places[$key] ?? -1;
                    $row[] = $way === null ? -1 : $times->place($way->shutter, $way->longestTimed, $way->bulb);
                }
            }

            return $row;
        }, range(self::LIGHT[0], self::LIGHT[1]));

        return new self($settings, $cells);
    }

    /**
     * All stacks of a bag as people carry it; of a larger one, of stacks alike in strength the one that costs least, and the more there are
     * the further apart are still alike.
     *
     * @return list<FilterStack>
     */
    public static function worth(Question $question): array
    {
        $stacks = $question->stacks();
        $costs = $question->stackCosts();
        for ($alike = 0.1; count($stacks) > self::STACKS; $alike *= 1.5) {
            $best = [];
            foreach ($question->stacks() as $i => $stack) {
                $strength = round($stack->darkest->value / $alike).'|'.round($stack->lightest->value / $alike);
                if (! isset($best[$strength]) || $costs[$i] < $costs[$best[$strength]]) {
                    $best[$strength] = $i;
                }
            }
            $stacks = array_map(static fn (int $i): FilterStack => $question->stacks()[$i], array_values($best));
        }

        return $stacks;
    }

    /** @return array{glass: int, aperture: string, iso: string, stops: float} */
    private static function setting(Way $way, Glasses $glasses): array
    {
        return [
            'glass' => $glasses->place($way->filters), 'aperture' => $way->aperture->label(), 'iso' => $way->iso->label(),
            'stops' => round($way->stack->value, 2),
        ];
    }

    /**
     * What a cell holds.
     *
     * @return list<Way>
     */
    public static function ways(Question $question, ShutterTime $target): array
    {
        $bound = static fn (float $stops): ShutterTime => ShutterTime::ofSeconds(
            max(ShutterTime::SHORTEST_S, min(ShutterTime::LONGEST_S, $target->seconds * Stops::of($stops)->factor())),
        );
        $window = ShutterWindow::of($bound(-self::EITHER_SIDE), $bound(self::EITHER_SIDE), $target);

        return BackSolver::byStack($question->with($window, insists: true), self::WAYS);
    }
}
