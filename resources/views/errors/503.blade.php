<x-layout title="Nothing can be kept just now">
    <div class="empty">
        <h1>Nothing can be kept just now</h1>
        <p>{{ $exception->getMessage() }}</p>
        <p><a class="button is-go" href="/">Try again</a></p>
    </div>
</x-layout>
