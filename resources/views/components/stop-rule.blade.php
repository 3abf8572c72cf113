@props(['rule'])
@php($id = $rule->narrow ? 'n' : 'w')
@php($target = $rule->subject->window->best->label())
<svg @class(['stop-rule', 'is-narrow' => $rule->narrow, 'is-wide' => ! $rule->narrow])
    viewBox="0 0 {{ $rule->width }} {{ $rule->height }}" width="{{ $rule->width }}" height="{{ $rule->height }}" role="group"
    aria-label="Stop rule, shutter time in stops" data-places='@json($rule->axis->places())'>
    <defs>
        <pattern id="hatch-{{ $id }}" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <path d="M0 0V7" class="hatch"/>
        </pattern>
        <clipPath id="body-{{ $id }}">
            <rect x="{{ $rule->axis->left }}" y="0" width="{{ $rule->axis->right - $rule->axis->left }}" height="{{ $rule->height }}"/>
        </clipPath>
    </defs>
    <g class="ticks" aria-hidden="true">
        @foreach ($rule->ticks() as $tick)
            <path d="M{{ $tick->x }} {{ $rule->axisY() + 4 }}V{{ $rule->bottom() }}" class="grid"/>
            @if ($tick->label)<text x="{{ $tick->x }}" y="{{ $rule->axisY() - 4 }}" text-anchor="middle">{{ $tick->label }}</text>@endif
        @endforeach
    </g>
    @php($bandRows = $rule->bandRows())
    @unless ($rule->narrow)
        <g aria-hidden="true">
            @foreach ($bandRows as $row)
                <text class="row-name" x="{{ $rule->axis->left - 10 }}" y="{{ $row->middle() - ($loop->first ? 2
                    : 1) }}" text-anchor="end">{{ $row->label }}</text>
                <text class="row-unit" x="{{ $rule->axis->left - 10 }}"
                    y="{{ $row->middle() + ($loop->first ? 14 : 11) }}" text-anchor="end">{{ $row->unit }}</text>
            @endforeach
        </g>
    @endunless
    <g clip-path="url(#body-{{ $id }})">
        @foreach ($bandRows as $row)
            @foreach ($row->bands as $band)
                <g @class(['band', 'is-wanted' => $band->wanted, 'is-'.$band->look])>
                    <title>{{ $row->label }}, {{ $band->look }}: {{ $band->words }}</title>
                    <rect x="{{ $band->x }}" y="{{ $row->top }}" width="{{ $band->width }}" height="{{ $row->height }}"/>
                    <path class="strokes" d="{{ $band->strokes }}"/>
                </g>
            @endforeach
        @endforeach
    </g>
    @php($window = $rule->window())
    <g class="window">
        <rect x="{{ $window->x }}" y="{{ $rule->bandTop() - 6 }}"
            width="{{ max(1, $window->width) }}" height="{{ $rule->bottom() - $rule->bandTop() + 6 }}"/>
        <path
            d="M{{ $window->x }} {{ $rule->bandTop() - 6 }}V{{ $rule->bottom()
                }}M{{ $window->x + $window->width }} {{ $rule->bandTop() - 6 }}V{{ $rule->bottom() }}"/>
        <text x="{{ $window->label->x }}" y="{{ $window->label->y }}" text-anchor="middle">{{ $window->label->text }}</text>
    </g>
    @foreach ($rule->walls() as $wall)
        <g class="wall">
            <rect x="{{ $wall->x }}" y="{{ $rule->bandTop() - 6 }}"
                width="{{ $rule->axis->right - $wall->x }}" height="{{ $rule->bottom() - $rule->bandTop() + 6 }}"
                fill="url(#hatch-{{ $id }})"/>
            <path d="M{{ $wall->x }} {{ $rule->bandTop() - 10 }}V{{ $rule->bottom() }}"/>
            <text x="{{ $wall->label->x }}" y="{{ $wall->label->y }}"
                text-anchor="{{ $wall->label->anchor }}">{{ $wall->label->text }}</text>
        </g>
    @endforeach
    @foreach ($rule->marks() as $mark)
        <g @class(['glass', 'is-picked' => $mark->picked])>
            <title>{{ $mark->title }}</title>
            <path d="M{{ $mark->x }} {{ $rule->bandsBottom() + 1 }}l-5 9h10z"/>
            @if ($mark->label->text)
                <text x="{{ $mark->label->x }}" y="{{ $mark->label->y }}" text-anchor="middle">{{ $mark->label->text }}</text>
            @endif
        </g>
    @endforeach
    @php($reading = $rule->reading())
    <g class="reading">
        @if ($reading->shown)<path d="M{{ $reading->x }} {{ $rule->marksBottom() + 6 }}V{{ $rule->bottom() }}"/>@endif
        <text x="{{ $reading->label->x }}" y="{{ $reading->label->y }}"
            text-anchor="{{ $reading->label->anchor }}">{{ $reading->label->text }}</text>
    </g>
    @if ($rule->held())<x-drawn-label class="held" :label="$rule->held()"/>@endif
    <path class="target-line" d="M{{ $rule->targetX() }} {{ $rule->axisY() }}V{{ $rule->bottom() }}"/>
    <g class="names" clip-path="url(#body-{{ $id }})">
        @foreach ($bandRows as $row)
            @foreach ($row->bands as $band)
                @continue(! $band->named)
                <g @class(['name', 'is-wanted' => $band->wanted])>
                    <rect class="plate" x="{{ $band->middle - mb_strlen($band->look) * 4 - 8 }}"
                        y="{{ $row->middle() - 11 }}" width="{{ mb_strlen($band->look) * 8 + 16 }}" height="22" rx="11"/>
                    <text x="{{ $band->middle }}" y="{{ $row->middle() + 4.5 }}" text-anchor="middle">{{ $band->look }}</text>
                </g>
            @endforeach
        @endforeach
    </g>
    @foreach ($rule->runs() as $run)
        <g @class(['run', 'is-picked' => $run->picked]) transform="translate(0 {{ $run->y }})">
            @foreach ($run->forward as $block)
                <g @class(['block', 'is-'.$block->kind])>
                    <title>{{ $block->title }}</title>
                    <rect x="{{ $block->x }}" y="0" width="{{ $block->width }}" height="{{ $run->lane }}" rx="2"/>
                    @if ($block->label)
                        <text x="{{ $block->x + $block->width / 2 }}" y="{{ $run->lane / 2 + 4.3 }}"
                            text-anchor="middle">{{ $block->label }}</text>
                    @endif
                </g>
            @endforeach
            @foreach ($run->back as $block)
                <g @class(['block', 'is-back', 'is-'.$block->kind])>
                    <title>{{ $block->title }}</title>
                    <rect x="{{ $block->x }}" y="{{ $run->lane + 1 }}" width="{{ $block->width }}" height="11" rx="2"/>
                    @if ($block->label)
                        <text x="{{ $block->x + $block->width / 2 }}" y="{{ $run->lane + 10 }}"
                            text-anchor="middle">{{ $block->label }}</text>
                    @endif
                </g>
            @endforeach
            <circle cx="{{ $run->endX }}" cy="{{ $run->endY() }}" r="6.5"/>
            <text class="end" x="{{ $run->result->x }}" y="18.5" text-anchor="{{ $run->result->anchor }}">{{ $run->result->text }}</text>
        </g>
    @endforeach
    <g class="target" role="slider" tabindex="0" aria-label="Target shutter time"
        aria-orientation="horizontal" aria-valuemin="0" aria-valuemax="{{ $rule->axis->lastThird - $rule->axis->firstThird }}"
        aria-valuenow="{{ $rule->targetPlace() }}" aria-valuetext="{{ $target }}, {{ $rule->subject->band->look->value }}"
        transform="translate({{ $rule->targetX() }} 0)">
        <rect class="grip" x="-24" y="0" width="48" height="{{ $rule->bandTop() + $rule->bandHeight() }}"/>
        <path d="M0 {{ $rule->bandTop() + 4 }}L-11 {{ $rule->bandTop() - 8 }}V{{ $rule->axisY() - 4 }}H11V{{ $rule->bandTop() - 8 }}Z"/>
        @if ($rule->subject->heldTime)<circle class="pin" cx="0" cy="{{ $rule->bandTop() - 6 }}" r="3"/>@endif
    </g>
</svg>
