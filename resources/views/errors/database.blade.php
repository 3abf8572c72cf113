<x-layout :title="$trouble->title()">
    <div class="empty">
        <h1>{{ $trouble->title() }}</h1>
        <p>{{ $trouble->whatToDo() }} @if ($sent) Nothing of what was sent was kept. @endif</p>
        <p><a class="button is-go" href="/">Try again</a></p>
    </div>
</x-layout>
