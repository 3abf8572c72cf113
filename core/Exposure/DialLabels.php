<?php

declare(strict_types=1);

namespace GentlePour\Exposure;

/**
 * The names printed on camera dials in third stops. A name stands for an exact power of two: “1/60” for 1/64 s, “f/11”
 * for 2^3.5, “30” for 32 s. Common practice; the full stops agree with ISO 2720:1974.
 */
final class DialLabels
{
    /** Third stops from 1 s of the first shutter name. */
    public const SHUTTER_FIRST = -42;

    public const SHUTTER = [
        '1/16000', '1/12800', '1/10000', '1/8000', '1/6400', '1/5000', '1/4000', '1/3200', '1/2500', '1/2000', '1/1600',
        '1/1250', '1/1000', '1/800', '1/640', '1/500', '1/400', '1/320', '1/250', '1/200', '1/160', '1/125', '1/100',
        '1/80', '1/60', '1/50', '1/40', '1/30', '1/25', '1/20', '1/15', '1/13', '1/10', '1/8', '1/6', '1/5', '1/4', '0.3',
        '0.4', '1/2', '0.6', '0.8', '1', '1.3', '1.6', '2', '2.5', '3.2', '4', '5', '6', '8', '10', '13', '15', '20', '25',
        '30',
    ];

    /** Other spellings of the same settings of the dial. */
    public const SHUTTER_ALIASES = [
        '1/3' => '0.3', '0.33' => '0.3', '1/2.5' => '0.4', '0.5' => '1/2', '1/1.6' => '0.6', '0.63' => '0.6',
        '1/1.3' => '0.8', '0.25' => '1/4', '0.2' => '1/5', '0.1' => '1/10', '3' => '3.2', '16' => '15', '32' => '30',
        '1/1' => '1', '6.4' => '6', '1/16' => '1/15', '1/32' => '1/30', '1/64' => '1/60', '1/12' => '1/13',
    ];

    /** Third stops from f/1 of the first aperture name. */
    public const APERTURE_FIRST = 0;

    public const APERTURE = [
        '1', '1.1', '1.2', '1.4', '1.6', '1.8', '2', '2.2', '2.5', '2.8', '3.2', '3.5', '4', '4.5', '5', '5.6', '6.3',
        '7.1', '8', '9', '10', '11', '13', '14', '16', '18', '20', '22', '25', '29', '32', '36', '40', '45', '51', '57', '64',
    ];

    /** Third stops from ISO 100 of the first ISO name. */
    public const ISO_FIRST = -12;

    public const ISO = [
        '6', '8', '10', '12', '16', '20', '25', '32', '40', '50', '64', '80', '100', '125', '160', '200', '250', '320',
        '400', '500', '640', '800', '1000', '1250', '1600', '2000', '2500', '3200', '4000', '5000', '6400', '8000', '10000',
        '12800', '16000', '20000', '25600', '32000', '40000', '51200', '64000', '80000', '102400',
    ];

    /** @param  list<string>  $names */
    public static function at(array $names, int $first, int $thirds): ?string
    {
        return $names[$thirds - $first] ?? null;
    }

    /** @param  list<string>  $names */
    public static function thirdsOf(array $names, int $first, string $name): ?int
    {
        $place = array_search($name, $names, true);

        return $place === false ? null : $place + $first;
    }
}
