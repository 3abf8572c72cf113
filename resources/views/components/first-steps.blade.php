{{-- The way to a first frame, for whoever has none yet. --}}
@props(['whole' => false, 'form' => false])
@php($next = collect($steps)->search(fn ($step) => ! $step['done']))
@php($here = collect($steps)->search(fn ($step) => strtok($step['to'], '?') === url()->current()))
@php($now = $here === false ? $next : $here)
@if ($steps)
    <nav @class(['first-steps', 'is-whole' => $whole]) aria-label="To the first frame">
        <ol>
            @foreach ($steps as $i => $step)
                <li @class(['is-done' => $step['done'], 'is-next' => $i === $now])>
                    <b>{{ $i + 1 }}</b>
                    <a href="{{ $step['to'] }}" @if ($i === $now) aria-current="step" @endif>{{ $step['what']
                        }}</a>@if ($step['done'])<small>done</small>@elseif ($whole)<small>{{ $step['why'] }}</small>@endif
                </li>
            @endforeach
        </ol>
        @if ($next !== false && ! $form)<a class="button is-go" href="{{ $steps[$next]['to'] }}">{{ $whole && $next === 0
            ? 'Begin with a place' : 'Next: '.lcfirst($steps[$next]['what']) }}</a>@endif
    </nav>
@endif
