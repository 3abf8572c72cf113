@props(['title', 'here' => ''])
<!DOCTYPE html>
<html lang="en" data-theme="{{ $theme->value }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <meta name="htmx-config" content='{"includeIndicatorStyles":false,"historyCacheSize":0,"responseHandling":[{"code":"204","swap":false},{"code":"[23]..","swap":true},{"code":"422","swap":true},{"code":"[45]..","swap":false,"error":true}]}'>
    <title>{{ $title }} · Gentle Pour</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <link rel="preload" href="/fonts/b612-latin-400-normal.woff2" as="font" type="font/woff2" crossorigin>
    <link rel="stylesheet" href="/vendor/bulma-no-dark-mode.min.css">
    <link rel="stylesheet" href="/css/pour.css">
    <script src="/vendor/htmx.min.js" defer></script>
    <script src="/vendor/idiomorph-ext.min.js" defer></script>
    <script src="/js/app.js" type="module"></script>
</head>
<body hx-ext="morph">
    <a class="skip" href="#main">To the content</a>
    <header class="top">
        <a class="brand" href="/">Gentle Pour</a>
        <nav class="rooms" aria-label="Rooms">
            @foreach ($rooms as $room)
                <a href="{{ route($room->value) }}" data-room-key="{{ $room->key() }}" @if ($here === $room->value) aria-current="page" @endif>{{ $room->label() }}</a>
            @endforeach
        </nav>
        <div class="lights" role="group" aria-label="Light of the screen">
            @foreach ($themes as $one)
                <button type="button" data-light="{{ $one->value }}" title="{{ $one->words() }}"
                    aria-pressed="{{ $one === $theme ? 'true' : 'false' }}">{{ ucfirst($one->value) }}</button>
            @endforeach
            <button type="button" data-opens="shortcuts" aria-label="Keyboard shortcuts" title="Keyboard shortcuts">?</button>
        </div>
    </header>
    <main id="main" tabindex="-1">
        @if (session('done'))
            <p class="said" role="status">{{ session('done') }}</p>
        @endif
        @if (session('problem'))
            <p class="said is-problem" role="alert">{{ session('problem') }}</p>
        @endif
        {{ $slot }}
    </main>
    <dialog id="shortcuts" aria-labelledby="shortcuts-title">
        <h2 id="shortcuts-title">Keys</h2>
        <dl class="keys">
            @foreach ($rooms as $room)<div><dt><kbd>g</kbd> <kbd>{{ $room->key() }}</kbd></dt><dd>{{ $room->label() }}</dd></div>@endforeach
            <div><dt><kbd>[</kbd> <kbd>]</kbd></dt><dd>On a day board: the day before, the day after</dd></div>
            <div><dt><kbd>1</kbd> … <kbd>6</kbd></dt><dd>On the bench: held to glass</dd></div>
            <div><dt><kbd>←</kbd> <kbd>→</kbd></dt><dd>On the target: a third of a stop</dd></div>
            <div><dt><kbd>↑</kbd> <kbd>↓</kbd></dt><dd>In a dial field: a third of a stop</dd></div>
            <div><dt><kbd>w</kbd></dt><dd>On the bench: one press with each crest</dd></div>
            <div><dt><kbd>space</kbd> <kbd>b</kbd></dt><dd>In Water: a crest, a big one</dd></div>
            <div><dt><kbd>space</kbd></dt><dd>In Shoot: open, close</dd></div>
            <div><dt><kbd>?</kbd></dt><dd>This list</dd></div>
        </dl>
        <form method="dialog"><button class="button">Close</button></form>
    </dialog>
</body>
</html>
