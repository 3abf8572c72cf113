@if ($timer)
    <p class="heard" data-period="{{ $timer->isEnough() ? number_format($timer->periodS(), 1, '.', '') : '' }}">
        <b>{{ number_format($timer->periodS(), 1) }} s</b> ± {{ number_format($timer->spreadS(), 1) }}
        · {{ $timer->presses() }} presses{{ $timer->isEnough() ? '' : ', '.(\GentlePour\Measuring\CrestTimer::ENOUGH_PRESSES - $timer->presses()).' more to go' }}
    </p>
@else
    <p class="problem" role="alert">{{ $problem }} Start again with the next crest.</p>
@endif
