<x-layout title="{{ $list->title }}" here="shoot" script="shoot">
    <div class="narrow-page shot-list">
        <h1>{{ $list->title }} <small>{{ $write->many($list->frames->count(), 'frame') }}, about {{ $takes }} in all</small></h1>
        @if ($list->note)<p class="warn">{{ $list->note }}</p>@endif
        <ol>
            @foreach ($list->frames->sortBy('list_place') as $frame)
                @php($way = $frame->plan->way)
                <li @class(['is-next' => $next?->is($frame), 'is-taken' => $frame->isTaken()])>
                    <a href="{{ $frame->isTaken() ? route('log.show', $frame) : route('shoot.show', $frame) }}">
                        <b class="measured-figure">{{ $frame->isTaken() ? $frame->openLabel() : $way->shutterLabel }}</b>
                        <span class="measured-what">{{ $way->apertureLabel }} · ISO {{ $way->isoLabel }} ·
                            {{ $way->filtersLabel() }}<small>{{ $frame->plan->purpose }}</small></span>
                        <span class="taken-verdict">{{ $frame->called !== null ? 'called '.$frame->called->value
                            : ($frame->isTaken() ? 'taken' : '') }}</span></a>
                </li>
            @endforeach
        </ol>
        <div class="foot-line">
            @if ($next)<a class="button is-go" href="{{ route('shoot.show', $next) }}">{{ $list->frames->contains(fn ($f) => $f->isTaken())
                ? 'Next' : 'Start' }}:
                    {{ $next->plan->way->shutterLabel }} {{ $next->plan->way->apertureLabel }}</a>
                @else
                <p class="said">
                    All taken. Open each in turn and say what you would call it: from that your own looks are learned.
                    <a href="{{ route('log') }}">They are in the log.</a>
                </p>@endif
            <form method="post" action="{{ route('lists.destroy', $list) }}">
                @csrf @method('delete')<button class="button is-small">Drop the list</button>
            </form>
        </div>
        <aside class="cautions" aria-label="Cautions">
            <p>
                The time in all counts settling and changing filters; waiting for waves, wind and people it does not. The get-off time comes
                first.
            </p>
        </aside>
    </div>
</x-layout>
