{{-- A labelled value with its unit and, where there is one, the message at it. --}}
@props(['name', 'label', 'value' => '', 'unit' => null, 'problem' => null, 'hint' => null, 'id' => null])
@php($id ??= 'f-'.$name)
<div class="entry">
    <label for="{{ $id }}">{{ $label }}</label>
    <span class="entry-value">
        @if ($slot->isNotEmpty())
            {{ $slot }}
        @else
            <input id="{{ $id }}" name="{{ $name }}" value="{{ is_scalar($value) ? $value : '' }}" autocomplete="off"
                @if ($problem) aria-invalid="true" aria-describedby="{{ $id }}-problem" @elseif ($hint) aria-describedby="{{ $id }}-hint" @endif
                {{ $attributes->class('input')->merge(['inputmode' => 'text']) }}>
        @endif
        @if ($unit)<span class="unit">{{ $unit }}</span>@endif
    </span>
    @if ($problem)
        <p class="problem" id="{{ $id }}-problem">{{ $problem }}</p>
    @elseif ($hint)
        <p class="hint" id="{{ $id }}-hint">{{ $hint }}</p>
    @endif
</div>
