{{-- A labelled value with its unit and, where there is one, the message at it. Metres, speeds,
    winds and degrees stand in the units that the person has chosen; the field says which. --}}
@props(['name', 'label', 'value' => '', 'unit' => null, 'problem' => null, 'hint' => null, 'id' => null, 'placeholder' => null,
    'help' => true])
@php($id ??= 'f-'.$name)
@php($labels->keep($id, $label))
@php($kept = $unit ?? '')
@php($own = $write->units()->of($kept))
@php($value = is_scalar($value) ? (string) $value : '')
<div class="entry">
    @if ($help && ($topic = $helpOf($name)))<span class="entry-label"><label for="{{ $id }}">{{ $label }}</label><a class="entry-help"
        href="{{ route('manual') }}#{{ $topic->value }}"
                aria-label="About: {{ $label }}">?</a></span>
        @else<label for="{{ $id }}">{{ $label }}</label>@endif
    <span class="entry-value">
        @if ($slot->isNotEmpty())
            {{ $slot }}
        @else
            <input id="{{ $id }}" name="{{ $name }}" value="{{ $write->units()->inField($value, $kept) }}"
                autocomplete="off"
                @if ($problem) aria-invalid="true" aria-describedby="{{ $id }}-problem"
                @elseif ($hint) aria-describedby="{{ $id }}-hint" @endif
                @if ($placeholder !== null) placeholder="{{ $write->units()->inField((string) $placeholder, $kept) }}" @endif
                {{ $attributes->class('input')->merge(['inputmode' => 'text']) }}>
            @if ($own !== $kept && $own !== 'm/s')<input type="hidden" name="in[{{ $name }}]" value="{{ $own }}">@endif
        @endif
        @if ($own !== '')<span class="unit">{{ $own }}</span>@endif
    </span>
    @if ($problem)
        <p class="problem" id="{{ $id }}-problem">{{ $problem }}</p>
    @elseif ($hint)
        <p class="hint" id="{{ $id }}-hint">{{ $hint }}</p>
    @endif
</div>
