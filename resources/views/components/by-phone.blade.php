{{-- What the phone in the hand can tell: where it is, or where it points. Without a script there is nothing to press. --}}
@props(['does', 'field', 'label'])
<div class="by-phone" data-by-phone="{{ $does }}" data-field="{{ $field }}" hidden>
    <button type="button" class="button is-small">{{ $label }}</button>
    <p class="hint" role="status"></p>
</div>
