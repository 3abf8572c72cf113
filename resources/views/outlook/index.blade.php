<x-layout title="Outlook" here="outlook" script="page">
    @if ($empty)
        <div class="empty is-begun">
            <h1>Five minutes to your first frame</h1>
            <p>Nothing is kept here yet. Four steps, each a short form; every number that you leave out has a usual value.</p>
            <x-first-steps whole/>@if (! $steps)<p><a class="button is-go" href="{{ route('places.create') }}">Add a place</a></p>@endif
            <p class="hint">A backup of yours? <a href="{{ route('backup') }}">Bring it back</a>.</p>
        </div>
    @else
        <x-first-steps/>
        @if ($isDemo)
            <p class="hint begin-own">
                This is the demo’s coast: no such places exist. <a href="{{ route('places.create') }}">Add a place of yours</a>, or
                <a href="{{ route('backup') }}#begin">begin with nothing but your own</a>.
            </p>
        @endif
        <div class="outlook">
            @if ($moments)
                @php($zone = $outing->place->zone())
                @php($seconds = $now->getTimestamp())
                <section class="ahead" data-until>
                    <h1>
                        <a href="{{ route('outings.show', $outing) }}">{{ $outing->place->name }}</a>
                        <small>{{ $outing->starts_at->setTimezone($zone)->format('l j F') }}{{ $outing->note ? ' · '.$outing->note
                            : '' }}</small>
                    </h1>
                    <ol class="ahead-moments">
                        @foreach ($moments as $moment)
                            <li @class(['is-past' => $moment->unix < $seconds, 'is-warning' => $moment->isWarning])
                                data-unix="{{ (int) $moment->unix }}" data-past="{{ $moment->past }}">
                                <span>{{ $moment->what }}</span><b>{{
                                    $moment->at($zone)->format($write->units()->hours()) }}</b><i>{{ $moment->untilWords($seconds) }}</i>
                            </li>
                        @endforeach
                    </ol>
                    @if ($rough)<p class="warn">{{ $rough }}</p>@endif
                    <p class="foot-line">
                        <a class="button is-go" href="{{ route('outings.show', $outing) }}">The plan</a>
                        <a class="button" href="{{ route('field', ['outing' => $outing->id]) }}">Take it with you</a>
                        <a class="button" href="{{ route('shoot') }}">Shoot</a>
                    </p>
                </section>
            @endif
            <section>
                @if ($moments)<h2>What is coming</h2>@else<h1>What is coming</h1>@endif
                @if ($outing && ! $moments)
                    <p class="said">
                        Next outing:
                        <a href="{{ route('outings.show', $outing) }}">{{ $outing->place->name }},
                            {{ $outing->starts_at->setTimezone($outing->place->timezone)->format('l j F, '.$write->units()->hours()) }}</a>
                    </p>
                @endif
                <ol class="coming">
                    @forelse ($next as $i => $one)
                        <li>
                            <a href="{{ route('places.show', [$one->place, 'day' => $one->from->format('Y-m-d')]) }}">
                                <span class="coming-when"><b>{{ $one->from->format('D j M') }}</b>
                                    {{ $one->from->format($write->units()->hours()) }} to
                                    {{ $write->ends($one->to) }}<small>{{ $one->untilWords($now) }}</small></span>
                                <span>{{ $one->place->name }}<small><b>{{ ucfirst($one->mark?->name
                                    ?? 'low light') }}{{ $one->window->highestM !== null
                                    ? ', tide to '.$write->metres($one->window->highestM) : '' }}.</b>
                                        {{ $one->window->why() }}</small>@if ($weather[$i])<small>{{ $weather[$i] }}</small>@endif</span>
                                <span class="coming-ev">{{ $one->light() }}</span>
                            </a>
                        </li>
                    @empty
                        <li>Nothing in the next month. <a href="{{ route('almanac') }}">Look further ahead</a>.</li>
                    @endforelse
                </ol>
                @if ($unfinished)
                    <details class="more unfinished">
                        <summary>
                            {{ count($unfinished) === 1 ? 'One thing waits' : count($unfinished).' things wait' }} for your hand
                        </summary>
                        <ul class="sightings">
                            @foreach ($unfinished as [$words, $to])<li><span><a href="{{ $to }}">{{ $words }}</a></span></li>@endforeach
                        </ul>
                    </details>
                @endif
            </section>
            @if ($board)
                <section>
                    <h2>
                        <a href="{{ route('places.show',
                            [$place, 'day' => $board->scene->midnight->format('Y-m-d')]) }}">{{ $place->name }}</a>,
                        {{ $board->scene->midnight->format('l j F') }} <x-zone-note :zone="$place->timezone"/>
                    </h2>
                    <x-day-board :board="$board" :events="$events"/>
                </section>
            @endif
            @include('places.cautions')
        </div>
    @endif
</x-layout>
