@php($at = fn (string $field) => $errors->first($field) ?: null)
<x-layout title="First kit" here="kit" script="page">
    <x-first-steps form/>
    <div class="narrow-page">
        <h1>A first camera, lens and filter</h1>
        <p class="hint">Enough for the bench to work with your own numbers. Everything can be told more exactly in Kit.</p>
        <form method="post" action="{{ route('kit.start') }}">
            <x-once/>
            <fieldset>
                <legend>Camera</legend>
                <x-entry name="camera" label="You call it" class="is-wide" :value="old('camera')" :problem="$at('camera')" autofocus/>
                <x-entry name="sensor" label="Sensor" :problem="$at('sensor')">
                    <select id="f-sensor" name="sensor" class="pick">
                        @foreach ($sensors as $size)
                            <option value="{{ $size->value }}" @selected(old('sensor') === $size->value)>
                                {{ $size->label() }}, {{ implode(' × ', $size->sidesMm()) }} mm
                            </option>
                        @endforeach
                    </select>
                </x-entry>
                <x-entry name="iso_base" label="Base ISO" :value="old('iso_base', '100')" :problem="$at('iso_base')" inputmode="numeric"/>
            </fieldset>
            <fieldset>
                <legend>Lens</legend>
                <x-entry name="focal_min_mm" label="From" unit="mm"
                    :value="old('focal_min_mm')" :problem="$at('focal_min_mm')" inputmode="decimal"/>
                <x-entry name="focal_max_mm" label="to" unit="mm"
                    :value="old('focal_max_mm')" :problem="$at('focal_max_mm')" inputmode="decimal" hint="Leave out for a fixed one"/>
                <x-entry name="widest" label="Widest aperture" :value="old('widest', 'f/4')" :problem="$at('widest')" inputmode="decimal"/>
                <x-entry name="smallest" label="Smallest aperture"
                    :value="old('smallest', 'f/22')" :problem="$at('smallest')" inputmode="decimal"/>
                <x-entry name="thread_mm" label="Filter thread"
                    unit="mm" :value="old('thread_mm')" :problem="$at('thread_mm')" inputmode="decimal"
                    hint="Stands on the front rim, after ⌀; left out, every filter fits"/>
            </fieldset>
            <fieldset>
                <legend>Dark filter</legend>
                <input type="hidden" name="kind" value="nd">
                <x-entry name="marking" label="Marked" :value="old('marking')"
                    :problem="$at('marking')" hint="As engraved: ND64, 1.8, 8x, 6 stops. Leave out if you have none"
                    hx-get="{{ route('kit.marking') }}" hx-trigger="input changed delay:200ms, load" hx-include="closest form"
                    hx-target="#marking-says"/>
                <div id="marking-says" class="marking-says" aria-live="polite"></div>
                <x-entry name="mount" label="Goes" :problem="$at('mount')">
                    <select id="f-mount" name="mount" class="pick">
                        <option value="thread">on the thread</option>
                        <option value="slot" @selected(old('mount') === 'slot')>into a holder’s slot</option>
                    </select>
                </x-entry>
                <label class="tick"><input type="hidden" name="release" value="0">
                    <input type="checkbox" name="release" value="1" @checked(old('release', '1'))> A release, cable or remote: for times
                    beyond 30 s</label>
            </fieldset>
            <div class="foot-line">
                <button class="button is-go">To the bench</button> <a class="button" href="{{ route('kit') }}">Leave it</a>
            </div>
        </form>
    </div>
</x-layout>
