<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Models\Subject;
use App\Rooms\Kit\KitShelf;
use App\Rooms\Learned\OwnLooks;
use GentlePour\InvalidValue;
use GentlePour\Kit\Sensor;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Look;
use Illuminate\Support\Facades\Cache;

/** How long silk takes for each subject, with the first camera, at its focal length or the first lens’s. */
final readonly class SilkTimes
{
    private const FOCAL_MM = 24.0;

    public function __construct(private KitShelf $shelf, private OwnLooks $looks)
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
            $focal = $subject->focal_mm ?? $this->shelf->lenses()->first()->focal_min_mm ?? self::FOCAL_MM;
            $time = $this->kept($subject, $sensor, $focal);
            $times += $time === '' ? [] : [$subject->id => $time];
        }

        return $times;
    }

    /** Worked out when something of it changes; empty where there is no such time. */
    private function kept(Subject $subject, Sensor $sensor, float $focal): string
    {
        $water = array_diff_key($subject->getAttributes(), ['updated_at' => 1]);
        $of = sha1(serialize([$water, (array) $sensor, $focal, $this->looks->bounds()]));
        /** @var array{of: string, time: string}|null $kept */
        $kept = Cache::get('silk:'.$subject->id);
        if ($kept === null || $kept['of'] !== $of) {
            $kept = ['of' => $of, 'time' => $this->time($subject, $sensor, $focal)];
            Cache::forever('silk:'.$subject->id, $kept);
        }

        return $kept['time'];
    }

    private function time(Subject $subject, Sensor $sensor, float $focal): string
    {
        try {
            $framing = new Framing($sensor, $focal, $subject->distance_m);

            $bands = $this->looks->bands($subject->water()->orUsual()->in($framing), $framing);

            return $bands->band(Look::Silk)?->window()->best->label() ?? '';
        } catch (InvalidValue) {
            return ''; // Kept before its bounds were what they are: the bench says what is wrong with it.
        }
    }
}
