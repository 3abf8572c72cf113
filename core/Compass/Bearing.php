<?php

declare(strict_types=1);

namespace GentlePour\Compass;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/** Bearings as a hand reads them off a compass, turned to true north. */
final class Bearing
{
    /** A compass that is held in a hand is read no nearer than this, in decimals of a degree. Common practice. */
    private const DECIMALS = 1;

    /** After a bearing: “215 M”, “215°M”, “215 mag”, as charts and logs write it. Common practice. */
    private const BY_COMPASS = '\s*°?\s*(?:mag(?:netic)?|m)\b\.?';

    /**
     * What a compass showed, from true north: 0 up to 360, clockwise.
     *
     * @throws InvalidValue when it is no bearing
     */
    public static function fromCompass(float $deg, float $variationDeg): float
    {
        $true = round(fmod(Limit::Facing->check($deg) + $variationDeg + 360, 360), self::DECIMALS);

        return $true < 360 ? $true : 0.0;
    }

    /**
     * What a compass shows in a direction.
     *
     * @throws InvalidValue when it is no bearing
     */
    public static function onCompass(float $trueDeg, float $variationDeg): float
    {
        return self::fromCompass($trueDeg, -$variationDeg);
    }

    /** What was read off a compass: “215 M”, “215°M”, “215 mag”; null for anything else. */
    public static function readOff(string $written): ?float
    {
        return preg_match('/^\s*(\d{1,3}(?:[.,]\d{1,6})?)'.self::BY_COMPASS.'\s*$/iu', $written, $m) === 1
            ? (float) strtr($m[1], ',', '.') : null;
    }

    /** Whether one of a list, each with further figures behind it, was read off a compass: “90M 0, 110M 25”. */
    public static function anyReadOff(string $list): bool
    {
        return preg_match(self::first(), $list) === 1;
    }

    /**
     * Such a list with its bearings from true north; what was not read off a compass stays.
     *
     * @throws InvalidValue when one is no bearing
     */
    public static function listFromCompass(string $list, float $variationDeg): string
    {
        return (string) preg_replace_callback(
            self::first(), static fn (array $m): string => $m[1].self::fromCompass((float) $m[2], $variationDeg), $list,
        );
    }

    /** By how much a compass is off, in words: “4.2° west”. */
    public static function words(float $variationDeg): string
    {
        return sprintf('%.1f° %s', abs($variationDeg), $variationDeg < 0 ? 'west' : 'east');
    }

    /** The first figure of each of a list. */
    private static function first(): string
    {
        return '/((?:^|[;,\r\n])\s*)(\d{1,3}(?:\.\d{1,6})?)'.self::BY_COMPASS.'(?=\s)/iu';
    }
}
