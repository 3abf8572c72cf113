<x-layout title="Field file" here="field" script="take">
    <div class="title-line">
        <h1>Take it with you <small>One file that works with no signal, from the phone’s own storage</small></h1>
        <div class="days"><a class="button" href="{{ route('field.home') }}">Bring it home</a></div>
    </div>
    <div class="frame-columns">
        <section>
            <form class="light-form" method="get" action="{{ route('field') }}">
                <span class="pair"><label for="f-outing">For</label>
                    <select id="f-outing" name="outing" class="pick">
                        <option value="">the bag alone</option>
                        @foreach ($outings as $one)
                            <option value="{{ $one->id }}" @selected($outing?->id === $one->id)>
                                {{ $one->place->name }}, {{ $one->starts_at->setTimezone($one->place->timezone)->format('j M, H:i') }}
                            </option>
                        @endforeach
                    </select></span>
                @foreach (['camera' => [$cameras, $camera], 'lens' => [$lenses, $lens]] as $name => [$all, $one])
                    @if ($all->count() > 1)<span class="pair"><label for="f-{{ $name }}">{{ ucfirst($name) }}</label>
                            <select id="f-{{ $name }}" name="{{ $name }}" class="pick">
                                @foreach ($all as $each)
                                    <option value="{{ $each->id }}" @selected($each->is($one))>{{ $each->name }}</option>
                                @endforeach
                            </select></span>@endif
                @endforeach
                <button class="button is-small">Make it</button>
            </form>
            <p class="field-take">
                <a class="button is-go" href="{{ $saves }}" download>Save the file</a>
                <a class="button" href="{{ $opens }}">Open it here</a>
                <span role="status" hx-get="{{ $weighs }}" hx-trigger="load">being worked out…</span>
            </p>
            <h2>In it</h2>
            <ul class="field-in">
                @if ($outing)
                    <li>the outing at {{ $outing->place->name }}: day board, schedule, packing, the days around, what to tell somebody</li>
                @endif
                <li>
                    a small bench: {{ $outing ? 'the waters there, or any other' : 'your waters, or any other' }}, a look, a reading, and
                    the three best ways of {{ $camera->name }} with {{ $lens->name }}
                </li>
                <li>this glass, what time: every base shutter through every stack that is packed</li>
                <li>timers for crests, swash, a float, clouds</li>
                <li>Shoot, with its run sheets, the countdown and its signals</li>
                <li>the pocket card</li>
            </ul>
            <p class="hint">
                Frames, verdicts, sightings and ticks are kept on the phone, and come home once. Its numbers are those of the kit as it is
                packed now; make it anew when that has changed.
            </p>
        </section>
        <section>
            <h2>Onto the phone</h2>
            @if ($isLoopback)
                <p>
                    This application answers on this machine alone. Send the file to the phone as you send anything, and open it there; or
                    let phones in the house reach it: <code>bin/serve</code>, in docs/serving.md.
                </p>
            @else
                <p>Read this with the phone’s camera, on the same network, and save the page that opens:</p>
                <div class="field-code" data-code="{{ $saves }}"></div>
            @endif
            <p class="hint">
                {{ $isSecure || $isLoopback
                    ? 'This address is secure: under Settings the pages that were visited can be kept on a device, too.'
                    : 'Over plain HTTP a browser keeps no pages and cannot keep the screen on: the saved file is the way here.' }}
            </p>
            <p class="hint">
                Some phones show a saved page without running it: then only the outing, the days and the card can be read. Open it from here
                over <code>bin/serve</code> instead, and put it on the home screen.
            </p>
            <div class="cautions">
                <p>
                    Numbers in it grow old: surge, swell sets and weather are not in them. The official tide table, the forecast, closures,
                    lifeguards and coastguards decide.
                </p>
            </div>
        </section>
    </div>
</x-layout>
