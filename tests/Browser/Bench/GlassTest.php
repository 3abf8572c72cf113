<?php

declare(strict_types=1);

// The quickest path: what the meter says, the glass, and the countdown.

beforeEach(fn () => $this->savesData());

it('goes from a reading and a glass to the countdown in five presses and entries, the ticks of the run sheet apart', function (bool $phone): void {
    $phone && $this->onPhone();
    $this->visit('/bench');
    $entries = 0;
    foreach (['#f-shutter' => '1/125', '#f-aperture' => 'f/16'] as $field => $value) {
        $this->type($field, $value);
        $entries++;
    }
    // Six stops on 1/125 f/16.
    $this->seesIn('.strip', '1/2 Six');
    $this->click('.glass-mark [value="Six"]')->seesIn('.headline .figure', '1/2')->seesIn('.settings', 'f/16');
    $this->click('#shoot-this');
    $entries += 2;
    $this->seesIn('[data-under]', 'brushed');
    expect(json_decode((string) $this->find('[data-shoot]')->getAttribute('data-shoot'), true)['planned_s'])->toBeAbout(0.5, 1e-6);
    $this->click('[data-start="10"]')->seesIn('[data-under]', 'until it opens');
    expect(++$entries)->toBeLessThanOrEqual(5);
})->with(['at a desk' => [false], 'on a phone' => [true]]);

it('lets what was touched last lead, also before the answer to the press before', function (): void {
    $this->visit('/bench')->slowedBy(700);
    $this->script('document.querySelector(".glass-mark [value=Ten]").click(); document.querySelector(".look input[value=brushed]").click()');
    $this->seesIn('h1', 'Brushed')->slowedBy(0);
    expect($this->script('return document.querySelector(".glass-mark :checked").value'))->toBe('');

    $this->script('document.querySelector(".glass-mark [value=Ten]").click()');
    $this->seesIn('h1', 'Mist')->type('#f-target', '1/4')->seesIn('h1', 'Brushed');
    expect($this->script('return document.querySelector(".glass-mark :checked").value'))->toBe('');
});

it('holds a figure of the headline by a press, and lets it go by another', function (): void {
    $this->visit('/bench');
    $aperture = $this->script('return document.querySelectorAll(".figure")[1].textContent.trim()');
    $this->click('.figure:nth-of-type(2) .hold')->seesIn('.figure:nth-of-type(2)', $aperture);
    $this->eventually(fn () => $this->script('return document.querySelector(".figure:nth-of-type(2) .hold").ariaPressed') === 'true' ? true
        : null, 'It is not held.');
    expect($this->value('#f-pin_aperture'))->toBe($aperture);
    // Two stops brighter: another stack or another ISO, never another aperture.
    $this->type('#f-shutter', '1/250')->seesIn('.figure:nth-of-type(2)', $aperture);
    $this->click('.figure:nth-of-type(2) .hold');
    $this->eventually(fn () => $this->value('#f-pin_aperture') === '' ? true : null, 'It is not let go.');
});

it('brings the glass that leads into view on a phone', function (): void {
    $this->onPhone()->visit('/bench?look=silk&look_was=silk&glass=Ten');
    $this->eventually(fn () => $this->script(
        'const box = document.querySelector(".glass-mark :checked").closest("label").getBoundingClientRect(); return box.left >= 0 && box.right <= innerWidth',
    ) === true ? true : null, 'The glass is out of view.');
    expect($this->script('return document.documentElement.scrollWidth <= innerWidth'))->toBeTrue();
});

it('goes from a frame in the log to the running countdown of the same again in two presses and one load', function (): void {
    $this->onPhone()->visit('/log/5');
    $this->click('form[action$="/again"] button')->seesIn('[data-step-count]', 'step ');
    $this->click('[data-start="2"]')->seesIn('[data-under]', 'until it opens');
});

it('keeps a press on the strip through a gap in the network, and says that there is no answer', function (): void {
    $this->visit('/bench')->expectOnConsole('ERR_INTERNET_DISCONNECTED')->expectOnConsole('htmx:')->offline();
    $this->click('.glass-mark [value="Ten"]')->seesIn('#bench-said', 'No answer');
    $this->offline(false)->seesIn('h1', 'Mist');
    expect($this->script('return document.querySelector(".glass-mark :checked").value'))->toBe('Ten');
});
