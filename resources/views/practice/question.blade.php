<x-layout title="Practice" here="practice" script="practice">
    <div class="practice" data-practice>
        <p class="practice-at">
            <b>{{ $drill->label() }}</b> <span class="hint">{{ $at + 1 }} of {{ count($round->questions) }}</span>
            <svg viewBox="0 0 {{ 14 * count($round->questions) }} 12"
                width="{{ 14 * count($round->questions) }}" height="12" aria-hidden="true">
                @foreach ($round->questions as $i => $one)
                    <path @class(['is-done' => $i < count($round->given), 'is-missed' => ($round->right[$i] ?? true) === false])
                        d="M{{ 14 * $i + 1 }} 6h10"/>
                @endforeach
            </svg>
        </p>
        @if ($question->given !== '')<p class="figure practice-given">{{ $question->given }}</p>@endif
        <h1 class="practice-asks">{{ $question->asks }}</h1>
        @if ($histogram)
            <figure class="histogram">
                <svg viewBox="0 0 512 132" preserveAspectRatio="none" role="img" aria-label="A histogram">
                    <path class="h-light" d="{{ $histogram->luminance }}"/>
                </svg>
            </figure>
        @endif
        @if ($tide)
            <figure class="practice-tide">
                <svg viewBox="0 0 {{ $tide::WIDTH }} {{ $tide::HEIGHT }}"
                    role="img" aria-label="The tide from low to high water, and the ledge">
                    @foreach ($tide->hours as $hour)
                        <path class="tide-hour" d="M{{ $hour->x }} 12V{{ $tide::FLOOR }}"/>
                        <text x="{{ $hour->x }}" y="{{ $tide::HEIGHT - 5 }}" text-anchor="middle">{{ $hour->label }}</text>
                    @endforeach
                    <path class="tide-sea" d="{{ $tide->line }}V{{ $tide::FLOOR }}H0Z"/>
                    <path class="tide-line" d="{{ $tide->line }}"/>
                    <path class="tide-ledge" d="M0 {{ $tide->ledgeY }}H{{ $tide::WIDTH }}"/>
                    @if ($answered)
                        <path class="tide-awash" d="M0 {{ $tide->awashY }}H{{ $tide::WIDTH }}"/>
                        <path class="tide-leave" d="M{{ $tide->leaveX }} 8V{{ $tide::FLOOR }}"/>
                    @endif
                    @foreach ([...$tide->labels, ...$answered ? $tide->reasons : []] as $label)
                        <text x="{{ $label->x }}" y="{{ $label->y }}" text-anchor="{{ $label->anchor }}">{{ $label->text }}</text>
                    @endforeach
                </svg>
            </figure>
        @endif
        @if ($scene)
            <figure class="practice-picture">
                <x-water-picture :scene="$scene" :seconds="$seconds" aria-label="A drawn picture of the water"/>
            </figure>
        @endif
        @if ($swell !== null)
            <figure class="practice-swell" data-swell='@json($swell)'>
                <svg viewBox="0 0 600 150" role="img" aria-label="Waves that pass a post">
                    <path class="swell-water" data-swell-water d="M0 100H600V150H0Z"/><path class="swell-post" d="M300 30V150"/>
                </svg>
                <figcaption class="hint">Scripts are needed to see it move.</figcaption>
            </figure>
        @endif
        @if ($errors->has('answer'))<p class="problem" role="alert">{{ $errors->first('answer') }}</p>@endif
        <form method="post" action="{{ $answered ? route('practice.next') : route('practice.answer') }}"
            @class(['practice-choices', 'is-six' => count($question->choices) > 4])>
            @csrf @method('put')<input type="hidden" name="at" value="{{ $at }}">
            @if ($question->truth !== null)
                @unless ($answered)
                    <button type="button" class="button is-press" data-rapid data-crest-press>Press with each crest</button>
                    <x-entry name="answer" label="Period" unit="s" :value="old('answer', '')" inputmode="decimal"/>
                    <p class="hint" data-crest-said role="status"></p>
                    <button class="button is-go">That is it</button>
                @endunless
            @else
                @foreach ($question->choices as $i => $choice)
                    <button name="answer" value="{{ $i }}"
                        @class(['practice-choice', 'is-right' => $answered && $i === $question->right, 'is-wrong' => $answered
                            && (string) $i === $given && ! $wasRight])
                        @disabled($answered) data-choice>
                        <kbd>{{ $i + 1 }}</kbd> {{ $choice }}
                    </button>
                @endforeach
            @endif
            @if ($answered)
                <div class="practice-why" role="status">
                    <p>
                        <b>{{ $wasRight ? 'Right.' : 'Not yet: '.$question->rightAnswer().'.' }}</b>
                        {{ $question->why }}@if ($question->truth !== null) You said {{ $given }} s.@endif
                    </p>
                    <button class="button is-go" autofocus data-next>{{ $round->isAnswered() ? 'How it went' : 'Next' }}</button>
                </div>
            @endif
        </form>
    </div>
</x-layout>
