<x-layout title="Frame {{ $frame->id }}" here="log" script="log">
    <div class="headline">
        <h1>
            Frame {{ $frame->id }}: {{ $frame->look->value }} in the {{ $frame->water_kind->label() }}
            <small>{{ implode(', ', array_filter([$frame->place?->name, $frame->subject?->name])).($frame->place ? ' · ' : '')
                }}@if ($frame->opened_at)<x-at :time="$frame->opened_at" :zone="$frame->place?->timezone" format="j M Y, H:i:s"/>@else
                    not taken yet @endif</small>
        </h1>
        <p class="settings">
            <span class="figure">{{ $frame->openLabel() }}</span><span class="figure">{{ $way->apertureLabel }}</span>
            <span class="figure"><i>ISO</i> {{ $way->isoLabel }}</span>
            <span class="figure is-filters">{{ $way->filtersLabel() }}</span>
        </p>
    </div>
    @if ($photo)
        <div class="looked-at" id="check" data-looked-at>
            <div>
                <div class="picture-stage" data-areas tabindex="0"
                    role="application" aria-label="The picture. Drag to draw an area; arrows move it, with shift they size it.">
                    <img src="{{ route('photos.picture', [$photo, 'of' => $photo->fingerprint()]) }}"
                        alt="Frame {{ $frame->id }}" width="{{ $photo->width }}" height="{{ $photo->height }}" data-picture>
                    <canvas data-clipping hidden aria-hidden="true"></canvas>
                    <svg data-areas-drawn viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true"></svg>
                </div>
                <form class="picture-tools" method="post" action="{{ route('photos.areas', $photo) }}">
                    @csrf @method('put')
                    <fieldset class="looks is-small">
                        <legend class="is-sr-only">Draw</legend>
                        <label class="look"><input type="radio" name="drawing" value="water_area" checked
                            data-drawing><span>The water</span></label>
                        <label class="look"><input type="radio" name="drawing" value="still_area"
                            data-drawing><span>What stands still</span></label>
                    </fieldset>
                    <button type="button" class="button is-small" data-shows-clipping aria-pressed="false">Where it clips</button>
                    <button type="button" class="button is-small" data-clears-area>Undraw</button>
                    <button class="button is-small" data-keeps-areas>Keep and measure</button>
                    <details class="more">
                        <summary>As numbers</summary>
                        <x-entry name="water_area" label="The water" class="is-wide"
                            :value="old('water_area', $photo->water()?->written())" :problem="$errors->first('water_area') ?: null"
                            placeholder="0.2,0.5,0.6,0.4" hint="Left, top, width, height, as shares"/>
                        <x-entry name="still_area" label="What stands still" class="is-wide"
                            :value="old('still_area', $photo->still()?->written())" :problem="$errors->first('still_area') ?: null"
                            placeholder="0.1,0.3,0.2,0.2"/>
                    </details>
                </form>
                @foreach ($disagrees as $one)<p class="warn">{{ $one }}</p>@endforeach
            </div>
            <section class="check" aria-label="The check" hx-get="{{ route('photos.check', $photo) }}"
                hx-trigger="load" hx-swap="innerHTML" data-says-itself data-check>
                <h2>Looking at it …</h2><noscript><p><a href="{{ route('photos.check', $photo) }}">The check</a></p></noscript>
            </section>
        </div>
    @endif
    <div class="frame-columns">
        @if ($frame->isTaken())
            <form class="verdict" method="post" action="{{ route('log.judge', $frame) }}">
                @csrf <input type="hidden" name="as_seen" value="{{ $asSeen($frame) }}"> @method('put')
                <h2>How did it come out?</h2>
                <p class="hint">First look: sharp? Histogram clear of the right edge? Anything blinking?</p>
                <fieldset class="looks">
                    <legend>Blur</legend>
                    @foreach ($verdicts as $verdict)
                        <label class="look"><input type="radio" name="blur" value="{{ $verdict->value }}"
                                @checked(old('blur', $frame->blur?->value) === $verdict->value)><span>{{ $verdict->label() }}</span></label>
                    @endforeach
                </fieldset>
                @if ($errors->has('blur'))<p class="problem">{{ $errors->first('blur') }}</p>@endif
                <x-entry name="called" label="You would call it"
                    :problem="$errors->first('called') ?: null"
                    hint="Planned as {{ $frame->look->value }}; from a ladder that is called through, your own looks are learned">
                    <select id="f-called" name="called" class="pick">
                        <option value="">not said</option>
                        @foreach ($looks as $look)
                            <option value="{{ $look->value }}" @selected(old('called', $frame->called?->value) === $look->value)>
                                {{ $look->value }}: {{ $look->words() }}
                            </option>
                        @endforeach
                    </select>
                </x-entry>
                <x-entry name="exposure_thirds" label="Exposure, in thirds"
                    :problem="$errors->first('exposure_thirds') ?: null" hint="Too bright is plus, too dark minus">
                    <button type="button" class="step" data-rapid data-third="-1" data-for="f-exposure_thirds" aria-label="A third darker">
                        −⅓
                    </button>
                    <select id="f-exposure_thirds" name="exposure_thirds" class="pick">
                        <option value="">not judged</option>
                        @foreach ($thirds as $one)
                            <option value="{{ $one }}"
                                @selected((string) old('exposure_thirds', $frame->exposure_thirds) === (string) $one)>
                                {{ $one === 0 ? 'right' : $write->thirds($one).($one > 0 ? ' too bright' : ' too dark') }}
                            </option>
                        @endforeach
                    </select>
                    <button type="button" class="step" data-rapid data-third="1" data-for="f-exposure_thirds" aria-label="A third brighter">
                        +⅓
                    </button>
                </x-entry>
                <fieldset class="correct-by">
                    <legend>Correct the next</legend>
                    @foreach ($corrections as $one)<label class="tick is-inline"><input type="radio" name="by" value="{{ $one->value }}"
                                @checked(old('by', 'time') === $one->value)>
                            {{ $one->label() }}</label>@endforeach
                </fieldset>
                <x-entry name="open" label="It was open for"
                    :value="old('open', $write->number($frame->open_s, $frame->open_s < 1 ? 5 : 2))" unit="s"
                    :problem="$errors->first('open') ?: null"/>
                <label for="f-note" class="note-label">Note</label>
                <textarea class="textarea" id="f-note" name="note" rows="3" @if ($errors->has('note'))
                    aria-invalid="true" @endif>{{ old('note', $frame->note) }}</textarea>
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
                <div>
                    <dt>Framed from</dt>
                    <dd>
                        {{ is_numeric($frame->inputs['distance']) ? $write->about((float) $frame->inputs['distance'])
                            : $frame->inputs['distance'].' m' }}
                        at {{ $frame->inputs['focal'] }} mm
                    </dd>
                </div>
                @if ($lightWords)<div><dt>Light while open</dt><dd>{{ $lightWords }}</dd></div>@endif
                <div><dt>Steps ticked</dt><dd>{{ count($frame->steps_done) }} of {{ count($plan->steps) }}</dd></div>
                @if ($photo)
                    <div>
                        <dt>File</dt>
                        <dd>
                            {{ $photo->name }}
                            <small class="hint">{{ implode(' · ',
                                array_filter([$photo->camera, $photo->lens, $photo->focal_mm ? $write->number($photo->focal_mm).' mm' :
                                null])) }}</small>
                        </dd>
                    </div>
                @endif
                @if ($frame->after_frame_id)
                    <div>
                        <dt>After</dt>
                        <dd><a href="{{ route('log.show', $frame->after_frame_id) }}">frame {{ $frame->after_frame_id }}</a></dd>
                    </div>
                @endif
            </dl>
            @if ($told->filter && ($base || $told->calibration || $told->guess))
                <div class="filter-told" id="filter">
                    <h2>What the filter takes</h2>
                    @if ($told->calibration)
                        <p>
                            <b class="figure">{{ number_format($told->calibration->stops, 1) }}</b>
                            <span class="hint">stops ± {{ number_format(max(0.01, $told->calibration->uncertainty_stops), 2) }},
                                {{ $told->filter->name }}</span>
                        </p>
                        <p class="hint">
                            Red {{ $write->stops(-$told->calibration->red_stops) }}, blue
                            {{ $write->stops(-$told->calibration->blue_stops) }} against
                            green{{ $told->calibration->evenness_stops !== null && abs($told->calibration->evenness_stops) > 0.05
                                ? '; '.number_format($told->calibration->evenness_stops, 1).' more in the corners'
                                : '; even from middle to corner' }}{{ abs($told->calibration->drift_stops) > 0.02
                                ? '. Light that changed by '.$write->stops($told->calibration->drift_stops).' between the two is counted'
                                : '' }}.
                        </p>
                        <div class="foot-line">
                            <form method="post" action="{{ route('calibrations.use', $told->calibration) }}">
                                @csrf @method('put')<button class="button is-go">Use it from now</button>
                            </form>
                            <form method="post" action="{{ route('calibrations.destroy', $told->calibration) }}">
                                @csrf @method('delete')<button class="button is-small">Forget it</button>
                            </form>
                        </div>
                    @elseif ($photo && $base)
                        <form method="post" action="{{ route('log.calibrate', $frame) }}">
                            <x-once/> <button class="button">Measure {{ $told->filter->name }} by this pair</button>
                        </form>
                    @endif
                    @if ($errors->has('calibrate'))<p class="problem">{{ $errors->first('calibrate') }}</p>@endif
                    @if ($told->guess)<p class="warn">{{ $told->guess }}</p>@endif
                </div>
            @endif
            @if ($frame->by_file)
                <form method="post" action="{{ route('log.tell', $frame) }}" class="tell">
                    @csrf @method('put')
                    <h2>Nobody planned it</h2>
                    <x-entry name="subject" label="It shows" :problem="$errors->first('subject') ?: null">
                        <select id="f-subject" name="subject" class="pick">
                            <option value="">a water that is not kept</option>
                            @foreach ($places as $place)
                                @foreach ($place->subjects as $subject)
                                    <option value="{{ $subject->id }}" @selected((int) old('subject', $frame->subject_id) === $subject->id)>
                                        {{ $place->name }}: {{ $subject->name }}
                                    </option>
                                @endforeach
                            @endforeach
                        </select>
                    </x-entry>
                    <fieldset class="tell-on">
                        <legend>Through</legend>
                        @foreach ($filters as $filter)<label class="tick is-inline"><input type="checkbox" name="on[]"
                                    value="{{ $filter->id }}" @checked(in_array($filter->name, $way->filters, true))>
                                {{ $filter->name }}</label>@endforeach
                    </fieldset>
                    @if ($errors->has('on'))<p class="problem">{{ $errors->first('on') }}</p>@endif
                    <div class="foot-line"><button class="button">Keep, and work it out anew</button></div>
                </form>
            @endif
            @if (! $photo)
                <x-taking words="Take its picture in" send="Send it"/>
            @else
                <details class="more">
                    <summary>Take it elsewhere</summary>
                    <form method="get" action="{{ route('log.xmp', $frame) }}">
                        <fieldset class="tell-on">
                            <legend>A sidecar for the original, with</legend>
                            @foreach ($sidecarParts as $part => $words)<label class="tick is-inline"><input type="checkbox"
                                name="{{ $part }}"
                                        value="1" checked> {{ $words }}</label>@endforeach
                        </fieldset>
                        <div class="foot-line">
                            <button class="button">Save the sidecar (XMP)</button>@if ($photo->original->value === 'kept') <a class="button"
                                href="{{ route('photos.original', $photo) }}">Save
                                    the
                                    original</a>@endif
                        </div>
                    </form>
                    @if ($base)
                        <form method="get" action="{{ route('log.compare') }}">
                            <input type="hidden" name="chosen[]" value="b{{ $base->frame_id }}">
                            <input type="hidden" name="chosen[]" value="{{ $frame->id }}">
                            <button class="button">Beside its base</button>
                        </form>
                    @endif
                    <form method="post" action="{{ route('photos.destroy', $photo) }}">
                        @csrf @method('delete')<button class="button is-warn is-small">Take the picture away</button>
                    </form>
                </details>
            @endif
            <div class="foot-line is-apart">
                @if ($nextInList)<a class="button" href="{{ route('shoot.show', $nextInList) }}">Next of the list, without a
                        verdict</a>@endif
                @if ($frame->isTaken())
                    <form method="post" action="{{ route('shoot.again', $frame) }}">
                        <x-once/> <button class="button">Same again</button>
                    </form>
                    <form method="post" action="{{ route('log.mark', $frame) }}" data-marks>
                        @csrf
                        @method('put')
                        <button class="button" name="keeper"
                            value="{{ $frame->keeper?->value === 'keeper' ? '' : 'keeper' }}"
                            aria-pressed="{{ $frame->keeper?->value === 'keeper' ? 'true' : 'false' }}">
                            {{ $frame->keeper?->value === 'keeper' ? 'A keeper' : 'Keeper' }}
                        </button>
                        <button class="button is-small" name="keeper"
                            value="{{ $frame->keeper?->value === 'reject' ? '' : 'reject' }}"
                            aria-pressed="{{ $frame->keeper?->value === 'reject' ? 'true' : 'false' }}">
                            {{ $frame->keeper?->value === 'reject' ? 'Folded away' : 'Fold away' }}
                        </button>
                    </form>
                @endif
                <form method="post" action="{{ route('log.destroy', $frame) }}">
                    @csrf @method('delete') <button class="button is-warn is-small">Delete this frame</button>
                </form>
            </div>
        </section>
    </div>
</x-layout>
