@php($at = fn (string $field) => $errors->first($field) ?: null)
@php($n = fn (?float $value) => $value === null ? '' : $write->number($value, 2))
<x-layout title="{{ $record->exists ? $record->name : 'New '.$item }}" here="kit" script="page">
    <div class="narrow-page">
        <h1>{{ $record->exists ? $record->name : 'A new '.$item }}</h1>
        <form method="post" action="{{ $record->exists ? route('kit.update', [$item, $record->id]) : route('kit.store', $item) }}">
            <x-once/> <input type="hidden" name="as_seen" value="{{ $asSeen($record) }}"> @if ($record->exists) @method('put') @endif
            <x-entry name="name" label="Name" class="is-wide"
                :value="old('name', $record->exists ? $record->name : '')" :problem="$at('name')"/>
            @if ($item === 'camera')
                <x-entry name="sensor_width_mm" label="Sensor width"
                    unit="mm" :value="old('sensor_width_mm', $record->exists ? $n($record->sensor_width_mm) : '36')"
                    :problem="$at('sensor_width_mm')" inputmode="decimal"/>
                <x-entry name="sensor_height_mm" label="Sensor height"
                    unit="mm" :value="old('sensor_height_mm', $record->exists ? $n($record->sensor_height_mm) : '24')"
                    :problem="$at('sensor_height_mm')" inputmode="decimal"/>
                <x-entry name="pixels_wide" label="Pixels across"
                    :value="old('pixels_wide', $record->exists ? $record->pixels_wide : '')" :problem="$at('pixels_wide')"
                    inputmode="numeric" hint="May be left out; it sets where diffraction shows"/>
                <x-entry name="iso_base" label="Base ISO" :value="old('iso_base', $record->exists ? $write->iso($record->iso_base) : '100')"
                    :problem="$at('iso_base')" inputmode="numeric"/>
                <x-entry name="iso_low" label="Extended low ISO"
                    :value="old('iso_low', $record->exists && $record->iso_low !== null ? $write->iso($record->iso_low) : '')"
                    :problem="$at('iso_low')" inputmode="numeric" hint="If it has one"/>
                <x-entry name="iso_max" label="Highest you accept"
                    :value="old('iso_max', $record->exists ? $write->iso($record->iso_max) : '1600')" :problem="$at('iso_max')"
                    inputmode="numeric"/>
                <x-entry name="longest_timed" label="Longest timed shutter"
                    :value="old('longest_timed', $record->exists ? $write->time($record->longest_timed_s) : '30 s')"
                    :problem="$at('longest_timed')"/>
                <fieldset>
                    <legend>What the run sheet goes by</legend>
                    @foreach (['optical_finder' => 'An optical finder, to be covered', 'mirror' => 'A mirror that slaps up',
                        'stabiliser' => 'A stabiliser, in the body or the lens', 'raw' => 'Raw files'] as $field => $words)
                        <label class="tick"><input type="hidden" name="{{ $field }}" value="0">
                            <input type="checkbox" name="{{ $field }}" value="1" @checked(old($field, $record->$field))>
                            {{ $words }}</label>
                    @endforeach
                </fieldset>
                <details class="more"
                    @if ($at('battery_minutes') || $at('reciprocity') || ($record->battery_minutes ?? null) !== null
                        || ($record->reciprocity ?? 1.0) > 1.0) open @endif>
                    <summary>Battery, and film</summary>
                    <x-entry name="battery_minutes" label="Battery lasts, open"
                        unit="min" :value="old('battery_minutes', $n($record->exists ? $record->battery_minutes : null))"
                        :problem="$at('battery_minutes')" inputmode="decimal" hint="Minutes of open shutter; left out, no matter"/>
                    <x-entry name="reciprocity" label="Film’s exponent"
                        :value="old('reciprocity', $record->exists && $record->reciprocity > 1 ? $n($record->reciprocity) : '')"
                        :problem="$at('reciprocity')" inputmode="decimal" hint="t becomes t to this power beyond 1 s; a sensor has none"/>
                </details>
            @elseif ($item === 'lens')
                <x-entry name="focal_min_mm" label="Focal length from"
                    unit="mm" :value="old('focal_min_mm', $record->exists ? $n($record->focal_min_mm) : '')" :problem="$at('focal_min_mm')"
                    inputmode="decimal"/>
                <x-entry name="focal_max_mm" label="to" unit="mm"
                    :value="old('focal_max_mm', $record->exists ? $n($record->focal_max_mm) : '')" :problem="$at('focal_max_mm')"
                    inputmode="decimal" hint="Leave out for a fixed one"/>
                <x-entry name="widest" label="Widest aperture"
                    :value="old('widest', $record->exists ? $write->aperture($record->widest_f) : '')" :problem="$at('widest')"
                    inputmode="decimal"/>
                <x-entry name="smallest" label="Smallest aperture"
                    :value="old('smallest', $record->exists ? $write->aperture($record->smallest_f) : 'f/22')" :problem="$at('smallest')"
                    inputmode="decimal"/>
                <details class="more"
                    @if (collect(['widest_long', 'smallest_long', 'best_from', 'best_to'])->contains(fn ($f) => $at($f)
                        || ($record->exists && $record->{$f.'_f'} !== null))) open @endif>
                    <summary>Long end, and where it is best</summary>
                    @foreach (['widest_long' => 'Widest at the long end', 'smallest_long' => 'Smallest at the long end',
                        'best_from' => 'Best from', 'best_to' => 'to'] as $field => $label)
                        <x-entry :name="$field" :label="$label"
                            :value="old($field, $record->exists && $record->{$field.'_f'} !== null
                                ? $write->aperture($record->{$field.'_f'}) : '')"
                            :problem="$at($field)"/>
                    @endforeach
                </details>
                <x-entry name="thread_mm" label="Filter thread"
                    unit="mm" :value="old('thread_mm', $record->exists ? $n($record->thread_mm) : '')" :problem="$at('thread_mm')"
                    inputmode="decimal"/>
            @else
                <x-entry name="kind" label="Kind" :problem="$at('kind')">
                    <select id="f-kind" name="kind" class="pick">
                        @foreach ($filterKinds as $kind)
                            <option value="{{ $kind->value }}"
                                @selected(old('kind', $record->exists ? $record->kind->value : 'nd') === $kind->value)>
                                {{ $kind->label() }}
                            </option>
                        @endforeach
                    </select>
                </x-entry>
                <x-entry name="marking" label="Marked" :value="old('marking', $record->exists ? $record->marking : '')"
                    :problem="$at('marking')" hint="As engraved: ND64, 1.8, 8x, 6 stops, 2-8 stops" hx-get="{{ route('kit.marking') }}"
                    hx-trigger="input changed delay:200ms, load" hx-include="closest form" hx-target="#marking-says"/>
                <div id="marking-says" class="marking-says" aria-live="polite"></div>
                <x-entry name="measured_stops" label="Measured"
                    unit="stops" :value="old('measured_stops', $record->exists ? $n($record->measured_stops) : '')"
                    :problem="$at('measured_stops')" inputmode="decimal" hint="Counts before the marking"/>
                <details class="more"
                    @if (collect(['measured_on', 'cast_red', 'cast_blue', 'edge'])->contains(fn ($f) => $at($f)
                        || ($record->exists && $record->{$f} !== null))) open @endif>
                    <summary>Day, cast, edge</summary>
                    <x-entry name="measured_on" type="date" label="Measured on"
                        class="is-wide" :value="old('measured_on', $record->exists ? $record->measured_on?->format('Y-m-d') : '')"
                        :problem="$at('measured_on')" placeholder="2026-11-25"/>
                    <x-entry name="cast_red" label="Red against green"
                        unit="stops" :value="old('cast_red', $n($record->exists ? $record->cast_red : null))" :problem="$at('cast_red')"
                        inputmode="text" hint="Plus lets more red through"/>
                    <x-entry name="cast_blue" label="Blue against green"
                        unit="stops" :value="old('cast_blue', $n($record->exists ? $record->cast_blue : null))" :problem="$at('cast_blue')"
                        inputmode="text"/>
                    <x-entry name="edge" label="Edge, if graduated" :problem="$at('edge')">
                        <select id="f-edge" name="edge" class="pick">
                            <option value="">none</option>
                            @foreach ($edges as $edge)
                                <option value="{{ $edge }}" @selected(old('edge', $record->exists ? $record->edge : '') === $edge)>
                                    {{ $edge }}
                                </option>
                            @endforeach
                        </select>
                    </x-entry>
                </details>
                <x-entry name="mount" label="Goes" :problem="$at('mount')">
                    <select id="f-mount" name="mount" class="pick">
                        <option value="slot" @selected(old('mount', $record->exists ? $record->mount->value : 'slot') === 'slot')>
                            into a slot
                        </option>
                        <option value="thread" @selected(old('mount', $record->exists ? $record->mount->value : 'slot') === 'thread')>
                            on the thread
                        </option>
                    </select>
                </x-entry>
                @if ($slots === 0)
                    <x-entry name="slots" label="Slots of your holder"
                        :problem="$at('slots')" hint="For a filter that goes into a slot: how many the holder has">
                        <select id="f-slots" name="slots" class="pick">
                            @foreach (range(1, 5) as $count)
                                <option value="{{ $count }}" @selected((int) old('slots', 2) === $count)>{{ $count }}</option>
                            @endforeach
                        </select>
                    </x-entry>
                @endif
                <x-entry name="thread_mm" label="Its thread"
                    unit="mm" :value="old('thread_mm', $record->exists ? $n($record->thread_mm) : '')" :problem="$at('thread_mm')"
                    inputmode="decimal"/>
            @endif
            <div class="foot-line"><button class="button is-go">Keep</button> <a class="button" href="{{ route('kit') }}">Leave it</a></div>
        </form>
        @if ($record->exists)
            <form method="post" action="{{ route('kit.destroy', [$item, $record->id]) }}">
                @csrf @method('delete')<button class="button is-warn is-small">Take out of the kit</button>
            </form>
        @endif
    </div>
</x-layout>
