<?php

declare(strict_types=1);

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverKeys;

// Under a finger, on any screen, in any light, on paper: WCAG 2.2 AA where it says so, and what a wet ledge at dawn asks for.

beforeEach(fn () => $this->savesData());

dataset('views', [
    '/', '/almanac?place=2&mark=2&light=golden', '/places', '/outings', '/places/2?day=2026-11-26', '/places/2/edit', '/bench', '/water',
    '/water/waves', '/water/buoy', '/compare', '/log', '/log/1', '/learned', '/practice', '/photos/open',
    '/log/compare?chosen[]=1&chosen[]=b1', '/kit',
    '/kit/filter/1', '/kit/first', '/card', '/settings', '/subjects/3', '/shoot', '/nowhere', '/outings/2',
]);

/** A run sheet that waits, in Shoot. */
function aRunSheet(object $test): object
{
    return $test->visit('/bench')->click('#shoot-this')->seesIn('h1', 'Run sheet');
}

const TOO_LOW = <<<'JS'
    return [...document.querySelectorAll('button, select, summary, input:not([type=hidden], [type=radio], [type=checkbox], [type=range]), label.tick, label.look, .doors a, .tabline a')]
        .filter((e) => e.getClientRects().length && !e.closest('.is-sr-only, dialog, .pocket, .skip') && e.getBoundingClientRect().height < 47.5)
        .map((e) => `${e.tagName}.${e.className} ${e.textContent.trim().slice(0, 30)} ${e.name ?? ''} ${e.getBoundingClientRect().height}`);
    JS;

const SMALLEST_TEXT = <<<'JS'
    let smallest = [99, ''];
    const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walk.nextNode()) {
        const e = walk.currentNode.parentElement;
        if (walk.currentNode.textContent.trim() && e.getClientRects().length && !e.closest('.is-sr-only, noscript, script, dialog, .skip, .pocket, svg.is-wide')) {
            const size = parseFloat(getComputedStyle(e).fontSize) * (e.closest('svg') ? e.closest('svg').getBoundingClientRect().width / e.closest('svg').viewBox.baseVal.width : 1);
            if (size < smallest[0]) smallest = [size, e.textContent.trim().slice(0, 40)];
        }
    }
    return smallest;
    JS;

it('is at most two presses from anywhere to anywhere, by five doors', function (): void {
    foreach (['Ahead' => ['Outlook', 'Almanac', 'Places', 'Outings'], 'Bench' => ['Bench', 'Water', 'Compare'], 'Shoot' => [],
        'Log' => ['Frames', 'Learned', 'Practice'], 'Kit' => ['Bag', 'Card', 'Field file', 'Settings', 'Manual']] as $door => $tabs) {
        $this->visit('/log/1');
        $doors = (array) $this->script('return [...document.querySelectorAll(".doors a")].map((a) => a.textContent)');
        expect($doors)->toBe(['Ahead', 'Bench', 'Shoot', 'Log', 'Kit']);
        $this->click('.doors a:nth-child('.(array_search($door, $doors, true) + 1).')');
        $this->eventually(fn () => $this->script('return document.querySelector(".doors [aria-current]")?.textContent') === $door ? true
            : null, "The door {$door} does not open.");
        expect((array) $this->script('return [...document.querySelectorAll(".tabline a")].map((a) => a.textContent)'))->toBe($tabs);
    }
});

it('has its doors under the thumb on a phone, and over everything but the shutter', function (): void {
    $this->onPhone()->visit('/bench');
    $box = (array) $this->script('const b = document.querySelector(".doors").getBoundingClientRect(); return [b.bottom, innerHeight, b.height]');
    expect($box[0])->toEqual($box[1])->and($box[2])->toBeGreaterThanOrEqual(48);
    aRunSheet($this->onPhone());
    $foot = (array) $this->script('return [document.querySelector(".shoot-start").getBoundingClientRect().bottom, document.querySelector(".doors").getBoundingClientRect().top]');
    expect($foot[0])->toBeLessThanOrEqual($foot[1] + 0.5);
    $this->click('[data-start="10"]')->seesIn('[data-under]', 'until it opens');
    expect($this->script('return document.querySelector(".doors").offsetParent === null && getComputedStyle(document.querySelector(".doors")).display'))->toBe('none');
});

it('is for cold hands on a phone: pressed at 48 px, read at 14 px in sizes that follow the browser’s, typed by the keyboard that can', function (string $path): void {
    $this->expectOnConsole('404')->onPhone()->visit($path);
    expect((array) $this->script(TOO_LOW))->toBe([]);
    $without = (array) $this->script(
        'return [...document.querySelectorAll("main input")].filter((e) => !["hidden", "radio", "checkbox", "file", "range", "date", "time", "datetime-local"].includes(e.type) && !e.inputMode).map((e) => e.name)',
    );
    // What may be negative is never typed on a keyboard that lacks the minus.
    $signed = (array) $this->script(
        'return [...document.querySelectorAll("main input")].filter((e) => /^(bias|drift|correction|cast_|high_m|low_m|stand_m|way_out_m|ev\d|above|below)/.test(e.name) && e.type !== "hidden" && e.inputMode !== "text").map((e) => e.name)',
    );
    expect($without)->toBe([])->and($signed)->toBe([]);
    [$size, $text] = (array) $this->script(SMALLEST_TEXT);
    expect((float) $size)->toBeGreaterThanOrEqual(13.9, (string) $text);
    // With the browser’s own type twice as large everything is, and nothing is wider than the screen.
    $this->script('document.documentElement.style.fontSize = "200%"');
    [$twice, $text] = (array) $this->script(str_replace('svg.is-wide', 'svg', SMALLEST_TEXT));
    expect((float) $twice)->toBeGreaterThanOrEqual(27.9, (string) $text)->and($this->widerThanTheScreen())->toBeLessThanOrEqual(0);
})->with('views');

it('can be read in Shoot at arm’s length', function (): void {
    aRunSheet($this->onPhone());
    [$size, $text] = (array) $this->script(str_replace('.skip, .pocket', '.skip, .top, .pocket', SMALLEST_TEXT));
    expect((float) $size)->toBeGreaterThanOrEqual(15.9, (string) $text)->and((array) $this->script(TOO_LOW))->toBe([]);
});

it('has no sideways scroll from 320 px on, upright and across (WCAG 1.4.10, 1.3.4)', function (string $path): void {
    $this->expectOnConsole('404')->visit($path);
    foreach ([[320, 640], [390, 844], [844, 390], [640, 400]] as [$width, $height]) {
        (new ChromeDevToolsDriver($this->browser))->execute('Emulation.setDeviceMetricsOverride',
            ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => true]);
        expect([$width, $this->widerThanTheScreen()])->toBe([$width, min(0, $this->widerThanTheScreen())]);
    }
    (new ChromeDevToolsDriver($this->browser))->execute('Emulation.clearDeviceMetricsOverride');
})->with('views');

it('reaches the board’s last hour by a finger that pushes, and reads where it taps', function (): void {
    $tools = new ChromeDevToolsDriver($this->browser);
    $tools->execute('Emulation.setTouchEmulationEnabled', ['enabled' => true]);
    $this->onPhone()->visit('/places/2?day=2026-11-26')->seesIn('#board', 'hold');
    $this->script('document.querySelector(".day-parts").scrollIntoView({block: "start"})');
    $inView = fn (string $hour): bool => (bool) $this->script(
        'const e = [...document.querySelectorAll("svg.is-narrow .scale")].find((t) => t.textContent === arguments[0]); const b = e.getBoundingClientRect(); return b.left >= 0 && b.right <= innerWidth', $hour,
    );
    expect($inView('24'))->toBeFalse();
    $y = (float) $this->script('const b = document.querySelector(".board-scroll").getBoundingClientRect(); return b.top + b.height / 2');
    foreach (range(1, 4) as $push) {
        $tools->execute('Input.dispatchTouchEvent', ['type' => 'touchStart', 'touchPoints' => [['x' => 340, 'y' => $y]]]);
        for ($x = 340; $x >= 60; $x -= 20) {
            $tools->execute('Input.dispatchTouchEvent', ['type' => 'touchMove', 'touchPoints' => [['x' => $x, 'y' => $y]]]);
        }
        $tools->execute('Input.dispatchTouchEvent', ['type' => 'touchEnd', 'touchPoints' => []]);
        usleep(250_000);
    }
    expect($inView('24'))->toBeTrue()
        ->and($this->script('return document.querySelector(".board-names b").getBoundingClientRect().left'))->toBeLessThan(30);
    // Eight hours at once, with 14 px letters.
    expect((float) $this->script('const s = document.querySelector("svg.is-narrow"); return innerWidth / (s.getBoundingClientRect().width / 1120 * 44)'))->toBeGreaterThanOrEqual(8.0);
    $x = (float) $this->script('const e = [...document.querySelectorAll("svg.is-narrow .scale")].find((t) => t.textContent === "22"); const b = e.getBoundingClientRect(); return b.left + b.width / 2');
    $tools->execute('Input.dispatchTouchEvent', ['type' => 'touchStart', 'touchPoints' => [['x' => $x, 'y' => $y]]]);
    $tools->execute('Input.dispatchTouchEvent', ['type' => 'touchEnd', 'touchPoints' => []]);
    $this->seesIn('[data-read="at"]', '22:00');
    $tools->execute('Emulation.setTouchEmulationEnabled', ['enabled' => false]);
});

it('goes to a part of the day at a press, and says the get-off time in words and in the table', function (): void {
    $this->onPhone()->visit('/places/2?day=2026-11-26')->seesIn('#board', 'hold');
    $this->click('[data-part="15"]')->seesIn('[data-read="at"]', '19:00');
    $this->click('.board-table summary')->seesIn('.board-table', 'By the hour')->seesIn('.board-table', 'by these numbers');
    $rows = (int) $this->script('return document.querySelectorAll(".board-table table:last-of-type tbody tr").length');
    expect($rows)->toBe(25)->and((string) $this->find('svg.is-narrow .cursor')->getAttribute('aria-valuetext'))->toContain('19:00')
        ->toContain('tide')->toContain('sun')->toContain('EV');
});

it('shows what is chosen where the system chooses the colours', function (): void {
    (new ChromeDevToolsDriver($this->browser))->execute('Emulation.setEmulatedMedia',
        ['features' => [['name' => 'forced-colors', 'value' => 'active']]]);
    $look = fn (string $state): string => (string) $this->script('return getComputedStyle(document.querySelector(`.look input${arguments[0]} + span`)).backgroundColor', $state);
    $this->visit('/bench');
    expect($look(':checked'))->not->toBe($look(':not(:checked)'))
        ->and($this->script('return getComputedStyle(document.querySelector(".doors [aria-current]")).backgroundColor'))
        ->not->toBe($this->script('return getComputedStyle(document.querySelector(".doors a:not([aria-current])")).backgroundColor'))
        ->and($this->script('return getComputedStyle(document.querySelector(".way-pick input")).appearance'))->toBe('auto')
        // Drawings in the system’s own ink.
        ->and($this->script('return getComputedStyle(document.querySelector(".stop-rule.is-wide .reading text")).fill'))
        ->toBe($this->script('return getComputedStyle(document.body).color'));
    (new ChromeDevToolsDriver($this->browser))->execute('Emulation.setEmulatedMedia', ['features' => []]);
});

it('is red on black at night and nothing else, native parts too, from the first paint', function (string $theme, string $path): void {
    $this->expectOnConsole('404')->inTheme($theme)->visit($path);
    $notRed = (array) $this->script(<<<'JS'
        const bad = [];
        const check = (where, colour) => {
            const [r, g, b, a] = (colour.match(/[\d.]+/g) ?? []).map(Number);
            if (r === undefined || a === 0) return;
            if (Math.max(g, b) > 12 && (g > 0.7 * r || b > 0.7 * r)) bad.push(`${where} ${colour}`);
        };
        for (const e of document.querySelectorAll('body, body *')) {
            if (!e.getClientRects().length) continue;
            const name = `${e.tagName}.${e.getAttribute('class')}`;
            for (const pseudo of [null, '::before', '::placeholder', '::file-selector-button', '::selection', '::marker']) {
                const s = getComputedStyle(e, pseudo);
                if (pseudo === '::before' && s.content === 'none') continue;
                ['color', 'backgroundColor', 'borderBottomColor', 'borderTopColor', 'outlineColor'].forEach((p) => check(name + (pseudo ?? ''), s[p]));
                if (pseudo === null && e.closest('svg')) { check(name, s.fill); check(name, s.stroke); }
            }
        }
        return [...new Set(bad)].slice(0, 12);
        JS);
    expect($notRed)->toBe([])
        ->and($this->script('return getComputedStyle(document.documentElement).colorScheme'))->toBe('dark')
        ->and($this->script('return document.querySelector("meta[name=theme-color]").content'))->toBe('#000000')
        ->and($this->script('return document.querySelector("meta[name=color-scheme]").content'))->toBe('dark');
})->with(['night', 'dim'])->with(['/bench', '/places/2?day=2026-11-26', '/kit', '/water/buoy', '/places/new', '/compare', '/card', '/log/1',
    '/nowhere', '/kit/filter/new']);

it('goes a step darker still: large figures at three to one against black, small letters at no less than 4.5', function (): void {
    $contrast = fn (string $of): float => (float) $this->script(<<<'JS'
        const lum = (c) => { const [r, g, b] = c.match(/[\d.]+/g).map((v) => { const s = v / 255; return s <= 0.04045 ? s / 12.92 : ((s + 0.055) / 1.055) ** 2.4; }); return 0.2126 * r + 0.7152 * g + 0.0722 * b; };
        return (lum(getComputedStyle(document.querySelector(arguments[0])).color) + 0.05) / 0.05;
        JS, $of);
    $this->inTheme('night')->visit('/bench');
    $night = [$contrast('.figure'), $contrast('body')];
    $this->click('[data-light="dim"]');
    $this->eventually(fn () => $contrast('.figure') < $night[0] - 1 ? true : null, 'It does not get darker.');
    expect($contrast('.figure'))->toBeGreaterThan(3.0)->and($contrast('body'))->toBeGreaterThan(4.5)->toBeLessThan($night[1]);
    $this->visit('/log');
    expect($this->script('return document.documentElement.hasAttribute("data-dim")'))->toBeTrue();
});

it('has a focus ring of its own in every light, and never behind the foot', function (): void {
    foreach (['day', 'beach', 'night'] as $theme) {
        $this->inTheme($theme)->onPhone()->visit('/bench');
        $glass = (string) $this->script('const p = document.createElement("i"); p.style.color = "var(--glass)"; document.body.append(p); return getComputedStyle(p).color');
        $this->script('document.body.focus()');
        foreach (range(1, 45) as $i) {
            $this->press(WebDriverKeys::TAB);
            $at = (array) $this->script(<<<'JS'
                const e = document.activeElement; const s = getComputedStyle(e); const b = e.getBoundingClientRect(); const doors = document.querySelector('.doors').getBoundingClientRect();
                const ring = e.matches('.look input') ? getComputedStyle(e.nextElementSibling) : s;
                const drawn = e.closest('svg') !== null;
                return [e.tagName + '.' + e.className + '#' + e.id, ring.outlineColor, ring.outlineStyle, s.boxShadow, drawn, e.closest('.doors') !== null || b.bottom <= doors.top + 1 || b.height > 500, e === document.body];
                JS);
            if (! $at[6] && ! $at[4]) {
                expect([$theme, $at[0], $at[1], $at[2] !== 'none', $at[5]])->toBe([$theme, $at[0], $glass, true, true])
                    ->and($at[3])->toBeIn(['none', $at[3]]);
                expect(str_contains((string) $at[3], '72, 95, 199') || str_contains((string) $at[3], '66, 88, 255'))->toBeFalse();
            }
        }
    }
});

it('switches its single keys off and keeps them off', function (): void {
    $this->visit('/bench')->press('?');
    $this->click('[data-single-keys]');
    $this->press(WebDriverKeys::ESCAPE);
    $this->visit('/bench')->press('6');
    $this->press('g', 'k');
    usleep(400_000);
    expect($this->text('h1'))->toContain('Silk')->and($this->browser->getCurrentURL())->toContain('/bench');
    $this->script('document.getElementById("shortcuts").showModal()');
    $this->click('[data-single-keys]');
    $this->press(WebDriverKeys::ESCAPE);
    $this->press('6')->seesIn('h1', 'Glass');
});

it('says of a plain number in a shutter field that it is so many seconds', function (): void {
    $this->visit('/bench');
    $this->find('#f-shutter')->sendKeys([WebDriverKeys::CONTROL, 'a']);
    $this->find('#f-shutter')->sendKeys('60');
    $this->seesIn('#f-shutter-means', '= 60 s (1/60 is written 1/60)');
    $this->find('#f-shutter')->sendKeys([WebDriverKeys::CONTROL, 'a']);
    $this->find('#f-shutter')->sendKeys('1/60');
    $this->eventually(fn () => ($this->script('return document.getElementById("f-shutter-means")?.textContent ?? ""') === '') ? true : null,
        'It goes on saying so.');
});

it('begins at what is wrong after a form was refused, with the way to each field', function (): void {
    $this->visit('/kit/filter/new')->type('#f-name', '')->click('.is-go')->seesIn('#problems', 'Nothing you typed is lost');
    expect($this->script('return document.activeElement.id'))->toBe('problems');
    $this->click('#problems a');
    expect($this->script('return document.activeElement.id'))->toBe('f-name');
});

it('lies on paper as it should: the card at its size, the board across with its table, everything black on white', function (string $path, string $theme, float $width, int $pages): void {
    $this->inTheme($theme)->visit($path);
    $this->eventually(fn () => $this->script(
        'return document.readyState === "complete" && document.fonts.status === "loaded" && !document.querySelector(".htmx-request")',
    ) ? true : null, 'It never settles.');
    $printed = (new ChromeDevToolsDriver($this->browser))->execute('Page.printToPDF',
        ['preferCSSPageSize' => true, 'printBackground' => true]);
    $pdf = (string) base64_decode((string) $printed['data'], true);
    preg_match_all('/\/MediaBox \[0 0 ([\d.]+) ([\d.]+)\]/', $pdf, $boxes);
    expect(count($boxes[1]))->toBeGreaterThan(0)->toBeLessThanOrEqual($pages)
        ->and(array_unique(array_map(fn (string $pt): float => round((float) $pt / 72 * 25.4), $boxes[1])))->toBe([$width]);
    (new ChromeDevToolsDriver($this->browser))->execute('Emulation.setEmulatedMedia', ['media' => 'print']);
    expect($this->script('return [getComputedStyle(document.body).color, getComputedStyle(document.body).backgroundColor, getComputedStyle(document.querySelector(".top")).display]'))
        ->toBe(['rgb(0, 0, 0)', 'rgb(255, 255, 255)', 'none']);
    (new ChromeDevToolsDriver($this->browser))->execute('Emulation.setEmulatedMedia', ['media' => '']);
})->with([
    ['/card', 'night', 105.0, 4], ['/places/2?day=2026-11-26', 'night', 297.0, 3],
    ['/almanac?place=2&mark=2&light=golden', 'beach', 210.0, 6], ['/log', 'night', 210.0, 3],
    ['/bench', 'day', 210.0, 4],
]);

it('is light enough for one bar of signal: 130 kB and six requests at first, next to nothing again', function (string $path): void {
    $tools = new ChromeDevToolsDriver($this->browser);
    $tools->execute('Network.enable');
    $tools->execute('Network.clearBrowserCache');
    $weigh = function () use ($path): array {
        $this->visit($path);
        $this->eventually(fn () => $this->script('return document.readyState === "complete" && !document.querySelector(".htmx-request")')
            ? true : null, 'It never settles.');

        // The layers of a picture and the pictures of the log come after the page: tests/Browser/Bench/StagesTest, tests/Feature/Log/SheetTest.
        return (array) $this->script('const e = [...performance.getEntriesByType("navigation"), ...performance.getEntriesByType("resource")].filter((one) => !one.name.includes("/build/stage-") && !one.name.includes("/photos/")); return [e.length, e.reduce((sum, one) => sum + one.transferSize, 0)]');
    };
    [$requests, $bytes] = $weigh();
    expect((int) $requests)->toBeLessThanOrEqual(6)->and((int) $bytes)->toBeGreaterThan(20_000)->toBeLessThan(130_000);
    [, $again] = $weigh();
    expect((int) $again)->toBeLessThan(15_000);
})->with(['/', '/bench', '/places/2?day=2026-11-26', '/almanac', '/log', '/kit', '/water', '/compare', '/card']);

it('answers a change on the bench in less than 20 kB', function (): void {
    $this->visit('/bench')->type('#f-shutter', '1/250')->seesIn('.stop-rule.is-wide .reading', 'reading 1/250');
    $bytes = (array) $this->script('return performance.getEntriesByType("resource").filter((e) => e.initiatorType === "xmlhttprequest").map((e) => e.transferSize)');
    expect(max($bytes))->toBeGreaterThan(1000)->toBeLessThan(20_000);
});
