@php($at = fn (string $field) => $errors->first($field) ?: null)
@php($n = fn (?float $value) => $value === null ? '' : $write->number($value, 3))
<x-layout title="{{ $place->exists ? $place->name : 'New place' }}" here="places" script="page">
    <x-first-steps form/>
    <div class="narrow-page">
        <h1>{{ $place->exists ? $place->name : 'A new place' }}</h1>
        <form method="post" action="{{ $place->exists ? route('places.update', $place) : route('places.store') }}">
            <x-once/> @if ($place->exists) @method('put') <input type="hidden" name="as_seen" value="{{ $asSeen($place) }}"> @endif
            <x-entry name="name" label="Name" class="is-wide"
                :value="old('name', $place->exists ? $place->name : '')" :problem="$at('name')"/>
            <x-entry name="position" label="Position" class="is-wide"
                :value="old('position', $write->position($place->latitude, $place->longitude))" :problem="$at('position')"
                hint="56.53, -9.86 or 56°31.8'N 9°51.6'W or a GPX waypoint" hx-get="{{ route('places.stations') }}"
                hx-trigger="input changed delay:300ms, load" hx-include="closest form" hx-target="#stations"/>
            <x-by-phone does="locate" field="f-position" label="Where I stand now"/>
            <x-entry name="facing_deg" label="Facing" unit="°" bearing
                :value="old('facing_deg', $n($place->facing_deg))" :problem="$at('facing_deg')" inputmode="decimal"
                hint="Where the lens points"/>
            <x-by-phone does="point" field="f-facing_deg" label="Where this phone points"/>
            <x-entry name="timezone" label="Time zone" class="is-wide"
                :value="old('timezone', $place->exists ? $place->timezone : '')" :problem="$at('timezone')"
                hint="Left out, by the position"/>
            <fieldset>
                <legend>Tide</legend>
                <x-entry name="tide" label="From" :problem="$at('tide')">
                    <select id="f-tide" name="tide" class="pick">
                        @foreach ($sources as $source)
                            <option value="{{ $source->value }}"
                                @selected(old('tide', $place->exists ? $place->tide->value : 'station') === $source->value)>
                                {{ $source->label() }}
                            </option>
                        @endforeach
                    </select>
                </x-entry>
                <x-entry name="station_id" label="Station" class="is-wide"
                    :value="old('station_id', $place->station_id)" :problem="$at('station_id')"/>
                <div id="stations" class="stations" aria-live="polite"></div>
                <details @if (old('tide', $place->exists ? $place->tide->value : '') === 'offsets') open @endif>
                    <summary class="hint">My offsets: later and higher than the station</summary>
                    <x-entry name="high_minutes" label="High water later by"
                        unit="min" :value="old('high_minutes', $n($place->high_minutes))" :problem="$at('high_minutes')"/>
                    <x-entry name="low_minutes" label="Low water later by"
                        unit="min" :value="old('low_minutes', $n($place->low_minutes))" :problem="$at('low_minutes')"/>
                    <x-entry name="high_m" label="High water higher by"
                        unit="m" :value="old('high_m', $n($place->high_m))" :problem="$at('high_m')"/>
                    <x-entry name="low_m" label="Low water higher by"
                        unit="m" :value="old('low_m', $n($place->low_m))" :problem="$at('low_m')"/>
                </details>
                <details @if (old('tide', $place->exists ? $place->tide->value : '') === 'table' || $at('table')) open @endif>
                    <summary class="hint">My table of high and low waters</summary>
                    <label for="f-table" class="note-label">A line each: date, time, metres, H or L. Or calendar events.</label>
                    <textarea class="textarea" id="f-table" name="table" rows="5" placeholder="2026-10-18, 05:42, 4.9, H" @if ($at('table'))
                        aria-invalid="true" aria-describedby="f-table-problem" @endif>{{ old('table') }}</textarea>
                    @if ($at('table'))<p class="problem" id="f-table-problem">{{ $at('table') }}</p>@endif
                </details>
            </fieldset>
            <fieldset>
                <legend>Stand and way out</legend>
                <x-entry name="stand_m" label="Stand level" unit="m"
                    :value="old('stand_m', $n($place->stand_m))" :problem="$at('stand_m')"
                    hint="Above the tide's datum; left out, no get-off time"/>
                <x-entry name="way_out_m" label="Lowest point of the way out"
                    unit="m" :value="old('way_out_m', $n($place->way_out_m))" :problem="$at('way_out_m')"/>
                <x-entry name="walk_minutes" label="To pack and walk"
                    unit="min" :value="old('walk_minutes', $n($place->walk_minutes))" :problem="$at('walk_minutes')" inputmode="decimal"/>
                <x-entry name="margin_m" label="Margin" unit="m"
                    :value="old('margin_m', $n($place->margin_m))" :problem="$at('margin_m')" inputmode="decimal"/>
                <x-entry name="wave_height_m" label="Waves to reckon with"
                    unit="m" :value="old('wave_height_m', $n($place->wave_height_m))" :problem="$at('wave_height_m')" inputmode="decimal"/>
                <x-entry name="wave_period_s" label="their period"
                    unit="s" :value="old('wave_period_s', $n($place->wave_period_s))" :problem="$at('wave_period_s')" inputmode="decimal"/>
                <x-entry name="slope" label="Slope of the shore"
                    :value="old('slope', $n($place->slope))" :problem="$at('slope')" hint="Rise over run, 0.08 is a beach"
                    inputmode="decimal"/>
                <label class="tick"><input type="hidden" name="wall" value="0">
                    <input type="checkbox" name="wall" value="1" @checked(old('wall', $place->wall))> A wall or ledge: twice the run-up, a
                    rough figure</label>
            </fieldset>
            <label for="f-notes" class="note-label">Notes</label>
            <textarea class="textarea" id="f-notes" name="notes" rows="3">{{ old('notes', $place->notes) }}</textarea>
            <div class="foot-line">
                <button class="button is-go">Keep</button>
                <a class="button" href="{{ $place->exists ? route('places.show', $place) : route('places') }}">Leave it</a>
            </div>
        </form>
        @if ($place->exists)
            <form method="post" action="{{ route('places.destroy', $place) }}">
                @csrf @method('delete')<button class="button is-warn is-small">Delete the place</button>
            </form>
        @endif
    </div>
</x-layout>
