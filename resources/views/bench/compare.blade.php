<x-layout title="Compare" here="compare" script="compare">
    <div class="title-line"><h1>{{ ucfirst($bench->moving->kind->label()) }}, time against time <small>The same water each time, drawn for this distance and lens</small></h1>
        <a class="button" href="{{ route('bench') }}">Back to the bench</a></div>
    <form class="light-form" method="get" action="{{ route('compare') }}">
        @for ($i = 0; $i < 4; $i++)
            <span class="compare-time"><label for="f-t-{{ $i }}">{{ ['first', 'second', 'third', 'fourth'][$i] }}</label>
            <input class="input" id="f-t-{{ $i }}" name="t[]" value="{{ $written[$i] ?? '' }}" placeholder="{{ $shown[$i]['label'] ?? '' }}" autocomplete="off" inputmode="text" @if ($problems->has('t.'.$i)) aria-invalid="true" aria-describedby="f-t-{{ $i }}-problem" @endif></span>
        @endfor
        <label class="tick is-inline"><input type="checkbox" name="as" value="wipe" @checked($wipe)> wipe</label>
        <button class="button">Draw</button>
        <p class="hint">A time like 1/10, or “6 stops” of filter on the base reading of {{ $bench->reading->exposure->shutter->label() }}.</p>
    </form>
    @foreach ($problems->all() as $i => $problem)<p class="problem" role="alert" id="f-t-{{ (int) str_replace('t.', '', (string) array_keys($problems->toArray())[$i]) }}-problem">{{ $problem }}</p>@endforeach
    <noscript><p class="said">The pictures are drawn by a script, which is switched off here; the looks under them are not.</p></noscript>
    @if ($wipe && count($shown) > 1)
        <figure class="compare is-wipe">
            <canvas data-scene="{{ route('scene') }}?{{ $scene }}" data-times='@json(array_column($shown, 'seconds'))' width="600" height="400" role="img" aria-label="The water at {{ implode(', ', array_column($shown, 'label')) }}, left to right"></canvas>
            <input type="range" id="wipe-at" min="0" max="100" value="50" aria-label="Where the first time ends">
            <figcaption>@foreach ($shown as $t)<span><b>{{ $t['label'] }}</b> {{ $t['look'] }}, {{ number_format(100 * $t['kept']) }} % kept</span>@endforeach</figcaption>
        </figure>
    @else
        <div @class(['compares', 'is-four' => count($shown) > 2])>
            @foreach ($shown as $t)
                <figure class="compare">
                    <canvas data-scene="{{ route('scene') }}?{{ $scene }}" data-seconds="{{ $t['seconds'] }}" width="600" height="400" role="img" aria-label="The water at {{ $t['label'] }}: {{ $t['look'] }}"></canvas>
                    <figcaption><b>{{ $t['label'] }}</b> <span>{{ $t['look'] }}, {{ number_format(100 * $t['kept']) }} % of the drawing left</span></figcaption>
                </figure>
            @endforeach
        </div>
    @endif
    <script type="application/json" id="recipe" data-of="{{ route('scene') }}?{{ $scene }}">@json($recipe)</script>
</x-layout>
