<x-layout title="Log" here="log" script="log">
    <div class="title-line">
        <h1>Log</h1>
        <div class="days">@if ($frames->isNotEmpty())<a class="button is-small" href="{{ route('log.csv') }}">As a table</a>@endif</div>
    </div>
    <x-taking words="Take pictures in" send="Send them" is-go>
        <p class="hint">
            Choose, drop or paste: each lies down with its frame, by its time and settings.
            {{ $originals ? 'Originals are kept, untouched.' : 'Only working pictures are kept.' }}
        </p>
    </x-taking>
    @if ($open > 0)
        <p class="said">
            <a href="{{ route('photos.open') }}">{{ $open === 1 ? 'One picture lies' : $open.' pictures lie' }} with no frame yet</a>
        </p>
    @endif
    @if ($frames->isNotEmpty() || ! $sheet->isWhole())
        <form class="sheet-asks" method="get" action="{{ route('log') }}" data-asks-at-once>
            @foreach ([
                ['outing', 'Any outing', $outings->mapWithKeys(fn ($o) => [
                    $o->id => $o->place->name.', '.$o->starts_at->copy()->setTimezone($o->place->timezone)->format('j M Y'),
                ]), $sheet->outing?->id],
                ['place', 'Any place', $places->pluck('name', 'id'), $sheet->placeId],
                ['look', 'Any look', collect($looks)->mapWithKeys(fn ($l) => [$l->value => $l->value]), $sheet->look?->value],
                ['filters', 'Any filter', collect($filterNames)->mapWithKeys(fn ($f) => [$f => $f]), $sheet->filters],
                ['show', 'Not the folded', collect(['keepers' => 'Keepers', 'all' => 'All, the folded too']),
                    $sheet->keepersOnly ? 'keepers' : ($sheet->withRejects ? 'all' : null)],
            ] as [$name, $all, $of, $chosen])
                @if ($of->count() > 0)<select class="pick" name="{{ $name }}" aria-label="{{ $all }}">
                        <option value="">{{ $all }}</option>
                        @foreach ($of as $value => $words)
                            <option value="{{ $value }}" @selected((string) $chosen === (string) $value)>{{ $words }}</option>
                        @endforeach
                    </select>@endif
            @endforeach
            <button class="button is-small" data-asks-button>Show</button>
        </form>
    @endif
    @if ($frames->isEmpty())
        <div class="empty">
            <p>
                @if ($sheet->isWhole())Nothing was taken yet. The first frame comes from the <a href="{{ route('bench') }}">bench</a>, or
                    from a picture that you drop
                    here.@else
                    No frame is like that. <a href="{{ route('log') }}">All frames</a>@endif
            </p>
        </div>
    @else
        <form method="get" action="{{ route('log.compare') }}" id="compare-chosen"></form>
        <ol class="contact">
            @foreach ($frames as $frame)
                <li @class(['tile', 'is-keeper' => $frame->keeper?->value === 'keeper', 'is-folded' => $frame->keeper?->value === 'reject'])
                    data-tile="{{ route('log.mark', $frame) }}">
                    <a class="tile-link" href="{{ route('log.show', $frame) }}"
                        aria-label="Frame {{ $frame->id }}: {{ $frame->openLabel() }}, {{ $frame->look->value }}, {{ $frame->subject?->name
                            ?? $frame->water_kind->label() }}">
                        @if ($frame->photo)<img src="{{ route('photos.thumb', [$frame->photo, 'of' => $frame->photo->fingerprint()]) }}"
                                alt="" loading="lazy" width="480" height="320">
                            @else<svg viewBox="0 0 120 60" class="swatch" preserveAspectRatio="none" aria-hidden="true">
                                <rect width="120" height="60"/><path class="strokes" d="{{ $swatch($frame) }}"/>
                            </svg>@endif
                    </a>
                    <div class="tile-foot">
                        <b class="tile-figure">{{ $frame->openLabel() }}</b>
                        <span class="tile-what">{{ $frame->look->value }}{{ $frame->blur ? ', '.$frame->blur->label()
                            : '' }}<small>{{ $frame->subject?->name ?? ucfirst($frame->water_kind->label()) }}
                                ·
                                @if ($frame->opened_at)<x-at :time="$frame->opened_at"
                                        :zone="$frame->place?->timezone" format="j M H:i"/>@endif<br>{{ $frame->plan->way->apertureLabel }}
                                · ISO {{ $frame->plan->way->isoLabel }} · {{ $frame->plan->way->filtersLabel() }}</small></span>
                        <form class="tile-marks" method="post" action="{{ route('log.mark', $frame) }}">
                            @csrf @method('put')
                            <button class="star" name="keeper"
                                value="{{ $frame->keeper?->value === 'keeper' ? '' : 'keeper' }}"
                                aria-pressed="{{ $frame->keeper?->value === 'keeper' ? 'true' : 'false' }}"
                                aria-label="Keeper: frame {{ $frame->id }}" title="Keeper (k)">
                                <svg viewBox="0 0 24 24" aria-hidden="true">
                                    <path d="M12 3l2.7 5.8 6.3.8-4.6 4.4 1.2 6.3L12 17.2l-5.6 3.1 1.2-6.3L3 9.6l6.3-.8z"/>
                                </svg>
                            </button>
                            @if ($frame->photo)<label class="tick is-inline" title="Choose to compare"><input type="checkbox"
                                form="compare-chosen"
                                        name="chosen[]" value="{{ $frame->id }}" data-choose
                                            aria-label="Compare frame {{ $frame->id }}"></label>@endif
                        </form>
                    </div>
                </li>
            @endforeach
        </ol>
        <div class="chosen-line" data-chosen>
            <button class="button is-go" form="compare-chosen">Side by side</button>
            <span class="hint" data-chosen-words>Tick two to four pictures. <span class="of-keys"><kbd>k</kbd> keeps the one at hand,
                <kbd>x</kbd> folds it away.</span></span>
        </div>
        {{ $frames->links('log.pages') }}
    @endif
    @if ($planned->isNotEmpty())
        <details class="more planned" @if ($frames->isEmpty()) open @endif>
            <summary>{{ $planned->count() === 1 ? 'One frame is' : 'Frames' }} planned and not taken</summary>
            <ul class="sightings">
                @foreach ($planned as $frame)
                    <li>
                        <span>Frame {{ $frame->id }}: {{ $frame->plan->way->shutterLabel }}, {{ $frame->plan->way->apertureLabel }},
                            {{ $frame->look->value }}{{ $frame->place ? ' at '.$frame->place->name : '' }}</span>
                        <a class="button is-small" href="{{ route('shoot.show', $frame) }}">Shoot it</a>
                    </li>
                @endforeach
            </ul>
        </details>
    @endif
    <details class="more">
        <summary>What is kept of a picture</summary>
        <form method="post" action="{{ route('photos.choose') }}">
            @csrf @method('put')
            <label class="tick"><input type="radio" name="originals" value="1" @checked($originals)> The original, untouched, and a working
                picture of 2,048 pixels</label>
            <label class="tick"><input type="radio" name="originals" value="0" @checked(! $originals)> The working picture alone: less room,
                and what clips is known less exactly</label>
            <label class="tick"><input type="checkbox" name="positions" value="1" @checked($positions)> Its file may be asked where it was
                taken, to find the place of a frame that nobody planned</label>
            <p class="hint">
                Without that leave, where a picture was taken is not looked at; with it, it is used once and kept nowhere. What is learned
                of a frame goes out as a sidecar beside the original, never into it.
            </p>
            <div class="foot-line"><button class="button">Keep</button></div>
        </form>
    </details>
</x-layout>
