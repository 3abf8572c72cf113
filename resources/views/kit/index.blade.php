@php($followed = ['aperture' => $habits->aperture->value, 'iso' => $habits->iso->value, 'highlights' => $habits->highlights->value,
    'noise_reduction' => $habits->noiseReduction->value, 'frames' => $habits->frames->value])
<x-layout title="Kit" here="kit">
    <x-first-steps/>
    <div class="title-line">
        <h1>Kit <small>What is packed is what the bench works with</small></h1>
        <div class="days">
            <a class="button" href="{{ route('card') }}">Pocket card</a> <a class="button" href="{{ route('kit.export') }}">Export</a>
        </div>
    </div>
    @if ($cameras->isEmpty() || $lenses->isEmpty())
        <p class="said">
            The bag is empty. <a href="{{ route('kit.first') }}">Start with a first camera, lens and filter</a>: it takes a minute.
        </p>
    @endif
    <div class="kit-columns">
        <section>
            <h2>Filters <a class="button is-small" href="{{ route('kit.create', 'filter') }}">Add a filter</a></h2>
            <ul class="kit-list">
                @forelse ($filters as $filter)
                    <li @class(['is-home' => ! $filter->packed])>
                        <form method="post" action="{{ route('kit.pack', $filter) }}">
                            @csrf @method('put')<input type="hidden" name="packed" value="{{ $filter->packed ? 0 : 1 }}">
                            <button class="button is-small pack"
                                aria-pressed="{{ $filter->packed ? 'true' : 'false' }}"
                                aria-label="{{ $filter->name }}: {{ $filter->packed ? 'packed' : 'at home' }}">
                                {{ $filter->packed ? 'packed' : 'at home' }}
                            </button>
                        </form>
                        <a href="{{ route('kit.edit', ['filter', $filter->id]) }}"><b>{{ $filter->name }}</b></a>
                        <span class="kit-what">{{ $filter->kind->label() }}{{ $filter->marking ? ', marked '.$filter->marking : '' }} ·
                            {{ $filter->mount->value }}{{ $filter->thread_mm ? ' '.$write->number($filter->thread_mm).' mm' : '' }}</span>
                        <span class="kit-stops">@if ($filter->kind->hasEdge())
                                {{ $filter->toKit()->graduation() === null ? ''
                                    : $write->number($filter->toKit()->graduation()->value).' stops ' }}{{ $filter->edge }}
                            @elseif ($filter->toKit()->stops() === null)
                                unknown
                            @elseif ($filter->lightest_stops !== null)
                                {{ $write->number($filter->lightest_stops, 1) }}–{{ $write->number($filter->stops, 1) }} stops
                            @else
                                {{ $write->number($filter->toKit()->stops()->value) }}
                                stops{{ $filter->measured_stops !== null ? ', measured' : '' }}{{ $filter->toKit()->cast?->words()
                                    ? ', '.$filter->toKit()->cast->words() : '' }}
                            @endif</span>
                    </li>
                @empty
                    <li>No filter yet. Without one, aperture and ISO do what they can.</li>
                @endforelse
            </ul>
            <h2>Cameras <a class="button is-small" href="{{ route('kit.create', 'camera') }}">Add a camera</a></h2>
            <ul class="kit-list">
                @forelse ($cameras as $camera)
                    <li>
                        <a href="{{ route('kit.edit', ['camera', $camera->id]) }}"><b>{{ $camera->name }}</b></a>
                        <span class="kit-what">{{ $write->number($camera->sensor_width_mm, 1) }} ×
                            {{ $write->number($camera->sensor_height_mm, 1) }} mm · ISO
                            {{ $write->number($camera->iso_low ?? $camera->iso_base, 0) }} to
                            {{ $write->number($camera->iso_max, 0) }}</span>
                        <span class="kit-stops">times {{ $write->time($camera->longest_timed_s) }}</span>
                    </li>
                @empty
                    <li>No camera yet: add one, so that the bench knows its sensor and dials.</li>
                @endforelse
            </ul>
            <h2>Lenses <a class="button is-small" href="{{ route('kit.create', 'lens') }}">Add a lens</a></h2>
            <ul class="kit-list">
                @forelse ($lenses as $lens)
                    <li>
                        <a href="{{ route('kit.edit', ['lens', $lens->id]) }}"><b>{{ $lens->name }}</b></a>
                        <span class="kit-what">{{ $write->number($lens->focal_min_mm) }}{{ $lens->isZoom()
                            ? '–'.$write->number($lens->focal_max_mm) : '' }}
                            mm{{ $lens->thread_mm ? ' · thread '.$write->number($lens->thread_mm).' mm' : '' }}</span>
                        <span class="kit-stops">{{ $write->aperture($lens->widest_f) }} to {{ $write->aperture($lens->smallest_f) }}</span>
                    </li>
                @empty
                    <li>No lens yet: add one, so that the bench knows its apertures.</li>
                @endforelse
            </ul>
        </section>
        <section>
            <h2>
                Also in the bag
                <form method="post" action="{{ route('kit.release') }}">
                    @csrf @method('put')<input type="hidden" name="packed" value="{{ $carry->release ? 0 : 1 }}">
                    <button class="button is-small pack" aria-pressed="{{ $carry->release ? 'true' : 'false' }}">
                        {{ $carry->release ? 'release packed' : 'release at home' }}
                    </button>
                </form>
            </h2>
            <form method="post" action="{{ route('kit.carry') }}">
                @csrf @method('put')
                <x-entry name="slots" label="Slots in the holder"
                    :value="old('slots', $carry->slots)" :problem="$errors->first('slots') ?: null" inputmode="numeric"
                    hint="0 without a holder"/>
                <x-entry name="rings" label="Step-up rings"
                    :value="old('rings', collect($carry->rings)->map(fn ($r) => (int) $r[0].'-'.(int) $r[1])->join(', '))"
                    :problem="$errors->first('rings') ?: null" placeholder="67-77" hint="Lens thread and filter thread"/>
                <x-entry name="adapters" label="Holder’s adapters"
                    :value="old('adapters', collect($carry->adapters)->map(fn ($mm) => (int) $mm)->join(', '))"
                    :problem="$errors->first('adapters') ?: null" placeholder="any" hint="Lens threads they fit, like 67, 77"/>
                <x-entry name="support" label="Camera on a" :problem="$errors->first('support') ?: null">
                    <select id="f-support" name="support" class="pick">
                        @foreach ($supports as $support)
                            <option value="{{ $support->value }}" @selected(old('support', $carry->support->value) === $support->value)>
                                {{ $support->label() }}
                            </option>
                        @endforeach
                    </select>
                </x-entry>
                <x-entry name="holds" label="It holds still for"
                    :value="old('holds', $write->exactTime($carry->holdsS))" :problem="$errors->first('holds') ?: null"
                    :placeholder="$write->time($carry->support->holdsS())"
                    hint="In wind of 5 m/s at 24 mm; judgement, yours if you know better"/>
                <input type="hidden" name="release" value="{{ $carry->release ? 1 : 0 }}">
                <p class="hint">Without the release nothing is offered beyond the longest timed shutter.</p>
                <div class="foot-line"><button class="button">Keep the bag</button></div>
            </form>
            <h2>Habits</h2>
            <form method="post" action="{{ route('kit.habits') }}">
                @csrf @method('put')
                @foreach ([
                    'aperture' => ['Aperture', [
                        'best' => 'f/8 to f/11, where the lens is sharpest',
                        'stopped_down' => 'f/16 to f/22, to lengthen the time',
                    ]],
                    'iso' => ['ISO', [
                        'lowest' => 'the lowest, for clean files',
                        'raise' => 'raised freely, to shorten an over-long frame',
                    ]],
                    'highlights' => ['Highlights', [
                        'protect' => 'rounded darker, to keep white water',
                        'right' => 'rounded brighter, for clean shadows',
                    ]],
                    'frames' => ['Frames', [
                        'one' => 'one long one',
                        'mean' => 'the mean of several short ones: the same blur, fewer filters, more files',
                    ]],
                    'noise_reduction' => ['Noise reduction', [
                        'later' => 'afterwards, so that the next frame can start',
                        'in_camera' => 'in the camera: each frame costs its time again',
                    ]],
                ] as $name => [$label, $choices])
                    <fieldset class="habit">
                        <legend>
                            {{ $label }}
                            @if ($topic = $helpOf($name))<a class="entry-help" href="{{ route('manual') }}#{{ $topic->value }}"
                                    aria-label="About: {{ $label }}">?</a>@endif
                        </legend>
                        @foreach ($choices as $value => $words)
                            <label class="tick"><input type="radio" name="{{ $name }}"
                                    value="{{ $value }}" @checked($followed[$name] === $value)> {{ $words }}</label>
                        @endforeach
                        @if ($errors->has($name))<p class="problem">{{ $errors->first($name) }}</p>@endif
                    </fieldset>
                @endforeach
                <div class="foot-line"><button class="button">Keep the habits</button></div>
            </form>
            <h2>Bring in a kit</h2>
            <form method="post" action="{{ route('kit.import') }}" enctype="multipart/form-data">
                <x-once/>
                <label class="is-sr-only" for="f-kit">Kit file</label>
                <input type="file" id="f-kit" name="kit" accept="application/json,.json"
                    class="input is-file" @if ($errors->has('kit')) aria-invalid="true" aria-describedby="f-kit-problem" @endif>
                @if ($errors->has('kit'))<p class="problem" id="f-kit-problem" role="alert">{{ $errors->first('kit') }}</p>@endif
                <div class="foot-line"><button class="button">Bring it in</button> <a href="{{ route('kit.schema') }}">The schema</a></div>
            </form>
        </section>
    </div>
</x-layout>
