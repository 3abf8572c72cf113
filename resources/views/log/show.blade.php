<x-layout title="Frame {{ $frame->id }}" here="log" script="shoot">
    <div class="headline">
        <h1>Frame {{ $frame->id }}: {{ $frame->look->value }} in the {{ $frame->water_kind->label() }}
            <small>{{ implode(', ', array_filter([$frame->place?->name, $frame->subject?->name])) }}{{ $frame->place ? ' · ' : '' }}@if ($frame->opened_at)<x-at :time="$frame->opened_at" :zone="$frame->place?->timezone" format="j M Y, H:i:s"/>@else not taken yet @endif</small></h1>
        <p class="settings">
            <span class="figure">{{ $frame->openLabel() }}</span><span class="figure">{{ $way->apertureLabel }}</span>
            <span class="figure"><i>ISO</i> {{ $way->isoLabel }}</span>
            <span class="figure is-filters">{{ $way->filtersLabel() }}</span>
        </p>
    </div>
    <div class="frame-columns">
        @if ($frame->isTaken())
            <form class="verdict" method="post" action="{{ route('log.judge', $frame) }}">
                @csrf <input type="hidden" name="as_seen" value="{{ $asSeen($frame) }}"> @method('put')
                <h2>How did it come out?</h2>
                <p class="hint">First look: sharp? Histogram clear of the right edge? Anything blinking?</p>
                <fieldset class="looks"><legend>Blur</legend>
                    @foreach ($verdicts as $verdict)
                        <label class="look"><input type="radio" name="blur" value="{{ $verdict->value }}" @checked(old('blur', $frame->blur?->value) === $verdict->value)><span>{{ $verdict->label() }}</span></label>
                    @endforeach
                </fieldset>
                @if ($errors->has('blur'))<p class="problem">{{ $errors->first('blur') }}</p>@endif
                <x-entry name="exposure_thirds" label="Exposure, in thirds" :problem="$errors->first('exposure_thirds') ?: null" hint="Too bright is plus, too dark minus">
                    <button type="button" class="step" data-rapid data-third="-1" data-for="f-exposure_thirds" aria-label="A third darker">−⅓</button>
                    <select id="f-exposure_thirds" name="exposure_thirds" class="pick">
                        <option value="">not judged</option>
                        @foreach ($thirds as $one)
                            <option value="{{ $one }}" @selected((string) old('exposure_thirds', $frame->exposure_thirds) === (string) $one)>{{ $one === 0 ? 'right' : $write->thirds($one).($one > 0 ? ' too bright' : ' too dark') }}</option>
                        @endforeach
                    </select>
                    <button type="button" class="step" data-rapid data-third="1" data-for="f-exposure_thirds" aria-label="A third brighter">+⅓</button>
                </x-entry>
                <fieldset class="correct-by"><legend>Correct the next</legend>
                    @foreach ($corrections as $one)<label class="tick is-inline"><input type="radio" name="by" value="{{ $one->value }}" @checked(old('by', 'time') === $one->value)> {{ $one->label() }}</label>@endforeach
                </fieldset>
                <x-entry name="open" label="It was open for" :value="old('open', $write->number($frame->open_s, $frame->open_s < 1 ? 5 : 2))" unit="s" :problem="$errors->first('open') ?: null"/>
                <label for="f-note" class="note-label">Note</label>
                <textarea class="textarea" id="f-note" name="note" rows="3" @if ($errors->has('note')) aria-invalid="true" @endif>{{ old('note', $frame->note) }}</textarea>
                @if ($errors->has('note'))<p class="problem">{{ $errors->first('note') }}</p>@endif
                <div class="foot-line">
                    <button class="button is-go" name="next" value="1">Keep, and plan the next</button>
                    <button class="button">{{ $nextInList ? 'Keep, and on to the next of the list' : 'Keep' }}</button>
                </div>
            </form>
        @else
            <p class="said">Not taken yet. <a href="{{ route('shoot.show', $frame) }}">Shoot it</a></p>
        @endif
        <section>
            <h2>What led to it</h2>
            <dl class="facts">
                <div><dt>Asked for</dt><dd>{{ $frame->exactLabel() }}</dd></div>
                <div><dt>Base reading</dt><dd>{{ $plan->readingLabel }}</dd></div>
                <div><dt>Light</dt><dd>EV {{ number_format($plan->ev100, 1) }}</dd></div>
                <div><dt>Carried correction</dt><dd>{{ $write->stops($frame->correction_stops) }} stops</dd></div>
                <div><dt>Water</dt><dd>{{ $plan->guess ?? $write->speed($plan->speedMS) }}</dd></div>
                <div><dt>Drawing left</dt><dd>{{ number_format(100 * $plan->texture) }}&hairsp;%</dd></div>
                <div><dt>Framed from</dt><dd>{{ is_numeric($frame->inputs['distance']) ? $write->about((float) $frame->inputs['distance']) : $frame->inputs['distance'].' m' }} at {{ $frame->inputs['focal'] }} mm</dd></div>
                @if ($lightWords)<div><dt>Light while open</dt><dd>{{ $lightWords }}</dd></div>@endif
                <div><dt>Steps ticked</dt><dd>{{ count($frame->steps_done) }} of {{ count($plan->steps) }}</dd></div>
                @if ($frame->after_frame_id)<div><dt>After</dt><dd><a href="{{ route('log.show', $frame->after_frame_id) }}">frame {{ $frame->after_frame_id }}</a></dd></div>@endif
            </dl>
            <div class="foot-line is-apart">
                @if ($nextInList)<a class="button" href="{{ route('shoot.show', $nextInList) }}">Next of the list, without a verdict</a>@endif
                @if ($frame->isTaken())<form method="post" action="{{ route('shoot.again', $frame) }}"><x-once/> <button class="button">Same again</button></form>@endif
                <form method="post" action="{{ route('log.destroy', $frame) }}">@csrf @method('delete') <button class="button is-warn is-small">Delete this frame</button></form>
            </div>
        </section>
    </div>
</x-layout>
