<figure>
    <svg viewBox="0 0 480 220" role="img"
        aria-label="A fall from the side: the distance to under it, the angles up to its lip and to its foot">
        <path class="how-rock" d="M350 220V46C350 40 356 38 364 38H480V220Z"/>
        <path class="how-rock" d="M0 170L60 166L110 192H350V220H0Z"/>
        <path class="how-water" d="M480 28H366C346 28 336 40 334 60L330 192H350V46C350 40 356 38 364 38H480Z"/>
        <path class="how-line" d="M480 28H366C346 28 336 40 334 60L330 192M342 60L340 184"/>
        <path class="how-faint" d="M46 140H344M46 140L344 32M46 140L344 190"/>
        <path class="how-way" d="M128 140A84 84 0 0 0 124 114M148 140A104 104 0 0 1 146 155"/>
        <circle class="how-dot" cx="46" cy="140" r="7"/>
        <text x="160" y="120">lip</text>
        <text x="164" y="160">foot</text>
        <text x="230" y="134">distance</text>
        <text x="18" y="124">you</text>
    </svg>
</figure>
<p>
    Water that falls freely gains speed with the root of its height: 10 m make 14 m/s at the foot. The angles are read off a phone's level
    laid along the lens.
</p>
