<x-entry name="by" label="Measured by" :problem="$at('by')">
    <select id="f-by" name="by" class="pick">
        <option value="crossing">a cloud, timed</option>
        <option value="wind" @selected(old('by', $air ? 'wind' : '') === 'wind')>wind and height</option>
    </select>
</x-entry>
<div data-when="by=crossing">
    <svg class="thirds" viewBox="0 0 300 200" role="img" aria-label="The frame in thirds: time a cloud's edge from one line to the next">
        <rect width="300" height="200"/>
        <path d="M100 0V200M200 0V200M0 67H300M0 133H300"/>
        <path class="is-cloud" d="M100 44q12-26 38-18 22-18 42 6 22-2 20 16z"/>
        <path class="is-way" d="M104 84H192M182 77L193 84L182 91"/>
    </svg>
    <x-entry name="share" label="Across" unit="%" :value="old('share', '33')"
        :problem="$at('share')" inputmode="decimal" hint="A third of the frame is 33 %"/>
    <x-entry name="seconds" label="in" unit="s" :value="old('seconds')" :problem="$at('seconds')" inputmode="decimal"/>
    <p class="running" data-running>0.0 s</p>
    <button type="button" class="button pad" data-rapid data-turns="Start: an edge is at the line|Stop: it is at the next"
        data-keeps="spans" data-into="seconds" data-one>
        Start: an edge is at the line
    </button>
</div>
<div data-when="by=wind">
    <p class="hint">
        {{ $air ? 'Filled in from the '.$air[0].', which is made up.' : '' }}
        <a href="{{ route('water.tool', ['kind' => 'clouds', 'weather' => 1]) }}">Read the simulated weather</a>
    </p>
    <x-entry name="speed_m_s" label="Wind at the clouds" unit="wind"
        :value="old('speed_m_s', $air ? $write->number(2 * $air[1]->windMS, 1) : '')" :problem="$at('speed_m_s')" inputmode="decimal"
        hint="About twice the wind at the ground"/>
    <x-entry name="base_by" label="Their height by" :problem="$at('base_by')">
        <select id="f-base_by" name="base_by" class="pick">
            <option value="typed">metres</option>
            <option value="kind" @selected(old('base_by') === 'kind')>their kind</option>
            <option value="dew_point" @selected(old('base_by', $air ? 'dew_point' : '') === 'dew_point')>dew point</option>
        </select>
    </x-entry>
    <div data-when="base_by=typed">
        <x-entry name="base_m" label="Height" unit="m" :value="old('base_m')" :problem="$at('base_m')" inputmode="decimal"/>
    </div>
    <div data-when="base_by=kind">
        <x-entry name="cloud_kind" label="Kind" :problem="$at('cloud_kind')">
            <select id="f-cloud_kind" name="cloud_kind" class="pick">
                @foreach ($cloudKinds as $cloud)
                    <option value="{{ $cloud->value }}" @selected(old('cloud_kind') === $cloud->value)>
                        {{ $cloud->words() }}, {{ $write->metres($cloud->baseM(), 0) }}
                    </option>
                @endforeach
            </select>
        </x-entry>
    </div>
    <div data-when="base_by=dew_point">
        <x-entry name="temperature_c" label="Temperature" unit="°C"
            :value="old('temperature_c', $air ? $write->number($air[1]->airC, 1) : '')" :problem="$at('temperature_c')"
            inputmode="decimal"/>
        <x-entry name="dew_point_c" label="Dew point" unit="°C"
            :value="old('dew_point_c', $air ? $write->number($air[1]->dewPointC, 1) : '')" :problem="$at('dew_point_c')" inputmode="decimal"
            hint="125 m for each degree between them"/>
    </div>
    <x-entry name="elevation_deg" label="Above the horizon" unit="°"
        :value="old('elevation_deg', '20')" :problem="$at('elevation_deg')" inputmode="decimal"/>
    <x-entry name="across" label="They drift" :problem="$at('across')">
        <select id="f-across" name="across" class="pick">
            @foreach ($drifts as $drift)
                <option value="{{ $drift->value }}" @selected(old('across') === $drift->value)>{{ $drift->words() }}</option>
            @endforeach
        </select>
    </x-entry>
</div>
