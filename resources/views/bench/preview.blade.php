<figure class="preview" id="preview">
    <x-water-picture :scene="$bench->form->pictureQuery()" :seconds="$bench->window->best->seconds"
        :cast="$bench->seeing()->drawnCast()" :bias="$bench->question->bias->value" :light="$bench->seeing()->now?->value"
        aria-label="How the {{ $bench->moving->kind->label() }} looks at {{ $bench->window->best->label()
            }}: {{ $bench->band->look->words() }}"/>
    <noscript><p class="hint">The picture is drawn by a script, which is switched off here.</p></noscript>
    @php($sharp = $bench->says()->sharpness() ?? $bench->says()->sharpAtTheWater())
    <figcaption>
        <span>Computed for this water, distance and
            lens.@if ($sharp) Focused at {{ $sharp->focus }}, it is sharp from {{ $sharp->near }} to {{ $sharp->far }}.@endif</span>
        <a href="{{ route('compare') }}">Compare times</a>
    </figcaption>
</figure>
@include('bench.seeing')
