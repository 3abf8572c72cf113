<x-layout title="Pictures with no frame" here="log">
    <div class="title-line"><h1>Which frame is it? <small>Pictures whose file does not say when or how they were taken</small></h1></div>
    @forelse ($photos as $photo)
        <section class="open-photo">
            <img src="{{ route('photos.thumb', [$photo, 'of' => $photo->fingerprint()]) }}"
                alt="{{ $photo->name }}" width="480" height="320">
            <div>
                <p><b>{{ $photo->name }}</b> <span class="hint">{{ $photo->width }} × {{ $photo->height }}</span></p>
                <form method="post" action="{{ route('photos.lay', $photo) }}">
                    @csrf @method('put')
                    <x-entry name="frame" id="f-frame-{{ $photo->id }}" label="It shows" :problem="$errors->first('frame') ?: null">
                        <select id="f-frame-{{ $photo->id }}" name="frame" class="pick">
                            <option value="">choose a frame</option>
                            @foreach ($frames as $frame)
                                <option value="{{ $frame->id }}">
                                    Frame {{ $frame->id }}: {{ $frame->openLabel() }}, {{ $frame->look->value }},
                                    {{ $frame->subject?->name ?? $frame->water_kind->label() }}
                                </option>
                            @endforeach
                        </select>
                    </x-entry>
                    <div class="foot-line">
                        <button class="button is-go" name="role" value="frame">It is the frame</button>
                        <button class="button" name="role" value="base">It is its base</button>
                    </div>
                </form>
                <form method="post" action="{{ route('photos.destroy', $photo) }}">
                    @csrf @method('delete')<button class="button is-warn is-small">Away with it</button>
                </form>
            </div>
        </section>
    @empty
        <div class="empty"><p>Every picture lies with its frame. <a href="{{ route('log') }}">To the log</a></p></div>
    @endforelse
</x-layout>
