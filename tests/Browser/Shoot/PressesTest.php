<?php

declare(strict_types=1);

// How many presses it takes, how true the clock stays, and that no start is missed.

require_once dirname(__DIR__).'/Support/frames.php';

beforeEach(fn () => $this->savesData());

/** Presses since the last time that it was asked, by whatever was pressed. */
function counted(object $person): int
{
    return (int) $person->script('const n = Number(sessionStorage.getItem("presses") ?? 0); sessionStorage.setItem("presses", "0"); return n');
}

/** Counts what is pressed on every page from here on. */
function counting(object $person): void
{
    $person->script('sessionStorage.setItem("presses", "0")');
    $person->tools()->execute('Page.addScriptToEvaluateOnNewDocument',
        ['source' => 'if (!window.isCounting) { window.isCounting = true; addEventListener("click", (event) => { event.isTrusted && sessionStorage.setItem("presses", String(1 + Number(sessionStorage.getItem("presses") ?? 0))); }, true); }']);
}

it('opens yesterday’s frame once more in two presses and one load', function (): void {
    $this->onPhone();
    counting($this);
    $this->visit('/shoot')->seesIn('h1', 'No frame is waiting');
    counted($this);
    $this->click('.empty form .button')->seesIn('[data-step-now]', 'f/');
    $this->click('[data-start="0"]')->seesIn('[data-undo]', 'undo');
    expect(counted($this))->toBe(2);
});

it('opens a new look at a known place in five presses', function (): void {
    $this->onPhone();
    counting($this);
    $this->visit('/bench')->seesIn('.headline', 's');
    counted($this);
    $this->click('[name=look][value=mist]')->click('.headline .is-go')->seesIn('[data-step-now]', 'Compose')
        ->seesIn('[data-under]', 'mist');
    $this->click('[data-step-all]')->click('[data-start="0"]')->seesIn('[data-undo]', 'undo');
    expect(counted($this))->toBeLessThanOrEqual(5);
});

it('opens a water that was never measured in four presses and those with its crests', function (): void {
    $this->onPhone();
    counting($this);
    $this->visit('/bench?kind=swell&distance=12&look=silk&look_was=silk')->seesIn('.headline', 's');
    $this->script('const from = Date.now(); let n = 0; document.querySelector("[data-crests]").addEventListener("click", () => { n += 1; }, true); Date.now = () => from + 6000 * n;');
    counted($this);
    for ($press = 1; $press <= 5; $press++) {
        $this->click('[data-crests]')->seesIn('#crests-heard', $press === 1 ? 'First crest' : "{$press} presses");
    }
    $this->seesIn('.headline', 's')->eventually(fn () => $this->value('#f-period') === '6.3' ? true : null,
        'The period is not taken over.');
    $this->click('.headline .is-go')->seesIn('[data-step-now]', 'Compose')->click('[data-step-all]')->click('[data-start="0"]')
        ->seesIn('[data-undo]', 'undo');
    expect(counted($this))->toBeLessThanOrEqual(5 + 4);
});

it('starts a hundred times out of a hundred, and takes each of them back', function (): void {
    bulbFrame($this->onPhone(), '30');
    $missed = $this->browserScript(<<<'JS'
        const done = arguments[arguments.length - 1];
        const real = Date.now.bind(Date);
        let ahead = 0;
        Date.now = () => real() + ahead;
        const missed = [];
        for (let i = 0; i < 100; i++) {
            document.querySelector('[data-start="0"]').click();
            document.querySelector('.shoot').classList.contains('is-running') && localStorage.getItem('open-frame') ? null : missed.push(`start ${i}`);
            ahead += 700;
            document.querySelector('[data-undo]').click();
            document.querySelector('.shoot').classList.contains('is-running') || localStorage.getItem('open-frame') ? missed.push(`undo ${i}`) : null;
            ahead += 700;
            i % 10 || await new Promise((go) => setTimeout(go, 60));
        }
        done(missed);
        JS);
    expect($missed)->toBe([]);
});

it('is true to the wall clock within a twentieth of a second after ten minutes of a frozen page', function (): void {
    // In a window of its own: once frozen, the browser draws nothing in it any more of its own accord.
    $own = $this->browser->getWindowHandle();
    $this->browser->switchTo()->newWindow();
    bulbFrame($this->onPhone(), '11m');
    $this->click('[data-start="0"]')->seesIn('[data-close-words]', 'Close now');
    // It was opened ten minutes ago as far as the device knows; then the page is frozen, as a phone does in a pocket, and woken.
    $this->script('const open = JSON.parse(localStorage.getItem("open-frame")); open.opened_at_ms -= 600000; open.ends_at_ms -= 600000; localStorage.setItem("open-frame", JSON.stringify(open))');
    $this->reload()->seesIn('[data-close-words]', 'Close now');
    $this->tools()->execute('Page.setWebLifecycleState', ['state' => 'frozen']);
    sleep(4);
    $this->tools()->execute('Page.setWebLifecycleState', ['state' => 'active']);
    $late = $this->browserScript(<<<'JS'
        const done = arguments[arguments.length - 1];
        const open = JSON.parse(localStorage.getItem('open-frame'));
        const late = [];
        const figure = document.querySelector('[data-figure]');
        // A figure stands for the second that ends at it, turned a twentieth early.
        new MutationObserver(() => {
            const [minutes, seconds] = figure.textContent.includes(':') ? figure.textContent.split(':').map(Number) : [0, Number(figure.textContent)];
            late.push(Date.now() - (open.ends_at_ms - 1000 * (60 * minutes + seconds) - 1050));
        }).observe(figure, { childList: true, characterData: true, subtree: true });
        setTimeout(() => done(late.map((ms) => ms - 1000 * Math.round(ms / 1000))), 6300);
        JS);
    $this->browser->close();
    $this->browser->switchTo()->window($own);
    sort($late);
    expect(count($late))->toBeGreaterThanOrEqual(5)->and(abs($late[intdiv(count($late), 2)]))->toBeLessThan(50);
});

it('opens at the top of the swash, where that is what was timed', function (): void {
    $this->onPhone()->visit('/water/swash');
    $this->script('const from = Date.now(); let n = 0; document.querySelector("[data-turns]").addEventListener("click", () => { n += 1; }, true); Date.now = () => from + 4000 * n;');
    for ($press = 0; $press < 5; $press++) {
        $this->click('[data-turns]');
    }
    $this->click('#measure .is-go')->seesIn('main', '4.0 s');
    $id = (int) $this->script('return Number([...document.querySelectorAll("a[href*=\'/bench?measured\']")].map((a) => new URL(a.href).searchParams.get("measured")).filter(Boolean)[0] ?? 0)');
    expect($id)->toBeGreaterThan(0);
    $this->visit("/bench?measured={$id}")->seesIn('.headline', 's')->click('.headline .is-go')->seesIn('[data-step-now]', 'Compose');
    $this->click('[data-step-all]')->seesIn('[data-start-beat]', 'at the top of the swash');
    $this->click('[data-beat-now]')->seesIn('[data-next-beat]', 'every 8.0 s, next in ')->click('[data-start-beat]')
        ->seesIn('[data-under]', 'until it opens: hands off');
});

it('tells a screen reader the step, that it is open, a minute, ten seconds, the last five and the end', function (): void {
    bulbFrame($this->onPhone(), '90');
    expect($this->script('return [document.querySelector("[data-step-now]").getAttribute("role"), document.querySelector("[data-said]").getAttribute("aria-live")]'))->toBe(['status', 'assertive']);
    $this->click('[data-step-done]')->seesIn('[data-step-now]', 'Wipe');
    $this->script('window.heard = []; new MutationObserver(() => { const words = document.querySelector("[data-said]").textContent; words && window.heard.at(-1) !== words && window.heard.push(words); }).observe(document.querySelector("[data-said]"), {childList: true, characterData: true, subtree: true})');
    $this->click('[data-step-all]')->click('[data-start="0"]')->seesIn('[data-close-words]', 'Close now');
    // The clock runs to a moment before each signal, and the page catches up, by less than it takes for a sleep.
    $this->browserScript(<<<'JS'
        const done = arguments[arguments.length - 1];
        const open = JSON.parse(localStorage.getItem('open-frame'));
        const real = Date.now.bind(Date);
        let ahead = 0;
        Date.now = () => real() + ahead;
        const wait = (ms) => new Promise((go) => setTimeout(go, ms));
        for (let left = (open.ends_at_ms - Date.now()) / 1000; left >= -1; left -= 0.8) {
            ahead += Math.max(0, open.ends_at_ms - 1000 * left - Date.now());
            await wait(50);
        }
        done(true);
        JS);
    $heard = (array) $this->script('return window.heard');
    expect(array_values(array_diff($heard, ['Ready'])))->toBe(['Open', 'One minute', 'Ten seconds', '5', '4', '3', '2', '1', 'End']);
});
