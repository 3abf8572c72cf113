<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Models\Subject;
use App\Rooms\Kit\KitShelf;
use GentlePour\InvalidValue;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBands;

/** How long silk takes for each subject, with the first camera, at its focal length or the first lens’s. */
final readonly class SilkTimes
{
    private const FOCAL_MM = 24.0;

    public function __construct(private KitShelf $shelf)
    {
    }

    /**
     * @param  iterable<Subject>  $subjects
     * @return array<int, string> by number; none for a water that is never silk there, or without a camera
     */
    public function of(iterable $subjects): array
    {
        $sensor = $this->shelf->cameras()->first()?->sensor();
        if ($sensor === null) {
            return [];
        }
        $times = [];
        foreach ($subjects as $subject) {
            try {
                $focal = $subject->focal_mm ?? $this->shelf->lenses()->first()->focal_min_mm ?? self::FOCAL_MM;
                $framing = new Framing($sensor, $focal, $subject->distance_m);
                $band = LookBands::of($subject->water()->orUsual()->in($framing), $framing)->band(Look::Silk);
                $times += $band === null ? [] : [$subject->id => $band->window()->best->label()];
            } catch (InvalidValue) {
                continue; // Kept before its bounds were what they are: the bench says what is wrong with it.
            }
        }

        return $times;
    }
}
