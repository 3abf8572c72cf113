{{-- The strokes of each light of the hours, for drawings that fill areas with them. --}}
@props(['id'])
@foreach ($darkHand as $phase => $strokes)
    <pattern id="{{ $id }}-{{ $phase }}" width="12" height="8" patternUnits="userSpaceOnUse">
        <path class="dark-stroke" d="{{ $strokes }}"/>
    </pattern>
@endforeach
