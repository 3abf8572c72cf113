{{-- A labelled value with its unit and, where there is one, the message at it. Metres, speeds,
    winds and degrees stand in the units that the person has chosen; the field says which. A bearing may be read off a compass. --}}
@props(['name', 'label', 'value' => '', 'unit' => null, 'problem' => null, 'hint' => null, 'id' => null, 'placeholder' => null,
    'help' => true, 'bearing' => false])
@php($id ??= 'f-'.$name)
@php($labels->keep($id, $label))
@php($kept = $unit ?? '')
@php($own = $write->units()->of($kept))
@php($value = is_scalar($value) ? (string) $value : '')
{{-- What was refused comes back as it was typed, in the unit in which it was sent. --}}
@php($sentIn = old('in.'.$name))
@php($shown = $sentIn === $own ? $value : $write->units()->inField($value, $kept))
@php($offCompass = $bearing && preg_match('/^(.*\d)\s*°?\s*m(?:ag\w*)?\.?\s*$/iu', $shown, $read) === 1)
@php($shown = $offCompass ? $read[1] : $shown)
<div class="entry">
    @if ($help && ($topic = $helpOf($name)))<span class="entry-label"><label for="{{ $id }}">{{ $label }}</label><a class="entry-help"
        href="{{ route('manual') }}#{{ $topic->value }}"
                aria-label="About: {{ $label }}">?</a></span>
        @else<label for="{{ $id }}">{{ $label }}</label>@endif
    <span class="entry-value">
        @if ($slot->isNotEmpty())
            {{ $slot }}
        @else
            <input id="{{ $id }}" name="{{ $name }}" value="{{ $shown }}"
                autocomplete="off"
                @if ($problem) aria-invalid="true" aria-describedby="{{ $id }}-problem"
                @elseif ($hint) aria-describedby="{{ $id }}-hint" @endif
                @if ($placeholder !== null) placeholder="{{ $write->units()->inField((string) $placeholder, $kept) }}" @endif
                {{ $attributes->class('input')->merge(['inputmode' => 'text']) }}>
            @if ($own !== $kept && $own !== 'm/s')<input type="hidden" name="in[{{ $name }}]" value="{{ $own }}">@endif
        @endif
        @if ($bearing)
            <select name="in[{{ $name }}]" class="pick is-unit" aria-label="{{ $label }}: from which north">
                <option value="°">° true</option><option value="° mag" @selected($offCompass || $sentIn === '° mag')>° compass</option>
            </select>
        @elseif ($own !== '')
            <span class="unit">{{ $own }}</span>
        @endif
    </span>
    @if ($problem)
        <p class="problem" id="{{ $id }}-problem">{{ $problem }}</p>
    @elseif ($hint)
        <p class="hint" id="{{ $id }}-hint">{{ $hint }}</p>
    @endif
</div>
