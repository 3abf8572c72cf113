@php($at = fn (string $field) => $errors->first($field) ?: null)
@php($was = fn (string $field) => old($field, is_scalar($given[$field] ?? '') ? (string) ($given[$field] ?? '') : ''))
<x-layout title="{{ $subject->exists ? $subject->name : 'New subject' }}" here="places" script="page">
    <x-first-steps form/>
    <div class="narrow-page">
        <h1>{{ $subject->exists ? $subject->name : 'Keep this water' }}</h1>
        <p class="hint">A subject: a water at a place, and how you stand to it.</p>
        @if ($places->isEmpty())
            <p class="said">There is no place yet. <a href="{{ route('places.create') }}">Add a place</a>, then keep its waters.</p>
        @else
            <form method="post" action="{{ $subject->exists ? route('subjects.update', $subject) : route('subjects.store') }}">
                <x-once/> <input type="hidden" name="as_seen" value="{{ $asSeen($subject) }}"> @if ($subject->exists) @method('put') @endif
                @if (old('to_bench', $given['to_bench'] ?? null))<input type="hidden" name="to_bench" value="1">@endif
                <x-entry name="name" label="Name" class="is-wide"
                    :value="$was('name')" :problem="$at('name')" placeholder="the posts in swell"/>
                <x-entry name="place" label="At" :problem="$at('place')">
                    <select id="f-place" name="place" class="pick">
                        <option value="">choose</option>
                        @foreach ($places as $one)
                            <option value="{{ $one->id }}" @selected($was('place') === (string) $one->id)>{{ $one->name }}</option>
                        @endforeach
                    </select>
                </x-entry>
                <fieldset data-water>
                    <legend>Its water</legend>
                    <x-entry name="kind" label="Water" :problem="$at('kind')">
                        <select id="f-kind" name="kind" class="pick">
                            @foreach ($kinds as $one)
                                <option value="{{ $one->value }}"
                                    data-of="{{ $one->isWaves() ? 'waves' : 'flow' }} {{ $one->isOpenSea() ? 'sea'
                                        : '' }} {{ $one->comesInWaves() ? 'rhythm' : '' }} {{ $one->falls() ? 'falls' : '' }}"
                                    @selected($was('kind') === $one->value)>
                                    {{ $one->label() }}
                                </option>
                            @endforeach
                        </select>
                    </x-entry>
                    <div data-for="flow">
                        <x-entry name="measure" label="Measured by" :problem="$at('measure')">
                            <select id="f-measure" name="measure" class="pick">
                                @foreach ($measures as $one)
                                    <option value="{{ $one->value }}" @selected($was('measure') === $one->value)>
                                        {{ $one->label() }}
                                    </option>
                                @endforeach
                            </select>
                        </x-entry>
                        <div data-measure="speed">
                            <x-entry name="speed" label="Speed"
                                unit="m/s" :value="$was('speed')" :problem="$at('speed')" inputmode="decimal"
                                hint="Left out, a usual value counts, as a guess"/>
                        </div>
                        <div data-measure="drop">
                            <x-entry name="drop" label="Drop" unit="m" :value="$was('drop')" :problem="$at('drop')" inputmode="decimal"/>
                        </div>
                        <div data-measure="float">
                            <x-entry name="float_m" label="Float went"
                                unit="m" :value="$was('float_m')" :problem="$at('float_m')" inputmode="decimal"/>
                            <x-entry name="float_s" label="in"
                                unit="s" :value="$was('float_s')" :problem="$at('float_s')" inputmode="decimal"/>
                        </div>
                    </div>
                    <div data-for="rhythm">
                        <x-entry name="period" label="Period"
                            unit="s" :value="$was('period')" :problem="$at('period')" inputmode="decimal"/>
                    </div>
                    <div data-for="waves">
                        <x-entry name="height" label="Wave height"
                            unit="m" :value="$was('height')" :problem="$at('height')" inputmode="decimal"
                            hint="Significant height; of the breakers in surf"/>
                    </div>
                    <details class="more"
                        @if (collect(['feature', 'depth', 'chop_period', 'chop_height'])->contains(fn ($f) => $was($f) !== ''
                            || $at($f))) open @endif>
                        <summary>More about the water</summary>
                        <div data-for="flow">
                            <x-entry name="feature" label="Size of its foam"
                                unit="m" :value="$was('feature')" :problem="$at('feature')" inputmode="decimal"/>
                        </div>
                        <div data-for="sea">
                            <x-entry name="depth" label="Depth"
                                unit="m" :value="$was('depth')" :problem="$at('depth')" inputmode="decimal"/>
                            <x-entry name="chop_period" label="Chop on it, period"
                                unit="s" :value="$was('chop_period')" :problem="$at('chop_period')" inputmode="decimal"/>
                            <x-entry name="chop_height" label="its height"
                                unit="m" :value="$was('chop_height')" :problem="$at('chop_height')" inputmode="decimal"/>
                        </div>
                    </details>
                </fieldset>
                <fieldset>
                    <legend>How you stand to it</legend>
                    <x-entry name="distance" label="From" unit="m"
                        :value="$was('distance')" :problem="$at('distance')" inputmode="decimal"/>
                    <x-entry name="focal" label="Focal length"
                        unit="mm" :value="$was('focal')" :problem="$at('focal')" inputmode="decimal"
                        hint="Left out, the bench keeps its own"/>
                    <x-entry name="facing" label="Facing" unit="°" bearing
                        :value="$was('facing')" :problem="$at('facing')" inputmode="decimal" hint="If other than the place’s"/>
                    <x-entry name="look" label="Usual look" :problem="$at('look')">
                        <select id="f-look" name="look" class="pick">
                            <option value="">none</option>
                            @foreach ($looks as $one)
                                <option value="{{ $one->value }}" @selected($was('look') === $one->value)>{{ $one->value }}</option>
                            @endforeach
                        </select>
                    </x-entry>
                </fieldset>
                <label for="f-note" class="note-label">Note</label>
                <textarea class="textarea" id="f-note" name="note" rows="3" @if ($at('note')) aria-invalid="true"
                    aria-describedby="f-note-problem" @endif>{{ $was('note') }}</textarea>
                @if ($at('note'))<p class="problem" id="f-note-problem">{{ $at('note') }}</p>@endif
                <div class="foot-line">
                    <button class="button is-go">Keep</button>
                    <a class="button"
                        href="{{ $subject->exists ? route('places.show', $subject->place_id) : url()->previous(route('bench')) }}">Leave
                        it</a>
                </div>
            </form>
            @if ($subject->exists)
                <form method="post" action="{{ route('subjects.destroy', $subject) }}">
                    @csrf @method('delete')<button class="button is-warn is-small">Delete the subject</button>
                </form>
            @endif
        @endif
    </div>
</x-layout>
