<figure class="preview" id="preview">
    <canvas data-scene="{{ route('scene') }}?{{ $bench->form->pictureQuery() }}" data-seconds="{{ $bench->window->best->seconds }}" width="600" height="400" role="img"
        aria-label="How the {{ $bench->moving->kind->label() }} looks at {{ $bench->window->best->label() }}: {{ $bench->band->look->words() }}"></canvas>
    <noscript><p class="hint">The picture is drawn by a script, which is switched off here.</p></noscript>
    <figcaption><span>Computed for this water, distance and lens</span> <a href="{{ route('compare') }}">Compare times</a></figcaption>
</figure>
