<x-layout title="Water" here="water" script="water">
    <div class="title-line"><h1>Water <small>What is in front of you, measured</small></h1></div>
    <ul class="tools">
        @foreach ($tools as $kind)
            <li><a href="{{ route('water.tool', $kind->value) }}"><b>{{ $kind->label() }}</b> <span>{{ $kind->words() }}</span></a></li>
        @endforeach
    </ul>
    <div class="frame-columns is-stacked">
        <section>
            <h2>
                Measured @if ($measurements->isNotEmpty())<a class="button is-small" href="{{ route('water.csv') }}">As a table</a>@endif
            </h2>
            <ul class="measured">
                @forelse ($measurements as $m)
                    <li @class(['is-new' => session('kept') === $m->id])>
                        <b class="measured-figure">{{ $m->figure($write->units()) }}</b>
                        <span class="measured-what">{{ $m->kind->label() }}{{ $m->place ? ' at '.$m->place->name : '' }}
                            <small>{{ $m->detail($write->units()) }}{{ $m->note ? ' · '.$m->note : '' }} ·
                                <x-at :time="$m->measured_at" :zone="$m->place?->timezone" format="j M, H:i"/></small></span>
                        <span class="measured-do"><a class="button is-small"
                                href="{{ route('water.tool', ['kind' => $m->kind->value, 'place_id' => $m->place_id]) }}"
                                aria-label="Measure {{ $m->kind->label() }} again">Again</a><a class="button is-small"
                                    href="{{ route('bench', ['measured' => $m->id]) }}">To
                                the bench</a>@if ($m->kind !== $clouds)<a class="button is-small" href="{{ route('subjects.create',
                                    ['measured' => $m->id, 'focal' => '']) }}">Keep
                                    as a subject</a>@endif
                            <form method="post" action="{{ route('water.destroy', $m) }}">
                                @csrf
                                @method('delete')
                                <button class="button is-small" aria-label="Delete the measurement {{ $m->figure($write->units()) }}">
                                    Delete
                                </button>
                            </form></span>
                    </li>
                @empty
                    <li>
                        Nothing measured yet. Choose a way of measuring above; each takes a minute and goes to the bench with one press.
                    </li>
                @endforelse
            </ul>
        </section>
        <section>
            <h2>Your taste</h2>
            <p class="hint">
                Verdicts in the log move the aim within a look, slowly: as if four of “the middle is right” had come first. Plus is longer.
            </p>
            @forelse ($tastes as $value => $taste)
                <form method="post" action="{{ route('water.taste', $value) }}" class="taste">
                    @csrf @method('put')
                    <span class="measured-what">{{ ucfirst($waterNames[$value]) }}
                        <small>learned {{ $write->stops($taste->learned(), 2) }} from {{ $taste->verdicts }}
                            {{ $taste->verdicts === 1 ? 'verdict' : 'verdicts' }}</small></span>
                    <b class="measured-figure">{{ $write->stops($taste->stops, 1) }}</b> <span class="unit">stops</span>
                    <label class="is-sr-only" for="f-taste-{{ $value }}">By hand for {{ $waterNames[$value] }}</label>
                    <input class="input" id="f-taste-{{ $value }}"
                        name="stops" value="{{ $write->number($taste->byHand) }}" inputmode="text" title="added by hand">
                    <button class="button is-small">Keep</button>
                    <button class="button is-small" name="forget" value="1">Forget</button>
                </form>
            @empty
                <p>No verdict yet. Judge a frame in the log, and the next aim leans its way.</p>
            @endforelse
            @if ($errors->taste->any())<p class="problem" role="alert">{{ $errors->taste->first() }}</p>@endif
        </section>
    </div>
    <aside class="cautions" aria-label="Cautions">
        <p>Measure from where you are dry. {{ implode(' ', $edges) }} {{ $leftOut }}</p>
    </aside>
</x-layout>
