<x-layout title="Side by side" here="log" script="log">
    <div class="title-line">
        <h1>Side by side</h1>
        <div class="days">
            @if ($photos->count() === 2)<a class="button is-small" href="{{ request()->fullUrlWithQuery(['wipe' => $wipe ? null
                : 1]) }}">{{ $wipe ? 'Beside each other' : 'One over the other' }}</a>@endif
            <button type="button" class="button is-small" data-zoom="0" aria-pressed="true">Whole</button>
            <button type="button" class="button is-small" data-zoom="3" aria-pressed="false">Three times</button>
            <button type="button" class="button is-small" data-zoom="8" aria-pressed="false">Eight times</button>
        </div>
    </div>
    <div @class(['laid', 'is-wiped' => $wipe, 'is-'.$photos->count()]) data-laid>
        @foreach ($photos as $photo)
            <figure class="laid-one">
                <div class="laid-window" data-window>
                    <img src="{{ route('photos.picture', [$photo, 'of' => $photo->fingerprint()]) }}"
                        alt="{{ $photo->role->value === 'base' ? 'The base of frame' : 'Frame' }} {{ $photo->frame_id }}"
                        width="{{ $photo->width }}" height="{{ $photo->height }}" draggable="false">
                </div>
                <figcaption>
                    <b class="figure">{{ $photo->role->value === 'base' ? $write->time($photo->shutter_s ?? 0.01)
                        : $photo->frame->openLabel() }}</b>
                    <span><a href="{{ route('log.show', $photo->frame) }}">{{ $photo->role->value === 'base' ? 'The base of frame'
                        : 'Frame' }}
                            {{ $photo->frame_id }}</a>
                        <small class="hint">{{ $photo->role->value === 'base' ? 'no filter'
                            : $photo->frame->look->value.' · '.$photo->frame->plan->way->filtersLabel()
                            }}@if ($photo->texture_kept !== null)
                                · {{ number_format(100 * $photo->texture_kept) }}&hairsp;% of the drawing left
                            @endif</small></span>
                </figcaption>
            </figure>
        @endforeach
        @if ($wipe)<input type="range" class="wipe" min="0" max="100"
                value="50" data-wipe aria-label="How much of the left picture is seen">@endif
    </div>
    @if ($roles->words())
        <section class="blend">
            <h2>To blend them</h2>
            <dl class="facts">
                @foreach ($roles->words() as [$for, $which])<div><dt>{{ $for }}</dt><dd>{{ $which }}</dd></div>@endforeach
            </dl>
            <details class="more" data-mean>
                <summary>Their mean, as a proof</summary>
                <img loading="lazy" src="{{ route('log.mean', ['chosen' => request()->query('chosen')]) }}"
                    alt="The mean of these frames in linear light" class="mean">
                <p class="hint">In linear light: what one frame as long as all of them would have shown.</p>
            </details>
        </section>
    @endif
</x-layout>
