{{-- One screen for one hand: the figure, what is set, the step at hand, the start. The whole sheet and the cautions stand below it. --}}
<x-layout title="Shoot" here="shoot" script="shoot">
    <div class="shoot" data-planned="{{ $frame->planned_s }}"
        data-shoot='@json($counts)' @if ($leaveBy) data-leave="{{ $leaveBy->getTimestamp() }}" @endif>
        <h1 class="is-sr-only">Run sheet: {{ $frame->look->value }} in the {{ $frame->water_kind->label() }}</h1>
        @include('shoot.one', [
            'where' => ($frame->place->name ?? ucfirst($frame->water_kind->label())).($frame->shotList ? '' : ' · frame '.$frame->id),
            'listed' => $frame->shotList ? [
                route('lists.show', $frame->shot_list_id), $frame->list_place.' of '.$frame->shotList->frames->count(),
            ] : null,
            'zone' => $frame->place?->timezone, 'figure' => $way->shutterLabel,
            'under' => $frame->look->value.' · '.($way->bulb ? 'bulb' : 'timed by the camera').($plan->purpose ? ' · '.$plan->purpose : ''),
            'settings' => [$way->apertureLabel, 'ISO '.$way->isoLabel, $way->filtersLabel()],
            'moment' => $plan->moment, 'rhythm' => $plan->rhythm !== null,
            'after' => route('log'),
        ])
        <section class="shoot-more" data-before>
            @foreach ($way->warnings as $warning)<p class="warn">{{ $warning }}</p>@endforeach
            <div class="cautions">@foreach ($plan->cautions as $caution)<p>{{ $caution }}</p>@endforeach</div>
            @if ($fires)
                <form class="fires" method="post" action="{{ route('shoot.fire', $frame) }}">
                    <x-once/> <button class="button">Let the simulated camera take it</button>
                    <p class="hint">Base and frame, drawn and delivered as files: ten seconds or so.</p>
                </form>
            @endif
            <h2>The whole sheet</h2>
            <form class="sheet" method="post" action="{{ route('shoot.steps', $frame) }}">
                @csrf @method('put')
                <ol>
                    @foreach ($plan->steps as $step)
                        <li>
                            <label>
                                <input type="checkbox" name="done[]"
                                    value="{{ $step->key }}" data-skipped="{{ $step->skipped }}"
                                    @checked(in_array($step->key, $frame->steps_done, true))>
                                <span><b>{{ $step->title }}</b><small>{{ $step->detail }}</small></span>
                            </label>
                        </li>
                    @endforeach
                </ol>
                <noscript><button class="button" name="all" value="1">All done</button>
                    <button class="button">Keep the ticks</button></noscript>
            </form>
            @include('shoot.signals')
        </section>
        <form class="shoot-opened" method="post" action="{{ route('shoot.open', $frame) }}" data-opened>
            @csrf @method('put')
            <noscript><p class="said">
                    The countdown needs scripts, which are switched off here: count by a watch, and write down how long it was open.
                </p>
                <label for="f-open-s">It was open for</label>
                <input class="input" id="f-open-s" name="open_s" inputmode="decimal" value="{{ round($frame->planned_s, 3) }}"> s
                <button class="button is-go">Keep it</button></noscript>
        </form>
    </div>
</x-layout>
