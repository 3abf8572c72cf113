<x-layout title="Deleted" here="settings">
    <div class="narrow-page">
        <h1>Deleted</h1>
        <p class="hint">What was deleted in the last {{ $days }} days, with everything that went along with it.</p>
        <ul class="kit-list">
            @forelse ($drops as $drop)
                <li>
                    <b>{{ $drop->words() }}</b> <span class="kit-what">{{ $drop->along() }}{{ $drop->created_at->diffForHumans() }}</span>
                    <form method="post" action="{{ route('undo', $drop->id) }}">
                        @csrf<button class="button is-small" aria-label="Bring back {{ $drop->words() }}">Bring back</button>
                    </form>
                </li>
            @empty
                <li>Nothing.</li>
            @endforelse
        </ul>
        @if ($files)
            <section>
                <h2>Pictures without a frame</h2>
                <p>
                    <b>{{ $files }}</b> {{ $files === 1 ? 'file' : 'files' }}, <b>{{ $megabytes }} MB</b>, of photographs that are in no
                    frame and no longer above. The backups kept on this machine have no pictures in them: one from before would miss these.
                </p>
                <form method="post" action="{{ route('bin.sweep') }}">
                    @csrf @method('delete')<button class="button">Remove these files</button>
                </form>
            </section>
        @endif
    </div>
</x-layout>
