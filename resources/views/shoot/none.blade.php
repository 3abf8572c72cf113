<x-layout title="Shoot" here="shoot">
    <div class="empty">
        <h1>No frame is waiting</h1>
        <p>A frame comes here from the bench: choose the look, then press <b>Shoot this</b>.</p>
        @if ($last)
            <form method="post" action="{{ route('shoot.again', $last) }}">
                <x-once/>
                <button class="button">
                    Same again: {{ $last->plan->way->shutterLabel }} {{ $last->plan->way->apertureLabel }} ISO
                    {{ $last->plan->way->isoLabel }}, {{ $last->plan->way->filtersLabel() }}
                </button>
            </form>
        @endif
        <p><a class="button is-go" href="{{ route('bench') }}">To the bench</a></p>
        @if ($subjects->isNotEmpty())
            <h2>Or begin with a water of yours</h2>
            <ul class="subjects">
                @foreach ($subjects as $subject)
                    <li>
                        <a class="subject-go" href="{{ route('bench', ['take' => $subject->id]) }}"><b>{{ $subject->name }}</b>
                            <small>{{ $subject->place->name }}, {{ $subject->water_kind->label() }} from
                                {{ $write->about($subject->distance_m) }}</small></a>
                    </li>
                @endforeach
            </ul>
        @endif
    </div>
</x-layout>
