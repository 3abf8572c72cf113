@props(['board'])
@php($B = \App\Drawing\DayBoard::class)
<div class="day-board" data-board data-readings='@json($board->readings())' data-opening="{{ $board->opening() }}">
    <dl class="readings" aria-live="off">
        <div class="reading-of"><dt>at</dt><dd data-read="at"></dd></div>
        <div class="reading-of" @if (! $board->tide) hidden @endif><dt data-read="tideLabel">tide</dt><dd data-read="tide"></dd></div>
        <div class="reading-of"><dt data-read="sunLabel">sun</dt><dd data-read="sun"></dd></div>
        <div class="reading-of"><dt data-read="lightLabel">light</dt><dd data-read="light"></dd></div>
        <div class="reading-of is-warn" @if (! $board->getOff) hidden @endif><dt>time left by these numbers</dt><dd data-read="left"></dd></div>
    </dl>
    <div class="board-scroll" tabindex="0" role="region" aria-label="Day board, drawing">
    <svg viewBox="0 0 {{ $B::WIDTH }} {{ $board->height() }}" width="{{ $B::WIDTH }}" height="{{ $board->height() }}" role="group" aria-label="Day board of {{ $board->place->name }}">
        <defs><pattern id="flood" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path d="M0 0V7" class="hatch"/></pattern></defs>
        <g aria-hidden="true">
            @foreach ($board->hours() as $hour)
                <path class="grid" d="M{{ $hour['x'] }} {{ $B::TOP }}V{{ $B::BOTTOM }}"/><text class="scale" x="{{ $hour['x'] }}" y="16" text-anchor="middle">{{ $hour['label'] }}</text>
            @endforeach
            @foreach ($board->skyBands() as $band)<rect class="sky is-{{ $band['kind'] }}" x="{{ $band['x'] }}" y="{{ $B::SKY_TOP }}" width="{{ $band['width'] }}" height="{{ $B::SKY_HEIGHT }}"/>@endforeach
            @foreach ($board->skyLabels() as $label)<text class="sky-label" x="{{ $label['x'] }}" y="{{ $B::SKY_TOP + 22 }}" text-anchor="{{ $label['anchor'] }}">{{ $label['label'] }}</text>@endforeach
            @foreach ($board->metres() as $m)<text class="scale" x="{{ $B::LEFT - 9 }}" y="{{ $m['y'] + 4 }}" text-anchor="end">{{ $m['label'] }}</text>@endforeach
            @if ($board->light)
                @foreach ([-4, 0, 4, 8, 12, 16] as $ev)<text class="scale is-light" x="{{ $B::RIGHT + 9 }}" y="{{ $board->yOfEv($ev) + 4 }}">EV {{ $ev < 0 ? '−'.abs($ev) : $ev }}</text>@endforeach
            @endif
            @if ($board->tide)
                <path class="tide-area" d="{{ $board->tidePath(true) }}"/>
                @foreach ($board->marks() as [$mark, $height])
                    @foreach ($board->spansOf($mark) as $span)<rect class="mark-span" x="{{ $board->x($span->from) }}" y="{{ $B::TOP }}" width="{{ max(1, $board->x($span->to) - $board->x($span->from)) }}" height="{{ $B::BOTTOM - $B::TOP }}"/>@endforeach
                    <path class="mark-line" d="M{{ $B::LEFT }} {{ $board->y($height) }}H{{ $B::RIGHT }}"/>
                @endforeach
                @if ($board->getOff)
                    <path class="flood-line" d="M{{ $B::LEFT }} {{ $board->y($board->getOff->levelM) }}H{{ $B::RIGHT }}"/>
                    @if ($board->getOff->awashUntilUnix !== null)
                        <rect x="{{ $board->x($board->getOff->reachedUnix) }}" y="{{ $B::TOP }}" width="{{ max(0, $board->x($board->getOff->awashUntilUnix) - $board->x($board->getOff->reachedUnix)) }}" height="{{ $B::BOTTOM - $B::TOP }}" fill="url(#flood)"/>
                        <path class="flood-line" d="M{{ $board->x($board->getOff->awashUntilUnix) }} {{ $B::TOP - 14 }}V{{ $B::BOTTOM }}"/>
                    @elseif ($board->getOff->leaveUnix >= $board->from)
                        <rect x="{{ $board->x($board->getOff->leaveUnix) }}" y="{{ $B::TOP }}" width="{{ max(0, $board->x($board->getOff->reachedUnix) - $board->x($board->getOff->leaveUnix)) }}" height="{{ $B::BOTTOM - $B::TOP }}" fill="url(#flood)"/>
                        <path class="flood-line" d="M{{ $board->x($board->getOff->leaveUnix) }} {{ $B::TOP - 14 }}V{{ $B::BOTTOM }}"/>
                    @endif
                @endif
                <path class="tide-line" d="{{ $board->tidePath(false) }}"/>
            @endif
            @if ($board->light)<path class="light-line" d="{{ $board->lightPath() }}"/>@endif
            @foreach ($board->waters() as $water)
                <circle class="water" cx="{{ $water['x'] }}" cy="{{ $water['y'] }}" r="4"/><text class="water-label" x="{{ max($B::LEFT + 44, min($B::RIGHT - 44, $water['x'])) }}" y="{{ $water['labelY'] }}" text-anchor="middle">{{ $water['label'] }}</text>
            @endforeach
            @foreach ($board->tide ? $board->marks() : [] as [$mark, $height])
                <text class="mark-label" x="{{ $B::LEFT + 6 }}" y="{{ $board->y($height) - 6 }}">{{ $mark->name }} {{ $mark->above ? 'above' : 'below' }} {{ number_format($height, 1) }} m</text>
            @endforeach
            @if ($board->getOff)
                <text class="flood-label" x="{{ $B::RIGHT - 6 }}" y="{{ $board->y($board->getOff->levelM) - 6 }}" text-anchor="end">stand or way out, less run-up and margin {{ number_format($board->getOff->levelM, 1) }} m</text>
                @php($leaveAt = $board->getOff->awashUntilUnix ?? $board->getOff->leaveUnix)
                @if ($leaveAt >= $board->from)
                    @php($leaveX = $board->x($leaveAt))
                    <g class="leave" transform="translate({{ $leaveX > $B::RIGHT - 140 ? $leaveX - 138 : $leaveX + 2 }} {{ $B::TOP - 19 }})"><rect width="136" height="20" rx="3"/><text x="68" y="14.5" text-anchor="middle">{{ $board->getOff->awashUntilUnix === null ? 'get off by' : 'awash until' }} {{ $board->clock($leaveAt) }}</text></g>
                @endif
            @endif
            @foreach ($board->rows() as $row)
                @foreach ($row['spans'] as $span)
                    <rect class="bar is-{{ $row['kind'] }}" x="{{ $span['x'] }}" y="{{ $row['y'] }}" width="{{ $span['width'] }}" height="20" rx="3"><title>{{ $row['name'] }} {{ $span['label'] }}</title></rect>
                    @if ($span['inside'])<text class="bar-label is-{{ $row['kind'] }}" x="{{ $span['x'] + $span['width'] / 2 }}" y="{{ $row['y'] + 14.5 }}" text-anchor="middle">{{ $span['label'] }}</text>@endif
                    @if (trim($span['after']) !== '')<text class="bar-name" x="{{ $span['afterX'] }}" y="{{ $row['y'] + 14.5 }}" text-anchor="{{ $span['anchor'] }}">{{ $span['after'] }}</text>@endif
                @endforeach
                <text class="bar-name" x="{{ $B::LEFT - 166 }}" y="{{ $row['y'] + 14.5 }}"><tspan class="bar-title">{{ $row['name'] }}</tspan>{{ $row['spans'] === [] ? ': not this day' : '' }}</text>
            @endforeach
        </g>
        <g class="cursor" role="slider" tabindex="0" aria-label="Time of day" aria-valuemin="0" aria-valuemax="{{ count($board->readings()) - 1 }}" aria-valuenow="{{ $board->opening() }}" aria-valuetext="">
            <rect class="grip" x="-22" y="0" width="44" height="{{ $B::BOTTOM }}"/><path d="M0 {{ $B::SKY_TOP - 6 }}V{{ $B::BOTTOM }}"/>
        </g>
    </svg>
    </div>
    <details class="board-table"><summary>The same as a table</summary>
        <table>
            <caption class="is-sr-only">Events of the day at {{ $board->place->name }}</caption>
            <tbody>
                @foreach (['astronomical_dawn' => 'first light', 'nautical_dawn' => 'nautical dawn', 'civil_dawn' => 'civil dawn', 'rise' => 'sunrise', 'noon' => 'sun highest', 'set' => 'sunset', 'civil_dusk' => 'civil dusk', 'nautical_dusk' => 'nautical dusk', 'astronomical_dusk' => 'dark', 'moonrise' => 'moonrise', 'moonset' => 'moonset'] as $event => $name)
                    @if ($board->sky?->at($event) !== null)<tr><th scope="row">{{ $name }}</th><td>{{ $board->clock($board->sky->at($event)) }}</td><td></td></tr>@endif
                @endforeach
                @foreach ($board->tide?->events() ?? [] as $event)<tr><th scope="row">{{ $event->high ? 'high water' : 'low water' }}</th><td>{{ $board->clock($event->unix) }}</td><td>{{ number_format($event->heightM, 2) }} m</td></tr>@endforeach
                @foreach ($board->rows() as $row) @foreach ($row['spans'] as $span)<tr><th scope="row">{{ $row['name'] }}</th><td colspan="2">{{ $span['label'] }}</td></tr>@endforeach @endforeach
                @foreach ($board->hold as $step)
                    @if ($step['way'] !== null && ($step['changes'] || $loop->index % 3 === 0))
                        <tr><th scope="row">hold {{ $board->wanted }}, {{ $board->clock($step['unix']) }}</th><td>EV {{ number_format($step['ev100'], 1) }}</td><td>{{ $step['way']->shutterLabel() }} {{ $step['way']->aperture->label() }} ISO {{ $step['way']->iso->label() }} {{ $step['way']->filters->label() }}{{ $step['changes'] ? ', change' : '' }}</td></tr>
                    @endif
                @endforeach
            </tbody>
        </table>
    </details>
</div>
