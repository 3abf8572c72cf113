<?php

declare(strict_types=1);

namespace App\Files;

use App\Models\Place;
use XMLWriter;

/** Places as waypoints. Source of the form: GPX 1.1. */
final class PlacesGpx
{
    /** @param  iterable<Place>  $places  those without a position are left out */
    public static function of(iterable $places): string
    {
        $xml = new XMLWriter;
        $xml->openMemory();
        $xml->setIndent(true);
        $xml->startDocument('1.0', 'UTF-8');
        $xml->startElementNs(null, 'gpx', 'http://www.topografix.com/GPX/1/1');
        $xml->writeAttribute('version', '1.1');
        $xml->writeAttribute('creator', 'Gentle Pour');
        foreach ($places as $place) {
            if ($place->latitude === null || $place->longitude === null) {
                continue;
            }
            $xml->startElement('wpt');
            $xml->writeAttribute('lat', self::degrees($place->latitude));
            $xml->writeAttribute('lon', self::degrees($place->longitude));
            $xml->writeElement('name', self::text($place->name));
            if (trim((string) $place->notes) !== '') {
                $xml->writeElement('desc', self::text((string) $place->notes));
            }
            $xml->endElement();
        }
        $xml->endElement();
        $xml->endDocument();

        return $xml->outputMemory();
    }

    /** A tenth of a metre, without an exponent. */
    private static function degrees(float $value): string
    {
        return rtrim(rtrim(number_format($value, 6, '.', ''), '0'), '.');
    }

    /** Without the characters that XML 1.0 cannot hold. */
    private static function text(string $text): string
    {
        return (string) preg_replace('/[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u', '', $text);
    }
}
