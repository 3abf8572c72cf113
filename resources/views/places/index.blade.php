<x-layout title="Places" here="places" script="page">
    <x-first-steps/>
    <div class="title-line">
        <h1>Places</h1>
        <div class="days">
            @if ($rows)<a class="button" href="{{ route('places.gpx') }}">As waypoints</a> @endif<a class="button is-go"
                href="{{ route('places.create') }}">Add
                a place</a>
        </div>
    </div>
    @if (! $rows)
        <div class="empty">
            <p>
                No place yet. A place is a spot with its position: from that its light, its tide, its horizon and the days on which it is
                good.
            </p>
        </div>
    @else
        <div @class(['all-places', 'has-map' => $map])>
            <svg class="is-sr-only" width="0" height="0" aria-hidden="true"><defs><x-dark-hand id="dark"/></defs></svg>
            <ul class="place-rows">
                @foreach ($rows as $row)
                    <li>
                        <a href="{{ route('places.show', $row->place) }}">
                            <span class="place-name"><b>{{ $row->place->name }}</b><small>{{ $row->place->notes }}</small></span>
                            <span class="place-day">@include('almanac.strip', ['strip' => $row->strip, 'nowX' => $row->now])
                                @include('almanac.hours')</span>
                            <span class="place-next">@if ($row->next)<b>{{ $row->next->from->format('D j M, '
                                .$write->units()->hours()) }}</b><small>{{ $row->next->untilWords($now) }},
                                        {{ $row->next->mark?->name ?? 'low light' }}</small>@else<small>{{ $row->whyNone() }}</small>@endif
                                @if ($row->tideWords !== '')<small>{{ $row->tideWords }}</small>@endif</span>
                        </a>
                    </li>
                @endforeach
            </ul>
            @if ($map)
                <section class="coast">
                    <h2 class="is-sr-only">Where they lie</h2>
                    <svg viewBox="0 0 {{ $map::SIZE }} {{ $map::SIZE }}" role="img" aria-label="Where your places lie, north up">
                        <path class="coast-land" d="{{ $map->land }}"/><path class="coast-edge" d="{{ $map->edge }}"/>
                        @foreach ($map->marks() as [$label, $x, $y, $kind, $lead])
                            @if ($lead)<path class="label-lead" d="{{ $lead }}"/>@endif
                            <circle class="coast-mark is-place"
                                cx="{{ $x }}" cy="{{ $y }}" r="6"/>
                            <x-drawn-label class="coast-name is-place" :label="$label"/>
                        @endforeach
                        @php($bar = $map->scale())
                        <path class="ground-bar" d="{{ $bar->path() }}"/>
                        <x-drawn-label class="scale" :label="$bar->label"/>
                        <text class="scale" x="{{ $map::SIZE - 14 }}" y="22" text-anchor="end">N ↑</text>
                    </svg>
                </section>
            @endif
        </div>
    @endif
</x-layout>
