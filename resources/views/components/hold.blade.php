{{-- Holds a figure of the headline fast, or lets it go: it writes into the field of that name. --}}
@props(['field', 'what', 'held', 'value'])
<button type="button" @class(['hold', 'is-held' => $held]) data-set="{{ $field }}"
    data-value="{{ $held ? '' : $value }}" aria-pressed="{{ $held ? 'true' : 'false' }}"
    aria-label="{{ ucfirst($what) }} {{ $held ? 'held: let it go' : 'free: hold it' }}"
    title="{{ $held ? 'Let '.$what.' go' : 'Hold '.$what }}">
    <svg viewBox="0 0 24 24" aria-hidden="true"><circle cx="12" cy="8" r="5"/><path d="M12 13v9"/></svg>
</button>
