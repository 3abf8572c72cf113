<path d="M12 26q14-12 28 0t28 0 28 0 28 0 28 0 28 0 28 0 16-6"/>
<path d="M12 52q28-7 54 0t54 0 54 0 54 0"/>
<path d="M12 80H228"/>
<text x="120" y="70" text-anchor="middle">?</text>
