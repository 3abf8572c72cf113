<input type="hidden" name="presses" value="{{ old('presses') }}">
<input type="hidden" name="big" value="{{ old('big') }}">
<input type="hidden" name="out" value="{{ old('out') }}">
<button type="button" class="button pad" data-rapid data-pad="{{ route('water.heard') }}">
    <b data-count>0</b> <span>press with each crest<br><small>hold for a big one</small></span>
</button>
<div id="crests-heard" class="heard-box" aria-live="polite">
    <p class="hint">
        Choose a rock and press as each crest passes it. Five presses or more; the median counts. Space bar too, <kbd>b</kbd> for a big one.
    </p>
</div>
@if ($at('presses'))<p class="problem" id="f-presses-problem" role="alert">{{ $at('presses') }}</p>@endif
