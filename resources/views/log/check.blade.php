@php($share = fn (float $of) => $of < 0.0005 ? '0' : number_format(100 * $of, $of < 0.1 ? 1 : 0))
<div class="check-next">
    <span class="hint">Next frame{{ $check->inArea ? ', by the water' : '' }}</span><b class="figure">{{ $says->next }}</b>
    <span>{{ $check->next->why }}@if ($says->ways) {{ ucfirst(implode(', ', $says->ways)) }}.@endif</span>
</div>
<figure class="histogram">
    <svg viewBox="0 0 512 132" preserveAspectRatio="none" role="img"
        aria-label="Histogram: {{ $share($levels->highShare) }} % clipped at the bright end, {{ $share($levels->lowShare) }} % black">
        <path class="h-light" d="{{ $drawn->luminance }}"/>
        @foreach ($drawn->channels as $name => $path)<path class="h-line is-{{ $name }}" d="{{ $path }}"/>@endforeach
    </svg>
    <figcaption>
        <span><b>{{ $share($levels->lowShare) }}&hairsp;%</b> black</span><span class="h-key"><i class="is-red"></i>red
            <i class="is-green"></i>green <i class="is-blue"></i>blue</span><span><b>{{ $share($levels->highShare) }}&hairsp;%</b>
            clipped</span>
    </figcaption>
</figure>
<dl class="facts check-facts">
    @if ($check->pair)
        <div>
            <dt>Against the base</dt>
            <dd>
                {{ abs($check->pair->luminanceStops) < 0.05 ? 'as bright'
                    : number_format(abs($check->pair->luminanceStops), 2).' stops '
                        .($check->pair->luminanceStops > 0 ? 'brighter' : 'darker') }}
            </dd>
        </div>
    @endif
    @if ($says->sharp)
        <div>
            <dt>Sharp?</dt>
            <dd>
                {{ $says->sharp }}
                <small class="hint">{{ $photo->still() ? 'in what you drew' : 'by parts that stood still' }},
                    {{ $share(min(9.99, $check->sharpness)) }}&hairsp;%</small>
            </dd>
        </div>
    @endif
    @if ($check->pair && ! $says->sharp)
        <div><dt>Sharp?</dt><dd><small class="hint">Nothing stands still by itself: draw what does, and it says</small></dd></div>
    @endif
    @if ($check->kept !== null)
        <div>
            <dt>Smooth?</dt>
            <dd>
                {{ $says->smooth }}
                <small class="hint">{{ $share(min(9.99, $check->kept)) }}&hairsp;% of the base’s drawing is
                    left{{ $says->planned ? ', '.$says->planned.' was reckoned' : '' }}{{ $photo->water() ? ''
                        : '; draw the water to know better' }}</small>
            </dd>
        </div>
    @endif
    @if (! $base)
        <div>
            <dt>No base</dt>
            <dd>
                <small class="hint">With a picture of the same view without the filter it also says how sharp, how smooth, what leaked in,
                    and what the filter takes.</small>
            </dd>
        </div>
    @endif
    @if ($check->notComparable)<div><dt>The base</dt><dd><small class="hint">{{ $check->notComparable }}</small></dd></div>@endif
</dl>
@if ($check->findings)
    <ul class="findings">
        @foreach ($check->findings as $finding)
            <li><b>{{ $finding->fault->label() }}</b> <span>{{ $finding->figure }}</span><p>{{ $finding->fault->advice() }}</p></li>
        @endforeach
    </ul>
@else
    <p class="hint">{{ $base ? 'No leak, veil, dark corner, colour or dust to speak of.' : 'No dust to speak of.' }}</p>
@endif
<script type="application/json" data-spots>@json($check->spots)</script>
@if ($fit && $frame->subject)
    <form class="said" method="post" action="{{ route('log.fit', $frame) }}">
        @csrf @method('put')
        <p>
            By {{ $fit->frames }} frames {{ $frame->subject->name }} moves {{ number_format(100 * abs($fit->factor() - 1)) }}&hairsp;%
            {{ $fit->stops > 0 ? 'faster' : 'slower' }} than it is taken to, give or take
            {{ number_format(100 * (2 ** $fit->uncertaintyStops - 1)) }}&hairsp;%.
        </p>
        <button class="button is-small">Take it so from now on</button>
    </form>
@endif
@if ($frame?->subject?->fitted)
    <form class="said" method="post" action="{{ route('log.unfit', $frame) }}">
        @csrf
        @method('delete')
        <p>{{ ucfirst($frame->subject->name) }} was fitted to {{ $frame->subject->fitted['frames'] ?? 'its' }} frames.</p>
        <button class="button is-small">Take it as before</button>
    </form>
@endif
