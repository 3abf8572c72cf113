@if ($paginator->hasPages())
    <nav class="pages" aria-label="Pages">
        @if (! $paginator->onFirstPage())<a class="button" href="{{ $paginator->previousPageUrl() }}" rel="prev">Newer</a>@endif
        @if ($paginator->hasMorePages())<a class="button" href="{{ $paginator->nextPageUrl() }}" rel="next">Older</a>@endif
    </nav>
@endif
