<x-layout title="{{ $place->name }}, {{ $day->format('j M') }}" here="places" script="place">
    <x-first-steps/>
    <div class="title-line">
        <h1>
            {{ $place->name }}, {{ $day->format('l j F Y') }}
            <small>{{ implode(' · ', array_filter([
                $place->facing_deg === null ? null : 'facing '.$compass->bearing($place->facing_deg, $place->observer()),
                match (true) {
                    $station !== null => 'tide at '.$station->name.($station->madeUp ? ' (made up)' : ''),
                    $place->tide->isTable() => 'tide by your table',
                    default => 'no tide',
                },
                $board?->moonWords(),
            ])) }}
                <x-zone-note :zone="$place->timezone"/></small>
        </h1>
        <nav class="days" aria-label="Days">
            <a class="button is-small" rel="prev"
                href="{{ route('places.show', [$place, 'day' => $day->modify('-1 day')->format('Y-m-d')]) }}">Day before</a>
            <a class="button is-small" rel="next"
                href="{{ route('places.show', [$place, 'day' => $day->modify('+1 day')->format('Y-m-d')]) }}">Day after</a>
        </nav>
    </div>
    @if ($problem)<p class="said is-problem" role="alert">{{ $problem }}</p>@endif
    @if ($clockHere !== null)
        <p class="said">
            All times on this page are in UTC; clocks there go by {{ str_replace('_', ' ', $clockHere) }}. To have those,
            <a href="{{ route('places.edit', $place) }}#f-timezone">empty the time zone</a> and keep the place.
        </p>
    @endif
    @if ($board)
        @if (! $board->scene->tide && $place->tide->isTable())<p class="said">Your tide table does not reach this day.</p>@endif
        @include('places.board')
        @if ($board->scene->getOff)
            @php($getOff = $board->scene->getOff)
            @if ($getOff->awashUntilUnix !== null)
                <p class="warn">
                    By these numbers the stand or the way out is awash at {{ $board->axis->clock($getOff->reachedUnix) }} already, and until
                    {{ $board->axis->clock(60 * ceil($getOff->awashUntilUnix / 60)) }}: tide, {{ $write->metres($runUpM) }} of run-up (the
                    highest of a two-hour stay) and {{ $write->metres($place->margin_m) }} of margin. Do not go down before.
                </p>
            @else
                <p class="warn">
                    By these numbers
                    {{ $getOff->leaveUnix < $board->scene->from ? 'the stand is awash at the start of the day'
                        : 'leave by '.$board->axis->clock($getOff->leaveUnix) }}:
                    tide, {{ $write->metres($runUpM) }} of run-up (the highest of a two-hour stay) and
                    {{ $write->metres($place->margin_m) }} of margin reach the stand or the way out at
                    {{ $board->axis->clock($getOff->reachedUnix) }}, rising {{ $write->units()->centimetres($getOff->riseMPerTenMinutes) }}
                    in ten minutes; {{ $write->many((int) round($place->walk_minutes), 'minute') }} to pack and walk.
                </p>
            @endif
        @endif
    @endif
    <form class="light-form" method="get" action="{{ route('places.show', $place) }}">
        <input type="hidden" name="day" value="{{ $day->format('Y-m-d') }}">
        <label for="light-sky">Sky</label><select id="light-sky" name="sky" class="pick">
            @foreach ($skies as $sky)
                <option value="{{ $sky->value }}" @selected(($light['sky'] ?? 'clear') === $sky->value)>
                    {{ $sky->value }}{{ $sky->stops() < 0 ? ', −'.abs($sky->stops()).' stops' : '' }}
                </option>
            @endforeach
        </select>
        @if ($forecastSky && $forecastSky->value !== ($light['sky'] ?? 'clear'))<a class="hint"
                href="{{ route('places.show', [$place, 'day' => $day->format('Y-m-d'), 'sky' => $forecastSky->value] + $light) }}">forecast
                at noon: {{ $forecastSky->label() }}</a>@endif
        @foreach (['1' => 'Read at', '2' => 'and at'] as $i => $words)
            <label for="light-at{{ $i }}">{{ $words }}</label><input class="input" id="light-at{{ $i }}" type="time"
                name="at{{ $i }}" value="{{ $light['at'.$i] ?? '' }}" autocomplete="off">
            <label for="light-ev{{ $i }}">EV</label><input class="input" id="light-ev{{ $i }}" name="ev{{ $i }}"
                value="{{ $light['ev'.$i] ?? '' }}" placeholder="7.5" inputmode="text" autocomplete="off">
        @endforeach
        <button class="button is-small">Set the light</button>
    </form>
    @if ($rough)<p class="warn">{{ $rough }}</p>@endif
    @include('weather.give')
    @include('places.around', $around)
    @include('places.cautions')
    <div class="frame-columns">
        <section>
            <h2>Level marks</h2>
            @foreach ($place->marks as $mark)
                @php($learned = $mark->learned())
                <article class="mark">
                    <div class="foot-line is-tight">
                        <b>{{ $mark->name }}</b>
                        <span class="mark-figure">{{ $mark->heightM() === null ? 'no height yet'
                            : ($mark->above ? 'above ' : 'below ').$write->metres($mark->heightM(), 2) }}</span>
                        @if ($mark->height_m === null)<span class="hint">learned</span>@endif
                        <a class="hint" href="{{ route('almanac',
                            ['place' => $place->id, 'mark' => $mark->id, 'light' => 'golden']) }}">find
                            windows</a>
                    </div>
                    @if ($mark->sightings->isNotEmpty())
                        <p class="hint">
                            Surely dry at {{ $learned->notReachedM === null ? '–' : $write->metres($learned->notReachedM, 2) }}, surely
                            reached at {{ $learned->reachedM === null ? '–' : $write->metres($learned->reachedM, 2) }};
                            {{ $mark->sightings->count() }} sightings.
                        </p>
                        @if ($learned->isContradicted())
                            <p class="warn">
                                {{ count($learned->contradicting) }} sightings speak against each other: waves or surge are the usual
                                reason. No height counts that was once seen otherwise; strike out what you do not trust.
                            </p>
                        @endif
                        @php($against = array_map(fn ($s) => $s->unix, $learned->contradicting))
                        <details @if ($learned->isContradicted()) open @endif>
                            <summary class="hint">Sightings</summary>
                            <ul class="sightings">
                                @foreach ($mark->sightings->sortBy('seen_at') as $sighting)
                                    <li
                                        @class(['is-struck' => $sighting->struck, 'is-against' => ! $sighting->struck
                                            && in_array((float) $sighting->seen_at->getTimestamp(), $against, true)])>
                                        <span>{{ $sighting->seen_at->setTimezone($place->timezone)->format('j M Y, '
                                            .$write->units()->hours()) }}:
                                            {{ $sighting->reached ? 'reached' : 'not reached' }} at
                                            {{ $write->metres($sighting->predicted_m, 2) }}</span>
                                        <form method="post" action="{{ route('sightings.strike', $sighting) }}">
                                            @csrf
                                            @method('put')
                                            <button class="button is-small"
                                                aria-label="{{ $sighting->struck ? 'Count' : 'Strike out'
                                                    }} the sighting of {{ $sighting->seen_at
                                                    ->setTimezone($place->timezone)->format('j M Y, '.$write->units()->hours()) }}">
                                                {{ $sighting->struck ? 'Count it again' : 'Strike out' }}
                                            </button>
                                        </form>
                                        <form method="post" action="{{ route('sightings.destroy', $sighting) }}">
                                            @csrf
                                            @method('delete')
                                            <button class="button is-small is-warn"
                                                aria-label="Delete the sighting of {{ $sighting->seen_at
                                                    ->setTimezone($place->timezone)->format('j M Y, '.$write->units()->hours()) }}">
                                                Delete
                                            </button>
                                        </form>
                                    </li>
                                @endforeach
                            </ul>
                        </details>
                    @endif
                    @if ($place->tide->hasTide())
                        <form class="foot-line is-tight" method="post" action="{{ route('marks.sight', $mark) }}">
                            <x-once/>
                            <button class="button is-small" name="reached" value="1">Reached now</button>
                            <button class="button is-small" name="reached" value="0">Not reached now</button>
                            <label class="hint" for="seen-{{ $mark->id }}">or at</label><input class="input" id="seen-{{ $mark->id }}"
                                type="datetime-local" name="seen_at" autocomplete="off">
                        </form>
                        @if ($errors->has('seen_at-'.$mark->id))
                            <p class="problem" role="alert">{{ $errors->first('seen_at-'.$mark->id) }}</p>
                        @endif
                    @endif
                    <form method="post" action="{{ route('marks.destroy', $mark) }}">
                        @csrf
                        @method('delete')
                        <button class="button is-small is-warn" aria-label="Delete the mark {{ $mark->name }} with its sightings">
                            Delete the mark
                        </button>
                    </form>
                </article>
            @endforeach
            <form method="post" action="{{ route('marks.store', $place) }}">
                <x-once/>
                <x-entry name="name" id="mark-name" label="New mark"
                    class="is-wide" :value="old('name')" :problem="$errors->mark->first('name') ?: null"
                    placeholder="water reaches the posts"/>
                <x-entry name="above" id="mark-above" label="Happens">
                    <select id="mark-above" name="above" class="pick">
                        <option value="1">above a height</option><option value="0" @selected(old('above') === '0')>below a height</option>
                    </select>
                </x-entry>
                <x-entry name="height_m" id="mark-height" label="Height"
                    unit="m" :value="old('height_m')" :problem="$errors->mark->first('height_m') ?: null" inputmode="decimal"
                    hint="Leave out to learn it from sightings"/>
                <div class="foot-line">
                    <button class="button">Keep the mark</button>@if ($place->tide->hasTide()) <button class="button" name="seen_now"
                            value="1">
                            The water stands at it now
                        </button>@endif
                </div>
            </form>
            @if ($place->tide->hasTide())
                <h2 id="stand">Stand and way out</h2>
                <p class="hint">
                    Seen is as good as measured: between two waves, where still water would stand. The prediction of that instant is the
                    level; it knows nothing of surge.
                </p>
                @foreach (['stand_m' => ['Stand', 'My feet are at the water’s edge now'],
                    'way_out_m' => ['Lowest point of the way out', 'It is at the water’s edge now']] as $which => [$label, $edge])
                    <form class="mark" method="post" action="{{ route('places.stand', $place) }}">
                        @csrf <input type="hidden" name="which" value="{{ $which }}">
                        <div class="foot-line is-tight">
                            <b>{{ $label }}</b>
                            <span class="mark-figure">{{ $place->$which === null ? 'no level yet'
                                : $write->metres($place->$which, 2) }}</span>
                        </div>
                        <div class="foot-line is-tight">
                            <button class="button is-small" name="seen" value="edge">{{ $edge }}</button>
                            <button class="button is-small" name="seen" value="dry">It was dry</button>
                            <label class="hint" for="{{ $which }}-at">at</label><input class="input" id="{{ $which }}-at"
                                type="datetime-local" name="stand_at" autocomplete="off" title="left out, now">
                        </div>
                    </form>
                @endforeach
                @if ($errors->has('stand_at') || $errors->stand->any())
                    <p class="problem" role="alert">{{ $errors->first('stand_at') ?: $errors->stand->first() }}</p>
                @endif
            @endif
        </section>
        <section>
            <h2>Outings</h2>
            <ul class="sightings">
                @foreach ($place->outings->where('ends_at', '>', now())->sortBy('starts_at') as $outing)
                    <li>
                        <a href="{{ route('outings.show',
                            $outing) }}">{{ $outing->starts_at->setTimezone($place->timezone)->format('D j M Y, '
                            .$write->units()->hours()) }}
                            to {{ $outing->ends_at->setTimezone($place->timezone)->format($write->units()->hours()) }}</a>
                        {{ $outing->note }}
                        <form method="post" action="{{ route('outings.destroy', $outing) }}">
                            @csrf
                            @method('delete')
                            <button class="button is-small is-warn"
                                aria-label="Call off the outing of {{ $outing->starts_at->format('j M Y') }}">
                                Call off
                            </button>
                        </form>
                    </li>
                @endforeach
            </ul>
            @if ($place->outings->isNotEmpty())
                <p class="hint"><a href="{{ route('outings', ['place' => $place->id]) }}">All outings to this place</a></p>
            @endif
            <form method="post" action="{{ route('outings.store', $place) }}">
                <x-once/>
                <x-entry name="starts_at" type="datetime-local"
                    label="From" class="is-wide" :value="old('starts_at', $day->format('Y-m-d').'T06:00')"
                    :problem="$errors->first('starts_at') ?: null"/>
                <x-entry name="ends_at" type="datetime-local"
                    label="To" class="is-wide" :value="old('ends_at', $day->format('Y-m-d').'T08:00')"
                    :problem="$errors->first('ends_at') ?: null"/>
                <div class="foot-line"><button class="button">Plan an outing</button></div>
            </form>
            <h2 id="subjects">Subjects</h2>
            <ul class="subjects">
                @forelse ($place->subjects as $subject)
                    <li>
                        <a class="subject-go" href="{{ route('bench', ['take' => $subject->id]) }}"><b>{{ $subject->name }}</b>
                            <small>{{ $subject->water_kind->label() }} from
                                {{ $write->about($subject->distance_m) }}{{ $subject->focal_mm === null ? ''
                                    : ', '.$write->number($subject->focal_mm).' mm' }}{{ $subject->look === null ? ''
                                    : ', mostly '.$subject->look->value }}</small></a>
                        <span class="subject-silk">@isset($silk[$subject->id])<small>silk</small>
                                {{ $silk[$subject->id] }}@else<small>never silk</small>@endisset</span>
                        <span class="subject-do">
                            @if ($place->subjects->count() > 1)
                                <form method="post" action="{{ route('subjects.move', $subject) }}" data-rapid>
                                    @csrf
                                    @method('put')
                                    <button class="button is-small"
                                        name="up" value="1" aria-label="{{ $subject->name }} one up" @disabled($loop->first)>
                                        ↑
                                    </button><button class="button is-small"
                                        name="up" value="0" aria-label="{{ $subject->name }} one down" @disabled($loop->last)>
                                        ↓
                                    </button>
                                </form>
                            @endif
                            <a class="button is-small" href="{{ route('subjects.edit', $subject) }}"
                                aria-label="Change {{ $subject->name }}">Change</a>
                        </span>
                        @if ($subject->note)<p class="hint">{{ $subject->note }}</p>@endif
                    </li>
                @empty
                    <li>None yet. Keep one here, from the bench, or after measuring.</li>
                @endforelse
            </ul>
            <div class="foot-line">
                <a class="button" href="{{ route('subjects.create', ['place' => $place->id, 'focal' => '']) }}">Add a subject</a>
            </div>
            @if ($station)
                <p class="hint">{{ $station->attribution }} ({{ $station->license }}). Heights above {{ $station->defaultDatum() }}.</p>
            @endif
            @if ($place->notes)<p>{{ $place->notes }}</p>@endif
            <div class="foot-line"><a class="button is-small" href="{{ route('places.edit', $place) }}">Change the place</a></div>
        </section>
    </div>
</x-layout>
