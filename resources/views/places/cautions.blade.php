{{-- What the numbers leave out, for the waters that are met there. --}}
<aside class="cautions" aria-label="Cautions">
    @foreach ($cautions ?? [] as $caution)<p>{{ $caution }}</p>@endforeach
    @if ($hasTide ?? true)<p>{{ $ofATide }}</p>@endif
    @foreach ($edges ?? [$atTheSea] as $edge)<p>{{ $edge }} @if ($loop->last){{ $tell }}@endif</p>@endforeach
    @unless ($hasTide ?? true)<p>{{ $leftOut }} {{ $whoDecides }}</p>@endunless
</aside>
