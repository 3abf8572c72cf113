<pre tabindex="0" aria-label="What the text may look like">@foreach ($examples as $example){{ $example }}

@endforeach</pre>
<p>
    Both are read: columns with names, in any order, and the text that public buoys write. A line that cannot be read is named and left out.
    A buoy in deep water does not know what the ground makes of its waves at your ledge.
</p>
