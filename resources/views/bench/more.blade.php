<p class="keep-water"><x-acts id="keep-water" class="is-small" :to="route('subjects.draft')">Keep this water at a place</x-acts></p>
<details class="more is-lists">
    <summary>Lists and companions</summary>
    <div class="list-buttons">
        <x-acts id="list-ladder" class="is-small" :to="route('lists.store', ['list' => 'ladder'])">Ladder: held to glass</x-acts>
        @if ($bench->picked)
            <x-acts id="list-polariser" class="is-small" :to="route('lists.store', ['list' => 'polariser'])">With and without
                polariser</x-acts>
            <x-acts id="list-dark" class="is-small" :to="route('lists.store', ['list' => 'dark'])">And a dark frame</x-acts>
        @endif
    </div>
    @if ($bench->picked)
        <table class="brackets">
            <caption>Brackets of three, the last of five</caption>
            <tbody>
                @foreach (['time' => 'by time', 'aperture' => 'by aperture, same blur',
                    'base' => 'of the base frame, bare and with the polariser'] as $of => $words)
                    <tr>
                        <th scope="row">{{ $words }}</th>
                        @foreach (['1:third' => '±⅓', '1:half' => '±½', '1:full' => '±1', '2:full' => '±2'] as $detail => $shown)
                            <td>
                                <x-acts id="list-{{ $of }}-{{ strtr($detail, ':', '-') }}"
                                    class="is-small" :to="route('lists.store', ['list' => $of.':'.$detail])"
                                    aria-label="Bracket {{ $words }}, {{ $shown }}">{{ $shown }}</x-acts>
                            </td>
                        @endforeach
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    <p>
        <button type="button" class="button is-small" hx-get="{{ route('bench.better') }}"
            hx-include="#bench" hx-target="#better" hx-swap="innerHTML" hx-trigger="click">
            What would make it better?
        </button>
    </p>
    <div id="better" aria-live="polite"></div>
    <table class="freezes">
        <caption>To hold still what else stirs at {{ $write->about($bench->moving->framing->distanceM) }}, a companion frame:</caption>
        <tbody>
            @foreach ($says->companions() as $companion)
                <tr>
                    <th scope="row">{{ $companion->what->label() }}</th>
                    <td>{{ $write->speed($companion->what->speedMS(), 2) }}</td>
                    <td><b>{{ $companion->time->label() }}</b></td>
                    <td>
                        @if ($bench->picked)<x-acts id="list-freeze-{{ $companion->what->value }}"
                                class="is-small" :to="route('lists.store', ['list' => 'freeze:'.$companion->what->value])"
                                aria-label="List with a companion for {{ $companion->what->label() }}">List</x-acts>@endif
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
</details>
