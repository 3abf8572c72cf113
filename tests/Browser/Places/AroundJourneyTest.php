<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use GentlePour\Sky\Skyline;

/** Drags from the middle of one thing by so many px, in steps as a hand does. */
function draggedBy(object $test, string $selector, int $across, int $up): void
{
    $box = $test->script("const e = document.querySelector('{$selector}'); e.scrollIntoView({block: 'center'}); const b = e.getBoundingClientRect(); return [b.x + b.width / 2, b.y + b.height / 2]");
    $test->mouse('mousePressed', ...$box);
    foreach ([0.3, 0.6, 1.0] as $share) {
        $test->mouse('mouseMoved', $box[0] + $share * $across, $box[1] - $share * $up);
    }
    $test->mouse('mouseReleased', $box[0] + $across, $box[1] - $up);
}

it('drags the frame of the lens round the horizon and widens it: fields, drawing and passages follow', function (): void {
    $this->visit('/places/2?day=2026-12-04')->seesIn('.passages', 'Sun in the frame');
    $before = $this->text('.passages');
    draggedBy($this, '.lens-middle', 170, 20);
    $this->eventually(fn (): ?bool => (float) $this->value('#lens-facing') > 150 && $this->text('.passages') !== $before ? true : null,
        'The frame does not follow.');
    expect((float) $this->value('#lens-facing'))->toBeBetween(155, 175)->and((float) $this->value('#lens-tilt'))->toBeBetween(3, 9);
    $this->seesIn('#horizon', 'as the facing here');
    draggedBy($this, '[data-wider]', -60, 0);
    $this->eventually(fn (): ?bool => (float) $this->value('#lens-focal') > 20 && str_contains($this->text('.lens-form'), '°')
        && ! str_contains($this->text('.lens-form'), '97°') ? true : null, 'It is not narrower.');
});

it('turns the lens by keys, and says what was wrong at the field without losing what was typed', function (): void {
    $this->visit('/places/2?day=2026-12-04')->expectOnConsole('422');
    $this->script("document.querySelector('[data-lens]').focus()");
    $this->press(WebDriverKeys::ARROW_RIGHT)->press(WebDriverKeys::ARROW_RIGHT)->press(WebDriverKeys::ARROW_UP);
    $this->eventually(fn (): ?bool => $this->value('#lens-facing') === '117' && $this->value('#lens-tilt') === '1' ? true : null,
        'Two keys are not two degrees.');
    $this->type('#lens-facing', '400')->seesIn('#lens-facing-problem', 'between 0');
    expect($this->value('#lens-facing'))->toBe('400');
    $this->type('#lens-facing', '90')->eventually(fn (): ?bool => $this->script("return document.querySelector('#lens-facing-problem') === null && document.getElementById('horizon-asked').dataset.state === 'fresh'") ? true : null, 'It is not mended.');
});

it('lets no late answer write over what is typed on, and says so when none comes', function (): void {
    $this->visit('/places/2?day=2026-12-04')->slowedBy(900)->type('#lens-facing', '200');
    $this->eventually(fn (): ?bool => $this->script("return document.getElementById('horizon-asked').dataset.state") === 'asking' ? true
        : null, 'It does not ask.');
    $this->type('#lens-facing', '210');
    $this->eventually(fn (): ?bool => $this->script("return document.getElementById('horizon-asked').dataset.state") === 'fresh'
        && str_contains($this->text('#horizon'), 'Keep 210°') ? true : null, 'The last typed is not drawn.');
    expect($this->value('#lens-facing'))->toBe('210');
    $this->offline()->expectOnConsole('ERR_INTERNET_DISCONNECTED')->expectOnConsole('htmx:sendError')->expectOnConsole('htmx:sendAbort')->expectOnConsole('htmx:afterRequest')->type('#lens-facing', '220')->seesIn('#horizon-asked-said', 'out of reach');
    expect($this->value('#lens-facing'))->toBe('220');
    $this->offline(false);
});

it('leaves hand and eye where they are when an answer comes: the field, the place in it, and the part of the drawing that is looked at', function (): void {
    $this->onPhone()->visit('/places/2?day=2026-12-04')->seesIn('.passages', 'Sun in the frame')->slowedBy(400);
    $this->script("document.querySelector('.horizon-scroll').scrollLeft = 100");
    $field = $this->find('#lens-facing');
    $field->clear();
    // The last digit is to go before the others: while the first answer is on its way, the hand is in the middle.
    $field->sendKeys('2');
    $this->eventually(fn (): ?bool => $this->script("return document.getElementById('horizon-asked').dataset.state") === 'asking' ? true : null, 'It does not ask.');
    $field->sendKeys(['05', WebDriverKeys::ARROW_LEFT]);
    $this->eventually(fn (): ?bool => $this->script("return document.getElementById('horizon-asked').dataset.state") === 'fresh' ? true : null, 'No answer.');
    $this->browser->switchTo()->activeElement()->sendKeys('1');
    expect($this->value('#lens-facing'))->toBe('2015');
    $this->press(WebDriverKeys::BACKSPACE)->seesIn('#horizon', 'Keep 205°');
    expect($this->script("return document.querySelector('.horizon-scroll').scrollLeft"))->toBe(100);
});

it('has one cursor for board, horizon and ground', function (): void {
    $this->visit('/places/2?day=2026-12-04')->seesIn('[data-read="at"]', ':')->seesIn('.day-board', 'hold ');
    $sun = fn (): string => (string) $this->script("return document.querySelector('[data-body=sunAt]').getAttribute('transform')");
    $this->script("document.querySelector('.cursor').focus()");
    $before = $sun();
    $this->press(WebDriverKeys::PAGE_DOWN);
    expect($sun())->not->toBe($before)->and($this->text('.horizon [data-at]'))->toBe($this->text('[data-read="at"]'));
    // The slider under the horizon moves the board in turn.
    $this->script("const r = document.querySelector('[data-go-time]'); r.value = 84; r.dispatchEvent(new Event('input', {bubbles: true}))");
    $this->seesIn('[data-read="at"]', '14:00')->seesIn('.horizon [data-at]', '14:00');
    expect($this->text('[data-tell="way"]'))->toMatch('/over the waves|waves run|under water/');
    // At high water of that day the way out is wet, or the waves come near: the drawing and the words change together.
    $words = [];
    foreach ([0, 24, 48, 72, 96, 120] as $place) {
        $this->script("document.dispatchEvent(new CustomEvent('day:go', {detail: {$place}}))");
        $words[] = $this->text('[data-tell="way"]');
    }
    expect(count(array_unique($words)))->toBeGreaterThan(3);
});

it('takes a skyline that is drawn by hand, keeps it by a press, and reckons with it', function (): void {
    $this->visit('/places/5?day=2026-12-04')->click('[data-draw-skyline]');
    $box = $this->script("const s = document.querySelector('.horizon svg'); s.scrollIntoView({block: 'center'}); const b = s.getBoundingClientRect(); return [b.x, b.y, b.width, b.height]");
    $at = fn (float $azimuth, float $altitude): array => [
        $box[0] + fmod($azimuth - 80 + 540, 360) / 360 * $box[2],
        $box[1] + (float) $this->script("const h = document.querySelector('.horizon-line').getBoundingClientRect(); return h.y") - $box[1] - $altitude / 360 * $box[2],
    ];
    $this->mouse('mousePressed', ...$at(100, 0));
    foreach ([[120, 10], [150, 20], [180, 20], [200, 5], [210, 0]] as [$azimuth, $altitude]) {
        $this->mouse('mouseMoved', ...$at($azimuth, $altitude));
    }
    $this->mouse('mouseReleased', ...$at(210, 0));
    // What is drawn is tried at once, and still drawn on.
    $this->seesIn('.passages', 'Sun over the skyline');
    expect($this->script("return document.querySelector('.horizon svg').classList.contains('is-drawn-on')"))->toBeTrue();
    $this->click('[data-keep-skyline]')->seesIn('.said', 'What stands around Tarrip Weir is kept');
    $skyline = Skyline::parse($this->value('#f-skyline'));
    expect($skyline->altitudeDeg(165))->toBeAbout(20, 2)->and($skyline->altitudeDeg(135))->toBeAbout(15, 2.5)
        ->and($skyline->altitudeDeg(40))->toBeAbout(0, 0.5)->and(count($skyline->points))->toBeLessThan(40);
    $this->seesIn('.passages', 'Sun over the skyline');
    // Taken away again, the sky is open.
    $this->script("document.getElementById('f-skyline').value = ''");
    $this->click('#around-kept .foot-line button')->seesIn('.said', 'is kept');
    expect($this->text('.passages'))->not->toContain('over the skyline');
});

it('draws on from a skyline that was typed, and says what it cannot read', function (): void {
    $this->visit('/places/5?day=2026-12-04')->expectOnConsole('422');
    $this->script("document.querySelector('#around-kept details').open = true");
    $this->choose('#f-skyline', '90 95')->seesIn('#horizon', 'The skyline is not drawn')
        ->seesIn('#horizon-asked-said', 'The rest is drawn');
    $this->choose('#f-skyline', '0 30, 60 30')->eventually(fn (): ?bool => $this->script("return document.querySelector('[data-keep-skyline]').hidden === false && document.querySelector('[data-skyline-path]').getAttribute('d') !== '' && !document.querySelector('#horizon').textContent.includes('not drawn')") ? true : null, 'It is not tried.');
    $this->click('[data-draw-skyline]');
    $box = $this->script("const s = document.querySelector('.horizon svg'); s.scrollIntoView({block: 'center'}); const b = s.getBoundingClientRect(); const h = document.querySelector('.horizon-line').getBoundingClientRect(); return [b.x, b.width, h.y]");
    $at = static fn (float $azimuth, float $altitude): array => [$box[0] + fmod($azimuth - 80 + 540, 360) / 360 * $box[1], $box[2] - $altitude / 360 * $box[1]];
    $this->mouse('mousePressed', ...$at(150, 10));
    $this->mouse('mouseMoved', ...$at(180, 10));
    $this->mouse('mouseReleased', ...$at(180, 10));
    $drawn = Skyline::parse($this->value('#f-skyline'));
    expect($drawn->altitudeDeg(30))->toBeAbout(30, 0.5)->and($drawn->altitudeDeg(165))->toBeAbout(10, 1.5)->and($drawn->altitudeDeg(100))->toBeAbout(0, 0.5);
    $this->click('[data-keep-skyline]')->seesIn('.said', 'is kept');
});

it('keeps both strokes of a hurried hand over a slow network, pressed at once, and says so where there is none', function (): void {
    $this->visit('/places/5?day=2026-12-04')->slowedBy(1500)->click('[data-draw-skyline]');
    $box = $this->script("const s = document.querySelector('.horizon svg'); s.scrollIntoView({block: 'center'}); const b = s.getBoundingClientRect(); const h = document.querySelector('.horizon-line').getBoundingClientRect(); return [b.x, b.width, h.y]");
    $stroke = function (float $from, float $to, float $altitude) use ($box): void {
        $at = static fn (float $azimuth): array => [$box[0] + fmod($azimuth - 80 + 540, 360) / 360 * $box[1], $box[2] - $altitude / 360 * $box[1]];
        $this->mouse('mousePressed', ...$at($from));
        $this->mouse('mouseMoved', ...$at($to));
        $this->mouse('mouseReleased', ...$at($to));
    };
    $stroke(20, 50, 12);
    $stroke(120, 150, 20);
    $this->click('[data-keep-skyline]')->seesIn('.said', 'What stands around Tarrip Weir is kept');
    $kept = Skyline::parse($this->value('#f-skyline'));
    expect($kept->altitudeDeg(35))->toBeAbout(12, 1.5)->and($kept->altitudeDeg(135))->toBeAbout(20, 1.5)->and($kept->altitudeDeg(90))->toBeAbout(0, 0.5);
    // With the network gone what is drawn stands, and is said not to be worked out.
    $this->slowedBy(0)->click('[data-draw-skyline]');
    $this->script("document.querySelector('.horizon svg').scrollIntoView({block: 'center'})");
    $this->offline()->expectOnConsole('ERR_INTERNET_DISCONNECTED')->expectOnConsole('htmx:sendError')->expectOnConsole('htmx:sendAbort')->expectOnConsole('htmx:afterRequest');
    $stroke(200, 220, 15);
    $this->seesIn('#horizon-asked-said', 'out of reach');
    expect(Skyline::parse($this->value('#f-skyline'))->altitudeDeg(210))->toBeAbout(15, 2.5)->and($this->find('[data-keep-skyline]')->isDisplayed())->toBeTrue();
    $this->offline(false)->seesIn('#horizon-asked-said', 'works again');
});

it('is used by the thumb: the frame is dragged, the drawing is pushed, nothing is wider than the screen', function (): void {
    $this->onPhone()->visit('/places/2?day=2026-12-04')->seesIn('.passages', 'Sun in the frame');
    expect($this->script('return document.documentElement.scrollWidth <= window.innerWidth'))->toBeTrue()
        ->and($this->script("const b = document.querySelector('[data-lens]').getBoundingClientRect(); return b.x < 390 && b.x + b.width > 0"))->toBeTrue();
    $this->choose('#lens-focal', '50')->eventually(fn (): ?bool => str_contains($this->text('.lens-form'), '40° by 27°') ? true : null,
        'A longer lens is not narrower.');
});

it('leaves the cursor where a hand has put it when the hold plan comes', function (): void {
    $this->visit('/places/2?day=2026-12-04')->slowedBy(700);
    $this->browser->navigate()->refresh();
    $this->seesIn('[data-read="at"]', ':');
    $this->script("document.dispatchEvent(new CustomEvent('day:go', {detail: 30})); document.querySelector('.cursor').focus()");
    $this->seesIn('[data-read="at"]', '5:00')->seesIn('.day-board', 'hold ');
    expect($this->text('[data-read="at"]'))->toBe('5:00')->and($this->text('.horizon [data-at]'))->toBe('5:00');
    // By keys it goes on from there.
    $this->press(WebDriverKeys::ARROW_RIGHT)->seesIn('[data-read="at"]', '5:10');
});

it('takes a forecast that is dropped on its field, and has it under the board', function (): void {
    $this->visit('/places/4?day='.gmdate('Y-m-d'))->click('.forecast summary');
    $at = gmdate('Y-m-d');
    $this->script(<<<JS
        const data = new DataTransfer();
        data.items.add(new File(['time,cloud_low,wind_m_s\\n{$at}T10:00Z,100,7\\n{$at}T11:00Z,100,7\\n'], 'model.csv', {type: 'text/csv'}));
        const field = document.getElementById('f-forecast_text');
        field.dispatchEvent(new DragEvent('dragover', {dataTransfer: data, bubbles: true, cancelable: true}));
        field.dispatchEvent(new DragEvent('drop', {dataTransfer: data, bubbles: true, cancelable: true}));
        JS);
    $this->click('.forecast .foot-line button')->seesIn('.said', '2 hours of forecast are kept')
        ->seesIn('.forecast summary', 'of this hour')->seesIn('.day-board', 'overcast');
    $this->click('.forecast summary')->click('.forecast .is-warn')->seesIn('.said', 'The forecast is gone');
});
