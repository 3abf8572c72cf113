<x-layout title="Practice" here="practice" script="plain">
    <div class="title-line"><h1>Practice <small>{{ $count }} questions, a few minutes; what you miss is asked again</small></h1></div>
    @if ($last)
        <p class="figure practice-sum">{{ count(array_filter($last->right)) }} <i>of {{ count($last->right) }} right</i></p>
        <ol class="practice-round">
            @foreach ($last->right as $i => $right)
                <li>
                    <span @class(['is-missed' => ! $right])>{{ $right ? 'right' : 'not yet' }}</span>
                    {{ $last->drill($i)->label().($right ? '' : ': '.$last->question($i)->rightAnswer()) }}
                </li>
            @endforeach
        </ol>
    @endif
    <form method="post" action="{{ route('practice.start') }}">
        @csrf
        <button class="button is-go is-large">{{ $last ? 'Another round' : 'Begin' }}</button>
    </form>
    @if ($weakest)
        <p class="hint">
            What goes wrong most: {{ mb_strtolower($weakest->label()) }}. It is asked
            sooner.@if ($record->missed !== []) {{ count($record->missed) }}
                {{ count($record->missed) === 1 ? 'question waits' : 'questions wait' }} to be asked again.@endif
        </p>
    @endif
    <h2>One thing alone</h2>
    <ul class="practice-drills">
        @foreach ($drills as $drill)
            <li>
                <form method="post" action="{{ route('practice.start') }}">
                    @csrf
                    <input type="hidden" name="drill" value="{{ $drill->value }}">
                    <button class="practice-drill">
                        <svg viewBox="0 0 240 104" aria-hidden="true">@include('practice.drills.'.$drill->value)</svg>
                        <b>{{ $drill->label() }}</b>
                        <span class="hint">
                            @if ($record->asked($drill))
                                {{ $record->right($drill) }} of {{ $record->asked($drill) }} right
                            @else
                                not asked yet
                            @endif
                        </span>
                        @if (($answers = $record->last($drill)) !== [])
                            <svg class="practice-last" viewBox="0 0 {{ 12 * count($answers) }} 10"
                                width="{{ 20 * count($answers) }}" aria-hidden="true">
                                @foreach ($answers as $i => $right)
                                    @if ($right)
                                        <path d="M{{ 12 * $i + 1 }} 5h9"/>
                                    @else
                                        <path class="is-missed" d="M{{ 12 * $i + 2.5 }} 2l6 6m0 -6l-6 6"/>
                                    @endif
                                @endforeach
                            </svg>
                        @endif
                    </button>
                </form>
            </li>
        @endforeach
    </ul>
    <p class="hint">
        The answers come from the same rules as the bench, the run sheet and the board. They leave out surge, sets and weather: what is
        right here is no word that a place is without danger.
    </p>
</x-layout>
