{{-- How the pictures are seen. None of it is part of the bench: no field has a name, a script keeps them on this device. --}}
@php($seeing = $bench->seeing())
<details class="seeing">
    <summary>Light, filters and shape of the picture</summary>
    <div class="seeing-fields">
        <label>Light
            <select class="input" data-see="light">
                @if ($seeing->now)<option value="">of this hour: {{ $seeing->now->words() }}</option>@endif
                @foreach ($seeing->lights as $light)<option value="{{ $light->value }}">{{ $light->words() }}</option>@endforeach
            </select></label>
        <label>Brightness
            <select class="input" data-see="bias">
                <option value="">as on the bench</option>
                @foreach (['0' => 'as metered', '-0.3333' => '−1/3', '-0.6667' => '−2/3', '-1' => '−1', '0.3333' => '+1/3',
                    '0.6667' => '+2/3', '1' => '+1'] as $bias => $words)
                    <option value="{{ $bias }}">{{ $words }}</option>
                @endforeach
            </select></label>
        <label>Graduated filter
            <select class="input" data-see="graduated">
                <option value="0">none</option>
                @foreach ([1, 2, 3, 4] as $stops)
                    <option value="{{ $stops }}">{{ $stops }} {{ $stops === 1 ? 'stop' : 'stops' }}</option>
                @endforeach
            </select></label>
        <label>its edge
            <input type="range" min="5" max="80" value="40" data-see="graduatedAt"
                aria-label="Where the graduated filter ends, from the top"></label>
        <label>Shape
            <select class="input" data-see="shape">
                <option value="">the camera’s</option>
                @foreach (['3:2', '4:3', '1:1', '16:9', '65:24'] as $shape)<option>{{ $shape }}</option>@endforeach
                <option value="own">own</option>
            </select></label>
        <label data-own hidden>wide : high
            <input class="input" data-see="own" placeholder="5:4" inputmode="text" autocomplete="off" maxlength="12"></label>
        <label class="tick"><input type="checkbox" data-see="upright"> upright</label>
        <label class="tick"><input type="checkbox" data-see="mono"> black and white</label>
        <label class="tick"><input type="checkbox" data-see="polariser"> polariser</label>
        @if ($seeing->cast)<label class="tick"><input type="checkbox" data-see="cast"> through the glass:
                {{ $seeing->cast->words() }}</label>@endif
        @foreach ($seeing->things as $thing)<label class="tick"><input type="checkbox" data-see="{{ $thing->value }}">
                {{ $thing->words() }}</label>@endforeach
        <label class="tick"><input type="checkbox" data-see="blink"> blink what clips</label>
        <button type="button" class="button is-small" data-see-plain>As it was</button>
    </div>
    <p class="hint" data-clipped></p>
</details>
