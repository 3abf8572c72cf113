<x-layout title="This could not be read">
    <div class="empty">
        <h1>This could not be read</h1>
        <p>{{ $exception->getMessage() }} Nothing was changed.</p>
        <p><a class="button is-go" href="{{ route('bench') }}">To the bench</a></p>
    </div>
</x-layout>
