<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;

it('searches anew as the sentence is edited in place, and another place brings its own marks and tide', function (): void {
    $this->visit('/almanac?place=2&mark=2&light=golden')->seesIn('.found', 'Marrow Shelf');
    $before = (int) $this->text('.found b');
    $this->choose('[name=light]', 'day');
    $this->eventually(fn (): ?bool => (int) $this->text('.found b') !== $before ? true : null, 'There are as many windows by day.');
    $this->eventually(fn (): ?bool => str_contains($this->browser->getCurrentURL(), 'light=day') ? true : null,
        'The address does not say it.');
    $this->choose('[name=place]', '1')->seesIn('.found', 'Thrennet');
    expect($this->script("return document.querySelector('.month-tide').getAttribute('d')"))->toBe('')
        ->and($this->script("return document.querySelectorAll('[name=mark]').length"))->toBe(0);
});

it('lets no late answer write over what is typed on while it is on its way, and says so when none comes', function (): void {
    $this->visit('/almanac?place=2&mark=2&light=golden')->seesIn('.found', 'Marrow Shelf')->slowedBy(900);
    $this->choose('[name=light]', 'day');
    usleep(300000);
    // On a loaded machine the answer may come between one key and the next, and another field stand in its place.
    $this->eventually(function (): bool {
        $months = $this->find('[name=months]');
        $months->clear();
        $months->sendKeys('5');

        return true;
    }, 'The months cannot be typed.');
    expect($this->script("return document.getElementById('almanac-asked').dataset.state"))->toBe('asking');
    $this->eventually(fn (): ?bool => str_contains($this->browser->getCurrentURL(), 'months=5') ? true : null,
        'Five months are not searched.');
    $this->eventually(fn (): ?bool => $this->script("return document.getElementById('almanac-asked').dataset.state") === 'fresh' ? true
        : null, 'It does not settle.');
    expect($this->value('[name=months]'))->toBe('5')->and($this->value('[name=light]'))->toBe('day')
        ->and($this->script("return document.querySelectorAll('.month').length"))->toBeGreaterThanOrEqual(5);

    $this->offline()->expectOnConsole('ERR_INTERNET_DISCONNECTED')->expectOnConsole('htmx:sendError')->expectOnConsole('htmx:sendAbort')->expectOnConsole('htmx:afterRequest')->choose('[name=light]', 'blue')->seesIn('#almanac-asked-said', 'out of reach');
    expect($this->value('[name=light]'))->toBe('blue');
    $this->offline(false);
});

it('refuses at the field what cannot be searched, and mends it as it is typed', function (): void {
    $this->visit('/almanac?place=2&mark=2&light=golden')->expectOnConsole('422')->choose('[name=months]', 'soon');
    $this->seesIn('#f-months-problem', 'One to 24 months')->choose('[name=months]', '2')->seesIn('.found', 'Marrow Shelf');
    expect($this->script("return document.querySelector('#f-months-problem')"))->toBeNull();
});

it('is walked through by keys, and a day opens its windows and its board', function (): void {
    $this->visit('/almanac?place=2&mark=2&light=low');
    $this->script("document.querySelector('.month-day.is-chosen').focus()");
    $day = fn (): string => (string) $this->script('return document.activeElement.dataset.day');
    $first = $day();
    $after = static fn (int $days): string => date('Y-m-d', (int) strtotime("{$first} {$days} days"));
    $this->press(WebDriverKeys::ARROW_LEFT);
    expect($day())->toBe($after(-1));
    $this->press(WebDriverKeys::ARROW_UP);
    expect($day())->toBe($after(-8));
    $this->press(WebDriverKeys::ARROW_DOWN)->press(WebDriverKeys::ENTER);
    $this->eventually(fn (): ?bool => str_contains($this->browser->getCurrentURL(), 'on='.$after(-1)) ? true : null,
        'The day did not open.');
    $this->seesIn('.chosen h2', date('j F', (int) strtotime($after(-1))));
    $this->click('.chosen a.button')->seesIn('h1', date('j F', (int) strtotime($after(-1))));
});

it('is read by the thumb: a row a day, which opens over the rows, and plans an outing by one press more', function (): void {
    $this->onPhone()->visit('/almanac?place=2&mark=2&light=low&months=2')->click('.day-row a');
    $this->seesIn('.chosen', 'Plan the outing');
    expect($this->script("return document.querySelector('.chosen').getBoundingClientRect().top < innerHeight / 2"))->toBeTrue();
    $this->click('.chosen form button')->seesIn('h1', 'Marrow Shelf');
    expect($this->browser->getCurrentURL())->toContain('/outings/');
});
