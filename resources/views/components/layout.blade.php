@props(['title', 'here' => '', 'script' => 'plain', 'inside' => true])
<!DOCTYPE html>
<html lang="en" data-theme="{{ $theme->isDark() ? 'night' : $theme->value }}" @if ($theme->value === 'dim') data-dim @endif>
    <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <meta name="csrf-token" content="{{ csrf_token() }}">
        <meta name="htmx-config"
            content='{"includeIndicatorStyles":false,"allowEval":false,"historyCacheSize":0,"responseHandling":[
                {"code":"204","swap":false},{"code":"[23]..","swap":true},
                {"code":"422","swap":true},{"code":"[45]..","swap":false,"error":true}]}'>
        <meta name="color-scheme" content="{{ $theme->isDark() ? 'dark' : 'light' }}">
        <meta name="theme-color" content="{{ $theme->paper() }}">
        <title>{{ $title }} · Gentle Pour</title>
        <link rel="icon" type="image/svg+xml"
            href="data:image/svg+xml,%3Csvg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 32 32'%3E%3Crect width='32' height='32' rx='7' fill='%230f6f6a'/%3E%3Cg fill='none' stroke='%23f5f8f7' stroke-linecap='round'%3E%3Cpath d='M7 8h2M13 8h3M20 8h5' stroke-width='2.4'/%3E%3Cpath d='M7 16h6M17 16h8' stroke-width='2.4'/%3E%3Cpath d='M6 24h20' stroke-width='2.8'/%3E%3C/g%3E%3C/svg%3E">
        @if (in_array($here, ['settings', 'shoot'], true))<link rel="manifest" href="/app.webmanifest">@endif
        <link rel="stylesheet" href="{{ $built->url('app.css') }}">
        @if (in_array($here, ['log', 'learned', 'practice'], true))<link rel="stylesheet" href="{{ $built->url('log.css') }}">@endif
        @if ($here === 'water')<link rel="stylesheet" href="{{ $built->url('water.css') }}">@endif
        @if (request()->routeIs('outlook', 'places', 'outings'))<link rel="stylesheet" href="{{ $built->url('ahead.css') }}">@endif
        @if ($here === 'field' || request()->routeIs('outings.show'))<link rel="stylesheet" href="{{ $built->url('outing.css') }}">@endif
        @if ($here === 'field')<link rel="stylesheet" href="{{ $built->url('carry.css') }}">@endif
        @if ($here === 'card')<link rel="stylesheet" href="{{ $built->url('card.css') }}">@endif
        @if ($here === 'manual')<link rel="stylesheet" href="{{ $built->url('manual.css') }}">@endif
        @if ($here === 'almanac')<link rel="stylesheet" href="{{ $built->url('almanac.css') }}">@endif
        @foreach (['b612-400', 'b612-700'] as $font)
            <link rel="preload" href="{{ $built->url($font.'.woff2') }}" as="font" type="font/woff2" crossorigin>
        @endforeach
        <script src="{{ $built->url($script.'.js') }}" type="module"></script>
    </head>
    <body hx-ext="morph">
        <a class="skip" href="#main">To the content</a>
        <header class="top">
            <a class="brand" href="/">Gentle Pour</a>
            <nav class="doors" aria-label="Doors">
                @foreach ($inside ? $doors : [] as $one)
                    <a href="{{ route($one->tabs()[0]->value) }}"
                        data-key="{{ $one->key() }}"
                        @if ($one === $door) aria-current="{{ $one->tabs()[0] === $tab ? 'page' : 'true' }}" @endif>{{ $one->label() }}</a>
                @endforeach
            </nav>
            <div class="lights" data-rapid role="group" aria-label="Light of the screen">
                @foreach ($themes as $one)
                    <button type="button" data-light="{{ $one->value }}" data-paper="{{ $one->paper() }}" title="{{ $one->words() }}"
                    aria-pressed="{{ $one === $theme ? 'true' : 'false' }}">
                        {{ ucfirst($one->value) }}
                    </button>
                @endforeach
                <button type="button" data-opens="shortcuts" aria-label="Keyboard shortcuts" title="Keyboard shortcuts">?</button>
            </div>
        </header>
        @if ($door && count($door->tabs()) > 1)
            <nav class="tabline" aria-label="{{ $door->label() }}">
                @foreach ($door->tabs() as $one)
                    <a href="{{ route($one->value) }}" @if ($one->key()) data-key="{{ $one->key() }}" @endif
                        @if ($one === $tab) aria-current="page" @endif>{{ $one->label() }}</a>
                @endforeach
            </nav>
        @endif
        <main id="main" tabindex="-1">
            @if (session('done'))
                <div class="said" role="status">
                    <p>{{ session('done') }}</p>
                    @if (session('undo'))
                        <form method="post" action="{{ route('undo', session('undo')) }}">
                            @csrf<button class="button is-small">Undo</button>
                        </form>
                    @endif
                </div>
            @endif
            @if ($closed ?? null)
                <p class="said is-problem" role="alert">
                    {{ $closed }} Pages can be read; nothing can be kept until the user under whom the application runs may write there, or
                    there is room on the disk.
                </p>
            @endif
            @if (session('problem'))
                <p class="said is-problem" role="alert">{{ session('problem') }}</p>
            @endif
            @if (($errors ?? null)?->any())<x-problems :messages="$errors->getMessages()"/>@endif
            {{ $slot }}
        </main>
        <dialog id="shortcuts" aria-labelledby="shortcuts-title">
            <h2 id="shortcuts-title">Keys</h2>
            <dl class="keys">
                @foreach ($doors as $one)
                    <div><dt><kbd>g</kbd> <kbd>{{ $one->key() }}</kbd></dt><dd>{{ $one->label() }}</dd></div>
                    @foreach ($one->tabs() as $tabOfIt)
                        @if ($tabOfIt->key())
                            <div><dt><kbd>g</kbd> <kbd>{{ $tabOfIt->key() }}</kbd></dt><dd>{{ $tabOfIt->label() }}</dd></div>
                        @endif
                    @endforeach
                @endforeach
                <div><dt><kbd>[</kbd> <kbd>]</kbd></dt><dd>On a day board: the day before, the day after</dd></div>
                <div><dt><kbd>1</kbd> … <kbd>6</kbd></dt><dd>On the bench: held to glass</dd></div>
                <div><dt><kbd>←</kbd> <kbd>→</kbd></dt><dd>On the target: a third of a stop</dd></div>
                <div><dt><kbd>↑</kbd> <kbd>↓</kbd></dt><dd>In a dial field: a third of a stop</dd></div>
                <div><dt><kbd>w</kbd></dt><dd>On the bench: one press with each crest</dd></div>
                <div><dt><kbd>space</kbd> <kbd>b</kbd></dt><dd>In Water: a crest, a big one</dd></div>
                <div><dt><kbd>space</kbd></dt><dd>In Shoot: open, close</dd></div>
                <div><dt><kbd>1</kbd> … <kbd>6</kbd></dt><dd>In Practice: an answer; space for a crest</dd></div>
                <div><dt><kbd>?</kbd></dt><dd>This list</dd></div>
            </dl>
            <label class="tick"><input type="checkbox" data-single-keys checked> Single letters and digits are shortcuts</label>
            <form method="dialog"><button class="button">Close</button></form>
        </dialog>
    </body>
</html>
