<p class="said is-problem" role="alert">{{ $why }}</p>
