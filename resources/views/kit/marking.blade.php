@isset($marking)
    <p>{{ $marking->sentence() }}</p>
    @if ($marking->isAmbiguous())
        <fieldset><legend class="is-sr-only">Which is meant</legend>
            @foreach ($marking->readings() as $i => $reading)
                <label class="tick"><input type="radio" name="reading" value="{{ $i }}" @checked($i === $chosen)> {{ $reading['meaning'] }}{{ str_ends_with($reading['meaning'], 'stops') ? '' : ': '.\App\Forms\Decimal::write($reading['stops']->value).' stops' }}</label>
            @endforeach
        </fieldset>
    @endif
@endisset
@isset($range)
    <p>From {{ \App\Forms\Decimal::write($range[0]->value) }} to {{ \App\Forms\Decimal::write($range[1]->value) }} stops.</p>
@endisset
@isset($problem)
    <p class="problem">{{ $problem }}</p>
@endisset
