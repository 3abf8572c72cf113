<?php

declare(strict_types=1);

namespace App\Drawing;

/** Room for labels in a drawing: one that would overprint another goes to the next of its places that is free, or stays where none is. */
final class LabelRoom
{
    /** Of the size of the letters: how far they reach above and below the line that they stand on. */
    private const ABOVE = 0.8;

    private const BELOW = 0.25;

    /** From a mark to its name and from there to the edge of the sheet, in px. */
    private const BESIDE = 11.0;

    private const EDGE = 4.0;

    /** Of the size of the letters: where they stand beside a mark, and where else. */
    private const MIDDLE = 0.25;

    private const OTHER_LINES = [-0.85, 1.35, -1.9, 2.4, -2.95, 3.45, -4.0, 4.5];

    /** Of the size of the letters: further up or down than this a name is led to. */
    private const LED_FROM = 1.2;

    /** @var list<array{float, float, float, float}> left, right, top and bottom */
    private array $taken = [];

    /** Nothing else may stand here. */
    public function block(float $left, float $right, float $top, float $bottom): void
    {
        $this->taken[] = [$left, $right, $top, $bottom];
    }

    /**
     * @param  Label  $label  at the place that it would have best
     * @param  array{float, float}|null  $reach  from where to where it may move sideways; null where it stays
     * @param  list<float>  $orY  other lines to stand on
     */
    public function place(Label $label, float $sizePx, array $orY, ?array $reach = null): Label
    {
        [$left, $right] = $reach ?? self::sides($label, $sizePx);
        foreach ([$label->y, ...$orY] as $y) {
            $box = [$left, $right, $y - self::ABOVE * $sizePx, $y + self::BELOW * $sizePx];
            if ($this->isFree(...$box)) {
                break;
            }
            $box = null;
        }
        $this->taken[] = $box ?? [$left, $right, $label->y - self::ABOVE * $sizePx, $label->y + self::BELOW * $sizePx];

        return $box === null ? $label : new Label($label->text, $label->x, $y, $label->anchor);
    }

    /**
     * The name of a mark, beside it within a square sheet: on the side that is asked for where it has room there, else on the other, and on
     * another line within the sheet where it would overprint one.
     */
    public function beside(string $text, float $x, float $y, bool $right, float $sizePx, float $sheetPx): Label
    {
        $wide = TextWidth::of($text, $sizePx);
        $right = $right ? $x + self::BESIDE + $wide <= $sheetPx - self::EDGE : $x - self::BESIDE - $wide < self::EDGE;
        $at = $right ? min($x + self::BESIDE, $sheetPx - self::EDGE - $wide) : max($x - self::BESIDE, $wide + self::EDGE);
        [$first, $last] = [self::ABOVE * $sizePx, $sheetPx - self::BELOW * $sizePx];
        $lines = array_map(static fn (float $by): float => round($y + $by * $sizePx, 1), self::OTHER_LINES);
        $lines = array_values(array_filter($lines, static fn (float $line): bool => $line >= $first && $line <= $last));
        $line = max($first, min($last, $y + self::MIDDLE * $sizePx));

        return $this->place(new Label($text, round($at, 1), round($line, 1), $right ? 'start' : 'end'), $sizePx, $lines);
    }

    /** Path data of a line from a mark to its name where that stands more than a line away; empty where it stands beside it. */
    public static function lead(Label $name, float $x, float $y, float $sizePx): string
    {
        $down = $name->y - self::MIDDLE * $sizePx - $y;

        return abs($down) <= self::LED_FROM * $sizePx ? '' : sprintf(
            'M%.1f %.1fL%.1f %.1f', $x, $y, $name->x, $name->y + ($down > 0 ? -self::ABOVE : self::BELOW) * $sizePx,
        );
    }

    /** Whether a label has room at the place that it would have best. */
    public function has(Label $label, float $sizePx): bool
    {
        [$left, $right] = self::sides($label, $sizePx);

        return $this->isFree($left, $right, $label->y - self::ABOVE * $sizePx, $label->y + self::BELOW * $sizePx);
    }

    /** @return array{float, float} left and right */
    private static function sides(Label $label, float $sizePx): array
    {
        $width = TextWidth::of($label->text, $sizePx);
        $left = match ($label->anchor) {
            'end' => $label->x - $width,
            'middle' => $label->x - $width / 2,
            default => $label->x,
        };

        return [$left, $left + $width];
    }

    private function isFree(float $left, float $right, float $top, float $bottom): bool
    {
        foreach ($this->taken as [$l, $r, $t, $b]) {
            if ($left < $r && $l < $right && $top < $b && $t < $bottom) {
                return false;
            }
        }

        return true;
    }
}
