{{-- Where its readings travel apart, as in a field file, the script puts them in. --}}
@props(['board', 'events', 'apart' => false])
@php($scene = $board->scene)
@php($axis = $board->axis)
<div class="day-board" data-board @unless ($apart) data-readings='@json($board->readings)' @endunless
    data-opening="{{ $board->opening() }}">
    <dl class="readings" aria-live="off">
        <div class="reading-of"><dt>at</dt><dd data-read="at"></dd></div>
        <div class="reading-of" @if (! $scene->tide) hidden @endif><dt data-read="tideLabel">tide</dt><dd data-read="tide"></dd></div>
        <div class="reading-of"><dt data-read="sunLabel">sun</dt><dd data-read="sun"></dd></div>
        <div class="reading-of"><dt data-read="lightLabel">light</dt><dd data-read="light"></dd></div>
        <div class="reading-of" @if (! $scene->light) hidden @endif>
            <dt>
                <abbr title="sky over foreground in stops: the graduated filter that evens them">grad filter</abbr>, {{ $scene->gradEdge }}
            </dt>
            <dd data-read="grad"></dd>
        </div>
        <div class="reading-of is-warn" @if (! $scene->getOff) hidden @endif>
            <dt>time left by these numbers</dt><dd data-read="left"></dd>
        </div>
    </dl>
    @php($narrow = $board->narrow())
    <noscript><p class="hint">
            Reading it hour by hour needs scripts, which are switched off here; the table under the drawing has every hour.
        </p></noscript>
    <div class="day-parts" role="group" aria-label="Part of the day" data-rapid>
        @foreach (['0' => 'Night', '5' => 'Morning', '10' => 'Midday',
            '15' => 'Evening'] as $hour => $part)<button type="button" data-part="{{ $hour }}">
                {{ $part }}
            </button>@endforeach
    </div>
    <div class="board-scroll" tabindex="0" role="region" aria-label="Day board, drawing">
        <x-board-drawing :board="$board"/>
        <svg class="board-names" aria-hidden="true" width="1" height="1">
            @foreach ($narrow->metres() as $label)
                <foreignObject x="10" y="{{ $label->y - 14 }}" width="350" height="26">
                    <span class="is-scale">{{ $label->text }}</span>
                </foreignObject>
            @endforeach
            @foreach ($narrow->markLabels() as $label)
                <foreignObject x="54" y="{{ $label->y - 14 }}" width="350" height="26">
                    <span class="is-mark">{{ $label->text }}</span>
                </foreignObject>
            @endforeach
            @if ($narrow->leaveLabel())
                <foreignObject x="54" y="{{ $narrow->leaveLabel()->y - 14 }}" width="350" height="26">
                    <span class="is-flood">{{ $narrow->leaveLabel()->text }}</span>
                </foreignObject>
            @endif
            @foreach ($narrow->rows as $row)
                <foreignObject x="10" y="{{ $row->y - 20 }}" width="350" height="26">
                    <b>{{ $row->name }}{{ $row->bars === [] ? ': not this day' : '' }}</b>
                </foreignObject>
            @endforeach
        </svg>
        <x-board-drawing :board="$narrow"/>
    </div>
    @if ($scene->weatherBy !== '' && $board->hasWeather())<p class="hint">Weather: {{ $scene->weatherBy }}</p>@endif
    <details class="board-table">
        <summary>The same as a table</summary>
        <table>
            <caption class="is-sr-only">Events of the day at {{ $scene->place }}</caption>
            <tbody>
                @foreach ($events as $event)
                    @if ($scene->sky?->at($event) !== null)
                        <tr><th scope="row">{{ $event->label() }}</th><td>{{ $axis->clock($scene->sky->at($event)) }}</td><td></td></tr>
                    @endif
                @endforeach
                @foreach ($scene->tide?->events() ?? [] as $event)
                    <tr>
                        <th scope="row">{{ $event->high ? 'high water' : 'low water' }}</th>
                        <td>{{ $axis->clock($event->unix) }}</td>
                        <td>{{ $write->metres($event->heightM, 2) }}</td>
                    </tr>
                @endforeach
                @if ($scene->getOff)<tr><th scope="row">by these numbers</th><td colspan="2">{{ $board->getOffWords() }}</td></tr>@endif
                @foreach ($board->rows as $row)
                    @foreach ($row->bars as $bar)
                        <tr><th scope="row">{{ $row->name }}</th><td colspan="2">{{ $bar->label }}</td></tr>
                    @endforeach
                @endforeach
                @foreach ($scene->hold as $step)
                    @if ($step->way !== null && ($step->changes || $loop->index % 3 === 0))
                        <tr>
                            <th scope="row">hold {{ $scene->wanted }}, {{ $axis->clock($step->unix) }}</th>
                            <td>EV {{ number_format($step->ev100, 1) }}</td>
                            <td>
                                {{ $step->way->shutterLabel() }} {{ $step->way->aperture->label() }} ISO {{ $step->way->iso->label() }}
                                {{ $step->way->filters->label() }}{{ $step->changes ? ', change' : '' }}
                            </td>
                        </tr>
                    @endif
                @endforeach
            </tbody>
        </table>
        <table>
            <caption>By the hour</caption>
            <thead>
                <tr>
                    <th scope="col">at</th>
                    <th scope="col">tide</th>
                    <th scope="col">sun</th>
                    <th scope="col">light</th>
                    <th scope="col">grad filter, stops</th>
                    @if ($scene->getOff)<th scope="col">time left</th>@endif
                </tr>
            </thead>
            <tbody>
                @foreach ($board->hourly() as $reading)
                    <tr>
                        <th scope="row">{{ $reading->at }}</th>
                        <td>{{ $reading->tide }} {{ $reading->tideLabel }}</td>
                        <td>{{ $reading->sun }} {{ $reading->sunLabel }}</td>
                        <td>{{ $reading->light }}</td>
                        <td>{{ $reading->grad }}</td>
                        @if ($scene->getOff)<td>{{ $reading->left }}</td>@endif
                    </tr>
                @endforeach
            </tbody>
        </table>
    </details>
</div>
