{{-- Two ways of doing one thing, each with its reasons. --}}
@props(['one', 'other'])
<dl class="schools"><div><dt>{{ $one }}</dt><dd>{{ $first }}</dd></div><div><dt>{{ $other }}</dt><dd>{{ $second }}</dd></div></dl>
{{ $slot }}
