{{-- A button that acts on what the fields of the bench say when it is pressed: it sends all of them along. --}}
@props(['id', 'to'])
<button type="submit" id="{{ $id }}" form="bench" formmethod="post"
    formaction="{{ $to.(str_contains($to, '?') ? '&' : '?').'form_key='.$formKey() }}" name="_token" value="{{ csrf_token() }}"
    {{ $attributes->class('button') }}>
    {{ $slot }}
</button>
