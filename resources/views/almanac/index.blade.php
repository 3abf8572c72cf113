@php($at = fn (string $field) => $problems->first($field) ?: null)
@php($in = fn (string $field, string $default = '') => is_scalar($inputs[$field] ?? null) ? (string) $inputs[$field] : $default)
@php($onDay = isset($query) ? route('almanac').'?'.$query.'&on=' : '')
@php($hours = $write->units()->hours())
<x-layout title="Almanac" here="almanac" script="page">
    @if ($places->isEmpty())
        <h1>Almanac</h1>
        <div class="empty">
            <p>Months ahead are drawn for a place of yours: its tide, its light, and the days on which both are right.</p>
            <p><a class="button is-go" href="{{ route('places.create') }}">Name a place</a></p>
        </div>
    @else
        <div id="almanac">
            <h1 class="is-sr-only">Almanac</h1>
            <span id="almanac-asked-asks" hidden hx-get="{{ route('almanac') }}"
                hx-include="#almanac-asked" hx-trigger="ask" hx-target="#almanac" hx-select="#almanac" hx-swap="morph:outerHTML"
                hx-replace-url="true" hx-sync="this:replace" hx-request='{"timeout":15000}' data-says-itself></span>
            <form method="get" action="{{ route('almanac') }}"
                class="sentence" id="almanac-asked" data-state="{{ $problems->isEmpty() ? 'fresh' : 'refused' }}">
                @if ($at('form'))<p class="said is-problem" role="alert">{{ $at('form') }}</p>@endif
                <p class="sentence-words">
                    At
                    <select name="place" @if ($at('place')) aria-invalid="true" aria-describedby="f-place-problem" @endif
                        aria-label="Place">
                        @foreach ($places as $one)
                            <option value="{{ $one->id }}" @selected((string) $one->id === $in('place'))>{{ $one->name }}</option>
                        @endforeach
                    </select>
                    @if ($place && $place->marks->isNotEmpty())<span>with</span>
                        <select name="mark" @if ($at('mark')) aria-invalid="true" aria-describedby="f-mark-problem" @endif
                            aria-label="Level mark">
                            <option value="">any water</option>
                            @foreach ($place->marks as $mark)
                                <option value="{{ $mark->id }}" @selected((string) $mark->id === $in('mark'))>
                                    {{ $mark->name }}{{ $mark->heightM() !== null
                                        ? ' '.($mark->above ? '≥' : '≤').' '.$write->metres($mark->heightM()) : '' }}
                                </option>
                            @endforeach
                        </select>@endif
                    @if ($place?->tide->hasTide())<select name="trend" @if ($at('trend')) aria-invalid="true"
                        aria-describedby="f-trend-problem" @endif
                            aria-label="Tide">
                            @foreach (['any' => 'rising or falling', 'rising' => 'rising', 'falling' => 'falling'] as $value => $words)
                                <option value="{{ $value }}" @selected($in('trend', 'any') === $value)>{{ $words }}</option>
                            @endforeach
                        </select>@endif
                    in
                    <select name="light" @if ($at('light')) aria-invalid="true" aria-describedby="f-light-problem" @endif
                        aria-label="Light">
                        @foreach ($lights as $light)
                            <option value="{{ $light->value }}" @selected($in('light', 'any') === $light->value)>
                                {{ $light->label() }}{{ $light->value === 'any' ? ' light' : '' }}
                            </option>
                        @endforeach
                    </select>
                    for
                    <input name="minutes" @if ($at('minutes')) aria-invalid="true" aria-describedby="f-minutes-problem" @endif
                        aria-label="Least time in minutes" value="{{ $in('minutes', '20') }}" inputmode="decimal" class="is-short"> min or
                    more,
                    <input name="months" @if ($at('months')) aria-invalid="true" aria-describedby="f-months-problem" @endif
                        aria-label="Months ahead" value="{{ $in('months', '3') }}" inputmode="numeric" class="is-short"> months ahead
                </p>
                @foreach (['place', 'mark', 'trend', 'light', 'minutes', 'months', 'on'] as $field)
                    @if ($at($field))<p class="problem" id="f-{{ $field }}-problem">{{ $at($field) }}</p>@endif
                @endforeach
                @php($own = array_filter([
                    implode(', ', array_map('ucfirst', array_keys($weekdays, true, true))),
                    $in('hour_from') || $in('hour_to') ? ($in('hour_from') ?: '0:00').' to '.($in('hour_to') ?: '24:00') : '',
                    $in('side', 'any') === 'any' ? '' : 'sun '.$in('side'),
                    is_numeric($in('above')) ? 'above '.$write->metres((float) $in('above')) : '',
                    is_numeric($in('below')) ? 'below '.$write->metres((float) $in('below')) : '',
                ]))
                <details class="more"
                    @if ($problems->hasAny(['above', 'below', 'hour_from', 'hour_to', 'side', 'days*', 'by'])) open @endif>
                    <summary>@if ($own)<b>{{ implode(' · ', $own) }}</b>@else Days, hours, sun, other levels @endif</summary>
                    <div class="sentence-more">
                        <fieldset class="habit" @if ($problems->has('days*')) aria-describedby="f-days-problem" @endif>
                            <legend>Days</legend>
                            @foreach ($weekdays as $name => $isAsked)<label class="tick is-inline"><input type="checkbox" name="days[]"
                                        value="{{ $name }}" @checked($isAsked)>
                                    {{ ucfirst($name) }}</label>@endforeach
                            @if ($problems->has('days*'))<p class="problem" id="f-days-problem">{{ $problems->first('days*') }}</p>@endif
                        </fieldset>
                        <div>
                            <x-entry name="hour_from" type="time" label="From" :value="$in('hour_from')" :problem="$at('hour_from')"/>
                            <x-entry name="hour_to" type="time" label="to" :value="$in('hour_to')" :problem="$at('hour_to')"/>
                        </div>
                        <div>
                            <x-entry name="above" label="Tide above"
                                unit="m" :value="$in('above')" :problem="$at('above')" inputmode="text"/>
                            <x-entry name="below" label="and below"
                                unit="m" :value="$in('below')" :problem="$at('below')" inputmode="text"/>
                        </div>
                        <div>
                            <x-entry name="side" label="Sun" :problem="$at('side')">
                                <select id="f-side" name="side" class="pick">
                                    @foreach ($sides as $side)
                                        <option value="{{ $side->value }}" @selected($in('side', 'any') === $side->value)>
                                            {{ $side->label() }}
                                        </option>
                                    @endforeach
                                </select>
                            </x-entry>
                            <x-entry name="by" label="The list by" :problem="$at('by')">
                                <select id="f-by" name="by" class="pick">
                                    <option value="score">how good</option>
                                    <option value="time" @selected($in('by') === 'time')>date</option>
                                </select>
                            </x-entry>
                        </div>
                    </div>
                </details>
                <p class="ready">
                    @foreach ($ready as [$words, $ask])<a href="{{ route('almanac', $ask) }}">{{ $words }}</a>@endforeach
                    @if ($hasKeepers)<a href="{{ route('almanac.keepers', $place) }}">like my keepers here</a>@endif
                    <button class="button is-small work-it-out">Find windows</button>
                </p>
                <p class="hint" id="almanac-asked-said" role="status"></p>
            </form>
            @if ($place === null)
                <p class="said">Choose a place.</p>
            @elseif ($drawn === null)
                @if ($problems->isEmpty())
                    <p class="said">
                        {{ $place->name }} has no position yet: without it there is no sun, and no light to search.
                        <a href="{{ route('places.edit', $place) }}">Give it one</a>.
                    </p>
                @endif
            @else
                <div class="almanac">
                    <div class="almanac-drawn">
                        <p class="found" role="status">
                            <b>{{ $count }}</b> {{ $count === 1 ? 'window' : 'windows' }} at {{ $place->name }};
                            <b>{{ $drawn->daysSoon }}</b> {{ $drawn->daysSoon === 1 ? 'day' : 'days' }} in the next
                            60{{ $drawn->isRare ? ': a rare chance' : '' }}.
                            @if ($count)<a href="{{ route('almanac.ics') }}?{{ $query }}">calendar</a> ·
                                <a href="{{ route('almanac.csv') }}?{{ $query }}">table</a>@else
                                Widen the light, the hours or the level.@endif
                        </p>
                        <svg class="is-sr-only" width="0" height="0" aria-hidden="true"><defs><x-dark-hand id="dark"/></defs></svg>
                        <div class="months is-wide" data-months>
                            {{ $drawn->months($onDay) }}
                        </div>
                        <ol class="day-rows is-narrow">
                            {{ $drawn->rows($onDay) }}
                        </ol>
                        <p class="almanac-key hint">
                            <span class="is-dark-key"><svg width="36" height="14" aria-hidden="true">
                                    @foreach (['golden', 'blue', 'nautical'] as $phase)
                                        <rect width="36" height="14" fill="url(#dark-{{ $phase }})"/>
                                    @endforeach
                                </svg> the closer the strokes, the darker</span><span><i
                                    class="key-window"></i>window</span>@if ($drawn->hasLevel())<span><i class="key-reached"></i>the
                                    water is
                                    right</span>@endif<span><i class="key-kept"></i>kept then</span><span><i class="key-flag"></i>rare, or
                                best</span>
                        </p>
                    </div>
                    <section class="chosen" id="chosen" aria-label="The day that is looked at">
                        <h2>
                            {{ $drawn->date->format('l j F Y') }}@if ($drawn->flag) <em class="chosen-flag">{{ $drawn->flag }}</em>@endif
                        </h2>
                        @forelse ($drawn->windows as $window)
                            <p class="figure chosen-time">
                                {{ $window->from->format($hours) }} <i>to</i> {{ $write->ends($window->to) }}
                            </p>
                            <p class="chosen-why">{{ $window->window->why() }}{{ $window->tideWords($write->units()) }}</p>
                            @if ($weather->of($window->window->from, $window->window->to))
                                <p class="chosen-weather">
                                    {{ $weather->of($window->window->from, $window->window->to) }}
                                    <span class="hint">{{ ucfirst($weather->source()) }}.</span>
                                </p>
                            @endif
                            <form method="post" action="{{ route('outings.store', $place) }}">
                                <x-once/>
                                <input type="hidden" name="starts_at" value="{{ $window->arrival()->format('Y-m-d H:i') }}">
                                <input type="hidden" name="ends_at" value="{{ $window->to->format('Y-m-d H:i') }}">
                                <button class="button is-go">Plan the outing</button>
                            </form>
                        @empty
                            <p class="figure is-none chosen-time">No window</p>
                        @endforelse
                        <div class="chosen-strip">
                            @include('almanac.strip', ['strip' => $drawn->strip])
                            @include('almanac.hours')
                        </div>
                        <p>
                            <a class="button" href="{{ route('places.show', [$place, 'day' => $drawn->chosen->date]) }}">The board of this
                                day</a>
                        </p>
                        @if ($hasTide)
                            <p class="warn">
                                Surge, swell sets and weather are left out of this. The official tables and forecasts decide.
                            </p>
                        @endif
                    </section>
                </div>
                @if ($windows)
                    <h2 class="listed">{{ $in('by') === 'time' ? 'By date' : 'The best first' }}</h2>
                    @php([$key, $board, $plan] = [$formKey(), route('places.show', $place), route('outings.store', $place)])
                    <ol class="coming">
                        @foreach ($windows as $window)
                            <li>
                                <span class="coming-when">
                                    <a href="{{ $board }}?day={{ $window->from->format('Y-m-d') }}"><b>{{
                                        $window->from->format('D j M Y') }}</b></a>
                                    {{ $window->from->format($hours) }} to {{ $write->ends($window->to) }}</span>
                                <span><small>{{ $window->window->why() }}{{ $window->tideWords($write->units()) }}
                                        {{ $weather->of($window->window->from, $window->window->to) }}</small></span>
                                <form method="post" action="{{ $plan }}">
                                    @csrf
                                    <input type="hidden" name="form_key" value="{{ $key }}">
                                    <input type="hidden" name="starts_at" value="{{ $window->arrival()->format('Y-m-d H:i') }}">
                                    <input type="hidden" name="ends_at" value="{{ $window->to->format('Y-m-d H:i') }}">
                                    <button class="button is-small" aria-label="Plan it: an outing on {{ $window->from->format('j F Y') }}">
                                        Plan it
                                    </button>
                                </form>
                            </li>
                        @endforeach
                    </ol>
                    @if ($more)<p><a class="button" href="{{ route('almanac') }}?{{ $query }}&amp;all=1">Show all {{ $count }}</a></p>@endif
                @endif
                @include('places.cautions')
            @endif
        </div>
    @endif
</x-layout>
