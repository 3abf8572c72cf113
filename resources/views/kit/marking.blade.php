@isset($marking)
    <p>{{ $marking->sentence() }}</p>
    @if ($marking->isAmbiguous())
        <fieldset>
            <legend class="is-sr-only">Which is meant</legend>
            @foreach ($marking->readings() as $i => $reading)
                <label class="tick"><input type="radio" name="reading" value="{{ $i }}" @checked($i === $chosen)>
                    {{ $reading['meaning'] }}{{ str_ends_with($reading['meaning'], 'stops') ? ''
                        : ': '.$write->number($reading['stops']->value).' stops' }}</label>
            @endforeach
        </fieldset>
    @endif
@endisset
@isset($range)
    <p>From {{ $write->number($range[0]->value) }} to {{ $write->number($range[1]->value) }} stops.</p>
@endisset
@isset($problem)
    <p class="problem">{{ $problem }}</p>
@endisset
