<?php

declare(strict_types=1);

namespace GentlePour\Documents;

use GentlePour\InvalidValue;
use GentlePour\Tide\Harmonic;
use GentlePour\Tide\Station;
use GentlePour\Tide\SubordinateOffsets;

/** A line of the station catalogue. */
final class StationDocument
{
    /**
     * @param  callable(string): Station  $find  gives the reference of a subordinate station
     *
     * @throws InvalidValue when the line is not whole
     */
    public static function station(Fields $in, callable $find): Station
    {
        $reference = $offsets = null;
        if ($in->has('offsets')) {
            $difference = $in->child('offsets');
            $reference = $find($difference->text('reference'));
            $offsets = SubordinateOffsets::of(
                $difference->number('high_min'), $difference->number('low_min'), $difference->text('kind') !== 'fixed',
                $difference->number('high'), $difference->number('low'),
            );
        }

        return new Station(
            $in->text('id'),
            $in->text('name'),
            $in->number('lat'),
            $in->number('lon'),
            $in->text('tz'),
            $in->has('datum') ? $in->text('datum') : null,
            $in->numbersByName('datums'),
            $reference !== null
                ? $reference->harmonics
                : array_map(static fn (array $h): Harmonic => new Harmonic($h[0], $h[1], $h[2]), $in->harmonics('harmonics')),
            $offsets,
            $reference,
            $in->text('attribution'),
            $in->text('license'),
            $in->flagOr('made_up', false),
        );
    }
}
