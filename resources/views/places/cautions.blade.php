<aside class="cautions" aria-label="Cautions">
    @foreach ($cautions ?? [] as $caution)<p>{{ $caution }}</p>@endforeach
    <p>Not for navigation. Predictions leave out swell sets, surge and weather; the official tide table, the forecast, closures, lifeguards and the coastguard decide.</p>
    <p>Watch the water for a full quarter of an hour before going down; never turn your back on it; tell someone when you will be back; leave while the way out is dry.</p>
</aside>
