@foreach ($rows as $row)
    @if ($row->month)<li class="day-rows-month"><h2>{{ $row->month }}</h2><span>6</span><span>12</span><span>18</span></li>@endif
    @if ($row->strip)
        <li @class(['day-row', 'is-chosen' => $row->date->format('Y-m-d') === $chosen])>
            <a href="{{ $onDay }}{{ $row->date->format('Y-m-d') }}#chosen">
                <span class="day-row-date">{{ $row->date->format('D') }}
                    <b>{{ $row->date->format('j') }}</b>@if ($row->flag)<small>{{ $row->flag }}</small>@endif</span>
                <span class="day-row-drawn">@include('almanac.strip', ['strip' => $row->strip])<span
                    class="day-row-times is-{{ $row->strip->roomFor() }}">@foreach ($row->windows as $window)<b>{{
                        $window->from->format($hours) }} to {{ $write->ends($window->to) }}</b> @endforeach</span></span></a>
        </li>
    @else
        <li class="day-thin">
            <span>{{ count($row->thin) }} {{ count($row->thin) === 1 ? 'day'
                : 'days' }}</span><svg viewBox="0 0 300 {{ 9 * count($row->thin) }}"
                preserveAspectRatio="none" height="{{ 9 * count($row->thin) }}" aria-hidden="true">
                @foreach ($row->thin as $i => $line)<path transform="translate(0 {{ 9 * $i }})" d="{{ $line }}"/>@endforeach
            </svg>
        </li>
    @endif
@endforeach
