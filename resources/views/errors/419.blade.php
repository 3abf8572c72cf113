<x-layout title="The page was open too long">
    <div class="empty">
        <h1>The page was open too long</h1>
        <p>Nothing was lost on the server. Go back, load the page again and send it once more.</p>
        <p><a class="button is-go" href="{{ route('bench') }}">To the bench</a></p>
    </div>
</x-layout>
