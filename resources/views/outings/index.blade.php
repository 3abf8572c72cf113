@php($clock = $write->units()->hours())
<x-layout title="Outings" here="outings" script="page">
    <div class="title-line">
        <h1>{{ $place ? 'Outings to '.$place->name : 'Outings' }}</h1>
        <div class="days">
            @if ($place)<a class="button" href="{{ route('outings') }}">To all places</a> @endif<a class="button is-go"
                href="{{ route('almanac', $place ? ['place' => $place->id] : []) }}">When is it good?</a>
        </div>
    </div>
    @if ($ahead === [] && $behind->isEmpty())
        <div class="empty">
            <p>
                None yet. An outing begins at a day of the <a href="{{ route('almanac') }}">almanac</a> or of a
                <a href="{{ route('places') }}">place</a>: when to leave home and when to get off, what to shoot in which order, what to
                pack.
            </p>
        </div>
    @else
        <svg class="is-sr-only" width="0" height="0" aria-hidden="true"><defs><x-dark-hand id="dark"/></defs></svg>
    @endif
    @if ($ahead !== [])
        <section>
            <h2 class="is-sr-only">Ahead</h2>
            <ol class="visits is-ahead">
                @foreach ($ahead as $visit)
                    <li>
                        <a class="visit-when" href="{{ route('outings.show', $visit->outing) }}">
                            <b>{{ $visit->from()->format('D j M') }}</b>
                            <span>{{ $visit->from()->format($clock) }} to {{ $visit->to()->format($clock) }}</span>
                            <strong>{{ $visit->outing->place->name }}</strong>
                        </a>
                        <div class="visit-day">@include('almanac.strip', ['strip' => $visit->strip])@include('almanac.hours')</div>
                        <div class="visit-what">
                            <ol class="visit-moments">
                                @foreach ($visit->moments as $moment)
                                    <li @class(['is-past' => $moment->unix < $now, 'is-warning' => $moment->isWarning])>
                                        <span>{{ $moment->what }}</span>
                                        <b>{{ $moment->at($visit->outing->place->zone())->format($clock) }}</b>
                                    </li>
                                @endforeach
                            </ol>
                            <small>{{ $visit->untilWords($now) }}{{ $visit->looks() === '' ? '' : '; '.$visit->looks() }}.
                                {{ $visit->outing->note }}
                                @if ($visit->outing->told){{ $visit->outing->told }} knows.@else<b>Tell somebody.</b>@endif</small>
                        </div>
                    </li>
                @endforeach
            </ol>
        </section>
    @endif
    @if ($behind->isNotEmpty())
        <section>
            <h2>What came of them</h2>
            <ol class="visits">
                @foreach ($behind as $visit)
                    <li>
                        <a class="visit-when" href="{{ route('outings.show', $visit->outing) }}">
                            <b>{{ $visit->from()->format('j M Y') }}</b>
                            <span>{{ $visit->from()->format($clock) }} to {{ $visit->to()->format($clock) }}</span>
                            <strong>{{ $visit->outing->place->name }}</strong>
                        </a>
                        <div class="visit-day">@include('almanac.strip', ['strip' => $visit->strip])@include('almanac.hours')</div>
                        <div class="visit-what">
                            <p>
                                @if ($visit->outing->came_of_it){{ $visit->outing->came_of_it }}
                                @elseif (! $visit->outing->closed_at)<a
                                        href="{{ route('outings.show', $visit->outing) }}#close">What came of it?</a>@endif
                                @if ($visit->words() !== '')<a
                                        href="{{ route('log', ['outing' => $visit->outing->id]) }}">{{ ucfirst($visit->words()) }}</a>@endif
                            </p>
                            @if ($visit->shown() !== [])
                                <p class="visit-pictures">
                                    @foreach ($visit->shown() as $frame)
                                        <a href="{{ route('log.show', $frame) }}"
                                            aria-label="Frame {{ $frame->id }}: {{ $frame->openLabel() }}, {{ $frame->look->value }}"><img
                                                src="{{ route('photos.thumb', [$frame->photo, 'of' => $frame->photo->fingerprint()]) }}"
                                                alt="" loading="lazy" width="96" height="64"></a>
                                    @endforeach
                                </p>
                            @endif
                        </div>
                    </li>
                @endforeach
            </ol>
            {{ $behind->links('log.pages') }}
        </section>
    @endif
    @if ($ahead !== [])@include('places.cautions')@endif
</x-layout>
