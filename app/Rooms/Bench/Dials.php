<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use GentlePour\Exposure\DialLabels;

/** The names on the dials, for stepping along them. */
final class Dials
{
    /** @return array{shutter: list<string>, aperture: list<string>, iso: list<string>} */
    public static function all(): array
    {
        return [
            'shutter' => DialLabels::SHUTTER,
            'aperture' => array_map(static fn (string $n): string => 'f/'.$n, DialLabels::APERTURE),
            'iso' => DialLabels::ISO,
        ];
    }
}
