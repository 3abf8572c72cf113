@php($at = fn (string $field) => $errors->first($field) ?: null)
<x-layout title="Settings" here="settings">
    <div class="narrow-page">
        <h1>Settings</h1>
        <form method="post" action="{{ route('settings.update') }}">
            @csrf @method('put')
            <fieldset><legend>Units</legend>
                @foreach ($choices as $name => [$label, $all])
                    <x-entry :name="$name" :label="$label" :problem="$at($name)"><select id="f-{{ $name }}" name="{{ $name }}" class="pick">
                        @foreach ($all as $unit => $words)<option value="{{ $unit }}" @selected(old($name, $units->$name) === $unit)>{{ ucfirst($words) }}</option>@endforeach
                    </select></x-entry>
                @endforeach
                <x-entry name="twelve_hours" label="Clock" :problem="$at('twelve_hours')"><select id="f-twelve_hours" name="twelve_hours" class="pick">
                    <option value="0">24 hours</option><option value="1" @selected((bool) old('twelve_hours', $units->twelveHours))>12 hours</option>
                </select></x-entry>
                <p class="hint">Any field takes any unit when it is typed: 25 mph, 20 kn, force 6, 12 ft, 50 F, ½. Everything is kept in metres and seconds; focal lengths, threads and sensors stay in mm.</p>
            </fieldset>
            <div class="foot-line"><button class="button is-go">Keep</button></div>
        </form>
    </div>
</x-layout>
