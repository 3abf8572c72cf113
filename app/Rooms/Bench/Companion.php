<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use GentlePour\Exposure\ShutterTime;
use GentlePour\Motion\MovingSubject;

/** A time that holds something still which moves beside the water. */
final readonly class Companion
{
    public function __construct(
        public MovingSubject $what,
        public ShutterTime $time,
    ) {
    }
}
