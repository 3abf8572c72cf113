@props(['board', 'events'])
@php($scene = $board->scene)
@php($axis = $board->axis)
@php($leave = $board->leave())
<div class="day-board" data-board data-readings='@json($board->readings)' data-opening="{{ $board->opening() }}">
    <dl class="readings" aria-live="off">
        <div class="reading-of"><dt>at</dt><dd data-read="at"></dd></div>
        <div class="reading-of" @if (! $scene->tide) hidden @endif><dt data-read="tideLabel">tide</dt><dd data-read="tide"></dd></div>
        <div class="reading-of"><dt data-read="sunLabel">sun</dt><dd data-read="sun"></dd></div>
        <div class="reading-of"><dt data-read="lightLabel">light</dt><dd data-read="light"></dd></div>
        <div class="reading-of is-warn" @if (! $scene->getOff) hidden @endif><dt>time left by these numbers</dt><dd data-read="left"></dd></div>
    </dl>
    <div class="board-scroll" tabindex="0" role="region" aria-label="Day board, drawing">
    <svg viewBox="0 0 {{ $board->width() }} {{ $board->height() }}" width="{{ $board->width() }}" height="{{ $board->height() }}" role="group" aria-label="Day board of {{ $scene->place }}">
        <defs><pattern id="flood" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path d="M0 0V7" class="hatch"/></pattern></defs>
        <g aria-hidden="true">
            @foreach ($axis->hours() as $hour)
                <path class="grid" d="M{{ $hour->x }} {{ $board::TOP }}V{{ $board::BOTTOM }}"/><text class="scale" x="{{ $hour->x }}" y="16" text-anchor="middle">{{ $hour->label }}</text>
            @endforeach
            @foreach ($board->skyBands() as $band)<rect class="sky is-{{ $band->phase->value }}" x="{{ $band->x }}" y="{{ $board::SKY_TOP }}" width="{{ $band->width }}" height="{{ $board::SKY_HEIGHT }}"/>@endforeach
            @foreach ($board->skyLabels() as $label)<x-drawn-label class="sky-label" :label="$label"/>@endforeach
            @foreach ($board->metres() as $label)<x-drawn-label class="scale" :label="$label"/>@endforeach
            @foreach ($board->exposureValues() as $label)<x-drawn-label class="scale is-light" :label="$label"/>@endforeach
            @if ($scene->tide)
                <path class="tide-area" d="{{ $board->tidePath(true) }}"/>
                @foreach ($scene->marks as $mark)
                    @foreach ($mark->spans as $span)<rect class="mark-span" x="{{ $axis->x($span->from) }}" y="{{ $board::TOP }}" width="{{ max(1, $axis->x($span->to) - $axis->x($span->from)) }}" height="{{ $board::BOTTOM - $board::TOP }}"/>@endforeach
                    <path class="mark-line" d="M{{ $board::LEFT }} {{ $board->y($mark->heightM) }}H{{ $board::RIGHT }}"/>
                @endforeach
                @if ($leave)
                    <path class="flood-line" d="M{{ $board::LEFT }} {{ $leave->levelY }}H{{ $board::RIGHT }}"/>
                    @if ($leave->flag)
                        <rect x="{{ $leave->hatchX }}" y="{{ $board::TOP }}" width="{{ $leave->hatchWidth }}" height="{{ $board::BOTTOM - $board::TOP }}" fill="url(#flood)"/>
                        <path class="flood-line" d="M{{ $leave->edgeX }} {{ $board::TOP - 14 }}V{{ $board::BOTTOM }}"/>
                    @endif
                @endif
                <path class="tide-line" d="{{ $board->tidePath(false) }}"/>
            @endif
            @if ($scene->light)<path class="light-line" d="{{ $board->lightPath() }}"/>@endif
            @foreach ($board->waters() as $water)<circle class="water" cx="{{ $water->x }}" cy="{{ $water->y }}" r="4"/><x-drawn-label class="water-label" :label="$water->label"/>@endforeach
            @foreach ($scene->tide ? $scene->marks : [] as $mark)
                <text class="mark-label" x="{{ $board::LEFT + 6 }}" y="{{ $board->y($mark->heightM) - 6 }}">{{ $mark->words() }}</text>
            @endforeach
            @if ($leave)
                <text class="flood-label" x="{{ $board::RIGHT - 6 }}" y="{{ $leave->levelY - 6 }}" text-anchor="end">{{ $leave->levelWords }}</text>
                @if ($leave->flag)
                    <g class="leave" transform="translate({{ $leave->flag->x }} {{ $leave->flag->y }})"><rect width="136" height="20" rx="3"/><text x="68" y="14.5" text-anchor="middle">{{ $leave->flag->text }}</text></g>
                @endif
            @endif
            @foreach ($board->rows as $row)
                @foreach ($row->bars as $bar)
                    <rect class="bar is-{{ $row->kind->value }}" x="{{ $bar->x }}" y="{{ $row->y }}" width="{{ $bar->width }}" height="20" rx="3"><title>{{ $row->name }} {{ $bar->label }}</title></rect>
                    @if ($bar->inside)<text class="bar-label is-{{ $row->kind->value }}" x="{{ $bar->x + $bar->width / 2 }}" y="{{ $row->y + 14.5 }}" text-anchor="middle">{{ $bar->label }}</text>@endif
                    @if ($bar->beside)<text class="bar-name" x="{{ $bar->beside->x }}" y="{{ $row->y + 14.5 }}" text-anchor="{{ $bar->beside->anchor }}">{{ $bar->beside->text }}</text>@endif
                @endforeach
                <text class="bar-name" x="{{ $board::LEFT - 166 }}" y="{{ $row->y + 14.5 }}"><tspan class="bar-title">{{ $row->name }}</tspan>{{ $row->bars === [] ? ': not this day' : '' }}</text>
            @endforeach
        </g>
        <g class="cursor" role="slider" tabindex="0" aria-label="Time of day" aria-valuemin="0" aria-valuemax="{{ count($board->readings) - 1 }}" aria-valuenow="{{ $board->opening() }}" aria-valuetext="">
            <rect class="grip" x="-22" y="0" width="44" height="{{ $board::BOTTOM }}"/><path d="M0 {{ $board::SKY_TOP - 6 }}V{{ $board::BOTTOM }}"/>
        </g>
    </svg>
    </div>
    <details class="board-table"><summary>The same as a table</summary>
        <table>
            <caption class="is-sr-only">Events of the day at {{ $scene->place }}</caption>
            <tbody>
                @foreach ($events as $event)
                    @if ($scene->sky?->at($event) !== null)<tr><th scope="row">{{ $event->label() }}</th><td>{{ $axis->clock($scene->sky->at($event)) }}</td><td></td></tr>@endif
                @endforeach
                @foreach ($scene->tide?->events() ?? [] as $event)<tr><th scope="row">{{ $event->high ? 'high water' : 'low water' }}</th><td>{{ $axis->clock($event->unix) }}</td><td>{{ number_format($event->heightM, 2) }} m</td></tr>@endforeach
                @foreach ($board->rows as $row) @foreach ($row->bars as $bar)<tr><th scope="row">{{ $row->name }}</th><td colspan="2">{{ $bar->label }}</td></tr>@endforeach @endforeach
                @foreach ($scene->hold as $step)
                    @if ($step->way !== null && ($step->changes || $loop->index % 3 === 0))
                        <tr><th scope="row">hold {{ $scene->wanted }}, {{ $axis->clock($step->unix) }}</th><td>EV {{ number_format($step->ev100, 1) }}</td><td>{{ $step->way->shutterLabel() }} {{ $step->way->aperture->label() }} ISO {{ $step->way->iso->label() }} {{ $step->way->filters->label() }}{{ $step->changes ? ', change' : '' }}</td></tr>
                    @endif
                @endforeach
            </tbody>
        </table>
    </details>
</div>
