{{-- A text in a drawing, where the drawing has put it. --}}
@props(['label'])
<text {{ $attributes }} x="{{ $label->x }}" y="{{ $label->y }}" text-anchor="{{ $label->anchor }}">{{ $label->text }}</text>
