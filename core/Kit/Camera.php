<?php

declare(strict_types=1);

namespace GentlePour\Kit;

use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use GentlePour\Limit;

/** What a camera body can do, as far as a long exposure asks. */
final readonly class Camera
{
    /**
     * @param  Iso|null  $isoLow  extended below base
     * @param  float|null  $batteryMinutes  of open shutter that the battery lasts; null where it is no matter
     * @param  float  $reciprocity  exponent p of film, t' = t^p for times above a second (Schwarzschild's law in its common form); 1 for
     *     sensors
     *
     * @throws InvalidValue when a figure is out of bounds or the ISO range is upside down
     */
    public function __construct(
        public Sensor $sensor,
        public Iso $isoBase,
        public ?Iso $isoLow,
        public Iso $isoMax,
        public ShutterTime $longestTimed,
        public ?float $batteryMinutes = null,
        public float $reciprocity = 1.0,
        public Handling $handling = new Handling,
    ) {
        if ($isoMax->speed < $isoBase->speed) {
            throw (new InvalidValue('The highest ISO must not be below the base ISO.'))->at('iso_max');
        }
        if ($isoLow !== null && $isoLow->speed > $isoBase->speed) {
            throw (new InvalidValue('The extended low ISO must not be above the base ISO.'))->at('iso_low');
        }
        Limit::FilmExponent->check($reciprocity, 'reciprocity');
        if ($batteryMinutes !== null) {
            Limit::Battery->check($batteryMinutes, 'battery_minutes');
        }
        Limit::LongestTimed->check($longestTimed->seconds, 'longest_timed_s');
    }

    /** The same with as much power as it may want. */
    public function onMains(): self
    {
        return new self(
            $this->sensor, $this->isoBase, $this->isoLow, $this->isoMax, $this->longestTimed, null, $this->reciprocity, $this->handling,
        );
    }

    /** The same where another ISO is the highest that is accepted. */
    public function withIsoMax(Iso $highest): self
    {
        return new self(
            $this->sensor, $this->isoBase, $this->isoLow, $highest, $this->longestTimed,
            $this->batteryMinutes, $this->reciprocity, $this->handling,
        );
    }

    /** What film must be open for where a sensor would be open for so many seconds. */
    public function reciprocal(float $seconds): float
    {
        return $seconds > 1 ? $seconds ** $this->reciprocity : $seconds;
    }

    /** The other way round. */
    public function unreciprocal(float $openSeconds): float
    {
        return $openSeconds > 1 ? $openSeconds ** (1 / $this->reciprocity) : $openSeconds;
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
