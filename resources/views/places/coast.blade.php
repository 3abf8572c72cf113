{{-- A small map of the coast around, with the stations of the tide. --}}
@php($map = $coast['map'])
<section class="coast">
    <h2>Coast</h2>
    <svg viewBox="0 0 {{ $map::SIZE }} {{ $map::SIZE }}" role="img"
        aria-label="The coast {{ number_format($coast['around']) }} km around {{ $place->name }}, north up">
        <path class="coast-land" d="{{ $map->land }}"/>
        <path class="coast-edge" d="{{ $map->edge }}"/>
        <path class="coast-way" d="{{ $map->way }}"/>
        @foreach ($map->marks() as [$label, $x, $y, $kind, $lead])
            @if ($lead)<path class="label-lead" d="{{ $lead }}"/>@endif
            <circle class="coast-mark is-{{ $kind }}" cx="{{ $x }}"
                cy="{{ $y }}" r="{{ $kind === 'place' ? 7 : 5 }}"/>
            <x-drawn-label class="coast-name is-{{ $kind }}" :label="$label"/>
        @endforeach
        @php($bar = $map->scale())
        <path class="ground-bar" d="{{ $bar->path() }}"/>
        <x-drawn-label class="scale" :label="$bar->label"/>
        <text class="scale" x="{{ $map::SIZE - 14 }}" y="22" text-anchor="end">N ↑</text>
    </svg>
    @if ($coast['words'])
        <p @class(['warn' => str_contains($coast['words'], 'another way'), 'hint' => ! str_contains($coast['words'], 'another way')])>
            {{ $coast['words'] }}
        </p>
    @endif
    <p class="hint">Coastlines at 1:10,000,000, public domain: true to a kilometre or so, small islands left out. Not for navigation.</p>
</section>
