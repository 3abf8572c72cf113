{{-- What stands around a place, as figures. --}}
<form method="post" action="{{ route('places.around', $place) }}" id="around-kept">
    <details class="more" @if ($errors->getBag('around')->isNotEmpty() || ! isset($coast)) open @endif>
        <summary>Skyline, way out, swell and wind as figures</summary>
        @csrf
        @method('put')
        <input type="hidden" name="as_seen" value="{{ $asSeen($place) }}">
        @php($of = fn (string $field) => ($errors ?? null)?->getBag('around')->first($field) ?: null)
        @foreach ([
            ['skyline', 'Skyline: azimuth and altitude in degrees, clockwise', '90 0, 110 25, 130 0', $asked['skyline']],
            ['way_out', 'Way out from the stand, leg by leg: bearing, metres, level of its end', '250 35 5.6, 280 60 6.3', $place->way_out],
        ] as [$field, $words, $example, $kept])
            <label for="f-{{ $field }}" class="note-label">{{ $words }}</label>
            <textarea class="textarea" id="f-{{ $field }}" name="{{ $field }}" rows="3" placeholder="{{ $example }}" @if ($of($field))
                aria-invalid="true" aria-describedby="f-{{ $field }}-problem" @endif>{{ old($field, $kept) }}</textarea>
            @if ($of($field))<p class="problem" id="f-{{ $field }}-problem">{{ $of($field) }}</p>@endif
            @if ($field === 'skyline')<x-by-phone does="skyline" field="f-skyline" label="Sight a point along this phone"/>@endif
        @endforeach
        <p class="hint">Read off a compass, with an M behind it: 94M 0, 114M 25. It is turned to true north.</p>
        <x-entry name="swell_from_deg" label="Swell mostly from" bearing
            unit="°" :value="old('swell_from_deg', $place->swell_from_deg)" :problem="$of('swell_from_deg')" inputmode="decimal"/>
        <x-entry name="wind_from_deg" label="Wind mostly from" bearing
            unit="°" :value="old('wind_from_deg', $place->wind_from_deg)" :problem="$of('wind_from_deg')" inputmode="decimal"/>
        <div class="foot-line"><button class="button">Keep what stands around</button></div>
    </details>
</form>
