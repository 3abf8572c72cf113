<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Exposure\ShutterWindow;
use GentlePour\Kit\Bag;
use GentlePour\Sky\DayOfSky;
use GentlePour\Solving\Habits;

/** What is wanted of a day's light: a window of shutter time, with this bag and these habits. */
final readonly class BoardWish
{
    /** How long before sunrise and after sunset a look is held, and into the day, in seconds. */
    private const AROUND_S = 3000.0;

    public function __construct(
        public ShutterWindow $target,
        public Bag $bag,
        public Habits $habits,
        public string $words,
    ) {
    }

    /** @return list<array{float, float}> spans around sunrise and sunset */
    public function twilights(DayOfSky $sky): array
    {
        $spans = [];
        foreach (['rise', 'set'] as $event) {
            $unix = $sky->at($event);
            if ($unix !== null) {
                $spans[] = [$unix - self::AROUND_S, $unix + self::AROUND_S];
            }
        }

        return $spans;
    }
}
