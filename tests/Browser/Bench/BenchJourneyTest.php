<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;

beforeEach(fn () => $this->savesData());

it('takes a person from the look to a frame in the log and on to the next', function (): void {
    $this->visit('/bench')->seesIn('h1', 'Silk in the cascade');

    // What moves: a fall of eleven metres, seen from twenty.
    $this->choose('#f-kind', 'plunge')->seesIn('h1', 'plunging fall');
    $this->choose('#f-measure', 'drop')->find('#f-drop');
    $this->expectOnConsole('422');
    $this->type('#f-drop', '11')->type('#f-distance', '20');
    // The look, then the reading.
    $this->click('.looks label:nth-of-type(3)')->seesIn('h1', 'Brushed in the plunging fall');
    $this->type('#f-shutter', '1/30')->seesIn('.stop-rule.is-wide .reading', 'reading 1/30');
    $this->seesIn('.ways', 'why this way');
    $shutter = $this->text('.settings .figure');
    $this->click('.headline .is-go');

    // In the field: steps, a warning for one left out, the countdown.
    $this->onPhone()->seesIn('.shoot-figure', $shutter);
    $this->seesIn('[data-step-now]', 'Compose and level')->seesIn('[data-steps-else]', 'Left out, the frame may be off');
    $this->click('[data-step-done]')->seesIn('[data-step-now]', 'Wipe the glass')->click('[data-step-back]')
        ->seesIn('[data-step-now]', 'Compose');
    $this->click('[data-step-all]')->seesIn('[data-step-now]', 'Ready')->click('[data-start="0"]');

    // The log, the verdict, and the next frame from it.
    $this->seesIn('h1', 'brushed in the plunging fall')->seesIn('.facts', '1/30, f/11, ISO 100');
    $this->script('document.querySelector("[name=blur][value=too_crisp]").click()');
    $this->choose('#f-exposure_thirds', '1')->type('#f-note', 'One more stop of blur.')->click('[name="next"]');
    $this->seesIn('#bench-inputs', 'From frame')->seesIn('h1', 'in the plunging fall');
    expect($this->value('#f-correction'))->not->toBe('0')->and($this->value('#f-target'))->not->toBe('');
    $this->visit('/log')->seesIn('.tile:first-child', 'brushed, too crisp');
});

it('lets the target be dragged, typed and stepped', function (): void {
    // An address that says the look is a whole bench, whatever stood on it before.
    $this->visit('/bench?kind=cascade&measure=speed&speed=4&distance=8&focal=24&look=silk&look_was=silk&target=');
    $before = $this->find('.stop-rule.is-wide .target')->getAttribute('aria-valuetext');
    $this->settled($this->find('.stop-rule.is-wide .target'));
    $drag = (new Facebook\WebDriver\Interactions\WebDriverActions($this->browser));
    $drag->clickAndHold($this->find('.stop-rule.is-wide .target'))->moveByOffset(97, 0)->release()->perform();
    $this->seesIn('h1', 'Mist in the cascade');
    expect($this->find('.stop-rule.is-wide .target')->getAttribute('aria-valuetext'))->not->toBe($before);

    $this->type('#f-target', '1/4')->seesIn('h1', 'Brushed in the cascade');
    $this->script('document.querySelector(".stop-rule.is-wide .target").focus()');
    $this->press(WebDriverKeys::ARROW_RIGHT);
    $this->eventually(fn () => $this->value('#f-target') === '0.3 s' ? true : null, 'One key is one third of a stop: 1/4 to 0.3 s.');
    $this->type('#f-target', '2m30s')->seesIn('h1', 'Glass in the cascade');
    expect($this->find('.stop-rule.is-wide .target')->getAttribute('aria-valuetext'))->toBe('2:30, glass');
});

it('keeps the focus where the person works, through every answer', function (): void {
    $this->visit('/bench');
    $field = $this->find('#f-shutter');
    $field->click();
    $this->press(WebDriverKeys::ARROW_UP);
    $this->seesIn('.stop-rule.is-wide .reading', 'reading 1/50');
    expect($this->script('return document.activeElement.id'))->toBe('f-shutter');
    $this->press(WebDriverKeys::ARROW_UP);
    $this->seesIn('.stop-rule.is-wide .reading', 'reading 1/40');
    expect($this->script('return location.search'))->toContain('shutter=1%2F40');
});

it('steps dials with the buttons and from between two names', function (): void {
    $this->visit('/bench')->click('[data-step="1"][data-for="f-aperture"]')->seesIn('.stop-rule.is-wide .reading', 'f/13');
    $this->type('#f-shutter', '1/70')->seesIn('.stop-rule.is-wide .reading', 'reading 1/70');
    $this->click('[data-step="1"][data-for="f-shutter"]')->seesIn('.stop-rule.is-wide .reading', 'reading 1/60');
});

it('hears a swell from presses with the crests', function (): void {
    $this->visit('/bench?kind=swell&period=12&look=silk&look_was=silk&target=');
    // Five crests 0.5 s apart, by the browser's own clock run faster than the wall's.
    $this->script(
        'const from = Date.now(); let n = 0; document.querySelector("[data-crests]").addEventListener("click", () => { n += 1; }, true); Date.now = () => from + 7300 * n;',
    );
    foreach (range(1, 6) as $press) {
        $this->click('[data-crests]');
        $this->seesIn('#crests-heard', $press === 1 ? 'First crest' : "{$press} presses");
    }
    $this->eventually(fn () => $this->value('#f-period') === '7.7' ? true : null, 'The peak period of the median goes into the period.');
    $this->seesIn('.kept', 'waves');
});

it('shows a message at the field, loses nothing and keeps the last answer', function (): void {
    $this->visit('/bench')->expectOnConsole('422');
    $headline = $this->text('.headline');
    $this->type('#f-distance', '17.5')->seesIn('.headline', 'ISO');
    $this->type('#f-shutter', 'soon')->seesIn('#f-shutter-problem', '“soon” is not a shutter time');
    expect($this->value('#f-shutter'))->toBe('soon')
        ->and($this->value('#f-distance'))->toBe('17.5')
        ->and($this->text('.headline'))->not->toBe('')
        ->and($this->find('#f-shutter')->getAttribute('aria-invalid'))->toBe('true');
    $this->type('#f-shutter', '1/60');
    $this->eventually(
        fn () => $this->script('return document.querySelector("#f-shutter-problem") === null') ? true : null,
        'The message goes when it is mended.',
    );
    expect($headline)->toContain('ISO');
});

it('lets no late answer write over what is being typed, nor lose what was typed since it was asked', function (): void {
    $this->visit('/bench')->expectOnConsole('422');
    // The first answer takes a second and a half, as over a slow network; the rest are quick.
    $this->script(
        'const open = XMLHttpRequest.prototype.send; let first = true; XMLHttpRequest.prototype.send = function (body) {'
        .' if (first) { first = false; this.onload = ((after) => (...a) => setTimeout(() => after.apply(this, a), 1500))(this.onload); }'
        .' open.call(this, body); };',
    );
    $this->type('#f-distance', '17.5');
    usleep(300_000);
    $this->find('#f-shutter')->sendKeys([WebDriverKeys::CONTROL, 'a']);
    $this->find('#f-shutter')->sendKeys('so');
    usleep(1_900_000);
    expect($this->value('#f-shutter'))->toBe('so');
    $this->find('#f-shutter')->sendKeys('on');
    $this->find('#f-shutter')->sendKeys(WebDriverKeys::TAB);
    $this->seesIn('#f-shutter-problem', '“soon” is not a shutter time');
    expect($this->value('#f-distance'))->toBe('17.5')->and($this->value('#f-shutter'))->toBe('soon');
});

it('keeps a field and a press that changed while a late answer was on its way, and asks again', function (): void {
    $this->visit('/bench');
    // An answer is held back until the page has been changed behind it, without a change being announced.
    $this->script(
        'document.addEventListener("htmx:beforeSwap", () => { const f = document.getElementById("bench");'
        .' f.elements["f-aperture"].value = "f/8"; f.querySelector("[name=look][value=mist]").checked = true; f.querySelector("[name=\'on[]\']").checked = true; },'
        .' {once: true, capture: true});',
    );
    $this->type('#f-distance', '17.5')->seesIn('h1', 'Mist in the')->seesIn('.stop-rule.is-wide .reading', 'f/8');
    expect($this->value('#f-aperture'))->toBe('f/8')->and($this->value('#f-distance'))->toBe('17.5')
        ->and($this->script('return document.querySelector("[name=\'on[]\']").checked'))->toBeTrue();
});

it('says what is missing when nothing fits, and aims where it is told', function (): void {
    $this->visit(
        '/bench?shutter=30&aperture=f%2F4&iso=1600&look=held&look_was=held&speed=9&kind=rapid&measure=speed&target=',
    )->seesIn('.ways', 'nothing fits');
    $this->click('[data-aim]')->seesIn('.settings', 'f/');
});
