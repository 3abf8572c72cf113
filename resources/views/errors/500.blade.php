<x-layout title="Something broke in here">
    <div class="empty">
        <h1>Something broke in here</h1>
        <p>It is our fault, not yours. Nothing of what was sent was kept; the log of the application says more.</p>
        <p><a class="button is-go" href="{{ route('bench') }}">To the bench</a></p>
    </div>
</x-layout>
