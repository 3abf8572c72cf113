<?php

declare(strict_types=1);

namespace App\Rooms\Water;

use Carbon\CarbonInterface;
use GentlePour\Documents\Observation;
use GentlePour\Documents\ObservationFiles;
use GentlePour\InvalidValue;

/** Files of observations, looked into around an instant. */
final readonly class ObservationsRead
{
    /** Rows shown around the nearest. */
    private const ROWS_AROUND = 6;

    /**
     * @param  list<Observation>  $rows  around the nearest
     * @param  list<array{file: string, line: int, reason: string, text: string}>  $bad
     * @param  int  $count  of all that could be read
     */
    private function __construct(
        public array $rows,
        public ?Observation $nearest,
        public array $bad,
        public CarbonInterface $at,
        public string $source,
        public int $count,
    ) {
    }

    /**
     * @param  array<string, string>  $texts  by name
     *
     * @throws InvalidValue at files, when there is nothing that could be read
     */
    public static function of(array $texts, CarbonInterface $at): self
    {
        if ($texts === []) {
            throw (new InvalidValue('Choose a file, paste its text, or read the simulated buoy.'))->at('files');
        }
        $read = ObservationFiles::read($texts);
        $unix = (float) $at->getTimestamp();
        $nearest = $read->nearestWaves($unix) ?? $read->nearest($unix);
        $place = $nearest === null ? 0 : (int) array_search($nearest, $read->observations, true);

        return new self(
            array_slice($read->observations, max(0, $place - self::ROWS_AROUND), 2 * self::ROWS_AROUND + 1), $nearest, $read->badLines, $at,
            mb_strimwidth(implode(', ', array_keys($texts)), 0, 100, '…'), count($read->observations),
        );
    }
}
