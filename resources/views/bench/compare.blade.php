<x-layout title="Compare" here="compare" script="compare">
    <div class="title-line">
        <h1>
            {{ ucfirst($bench->moving->kind->label()) }}, time against time
            <small>The same water each time, drawn for this distance and lens</small>
        </h1>
        <a class="button" href="{{ route('bench') }}">Back to the bench</a>
    </div>
    <div class="compare-page">
        <form class="light-form" method="get" action="{{ route('compare') }}">
            @for ($i = 0; $i < 4; $i++)
                <span class="compare-time"><label for="f-t-{{ $i }}">{{ ['first', 'second', 'third', 'fourth'][$i] }}</label>
                    <input class="input" id="f-t-{{ $i }}" name="t[]"
                        value="{{ $written[$i] ?? '' }}" placeholder="{{ $shown[$i]['label'] ?? '' }}" autocomplete="off" inputmode="text"
                        @if ($problems->has('t.'.$i)) aria-invalid="true" aria-describedby="f-t-{{ $i }}-problem" @endif></span>
            @endfor
            <label class="tick is-inline"><input type="checkbox" name="as" value="wipe" @checked($wipe)> wipe</label>
            <button class="button">Draw</button>
            <label class="compare-time not-on-paper">Enlarged
                <select class="input" data-zoom>
                    <option value="0">whole</option><option value="1">100 %</option><option value="2">200 %</option>
                </select></label>
            <button type="button" class="button not-on-paper" data-print>Print</button>
            <p class="hint">
                A time like 1/10, “6 stops” of filter on the base reading of {{ $bench->reading->exposure->shutter->label() }}, or a filter
                by its name. Enlarged, drag one picture, or press the arrows on it: all follow.
            </p>
        </form>
        @foreach ($problems->all() as $i => $problem)
            <p class="problem" role="alert"
                id="f-t-{{ (int) str_replace('t.', '', (string) array_keys($problems->toArray())[$i]) }}-problem">
                {{ $problem }}
            </p>
        @endforeach
        @include('bench.seeing')
        <noscript><p class="said">
                The pictures are drawn by a script, which is switched off here; the looks under them are not.
            </p></noscript>
        @if ($wipe && count($shown) > 1)
            <figure class="compare is-wipe">
                <x-water-picture :scene="$scene" :times="array_column($shown, 'seconds')"
                    :cast="$bench->seeing()->drawnCast()" :bias="$bench->question->bias->value" :light="$bench->seeing()->now?->value"
                    aria-label="The water at {{ implode(', ', array_column($shown, 'label')) }}, left to right"/>
                <input type="range" id="wipe-at" min="0" max="100" value="50" aria-label="Where the first time ends">
                <figcaption>
                    @foreach ($shown as $t)<span><b>{{ $t['label'] }}</b>
                            @if ($t['glass']){{ $t['glass'] }}, @endif{{ $t['look'] }},
                            {{ number_format(100 * $t['kept']) }} % kept</span>@endforeach
                </figcaption>
            </figure>
        @else
            <div @class(['compares', 'is-four' => count($shown) > 2])>
                @foreach ($shown as $t)
                    <figure class="compare">
                        <x-water-picture :scene="$scene" :seconds="$t['seconds']"
                            :cast="$t['cast']" :bias="$bench->question->bias->value" :light="$bench->seeing()->now?->value"
                            aria-label="The water at {{ $t['label'] }}: {{ $t['look'] }}"/>
                        <figcaption>
                            <b>{{ $t['label'] }}</b>
                            <span>@if ($t['glass']){{ $t['glass'] }}: @endif{{ $t['look'] }},
                                {{ number_format(100 * $t['kept']) }} % of the drawing left</span>
                        </figcaption>
                    </figure>
                @endforeach
            </div>
        @endif
    </div>
    <script type="application/json" id="recipe" data-of="{{ route('scene') }}?{{ $scene }}">@json($recipe)</script>
</x-layout>
