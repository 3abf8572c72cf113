<?php

declare(strict_types=1);

namespace GentlePour\Photo;

use GentlePour\Numeral;

/** A fault that was found in a frame. */
final readonly class Finding
{
    /** @param  string  $figure  what was measured, in words */
    private function __construct(
        public Fault $fault,
        public string $figure,
    ) {
    }

    /**
     * @param  Pair|null  $pair  the frame against its base; null without one
     * @param  float|null  $sharpness  its edge energy against the base's, where nothing moves
     * @param  int  $spots  of dust
     * @return list<self>
     */
    public static function of(?Pair $pair, ?float $sharpness, int $spots): array
    {
        $found = [];
        $add = static function (Fault $fault, ?float $value, string $figure) use (&$found): void {
            if ($value !== null && $value >= $fault->from()) {
                $found[] = new self($fault, $figure);
            }
        };
        $sharp = $sharpness ?? 1.0;
        $add(Fault::Shaken, 1 - $sharp, sprintf('%.0f %% of the base’s edge energy', 100 * $sharp));
        if ($pair !== null) {
            $leak = $pair->leakStops();
            $add(Fault::Leak, $leak, sprintf('%.1f stops brighter at one side', $leak));
            // What leaks in at a side raises the dark parts as well.
            $veil = $leak >= Fault::Leak->from() ? null : $pair->veilStops();
            $add(Fault::Veil, $veil, sprintf('dark parts %.1f stops up', $veil ?? 0.0));
            $corners = $pair->cornersStops();
            $add(Fault::Corners, $corners === null ? null : -$corners, sprintf('%.1f stops darker than the middle', -$corners));
            [$red, $blue] = [$pair->stops[0] - $pair->stops[1], $pair->stops[2] - $pair->stops[1]];
            $add(Fault::Cast, max(abs($red), abs($blue)), sprintf(
                'red %s, blue %s stops against green: red × %.2f, blue × %.2f',
                Numeral::signed($red), Numeral::signed($blue), 2 ** -$red, 2 ** -$blue,
            ));
        }
        $add(Fault::Dust, (float) $spots, Numeral::many($spots, 'spot'));

        return $found;
    }
}
