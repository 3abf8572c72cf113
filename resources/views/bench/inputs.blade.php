@php($at = fn (string $field) => $problems->first($field) ?: null)
@php($flow = $kind === null || ! $kind->isWaves())
@php($measure = $inputs['measure'] === 'drop' && $kind !== null && ! $kind->falls() ? 'speed' : $inputs['measure'])
<div id="bench-inputs" class="bench-inputs">
    @if ($at('form'))<p class="said is-problem" role="alert">{{ $at('form') }}</p>@endif
    @if ($problems->isNotEmpty())<p class="is-sr-only" role="alert">{{ $problems->count() }} {{ $problems->count() === 1 ? 'field needs' : 'fields need' }} mending.</p>@endif
    <fieldset>
        <legend>What moves</legend>
        @if ($subjects->isNotEmpty())
            <div class="entry">
                <label for="f-take">From a place</label>
                <span class="entry-value"><select id="f-take" name="take" class="pick">
                    <option value="">choose</option>
                    @foreach ($subjects as $subject)
                        <option value="{{ $subject->id }}">{{ $subject->place->name }}: {{ $subject->name }}</option>
                    @endforeach
                </select></span>
            </div>
        @endif
        <input type="hidden" name="subject" value="{{ $inputs['subject'] }}">
        <x-entry name="kind" label="Water" :problem="$at('kind')">
            <select id="f-kind" name="kind" class="pick">
                @foreach ($kinds as $choice)<option value="{{ $choice->value }}" @selected($choice === $kind)>{{ $choice->label() }}</option>@endforeach
            </select>
        </x-entry>
        @if ($flow)
            <x-entry name="measure" label="Measured by" :problem="$at('measure')">
                <select id="f-measure" name="measure" class="pick">
                    @if ($kind?->falls())<option value="drop" @selected($measure === 'drop')>drop height</option>@endif
                    <option value="speed" @selected($measure === 'speed')>its speed</option>
                    <option value="float" @selected($measure === 'float')>a float, timed</option>
                </select>
            </x-entry>
            @foreach ([['speed', 'speed', 'Speed', 'm/s'], ['drop', 'drop', 'Drop', 'm'], ['float', 'float_m', 'Float went', 'm'], ['float', 'float_s', 'in', 's']] as [$by, $name, $label, $unit])
                @if ($measure === $by)
                    <x-entry :name="$name" :label="$label" :unit="$unit" :value="$inputs[$name]" :problem="$at($name)" inputmode="decimal"/>
                @else
                    <input type="hidden" name="{{ $name }}" value="{{ $inputs[$name] }}">
                @endif
            @endforeach
            <input type="hidden" name="period" value="{{ $inputs['period'] }}">
        @else
            @foreach (['measure', 'speed', 'drop', 'float_m', 'float_s'] as $name)<input type="hidden" name="{{ $name }}" value="{{ $inputs[$name] }}">@endforeach
            <x-entry name="period" label="Period" unit="s" :value="$inputs['period']" :problem="$at('period')" inputmode="decimal"/>
            <div class="crests">
                <button type="button" class="button is-tap" data-crests="{{ route('bench.crests') }}">Press with each crest</button>
                <div id="crests-heard" aria-live="polite"><p class="hint">Five presses or more; the median counts.</p></div>
            </div>
        @endif
    </fieldset>
    <fieldset>
        <legend>Framing</legend>
        <x-entry name="camera" label="Camera" :problem="$at('camera')">
            <select id="f-camera" name="camera" class="pick">
                @foreach ($cameras as $camera)<option value="{{ $camera->id }}" @selected((string) $camera->id === (string) $inputs['camera'])>{{ $camera->name }}</option>@endforeach
            </select>
        </x-entry>
        <x-entry name="lens" label="Lens" :problem="$at('lens')">
            <select id="f-lens" name="lens" class="pick">
                @foreach ($lenses as $lens)<option value="{{ $lens->id }}" @selected((string) $lens->id === (string) $inputs['lens'])>{{ $lens->name }}</option>@endforeach
            </select>
        </x-entry>
        <x-entry name="focal" label="Focal length" unit="mm" :value="$inputs['focal']" :problem="$at('focal')" inputmode="decimal"/>
        <x-entry name="distance" label="Distance" unit="m" :value="$inputs['distance']" :problem="$at('distance')" inputmode="decimal"/>
    </fieldset>
    <fieldset>
        <legend>Base reading</legend>
        <x-dial name="shutter" label="Shutter" dial="shutter" :value="$inputs['shutter']" :problem="$at('shutter')"/>
        <x-dial name="aperture" label="Aperture" dial="aperture" :value="$inputs['aperture']" :problem="$at('aperture')"/>
        <x-dial name="iso" label="ISO" dial="iso" :value="$inputs['iso']" :problem="$at('iso')" inputmode="numeric"/>
        @if ($filters->isNotEmpty())
            <details class="on-lens" @if (($inputs['on'] ?: []) !== [] || $at('on')) open @endif>
                <summary>On the lens for it <b>{{ $filters->whereIn('id', $inputs['on'] ?: [])->pluck('name')->join(' + ') ?: 'nothing' }}</b></summary>
                @foreach ($filters as $filter)
                    <label class="tick"><input type="checkbox" name="on[]" value="{{ $filter->id }}" @checked(in_array((string) $filter->id, array_map('strval', (array) $inputs['on']), true))> {{ $filter->name }}</label>
                @endforeach
                @if ($at('on'))<p class="problem">{{ $at('on') }}</p>@endif
            </details>
        @endif
        <x-entry name="bias" label="Highlights" unit="stops" :value="$inputs['bias']" :problem="$at('bias')" inputmode="decimal" hint="Minus protects white water"/>
        <x-entry name="longest" label="No longer than" :value="$inputs['longest']" :problem="$at('longest')" placeholder="any time"/>
        <x-entry name="drift" label="Light drifts" unit="st/min" :value="$inputs['drift']" :problem="$at('drift')" inputmode="decimal" placeholder="steady" :hint="($bench ?? null)?->driftHint()"/>
        @if ((float) $inputs['correction'] !== 0.0 || $inputs['after'] !== '' || $at('correction'))
            <x-entry name="correction" label="From frame {{ $inputs['after'] }}" unit="stops" :value="$inputs['correction']" :problem="$at('correction')" inputmode="decimal" hint="What the last frame showed; 0 forgets it"/>
        @else
            <input type="hidden" name="correction" value="0">
        @endif
        <input type="hidden" name="after" value="{{ $inputs['after'] }}">
        @unless ($release)<p class="hint">No release in the bag: <a href="{{ route('kit') }}">change it in Kit</a>.</p>@endunless
    </fieldset>
</div>
