<?php

declare(strict_types=1);

beforeEach(fn () => $this->savesData());

dataset(
    'pages',
    [
        '/bench', '/bench?kind=swell&period=8&look=glass&look_was=glass&longest=2m&target=', '/log', '/log/1', '/learned', '/practice',
        '/photos/open', '/log/compare?chosen[]=1&chosen[]=2', '/kit', '/kit/filter/2',
        '/kit/camera/new', '/shoot', '/nowhere', '/outings/2', '/outings', '/', '/places', '/places/2?day=2026-11-26', '/places/1', '/places/new',
        '/almanac', '/manual',
        '/almanac?place=2&mark=2&light=golden', '/water', '/water/waves', '/water/clouds', '/water/buoy', '/compare', '/card', '/settings',
        '/settings/backup', '/settings/deleted', '/enter', '/subjects/3', '/kit/first',
        '/bench?also=backwash&also_speed=1.6&also_look=held&sky=crossing&cloud_look=sheet&wind=8',
    ],
);

it('has no accessibility problem axe-core can find (WCAG 2.2 A and AA, best practices), in any light, and fits a phone in the largest type', function (string $path): void {
    $this->expectOnConsole('404')->visit($path);
    // Colours that are still on their way from one light to the next would be judged half-way.
    $this->script('const plain = new CSSStyleSheet(); plain.replaceSync("* { transition: none !important }"); document.adoptedStyleSheets = [plain]');
    $light = fn (string $theme): mixed => $this->script('document.documentElement.dataset.theme = arguments[0]', $theme);
    expect($this->accessibilityProblems())->toBe([]);
    // At night only the colours are others; in the beach's light the type is larger as well, and a phone is where it is used.
    $light('night');
    expect($this->accessibilityProblems(coloursOnly: true))->toBe([]);
    $this->script('document.documentElement.toggleAttribute("data-dim", true)');
    expect($this->accessibilityProblems(coloursOnly: true))->toBe([]);
    $this->script('document.documentElement.toggleAttribute("data-dim", false)');
    $light('beach');
    $this->onPhone();
    expect($this->widerThanTheScreen())->toBeLessThanOrEqual(0)->and($this->accessibilityProblems())->toBe([])
        ->and($this->cannotBeRead())->toBe([])->and($this->widerThanTheScreen())->toBeLessThanOrEqual(0);
    expect($this->inWindow(1280, 800)->cannotBeRead())->toBe([]);
})->with('pages');

it('has none either in its other states: refused, asked, struck, said, opened, running', function (): void {
    $this->expectOnConsole('422')->visit('/bench')->type('#f-shutter', 'soon')->seesIn('#f-shutter-problem', 'not a shutter time');
    expect($this->accessibilityProblems())->toBe([]);
    $this->visit('/bench')->script('document.querySelectorAll("details").forEach((d) => { d.open = true; })');
    expect($this->accessibilityProblems())->toBe([]);
    $this->press('?');
    expect($this->accessibilityProblems())->toBe([]);
    $this->visit('/kit/filter/new')->type('#f-name', '')->click('.is-go')->seesIn('#problems', 'Nothing you typed is lost');
    expect($this->accessibilityProblems())->toBe([]);
    $this->visit('/places/2')->click('.mark form[action*="/marks/"]:last-of-type button')->seesIn('.said', 'Undo');
    expect($this->accessibilityProblems())->toBe([]);
    $this->visit('/bench?shutter=1%2F8&look=glass&look_was=glass&target=')->click('#shoot-this')->seesIn('[data-step-count]', 'step 1 of');
    expect($this->accessibilityProblems())->toBe([]);
    $this->click('[data-start="0"]')->seesIn('[data-under]', 'open');
    expect($this->accessibilityProblems())->toBe([]);
});

it('remembers the light that was chosen, and answers to keys', function (): void {
    $this->visit('/bench')->click('[data-light="night"]')->visit('/log');
    expect($this->script('return document.documentElement.dataset.theme'))->toBe('night');

    $this->press('?');
    expect($this->find('#shortcuts')->isDisplayed())->toBeTrue();
    $this->press(Facebook\WebDriver\WebDriverKeys::ESCAPE);
    $this->press('g', 'k')->seesIn('h1', 'Kit');
    $this->press('g', 'b')->seesIn('h1', 'Silk');
    $this->press('6')->seesIn('h1', 'Glass in the cascade');
});

it('shows nothing white at night', function (): void {
    $this->inTheme('night')->visit('/bench');
    $brightest = $this->script(<<<'JS'
        const bright = [];
        for (const element of document.querySelectorAll('body, body *')) {
            const style = getComputedStyle(element);
            for (const colour of [style.backgroundColor, style.color, style.fill, style.borderBottomColor]) {
                const [, g, b, a] = (colour.match(/[\d.]+/g) ?? []).map(Number);
                if (a !== 0 && Math.max(g ?? 0, b ?? 0) > 160) bright.push(`${element.tagName}.${element.className} ${colour}`);
            }
        }
        return bright;
        JS);
    expect($brightest)->toBe([]);
});

it('keeps touch targets of 48 px in Shoot', function (): void {
    $this->onPhone()->visit('/bench')->click('.headline .is-go')->seesIn('[data-step-count]', 'step 1 of');
    $small = $this->script(
        'return [...document.querySelectorAll(".shoot button, .shoot .sheet label")].filter((e) => e.offsetParent).filter((e) => e.getBoundingClientRect().height < 48).map((e) => e.textContent.trim())',
    );
    expect($small)->toBe([]);
});

it('reads a marking while it is typed', function (): void {
    $this->visit('/kit/filter/new');
    $this->find('#f-marking')->sendKeys('ND8');
    $this->seesIn('#marking-says', 'ND8 = factor 8 = 3 stops, density 0.9. Or 8 stops');
    $this->type('#f-name', 'Eight')->click('.is-go')->seesIn('.said', 'Eight is in the kit');
});
