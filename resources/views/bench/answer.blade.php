@php($way = $bench->picked)
<section class="headline" aria-live="polite">
    <h1>
        {{ ucfirst($bench->band->look->value) }} in the {{ $bench->moving->kind->label() }}
        <small>{{ $bench->band->look->words() }}</small>
    </h1>
    @if ($way)
        <p class="settings">
            <span class="figure">{{ $way->shutterLabel() }}@if ($bench->form->aim->glass === '')<x-hold field="f-target" what="the time"
                        :held="$inputs['target'] !== ''" :value="$way->shutterLabel()"/>@endif</span>
            <span class="figure">{{ $way->aperture->label() }}<x-hold field="f-pin_aperture" what="the aperture"
                    :held="$inputs['pin_aperture'] !== ''" :value="$way->aperture->label()"/></span>
            <span class="figure"><i>ISO</i>
                {{ $way->iso->label() }}<x-hold field="f-pin_iso" what="the ISO" :held="$inputs['pin_iso'] !== ''"
                    :value="$way->iso->label()"/></span>
            <span class="figure is-filters">@if ($way->filters->count() > 0)<i>with</i>
                    {{ $way->filters->label() }}@else<i>no filter</i>@endif</span>
        </p>
        <x-acts id="shoot-this" class="is-go" :to="route('shoot.plan', ['way' => $way->key()])">Shoot this</x-acts>
    @else
        <p class="settings">
            <span class="figure is-none">Nothing {{ $bench->question->pins->held() === [] ? 'in the bag' : 'that you hold' }} gives
                {{ $bench->window->best->label() }}</span>
        </p>
    @endif
    <p id="bench-said" class="asking" role="status"></p>
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
        <button type="button" class="step" data-rapid data-step="-1" data-for="f-target" aria-label="Target: a third of a stop shorter">
            −
        </button>
        <input class="input" id="f-target" name="target" value="{{ $inputs['target'] }}"
            placeholder="{{ $bench->window->best->label() }}" autocomplete="off" inputmode="text" data-dial="shutter"
            data-place="{{ $bench->window->best->label() }}">
        <button type="button" class="step" data-rapid data-step="1" data-for="f-target" aria-label="Target: a third of a stop longer">
            +
        </button>
    </div>
    <details class="kept" id="why-this-time">
        <summary>why this time</summary>
        <p>
            <span><b>{{ number_format(100 * $says->textureKept(), 0) }}&hairsp;%</b> of the drawing is left</span>
            <span>the water goes <b>{{ $says->streakLabel() }}</b> of the frame</span>
            @if ($says->waves() !== null)<span><b>{{ number_format($says->waves(), 1) }}</b> waves pass</span>@endif
            @if ($bench->taste->verdicts > 0 || abs($bench->taste->stops) > 0.005)<span>your <a href="{{ route('water') }}">taste</a> moves
                    it
                    <b>{{ $write->stops($bench->taste->stops, 1) }}</b></span>@endif
        </p>
    </details>
</section>
