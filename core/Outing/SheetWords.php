<?php

declare(strict_types=1);

namespace GentlePour\Outing;

use GentlePour\Exposure\Exposure;

/** The settings as they stand in the words of a run sheet. */
final readonly class SheetWords
{
    private function __construct(
        public string $base,
        public string $aperture,
        public string $iso,
        public string $time,
        public string $manual,
    ) {
    }

    /** @param  string  $time  as set or counted */
    public static function of(Exposure $reading, Exposure $long, string $time, bool $bulb): self
    {
        return new self(
            sprintf('%s, %s, ISO %s', $reading->shutter->label(), $reading->aperture->label(), $reading->iso->label()),
            $long->aperture->label(), $long->iso->label(), $time, self::manual($time, $bulb),
        );
    }

    /** Before they are known: each is its own name. */
    public static function pattern(): self
    {
        return new self('{base}', '{aperture}', '{iso}', '{time}', '{manual}');
    }

    /** How a time is set. */
    public static function manual(string $time, bool $bulb): string
    {
        return match (true) {
            $bulb => "Manual exposure, set to bulb; it stays open for {$time}.",
            $time === '30 s' => 'Manual exposure. 30 s on the dial is open for 32 s; the sums go by 32.',
            default => 'Manual exposure.',
        };
    }
}
