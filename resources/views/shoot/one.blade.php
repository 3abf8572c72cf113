{{-- The one screen of Shoot: a frame of the log, or of a field file, which fills it in itself. --}}
<section class="shoot-one" aria-label="The frame">
    <p class="shoot-where">
        <span data-where>{{ $where }}@isset($listed) · <a href="{{ $listed[0] }}">{{ $listed[1] }}</a>@endisset</span>
        @if ($leaveBy)<b class="shoot-leave" data-leave-words>leave by <x-at :time="$leaveBy" :zone="$zone" format="H:i"/></b>@else
            @isset($carried)<b class="shoot-leave" data-leave-words hidden></b>@endisset<span data-clock @if ($write->units()->twelveHours)
                data-twelve @endif></span>@endif
    </p>
    <p class="shoot-figure" data-figure role="timer" aria-label="Open time">{{ $figure }}</p>
    <p class="shoot-under" data-under>{{ $under }}</p>
    <progress class="shoot-bar" max="1000" value="0" data-bar aria-label="Share of the light gathered"></progress>
    <p class="shoot-light" data-light-words role="status" hidden></p>
    <p class="shoot-settings" data-settings>@foreach ($settings as $setting)<b>{{ $setting }}</b> @endforeach</p>
    @if (($errors ?? null)?->any())<p class="problem" role="alert">{{ $errors->first() }}</p>@endif
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
        @if ($moment)<p class="shoot-moment">{{ $moment }}</p>@endif
        <div class="shoot-starts" role="group" aria-label="Start the frame">
            @foreach ([0 => 'now', 2 => '2 s', 5 => '5 s',
                10 => '10 s'] as $seconds => $words)<button type="button" class="button" data-start="{{ $seconds }}">
                    {{ $words }}
                </button>@endforeach
            @if ($rhythm)
                <button type="button" class="button is-wide" data-start-beat><b>{{ $onTheBeat }}</b> <small data-next-beat></small></button>
                <button type="button" class="button" data-beat-now data-rapid>{{ $beat }}</button>
            @endif
            <span class="shoot-clock-start is-wide"><button type="button" class="button" data-start-clock>
                    <span>at <b data-start-at></b></span>
                </button>
                <button type="button" class="button" data-later="-60" data-rapid aria-label="A minute earlier">−</button><button
                    type="button" class="button" data-later="60"
                    data-rapid aria-label="A minute later">
                    +
                </button></span>
        </div>
        @if ($rhythm)<p class="shoot-set" data-next-set></p>@endif
    </div>
    <div class="shoot-running" data-running hidden>
        <div class="shoot-starts is-light" role="group" aria-label="The light has changed">
            <button type="button" class="button" data-sun="gone" aria-pressed="false">Sun gone</button><button type="button" class="button"
                data-sun="back"
                aria-pressed="true">
                Sun back
            </button>
            <button type="button" class="button" data-sun="-1" data-rapid aria-label="darker ⅓ of a stop">darker ⅓</button><button
                type="button" class="button" data-sun="1"
                data-rapid aria-label="brighter ⅓ of a stop">
                brighter ⅓
            </button>
        </div>
        <button type="button" class="button is-undo" data-undo>Not open: undo</button>
        <button type="button" class="button is-close" data-close><b data-close-words></b><small data-close-small></small></button>
    </div>
    <div class="shoot-after" data-after hidden>
        <p data-after-words></p>
        <a class="button is-go" data-after-to href="{{ $after }}">To its verdict</a>
    </div>
    <p class="shoot-said" role="status" aria-live="assertive" data-said></p>
    <p class="warn" role="alert" data-warning hidden></p>
</section>
