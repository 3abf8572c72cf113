<?php

declare(strict_types=1);

use GentlePour\Exposure\SteppedLight;

require_once dirname(__DIR__).'/Support/frames.php';

beforeEach(fn () => $this->savesData());

/** Whatever this device still holds of frames: nothing once the server has it. */
const HELD = 'return Object.keys(localStorage).filter((key) => !key.startsWith("signal-"))';

it('counts a bulb frame down, goes on past the end in stops, and records the true open time', function (): void {
    bulbFrame($this->onPhone());
    $this->click('[data-start="0"]')->seesIn('[data-close-words]', 'Close now')->seesIn('[data-under]', 'left');
    $this->seesIn('[data-under]', 'over time: close the shutter · +0.')->seesIn('[data-close-words]', 'Closed');
    usleep(400000);
    $this->click('[data-close]')->seesIn('h1', 'silk in the cascade');

    expect((float) $this->value('#f-open'))->toBeGreaterThan(2.7)->toBeLessThan(12.0)->and($this->script(HELD))->toBe([]);
});

it('keeps true time when the page is loaded again while the shutter is open, and says so on every other page', function (): void {
    longFrame($this);
    $started = microtime(true);
    $this->browser->navigate()->refresh();
    $this->seesIn('[data-close-words]', 'Close now');
    $this->visit('/water')->seesIn('.kept-line', 'Shutter open ')->click('.kept-line')->seesIn('[data-close-words]', 'Close now');
    usleep(900000);
    $open = (float) $this->script('return document.querySelector("[data-bar]").value') * 30 / 1000;
    expect($open)->toBeGreaterThan(0.9)->toBeLessThan(microtime(true) - $started + 3.5);
});

it('does not drift from the wall clock when timers are held back, as in a sleeping tab, and says for how long', function (): void {
    longFrame($this);
    // Ten minutes pass for the clock while no timer ran: the next tick must say so.
    $this->script('const real = Date.now.bind(Date); Date.now = () => real() + 600000;');
    $this->seesIn('[data-figure]', '+9:')->seesIn('[data-said]', 'The screen slept for 10:0');
});

it('stops before it opens, and takes back what opened by a slip, without keeping a frame', function (): void {
    bulbFrame($this->onPhone(), '30');
    $this->click('[data-start="10"]')->seesIn('[data-under]', 'until it opens')->seesIn('[data-close-words]', 'Stop');
    usleep(650_000);
    $this->click('[data-close]')->seesIn('[data-said]', 'Not opened');
    usleep(650_000);
    $this->click('[data-start="0"]');
    usleep(650_000);
    $this->click('[data-undo]')->seesIn('[data-said]', 'Not opened');
    expect($this->script(HELD))->toBe([]);
    $this->visit('/log')->seesIn('.planned', 'planned and not taken');
});

it('is closed early by a press that is held for a second, never by a brush against it', function (): void {
    longFrame($this);
    usleep(700_000);
    $this->click('[data-close]');
    usleep(300_000);
    expect($this->text('[data-close-words]'))->toBe('Close now');
    $this->script('document.querySelector("[data-close]").dispatchEvent(new PointerEvent("pointerdown"))');
    $this->seesIn('h1', 'in the cascade');
    expect((float) $this->value('#f-open'))->toBeGreaterThan(1.5)->toBeLessThan(20.0);
});

it('keeps the frame when the network goes while the shutter is open, and logs it once when it is back', function (): void {
    bulbFrame($this->onPhone()->expectOnConsole('ERR_INTERNET_DISCONNECTED'));
    $this->click('[data-start="0"]')->seesIn('[data-close-words]', 'Close now')->offline()->seesIn('[data-close-words]', 'Closed');
    $this->click('[data-close]')->seesIn('[data-under]', 'kept on this device, the server does not answer');
    $open = (float) $this->script('return JSON.parse(localStorage.getItem("unsent-frames"))[0].open_s');
    $this->offline(false)->seesIn('h1', 'silk in the cascade');
    expect((float) $this->value('#f-open'))->toBeAbout($open, 0.006)->and($this->script(HELD))->toBe([]);
    $this->visit('/log');
    expect((int) $this->script('return document.querySelectorAll(".tile").length'))->toBe(17);
});

it('sends what was kept from whatever page is opened next', function (): void {
    bulbFrame($this->onPhone()->expectOnConsole('ERR_INTERNET_DISCONNECTED'));
    $frame = (int) basename($this->browser->getCurrentURL());
    // As a phone that was closed before it could send.
    $this->script('localStorage.setItem("unsent-frames", JSON.stringify([{ frame: arguments[0], opened_at_ms: Date.now() - 5000, open_s: 2.25, light: "1:-3" }]))', $frame);
    $this->visit('/kit')->eventually(fn () => $this->script(HELD) === [] ? true : null, 'It is not sent.');
    $this->visit("/log/{$frame}")->seesIn('h1', 'silk in the cascade')->seesIn('.facts', '3 stops darker');
    expect((float) $this->value('#f-open'))->toBe(2.25);
});

it('keeps ticks that could not be sent, and sends them when the page is opened again', function (): void {
    bulbFrame($this->onPhone()->expectOnConsole('ERR_INTERNET_DISCONNECTED'));
    $this->offline()->click('[data-step-done]')->seesIn('[data-said]', 'the ticks are kept on this device')->offline(false);
    $this->browser->navigate()->refresh();
    $this->seesIn('[data-step-count]', 'step 2 of')->eventually(fn () => $this->script(HELD) === [] ? true : null, 'They are not sent.');
    $this->browser->navigate()->refresh();
    $this->seesIn('[data-step-count]', 'step 2 of');
});

it('moves the end when the sun goes and comes back, by the same rule as the core', function (): void {
    longFrame($this);
    $this->eventually(fn () => (float) $this->script('return document.querySelector("[data-bar]").value') > 20 ? true : null,
        'It does not count.');
    $this->click('[data-sun="gone"]')->seesIn('[data-light-words]', '3 stops darker')->eventually(
        fn () => preg_match('/^[34]:/', $this->text('[data-figure]')) === 1 ? true : null, 'The end does not move.',
    );
    usleep(1_100_000);
    $this->click('[data-sun="back"]')->seesIn('[data-light-words]', 'light as planned again');

    mt_srand(5);
    $cases = [];
    for ($i = 0; $i < 200; $i++) {
        $at = 0.0;
        $changes = [];
        for ($k = mt_rand(0, 6); $k > 0; $k--) {
            $changes[] = [$at += mt_rand(0, 90_000) / 1000, mt_rand(-12, 12) / 3];
        }
        $cases[] = ['planned' => mt_rand(1, 900_000) / 1000, 'changes' => $changes, 'open' => mt_rand(0, 900_000) / 1000];
    }
    $found = (array) $this->browser->executeAsyncScript(<<<'JS'
        const [cases, done] = arguments;
        const { Countdown } = await import(document.querySelector('script[src*=shoot]').src);
        done(cases.map((one) => {
            const count = new Countdown({ planned_s: one.planned, bulb: true, looks: [] }, 0, one.changes);
            return [count.wholeS(), count.gatheredS(one.open)];
        }));
        JS, [$cases]);
    foreach ($cases as $i => $case) {
        $light = SteppedLight::of($case['changes']);
        expect($found[$i][0])->toBeWithinShare($light->openS($case['planned']), 1e-9)
            ->and($found[$i][1])->toBeAbout($light->gatheredS($case['open']), 1e-6);
    }
});

it('opens on the crest that was pressed for, and at a full minute of the clock', function (): void {
    $this->onPhone()->visit('/water/waves');
    $this->script('const real = Date.now.bind(Date); let ms = 0; Date.now = () => real() + ms; window.later = (by) => { ms += by; };');
    bulbFrame($this);
    $this->seesIn('[data-start-at]', ':')->click('[data-later="60"]')->click('[data-start-clock]')
        ->seesIn('[data-under]', 'until it opens');
    $opens = (int) $this->script('return JSON.parse(localStorage.getItem("open-frame")).opened_at_ms');
    expect($opens % 60_000)->toBe(0)->and($opens / 1000 - microtime(true))->toBeGreaterThan(60.0)->toBeLessThan(130.0);
});

it('has everything of the job on one screen, upright and sideways', function (int $width, int $height): void {
    bulbFrame($this->onPhone());
    $this->inWindow($width, $height + 140);
    $tools = new Facebook\WebDriver\Chrome\ChromeDevToolsDriver($this->browser);
    $tools->execute('Emulation.setDeviceMetricsOverride', ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1,
        'mobile' => true]);
    $outside = 'scrollTo(0, 0); const doors = document.querySelector(".doors").getBoundingClientRect(); const low = doors.top > 60 && doors.height ? doors.top : innerHeight; return [...document.querySelectorAll(".shoot-one button, .shoot-figure, .shoot-settings")].filter((e) => e.offsetParent)
        .filter((e) => { const b = e.getBoundingClientRect(); return b.bottom > low + 1 || b.top < -1 || b.right > innerWidth + 1 || b.left < -1; }).map((e) => e.textContent.trim())';
    expect($this->script($outside))->toBe([]);
    $this->click('[data-step-all]')->seesIn('[data-step-now]', 'Ready');
    expect($this->script($outside))->toBe([])
        ->and($this->script('return document.querySelector(".doors").getBoundingClientRect().height <= innerHeight'))->toBeTrue();
    $this->click('[data-start="0"]')->seesIn('[data-under]', 'left');
    expect($this->script($outside))->toBe([]);
    $this->seesIn('[data-close-words]', 'Closed');
    expect($this->script($outside))->toBe([]);
    $tools->execute('Emulation.clearDeviceMetricsOverride', []);
})->with([[320, 480], [390, 844], [844, 390]]);

it('tells the hand: signals are tried beforehand, chosen, and heard out before the page goes on', function (): void {
    bulbFrame($this->onPhone());
    $this->script('window.notes = 0; const C = AudioContext.prototype.createOscillator; AudioContext.prototype.createOscillator = function () { window.notes++; return C.call(this); }; navigator.vibrate = (p) => { window.felt = p; return true; }');
    $this->click('[data-signal-test]');
    expect($this->script('return [window.notes, Array.isArray(window.felt)]'))->toBe([3, true]);
    $this->script('document.querySelector("[data-signal=screen]").click()');
    $this->click('[data-start="0"]');
    // Two, one, and the three notes of the end are on the audio clock from the start.
    expect($this->script('return window.notes'))->toBeGreaterThanOrEqual(3 + 4);
    $this->eventually(fn () => $this->script('return document.documentElement.classList.contains("is-turned")') ? true : null,
        'The screen does not turn.');
    expect($this->script('return localStorage.getItem("signal-screen")'))->toBe('yes');
});

it('says of a camera that times itself how dark the frame will be, since nothing moves its end', function (): void {
    $this->onPhone()->visit('/bench?kind=cascade&measure=speed&speed=4&look=silk&look_was=silk&target=2.5&distance=8')
        ->click('.headline .is-go');
    $this->seesIn('[data-under]', 'timed by the camera')->click('[data-start="0"]')->seesIn('[data-under]', 'left');
    $planned = (float) $this->find('[data-planned]')->getAttribute('data-planned');
    $this->script('document.querySelector("[data-sun=gone]").click()');
    $this->seesIn('[data-light-words]', 'The camera closes by itself: ')->seesIn('h1', 'silk in the cascade')
        ->seesIn('.facts', '3 stops darker');
    expect((float) $this->value('#f-open'))->toBeAbout($planned, 0.01);
});
