<x-layout title="Pocket card" here="card">
    <div class="title-line no-print">
        <h1>Pocket card <small>For exactly this bag; print it, fold it, keep it dry</small></h1>
        <div class="days">
            <button type="button" class="button" data-print>Print</button>
            <a class="button" href="{{ route('card.csv', request()->query()) }}">CSV</a>
        </div>
    </div>
    <form class="light-form no-print" method="get" action="{{ route('card') }}">
        @foreach (['camera' => [$cameras, $camera], 'lens' => [$lenses, $lens]] as $name => [$all, $one])
            @if ($all->count() > 1)<label for="card-{{ $name }}">{{ ucfirst($name) }}</label><select id="card-{{ $name }}"
                name="{{ $name }}" class="pick">
                    @foreach ($all as $each)<option value="{{ $each->id }}" @selected($each->is($one))>{{ $each->name }}</option>@endforeach
                </select>@endif
        @endforeach
        <label class="tick is-inline"><input type="checkbox" name="thirds" value="1" @checked($card->thirds)> thirds of a stop</label>
        <label class="tick is-inline"><input type="radio" name="school" value="exact" @checked(! $card->byCard)> exact: 1/60 and ten stops
            are 16 s, set as 15 s</label>
        <label class="tick is-inline"><input type="radio" name="school" value="card" @checked($card->byCard)> doubling the printed
            names</label>
        <label class="tick is-inline"><input type="checkbox" name="paper" value="a4" @checked(request('paper') === 'a4')> A4, to
            fold</label>
        <button class="button is-small">Make it</button>
    </form>
    <p class="hint no-print">The two schools are never a third of a stop apart. Printed as A6 unless A4 is ticked.</p>
    @if ($card->columns === [])
        <p class="said">No filter is packed that sets the time: <a href="{{ route('kit') }}">pack one in Kit</a>.</p>
    @else
        <div @class(['pocket-sheet', 'is-a4' => request('paper') === 'a4', 'is-thirds' => $card->thirds])>
            <section class="pocket" tabindex="0" aria-label="The card">
                <h2>
                    {{ $camera->name }}{{ $lenses->count() > 1 ? ', '.$lens->name : '' }}
                    <small>{{ $card->byCard ? 'doubled names' : 'exact' }}{{ $release ? '' : ', no release' }}</small>
                </h2>
                <table>
                    <thead>
                        <tr>
                            <th>base</th>
                            @foreach ($card->columns as $column)
                                <th scope="col"><b>{{ $column['name'] }}</b>{{ $write->number($column['stops'], 1) }}</th>
                            @endforeach
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($card->rows as $row)
                            <tr>
                                <th scope="row">{{ $row['base'] }}{{ str_contains($row['base'], '/') ? '' : ' s' }}</th>
                                @foreach ($row['cells'] as $cell)
                                    <td @class(['is-bulb' => $cell['bulb'] ?? false])>{{ $cell['label'] ?? '' }}</td>
                                @endforeach
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <p class="pocket-foot">
                    <b>Bold</b>, ruled off: bulb{{ $release ? '' : ', and there is no release' }}. A stop wider or of ISO halves the time.
                </p>
            </section>
            @if ($waters !== [])
                <section class="pocket is-waters" tabindex="0" aria-label="Looks of the waters">
                    <h2>Looks</h2>
                    <table>
                        <thead>
                            <tr>
                                <th>water</th>@foreach (array_keys($waters[0]['looks']) as $look)<th scope="col">{{ $look }}</th>@endforeach
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($waters as $water)
                                <tr>
                                    <th scope="row">{{ $water['name'] }}</th>
                                    @foreach ($water['looks'] as $span)<td>{{ $span }}</td>@endforeach
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                    <p class="pocket-foot">{{ implode(' ', $edges) }} {{ $whoDecides }}</p>
                </section>
            @endif
        </div>
    @endif
</x-layout>
