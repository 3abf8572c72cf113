<figure>
    <svg viewBox="0 0 480 220" role="img" aria-label="A stream from above: a float between two marks on the bank">
        <rect class="how-water" y="60" width="480" height="100"/>
        <path class="how-line" d="M0 60C120 54 260 68 480 58M0 160C150 166 300 152 480 162"/>
        <path class="how-line" opacity="0.5" d="M20 90H120M150 84H230M280 92H390M60 132H180M230 138H300M330 128H450"/>
        <path class="how-faint" d="M120 40V184M360 40V184"/>
        <circle class="how-dot" cx="120" cy="110" r="9"/>
        <path class="how-way" d="M136 110H346M332 102L346 110L332 118"/>
        <text x="120" y="30" text-anchor="middle">start</text>
        <text x="360" y="30" text-anchor="middle">stop</text>
        <path class="how-way" d="M126 196H354M138 189L126 196L138 203M342 189L354 196L342 203"/>
        <text x="240" y="216" text-anchor="middle">pace it out first</text>
    </svg>
</figure>
<p>Where you photograph, not where it is easy: the middle runs faster than the edge. Throw it well above the first mark.</p>
