@php($bulb = $way->bulb)
<x-layout title="Shoot" here="shoot" script="shoot">
    <div class="shoot" data-shoot data-frame="{{ $frame->id }}" data-planned="{{ $frame->planned_s }}" data-bulb="{{ $bulb ? '1' : '' }}">
        <h1 class="is-sr-only">Run sheet: {{ $frame->look->value }} in the {{ $frame->water_kind->label() }}</h1>
        <p class="shoot-where"><span>{{ $frame->place->name ?? ucfirst($frame->water_kind->label()) }} · @if ($frame->shotList)<a href="{{ route('lists.show', $frame->shot_list_id) }}">{{ $frame->list_place }} of {{ $frame->shotList->frames->count() }}</a>@else frame {{ $frame->id }}@endif</span> <span data-clock @if ($write->units()->twelveHours) data-twelve @endif></span></p>
        <p class="shoot-figure" data-figure role="timer" aria-label="Open time">{{ $way->shutterLabel }}</p>
        <p class="shoot-under" data-under>{{ $frame->look->value }} · {{ $bulb ? 'bulb' : 'timed by the camera' }}</p>
        <progress class="shoot-bar" max="1000" value="0" data-bar aria-label="Share of the open time"></progress>
        <p class="shoot-settings"><b>{{ $way->apertureLabel }}</b> <b>ISO {{ $way->isoLabel }}</b> <b>{{ $way->filtersLabel() }}</b></p>
        @if ($plan->purpose)<p class="shoot-under">{{ $plan->purpose }}</p>@endif
        @if ($plan->moment)<p class="shoot-moment">{{ $plan->moment }}</p>@endif
        @if ($rhythm)
            <p class="shoot-rhythm" data-rhythm='@json($rhythm)'><span><span data-next-crest></span><br><span data-next-set></span></span>
                <button type="button" class="button" data-crest-now data-rapid>A crest, now</button></p>
        @endif
        <form class="sheet" method="post" action="{{ route('shoot.steps', $frame) }}" hx-put="{{ route('shoot.steps', $frame) }}" hx-trigger="change" hx-target="this" hx-swap="none">
            @csrf @method('put')
            @foreach ([array_slice($plan->steps, 0, $done), array_slice($plan->steps, $done)] as $folded => $steps)
                @continue($steps === [])
                @if ($folded === 0)<details class="done-before"><summary>{{ count($steps) }} {{ count($steps) === 1 ? 'step' : 'steps' }} done already</summary>@endif
                <ol>
                    @foreach ($steps as $step)
                        <li><label>
                            <input type="checkbox" name="done[]" value="{{ $step->key }}" data-skipped="{{ $step->skipped }}" @checked(in_array($step->key, $frame->steps_done, true))>
                            <span><b>{{ $step->title }}</b><small>{{ $step->detail }}</small></span>
                        </label></li>
                    @endforeach
                </ol>
                @if ($folded === 0)</details>@endif
            @endforeach
            <button class="button" name="all" value="1">All done</button>
            <noscript><button class="button">Keep the ticks</button></noscript>
        </form>
        @foreach ($way->warnings as $warning)<p class="warn">{{ $warning }}</p>@endforeach
        <div class="cautions">@foreach ($plan->cautions as $caution)<p>{{ $caution }}</p>@endforeach</div>
        <form class="shoot-foot" method="post" action="{{ route('shoot.open', $frame) }}" data-opened>
            @csrf @method('put')
            <input type="hidden" name="opened_at_ms"><input type="hidden" name="open_s">
            <p class="warn" role="alert" data-warning hidden></p>
            @if ($errors->any())<p class="problem" role="alert">{{ $errors->first() }}</p>@endif
            <div class="shoot-delay" data-ready><label for="delay">Start in</label>
                <select id="delay" class="pick" data-delay><option value="0">0 s</option><option value="2" selected>2 s</option><option value="5">5 s</option><option value="10">10 s</option></select></div>
            <noscript><p class="said">The countdown needs scripts, which are switched off here: count by a watch, and write down how long it was open.</p>
                <label for="f-open-s">It was open for</label> <input class="input" id="f-open-s" name="open_s" inputmode="decimal" value="{{ round($frame->planned_s, 3) }}"> s <button class="button is-go">Keep it</button></noscript>
            <button type="button" class="button is-go" data-go>{{ $bulb ? 'Open the shutter' : 'Press the shutter' }}</button>
        </form>
    </div>
</x-layout>
