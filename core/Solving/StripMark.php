<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\FilterStack;

/** A stack of the bag and the time it takes, with everything else as it was read. */
final readonly class StripMark
{
    /**
     * @param  Stops  $stops  of the whole stack; of a variable filter its darkest
     * @param  ShutterTime  $exact  the time the arithmetic asks for
     * @param  ShutterTime  $shutter  the time that is set or counted
     * @param  Wall|null  $wall  the nearest that it would pass
     */
    public function __construct(
        public FilterStack $filters,
        public Stops $stops,
        public Aperture $aperture,
        public Iso $iso,
        public ShutterTime $exact,
        public ShutterTime $shutter,
        public ShutterTime $longestTimed,
        public bool $bulb,
        public ?Wall $wall,
    ) {
    }

    /** As a way to shoot it, with nothing said for or against it. */
    public function way(): Way
    {
        return new Way(
            $this->exact, $this->shutter, $this->aperture, $this->iso, $this->filters, $this->stops, $this->bulb, $this->longestTimed,
            [], [],
        );
    }

    public function shutterLabel(): string
    {
        return $this->shutter->label($this->longestTimed);
    }
}
