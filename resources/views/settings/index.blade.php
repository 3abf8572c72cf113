@php($at = fn (string $field) => $errors->first($field) ?: null)
<x-layout title="Settings" here="settings">
    <div class="narrow-page">
        <h1>Settings</h1>
        <form method="post" action="{{ route('settings.update') }}">
            @csrf @method('put')
            <fieldset>
                <legend>Units</legend>
                @foreach ($choices as $name => [$label, $all])
                    <x-entry :name="$name" :label="$label" :problem="$at($name)" :help="false">
                        <select id="f-{{ $name }}" name="{{ $name }}" class="pick">
                            @foreach ($all as $unit => $words)
                                <option value="{{ $unit }}" @selected(old($name, $units->$name) === $unit)>{{ ucfirst($words) }}</option>
                            @endforeach
                        </select>
                    </x-entry>
                @endforeach
                <x-entry name="twelve_hours" label="Clock" :problem="$at('twelve_hours')">
                    <select id="f-twelve_hours" name="twelve_hours" class="pick">
                        <option value="0">24 hours</option>
                        <option value="1" @selected((bool) old('twelve_hours', $units->twelveHours))>12 hours</option>
                    </select>
                </x-entry>
                <p class="hint">
                    Any field takes any unit when it is typed: 25 mph, 20 kn, force 6, 12 ft, 50 F, ½. Everything is kept in metres and
                    seconds; focal lengths, threads and sensors stay in mm.
                </p>
            </fieldset>
            <div class="foot-line"><button class="button is-go">Keep</button></div>
        </form>
        <section>
            <h2>Backup <a class="button is-small" href="{{ route('backup') }}">All backups</a></h2>
            <p class="backup-age">
                <b>{{ $kept === null ? 'Never' : ucfirst($kept->at->diffForHumans()) }}</b> kept on this machine,
                <b>{{ $away === null ? 'never' : $away->diffForHumans() }}</b> taken away from it
            </p>
            @if ($away === null || $away->lt(now()->subDays(30)))
                <p class="said">Put a backup on another disk: what lies only on this machine is lost with it.</p>
            @endif
            <form method="post" action="{{ route('backup.download') }}">@csrf<button class="button">Save a backup</button></form>
        </section>
        <section>
            <h2>Devices</h2>
            <form method="post" action="{{ route('devices.update') }}">
                @csrf @method('put')
                @foreach ([
                    'camera' => ['Camera', $devices->hasCamera(), 'simulated: draws what it would see, from Shoot'],
                    'meter' => ['Light meter', $devices->hasMeter(), 'simulated: the sun at the place, and clouds'],
                    'forecast' => ['Forecast', $devices->hasForecast(), 'simulated: made-up weather'],
                ] as $name => [$label, $has, $words])
                    <x-entry :name="$name" :label="$label" :problem="$at($name)">
                        <select id="f-{{ $name }}" name="{{ $name }}" class="pick">
                            <option value="">none on a cable</option><option value="simulated" @selected($has)>{{ $words }}</option>
                        </select>
                    </x-entry>
                @endforeach
                <p class="hint">Without one everything goes by hand, and files come in by being dropped on the log.</p>
                <div class="foot-line"><button class="button">Keep</button></div>
            </form>
        </section>
        <section data-keeps-pages>
            <h2>On this device</h2>
            <p class="hint" data-pages-words>
                To keep pages on a device, to be read without a network, its browser must trust this address: HTTPS, or the machine itself.
            </p>
            <p class="hint">
                Over plain HTTP in the house no browser does that; <a href="{{ route('field') }}">a field file</a> works there, and
                everywhere else.
            </p>
            <div class="foot-line">
                <button type="button" class="button" data-pages-start hidden>Keep the pages I visit</button><button type="button"
                    class="button" data-pages-stop
                    hidden>
                    Stop, and forget them
                </button>
            </div>
        </section>
        <section>
            <h2>Calendar</h2>
            @if ($feed === null)
                <p class="hint">Outings and the next windows as a calendar that other programs read, by a secret address.</p>
                <form method="post" action="{{ route('feed.renew') }}">@csrf<button class="button">Make an address</button></form>
            @else
                <p class="hint">Whoever knows this address reads your outings and places. Made anew, the old one shows nothing any more.</p>
                <p><input class="input is-address" readonly aria-label="Address of the calendar" value="{{ $feed }}"></p>
                <div class="foot-line">
                    <form method="post" action="{{ route('feed.renew') }}">@csrf<button class="button">Make it anew</button></form>
                    <form method="post" action="{{ route('feed.end') }}">
                        @csrf @method('delete')<button class="button">End it</button>
                    </form>
                </div>
            @endif
        </section>
        @if ($asksForPasscode)
            <section>
                <h2>
                    Passcode <form method="post" action="{{ route('leave') }}">@csrf<button class="button is-small">Leave</button></form>
                </h2>
                <ul class="kit-list">
                    @foreach ($entrances as $one)
                        <li>
                            @if ($one->isIn())
                                <b>{{ $isThisOne($one) ? 'This '.strtolower($one->device) : $one->device }}</b>
                                <span class="kit-what">
                                    {{ $one->came_from }} · came in {{ $one->came_at->diffForHumans()
                                        .($isThisOne($one) ? '' : ', last seen '.$one->seen_at->diffForHumans()) }}
                                </span>
                                @unless ($isThisOne($one))
                                    <form method="post" action="{{ route('entrances.end', $one) }}">
                                        @csrf @method('delete')<button class="button is-small"
                                            aria-label="Show out the {{ strtolower($one->device) }} at {{ $one->came_from }}">
                                            Show out
                                        </button>
                                    </form>
                                @endunless
                            @else
                                <b class="warn">{{ $one->refused }} {{ $one->refused === 1 ? 'wrong passcode' : 'wrong passcodes' }}</b>
                                <span class="kit-what">from {{ $one->came_from }}, the last {{ $one->seen_at->diffForHumans() }}</span>
                            @endif
                        </li>
                    @endforeach
                </ul>
                <form method="post" action="{{ route('passcode') }}" class="enter">
                    @csrf @method('put')
                    <label for="f-passcode">The passcode, to make a new one and end every session but this</label>
                    <input class="input" id="f-passcode" name="passcode"
                        type="password" autocomplete="current-password" autocapitalize="none" @error('passcode') aria-invalid="true"
                        aria-describedby="f-passcode-problem" @enderror>
                    @error('passcode')<p class="problem" id="f-passcode-problem">{{ $message }}</p>@enderror
                    <div class="foot-line"><button class="button">Make a new one</button></div>
                </form>
            </section>
        @endif
        <p><a href="{{ route('bin') }}">What was deleted in the last thirty days</a></p>
    </div>
</x-layout>
