<?php

declare(strict_types=1);

use GentlePour\Tide\Station;
use GentlePour\Tide\SubordinateCurve;
use GentlePour\Tide\SubordinateOffsets;
use GentlePour\Tide\TableCurve;
use GentlePour\Tide\TideCurve;
use GentlePour\Tide\TideEvent;

// What a subordinate place does with turns of its reference that are no high or low waters, and with a reference of two waters. By hand.

/** A reference with turns of less than a centimetre, which are no waters. */
function wavering(TideCurve $waters, array $turns): TideCurve
{
    return new class($waters, $turns) implements TideCurve
    {
        /** @param  list<TideEvent>  $turns */
        public function __construct(private TideCurve $waters, private array $turns)
        {
        }

        public function heightM(float $unix): float
        {
            return $this->waters->heightM($unix);
        }

        public function events(): array
        {
            return $this->waters->events();
        }

        public function eventsWithMargin(): array
        {
            return $this->waters->events();
        }

        public function turns(): array
        {
            return $this->turns;
        }

        public function turnsWithMargin(): array
        {
            return $this->turns;
        }

        public function turnsBetween(float $from, float $to): array
        {
            return TideEvent::within($this->turns, $from, $to);
        }

        public function from(): float
        {
            return $this->waters->from();
        }

        public function to(): float
        {
            return $this->waters->to();
        }
    };
}

it('carries the turns between its waters along by the piece in which they lie, and each water once', function (): void {
    $h = 3600.0;
    $waters = TableCurve::of([
        new TideEvent(0.0, 1.0, false), new TideEvent(6 * $h, 5.0, true), new TideEvent(12 * $h, 2.0, false), new TideEvent(18 * $h, 4.0, true),
    ]);
    $turns = array_map(
        fn (float $hour): TideEvent => new TideEvent($hour * $h, $waters->heightM($hour * $h), fmod($hour, 2.0) === 0.0),
        [-1.0, 0.0, 3.0, 4.0, 6.0, 9.0, 12.0, 15.0, 18.0, 19.0],
    );
    // High water half an hour later and a fifth higher, low water an hour earlier and half as high.
    $curve = SubordinateCurve::of(wavering($waters, $turns), SubordinateOffsets::of(30, -60, true, 1.2, 0.5));
    $hours = array_map(fn (TideEvent $e): float => round($e->unix / $h, 6), $curve->turnsWithMargin());
    expect($hours)->toBe([-1.0, 2.75, 4.0, 6.5, 8.75, 11.0, 14.75, 18.5])
        ->and(array_map(fn (TideEvent $e): float => round($e->heightM, 6), $curve->turnsWithMargin()))
        ->toBe([0.5, 3.25, 4.625, 6.0, 3.5, 1.0, 2.9, 4.8])
        ->and(array_map(fn (TideEvent $e): bool => $e->high, $curve->turnsWithMargin()))
        ->toBe([false, false, true, true, false, false, false, true])
        ->and(array_map(fn (TideEvent $e): float => round($e->unix / $h, 6), $curve->turnsBetween(2.75 * $h, 8.75 * $h)))
        ->toBe([2.75, 4.0, 6.5, 8.75])
        // Outside of the span is margin.
        ->and(array_map(fn (TideEvent $e): float => round($e->unix / $h, 6), $curve->turns()))->toBe([2.75, 4.0, 6.5, 8.75, 11.0, 14.75]);
});

it('stretches a reference of two waters as any other, and a turn beside a single water or none is left out', function (): void {
    $two = TableCurve::of([new TideEvent(0.0, 1.0, false), new TideEvent(21600.0, 5.0, true)]);
    $curve = SubordinateCurve::of($two, SubordinateOffsets::of(30, -60, true, 1.2, 0.5));
    expect($curve->heightM(3600 * 2.75))->toBeAbout(3.25, 1e-9);
    $one = straightTide([0 => 1.0, 3600 => 3.0, 7200 => 1.0]);
    $beside = SubordinateCurve::of(wavering($one, [new TideEvent(1800.0, 2.0, true)]), SubordinateOffsets::of(0, 0, true, 2.0, 1.0));
    expect(array_map(fn (TideEvent $e): float => $e->unix, $beside->turnsWithMargin()))->toBe([3600.0]);
    $none = SubordinateCurve::of(wavering(straightTide([0 => 1.0, 3600 => 3.0]), [new TideEvent(1800.0, 2.0, true)]),
        SubordinateOffsets::of(0, 0, true, 2.0, 1.0));
    expect($none->turnsWithMargin())->toBe([]);
});

it('has its waters at the same instants, whatever datum heights are counted from', function (): void {
    $reference = stationOf(['M2' => 1.2, 'S2' => 0.4]);
    $place = new Station('made/9', 'Made-up', 57.0, -7.0, 'UTC', 'MLLW', ['MSL' => 3.0, 'MLLW' => 0.5], $reference->harmonics,
        SubordinateOffsets::of(20, -10, true, 1.1, 0.9), null, '', '', true);
    $unix = fn (?string $datum): array => array_map(
        fn (TideEvent $e): float => $e->unix, $place->curve(constituents(), at('2026-10-01'), at('2026-10-03'), $datum)->eventsWithMargin(),
    );
    expect($unix('MSL'))->toBe($unix(null))->and(count($unix(null)))->toBeGreaterThan(15);
});
