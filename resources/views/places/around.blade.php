{{-- The horizon unrolled and the ground, under the day board's cursor. --}}
<section id="around" class="around">
    <span id="horizon-asked-asks" hidden hx-get="{{ route('places.horizon', $place) }}"
        hx-include="#horizon-asked" hx-trigger="ask" hx-target="#horizon" hx-select="#horizon" hx-select-oob="#ground:outerHTML"
        hx-swap="morph:outerHTML" hx-sync="this:replace" hx-request='{"timeout":15000}' data-says-itself></span>
    @php($at = fn (string $field) => $frameProblems->first($field) ?: null)
    <div id="horizon">
        <h2>Horizon</h2>
        @if ($sheet === null)
            <p class="said">
                Without a position there is no sun and no horizon. <a href="{{ route('places.edit', $place) }}">Give it one</a>.
            </p>
        @else
            <dl class="passages">
                @foreach ($passages as [$what, $when])<div><dt>{{ $what }}</dt><dd>{{ $when }}</dd></div>@endforeach
                @if ($atCompass !== '')<div><dt>A compass here</dt><dd>points {{ $atCompass }}</dd></div>@endif
            </dl>
            <form method="get" action="{{ route('places.show', $place) }}#around"
                class="lens-form" id="horizon-asked" data-state="{{ $frameProblems->isEmpty() ? 'fresh' : 'refused' }}">
                <input type="hidden" name="day" value="{{ $dayWritten }}">
                <input type="hidden" name="skyline" value="{{ $asked['skyline'] }}" data-tried-skyline @disabled(! $triesSkyline)>
                <x-entry name="facing" id="lens-facing" label="Lens faces"
                    unit="°" :value="$asked['facing']" :problem="$at('facing')" inputmode="decimal"/>
                <x-entry name="focal" id="lens-focal" label="at"
                    unit="mm" :value="$asked['focal']" :problem="$at('focal')" inputmode="decimal"/>
                <x-entry name="tilt" id="lens-tilt" label="tilted up"
                    unit="°" :value="$asked['tilt']" :problem="$at('tilt')" inputmode="text"/>
                <label class="tick is-inline"><input type="checkbox" name="upright" value="1" @checked($asked['upright'])> upright</label>
                <span class="hint">{{ number_format($frame->acrossDeg()) }}° by {{ number_format($frame->upDeg()) }}°</span>
                <button class="button is-small work-it-out">Draw it</button>
                <p class="hint" id="horizon-asked-said" role="status"></p>
                @if ($at('skyline'))<p class="problem" role="alert">The skyline is not drawn: {{ $at('skyline') }}</p>@endif
            </form>
            @php($steps = $sheet->steps())
            <div class="horizon" data-horizon data-degree="{{ $sheet::DEGREE }}"
                data-centre="{{ $sheet->centreDeg }}" data-sky="{{ $sheet->skyDeg }}" data-top="{{ $sheet->y($sheet->skyDeg) }}"
                data-skyline='@json($sheet->skylineSamples())' data-steps='@json($steps)'>
                <dl class="readings is-small" aria-live="off">
                    <div class="reading-of"><dt><label for="horizon-time">at</label></dt><dd data-at></dd></div>
                    <div class="reading-of"><dt>sun</dt><dd data-tell="sun"></dd></div>
                    <div class="reading-of"><dt>moon</dt><dd data-tell="moon"></dd></div>
                    <div class="reading-of"><dt>polariser, clear sky</dt><dd data-tell="sky"></dd></div>
                    <div class="reading-of"><dt>water</dt><dd data-tell="glare"></dd></div>
                </dl>
                <input type="range" class="horizon-time" id="horizon-time"
                    min="0" max="{{ count($steps) - 1 }}" value="0" aria-label="Time of day" data-go-time>
                <div class="horizon-scroll" tabindex="0" role="region" aria-label="Horizon, drawing">
                    <svg viewBox="0 0 {{ $sheet::WIDTH }} {{ $sheet->height() }}"
                        width="{{ $sheet::WIDTH }}" height="{{ $sheet->height() }}" role="group"
                        aria-label="Horizon of {{ $place->name }}: azimuth across, altitude up">
                        <defs>
                            <x-dark-hand id="dark-h"/>
                            <clipPath id="horizon-clip">
                                <rect x="0" y="{{ $sheet->y($sheet->skyDeg) }}"
                                    width="{{ $sheet::WIDTH }}" height="{{ $sheet->footY() - $sheet->y($sheet->skyDeg) }}"/>
                            </clipPath>
                        </defs>
                        <g aria-hidden="true">
                            @foreach ($darkHand as $phase => $strokes)
                                <rect class="horizon-dark" data-dark="{{ $phase }}"
                                    x="0" y="{{ $sheet->y($sheet->skyDeg) }}" width="{{ $sheet::WIDTH }}"
                                    height="{{ $sheet->horizonY() - $sheet->y($sheet->skyDeg) }}" fill="url(#dark-h-{{ $phase }})" hidden/>
                            @endforeach
                            <rect class="horizon-below" x="0"
                                y="{{ $sheet->horizonY() }}" width="{{ $sheet::WIDTH }}"
                                height="{{ $sheet->footY() - $sheet->horizonY() }}"/>
                            @foreach ($sheet->altitudes() as $label)
                                <path class="horizon-grid" d="M34 {{ $label->y }}H{{ $sheet::WIDTH }}"/>
                                <text class="scale" x="{{ $label->x }}" y="{{ $label->y + 4 }}">{{ $label->text }}</text>
                            @endforeach
                            <path class="horizon-way is-moon" d="{{ $sheet->way($bodies[1]) }}"/>
                            <path class="horizon-way" d="{{ $sheet->way($bodies[0]) }}"/>
                            @foreach ($bodies as $body)
                                @foreach ($sheet->hours($body) as $label)
                                    <circle @class(['horizon-hour', 'is-moon' => $body->value === 'moon'])
                                        cx="{{ $label->x }}" cy="{{ $label->y + 9 }}" r="3"/>
                                    @if ($label->text !== '')
                                        <x-drawn-label @class(['horizon-hour-name', 'is-moon' => $body->value === 'moon']) :label="$label"/>
                                    @endif
                                @endforeach
                            @endforeach
                            @foreach ($sheet->directions() as $label)
                                <path class="horizon-tick"
                                d="M{{ $label->x }} {{ $sheet->footY() }}v5"/>
                                <x-drawn-label class="scale" :label="$label"/>
                            @endforeach
                            <path class="horizon-skyline" data-skyline-path d="{{ $sheet->skylinePath() }}"/>
                            <path class="horizon-line" d="M0 {{ $sheet->horizonY() }}H{{ $sheet::WIDTH }}"/>
                            <g clip-path="url(#horizon-clip)">
                                <g class="horizon-body is-moon" data-body="moonAt"><circle r="8"/></g>
                                <g class="horizon-body" data-body="sunAt">
                                    <circle r="9"/>
                                    <path
                                        d="M0 -16V-12M0 12V16M-16 0H-12M12 0H16M-11.3 -11.3L-8.5 -8.5
                                            M8.5 8.5L11.3 11.3M-11.3 11.3L-8.5 8.5M8.5 -8.5L11.3 -11.3"/>
                                </g>
                            </g>
                        </g>
                        <g clip-path="url(#horizon-clip)">
                            <g class="lens" data-lens
                                transform="translate({{ $sheet->x($frame->facingDeg) }} {{ $sheet->y($frame->tiltDeg) }})" tabindex="0"
                                role="slider" aria-label="Where the lens faces" aria-valuemin="0" aria-valuemax="360"
                                aria-valuenow="{{ round($frame->facingDeg) }}"
                                aria-valuetext="{{ round($frame->facingDeg) }} degrees, {{ number_format($frame->acrossDeg()) }} wide">
                                @foreach ([-$sheet::WIDTH, 0, $sheet::WIDTH] as $turn)
                                    <path class="lens-edge" transform="translate({{ $turn }} 0)" d="{{ $sheet->framePath() }}"/>
                                @endforeach
                                <path class="lens-middle" d="M-7 0H7M0 -7V7"/>
                                <g class="lens-wider" data-wider transform="translate({{ $sheet->frameHandle()[0] }} 0)">
                                    <rect x="-22" y="-22" width="44" height="44"/><path d="M-5 -14V14M5 -14V14"/>
                                </g>
                            </g>
                        </g>
                    </svg>
                </div>
                <p class="hint horizon-help">
                    Drag the frame, widen it by its right edge, or type. The rings are the hours; the skyline counts wherever light is
                    reckoned.
                </p>
            </div>
            <form method="post" action="{{ route('places.facing', $place) }}" class="foot-line is-tight">
                @csrf @method('put')<input type="hidden" name="facing" value="{{ round($frame->facingDeg, 1) }}">
                @if ($place->facing_deg === null || abs($place->facing_deg - $frame->facingDeg) >= 0.5)<button class="button is-small">
                        Keep {{ round($frame->facingDeg) }}° as the facing here
                    </button>@endif
                <button type="button" class="button is-small" data-draw-skyline aria-pressed="false">Draw the skyline by hand</button>
                <button form="around-kept" class="button is-small is-go"
                    data-keep-skyline @if (! $triesSkyline || $at('skyline')) hidden @endif>
                    Keep the skyline
                </button>
            </form>
        @endif
    </div>
    <div class="ground-columns">
        <div id="ground">
            <h2>Ground</h2>
            <div class="ground" data-ground data-steps='@json($plan->steps())'>
                <svg viewBox="0 0 {{ $plan::SIZE }} {{ $plan::SIZE }}" role="img" aria-label="Ground plan of {{ $place->name }}, north up">
                    <path class="ground-lens" d="{{ $plan->wedge() }}"/>
                    @if ($plan->swellFromDeg !== null)
                        <path class="ground-swell" d="{{ $plan->arrows($plan->swellFromDeg) }}"/>
                        <x-drawn-label class="ground-name is-swell" :label="$plan->arrowLabel('swell', $plan->swellFromDeg, 9)"/>
                    @endif
                    @if ($plan->windFromDeg !== null)
                        <path class="ground-wind" d="{{ $plan->arrows($plan->windFromDeg) }}"/>
                        <x-drawn-label class="ground-name is-wind" :label="$plan->arrowLabel('wind', $plan->windFromDeg, -9)"/>
                    @endif
                    <path class="ground-way" d="{{ $plan->wayPath() }}"/>
                    <path class="ground-reached" data-stretch="reached" d=""/>
                    <path class="ground-under" data-stretch="under" d=""/>
                    @foreach ($plan->levels() as $label)
                        <circle class="ground-leg" cx="{{ $label->x }}" cy="{{ $label->y }}" r="4"/>
                        <text class="ground-level" x="{{ $label->x + ($label->anchor === 'end' ? -8 : 8) }}"
                            y="{{ $label->y - 7 }}" text-anchor="{{ $label->anchor }}">{{ $label->text }}</text>
                    @endforeach
                    @foreach ($plan->subjects() as [$label, $x, $y, $near, $lead])
                        @if ($lead)<path class="label-lead" d="{{ $lead }}"/>@endif
                        <circle @class(['ground-subject', 'is-far' => ! $near]) cx="{{ $x }}" cy="{{ $y }}" r="6"/>
                        <x-drawn-label class="ground-name" :label="$label"/>
                    @endforeach
                    <g transform="translate({{ $plan::SIZE / 2 }} {{ $plan::SIZE / 2 }})">
                        <circle class="ground-stand" r="9"/><circle class="ground-feet" r="3"/>
                    </g>
                    @php($bar = $plan->scale())
                    <path class="ground-bar" d="{{ $bar->path() }}"/><x-drawn-label class="scale" :label="$bar->label"/>
                    <text class="scale" x="{{ $plan::SIZE - 14 }}" y="22" text-anchor="end">N ↑</text>
                </svg>
                <dl class="readings is-small">
                    <div class="reading-of">
                        <dt>way out, still water and run-up</dt><dd data-tell="way">{{ $noWay ? 'no legs yet' : '' }}</dd>
                    </div>
                </dl>
                <p class="hint">
                    To scale from the stand in the middle. Where the water’s edge runs between these points is not known; look.
                </p>
            </div>
        </div>
        @isset($coast) @include('places.coast') @else @include('places.stands') @endisset
    </div>
    @isset($coast) @include('places.stands') @endisset
</section>
