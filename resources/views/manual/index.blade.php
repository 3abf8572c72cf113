<x-layout title="Manual" here="manual" script="manual">
    <div class="manual">
        <nav class="manual-order" aria-label="Chapters">
            <ol>
                @foreach ([
                    'go' => 'When to go', 'carry' => 'What to carry', 'edge' => 'At the edge', 'water' => 'Reading the water',
                    'choose' => 'Choosing the look', 'base' => 'The base frame', 'dark' => 'Dark glass', 'long' => 'The long frame',
                    'see' => 'Checking it', 'learn' => 'Learning from it',
                ] as $id => $title)
                    <li><a href="#part-{{ $id }}">{{ $title }}</a></li>
                @endforeach
            </ol>
        </nav>
        <div class="manual-text">
            <h1>The job, in the order of the work</h1>
            <p>
                Look first, then time, and only then aperture, ISO and filter. Where people of the trade disagree, both ways stand here with
                their reasons; the one you choose under <a href="{{ route('kit') }}">Kit, habits</a> ranks the bench’s answers.
            </p>

            <h2 id="part-go">1. When to go</h2>
            <figure tabindex="0">
                <svg viewBox="0 0 600 150" role="img" aria-label="A day: the tide rises to the mark while the light is low">
                    <path class="m-grid" d="M0 118H600"/>
                    <path class="m-tide" d="M0 96C60 130 120 136 180 96S300 24 360 34S480 118 600 124"/>
                    <path class="m-mark" d="M0 62H600"/><rect class="m-window" x="236" y="0" width="66" height="150"/>
                    <text x="8" y="56">the water reaches the posts</text>
                    <text x="308" y="18">window: level and light together</text>
                    <text x="8" y="144">night</text>
                    <text x="244" y="144">dawn</text>
                    <text x="420" y="144">day</text>
                </svg>
            </figure>
            <x-topic id="windows" title="Windows">
                <p>
                    A window is a span in which level, light and your days agree. High springs come twice a month, low light twice a day:
                    both together, at a level that suits, may come four times in a season. So the
                    <a href="{{ route('almanac') }}">almanac</a> draws months. Rare ones are marked. Nights stay out unless you ask for
                    them.
                </p>
            </x-topic>
            <x-topic id="place" title="A place: position, facing, clock">
                <p>
                    The position gives sun, moon and the nearest tide stations; the facing is where the lens looks, from north through east,
                    and decides whether the sun is in the frame, beside you or behind. All times are by the clock of the place, also when
                    your device stands in another zone. Its time zone follows from the position where you leave it out; look at it beside a
                    border, where the map of zones may be some kilometres off.
                </p>
                <p>
                    A compass does not point to true north. What you read off one is typed with an M behind it, <i>118 M</i>, or as
                    <i>° compass</i> beside the field; it is turned by what the earth’s magnetism does there, and the page of the place
                    says by how much. Iron does more: keep it away from tripod, car and keys. On a phone <i>Where I stand now</i> asks for
                    the position and <i>Where this phone points</i> for its compass, which is easily ten degrees off; a skyline is sighted
                    along its edge, point by point, clockwise. Browsers give neither but over HTTPS or on the machine itself; both stay in
                    this application.
                </p>
            </x-topic>
            <x-topic id="tide" title="Where its tide comes from">
                <p>
                    From a station nearby; from a station with your own differences, where high water comes later or stands higher; or from
                    a printed table, typed or pasted. Nearest is not always best: behind a headland the tide may be hours off, which is why
                    the map of the place says how far the station is by water. Official tables decide.
                </p>
            </x-topic>
            <x-topic id="marks" title="Level marks and sightings">
                <p>
                    A mark is something that happens at a level: the water reaches the posts, the pools lie bare. It need not be known in
                    metres. Each time you press <i>Reached now</i> or <i>Not reached now</i> it learns, and a height that was once seen dry
                    never counts as reached.
                </p>
            </x-topic>
            <x-topic id="horizon" title="Horizon, skyline, frame">
                <p>
                    The <a href="{{ route('places') }}">horizon of a place</a> is unrolled: drag the frame, and see when sun and moon
                    cross it. Draw cliff, trees or wall by hand, type their points or sight them along a phone: they are tried in the
                    drawing at once, and once kept they take the direct light before sunset does, and part of the sky all day. A polariser
                    darkens a clear sky most at a right angle to the sun; on water it takes the mirror best about 37° below the horizon.
                </p>
            </x-topic>
            <x-topic id="weather" title="Weather">
                <p>
                    A forecast stands under the day board with its age. Low cloud counts most for the light, high cloud little. A spread
                    within a degree of the dew point and light air mean fog. Waves higher than those that a place reckons with are a
                    warning: leave earlier than the numbers say, or do not go.
                </p>
            </x-topic>
            <x-topic id="outing" title="An outing">
                <p>
                    One page for one visit: when to leave home, when to be there and watch the water for a quarter of an hour, each wanted
                    frame where tide and light allow it, and when to be off. Tell somebody; the text stands ready.
                </p>
            </x-topic>

            <h2 id="part-carry">2. What to carry</h2>
            <x-topic id="camera" title="Camera">
                <p>
                    Base ISO, the longest time that it counts itself, the sensor’s size and its battery are what the bench needs. Film has
                    an exponent: a metered minute is then longer than a minute.
                </p>
            </x-topic>
            <x-topic id="lens" title="Lens">
                <p>Its ends in millimetres, widest and smallest aperture, and the thread: what stands on the front rim after ⌀.</p>
            </x-topic>
            <x-topic id="filters" title="Filters and what holds them">
                <p>
                    Every engraving is understood: ND64, 1.8, 8x, 6 stops. The engraved figure is a promise; half a stop off is common in
                    the dark ones, and they tint. Measure it once from a base and a long frame, and from then on it is what it is. Slots,
                    rings and adapters decide which go on which lens.
                </p>
            </x-topic>

            <h2 id="part-edge">3. At the edge</h2>
            <figure class="m-small">
                <svg viewBox="0 0 420 150" role="img" aria-label="Tide, run-up and margin add up to the stand">
                    <rect class="m-sea" x="0" y="104" width="420" height="46"/>
                    <rect class="m-run" x="0" y="72" width="420" height="32"/>
                    <rect class="m-margin" x="0" y="52" width="420" height="20"/>
                    <path class="m-rock" d="M188 150L222 52H306L346 84L420 40V150Z"/>
                    <text x="10" y="132">tide</text>
                    <text x="10" y="94">run-up of waves</text>
                    <text x="10" y="68">margin</text>
                    <text x="226" y="44">your feet</text>
                    <text x="412" y="128" text-anchor="end">the way out floods first</text>
                </svg>
            </figure>
            <x-topic id="get-off" title="Stand, way out, get-off time">
                <p>
                    Tide, run-up and margin together must stay below your feet <b>and</b> below the lowest point of the way out; from the
                    instant at which they do not, the minutes to pack and walk are taken off. It is when these numbers say to leave; it is
                    no promise that it is safe until then.
                </p>
                @foreach ($cautions as $caution)<p class="warn">{{ $caution }}</p>@endforeach
            </x-topic>

            <h2 id="part-water">4. Reading the water</h2>
            <x-topic id="waves" title="Waves: period, height, depth">
                <p>
                    Press as each crest passes a rock; five or more. The period sets how fast the surface moves and how long a frame must be
                    for the sea to lie flat. Longer swell needs longer frames.
                </p>
            </x-topic>
            <x-topic id="flow" title="Falls and streams: speed or drop">
                <p>A fall’s height says its speed; a float between two marks says a stream’s. Faster water needs less time.</p>
            </x-topic>
            <x-topic id="clouds" title="Clouds">
                <p>
                    An edge timed across a third of the frame is best. Or wind, height and elevation: low cloud near the horizon moves
                    little in the frame.
                </p>
            </x-topic>
            <x-topic id="distance" title="Distance and lens">
                <p>What counts is how far the water moves in the frame. Twice as near or twice as long a lens is half the time.</p>
            </x-topic>

            <h2 id="part-choose">5. Choosing the look</h2>
            <figure class="m-pictures">
                @foreach ($times as $label => $seconds)
                    <div>
                        <x-water-picture :scene="$scene" :seconds="$seconds" aria-label="The same fall at {{ $label }}"/>
                        <figcaption>{{ $label }}</figcaption>
                    </div>
                @endforeach
            </figure>
            <div class="m-looks">
                @foreach ($looks as [$look, $strokes])
                    <figure tabindex="0">
                        <svg viewBox="0 0 160 56" aria-hidden="true"><path d="{{ $strokes }}"/></svg>
                        <figcaption><b>{{ ucfirst($look->value) }}</b> {{ $look->words() }}</figcaption>
                    </figure>
                @endforeach
            </div>
            <x-topic id="look" title="Six looks">
                <p>
                    From held to glass less and less of the water’s drawing is left. The bench shows on one axis where each look lies for
                    this water at this distance, and for a second water or the clouds in the same picture; where they do not meet, it says
                    by how many stops.
                </p>
            </x-topic>
            <x-topic id="exact" title="Exact, or by the card">
                <x-schools one="Exact stops" other="The doubled card">
                    <x-slot:first>
                        Six stops on 1/60 s are a true second: the dial’s names are rounded, the shutter is not. Over ten and fifteen stops
                        no error piles up.
                    </x-slot:first>
                    <x-slot:second>
                        1/60, 1/30, 1/15 … is how a card is doubled in the head, and it is never a third of a stop off. Nobody sees that in
                        a file.
                    </x-slot:second>
                </x-schools>
            </x-topic>
            <x-topic id="frames" title="One long frame, or many short ones">
                <x-schools one="One long frame" other="The mean of many">
                    <x-slot:first>One file, no gaps, true to what happened. Needs dark glass and a tripod that stands still.</x-slot:first>
                    <x-slot:second>
                        Less noise, no dark filter, and one gust spoils one frame only. Gaps between frames may show, and it is work at the
                        desk.
                    </x-slot:second>
                </x-schools>
            </x-topic>

            <h2 id="part-base">6. The base frame</h2>
            <x-topic id="reading" title="The reading">
                <p>
                    Without dark glass, in the light of the picture: compose, focus, meter, take it, look at it. Its time, aperture and ISO
                    are what everything is worked out from. A polariser that stays on is on for the reading too.
                </p>
            </x-topic>
            <x-topic id="highlights" title="Highlights protected, or exposed to the right">
                <figure class="m-two">
                    <svg viewBox="0 0 512 132" role="img" aria-label="A histogram whose water stays within"><path
                        d="{{ $within }}"/></svg><svg viewBox="0 0 512 132" role="img"
                        aria-label="A histogram whose water is clipped at the right">
                        <path d="{{ $clipped }}"/>
                    </svg>
                </figure>
                <x-schools one="Protect" other="To the right">
                    <x-slot:first>
                        White water clips before anything else, and what is clipped is gone. A third to a stop less keeps its drawing;
                        shadows are lifted later.
                    </x-slot:first>
                    <x-slot:second>
                        As bright as it goes without clipping gathers the most light and the least noise. Needs a look at the histogram of
                        the water, not of the whole.
                    </x-slot:second>
                </x-schools>
            </x-topic>
            <x-topic id="iso" title="Lowest ISO, or raised">
                <x-schools one="Lowest" other="Raised">
                    <x-slot:first>
                        The most range between dark rock and white water, the least noise, and every stop of it is a stop of filter saved.
                    </x-slot:first>
                    <x-slot:second>
                        When the light goes, twice the ISO is half the time: before the tide, the wind or the dark ends it. A frame too
                        short is worse than one with grain.
                    </x-slot:second>
                </x-schools>
            </x-topic>
            <x-topic id="aperture" title="f/8, or f/22">
                <x-schools one="The lens’s best" other="Stopped down">
                    <x-slot:first>Two or three stops from wide open a lens is sharpest. Dark glass gives the time.</x-slot:first>
                    <x-slot:second>
                        Three stops less light without glass, and depth from your feet to the horizon. From f/16 on diffraction softens
                        everything a little.
                    </x-slot:second>
                </x-schools>
            </x-topic>
            <x-topic id="focus" title="What must be sharp">
                <p>
                    Say the nearest and the furthest: the bench gives the aperture and the distance to set. Focus before the dark filter
                    goes on, then switch the autofocus off.
                </p>
            </x-topic>

            <h2 id="part-dark">7. Dark glass</h2>
            <figure tabindex="0">
                <svg viewBox="0 0 600 110" role="img" aria-label="Six stops are six columns: 1/60 to 1 second">
                    @foreach (['1/60', '1/30', '1/15', '1/8', '1/4', '1/2', '1 s'] as $i => $label)
                        <path class="m-grid" d="M{{ 40 + 86 * $i }} 20V78"/>
                        <text x="{{ 40 + 86 * $i }}" y="98" text-anchor="middle">{{ $label }}</text>
                    @endforeach
                    <path class="m-run-line" d="M40 50H556M546 42L556 50L546 58"/>
                    <circle class="m-base" cx="40" cy="50" r="6"/>
                    <text x="298" y="40" text-anchor="middle">a six-stop filter is six columns long</text>
                </svg>
            </figure>
            <x-topic id="glass" title="Which filter">
                <p>
                    Each stop doubles the time. Ten turn 1/60 s into 16 s. Two filters add their stops and their casts; one is better where
                    it suffices. A graduated filter evens sky and foreground: hard over the line of the sea, soft inland. A polariser takes
                    one to two stops, and the mirror of wet rock with them.
                    <b>A dark filter does not make it safe to look at the sun through an optical finder.</b>
                </p>
            </x-topic>
            <x-topic id="wind" title="Wind and support">
                <p>
                    A tripod shakes with the square of the wind and with the length of the lens; the bench ends the time where it would
                    show. Lower, heavier, legs in rock; a weaker filter and a shorter frame.
                </p>
            </x-topic>

            <h2 id="part-long">8. The long frame</h2>
            <ol class="m-steps">
                <li>Compose, focus, base frame, look at it</li>
                <li>Stabiliser off, finder closed, autofocus off</li>
                <li>Filter on, sealed; count its stops</li>
                <li>Time, or bulb, and the release</li>
                <li>Watch the water, not the screen</li>
            </ol>
            <x-topic id="long-frame" title="Bulb, release, the longest time">
                <p>
                    Past what the camera counts itself it is bulb: with a release, or nothing. The walls on the stop rule say what ends a
                    frame first: release, wind, light that fails, the get-off time.
                </p>
            </x-topic>
            <x-topic id="noise" title="Noise reduction in the camera, or later">
                <x-schools one="In the camera" other="Later">
                    <x-slot:first>
                        A dark frame as long again, taken at once at the same warmth: hot pixels go. Four minutes become eight, and the
                        light or the tide does not wait.
                    </x-slot:first>
                    <x-slot:second>
                        The next frame at once. One dark frame of your own for the whole morning, or the software’s; a warm sensor shows
                        more.
                    </x-slot:second>
                </x-schools>
            </x-topic>
            <x-topic id="drift" title="Light that changes">
                <p>
                    At dawn a four-minute frame gathers more than its first second promised. Two readings some minutes apart say how fast it
                    changes, and the time is worked out along it. While the shutter is open, <i>Sun gone</i> and thirds of a stop move its
                    end.
                </p>
            </x-topic>

            <h2 id="part-see">9. Checking it</h2>
            <x-topic id="check" title="The histogram of the water, and sharpness">
                <p>
                    Draw where the water is, and what must stand still. The check says what is clipped there, whether the rest shook, and
                    which time would give the look you wanted.
                </p>
            </x-topic>

            <h2 id="part-learn">10. Learning from it</h2>
            <x-topic id="verdict" title="Verdict">
                <p>
                    Too smooth, right or not enough; too bright or too dark by thirds: the next target of this water leans by it, and
                    <a href="{{ route('learned') }}">Learned</a> shows how much. Ten minutes on a train:
                    <a href="{{ route('practice') }}">practice</a>.
                </p>
            </x-topic>
        </div>
    </div>
</x-layout>
