<div id="bench-page">
@if ($bench)
    <form id="shoot-this" method="post" action="{{ route('shoot.plan', $bench->form->toQuery()) }}">@csrf</form>
    <form id="pack-release" method="post" action="{{ route('kit.release') }}">@csrf @method('put')</form>
    <form id="make-list" method="post" action="{{ route('lists.store', $bench->form->toQuery()) }}">@csrf</form>
@endif
<form id="bench" class="bench" method="get" action="{{ route('bench') }}" hx-get="{{ route('bench') }}" hx-trigger="change delay:20ms" hx-target="#bench-page"
    hx-swap="morph:outerHTML" hx-replace-url="true" hx-sync="this:replace">
    <button type="submit" class="is-sr-only" tabindex="-1" aria-hidden="true">Work it out</button>
    @if ($bench)
        @include('bench.answer')
        @include('bench.picture')
    @else
        <p class="said is-problem" role="alert">The bench could not be worked out. Mend what is marked below; nothing you typed is lost.</p>
    @endif
    <div class="bench-columns">
        @include('bench.inputs')
        @if ($bench)
            <div class="bench-right">
                @include('bench.preview')
                @include('bench.ways')
                @include('bench.more')
            </div>
        @endif
    </div>
    @if ($bench)
        <aside class="cautions" aria-label="Cautions">
            @foreach ($bench->cautions() as $caution)<p>{{ $caution }}</p>@endforeach
        </aside>
    @endif
</form>
</div>
