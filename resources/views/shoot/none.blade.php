<x-layout title="Shoot" here="shoot">
    <div class="empty">
        <h1>No frame is waiting</h1>
        <p>A frame comes here from the bench: choose the look, then press <b>Shoot this</b>.</p>
        @if ($last)
            <form method="post" action="{{ route('shoot.again', $last) }}"><x-once/>
                <button class="button">Same again: {{ $last->plan->way->shutterLabel }} {{ $last->plan->way->apertureLabel }} ISO {{ $last->plan->way->isoLabel }}, {{ $last->plan->way->filtersLabel() }}</button></form>
        @endif
        <p><a class="button is-go" href="{{ route('bench') }}">To the bench</a></p>
    </div>
</x-layout>
