<x-layout title="Backup" here="settings" script="backup">
    <div class="narrow-page">
        <h1>Backup</h1>
        <p class="hint">Everything you keep, as one file that can be read without this application.</p>
        <section class="backup-now">
            <p class="backup-age">
                <b>{{ $away === null ? 'Never' : ucfirst($away->diffForHumans()) }}</b>
                {{ $away === null ? 'taken away' : 'last taken away' }} from this machine
            </p>
            <form method="post" action="{{ route('backup.download') }}">
                @csrf
                @if (count($choices) > 1)
                    <fieldset class="backup-choice" @error('pictures') aria-describedby="f-pictures-problem" @enderror>
                        <legend>Photographs that go along</legend>
                        @foreach ($choices as [$which, $bytes])
                            <label class="tick">
                                <input type="radio" name="pictures" value="{{ $which->value }}" @checked($loop->first)>
                                <span>{{ $which->words() }} @if ($bytes > 0)<b>{{ $size($bytes) }}</b>@endif</span>
                            </label>
                        @endforeach
                    </fieldset>
                    @error('pictures')<p class="problem" id="f-pictures-problem">{{ $message }}</p>@enderror
                @endif
                <button class="button is-go">Save a backup</button>
            </form>
            <p class="hint">
                Put it on another disk or another machine: what lies only here is lost with it. It holds your places and marks, outings,
                kit, measurements and frames, with their notes and positions; keep it where nobody reads it.
            </p>
        </section>
        <section>
            <h2>Bring one back</h2>
            <form method="post" action="{{ route('backup.receive') }}" enctype="multipart/form-data" data-brings data-what="backup"
                data-most-bytes="{{ $mostBytes }}" data-uploads="{{ route('uploads') }}" data-part-bytes="{{ $partBytes }}"
                data-parts="{{ $built->url('parts.js') }}">
                @csrf
                <label for="f-backup">A backup, as it was saved</label>
                <input type="file" id="f-backup" name="backup"
                    accept="application/zip,.zip" class="input is-file"
                    @if ($errors->has('backup')) aria-invalid="true" aria-describedby="f-backup-problem" @endif>
                @error('backup')<p class="problem" id="f-backup-problem">{{ $message }}</p>@enderror
                <p class="hint">
                    First you see what it would change. It goes in parts, and goes on where a network broke off. One larger than
                    {{ $mostSent }}, laid by hand into <code>{{ $folder }}</code> as it was saved, stands below.
                </p>
                <p class="backup-sent" data-brings-said role="status"></p>
                <div class="foot-line"><button class="button">Look into it</button></div>
            </form>
        </section>
        <section>
            <h2>
                On this machine
                <form method="post" action="{{ route('backup.take') }}">
                    <x-once/><button class="button is-small">Keep one now</button>
                </form>
            </h2>
            @if (count($choices) > 1)
                <p class="hint">These hold the records alone. The pictures lie here already, and bringing one back takes none away.</p>
            @endif
            <ul class="kit-list">
                @forelse ($kept as $backup)
                    <li>
                        <a href="{{ route('backup.show', $backup->name) }}"><b>{{ $backup->at->format('j M Y, H:i') }} UTC</b></a>
                        <span class="kit-what">{{ $backup->reason() }} · {{ $backup->at->diffForHumans() }}</span>
                        <span class="kit-stops"><a href="{{ route('backup.file', $backup->name) }}">{{ $backup->size() }}</a></span>
                    </li>
                @empty
                    <li>None yet. One is kept on every day on which you use the application: the last fourteen, and one of each month.</li>
                @endforelse
            </ul>
        </section>
        <section id="begin">
            <h2>Begin with nothing but your own</h2>
            <p class="hint">
                Places, kit, measurements, outings and frames, the demo's and yours, are put away into a backup on this machine; units,
                passcode and calendar stay. Files of photographs stay where they are.
            </p>
            <form method="post" action="{{ route('backup.begin') }}">
                <x-once/>
                <label class="tick"><input type="checkbox" name="sure" value="1"> Everything shall go; I can bring that backup back</label>
                @error('sure')<p class="problem">{{ $message }}</p>@enderror
                <div class="foot-line"><button class="button is-warn">Empty the house</button></div>
            </form>
        </section>
    </div>
</x-layout>
