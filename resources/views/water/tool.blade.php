@php($at = fn (string $field) => $errors->first($field) ?: null)
<x-layout title="{{ $kind->label() }}" here="water" script="water">
<div class="measure">
<h1>{{ $kind->label() }} <small>{{ $kind->words() }}</small></h1>
<div>
@if ($at('form'))<p class="said is-problem" role="alert">{{ $at('form') }}</p>@endif
@unless ($readsFiles)<noscript><p class="said">
            Timing needs scripts, which are switched off here. Time it by a watch and type the period or speed on the bench.
        </p></noscript>@endunless
<form id="measure" method="post" action="{{ route('water.store', $kind->value) }}" enctype="multipart/form-data">
<x-once/>
<input type="hidden" name="last_ms" value="{{ old('last_ms') }}">
@include('water.tools.'.$kind->value)
@unless ($readsFiles && $read === null)
<details class="more" @if ($at('place_id') || $at('note')) open @endif><summary class="hint">Where, and a note</summary>
@endunless
<x-entry name="place_id" label="At" :problem="$at('place_id')">
    <select id="f-place_id" name="place_id" class="pick">
        <option value="">nowhere in particular</option>
        @foreach ($places as $place)
            <option value="{{ $place->id }}" @selected((string) old('place_id', request('place_id')) === (string) $place->id)>
                {{ $place->name }}
            </option>
        @endforeach
    </select>
</x-entry>
<x-entry name="note" label="Note" class="is-wide" :value="old('note')" :problem="$at('note')"/>
@unless ($readsFiles && $read === null)
    </details>
    <div class="foot-line"><button class="button is-go">Keep it</button> <a class="button" href="{{ route('water') }}">Leave it</a></div>
@endunless
</form>
</div>
<aside class="how" aria-label="How it is done">
    @include('water.how.'.$kind->value)
    @if ($last->isNotEmpty())
        <h2>Measured before</h2>
        <ul class="how-last">
            @foreach ($last as $m)
                <li>
                    <b class="measured-figure">{{ $m->figure($write->units()) }}</b>
                    <span>{{ $m->place?->name ?? 'nowhere in particular' }}
                        <small>{{ $m->detail($write->units()) }} ·
                            <x-at :time="$m->measured_at" :zone="$m->place?->timezone" format="j M, H:i"/></small></span>
                    <a class="button is-small" href="{{ route('bench', ['measured' => $m->id]) }}">To the bench</a>
                </li>
            @endforeach
        </ul>
    @endif
    @if ($edge !== null)<p class="hint">Measure from where you are dry. {{ $edge }}</p>@endif
</aside>
</div>
</x-layout>
