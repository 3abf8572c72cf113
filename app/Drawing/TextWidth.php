<?php

declare(strict_types=1);

namespace App\Drawing;

/** Widths in px of texts in the interface's typeface, near enough to tell whether one fits. */
final class TextWidth
{
    /** Of a mean letter, as a share of the size. Measured on the labels that are drawn. */
    private const LETTER = 0.58;

    public static function of(string $text, float $sizePx): float
    {
        return self::LETTER * $sizePx * mb_strlen($text);
    }
}
