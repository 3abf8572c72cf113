<details class="more is-lists"><summary>Lists and companions</summary>
    <div class="list-buttons">
        <button class="button is-small" type="submit" form="make-list" name="list" value="ladder">Ladder: held to glass</button>
        @if ($bench->picked)
            <button class="button is-small" type="submit" form="make-list" name="list" value="time:1">Bracket ±1 by time</button>
            <button class="button is-small" type="submit" form="make-list" name="list" value="time:2">Five by time</button>
            <button class="button is-small" type="submit" form="make-list" name="list" value="aperture:1">±1 by aperture, same blur</button>
            <button class="button is-small" type="submit" form="make-list" name="list" value="polariser">With and without polariser</button>
            <button class="button is-small" type="submit" form="make-list" name="list" value="dark">And a dark frame</button>
        @endif
    </div>
    <p><button type="button" class="button is-small" hx-get="{{ route('bench.better', $bench->form->toQuery()) }}" hx-target="#better" hx-swap="innerHTML" hx-trigger="click">What would make it better?</button></p>
    <div id="better" aria-live="polite"></div>
    <table class="freezes"><caption>To hold still what else stirs at {{ $write->number($bench->moving->framing->distanceM) }} m, a companion frame:</caption><tbody>
        @foreach ($says->companions() as $companion)<tr><th scope="row">{{ $companion->what->label() }}</th><td>{{ $write->number($companion->what->speedMS()) }} m/s</td><td><b>{{ $companion->time->label() }}</b></td>
            <td>@if ($bench->picked)<button class="button is-small" type="submit" form="make-list" name="list" value="freeze:{{ $companion->what->value }}" aria-label="List with a companion for {{ $companion->what->label() }}">List</button>@endif</td></tr>@endforeach
    </tbody></table>
</details>
