<span class="strip-hours" aria-hidden="true"><span>0</span><span>6</span><span>12</span><span>18</span><span>24</span></span>
