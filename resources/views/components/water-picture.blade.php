@props(['scene', 'seconds' => null, 'times' => null, 'cast' => null, 'bias' => 0, 'light' => null])
<canvas data-scene="{{ route('scene') }}?{{ $scene }}" data-drawer="{{ $built->url('drawer.js') }}"
    @if ($times) data-times='@json($times)' @else data-seconds="{{ $seconds }}" @endif @if ($light) data-light-now="{{ $light }}" @endif
    @if ($bias) data-bias="{{ $bias }}" @endif @if ($cast) data-cast='@json($cast)' @endif width="600" height="400" role="img"
    {{ $attributes }}></canvas>
