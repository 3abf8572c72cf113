<?php

declare(strict_types=1);

namespace App\Devices\Camera;

use GentlePour\Exposure\Exposure;

/** A camera on a cable or in the air: it meters, takes what is set, opens for so long, and delivers a file. */
interface Camera
{
    /** Its name, once it answers. */
    public function connect(): string;

    /** What it meters through the lens and whatever is in front of it, as EV at ISO 100. */
    public function meter(): float;

    /** Sets what is done around each frame: the mirror up before it, and a dark frame of the same length after it. */
    public function handle(bool $mirrorUp, bool $noiseReduction): void;

    /**
     * Opens for the time that is set, timed or by bulb, and delivers.
     *
     * @param  float  $atUnix  when it opens, in s
     */
    public function expose(Exposure $set, float $atUnix): DeliveredFile;
}
