<?php

declare(strict_types=1);

namespace GentlePour\Field;

use GentlePour\Exposure\ShutterTime;
use GentlePour\Outing\SheetWords;

/** The times that occur in the tables of a field file, each written down once: label, seconds, whether it is bulb, how it is set. */
final class Times
{
    /** @var list<array{label: string, seconds: float, bulb: bool, manual: string}> */
    private array $times = [];

    /** @var array<string, int> */
    private array $places = [];

    /** @return int its place among them */
    public function place(ShutterTime $time, ShutterTime $longestTimed, bool $bulb): int
    {
        $label = $time->label($longestTimed);
        $key = ($bulb ? 'bulb ' : '').round(3000 * log($time->seconds, 2));
        if (! isset($this->places[$key])) {
            $this->places[$key] = count($this->times);
            $this->times[] = [
                'label' => $label, 'seconds' => (float) sprintf('%.7g', $time->seconds), 'bulb' => $bulb,
                'manual' => SheetWords::manual($label, $bulb),
            ];
        }

        return $this->places[$key];
    }

    /** @return list<array{label: string, seconds: float, bulb: bool, manual: string}> */
    public function all(): array
    {
        return $this->times;
    }
}
