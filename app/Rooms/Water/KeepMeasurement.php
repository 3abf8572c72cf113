<?php

declare(strict_types=1);

namespace App\Rooms\Water;

use App\Forms\Typed;
use App\Models\Measurement;
use App\Models\MeasurementKind;
use GentlePour\InvalidValue;
use Illuminate\Support\Carbon;

/** Keeps a measurement with the time and the place. */
final class KeepMeasurement
{
    /** @throws InvalidValue when values that are each valid do not go together */
    public function __invoke(MeasurementKind $kind, Typed $typed): Measurement
    {
        $data = (new Worked($kind, $typed))->data();
        $last = $typed->number('last_ms');

        return Measurement::query()->create([
            'kind' => $kind,
            'place_id' => $typed->id('place_id') ?: null,
            'note' => $typed->has('note') ? $typed->text('note') : null,
            'data' => array_filter($data + ['last_ms' => $last], static fn (mixed $v): bool => $v !== null),
            'measured_at' => match (true) {
                $typed->has('observed_at') => Carbon::parse($typed->text('observed_at'), 'UTC'),
                $last !== null => Carbon::createFromTimestampMs($last, 'UTC'),
                default => now(),
            },
        ]);
    }
}
