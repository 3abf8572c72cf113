@php($at = fn (string $field) => $problems->first($field) ?: null)
@php($in = fn (string $field, string $default = '') => is_scalar($inputs[$field] ?? null) ? (string) $inputs[$field] : $default)
<x-layout title="Windows" here="windows">
    <div class="title-line"><h1>Windows</h1><p class="hint">When tide, light and days are right together.</p></div>
    <div class="windows-columns">
        <form method="get" action="{{ route('windows') }}" class="windows-form">
            @if ($at('form'))<p class="said is-problem" role="alert">{{ $at('form') }}</p>@endif
            <x-entry name="place" label="Place" :problem="$at('place')"><select id="f-place" name="place" class="pick">@foreach ($places as $one)<option value="{{ $one->id }}" @selected((string) $one->id === $in('place'))>{{ $one->name }}</option>@endforeach</select></x-entry>
            <x-entry name="mark" label="Level mark" :problem="$at('mark')"><select id="f-mark" name="mark" class="pick"><option value="">none</option>
                @foreach ($places as $one) @foreach ($one->marks as $mark)<option value="{{ $mark->id }}" @selected((string) $mark->id === $in('mark'))>{{ $one->name }}: {{ $mark->name }}</option>@endforeach @endforeach</select></x-entry>
            <x-entry name="above" label="or tide above" unit="m" :value="$in('above')" :problem="$at('above')" inputmode="text"/>
            <x-entry name="below" label="and below" unit="m" :value="$in('below')" :problem="$at('below')" inputmode="text"/>
            <x-entry name="trend" label="Tide" :problem="$at('trend')"><select id="f-trend" name="trend" class="pick">@foreach (['any' => 'rising or falling', 'rising' => 'rising', 'falling' => 'falling'] as $value => $words)<option value="{{ $value }}" @selected($in('trend', 'any') === $value)>{{ $words }}</option>@endforeach</select></x-entry>
            <x-entry name="light" label="Light" :problem="$at('light')"><select id="f-light" name="light" class="pick">@foreach ($lights as $light)<option value="{{ $light->value }}" @selected($in('light', 'any') === $light->value)>{{ $light->label() }}</option>@endforeach</select></x-entry>
            <x-entry name="side" label="Sun" :problem="$at('side')"><select id="f-side" name="side" class="pick">@foreach ($sides as $side)<option value="{{ $side->value }}" @selected($in('side', 'any') === $side->value)>{{ $side->label() }}</option>@endforeach</select></x-entry>
            <fieldset class="habit"><legend>Days</legend>
                @foreach ($weekdays as $name)<label class="tick is-inline"><input type="checkbox" name="days[]" value="{{ $name }}" @checked(in_array($name, (array) ($inputs['days'] ?? []), true))> {{ ucfirst($name) }}</label>@endforeach
            </fieldset>
            <x-entry name="hour_from" type="time" label="From" :value="$in('hour_from')" :problem="$at('hour_from')"/>
            <x-entry name="hour_to" type="time" label="to" :value="$in('hour_to')" :problem="$at('hour_to')"/>
            <x-entry name="minutes" label="Least time" unit="min" :value="$in('minutes', '20')" :problem="$at('minutes')" inputmode="decimal"/>
            <x-entry name="months" label="Months ahead" :value="$in('months', '3')" :problem="$at('months')" inputmode="numeric"/>
            <x-entry name="by" label="In order of"><select id="f-by" name="by" class="pick"><option value="score">how good</option><option value="time" @selected($in('by') === 'time')>time</option></select></x-entry>
            <div class="foot-line"><button class="button is-go">Find windows</button></div>
        </form>
        <section aria-live="polite">
            @if ($windows === null)
                <p class="hint">Say what the picture needs, and the months ahead are searched.</p>
            @elseif ($windows === [])
                <p class="said">Nothing in {{ $in('months', '3') }} months. Widen the light, the hours or the level.</p>
            @else
                <p class="found"><b>{{ $count }}</b> windows at {{ $place->name }}; <b>{{ $days }}</b> {{ $days === 1 ? 'day' : 'days' }} in the next 60{{ $days <= 3 ? ': a rare chance' : '' }}.
                    <a href="{{ route('windows.ics') }}?{{ $query }}">calendar</a> · <a href="{{ route('windows.csv') }}?{{ $query }}">table</a></p>
                <ol class="coming">
                    @foreach ($windows as $window)
                        <li>
                            <span class="coming-when"><a href="{{ route('places.show', [$place, 'day' => $window->from->format('Y-m-d')]) }}"><b>{{ $window->from->format('D j M Y') }}</b></a> {{ $window->from->format($write->units()->hours()) }} to {{ $window->to->format($write->units()->hours()) }}</span>
                            <span><small>{{ $window->window->why() }}{{ $window->tideWords($write->units()) }}</small></span>
                            <form method="post" action="{{ route('outings.store', $place) }}"><x-once/><input type="hidden" name="starts_at" value="{{ $window->arrival()->format('Y-m-d H:i') }}"><input type="hidden" name="ends_at" value="{{ $window->to->format('Y-m-d H:i') }}"><button class="button is-small" aria-label="Plan it: an outing on {{ $window->from->format('j F Y') }}">Plan it</button></form>
                        </li>
                    @endforeach
                </ol>
                @if ($more)<p><a class="button" href="{{ route('windows') }}?{{ $query }}&amp;all=1">Show all {{ $count }}</a></p>@endif
                @include('places.cautions')
            @endif
        </section>
    </div>
</x-layout>
