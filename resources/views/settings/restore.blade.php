<x-layout title="Bring a backup back" here="settings">
    <div class="narrow-page">
        <h1>Backup of {{ $madeAt->format('j M Y, H:i') }} UTC</h1>
        <p class="hint">{{ ucfirst($write->many(array_sum($counts), 'record')) }}, {{ $kept->reason() }}. Nothing is done yet.</p>
        @if ($pictures->added + $pictures->here > 0)
            <p>
                <b>{{ $pictures->added + $pictures->here }}</b> picture files in it,
                {{ $pictures->added === 0 ? 'all of them here already' : $pictures->added.' to be put back with either' }}.
            </p>
        @endif
        @if ($pictures->missing > 0)
            <p class="problem">
                Of {{ $pictures->missing }} {{ $pictures->missing === 1 ? 'photograph' : 'photographs' }} there is no picture, in this
                backup or here: what was noted and measured comes back, the picture does not.
            </p>
        @endif
        @foreach ($ways as [
            'into' => $into, 'plan' => $plan, 'changes' => $changes, 'moving' => $moving, 'same' => $same, 'renamed' => $renamed,
        ])
            <section class="restore-way">
                <h2>{{ $into->name }}</h2>
                <p class="hint">{{ $into->words() }}</p>
                @if ($moving === [])
                    <p>
                        <b>{{ $pictures->added === 0 ? 'Nothing' : 'No record' }} would change</b>: all of it is here already, as it is.
                    </p>
                @else
                    <table class="figures">
                        <thead>
                            <tr><td></td>@foreach ($changes as $change)<th scope="col">{{ $change->words() }}</th>@endforeach</tr>
                        </thead>
                        <tbody>
                            @foreach ($moving as $kind)
                                <tr>
                                    <th scope="row">{{ $kind->label() }}</th>
                                    @foreach ($changes as $change)
                                        <td @class(['is-none' => $plan[$kind->value][$change->value] === 0])>
                                            {{ $plan[$kind->value][$change->value] ?: '–' }}
                                        </td>
                                    @endforeach
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                    @if ($same > 0)
                        <p class="hint">
                            {{ $same }} {{ $same === 1 ? 'record is' : 'records are' }} here already, as
                            {{ $same === 1 ? 'it is' : 'they are' }}.
                        </p>
                    @endif
                @endif
                @foreach ($renamed as $one)
                    <p>“{{ $one['name'] }}” is the name of another here: it comes as <b>{{ $one['as'] }}</b>.</p>
                @endforeach
                @if ($moving !== [] || $pictures->added > 0)
                    <form method="post" action="{{ route('backup.restore', $kept->name) }}">
                        @csrf<input type="hidden" name="into" value="{{ $into->value }}">
                        <button @class(['button', 'is-go' => $into->value === 'merge'])>
                            {{ $into->value === 'merge' ? 'Merge it in' : 'Replace everything' }}
                        </button>
                    </form>
                @endif
            </section>
        @endforeach
        <p class="hint">Before either, a backup of how it is now is kept on this machine. <a href="{{ route('backup') }}">Do nothing</a></p>
    </div>
</x-layout>
