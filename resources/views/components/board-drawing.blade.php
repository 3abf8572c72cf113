{{-- The drawing of a day board, wide or narrow. --}}
@props(['board'])
@php($scene = $board->scene)
@php($axis = $board->axis)
@php($leave = $board->leave())
@php($layout = $board->layout)
@php($flood = $layout->narrow ? 'flood-n' : 'flood-w')
@php($dark = $layout->narrow ? 'dark-n' : 'dark-w')
<svg @class(['is-narrow' => $layout->narrow, 'is-wide' => ! $layout->narrow])
    data-left="{{ $layout->left }}" data-right="{{ $layout->right }}" viewBox="0 0 {{ $board->width() }} {{ $board->height() }}"
    width="{{ $board->width() }}" height="{{ $board->height() }}" role="group" aria-label="Day board of {{ $scene->place }}">
    <defs>
        <x-dark-hand :id="$dark"/>
        <pattern id="{{ $flood }}" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <path d="M0 0V7" class="hatch"/>
        </pattern>
    </defs>
    <g aria-hidden="true">
        @foreach ($axis->hours() as $hour)
            <path class="grid" d="M{{ $hour->x }} {{ $board::TOP }}V{{ $board::BOTTOM }}"/>
            <text class="scale" x="{{ $hour->x }}" y="16" text-anchor="middle">{{ $hour->label }}</text>
        @endforeach
        <rect class="sky" x="{{ $layout->left }}" y="{{ $board::SKY_TOP }}"
            width="{{ $layout->right - $layout->left }}" height="{{ $board::SKY_HEIGHT }}"/>
        @foreach ($board->sky->bands() as $band)
            @foreach ($band->strokes() as $phase)
                <rect x="{{ $band->x }}" y="{{ $board::SKY_TOP }}"
                    width="{{ $band->width }}" height="{{ $board::SKY_HEIGHT }}" fill="url(#{{ $dark }}-{{ $phase->value }})"/>
            @endforeach
        @endforeach
        @foreach ($board->sky->names() as $label)<x-drawn-label class="sky-label is-hour" :label="$label"/>@endforeach
        @foreach ($board->sky->events() as $label)<x-drawn-label class="sky-label" :label="$label"/>@endforeach
        @foreach ($layout->narrow ? [] : $board->metres() as $label)<x-drawn-label class="scale" :label="$label"/>@endforeach
        @foreach ($layout->narrow ? []
            : $board->light->scale() as $label)
            <x-drawn-label class="scale is-light" :label="$label"/>
        @endforeach
        @if ($scene->tide)
            <path class="tide-area" d="{{ $board->tidePath(true) }}"/>
            @foreach ($scene->marks as $mark)
                @foreach ($mark->spans as $span)
                    <rect class="mark-span" x="{{ $axis->x($span->from) }}"
                        y="{{ $board::TOP }}" width="{{ max(1, $axis->x($span->to) - $axis->x($span->from)) }}"
                        height="{{ $board::BOTTOM - $board::TOP }}"/>
                @endforeach
                <path class="mark-line" d="M{{ $layout->left }} {{ $board->y($mark->heightM) }}H{{ $layout->right }}"/>
            @endforeach
            @if ($leave)
                <path class="flood-line" d="M{{ $layout->left }} {{ $leave->levelY }}H{{ $layout->right }}"/>
                @if ($leave->flag)
                    <rect x="{{ $leave->hatchX }}" y="{{ $board::TOP }}"
                        width="{{ $leave->hatchWidth }}" height="{{ $board::BOTTOM - $board::TOP }}" fill="url(#{{ $flood }})"/>
                    <path class="flood-line" d="M{{ $leave->edgeX }} {{ $board::TOP - 14 }}V{{ $board::BOTTOM }}"/>
                @endif
            @endif
            <path class="tide-line" d="{{ $board->tidePath(false) }}"/>
        @endif
        @if ($scene->light)
            <path class="light-line" d="{{ $board->light->skyPath() }}"/>
            <path class="light-line is-foreground" d="{{ $board->light->foregroundPath() }}"/>
            @foreach ($board->lightLabels() as $label)<x-drawn-label class="light-label" :label="$label"/>@endforeach
        @endif
        @foreach ($board->waters() as $water)
            <circle class="water" cx="{{ $water->x }}" cy="{{ $water->y }}" r="4"/>
            <x-drawn-label class="water-label" :label="$water->label"/>
        @endforeach
        @foreach ($layout->narrow ? [] : $board->markLabels() as $label)<x-drawn-label class="mark-label" :label="$label"/>@endforeach
        @if ($leave)
            @unless ($layout->narrow)<x-drawn-label class="flood-label" :label="$board->leaveLabel()"/>@endunless
            @if ($leave->flag)
                <g class="leave" transform="translate({{ $leave->flag->x }} {{ $leave->flag->y }})">
                    <rect width="{{ $board::FLAG }}" height="20" rx="3"/>
                    <text x="{{ $board::FLAG / 2 }}" y="15" text-anchor="middle">{{ $leave->flag->text }}</text>
                </g>
            @endif
        @endif
        @foreach ($board->rows as $row)
            @foreach ($row->bars as $bar)
                <rect class="bar is-{{ $row->kind->value }}"
                    x="{{ $bar->x }}" y="{{ $row->y }}" width="{{ $bar->width }}" height="20" rx="3">
                <title>{{ $row->name }} {{ $bar->label }}</title>
                </rect>
                @if ($bar->inside)
                    <text class="bar-label is-{{ $row->kind->value }}"
                        x="{{ $bar->x + $bar->width / 2 }}" y="{{ $row->y + 14.5 }}" text-anchor="middle">{{ $bar->label }}</text>
                @endif
                @if ($bar->beside)
                    <text class="bar-name" x="{{ $bar->beside->x }}" y="{{ $row->y + 14.5 }}"
                        text-anchor="{{ $bar->beside->anchor }}">{{ $bar->beside->text }}</text>
                @endif
            @endforeach
            @unless ($layout->narrow)
                <text class="bar-name" x="2" y="{{ $row->y + 14.5 }}"><tspan class="bar-title">{{ $row->name }}</tspan>{{ $row->bars === []
                    ? ': not this day' : '' }}</text>
            @endunless
        @endforeach
    </g>
    <g class="cursor" role="slider" tabindex="0" aria-label="Time of day"
        aria-valuemin="0" aria-valuemax="{{ count($board->readings) - 1 }}" aria-valuenow="{{ $board->opening() }}" aria-valuetext="">
        <rect class="grip" x="-22" y="0" width="44" height="{{ $board::BOTTOM }}"/>
        <path d="M0 {{ $board::SKY_TOP - 6 }}V{{ $board::BOTTOM }}"/>
    </g>
</svg>
