{{-- The day board of a place; at first without the hold plan, which takes longer. --}}
<div id="board"
    @if (! $held) hx-get="{{ route('places.show',
        [$place, 'day' => $day->format('Y-m-d'), 'hold' => 1] + $light) }}" hx-trigger="load" hx-select="#board" hx-swap="outerHTML" @endif>
    <x-day-board :board="$board" :events="$events"/>
</div>
