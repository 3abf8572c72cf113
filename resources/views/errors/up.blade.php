<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ $problems === [] ? 'Well' : 'Not well' }}</title></head>
<body>
@if ($problems === [])
    <h1>Well</h1>
    <p>The database opens, is whole and can be written to; so can the folders beside it.</p>
@else
    <h1>Not well</h1>
    <ul>
        @foreach ($problems as $problem)
            <li>{{ $problem }}</li>
        @endforeach
    </ul>
@endif
</body>
</html>
