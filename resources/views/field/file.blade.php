{{-- A field file: one page that holds everything in itself. Its script looks up what the core has worked out, and decides nothing. --}}
@php($clock = $write->units()->hours())
<!DOCTYPE html>
<html lang="en" data-theme="day">
    <head>
        <meta charset="utf-8">
        <meta http-equiv="Content-Security-Policy" content="{{ $policy }}">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <meta name="color-scheme" content="light">
        <meta name="theme-color" content="#f5f8f7">
        <title>{{ $place ? $place->name.', '.$outing->starts_at->setTimezone($place->timezone)->format('j M')
            : 'Field file' }} · Gentle Pour</title>
        <link rel="icon" href="data:,">
        <style>{!! $css !!}</style>
    </head>
    <body class="field">
        <header class="top">
            <span class="brand">{{ $place->name ?? 'The bag' }}</span>
            <nav class="doors" aria-label="Parts of this file">
                @foreach ([
                    ...$plan ? ['outing' => 'Outing'] : [],
                    'bench' => 'Bench', 'water' => 'Water', 'shoot' => 'Shoot', 'home' => 'Home',
                ] as $id => $label)<a href="#{{ $id }}">{{ $label
                    }}@if ($id === 'home') <b class="badge" data-home-badge hidden></b>@endif</a>@endforeach
            </nav>
            <div class="lights" role="group" aria-label="Light of the screen">
                @foreach ($lights as $one)<button type="button" data-light="{{ $one->value }}"
                        data-paper="{{ $one->paper() }}" aria-pressed="{{ $loop->first ? 'true' : 'false' }}">
                        {{ ucfirst($one->value) }}
                    </button>@endforeach
            </div>
        </header>
        <button type="button" class="kept-line" data-open-line hidden></button>
        <main id="main">
            <noscript><p class="said is-problem">
                    This file needs scripts, which are switched off here. The outing, the days and the card below can be read all the same.
                </p></noscript>
            <p class="said is-problem" role="alert" data-no-start hidden>
                This browser is too old for this file: the outing and the card can be read; bench, timers and countdown need a newer one.
            </p>
            <p class="said is-problem" role="alert" data-keeps-nothing hidden>
                This browser keeps nothing of this page, as in a private window: bring home what you do before you close it.
            </p>
            @if ($plan)
                <section id="outing" data-tab>
                    <h1>{{ $place->name }} <small>{{ $plan->at($plan->schedule->from)->format('l j F') }}</small></h1>
                    <dl class="outing-times">
                        @if ($plan->leavesHome())
                            <div><dt>leave home</dt><dd>{{ $plan->at($plan->leavesHome())->format($clock) }}</dd></div>
                        @endif
                        <div><dt>there</dt><dd>{{ $plan->at($plan->schedule->from)->format($clock) }}</dd></div>
                        <div><dt>ready</dt><dd>{{ $plan->at($plan->schedule->readyAt)->format($clock) }}</dd></div>
                        <div class="is-warn"><dt>off it by</dt><dd>{{ $plan->at($plan->schedule->until)->format($clock) }}</dd></div>
                    </dl>
                    <p class="field-leave" data-leave-by role="status"></p>
                    <p class="hint">
                        It ends by {{ $plan->untilWhy }}.
                        @if ($plan->awashUntil)<b class="warn">By these numbers the stand or the way out is awash when you come, and until
                                {{ $plan->at(60 * ceil($plan->awashUntil / 60))->format($clock) }}. Do not go down
                                before.</b>@endif
                    </p>
                    <x-day-board :board="$plan->board" :events="$events" apart/>
                    <h2>What is done when</h2>
                    @include('outings.schedule', ['isFile' => true])
                    @include('places.cautions', ['hasTide' => $place->tide->hasTide()])
                    @if ($place->marks->isNotEmpty() && $place->tide->hasTide())
                        <h2>Did the water reach it?</h2>
                        <ul class="field-marks">
                            @foreach ($place->marks as $mark)
                                <li>
                                    <span><b>{{ $mark->name }}</b> <small data-seen></small></span>
                                    <button type="button" class="button"
                                        data-sees="{{ $mark->uid }}" data-reached="1" aria-label="Reached now: {{ $mark->name }}">
                                        Reached
                                    </button><button type="button" class="button"
                                        data-sees="{{ $mark->uid }}" data-reached="0" aria-label="Not reached now: {{ $mark->name }}">
                                        Not
                                    </button>
                                </li>
                            @endforeach
                        </ul>
                    @endif
                    @if ($days !== [] && $place->tide->hasTide())
                        <h2>The days around</h2>
                        <div class="field-days" tabindex="0" role="region" aria-label="The days around">
                            <table>
                                <thead>
                                    <tr>
                                        <th scope="col">day</th>
                                        <th scope="col">tide</th>
                                        @foreach (array_keys($days[0]['marks']) as $name)<th scope="col">{{ $name }}</th>@endforeach
                                        <th scope="col">off it by</th>
                                        <th scope="col">sun</th>
                                    </tr>
                                </thead>
                                <tbody>
                                    @foreach ($days as $day)
                                        <tr>
                                            <th scope="row">{{ $day['day'] }}</th>
                                            <td>@foreach ($day['waters'] as $water){{ $water }}<br>@endforeach</td>
                                            @foreach ($day['marks'] as $span)<td>{{ $span }}</td>@endforeach
                                            <td>{{ $day['leave'] }}</td>
                                            <td>{{ $day['sun'] }}</td>
                                        </tr>
                                    @endforeach
                                </tbody>
                            </table>
                        </div>
                    @endif
                    <h2>Packing</h2>
                    @foreach (['packed' => 'In the bag', 'brought_back' => 'Nothing left behind'] as $column => $title)
                        <details class="packing" @if ($column === 'packed') open @endif>
                            <summary><b>{{ $title }}</b> <small data-packed-of="{{ $column }}"></small></summary>
                            <div class="sheet">
                                <ol>
                                    @foreach ($packing as $item)
                                        <li>
                                            <label><input type="checkbox" data-packs="{{ $column }}"
                                                value="{{ $item->key }}"><span><b>{{ $item->words }}</b>@if ($item->why
                                                && $column === 'packed')<small>{{ $item->why }}</small>@endif</span></label>
                                        </li>
                                    @endforeach
                                </ol>
                            </div>
                        </details>
                    @endforeach
                    <h2>Forecast</h2>
                    <p>{{ $outing->forecast ?? 'Nobody has looked at it yet.' }}{{ $outing->rain ? ' Rain is forecast.' : '' }}</p>
                    <h2>Tell somebody</h2>
                    <p class="notice">{{ $notice }}</p>
                </section>
            @endif
            <section id="bench" data-tab aria-label="Bench">
                <h1 class="is-sr-only">Bench</h1>
                <div class="field-columns">
                    <div>
                        <div class="field-water">
                            <label for="f-water">Water</label> <select id="f-water" class="pick" data-water></select>
                        </div>
                        <div class="field-params" data-params></div>
                        <p class="problem" role="alert" data-wrong hidden></p>
                        <div class="field-looks" role="group" aria-label="Look" data-looks></div>
                        <div class="field-wanted">
                            <button type="button" class="button" data-target="-1" aria-label="A third of a stop shorter">−</button>
                            <p role="status">
                                <b class="field-figure" data-wanted></b><span><b data-wanted-look></b> <span data-wanted-span></span></span>
                            </p>
                            <button type="button" class="button" data-target="1" aria-label="A third of a stop longer">+</button>
                        </div>
                        <p class="hint" data-guess hidden>It rests on what is usual: time it under Water.</p>
                        <fieldset class="field-reading">
                            <legend>Base frame</legend>
                            @foreach (['shutter' => 'Shutter', 'aperture' => 'Aperture', 'iso' => 'ISO'] as $dial => $label)
                                <div>
                                    <label for="f-{{ $dial }}">{{ $label }}</label><button type="button" class="button"
                                        data-dial="{{ $dial }}" data-by="-1" aria-label="{{ $label }}: a third less">
                                        −
                                    </button><select id="f-{{ $dial }}" class="pick" data-dial-{{ $dial }}></select><button type="button"
                                        class="button"
                                        data-dial="{{ $dial }}" data-by="1" aria-label="{{ $label }}: a third more">
                                        +
                                    </button>
                                </div>
                            @endforeach
                            <div>
                                <span>Light</span><button type="button" class="button"
                                    data-dial="bias" data-by="-1" aria-label="A third darker than read">
                                    −
                                </button><b data-bias role="status"></b><button type="button" class="button"
                                    data-dial="bias" data-by="1" aria-label="A third brighter than read">
                                    +
                                </button>
                            </div>
                        </fieldset>
                    </div>
                    <div>
                        <h2>Ways to shoot it</h2>
                        <ol class="field-ways" data-ways></ol>
                        <p class="said" data-no-ways hidden></p>
                        <h2>This glass, what time?</h2>
                        <table class="field-strip">
                            <thead class="is-sr-only">
                                <tr>
                                    <th scope="col">glass</th><th scope="col">time</th><th scope="col">look</th><th scope="col">shoot</th>
                                </tr>
                            </thead>
                            <tbody data-strip></tbody>
                        </table>
                        <div class="cautions" data-cautions></div>
                    </div>
                </div>
            </section>
            <section id="water" data-tab aria-label="Water">
                <h1 class="is-sr-only">Timers</h1>
                <div class="field-tools" role="group" aria-label="What is timed">
                    @foreach (['waves' => 'Crests', 'swash' => 'Swash', 'float' => 'Float',
                        'clouds' => 'Clouds'] as $tool => $label)<button type="button" class="button"
                            data-tool="{{ $tool }}" aria-pressed="false">
                            {{ $label }}
                        </button>@endforeach
                </div>
                <p class="hint" data-timer-words></p>
                <p class="field-asks" data-timer-asks hidden>
                    <label for="f-typed"><span></span></label>
                    <input class="input" id="f-typed" inputmode="decimal" autocomplete="off" data-timer-typed> <i></i>
                </p>
                <p class="field-result" role="status"><b class="field-figure" data-timer-figure></b> <span data-timer-under></span></p>
                <button type="button" class="button field-pad" data-timer-pad><b></b><small></small></button>
                <div class="field-row">
                    <button type="button" class="button" data-timer-back>Last one off</button>
                    <button type="button" class="button" data-timer-anew>Anew</button>
                    <button type="button" class="button" data-timer-use>Use on the bench</button>
                    <button type="button" class="button is-go" data-timer-keep>Keep it</button>
                </div>
                <div class="cautions"><p>{{ implode(' ', $edges) }}</p></div>
            </section>
            <section id="shoot" data-tab aria-label="Shoot">
                <p class="said" data-no-frame>
                    No frame yet: choose a way on <a href="#bench">the bench</a>{{ $plan ? ', or a run sheet of the outing' : '' }}.
                </p>
                <div class="field-verdict" data-verdict hidden>
                    <h1><b class="field-figure" data-taken></b> <small data-taken-of></small></h1>
                    <h2>The water is</h2>
                    <div class="field-row" role="group" aria-label="The blur">
                        @foreach ($verdicts as $one)<button type="button" class="button" data-blur="{{ $one->value }}" aria-pressed="false">
                                {{ ucfirst($one->label()) }}
                            </button>@endforeach
                    </div>
                    <div class="field-row" role="group" aria-label="The exposure">
                        <button type="button" class="button" data-exposure="-1" aria-label="Too dark by a third more">darker</button><b
                            role="status" data-exposure-said></b><button type="button" class="button"
                            data-exposure="1" aria-label="Too bright by a third more">
                            brighter
                        </button>
                    </div>
                    <label for="f-note">Note</label> <textarea class="textarea" id="f-note" rows="2" maxlength="2000" data-note></textarea>
                    <div class="field-row">
                        <button type="button" class="button is-go" data-again>Same again</button>
                        <button type="button" class="button" data-bench>Another way</button>
                    </div>
                    <p class="hint">Kept on this device; it goes to the log under Home.</p>
                </div>
            </section>
            <section id="home" data-tab aria-label="Home">
                <h1 data-home-count></h1>
                <p class="shoot-said" role="status" data-home-said></p>
                <div class="field-row" data-when-waiting>
                    <button type="button" class="button is-go" data-home-send hidden>Send</button>
                    <button type="button" class="button" data-home-file>As a file</button>
                    <button type="button" class="button" data-home-copy>As text</button>
                    <button type="button" class="button" data-home-code>As a code</button>
                </div>
                <p data-when-waiting><a data-home-link href="#home">Open the application with it</a>, where this device reaches it.</p>
                <div class="field-code" data-home-code-shown hidden></div>
                <textarea class="textarea" rows="4" readonly hidden data-home-text aria-label="What was done, as text"></textarea>
                <ul class="field-journal" data-home-list></ul>
                <p data-when-waiting>
                    <button type="button" class="button is-small" data-home-is>It is home</button>
                    <small>Once the application has said so. Brought home twice it is there once all the same.</small>
                </p>
                @include('shoot.signals')
                <h2>Pocket card</h2>
                <p class="hint">
                    {{ $camera->name }}, {{ $lens->name }}. <b>Bold</b>: bulb{{ $release ? '' : ', and there is no release' }}.
                </p>
                <div class="field-days" tabindex="0" role="region" aria-label="Pocket card">
                    <table class="field-card">
                        <thead>
                            <tr>
                                <th scope="col">base</th>
                                @foreach ($card->columns as $column)<th scope="col">{{ $column['name'] }}</th>@endforeach
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($card->rows as $row)
                                <tr>
                                    <th scope="row">{{ $row['base'] }}</th>
                                    @foreach ($row['cells'] as $cell)
                                        <td @class(['is-bulb' => $cell['bulb'] ?? false])>{{ $cell['label'] ?? '' }}</td>
                                    @endforeach
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
                <p class="hint">
                    Made {{ now()->setTimezone($place->timezone ?? 'UTC')->format('j M Y, H:i') }}{{ $place ? '' : ' UTC' }}. What has
                    changed in the kit since, it does not know.
                </p>
            </section>
        </main>
        <template id="field-shot">
            <div class="shoot" data-planned="" data-shoot="" data-leave="">
                <h1 class="is-sr-only">Run sheet</h1>
                @include('shoot.one', [
                    'where' => '', 'leaveBy' => null, 'figure' => '', 'under' => '', 'settings' => [], 'moment' => null, 'rhythm' => true,
                    'onTheBeat' => '', 'beat' => '', 'after' => '#shoot', 'errors' => null, 'carried' => true,
                ])
                <section class="shoot-more" data-before>
                    <div class="cautions"></div>
                    <h2>The whole sheet</h2>
                    <form class="sheet"><ol></ol></form>
                    @include('shoot.signals')
                </section>
            </div>
        </template>
        <script type="application/json" id="field-data">{{ $data }}</script>
        <script type="module">{!! $js !!}</script>
    </body>
</html>
