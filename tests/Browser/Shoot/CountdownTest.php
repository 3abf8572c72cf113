<?php

declare(strict_types=1);

/** A bulb frame of two to three seconds: a camera that times no further than half a second. */
function bulbFrame(object $person): void
{
    $person->visit('/kit/camera/1')->type('#f-longest_timed', '0.5')->click('.is-go')->seesIn('.said', 'is kept');
    $person->visit('/bench?kind=cascade&measure=speed&speed=4&look=silk&look_was=silk&target=2.5&distance=8')->click('.headline .is-go');
    $person->seesIn('[data-under]', 'bulb');
    $person->choose('[data-delay]', '0');
    $person->script('document.querySelectorAll(".sheet [type=checkbox]").forEach((box) => box.click())');
}

it('counts a bulb frame down, sounds, goes on past the end and records the true open time', function (): void {
    bulbFrame($this->onPhone());
    $this->click('[data-go]')->seesIn('[data-go]', 'Close now')->seesIn('[data-under]', 'left of');
    $this->seesIn('[data-under]', 'over time: close the shutter');
    usleep(400000);
    $this->click('[data-go]')->seesIn('h1', 'silk in the cascade');
    $open = (float) $this->value('#f-open');

    expect($open)->toBeGreaterThan(2.7)->toBeLessThan(12.0)
        ->and($this->script('return Object.keys(localStorage).length'))->toBe(0);
});

it('keeps true time when the page is loaded again while the shutter is open', function (): void {
    bulbFrame($this->onPhone());
    $started = microtime(true);
    $this->click('[data-go]')->seesIn('[data-go]', 'Close now');
    $this->browser->navigate()->refresh();
    $this->seesIn('[data-go]', 'Close now');
    usleep(900000);
    $this->click('[data-go]')->seesIn('h1', 'silk in the cascade');

    expect((float) $this->value('#f-open'))->toBeGreaterThan(0.9)->toBeLessThan(microtime(true) - $started);
});

it('does not drift from the wall clock when timers are held back, as in a sleeping tab', function (): void {
    bulbFrame($this->onPhone());
    $this->click('[data-go]')->seesIn('[data-go]', 'Close now');
    // Ten minutes pass for the clock while no timer ran: the next tick must say so.
    $this->script('const real = Date.now.bind(Date); Date.now = () => real() + 600000;');
    $this->seesIn('[data-figure]', '+9:5');
});

it('stops before it opens without keeping a frame', function (): void {
    bulbFrame($this->onPhone());
    $this->choose('[data-delay]', '10')->click('[data-go]')->seesIn('[data-under]', 'until it opens')->click('[data-go]');
    $this->seesIn('[data-go]', 'Open the shutter');
    $this->visit('/log')->seesIn('.planned', 'planned and not taken');
});

it('sends the same open time again when the first sending failed, however late', function (): void {
    bulbFrame($this->onPhone());
    $this->script('HTMLFormElement.prototype.submit = function () { window.sent = (window.sent ?? 0) + 1; }');
    $this->click('[data-go]')->seesIn('[data-go]', 'Close now')->seesIn('[data-under]', 'over time');
    $this->click('[data-go]')->seesIn('[data-go]', 'Send it again');
    $open = $this->value('[name="open_s"]');
    usleep(700000);
    $this->click('[data-go]');

    expect($this->script('return window.sent'))->toBe(2)->and($this->value('[name="open_s"]'))->toBe($open);
});
