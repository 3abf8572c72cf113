@isset($stations)
    @if ($zone !== null)<p class="hint" id="f-timezone-hint" hx-swap-oob="true">Left out, by the position: {{ $zone }}</p>@endif
    @if ($isFar)
        <p class="warn">No station lies near: where the water has no tide, choose “{{ $none }}” above.</p>
    @endif
    <p class="hint">Nearest stations. Near is not the same: round a headland or up an inlet the tide differs.</p>
    @if ($differ && ! $isFar)
        <p class="warn">
            The nearest stations differ: spring ranges from {{ $write->metres($differ[0]) }} to {{ $write->metres($differ[1]) }}. A headland
            or a strait may lie between; check with sightings.
        </p>
    @endif
    @foreach ($stations as $station)
        <label class="tick"><input type="radio" name="near" value="{{ $station['id'] }}"
                @checked($station['id'] === $chosen) data-fills="f-station_id">
            {{ $station['name'] }}{{ $station['country'] !== '' ? ', '.$station['country'] : '' }}{{ $station['madeUp'] ? ' (made up)'
                : '' }},
            {{ number_format($station['distanceKm'], $station['distanceKm'] < 10 ? 1 : 0) }} km</label>
    @endforeach
@endisset
@isset($problem)
    <p class="problem">{{ $problem }}</p>
@endisset
