<?php

declare(strict_types=1);

namespace GentlePour\Motion;

/** Water as the camera sees it move. */
interface MovingWater
{
    /** Share of the texture's contrast that is left after an open time in seconds, from 1 (all) to 0 (none). */
    public function textureKept(float $seconds): float;

    /** Speed in m/s at which its pattern crosses the frame. */
    public function speedMS(): float;

    /** Size in m of the smallest part of the texture that can be seen. */
    public function featureM(): float;

    /** How many waves pass in an open time; null where there are none. */
    public function waves(float $seconds): ?float;
}
