<rect class="is-glass" x="24" y="14" width="70" height="76"/>
<rect class="is-glass" x="66" y="14" width="70" height="76"/>
<rect class="is-glass" x="108" y="14" width="70" height="76"/>
<text x="226" y="60" text-anchor="end">?</text>
