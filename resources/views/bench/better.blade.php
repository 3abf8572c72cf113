<ul class="remedies">
    @forelse ($remedies as $remedy)
        <li><b>{{ number_format($remedy->stops, 1) }} stops better</b> {{ $remedy->detail }}</li>
    @empty
        <li>Nothing small: no filter at home, no release and no common strength would make it clearly better.</li>
    @endforelse
</ul>
