<figure>
    <svg viewBox="0 0 480 220" role="img" aria-label="Waves from the side: a rock, and the time from one crest at it to the next">
        <path class="how-water" d="M0 150C30 150 50 96 90 96S150 150 180 150 230 96 270 96 330 150 360 150 410 96 450 96L480 108V220H0Z"/>
        <path class="how-line" d="M0 150C30 150 50 96 90 96S150 150 180 150 230 96 270 96 330 150 360 150 410 96 450 96L480 108"/>
        <path class="how-rock" d="M250 220L262 70H282L300 220Z"/>
        <path class="how-way" d="M96 56H262M110 49L96 56L110 63M248 49L262 56L248 63"/>
        <path class="how-faint" d="M90 50V96M270 50V70"/>
        <text x="180" y="42" text-anchor="middle">one period</text>
        <path class="how-way" d="M330 76H384M374 69L384 76L374 83"/>
        <text x="334" y="62">the way they run</text>
        <text x="240" y="206" text-anchor="end">press when a crest is at it</text>
    </svg>
</figure>
<p>
    The median of the times between presses is the period; one missed or doubled press hardly moves it. Hold for a big one, and the sets are
    heard too.
</p>
