@foreach ($sheets as $sheet)
    <svg class="month" viewBox="0 0 {{ $sheet->width() }} {{ $sheet->height() }}"
        role="group" aria-label="{{ $sheet->name }} {{ $sheet->year }}">
        <g aria-hidden="true">
            <text class="month-name" x="0" y="56">{{ $sheet->name }}</text><text class="month-year" x="0" y="74">{{ $sheet->year }}</text>
            @foreach ($sheet->dark as $phase => $path)<path d="{{ $path }}" fill="url(#dark-{{ $phase }})"/>@endforeach
            @foreach ($sheet::HOURS as $hour)
                <path class="month-hour" d="M{{ $sheet::LEFT }} {{ $sheet->yOfHour($hour) }}h{{ $sheet::COLUMN * count($sheet->days) }}"/>
                <text class="month-hour-name" x="{{ $sheet::LEFT - 6 }}" y="{{ $sheet->yOfHour($hour) + 4 }}"
                    text-anchor="end">{{ $hour }}</text>
            @endforeach
            <path class="month-reached" d="{{ $sheet->reached }}"/><path class="month-tide" d="{{ $sheet->tide }}"/>
            @if ($sheet->todayX !== null)<path class="month-today" d="M{{ $sheet->todayX }} 4V{{ $sheet->height() }}"/>@endif
        </g>
        @foreach ($sheet->days as $day)
            <a @class(['month-day', 'is-past' => $day->isPast, 'is-chosen' => $day->isChosen, 'is-weekend' => $day->isWeekend])
                href="{{ $onDay }}{{ $day->date }}" data-day="{{ $day->date }}" aria-label="{{ $day->said }}"
                @if ($day->isChosen) aria-current="true" @endif>
                <rect class="month-column" x="{{ $day->x }}" y="0" width="{{ $sheet::COLUMN }}" height="{{ $sheet->height() - 1 }}"/>
                @if ($day->flag)<rect class="month-flag" x="{{ $day->x + 1 }}" y="0" width="{{ $sheet::COLUMN - 2 }}" height="4"/>@endif
                <g transform="translate({{ $day->x + $sheet::COLUMN / 2 }} 12)">
                    <circle class="month-moon-dark" r="5.5"/><path class="month-moon" d="{{ $day->moon }}"/>
                </g>
                <text class="month-number" x="{{ $day->x + $sheet::COLUMN / 2 }}" y="33" text-anchor="middle">{{ $day->number }}</text>
                @foreach ($day->windows as [$y, $height])
                    <rect class="month-window" x="{{ $day->x + 2 }}"
                        y="{{ $y }}" width="{{ $sheet::COLUMN - 4 }}" height="{{ $height }}" rx="1"/>
                @endforeach
                @if ($day->hasOuting)<path class="month-outing" d="M{{ $day->x + 5 }} {{ $sheet->height() - 4 }}v-14l9 4.5-9 4.5"/>@endif
                @if ($day->keepers)
                    <path class="month-kept" transform="translate({{ $day->x + 13 }} {{ $sheet->height() - 12 }})" d="M0-6 6 0 0 6-6 0z"/>
                @endif
            </a>
        @endforeach
    </svg>
@endforeach
