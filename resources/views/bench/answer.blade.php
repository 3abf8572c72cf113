@php($way = $bench->picked)
<section class="headline" aria-live="polite">
    <h1>{{ ucfirst($bench->band->look->value) }} in the {{ $bench->moving->kind->label() }}
        <small>{{ $bench->band->look->words() }}</small></h1>
    @if ($way)
        <p class="settings">
            <span class="figure">{{ $way->shutterLabel() }}</span>
            <span class="figure">{{ $way->aperture->label() }}</span>
            <span class="figure"><i>ISO</i> {{ $way->iso->label() }}</span>
            <span class="figure is-filters">@if ($way->filters->count() > 0)<i>with</i> {{ $way->filters->label() }}@else<i>no filter</i>@endif</span>
        </p>
        <button class="button is-go" type="submit" form="shoot-this" name="way" value="{{ $way->key() }}">Shoot this</button>
    @else
        <p class="settings"><span class="figure is-none">Nothing in the bag gives {{ $bench->window->best->label() }}</span></p>
    @endif
</section>
<section class="aim" aria-label="Look and target">
    <fieldset class="looks">
        <legend class="is-sr-only">Look</legend>
        @foreach ($looks as $look)
            @php($band = $bench->moving->bands->band($look))
            <label @class(['look', 'is-absent' => $band === null]) title="{{ $look->words() }}">
                <input type="radio" name="look" value="{{ $look->value }}" @checked($look === $bench->band->look) @disabled($band === null)>
                <span>{{ $look->value }}</span>
            </label>
        @endforeach
    </fieldset>
    <input type="hidden" name="look_was" value="{{ $bench->band->look->value }}">
    <div class="target-entry">
        <label for="f-target">Target</label>
        <input class="input" id="f-target" name="target" value="{{ $inputs['target'] }}" placeholder="{{ $bench->window->best->label() }}" autocomplete="off" data-dial="shutter"
            data-place="{{ $bench->window->best->label() }}">
    </div>
    <p class="kept">
        <span><b>{{ number_format(100 * $says->textureKept(), 0) }}&hairsp;%</b> texture kept</span>
        <span>streak <b>{{ $says->streakLabel() }}</b></span>
        @if ($says->waves() !== null)
            <span><b>{{ number_format($says->waves(), 1) }}</b> waves</span>
        @endif
        @if ($bench->taste->verdicts > 0 || abs($bench->taste->stops) > 0.005)
            <span><a href="{{ route('water') }}">taste</a> <b>{{ $write->stops($bench->taste->stops, 1) }}</b></span>
        @endif
    </p>
</section>
@if ($says->rhythm())
    <p class="rhythm">{{ ucfirst($says->rhythm()->words()) }}. {{ $says->rhythm()->moment($bench->moving->kind) }}</p>
@endif
@foreach ($rules as $rule)
    <x-stop-rule :rule="$rule"/>
@endforeach
