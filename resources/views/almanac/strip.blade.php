<svg class="strip" viewBox="0 0 300 {{ $strip->height }}" preserveAspectRatio="none" aria-hidden="true">
    @foreach ($strip->dark as $phase => $path) @if ($path)<path d="{{ $path }}" fill="url(#dark-{{ $phase }})"/>@endif @endforeach
    <path class="strip-water" d="{{ $strip->water }}"/>
    @if ($strip->levelY !== null)<path class="strip-level" d="M0 {{ $strip->levelY }}H300"/>@endif
    <path class="strip-tide" d="{{ $strip->tide }}"/>
    @foreach ($strip->windows as [$x, $width])
        <rect class="month-window" x="{{ $x }}" y="0" width="{{ $width }}" height="{{ $strip->height }}"/>
    @endforeach
    @isset($visit)
        <rect class="month-window" x="{{ $visit->span()[0] }}" y="0" width="{{ $visit->span()[1] }}" height="{{ $strip->height }}"/>
        @foreach ($visit->marks() as [$x, $isKeeper])
            <path @class(['strip-frame', 'is-keeper' => $isKeeper]) d="M{{ $x }} {{ $isKeeper ? 8 : 30 }}V{{ $strip->height }}"/>
        @endforeach
    @endisset
    @isset($nowX)<path class="strip-now" d="M{{ $nowX }} 0V{{ $strip->height }}"/>@endisset
</svg>
