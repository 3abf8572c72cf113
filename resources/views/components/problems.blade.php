{{-- What a form was refused for, on top of it, with the way to each field; the focus goes there. --}}
@props(['messages', 'words' => 'This was not kept. Nothing you typed is lost:'])
<div class="said is-problem" role="alert" tabindex="-1" id="problems">
    <p>{{ $words }}</p>
    <ul>@foreach ($messages as $field => $said)<li><a href="#f-{{ str_replace('.', '-', $field) }}">{{ $said[0] }}</a></li>@endforeach</ul>
</div>
