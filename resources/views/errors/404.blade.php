<x-layout title="Nothing here">
    <div class="empty">
        <h1>Nothing here</h1>
        <p>This address leads nowhere; the frame or place may have been deleted.</p>
        <p><a class="button is-go" href="{{ route('bench') }}">To the bench</a></p>
    </div>
</x-layout>
