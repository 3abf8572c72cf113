@php($problemAt = fn (string $field) => $problems->first($field) ?: null)
<fieldset class="reading" id="bench-reading" @if ($outOfBand ?? false) hx-swap-oob="morph" @endif>
    <legend>Base reading</legend>
    <x-dial name="shutter" label="Shutter" dial="shutter" :value="$inputs['shutter']" :problem="$problemAt('shutter')"/>
    <x-dial name="aperture" label="Aperture" dial="aperture" :value="$inputs['aperture']" :problem="$problemAt('aperture')"/>
    <x-dial name="iso" label="ISO" dial="iso" :value="$inputs['iso']" :problem="$problemAt('iso')" inputmode="numeric"/>
    @if ($hasMeter)<button type="submit" class="button is-small meter-it" formaction="{{ route('bench.meter') }}">Meter it</button>@endif
    @if ($filters->isNotEmpty())
        <details class="on-lens" @if ($on !== [] || $problemAt('on')) open @endif>
            <summary>On the lens for it <b>{{ $filters->whereIn('id', $on)->pluck('name')->join(' + ') ?: 'nothing' }}</b></summary>
            @foreach ($filters as $filter)
                <label class="tick"><input type="checkbox" name="on[]" value="{{ $filter->id }}" @checked(in_array($filter->id, $on, true))>
                    {{ $filter->name }}</label>
            @endforeach
            @if ($problemAt('on'))<p class="problem">{{ $problemAt('on') }}</p>@endif
        </details>
    @endif
</fieldset>
