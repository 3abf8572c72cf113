@if ($timer)
    <div class="heard" data-period="{{ $timer->isEnough() ? number_format($timer->peakPeriodS(), 1, '.', '') : '' }}">
        <p>
            <b>{{ number_format($timer->periodS(), 1) }} s</b> ± {{ number_format($timer->spreadS(), 1) }}
            · {{ $write->many($timer->presses(), 'press', 'presses') }}{{ $timer->isEnough() ? '' : ', '.$missing.' more to go' }}
        </p>
        @if ($timer->isEnough())
            <p class="hint">
                Crests that stand out come {{ number_format($timer->periodS(), 1) }} s apart; the peak period of such a sea is
                {{ number_format($timer->peakPeriodS(), 1) }} s.
            </p>
        @endif
        @foreach ($timer->suspects as $suspect)
            <p class="slip">
                {{ $suspect->missed ? sprintf('%.1f s: a crest was missed?', $suspect->intervalS)
                    : sprintf('%.1f s: pressed twice?', $suspect->intervalS) }}
                <button type="button" class="button is-small" data-{{ $suspect->missed ? 'leave-out' : 'drop' }}="{{ $suspect->place }}">
                    {{ $suspect->missed ? 'Leave it out' : 'Drop the press' }}
                </button>
            </p>
        @endforeach
        @if ($sets->count() > 0)
            <p>
                {!! $sets->size() >= 2 ? 'Sets of <b>'.number_format($sets->size(), 0).'</b>'
                    : 'A big one' !!}@if ($sets->apartS() !== null){{ $sets->size() >= 2 ? ',' : '' }}
                    every <b>{{ number_format($sets->apartS() / 60, 1) }} min</b>
                    · next expected
                    <b data-set-in="{{ round($sets->nextExpectedS() - $now, 1) }}">in
                        {{ number_format(max(0, $sets->nextExpectedS() - $now), 0) }} s</b>@else;
                    the next big ones tell how far apart @endif
            </p>
        @endif
    </div>
@else
    <p class="problem" role="alert">{{ $problem }} Start again with the next crest.</p>
@endif
