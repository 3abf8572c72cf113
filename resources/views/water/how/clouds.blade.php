<figure>
    <svg viewBox="0 0 480 220" role="img"
        aria-label="A cloud from the side: its height, the wind that carries it, its angle above the horizon">
        <path class="how-cloud" d="M250 66q16-30 48-22 26-22 52 6 28-2 26 20H246q-4 0 4-4z"/>
        <path class="how-way" d="M384 52H444M432 45L444 52L432 59"/>
        <text x="466" y="36" text-anchor="end">wind up there</text>
        <path class="how-faint" d="M60 186L300 72M60 186H470M300 78V186"/>
        <path class="how-way" d="M128 186A68 68 0 0 0 121 157"/>
        <circle class="how-dot" cx="60" cy="186" r="7"/>
        <text x="136" y="172">above the horizon</text>
        <text x="308" y="132">base</text>
        <text x="44" y="210">you</text>
    </svg>
</figure>
<p>
    Low clouds near the horizon cross a frame slower than those above you. What counts is the share of the frame in a time: a third in 25 s
    is the whole of it in 75 s.
</p>
