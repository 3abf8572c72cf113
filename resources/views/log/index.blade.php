<x-layout title="Log" here="log">
    <div class="title-line"><h1>Log</h1>@if ($frames->isNotEmpty())<div class="days"><span class="hint">Newest first</span> <a class="button is-small" href="{{ route('log.csv') }}">As a table</a></div>@endif</div>
    @if ($frames->isEmpty())
        <div class="empty"><p>Nothing was taken yet. The first frame comes from the <a href="{{ route('bench') }}">bench</a>.</p></div>
    @else
        <ol class="sheet-of-frames">
            @foreach ($frames as $frame)
                <li class="taken">
                    <a href="{{ route('log.show', $frame) }}">
                        <svg viewBox="0 0 120 60" class="swatch" aria-hidden="true"><rect width="120" height="60"/><path class="strokes" d="{{ $swatch($frame) }}"/></svg>
                        <span class="taken-figure">{{ $frame->openLabel() }}</span>
                        <span class="taken-what"><b>{{ $frame->subject?->name ?? ucfirst($frame->water_kind->label()) }}</b>
                            <small>{{ $frame->place?->name }} @if ($frame->opened_at)<x-at :time="$frame->opened_at" :zone="$frame->place?->timezone"/>@endif</small></span>
                        <span class="taken-how">{{ $frame->plan->way->apertureLabel }} · ISO {{ $frame->plan->way->isoLabel }} · {{ $frame->plan->way->filtersLabel() }}</span>
                        <span @class(['taken-verdict', 'is-open' => $frame->blur === null])>{{ $frame->look->value }}: {{ $frame->blur?->label() ?? 'not judged' }}</span>
                    </a>
                </li>
            @endforeach
        </ol>
        {{ $frames->links('log.pages') }}
    @endif
    @if ($planned->isNotEmpty())
        <details class="more planned" @if ($frames->isEmpty()) open @endif><summary>{{ $planned->count() === 1 ? 'One frame is' : 'Frames' }} planned and not taken</summary>
            <ul class="sightings">
                @foreach ($planned as $frame)
                    <li><span>Frame {{ $frame->id }}: {{ $frame->plan->way->shutterLabel }}, {{ $frame->plan->way->apertureLabel }}, {{ $frame->look->value }}{{ $frame->place ? ' at '.$frame->place->name : '' }}</span> <a class="button is-small" href="{{ route('shoot.show', $frame) }}">Shoot it</a></li>
                @endforeach
            </ul>
        </details>
    @endif
</x-layout>
