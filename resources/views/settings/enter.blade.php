<x-layout title="Passcode" :inside="false">
    <div class="narrow-page">
        <h1>Passcode</h1>
        @if ($isSet)
            <form method="post" action="{{ route('enter') }}" class="enter">
                @csrf
                <label for="f-passcode">The one that was shown where this was started</label>
                <input class="input" id="f-passcode" name="passcode"
                    type="password" autocomplete="current-password" autocapitalize="none" spellcheck="false" required autofocus
                    @error('passcode') aria-invalid="true" aria-describedby="f-passcode-problem" @enderror>
                @error('passcode')<p class="problem" id="f-passcode-problem">{{ $message }}</p>@enderror
                <div class="foot-line"><button class="button is-go">Come in</button></div>
            </form>
        @else
            <p>
                There is no passcode yet, so nobody comes in over the network. On the machine on which this runs,
                <code>php artisan pour:passcode</code> makes one.
            </p>
        @endif
    </div>
</x-layout>
