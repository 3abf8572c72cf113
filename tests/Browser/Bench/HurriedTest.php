<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;

// What the screen says is what is shot: a person who types and presses at once, over a slow network, on a slow phone.

/** Types over what stands in a field and stays in it. */
function typeInto(object $test, string $selector, string $text): void
{
    $field = $test->find($selector);
    $test->script('arguments[0].scrollIntoView({block: "center"})', $field);
    $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
    $field->sendKeys($text);
}

/** Presses a button as a hurried person does: wherever it is by now, at once. */
function pressAtOnce(object $test, string $selector): void
{
    $test->script('document.querySelector(arguments[0]).scrollIntoView({block: "center"}); document.querySelector(arguments[0]).click()',
        $selector);
}

it('shoots what was just typed, in three fields, however late the answers come', function (int $latencyMs, int $processor, bool $phone): void {
    $phone && $this->onPhone();
    $this->visit('/bench?shutter=1%2F60')->slowedBy($latencyMs, $processor);
    typeInto($this, '#f-shutter', '1/500');
    typeInto($this, '#f-aperture', 'f/8');
    typeInto($this, '#f-target', '1/2');
    pressAtOnce($this, '#shoot-this');
    $this->eventually(fn () => str_contains($this->browser->getCurrentURL(), '/shoot/') ? true : null, 'The run sheet does not come.');
    $planned = (float) $this->slowedBy(0)->find('[data-planned]')->getAttribute('data-planned');
    expect(abs(log($planned / 0.5, 2)))->toBeLessThan(0.34);
    $this->visit('/log/'.basename($this->browser->getCurrentURL()))->seesIn('.facts', '1/500, f/8');
})->with([
    'at once' => [0, 1, false], 'a third of a second late' => [300, 1, false], 'a second late' => [1000, 1, false],
    'on a phone' => [0, 1, true], 'on a slow phone, late' => [300, 4, true], 'on a slow phone, a second late' => [1000, 4, true],
]);

it('drops an answer that a later question overtook, also one that was asked while the page still settled', function (): void {
    $this->visit('/bench?shutter=1%2F60')->slowedBy(700);
    $this->script(<<<'JS'
        window.swaps = [];
        const say = (id, value) => {
            document.getElementById(id).value = value;
            document.getElementById(id).dispatchEvent(new Event('input', { bubbles: true }));
            document.getElementById('bench-asks').dispatchEvent(new Event('ask'));
        };
        document.addEventListener('htmx:afterSwap', () => {
            swaps.push(document.querySelector('.settings').textContent);
            if (swaps.length === 1) {
                say('f-target', '4');
                setTimeout(() => say('f-target', '1/2'), 300);
            }
        });
        say('f-shutter', '1/250');
        JS);
    $this->eventually(fn () => $this->script('return swaps.length > 1 && document.getElementById("bench").dataset.state === "fresh"')
        ? true : null, 'It is never worked out.');
    expect($this->script('return swaps.length'))->toBe(2)
        ->and($this->text('.settings'))->toMatch('~^(1/2|0\.6 s)~') /* of the last, to a third of a stop */;
});

it('shoots the look that was just pressed, a second before its answer', function (): void {
    $this->visit('/bench')->seesIn('h1', 'Silk in the')->slowedBy(1000);
    $this->click('.looks label:nth-of-type(5)');
    usleep(250_000);
    pressAtOnce($this, '#shoot-this');
    $this->seesIn('#bench-said', 'Working it out for what the fields say now');
    $this->eventually(fn () => str_contains($this->browser->getCurrentURL(), '/shoot/') ? true : null, 'The run sheet does not come.');
    $this->slowedBy(0)->seesIn('[data-under]', 'mist');
});

it('asks once more for a press whose answer a slow network swallowed, and then shoots', function (): void {
    $this->visit('/bench?shutter=1%2F60')->slowedBy(60_000)->expectOnConsole('htmx:');
    // A question is given up after eight seconds: here the first one sooner, and the second time there is a network again.
    $this->script(
        'const asks = document.getElementById("bench-asks"); const own = asks.getAttribute("hx-request"); asks.setAttribute("hx-request", JSON.stringify({ timeout: 600 }));'
        .' document.addEventListener("htmx:timeout", () => asks.setAttribute("hx-request", own), { capture: true, once: true })',
    );
    typeInto($this, '#f-shutter', '1/500');
    pressAtOnce($this, '#shoot-this');
    $this->seesIn('#bench-said', 'No answer yet: asked once more')->slowedBy(0);
    $this->eventually(fn () => str_contains($this->browser->getCurrentURL(), '/shoot/') ? true : null, 'The run sheet does not come.');
    $this->visit('/log/'.basename($this->browser->getCurrentURL()))->seesIn('.facts', '1/500');
});

it('makes a list of what the fields say now', function (): void {
    $this->visit('/bench')->slowedBy(300);
    $this->click('.is-lists summary');
    typeInto($this, '#f-shutter', '1/250');
    pressAtOnce($this, '#list-ladder');
    $this->eventually(fn () => str_contains($this->browser->getCurrentURL(), '/lists/') ? true : null, 'The list does not come.');
    $this->slowedBy(0)->click('.shot-list li:first-child a');
    $this->slowedBy(0)->visit('/log/'.basename($this->browser->getCurrentURL()))->seesIn('.facts', '1/250');
});

it('keeps every letter that is typed while answers come late, on a slow phone', function (): void {
    $this->onPhone()->visit('/bench')->slowedBy(300, 4);
    $field = $this->find('#f-distance');
    $this->script('arguments[0].scrollIntoView({block: "center"})', $field);
    $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
    foreach (str_split('125') as $digit) {
        $field->sendKeys($digit);
        usleep(320_000);
    }
    usleep(1_500_000);
    expect($this->value('#f-distance'))->toBe('125')->and($this->script('return document.activeElement.id'))->toBe('f-distance');
    $this->eventually(fn () => $this->script('return document.getElementById("bench").dataset.state') === 'fresh' ? true : null,
        'It is never worked out.');
    expect($this->script('return new URLSearchParams(location.search).get("distance")'))->toBe('125');
});

it('works out while typing, dims what is shown meanwhile, and answers Enter in place', function (): void {
    $this->visit('/bench')->slowedBy(700);
    $this->script('window.stayed = true');
    typeInto($this, '#f-shutter', '1/250');
    $this->eventually(fn () => $this->script('return document.getElementById("bench").dataset.state') === 'asking' ? true : null,
        'It does not say that it waits.');
    expect((float) $this->script('return getComputedStyle(document.querySelector(".settings")).opacity'))->toBeLessThan(0.7);
    $this->seesIn('.stop-rule.is-wide .reading', 'reading 1/250');
    expect((float) $this->script('return getComputedStyle(document.querySelector(".settings")).opacity'))->toBe(1.0)
        ->and($this->script('return document.activeElement.id'))->toBe('f-shutter');
    $scrolled = $this->script('return scrollY');
    $this->find('#f-shutter')->sendKeys([WebDriverKeys::CONTROL, 'a']);
    $this->find('#f-shutter')->sendKeys(['1/30', WebDriverKeys::ENTER]);
    $this->seesIn('.stop-rule.is-wide .reading', 'reading 1/30');
    expect($this->script('return window.stayed'))->toBeTrue()->and($this->script('return scrollY'))->toBe($scrolled);
});

it('keeps opened sections open through every answer, and opens what hides a mistake', function (): void {
    $this->visit('/bench')->expectOnConsole('422');
    $this->script('document.querySelectorAll("#bench details").forEach((d) => { d.open = true; })');
    $open = $this->script('return document.querySelectorAll("#bench details[open]").length');
    $this->type('#f-shutter', '1/125')->seesIn('.stop-rule.is-wide .reading', 'reading 1/125');
    expect($this->script('return document.querySelectorAll("#bench details[open]").length'))->toBe($open);
    typeInto($this, '#f-sharp_near', 'far');
    $this->script('document.querySelectorAll("#bench details").forEach((d) => { d.open = false; })');
    $this->seesIn('#f-sharp_near-problem', 'number');
    expect($this->script('return document.querySelector("#f-sharp_near").closest("details").open'))->toBeTrue();
});

it('strikes out what could not be worked out, and shoots nothing of it', function (): void {
    $this->visit('/bench')->expectOnConsole('422');
    typeInto($this, '#f-shutter', 'soon');
    pressAtOnce($this, '#shoot-this');
    $this->seesIn('#bench-said', 'Nothing was done: mend what is marked first.');
    expect($this->script('return getComputedStyle(document.querySelector(".headline .figure")).textDecorationLine'))->toBe('line-through')
        ->and($this->script('return document.activeElement.id'))->toBe('f-shutter')
        ->and($this->browser->getCurrentURL())->toContain('/bench');
    // Pressed again, it says so again; mended, it is shot.
    typeInto($this, '#f-shutter', '1/60');
    $this->eventually(fn () => $this->script('return document.getElementById("bench").dataset.state') === 'fresh' ? true : null,
        'It is never mended.');
    expect($this->script('return getComputedStyle(document.querySelector(".headline .figure")).textDecorationLine'))->toBe('none');
});

/**
 * The best of three tries: a busy machine may be late for reasons of its own.
 *
 * @param  callable(): float  $try
 */
function quickestOf(callable $try, float $enoughS): float
{
    $best = INF;
    for ($i = 0; $i < 3 && $best > $enoughS; $i++) {
        $best = min($best, $try());
    }

    return $best;
}

it('says within two seconds that there is no answer, keeps what was typed, and says when it works again', function (): void {
    $this->expectOnConsole('ERR_INTERNET_DISCONNECTED')->expectOnConsole('htmx:');
    expect(quickestOf(function (): float {
        $this->offline(false)->visit('/bench')->offline();
        $from = microtime(true);
        typeInto($this, '#f-shutter', '1/500');
        $this->seesIn('#bench-said', 'the server is out of reach');

        return microtime(true) - $from;
    }, 2.0))->toBeLessThan(2.0)
        ->and($this->value('#f-shutter'))->toBe('1/500')
        ->and($this->script('return getComputedStyle(document.querySelector(".headline .figure")).textDecorationLine'))
        ->toBe('line-through');
    pressAtOnce($this, '#shoot-this');
    $this->seesIn('#bench-said', 'Nothing was done: the server does not answer');
    $this->offline(false);
    $this->seesIn('#bench-said', 'It works again.')->seesIn('.stop-rule.is-wide .reading', 'reading 1/500');
});

it('says within two seconds that an answer is late', function (): void {
    // A quarter of a second of it waits for the typing.
    expect(quickestOf(function (): float {
        $this->slowedBy(0)->visit('/bench')->slowedBy(4000);
        $from = microtime(true);
        typeInto($this, '#f-shutter', '1/500');
        $this->seesIn('#bench-said', 'No answer yet');

        return microtime(true) - $from;
    }, 2.4))->toBeLessThan(2.4);
    // The answer is put in first, the word about it taken away after.
    $this->seesIn('.stop-rule.is-wide .reading', 'reading 1/500');
    $this->eventually(fn () => $this->text('#bench-said') === '' ? true : null, 'It says still that there is no answer.');
});

it('does nothing at a second press within a moment: one frame, one deletion, one run', function (): void {
    $this->visit('/bench')->doubleClick('#shoot-this');
    $this->eventually(fn () => str_contains($this->browser->getCurrentURL(), '/shoot/') ? true : null, 'The run sheet does not come.');
    $frame = (int) basename($this->browser->getCurrentURL());
    $this->visit('/shoot');
    expect((int) basename($this->browser->getCurrentURL()))->toBe($frame);
    // A tap that trembles opens the shutter and does not close it.
    $this->doubleClick('[data-start="0"]');
    usleep(200_000);
    expect($this->text('[data-close-words]'))->toBeIn(['Close now', 'Stopped early']);
});

it('asks at most four times a second while the target is dragged, and always for the last place', function (): void {
    $this->visit('/bench');
    $this->script(
        // The moment that the page itself took for the sending: one taken after it says how busy the machine is.
        'window.sent = []; const now = performance.now.bind(performance); let taken; performance.now = () => (taken = now());'
        .' document.addEventListener("htmx:beforeSend", () => window.sent.push(taken));'
        .' const svg = document.querySelector(".stop-rule.is-wide"); const box = svg.getBoundingClientRect(); const target = svg.querySelector(".target");'
        .' const at = (type, x) => target.dispatchEvent(new PointerEvent(type, {bubbles: true, clientX: box.left + x, clientY: box.top + 20}));'
        .' at("pointerdown", 400); let n = 0; window.dragged = new Promise((done) => { const step = () => { n += 1; at("pointermove", 300 + 4 * n); n < 90 ? setTimeout(step, 16) : (at("pointerup", 660), window.let = true, done()); }; step(); });',
    );
    $this->eventually(fn () => $this->script('return window.let === true && document.getElementById("bench").dataset.state === "fresh" && window.sent.length > 1') ? true : null, 'The drag is never answered.');
    $sent = (array) $this->script('return window.sent');
    $gaps = array_map(fn (int $i): float => $sent[$i] - $sent[$i - 1], range(1, count($sent) - 1));
    // Two clocks of the browser, of which one tells whole milliseconds.
    expect(min($gaps))->toBeGreaterThan(248.0)
        ->and($this->value('#f-target'))->toBe((string) $this->script('return new URLSearchParams(location.search).get("target")'));
});

it('takes a second press at once for a trembling hand, but not where the hand was elsewhere between', function (): void {
    $this->visit('/places/5?day=2026-12-04')->script('const at = Date.now(); Date.now = () => at');
    $draws = fn (): bool => (bool) $this->script("return document.querySelector('.horizon svg').classList.contains('is-drawn-on')");
    $press = function (string $selector): void {
        $box = $this->script('const b = document.querySelector(arguments[0]).getBoundingClientRect(); return [b.x + 20, b.y + b.height / 2]', $selector);
        foreach (['mousePressed', 'mouseReleased'] as $what) {
            $this->mouse($what, ...$box);
        }
    };
    $this->settled($this->find('[data-draw-skyline]'));
    $press('[data-draw-skyline]');
    expect($draws())->toBeTrue();
    $press('[data-draw-skyline]');
    expect($draws())->toBeTrue();
    $press('.passages');
    $press('[data-draw-skyline]');
    expect($draws())->toBeFalse();
});
