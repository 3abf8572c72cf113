{{-- Said only where the device’s clock shows another hour than the place’s. --}}
@props(['zone'])
<span class="zone-note" data-zone-note="{{ $zone }}" hidden>· times by the clock of {{ str_replace('_', ' ', $zone) }}</span>
