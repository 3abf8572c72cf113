{{-- What is done when,
    of a plan: on the outing's page with the parts of each frame and the way to the bench, in a field file with its run sheet. --}}
<ol class="schedule">
    <li>
        <time>{{ $plan->at($plan->schedule->from)->format($clock) }}</time><span><b>Tripod up, then watch the water</b><small>A quarter of
            an hour from a dry place: sets, what gets wet, the way out.</small></span>
    </li>
    @php($number = 0)
    @foreach ($plan->schedule->frames as $one)
        @php($wanted = $plan->compositions[$one->index])
        @php($way = $plan->ways[$one->index] ?? null)
        @if ($one->changesLens)<li class="is-between"><time></time><span><small>change the lens, out of the wind</small></span></li>@endif
        <li>
            <time>{{ $plan->at($one->from)->format($clock) }}</time><span><b>{{ $wanted->subject->name }}, {{ $wanted->look->value }}</b>
                @if ($way)<em>{{ $way->shutterLabel() }} {{ $way->aperture->label() }} ISO
                        {{ $way->iso->label() }}{{ $way->filters->count() === 0 ? ', bare' : ', '.$way->filters->label() }}</em>@endif
                @if ($isFile)
                    <small>until {{ $plan->at($one->to)->format($clock) }}</small>
                    @if ($way)<button type="button" class="button is-small"
                            data-scheduled="{{ $number++ }}"
                            aria-label="Run sheet: {{ $wanted->subject->name }}, {{ $wanted->look->value }}">
                            Run sheet
                        </button>@endif
                @else
                    <small>@foreach ($one->parts as [$words, $seconds]){{ $words }}
                            {{ $seconds < 90 ? round($seconds).' s' : round($seconds / 60).' min' }}{{ $loop->last ? ''
                                : ' · ' }}@endforeach
                        · until {{ $plan->at($one->to)->format($clock) }}</small>
                    <a class="button is-small" href="{{ route('bench', ['take' => $wanted->subject_id, 'look' => $wanted->look->value]) }}"
                        aria-label="{{ $wanted->subject->name }} on the bench">On the bench</a>
                @endif</span>
        </li>
    @endforeach
    <li class="is-leave">
        <time>{{ $plan->at($plan->schedule->until - 300)->format($clock) }}</time><span><b>Pack, and go</b><small>Off it by
            {{ $plan->at($plan->schedule->until)->format($clock) }}, by {{ $plan->untilWhy }}.</small></span>
    </li>
</ol>
@foreach ($plan->schedule->left as $index => $why)
    <p class="warn"><b>{{ $plan->compositions[$index]->subject->name }}, {{ $plan->compositions[$index]->look->value }}</b>: {{ $why }}.</p>
@endforeach
