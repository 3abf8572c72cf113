<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\InvalidValue;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\MessageBag;

/** Two to four open times of the picture on the bench: written as times, or as stops of filter on the base reading. */
final class CompareRequest extends FormRequest
{
    private const AT_MOST = 4;

    private MessageBag $found;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [];
    }

    /** The bench as it was left. */
    public function bench(): Bench
    {
        return Bench::of([...BenchInputs::defaults(), ...(array) $this->session()->get('bench', [])]);
    }

    /** @return list<string> as typed; where nothing was typed, a stop either side of the target */
    public function written(): array
    {
        $given = $this->query('t');
        $given = is_array($given) ? array_slice(array_values(array_filter($given, is_string(...))), 0, self::AT_MOST) : [];

        return array_map(static fn (string $t): string => mb_substr(trim($t), 0, 40), $given);
    }

    public function wipes(): bool
    {
        return $this->query('as') === 'wipe';
    }

    /** @return non-empty-list<ShutterTime> */
    public function times(Bench $bench): array
    {
        $this->found = new MessageBag;
        $times = [];
        foreach ($this->written() as $i => $written) {
            if ($written === '') {
                continue;
            }
            try {
                $times[] = preg_match('/^(\d+(?:\.\d+)?)\s*stops?$/i', $written, $m) === 1
                    ? $bench->reading->exposure->shutter->plus(Stops::of((float) $m[1]))
                    : ShutterTime::parse($written);
            } catch (InvalidValue $e) {
                $this->found->add('t.'.$i, $e->getMessage());
            }
        }
        $best = $bench->window->best;

        return $times !== [] ? $times : [$best->plus(Stops::of(-1.0)), $best->plus(Stops::of(1.0))];
    }

    public function problems(): MessageBag
    {
        return $this->found;
    }
}
