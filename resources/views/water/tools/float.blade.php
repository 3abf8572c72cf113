<x-entry name="distance_m" label="Between the two marks" unit="m"
    :value="old('distance_m', '10')" :problem="$at('distance_m')" inputmode="decimal"/>
<input type="hidden" name="presses" value="{{ old('presses') }}">
<p class="running" data-running>0.0 s</p>
<button type="button" class="button pad" data-rapid data-turns="Start: the float passes the first mark|Stop: it passes the second"
    data-keeps="spans" data-into="presses">
    Start: the float passes the first mark
</button>
<ul class="sightings" data-times aria-live="polite"></ul>
<p class="hint">Three runs or more; they are averaged. A stick or a crust of foam does.</p>
<label class="tick"><input type="hidden" name="mean" value="0">
    <input type="checkbox" name="mean" value="1" @checked(old('mean'))> Mean of the whole column, {{ $meanOfSurface }} of the surface (ISO
    748). The camera sees the surface.</label>
@if ($at('presses'))<p class="problem" id="f-presses-problem" role="alert">{{ $at('presses') }}</p>@endif
