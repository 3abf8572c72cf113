<aside class="cautions" aria-label="Cautions">
    @foreach ($cautions ?? [] as $caution)<p>{{ $caution }}</p>@endforeach
    <p>{{ $ofATide }}</p>
    <p>{{ $atTheSea }} {{ $tell }}</p>
</aside>
