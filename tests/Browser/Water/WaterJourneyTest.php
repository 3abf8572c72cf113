<?php

declare(strict_types=1);

/** Time that goes only when told to, for pages that are open. */
const STOPPED_CLOCK = 'window.clockMs = 5000; const from = Date.now(); Date.now = () => from + window.clockMs;';

it('taps a rhythm, drops a slip of the thumb, carries it to the bench, and sees window and picture move', function (): void {
    $this->visit('/bench?kind=swell&period=4&distance=12&look=silk&look_was=silk&target=')->seesIn('h1', 'Silk in the sea swell');
    $this->eventually(
        fn (): ?bool => is_string($this->script('return document.querySelector(".preview canvas").dataset.drawn')) ? true : null,
        'The picture is not drawn.',
    );
    $before = [
        $this->text('.stop-rule.is-wide .window text'), $this->script('return document.querySelector(".preview canvas").dataset.drawn'),
    ];

    $this->onPhone()->visit('/water')->click('.tools a')->find('[data-pad]');
    $this->script(STOPPED_CLOCK);
    $tap = function (float $seconds): void {
        $this->script(
            'window.clockMs += 1000 * arguments[0]; document.body.dispatchEvent(new KeyboardEvent("keydown", {code: "Space", bubbles: true}));',
            $seconds,
        );
    };
    foreach ([0, 9, 9.2, 8.8, 0.9, 8.3, 9, 18, 9] as $seconds) {
        $tap($seconds);
    }
    $this->seesIn('.heard-box', '9 presses')->seesIn('.heard-box', 'pressed twice?')->seesIn('.heard-box', 'a crest was missed?');
    $this->click('[data-drop]')->seesIn('.heard-box', '8 presses')->click('[data-leave-out]');
    $this->eventually(
        fn (): ?bool => $this->script('return document.querySelector(".slip") === null') === true ? true : null, 'The slips stay.',
    );
    $this->seesIn('.heard-box', '9.0 s');
    $this->click('.is-go')->seesIn('.said', 'Crests: 9.0 s kept');
    $this->inWindow(1280, 800);
    $this->click('.measured .is-new a[href*=measured]')->seesIn('h1', 'Silk in the sea swell');
    expect($this->value('#f-period'))->toBe('9.5') /* the peak, 1.05 of it */
        ->and($this->text('.stop-rule.is-wide .window text'))->not->toBe($before[0]);
    $this->eventually(
        fn (): ?bool => ! in_array(
            $this->script('return document.querySelector(".preview canvas").dataset.drawn'), [null, $before[1]], true,
        ) ? true : null,
        'The picture did not move.',
    );

    $this->click('.headline .is-go')->seesIn('[data-next-beat]', 'next in');
});

it('times a cloud across a third of the frame, sees the conflict, and shoots it as two frames', function (): void {
    $this->visit('/water/clouds')->find('[data-turns]');
    $this->script(STOPPED_CLOCK);
    $this->click('[data-turns]')->seesIn('[data-turns]', 'Stop');
    $this->script('window.clockMs += 74000');
    $this->click('[data-turns]');
    expect($this->value('#f-seconds'))->toBe('74.0');
    $this->click('.is-go')->seesIn('.said', 'Clouds: 74 s kept')->click(
        '.measured .is-new a[href*=measured]',
    )->seesIn('.stop-rule.is-wide', 'Sky');

    $this->choose('#f-cloud_look', 'streaked')->seesIn('.conflict', 'stops apart')->seesIn('.conflict', 'Blend 2 frames');
    $this->click('.conflict #list-blend')->seesIn('h1', 'Frames to blend')->seesIn('.shot-list', 'clouds streaked');
    $this->click('.foot-line .is-go')->seesIn('.shoot-where', '1 of 2');
});

it('reads a buoy file, lists the bad lines, and takes the row nearest in time', function (): void {
    $path = sys_get_temp_dir().'/gentle-pour-buoy-'.getmypid().'.txt';
    file_put_contents(
        $path,
        "#YY MM DD hh mm WVHT DPD WSPD\n#yr mo dy hr mn m sec m/s\n2026 11 26 06 50 1.4 9 7\n2026 11 26 07 50 1.6 10 6\nspray on the sensor\n",
    );
    $this->visit('/water/buoy?at=2026-11-26+08:00')->find('#f-files')->sendKeys($path);
    $this->click('.is-go')->seesIn('.bad-lines', 'line 5')->seesIn('.bad-lines', 'spray on the sensor')->seesIn('.running', '10.0 s');
    unlink($path);
    $this->click('.is-go')->seesIn('.said', 'kept')->click('.measured .is-new a[href*=measured]')->seesIn('h1', 'in the sea swell');
    expect($this->value('#f-period'))->toBe('10')->and($this->value('#f-wind'))->toBe('6');
});

it('draws water whose contrast, read back from the pixels, is the core’s within 15 %, over the looks', function (string $water): void {
    $this->savesData()->visit('/compare')->find('canvas');
    $found = $this->browser->executeAsyncScript(<<<'JS'
        const done = arguments[arguments.length - 1];
        const { LayeredScene } = await import(document.querySelector('canvas').dataset.drawer);
        const recipe = await (await fetch(arguments[0], { headers: { Accept: 'application/json' } })).json();
        const scene = await LayeredScene.of(recipe);
        // What moves is what differs from the steady part.
        const { layered } = scene;
        const steady = layered.pixels(0, false, 0);
        const contrast = (place) => {
            const data = layered.pixels(place, false);
            const at = (of, i) => 0.2126 * of[4 * i] + 0.7152 * of[4 * i + 1] + 0.0722 * of[4 * i + 2];
            let sum = 0, square = 0;
            for (const i of layered.wet) {
                const grey = at(data, i) - at(steady, i);
                sum += grey; square += grey * grey;
            }
            const mean = sum / layered.wet.length;
            return Math.sqrt(square / layered.wet.length - mean * mean);
        };
        const held = contrast(0);
        // Every second place of the rule, as far as there is something to see.
        const places = [...recipe.times.keys()].filter((place) => place % 2 === 0 && recipe.kept[place] > 0.03);
        done(places.map((place) => ({ seconds: recipe.times[place], kept: recipe.kept[place], drawn: contrast(place) / held })));
        JS, [$water]);

    expect(count($found))->toBeGreaterThan(12);
    $last = 2.0;
    foreach ($found as $row) {
        // Held is the reference and keeps all of it; what is drawn goes as the core says.
        expect($row['drawn'] / ($row['kept'] / $found[0]['kept']))->toBeGreaterThan(0.85)->toBeLessThan(1.15);
        expect($row['drawn'])->toBeLessThan($last + 0.02);
        $last = $row['drawn'];
    }
    expect(end($found)['kept'])->toBeLessThan(0.07);
})->with([
    'swell' => '/scene?kind=swell&period=8&distance=12',
    'swell far off' => '/scene?kind=swell&period=11&distance=140&lens=3&focal=70',
    'ripples' => '/scene?kind=lake&period=1.5&distance=20',
    'surf' => '/scene?kind=surf&period=8&height=1.2&distance=12',
    'cascade' => '/scene?kind=cascade&measure=speed&speed=4&distance=8',
    'weir' => '/scene?kind=weir&measure=speed&speed=4&distance=14',
    'rapid' => '/scene?kind=rapid&measure=speed&speed=2.5&distance=8',
    'plunging fall' => '/scene?kind=plunge&measure=drop&drop=11&distance=25',
    'backwash' => '/scene?kind=backwash&measure=speed&speed=1.6&distance=5',
]);

it('draws each time on its own: the same water sharper and softer, with a wipe between them', function (): void {
    $this->visit('/compare?t[]=1/10&t[]=2')->find('canvas[data-drawn]');
    // From pixel to pixel down the fall: what is left of the drops, whatever stands still across it.
    $spread = fn (): mixed => $this->script(
        'return [...document.querySelectorAll("canvas[data-scene]")].map((c) => { const d = c.getContext("2d").getImageData(300, 60, 100, 200).data; let s = 0; for (let i = 0; i < d.length - 400; i += 4) s += Math.abs(d[i] - d[i + 400]); return s; })',
    );
    $this->eventually(
        fn (): ?bool => $this->script('return document.querySelectorAll("canvas[data-drawn]").length') === 2 ? true : null,
        'Not both are drawn.',
    );
    [$sharp, $soft] = $spread();
    expect($sharp)->toBeGreaterThan($soft * 1.1);

    $this->click('[name=as]')->click('.light-form .button')->find('.is-wipe canvas[data-drawn]');
    $this->script('const at = document.getElementById("wipe-at"); at.value = 20; at.dispatchEvent(new Event("input", {bubbles: true}))');
    expect($this->script('return document.querySelector(".is-wipe canvas").dataset.drawn'))->toMatch('/^0\.09\d*,2$/');
});

it('follows the target while it is dragged, before the server has answered', function (): void {
    $this->visit('/bench')->find('.preview canvas[data-drawn]');
    $this->script(
        'document.querySelector(".stop-rule.is-wide .target").dispatchEvent(new KeyboardEvent("keydown", {key: "End", bubbles: true}))',
    );
    expect((float) $this->script('return document.querySelector(".preview canvas").dataset.seconds'))->toBeGreaterThan(1000.0);
    $this->seesIn('h1', 'Glass');
});
