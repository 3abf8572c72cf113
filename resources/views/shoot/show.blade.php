{{-- One screen for one hand: the figure, what is set, the step at hand, the start. The whole sheet and the cautions stand below it. --}}
<x-layout title="Shoot" here="shoot" script="shoot">
    <div class="shoot" data-planned="{{ $frame->planned_s }}" data-shoot='@json($counts)' @if ($leaveBy) data-leave="{{ $leaveBy->getTimestamp() }}" @endif>
        <h1 class="is-sr-only">Run sheet: {{ $frame->look->value }} in the {{ $frame->water_kind->label() }}</h1>
        <section class="shoot-one" aria-label="The frame">
            <p class="shoot-where"><span>{{ $frame->place->name ?? ucfirst($frame->water_kind->label()) }} · @if ($frame->shotList)<a href="{{ route('lists.show', $frame->shot_list_id) }}">{{ $frame->list_place }} of {{ $frame->shotList->frames->count() }}</a>@else frame {{ $frame->id }}@endif</span>
                @if ($leaveBy)<b class="shoot-leave" data-leave-words>leave by <x-at :time="$leaveBy" :zone="$frame->place?->timezone" format="H:i"/></b>@else<span data-clock @if ($write->units()->twelveHours) data-twelve @endif></span>@endif</p>
            <p class="shoot-figure" data-figure role="timer" aria-label="Open time">{{ $way->shutterLabel }}</p>
            <p class="shoot-under" data-under>{{ $frame->look->value }} · {{ $way->bulb ? 'bulb' : 'timed by the camera' }}@if ($plan->purpose) · {{ $plan->purpose }}@endif</p>
            <progress class="shoot-bar" max="1000" value="0" data-bar aria-label="Share of the light gathered"></progress>
            <p class="shoot-light" data-light-words role="status" hidden></p>
            <p class="shoot-settings"><b>{{ $way->apertureLabel }}</b> <b>ISO {{ $way->isoLabel }}</b> <b>{{ $way->filtersLabel() }}</b></p>
            @if ($errors->any())<p class="problem" role="alert">{{ $errors->first() }}</p>@endif
            <div class="shoot-step" data-before hidden>
                <p class="shoot-count"><span data-step-count></span><span class="shoot-pegs" data-step-pegs aria-hidden="true"></span></p>
                <p class="shoot-now" data-step-now role="status"></p>
                <ol class="shoot-next" data-step-next></ol>
                <div class="shoot-keys">
                    <button type="button" class="button is-go" data-step-done data-rapid>Done</button>
                    <button type="button" class="button" data-step-all>All done</button>
                    <button type="button" class="button" data-step-back aria-label="Back: the step before is open again" data-rapid>Back</button>
                </div>
            </div>
            <div class="shoot-start" data-before hidden>
                <p class="shoot-count"><b>Start the frame</b> <span class="shoot-open-steps" data-steps-open role="status"></span></p>
                <p class="shoot-else" data-steps-else></p>
                @if ($plan->moment)<p class="shoot-moment">{{ $plan->moment }}</p>@endif
                <div class="shoot-starts" role="group" aria-label="Start the frame">
                    @foreach ([0 => 'now', 2 => '2 s', 5 => '5 s', 10 => '10 s'] as $seconds => $words)<button type="button" class="button" data-start="{{ $seconds }}">{{ $words }}</button>@endforeach
                    @if ($plan->rhythm)
                        <button type="button" class="button is-wide" data-start-beat><b>{{ $onTheBeat }}</b> <small data-next-beat></small></button>
                        <button type="button" class="button" data-beat-now data-rapid>{{ $beat }}</button>
                    @endif
                    <span class="shoot-clock-start is-wide"><button type="button" class="button" data-start-clock><span>at <b data-start-at></b></span></button>
                        <button type="button" class="button" data-later="-60" data-rapid aria-label="A minute earlier">−</button><button type="button" class="button" data-later="60" data-rapid aria-label="A minute later">+</button></span>
                </div>
                @if ($plan->rhythm)<p class="shoot-set" data-next-set></p>@endif
            </div>
            <div class="shoot-running" data-running hidden>
                <div class="shoot-starts is-light" role="group" aria-label="The light has changed">
                    <button type="button" class="button" data-sun="gone" aria-pressed="false">Sun gone</button><button type="button" class="button" data-sun="back" aria-pressed="true">Sun back</button>
                    <button type="button" class="button" data-sun="-1" data-rapid aria-label="darker ⅓ of a stop">darker ⅓</button><button type="button" class="button" data-sun="1" data-rapid aria-label="brighter ⅓ of a stop">brighter ⅓</button>
                </div>
                <button type="button" class="button is-undo" data-undo>Not open: undo</button>
                <button type="button" class="button is-close" data-close><b data-close-words></b><small data-close-small></small></button>
            </div>
            <div class="shoot-after" data-after hidden>
                <p data-after-words></p>
                <a class="button is-go" data-after-to href="{{ route('log') }}">To its verdict</a>
            </div>
            <p class="shoot-said" role="status" aria-live="assertive" data-said></p>
            <p class="warn" role="alert" data-warning hidden></p>
        </section>
        <section class="shoot-more" data-before>
            @foreach ($way->warnings as $warning)<p class="warn">{{ $warning }}</p>@endforeach
            <div class="cautions">@foreach ($plan->cautions as $caution)<p>{{ $caution }}</p>@endforeach</div>
            <h2>The whole sheet</h2>
            <form class="sheet" method="post" action="{{ route('shoot.steps', $frame) }}">
                @csrf @method('put')
                <ol>
                    @foreach ($plan->steps as $step)
                        <li><label>
                            <input type="checkbox" name="done[]" value="{{ $step->key }}" data-skipped="{{ $step->skipped }}" @checked(in_array($step->key, $frame->steps_done, true))>
                            <span><b>{{ $step->title }}</b><small>{{ $step->detail }}</small></span>
                        </label></li>
                    @endforeach
                </ol>
                <noscript><button class="button" name="all" value="1">All done</button> <button class="button">Keep the ticks</button></noscript>
            </form>
            <fieldset class="shoot-signals" data-signals hidden><legend>Signals</legend>
                <p class="hint">At a minute, at ten seconds, from five, and at the end.</p>
                @foreach (['sound' => 'Sound', 'vibration' => 'Vibration', 'screen' => 'The whole screen turns'] as $signal => $label)
                    <label class="tick is-inline"><input type="checkbox" data-signal="{{ $signal }}"> {{ $label }}</label>
                @endforeach
                <button type="button" class="button" data-signal-test>Try them</button>
                <p class="hint" data-awake></p>
            </fieldset>
        </section>
        <form class="shoot-opened" method="post" action="{{ route('shoot.open', $frame) }}" data-opened>
            @csrf @method('put')
            <noscript><p class="said">The countdown needs scripts, which are switched off here: count by a watch, and write down how long it was open.</p>
                <label for="f-open-s">It was open for</label> <input class="input" id="f-open-s" name="open_s" inputmode="decimal" value="{{ round($frame->planned_s, 3) }}"> s <button class="button is-go">Keep it</button></noscript>
        </form>
    </div>
</x-layout>
