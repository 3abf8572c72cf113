<?php

declare(strict_types=1);

namespace GentlePour\Kit;

use GentlePour\Bounds;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;

/** What a camera body can do, as far as a long exposure asks. */
final readonly class Camera
{
    /**
     * @param  Iso|null  $isoLow  extended below base
     *
     * @throws InvalidValue when a figure is out of bounds or the ISO range is upside down
     */
    public function __construct(
        public Sensor $sensor,
        public Iso $isoBase,
        public ?Iso $isoLow,
        public Iso $isoMax,
        public ShutterTime $longestTimed,
    ) {
        if ($isoMax->speed < $isoBase->speed) {
            throw (new InvalidValue('The highest ISO must not be below the base ISO.'))->at('iso_max');
        }
        if ($isoLow !== null && $isoLow->speed > $isoBase->speed) {
            throw (new InvalidValue('The extended low ISO must not be above the base ISO.'))->at('iso_low');
        }
        Bounds::of('The longest timed shutter', 0.5, 7200, 's')->check($longestTimed->seconds, 'longest_timed_s');
    }

    /**
     * Every ISO of the dial that this camera offers, in third stops, lowest first.
     *
     * @return list<Iso>
     */
    public function isos(): array
    {
        $lowest = $this->isoLow ?? $this->isoBase;
        $isos = [];
        for ($thirds = (int) ceil($lowest->thirds() - 0.02); $thirds <= $this->isoMax->thirds() + 0.02; $thirds++) {
            $isos[] = Iso::onDial($thirds);
        }

        return $isos;
    }
}
