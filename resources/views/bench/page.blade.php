<div id="bench-page">
    <span id="bench-asks" hidden hx-get="{{ route('bench') }}"
        hx-include="#bench" hx-trigger="ask" hx-target="#bench-page" hx-swap="morph:outerHTML" hx-replace-url="true" hx-sync="this:replace"
        hx-request='{"timeout":8000}'></span>
    <form id="bench" class="bench" method="get" action="{{ route('bench') }}" data-state="{{ $bench ? 'fresh' : 'refused' }}">
        <button type="submit" class="button is-go work-it-out" tabindex="-1">Work it out</button>
        @if ($bench)
            @include('bench.answer')
            @include('bench.reading')
            @include('bench.rule')
            @include('bench.picture')
            <div class="bench-columns">
                @include('bench.inputs')
                <div class="bench-right">
                    @include('bench.preview')
                    @include('bench.ways')
                    @include('bench.more')
                </div>
            </div>
            <aside class="cautions" aria-label="Cautions">
                @foreach ($bench->cautions() as $caution)<p>{{ $caution }}</p>@endforeach
            </aside>
        @else
            <x-mend :messages="$problems->getMessages()">
                @include('bench.reading')
                <div class="bench-columns">@include('bench.inputs')</div>
            </x-mend>
        @endif
    </form>
</div>
