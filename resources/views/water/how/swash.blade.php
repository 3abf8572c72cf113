<figure>
    <svg viewBox="0 0 480 220" role="img" aria-label="A beach from the side: the top of the uprush, and where it has drained">
        <path class="how-rock" d="M0 220V196L480 60V220Z"/>
        <path class="how-water" d="M0 150L96 152C120 130 140 140 158 151L360 94L356 101L0 202Z"/>
        <path class="how-line" d="M0 150L96 152C120 130 140 140 158 151L360 94"/>
        <path class="how-way" d="M190 116L318 80M304 77L318 80L308 91M322 132L194 168M204 157L194 168L208 171"/>
        <circle class="how-dot" cx="360" cy="94" r="6"/>
        <circle class="how-dot" cx="150" cy="154" r="6"/>
        <text x="372" y="78" text-anchor="start">1: top</text>
        <text x="112" y="190">2: drained</text>
    </svg>
</figure>
<p>From the top to the drained sand the water runs back and foam draws lines on it: a frame of streaks ends before it is over.</p>
