<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;

beforeEach(fn () => $this->savesData());

it('times a float over three runs, drops one, and carries the mean to the bench', function (): void {
    $this->onPhone()->visit('/water/float')->find('[data-turns]');
    $this->script('window.clockMs = 1000; const from = Date.now(); Date.now = () => from + window.clockMs;');
    foreach ([4.0, 5.0, 20.0] as $seconds) {
        $this->click('[data-turns]')->seesIn('[data-turns]', 'Stop');
        $this->script('window.clockMs += 1000 * arguments[0]', $seconds);
        $this->click('[data-turns]')->seesIn('[data-turns]', 'Start');
    }
    $this->seesIn('[data-times]', '20.0 s')->click('[data-times] li:nth-child(3) button');
    expect($this->value('[name=presses]'))->toBe('4.000,5.000');

    // A moment passes on the page's own clock, or a press at the spot of the one before would be a trembling hand.
    $this->script('window.clockMs += 1000');
    $this->click('.is-go')->seesIn('.said', 'Float: 2.25 m/s kept');
    $this->inWindow(1280, 800);
    $this->click('.measured .is-new a[href*=measured]')->find('#f-speed');
    expect($this->value('#f-speed'))->toBe('2.25');
});

it('times the retreat of the swash, and keeps the frame within it', function (): void {
    $this->onPhone()->visit('/water/swash')->find('[data-turns]');
    $this->script('window.clockMs = 1000; const from = Date.now(); Date.now = () => from + window.clockMs;');
    foreach ([0, 4, 5, 4, 5, 4] as $seconds) {
        $this->script('window.clockMs += 1000 * arguments[0]', $seconds);
        $this->click('[data-turns]');
    }
    $this->seesIn('[data-times]', '6 presses')->click('.is-go')->seesIn('.said', 'Swash: 4.0 s kept');
    $this->inWindow(1280, 800);
    $this->click(
        '.measured .is-new a[href*=measured]',
    )->seesIn('h1', 'in the backwash')->seesIn('.rhythm', 'Open as the uprush turns')->seesIn('.stop-rule.is-wide', 'your limit: 4');
});

it('measures a fall by two angles, and says what is wrong at the field', function (): void {
    $this->visit('/water/drop')->choose('#f-by', 'angles');
    expect($this->find('#f-lip_deg')->isDisplayed())->toBeTrue()->and($this->find('#f-drop_m')->isDisplayed())->toBeFalse();
    $this->type('#f-distance_m', '20')->type('#f-lip_deg', '5')->type('#f-foot_deg', '9')->click('.is-go')->seesIn(
        '#f-lip_deg-problem', 'higher than its foot',
    );
    expect($this->value('#f-distance_m'))->toBe('20')->and($this->find('#f-lip_deg')->isDisplayed())->toBeTrue();
    $this->type('#f-lip_deg', '45')->type('#f-foot_deg', '0')->click('.is-go')->seesIn('.said', 'Height of a fall: 20.0 m kept');
});

it('adds another water to the picture, field by field, and takes it out again', function (): void {
    $this->visit('/bench')->click('.more:has(#f-also) summary')->choose('#f-also', 'foam');
    $this->seesIn('.stop-rule.is-wide', 'Also')->type('#f-also_speed', '0.3')->seesIn('.stop-rule.is-wide', '0.3 m/s');
    $this->choose('#f-also_look', 'held')->seesIn('.conflict', 'stops apart');
    $this->choose('#f-also', '');
    $this->eventually(
        fn (): ?bool => $this->script('return document.querySelector(".conflict") === null') === true ? true : null, 'The conflict stays.',
    );
    expect($this->text('.stop-rule.is-wide'))->not->toContain('Also');
});

it('walks through a ladder of looks, one frame after another, and judges them in the log', function (): void {
    $this->visit(
        '/bench?kind=cascade&measure=speed&speed=4&distance=8&look=silk&look_was=silk&target=&shutter=1%2F60',
    )->click('.is-lists summary')->click('#list-ladder')->seesIn('h1', 'Ladder of looks');
    $count = count($this->browser->findElements(WebDriverBy::cssSelector('.shot-list li')));
    expect($count)->toBeGreaterThanOrEqual(5);

    $this->onPhone()->click('.foot-line .is-go');
    foreach ([1, 2] as $place) {
        $this->seesIn('.shoot-where', "{$place} of {$count}");
        // What stays done from one frame to the next need not be ticked again.
        $this->eventually(fn () => $place === 1 || (int) substr($this->text('[data-step-count]'), 5) > 1 ? true : null,
            'Nothing is carried over.');
        $this->click('[data-step-all]')->click('[data-start="0"]')->seesIn('.verdict', 'How did it come out?');
        $this->click('.verdict .look:nth-of-type(2)')->click('.verdict .foot-line .button:not(.is-go)');
    }
    $this->seesIn('.shoot-where', "3 of {$count}");
    $this->visit('/log')->seesIn('.contact', 'right');
});

it('sets a taste by hand, sees the aim move, and forgets it', function (): void {
    $this->visit('/bench')->find('.stop-rule.is-wide .target');
    $before = (int) $this->find('.stop-rule.is-wide .target')->getAttribute('aria-valuenow');
    $this->visit('/water')->type('#f-taste-cascade', '1')->click(
        '.taste:has(#f-taste-cascade) button:not([name])',
    )->seesIn('.said', 'taste for cascade is kept');
    $this->visit('/bench')->seesIn('.kept', 'taste');
    expect((int) $this->find('.stop-rule.is-wide .target')->getAttribute('aria-valuenow'))->toBeGreaterThan($before + 1);
    $this->visit('/water')->click('.taste:has(#f-taste-cascade) [name=forget]')->seesIn('.said', 'forgotten');
    $this->visit('/water')->type('#f-taste-cascade', 'lots')->click(
        '.taste:has(#f-taste-cascade) button:not([name])',
    )->seesIn('.problem', 'must be a number');
});

it('brings a kit file in, and says what is wrong with one that is none', function (): void {
    $path = sys_get_temp_dir().'/gentle-pour-kit-'.getmypid().'.json';
    file_put_contents(
        $path,
        '{"format": "gentle-pour-kit-1", "cameras": [], "lenses": [], "filters": [{"name": "From afar", "kind": "nd", "mount": "slot", "stops": 99}]}',
    );
    $this->visit('/kit')->find('#f-kit')->sendKeys($path);
    $this->click('form[action$="/file"] button')->seesIn('#f-kit-problem', '/filters/0/stops');

    file_put_contents(
        $path,
        '{"format": "gentle-pour-kit-1", "cameras": [], "lenses": [], "filters": [{"name": "From afar", "kind": "nd", "mount": "slot", "stops": 8}]}',
    );
    $this->find('#f-kit')->sendKeys($path);
    $this->click('form[action$="/file"] button')->seesIn('.said', 'One piece of kit is in')->seesIn('.kit-list', 'From afar');
    unlink($path);
});

it('draws the same water at every time: what is long exposed is the mean of what is short', function (): void {
    $this->visit('/compare')->find('canvas');
    $alike = $this->browser->executeAsyncScript(<<<'JS'
        const done = arguments[arguments.length - 1];
        const { Scene } = await import(document.querySelector('script[src*=compare]').src);
        const recipe = await (await fetch('/scene?kind=swell&period=8&distance=12', { headers: { Accept: 'application/json' } })).json();
        const one = new Scene(recipe, 300), other = new Scene(recipe, 300);
        const grey = (scene, seconds) => { const d = scene.pixels(seconds, false).data; return scene.wet.map((i) => d[4 * i]); };
        const correlation = (a, b) => {
            const mean = (list) => list.reduce((sum, v) => sum + v, 0) / list.length;
            const [ma, mb] = [mean(a), mean(b)];
            let ab = 0, aa = 0, bb = 0;
            for (let i = 0; i < a.length; i += 1) { ab += (a[i] - ma) * (b[i] - mb); aa += (a[i] - ma) ** 2; bb += (b[i] - mb) ** 2; }
            return ab / Math.sqrt(aa * bb);
        };
        done([correlation(grey(one, 0.5), grey(other, 0.5)), correlation(grey(one, 0.001), grey(one, 0.25)), correlation(grey(one, 0.001), grey(one, 8))]);
        JS);

    expect($alike[0])->toBeGreaterThan(0.999);
    expect($alike[1])->toBeGreaterThan(0.9);
    expect($alike[2])->toBeLessThan($alike[1]);
});
