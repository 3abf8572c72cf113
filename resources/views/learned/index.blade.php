<x-layout title="Learned" here="learned" script="page">
    <div class="title-line"><h1>What I have learned <small>From three frames on, with counts; everything can be forgotten</small></h1></div>
    @if ($times === [] && $asked === [] && $places === [] && $calibrations->isEmpty() && $tastes === [] && $called === 0)
        <div class="empty">
            <p>Nothing yet. Judge frames in the <a href="{{ route('log') }}">log</a>, mark what you keep, and it gathers here.</p>
        </div>
    @endif
    @foreach ($places as $row)
        <section class="remembers">
            <h2>{{ $row['place']->name }}</h2><p class="remembers-words">{{ $row['words'] }}</p>
            <a class="button" href="{{ route('almanac', $row['query']) }}">When it is so again</a>
        </section>
    @endforeach
    <div class="frame-columns">
        <section>
            @if ($times)
                <h2>Times you kept</h2>
                @foreach ($times as $row)
                    <figure class="times">
                        <figcaption>
                            <b>{{ ucfirst($row['kind']->label()) }}</b> <span class="hint">{{ $row['times'] }} keepers</span>
                        </figcaption>
                        <svg viewBox="0 0 640 104" role="img" aria-label="Open times of {{ $row['times'] }} keepers">
                            <path class="times-curve" d="{{ $row['curve']->path }}"/>
                            <path class="times-base" d="M8 70H632"/>
                            @foreach ($row['curve']->strokes as $x)<path class="times-stroke" d="M{{ $x }} 62v8"/>@endforeach
                            @foreach ($row['curve']->ticks as $tick)
                                <text x="{{ $tick->x }}" y="98" text-anchor="middle">{{ $tick->label }}</text>
                            @endforeach
                        </svg>
                    </figure>
                @endforeach
            @endif
            @if ($tastes)
                <h2>Your taste</h2>
                <dl class="facts">
                    @foreach ($tastes as $kind => $taste)
                        <div>
                            <dt>{{ ucfirst($waterNames[$kind]) }}</dt>
                            <dd>
                                {{ $write->stops($taste->stops, 1) }} stops
                                <small class="hint">{{ $taste->verdicts }} {{ $taste->verdicts === 1 ? 'verdict' : 'verdicts' }}</small>
                            </dd>
                        </div>
                    @endforeach
                </dl>
                <p><a class="button is-small" href="{{ route('water') }}">Set or forget a taste</a></p>
            @endif
            @if ($called)
                <h2>Your looks</h2>
                @if ($bounds->movedBy)
                    <dl class="facts">
                        @foreach ($looks as $look)
                            @isset($bounds->movedBy[$look->value])
                                <div>
                                    <dt>{{ ucfirst($look->value) }} ends where</dt>
                                    <dd>
                                        {{ number_format(100 * $bounds->leastTexture($look)) }}&hairsp;% is left
                                        <small class="hint">of the drawing; {{ number_format(100 * $look->leastTexture()) }}&hairsp;%
                                            commonly, moved by {{ $bounds->movedBy[$look->value] }} frames</small>
                                    </dd>
                                </div>
                            @endisset
                        @endforeach
                    </dl>
                @else
                    <p>
                        {{ $called === 1 ? 'The one frame' : 'The '.$called.' frames' }} that you called by a look
                        {{ $called === 1 ? 'does' : 'do' }} not speak for other bounds than the common ones: three on the wrong side of one
                        would.
                    </p>
                @endif
                <form method="post" action="{{ route('learned.looks') }}">
                    @csrf @method('delete')<button class="button is-small">Forget what frames were called</button>
                </form>
            @endif
            @if ($asked)
                <h2>Asked for, and had</h2>
                <dl class="facts">
                    @foreach ($asked as [$of, $what, $spread])
                        <div>
                            <dt>{{ ucfirst($of) }}<small class="hint">{{ $what }}</small></dt>
                            <dd>
                                {{ $write->stops($spread->mean, 2) }}
                                <small class="hint">± {{ number_format($spread->giveOrTake(), 2) }} stops, {{ $spread->count }}
                                    frames</small>
                            </dd>
                        </div>
                    @endforeach
                </dl>
            @endif
        </section>
        <section>
            <h2>Filters</h2>
            @forelse ($calibrations as $of)
                <p>
                    <b>{{ $of[0]->filter->name }}</b>
                    <small class="hint">marked
                        {{ $of[0]->filter->marking
                            ?? $write->number($of[0]->filter->stops).' stops' }}{{ $of[0]->filter->measured_stops !== null
                            ? ', taken for '.$write->number($of[0]->filter->measured_stops) : '' }}</small>
                </p>
                <dl class="facts">
                    @foreach ($of as $one)
                        <div>
                            <dt><x-at :time="$one->created_at" format="j M Y"/></dt>
                            <dd>
                                {{ number_format($one->stops, 2) }}
                                <small class="hint">± {{ number_format(max(0.01, $one->uncertainty_stops), 2) }} stops</small>
                                <form method="post" action="{{ route('calibrations.use', $one) }}">
                                    @csrf @method('put')<button class="button is-small">Use it</button>
                                </form>
                                <form method="post" action="{{ route('calibrations.destroy', $one) }}">
                                    @csrf @method('delete')<button class="button is-small">Forget</button>
                                </form>
                            </dd>
                        </div>
                    @endforeach
                </dl>
            @empty
                <p>No filter was measured with a pair yet. On a frame’s page: its picture, that of its base, and one press.</p>
            @endforelse
            @if ($unmeasured)<p class="hint">Taken as they are marked: {{ implode(', ', $unmeasured) }}.</p>@endif
            @if ($fitted->isNotEmpty())
                <h2>Waters fitted to their frames</h2>
                <dl class="facts">
                    @foreach ($fitted as $subject)
                        <div>
                            <dt>{{ $subject->place->name }}: {{ $subject->name }}</dt>
                            <dd>
                                {{ $write->number(100 * abs(2 ** ($subject->fitted['stops'] ?? 0) - 1), 0) }}&hairsp;%
                                {{ ($subject->fitted['stops'] ?? 0) > 0 ? 'faster' : 'slower' }}
                                <small class="hint">{{ $subject->fitted['frames'] ?? '' }} frames</small>
                            </dd>
                        </div>
                    @endforeach
                </dl>
            @endif
        </section>
    </div>
</x-layout>
