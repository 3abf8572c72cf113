<x-layout title="Shoot" here="shoot">
    <div class="empty">
        <h1>No frame is waiting</h1>
        <p>A frame comes here from the bench: choose the look, then press <b>Shoot this</b>.</p>
        <p><a class="button is-go" href="{{ route('bench') }}">To the bench</a></p>
    </div>
</x-layout>
