{{-- An instant by the clock of its place; the script names the zone where the device’s clock shows another hour.
    Without a place it is UTC until the script has put the device’s. --}}
@props(['time', 'zone' => null, 'format' => 'j M Y, H:i'])
<time datetime="{{ $time->copy()->utc()->format('Y-m-d\TH:i:s\Z') }}" data-zone="{{ $zone
    ?? '' }}">{{ $time->copy()->setTimezone($zone
    ?? 'UTC')->format(strtr($format, $write->units()->twelveHours ? ['H:i:s' => 'g:i:s a', 'H:i' => 'g:i a'] : [])) }}{{ $zone === null
    ? ' UTC' : '' }}</time>
