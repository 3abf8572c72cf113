@php($way = $bench->picked)
<section class="headline" aria-live="polite">
    <h1>{{ ucfirst($bench->band->look->value) }} in the {{ $bench->moving->kind->label() }}
        <small>{{ $bench->band->look->words() }}</small></h1>
    @if ($way)
        <p class="settings">
            <span class="figure">{{ $way->shutterLabel() }}</span>
            <span class="figure">{{ $way->aperture->label() }}</span>
            <span class="figure"><i>ISO</i> {{ $way->iso->label() }}</span>
            <span class="figure is-glass">@if ($way->filters->count() > 0)<i>with</i> {{ $way->filters->label() }}@else<i>no filter</i>@endif</span>
        </p>
        <button class="button is-go" type="submit" form="shoot-this" name="way" value="{{ \App\Rooms\Bench\Bench::key($way) }}">Shoot this</button>
    @else
        <p class="settings"><span class="figure is-none">Nothing in the bag gives {{ $bench->window->best->label() }}</span></p>
    @endif
</section>
<section class="aim" aria-label="Look and target">
    <fieldset class="looks">
        <legend class="is-sr-only">Look</legend>
        @foreach (\GentlePour\Motion\Look::cases() as $look)
            @php($band = $bench->moving->bands->band($look))
            <label @class(['look', 'is-absent' => $band === null]) title="{{ $look->words() }}">
                <input type="radio" name="look" value="{{ $look->value }}" @checked($look === $bench->band->look) @disabled($band === null)>
                <span>{{ $look->value }}</span>
            </label>
        @endforeach
    </fieldset>
    <input type="hidden" name="look_was" value="{{ $bench->band->look->value }}">
    <div @class(['target-entry', 'has-problem' => $problems->has('target')])>
        <label for="f-target">Target</label>
        <input class="input" id="f-target" name="target" value="{{ $inputs['target'] }}" placeholder="{{ $bench->window->best->label() }}" autocomplete="off" data-dial="shutter"
            data-place="{{ $bench->window->best->label() }}">
    </div>
    <p class="kept">
        <span><b>{{ number_format(100 * $bench->says()->textureKept(), 0) }}&hairsp;%</b> texture kept</span>
        <span>streak <b>{{ $bench->says()->streakLabel() }}</b></span>
        @if ($bench->moving->water->waves(1.0) !== null)
            <span><b>{{ number_format($bench->moving->water->waves($bench->window->best->seconds), 1) }}</b> waves</span>
        @endif
        @if ($bench->taste->verdicts > 0 || abs($bench->taste->stops) > 0.005)
            <span><a href="{{ route('water') }}">taste</a> <b>{{ \GentlePour\Exposure\Stops::of(round($bench->taste->stops, 1))->label() }}</b></span>
        @endif
    </p>
</section>
@if ($bench->says()->rhythm())
    <p class="rhythm">{{ ucfirst($bench->says()->rhythm()->words()) }}. {{ $bench->says()->rhythm()->moment($bench->moving->kind) }}</p>
@endif
@foreach ($rules as $rule)
    <x-stop-rule :rule="$rule"/>
@endforeach
