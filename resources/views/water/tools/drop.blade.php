<x-entry name="by" label="Measured by" :problem="$at('by')">
    <select id="f-by" name="by" class="pick">
        <option value="typed">its height</option><option value="angles" @selected(old('by') === 'angles')>angles from here</option>
    </select>
</x-entry>
<div data-when="by=typed">
    <x-entry name="drop_m" label="Height of the fall" unit="m" :value="old('drop_m')" :problem="$at('drop_m')" inputmode="decimal"/>
</div>
<div data-when="by=angles">
    <x-entry name="distance_m" label="Distance to under the fall"
        unit="m" :value="old('distance_m')" :problem="$at('distance_m')" inputmode="decimal"/>
    <x-entry name="lip_deg" label="Angle up to the lip" unit="°" :value="old('lip_deg')" :problem="$at('lip_deg')" inputmode="decimal"/>
    <x-entry name="foot_deg" label="Angle to the foot" unit="°"
        :value="old('foot_deg', '0')" :problem="$at('foot_deg')" inputmode="decimal" hint="Below the horizontal it is negative"/>
</div>
