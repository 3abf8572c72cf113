@php($zone = $place->timezone)
@php($clock = $write->units()->hours())
<x-layout title="Outing to {{ $place->name }}, {{ $outing->starts_at->setTimezone($zone)->format('j M') }}" here="outings" script="page">
    <div class="title-line">
        <h1>
            {{ $place->name }}
            <small>{{ $outing->starts_at->setTimezone($zone)->format('l j F Y') }}{{ $outing->closed_at ? ', closed' : '' }}</small>
        </h1>
        <p class="days">
            <a class="button" href="{{ route('places.show',
                [$place, 'day' => $outing->starts_at->setTimezone($zone)->format('Y-m-d')]) }}">The
                place</a> <a class="button" href="{{ route('field', ['outing' => $outing->id]) }}">Take it with you</a>
            <a class="button" href="{{ route('outings.calendar', $outing) }}">As .ics</a>
            <button type="button" class="button" data-print>Print</button>
        </p>
    </div>
    @if ($problem)<p class="said is-problem" role="alert">{{ $problem }}</p>@endif
    @if ($plan)
        <dl class="outing-times">
            @if ($plan->leavesHome())<div><dt>leave home</dt><dd>{{ $plan->at($plan->leavesHome())->format($clock) }}</dd></div>@endif
            <div><dt>there</dt><dd>{{ $plan->at($plan->schedule->from)->format($clock) }}</dd></div>
            <div><dt>ready</dt><dd>{{ $plan->at($plan->schedule->readyAt)->format($clock) }}</dd></div>
            <div class="is-warn"><dt>off it by</dt><dd>{{ $plan->at($plan->schedule->until)->format($clock) }}</dd></div>
            <div>
                <dt>slack</dt><dd>{{ $plan->schedule->slackS() < 0 ? '−' : '' }}{{ round(abs($plan->schedule->slackS()) / 60) }} min</dd>
            </div>
        </dl>
        <p class="hint">
            It ends by {{ $plan->untilWhy }}.
            @if ($plan->awashUntil)<b class="warn">By these numbers the stand or the way out is awash when you come, and until
                    {{ $plan->at(60 * ceil($plan->awashUntil / 60))->format($clock) }}. Do not go down before: come
                        later.</b>@elseif ($plan->schedule->slackS() < 0)<b class="warn">One
                    would have to leave before the water has been watched: come earlier, or on another day.</b>@endif
            @foreach ($events as $event)
                @if ($plan->sky($event) !== null && in_array($event->label(), ['sunrise', 'sunset'], true)){{ ucfirst($event->label()) }}
                    {{ $plan->at($plan->sky($event))->format($clock) }}. @endif
            @endforeach
        </p>
        @if ($weather)<p>{{ $weather }} <span class="hint">{{ $weatherBy }}.</span></p>@endif
        @if ($rough)<p class="warn">{{ $rough }}</p>@endif
        <x-day-board :board="$plan->board" :events="$events"/>
    @endif
    <div class="frame-columns">
        <section id="schedule">
            <h2>What is done when</h2>
            @unless ($hasKit)
                <p class="said">
                    There is no camera with a lens in the kit yet, so nothing can be fitted. <a href="{{ route('kit') }}">Put one in.</a>
                </p>
            @endunless
            @if ($place->latitude === null)
                <p class="said">
                    This place has no position yet, so its light is not known.
                    <a href="{{ route('places.edit', $place) }}">Say where it is.</a>
                </p>
            @endif
            @if ($plan)
                @include('outings.schedule', ['isFile' => false])
            @endif
            <div class="not-on-paper">
                <h2>What is wanted, the most wanted first</h2>
                <ul class="subjects">
                    @forelse ($outing->compositions as $wanted)
                        <li>
                            <span><b>{{ $wanted->subject->name }}</b>
                                <small>{{ $wanted->look->value }},
                                    {{ $wanted->light->value === 'any' ? 'in any light' : $wanted->light->label() }}{{ $wanted->mark
                                        ? ', '.$wanted->mark->name : '' }}{{ $wanted->frames > 1 ? ', '.$wanted->frames.' frames'
                                        : '' }}{{ $wanted->bracket_stops > 0 ? ', a bracket of ±'.$wanted->bracket_stops
                                        : '' }}{{ $wanted->focal_mm ? ', '.$write->number($wanted->focal_mm, 1).' mm'
                                        : '' }}{{ $wanted->facing_deg !== null
                                        ? ', facing '.$compass->bearing($wanted->facing_deg, $place->observer())
                                        : '' }}{{ $wanted->crop->ratio() ? ', '.$wanted->crop->label() : '' }}</small></span>
                            <span class="subject-do">
                                @if ($outing->compositions->count() > 1)
                                    <form method="post" action="{{ route('compositions.move', $wanted) }}" data-rapid>
                                        @csrf
                                        @method('put')
                                        <button class="button is-small"
                                            name="up" value="1" aria-label="{{ $wanted->subject->name }} more wanted"
                                            @disabled($loop->first)>
                                            ↑
                                        </button><button class="button is-small"
                                            name="up" value="0" aria-label="{{ $wanted->subject->name }} less wanted"
                                            @disabled($loop->last)>
                                            ↓
                                        </button>
                                    </form>
                                @endif
                                <form method="post" action="{{ route('compositions.destroy', $wanted) }}">
                                    @csrf
                                    @method('delete')
                                    <button class="button is-small is-warn" aria-label="Leave out {{ $wanted->subject->name }}">
                                        Leave out
                                    </button>
                                </form>
                            </span>
                        </li>
                    @empty
                        <li>Nothing yet.</li>
                    @endforelse
                </ul>
                @if ($place->subjects->isEmpty())
                    <p>
                        This place has no subjects yet. <a href="{{ route('subjects.create', ['place' => $place->id]) }}">Add one</a>, then
                        it can be wanted here.
                    </p>
                @else
                    <form method="post" action="{{ route('outings.compose', $outing) }}">
                        <x-once/>
                        <x-entry name="subject" label="Picture" :problem="$errors->first('subject') ?: null">
                            <select id="f-subject" name="subject" class="pick">
                                @foreach ($place->subjects as $one)
                                    <option value="{{ $one->id }}" @selected((string) old('subject') === (string) $one->id)>
                                        {{ $one->name }}
                                    </option>
                                @endforeach
                            </select>
                        </x-entry>
                        <x-entry name="look" label="Look" :problem="$errors->first('look') ?: null">
                            <select id="f-look" name="look" class="pick">
                                @foreach ($looks as $one)
                                    <option value="{{ $one->value }}" @selected(old('look', 'silk') === $one->value)>
                                        {{ $one->value }}
                                    </option>
                                @endforeach
                            </select>
                        </x-entry>
                        <x-entry name="light" label="Light" :problem="$errors->first('light') ?: null">
                            <select id="f-light" name="light" class="pick">
                                @foreach ($lights as $one)
                                    <option value="{{ $one->value }}" @selected(old('light', 'any') === $one->value)>
                                        {{ $one->label() }}
                                    </option>
                                @endforeach
                            </select>
                        </x-entry>
                        @if ($hasTide && $place->marks->isNotEmpty())
                            <x-entry name="mark" label="Tide" :problem="$errors->first('mark') ?: null">
                                <select id="f-mark" name="mark" class="pick">
                                    <option value="">any</option>
                                    @foreach ($place->marks as $one)
                                        <option value="{{ $one->id }}" @selected((string) old('mark') === (string) $one->id)>
                                            {{ $one->name }}
                                        </option>
                                    @endforeach
                                </select>
                            </x-entry>
                        @endif
                        <x-entry name="frames" label="Frames"
                            :value="old('frames', '1')" :problem="$errors->first('frames') ?: null" inputmode="numeric"/>
                        <details class="more" @if ($errors->hasAny(['focal', 'facing', 'crop', 'bracket'])) open @endif>
                            <summary class="hint">Lens, facing, crop, bracket</summary>
                            <x-entry name="focal" label="Focal length"
                                unit="mm" :value="old('focal')" :problem="$errors->first('focal') ?: null" inputmode="decimal"
                                hint="Empty for the subject’s own"/>
                            <x-entry name="facing" label="Facing" bearing
                                unit="°" :value="old('facing')" :problem="$errors->first('facing') ?: null" inputmode="decimal"
                                hint="Empty for the subject’s own"/>
                            <x-entry name="crop" label="Crop" :problem="$errors->first('crop') ?: null">
                                <select id="f-crop" name="crop" class="pick">
                                    @foreach ($crops as $one)
                                        <option value="{{ $one->value }}" @selected(old('crop', 'whole') === $one->value)>
                                            {{ $one->label() }}
                                        </option>
                                    @endforeach
                                </select>
                            </x-entry>
                            <x-entry name="bracket" label="Bracket" :problem="$errors->first('bracket') ?: null">
                                <select id="f-bracket" name="bracket" class="pick">
                                    <option value="0">none</option>
                                    @foreach ([1, 2, 3] as $one)
                                        <option value="{{ $one }}" @selected((string) old('bracket') === (string) $one)>
                                            {{ 2 * $one + 1 }} exposures, ±{{ $one }}
                                        </option>
                                    @endforeach
                                </select>
                            </x-entry>
                        </details>
                        <div class="foot-line"><button class="button is-go">Want it</button></div>
                    </form>
                @endif
                <details class="more"
                    @if ($errors->hasAny(['starts_at', 'ends_at', 'travel_minutes', 'told', 'note', 'forecast'])) open @endif>
                    <summary class="hint">Times, the way there, who knows, the forecast</summary>
                    <form method="post" action="{{ route('outings.update', $outing) }}">
                        @csrf @method('put')
                        <x-entry name="starts_at" type="datetime-local"
                            label="There at" class="is-wide"
                            :value="old('starts_at', $outing->starts_at->setTimezone($zone)->format('Y-m-d\TH:i'))"
                            :problem="$errors->first('starts_at') ?: null"/>
                        <x-entry name="ends_at" type="datetime-local"
                            label="Until" class="is-wide"
                            :value="old('ends_at', $outing->ends_at->setTimezone($zone)->format('Y-m-d\TH:i'))"
                            :problem="$errors->first('ends_at') ?: null"/>
                        <x-entry name="travel_minutes" label="From home"
                            unit="min" :value="old('travel_minutes', $write->number($outing->travel_minutes, 1))"
                            :problem="$errors->first('travel_minutes') ?: null" inputmode="numeric"
                            hint="Drive and walk, to where you set up"/>
                        <x-entry name="told" label="Who knows"
                            class="is-wide" :value="old('told', $outing->told)" :problem="$errors->first('told') ?: null"/>
                        <x-entry name="forecast" label="Forecast"
                            class="is-wide" :value="old('forecast', $outing->forecast)" :problem="$errors->first('forecast') ?: null"
                            hint="Wind, swell, rain, as you read it; of the official service"/>
                        <label class="tick is-inline"><input type="checkbox" name="rain" value="1" @checked(old('rain', $outing->rain))>
                            Rain is forecast</label>
                        <x-entry name="note" label="Note" class="is-wide"
                            :value="old('note', $outing->note)" :problem="$errors->first('note') ?: null"/>
                        <div class="foot-line"><button class="button">Change it</button></div>
                    </form>
                </details>
            </div>
        </section>
        <section>
            <h2 id="packing">Packing</h2>
            @foreach ([['home', 'packed', 'In the bag'], ['back', 'brought_back', 'Nothing left behind']] as [$which, $column, $title])
                <details @class(['packing', 'not-on-paper' => $which === 'back'])
                    @if (($which === 'home') === ($outing->starts_at->isFuture())) open @endif>
                    <summary>
                        <b>{{ $title }}</b>
                        <small><span data-ticked>{{ count(array_intersect(array_map(fn ($i) => $i->key, $packing), $outing->$column))
                            }}</span> of {{ count($packing) }}</small>
                    </summary>
                    <form class="sheet" method="post" action="{{ route('outings.pack', $outing) }}" data-ticks>
                        @csrf @method('put')
                        @if ($which === 'back')<input type="hidden" name="leaving" value="1">@endif
                        @foreach (['', ...$outing->$column] as $key)<input type="hidden" name="was[]" value="{{ $key }}">@endforeach
                        <ol>
                            @foreach ($packing as $item)
                                <li>
                                    <label><input type="checkbox"
                                            name="done[]" value="{{ $item->key }}" @checked(in_array($item->key, $outing->$column,
                                                true))><span><b>{{ $item->words }}</b>@if ($item->why
                                                && $which === 'home')<small>{{ $item->why }}</small>@endif</span></label>
                                </li>
                            @endforeach
                        </ol>
                        <p class="asking" role="status" data-ticks-said></p>
                        <div class="foot-line"><button class="button">Keep the ticks</button></div>
                    </form>
                </details>
            @endforeach
            <details class="more">
                <summary class="hint">Your own things</summary>
                <form method="post" action="{{ route('outings.own', $outing) }}">
                    @csrf @method('put')
                    <label class="note-label" for="f-own">A line each, on every list from now on</label>
                    <textarea class="textarea" id="f-own" name="own" rows="4">{{ old('own', $own) }}</textarea>
                    <div class="foot-line"><button class="button">Keep them</button></div>
                </form>
            </details>
            <h2>Forecast</h2>
            @if ($outing->forecast)
                <p>{{ $outing->forecast }}{{ $outing->rain ? ' Rain is forecast.' : '' }}</p>
            @else
                <p class="warn">Nobody has looked at it yet: read the official forecast, and write it down here.</p>
            @endif
            <h2>Tell somebody</h2>
            <p class="notice" id="notice">{{ $notice }}</p>
            <div class="foot-line">
                <button type="button" class="button" data-shares="notice">Send it</button>
                @if ($outing->told)<small>{{ $outing->told }} knows.</small>@endif
            </div>
            @include('places.cautions')
            <h2 class="not-on-paper">When it is over</h2>
            <form class="not-on-paper" id="close" method="post" action="{{ route('outings.close', $outing) }}">
                @csrf @method('put')
                <label class="note-label" for="f-came">What came of it</label>
                <textarea class="textarea" id="f-came" name="came_of_it" rows="3">{{ old('came_of_it', $outing->came_of_it) }}</textarea>
                @if ($errors->has('came_of_it'))<p class="problem">{{ $errors->first('came_of_it') }}</p>@endif
                @if ($outing->closed_at === null)
                    <fieldset class="missed">
                        <legend>Missed, for the next list</legend>
                        @foreach ($packing as $item)
                            @unless (in_array($item->key, $outing->packed,
                                true))<label class="tick is-inline"><input type="checkbox" name="missed[]"
                                        value="{{ $item->key }}">
                                    {{ $item->words }}</label>@endunless
                        @endforeach
                    </fieldset>
                @endif
                @if ($hasTide && $place->marks->isNotEmpty())
                    <fieldset class="missed">
                        <legend>Did the water reach it?</legend>
                        @foreach ($place->marks as $mark)
                            <x-entry name="sighted[{{ $mark->id }}]"
                                id="f-sighted-{{ $mark->id }}" :label="$mark->name"
                                :problem="$errors->first('sighted.'.$mark->id) ?: null">
                                <select id="f-sighted-{{ $mark->id }}" name="sighted[{{ $mark->id }}]" class="pick">
                                    <option value="">not looked at</option>
                                    <option value="reached" @selected(old('sighted.'.$mark->id) === 'reached')>reached</option>
                                    <option value="not" @selected(old('sighted.'.$mark->id) === 'not')>not reached</option>
                                </select>
                            </x-entry>
                        @endforeach
                        <x-entry name="sighted_at" type="datetime-local"
                            label="Seen at" class="is-wide" :value="old('sighted_at', $seenAt)"
                            :problem="$errors->first('sighted_at') ?: null"/>
                    </fieldset>
                @endif
                @if ($frames->isNotEmpty())
                    <p>
                        {{ $frames->count() === 1 ? 'One frame was' : $frames->count().' frames were' }} taken:
                        @foreach ($frames as $frame)<a href="{{ route('log.show', $frame) }}">{{ $frame->look->value }},
                                {{ $frame->openLabel() }}{{ $frame->blur ? ', '.$frame->blur->label() : ', not judged' }}</a>{{ $loop->last
                                    ? '.' : ';' }} @endforeach
                    </p>
                @endif
                <p class="hint">Rinse filters, tripod and boots in fresh water. @if ($glass)To clean: {{ $glass }}.@endif</p>
                <div class="foot-line"><button class="button">{{ $outing->closed_at ? 'Keep it' : 'Close the outing' }}</button></div>
            </form>
        </section>
    </div>
</x-layout>
