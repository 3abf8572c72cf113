<input type="hidden" name="presses" value="{{ old('presses') }}">
<button type="button" class="button pad" data-rapid data-turns="Press at the top of the uprush|Press when it has drained"
    data-keeps="times" data-into="presses">
    Press at the top of the uprush
</button>
<ul class="sightings" data-times aria-live="polite"></ul>
<p class="hint">In turn: top, drained, top, drained. The retreat is what streaks of backwash may use.</p>
@if ($at('presses'))<p class="problem" id="f-presses-problem" role="alert">{{ $at('presses') }}</p>@endif
