<x-layout title="Places" here="places">
    <x-first-steps/>
    <div class="title-line"><h1>Places</h1><div class="days">@if ($places->isNotEmpty())<a class="button" href="{{ route('places.gpx') }}">As waypoints</a> @endif<a class="button" href="{{ route('places.create') }}">Add a place</a></div></div>
    <ul class="kit-list">
        @forelse ($places as $place)
            <li><a href="{{ route('places.show', $place) }}"><b>{{ $place->name }}</b></a>
                <span class="kit-what">{{ $place->notes }}</span>
                <span class="kit-stops">{{ ! $place->tide->hasTide() ? 'inland' : $place->marks->map(fn ($m) => $m->name.($m->heightM() === null ? '' : ' '.$write->metres($m->heightM())))->join(', ') }}</span></li>
        @empty
            <li>No place yet.</li>
        @endforelse
    </ul>
</x-layout>
