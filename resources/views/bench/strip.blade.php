@php($glass = $bench->form->aim->glass)
<div class="strip-and-more">
    <fieldset class="strip">
        <legend>
            This light through your filters
            <small>at {{ $bench->question->apertureAsRead()->label() }}, ISO {{ $bench->question->isoAsRead()->label() }}</small>
        </legend>
        @if ($bench->lostGlass())<p class="warn">“{{ $bench->lostGlass() }}” cannot be put on with this bag; the look leads again.</p>@endif
        <input type="hidden" name="glass_was" value="{{ $glass }}">
        <label class="glass-mark is-free"><input type="radio" name="glass" value="" @checked($glass === '' || $bench->lostGlass())>
            <span><b>By the look</b> <small>or the target</small></span></label>
        @foreach ($bench->marks() as $mark)
            @php($label = $mark->filters->label())
            <label @class(['glass-mark', 'is-walled' => $mark->wall])><input type="radio" name="glass" value="{{ $label }}"
                    @checked($label === $glass)>
                <span><b>{{ $mark->shutterLabel() }}</b> <small>{{ $label }}</small>
                    <small>{{ $mark->wall ? $mark->wall->why : $bench->lookAt($mark) }}</small></span></label>
        @endforeach
    </fieldset>
    @if (count($bench->sideBySide()) > 1)
        <p class="strip-compare">
            <a href="{{ route('compare', ['t' => $bench->sideBySide()]) }}">See {{ collect($bench->sideBySide())->join(', ', ' and ') }}
                side by side</a>
        </p>
    @endif
</div>
@foreach ($says->unusable() as $why)<p class="warn unusable">{{ $why }} <a href="{{ route('kit') }}">Kit</a></p>@endforeach
