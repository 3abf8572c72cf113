<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use GentlePour\Exposure\ShutterWindow;
use GentlePour\Kit\Bag;
use GentlePour\Solving\Habits;

/** What is wanted of a day's light: a window of shutter time, with this bag and these habits. */
final readonly class WantedFrame
{
    public function __construct(
        public ShutterWindow $target,
        public Bag $bag,
        public Habits $habits,
        public string $words,
    ) {
    }
}
