<fieldset class="shoot-signals" data-signals hidden>
    <legend>Signals</legend>
    <p class="hint">At a minute, at ten seconds, from five, and at the end.</p>
    @foreach (['sound' => 'Sound', 'vibration' => 'Vibration', 'screen' => 'The whole screen turns'] as $signal => $label)
        <label class="tick is-inline"><input type="checkbox" data-signal="{{ $signal }}"> {{ $label }}</label>
    @endforeach
    <button type="button" class="button" data-signal-test>Try them</button>
    <p class="hint" data-awake></p>
</fieldset>
