{{-- A setting on a camera's dial: typed freely, or stepped by thirds. --}}
@props(['name', 'label', 'value' => '', 'dial', 'problem' => null, 'unit' => null])
@php($labels->keep('f-'.$name, $label))
<div class="entry">
    <label for="f-{{ $name }}">{{ $label }}</label>
    <span class="entry-value">
        <button type="button" class="step" data-rapid data-step="-1"
            data-for="f-{{ $name }}" aria-label="{{ $label }}: a third of a stop down">
            −
        </button>
        <input class="input" id="f-{{ $name }}" name="{{ $name }}"
            value="{{ is_scalar($value) ? $value : '' }}" autocomplete="off" data-dial="{{ $dial }}"
            inputmode="{{ ['aperture' => 'decimal', 'iso' => 'numeric'][$dial] ?? 'text' }}"
            @if ($problem) aria-invalid="true" aria-describedby="f-{{ $name }}-problem" @endif {{ $attributes->except('inputmode') }}>
        <button type="button" class="step" data-rapid data-step="1"
            data-for="f-{{ $name }}" aria-label="{{ $label }}: a third of a stop up">
            +
        </button>
        @if ($unit)<span class="unit">{{ $unit }}</span>@endif
    </span>
    @if ($problem)<p class="problem" id="f-{{ $name }}-problem">{{ $problem }}</p>@endif
</div>
