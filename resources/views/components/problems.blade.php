{{-- What a form was refused for, on top of it, by the names of its fields and with the way to each; the focus goes there. It is written
    after the fields, which tell their names. --}}
@props(['messages', 'words' => 'This was not kept. Nothing you typed is lost:'])
<div class="said is-problem" role="alert" tabindex="-1" id="problems">
    <p>{{ $words }}</p>
    <ul>
        @foreach ($messages as $field => $said)
            @php($id = 'f-'.str_replace('.', '-', $field))
            <li><a href="#{{ $id }}">@if ($label = $labels->of($id))<b>{{ $label }}:</b> @endif{{ $said[0] }}</a></li>
        @endforeach
    </ul>
</div>
