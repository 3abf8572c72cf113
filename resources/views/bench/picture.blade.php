{{-- What else moves, what must hold still, and what two targets make of one another. --}}
@if ($bench->picture->conflicts() !== [])
    <section class="said is-problem conflict" role="alert">
        @foreach ($bench->picture->conflicts() as $conflict)<p>{{ $conflict->sentence() }}</p>@endforeach
        <p>
            Blend {{ count($bench->picture->frames()) }} frames:
            @foreach ($bench->picture->frames() as $frame)
                <button type="button" class="button is-small" data-aim="{{ $write->number($frame['window']->best->seconds, 4) }}">
                    {{ $frame['window']->best->label() }} for {{ implode(' and ', array_map(fn ($t) => $t->name, $frame['targets'])) }}
                </button>
            @endforeach
            <x-acts id="list-blend" class="is-small" :to="route('lists.store', ['list' => 'blend'])">Shoot them as a list</x-acts>
        </p>
    </section>
@endif
