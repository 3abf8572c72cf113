<section class="ways" aria-label="Ways to shoot it">
    <h2>
        Ways to shoot it
        <small>{{ $bench->answer->count > 0 ? $bench->answer->count.' settings fit, the best by filters' : 'nothing fits' }} · EV
            {{ number_format($bench->answer->ev100, 1) }}</small>
    </h2>
    @php($sharp = $says->sharpness())
    @php($mean = $says->meanOfFrames())
    @if ($sharp)
        <p @class(['sharpness', 'warn' => ! $sharp->enough])>
            Focus at <b>{{ $sharp->focus }}</b>: sharp from {{ $sharp->near }} to {{ $sharp->far }}. Hyperfocal {{ $sharp->hyperfocal }}.
            @unless ($sharp->enough) It would take
                {{ $sharp->needed }}@if ($sharp->stack), or a focus stack of {{ count($sharp->stack) }} at
                    {{ implode(', ', array_slice($sharp->stack, 0, 8)) }}{{ count($sharp->stack) > 8 ? ' …' : '' }}@endif.@endunless
        </p>
    @endif
    @if ($mean)
        <p class="mean">
            {{ $mean->words }}
            <x-acts id="list-average" class="is-small" :to="route('lists.store', ['list' => 'average:'.$mean->frames])">Shoot the
                {{ $mean->frames }}</x-acts>
        </p>
    @endif
    @forelse ($bench->ways() as $way)
        @php($chosen = $way->key() === $bench->picked?->key())
        <article @class(['way', 'is-picked' => $chosen])>
            <label class="way-pick"><input type="radio" name="pick" value="{{ $loop->first ? '' : $way->filters->label() }}"
                    @checked($chosen)>
                <span class="way-figures"><b>{{ $way->shutterLabel() }}</b> <b>{{ $way->aperture->label() }}</b>
                    <span>ISO <b>{{ $way->iso->label() }}</b></span> <b>{{ $way->filters->label() }}</b></span></label>
            <p class="why">{{ $way->why() }}</p>
            @if ($chosen)
                @foreach ($way->warnings as $warning)<p class="warn">{{ $warning }}</p>@endforeach
                @if (! $way->bulb && $way->shutterLabel() === '30 s')
                    <p class="hint">30 s on the dial is open for 32 s; the sums go by 32.</p>
                @endif
                <details class="terms" id="why-this-way">
                    <summary>why this way</summary>
                    <p>
                        Exactly {{ $way->exact->exactLabel() }}, by the card {{ $way->exact->cardLabel() }}; as set it is off by
                        {{ $write->stops($way->exposureError()->value, 2) }} stops. What counts against it, in stops,
                        {{ number_format($way->score(), 2) }} in all:
                    </p>
                    <table>
                        <tbody>
                            @foreach ($way->terms as $term)
                                <tr>
                                    <th scope="row">{{ $term->name }}</th>
                                    <td>{{ number_format($term->stops, 2) }}</td>
                                    <td>{{ $term->why }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                    <p class="hint">
                        The card doubles the printed names, the exact sum the times behind them: never a third of a stop apart.
                    </p>
                </details>
            @endif
        </article>
    @empty
        <ul class="remedies">
            @foreach ($bench->answer->remedies as $remedy)
                <li>
                    <b>{{ number_format($remedy->stops, 1) }} stops</b> {{ $remedy->detail }} {{ $says->when($remedy) }}
                    @if ($remedy->kind->offersATarget())
                        <button type="button" class="button is-small" data-aim="{{ $write->number($remedy->seconds, 4) }}">
                            Aim there
                        </button>
                    @endif
                </li>
            @endforeach
        </ul>
    @endforelse
</section>
<template id="dials" data-dials='@json($dials)'></template>
