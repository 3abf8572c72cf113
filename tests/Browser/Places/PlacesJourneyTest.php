<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Servers;

it('takes a person from a position to the nearest station, a learned level, windows, a calendar and an outing', function (): void {
    // A new place by its coordinates; the nearest station with one press.
    $this->visit('/places/new')->type('#f-name', 'Tern Rock');
    $this->find('#f-position')->sendKeys("56°31.2'N 9°50.4'W");
    $this->seesIn('#stations', 'Orra Haven')->seesIn('#f-timezone-hint', 'Europe/London');
    $this->click('#stations .tick:first-of-type input');
    expect($this->value('#f-station_id'))->toBe('demo/orra-haven');
    $this->type('#f-facing_deg', '110')->type('#f-stand_m', '5.4')->click('.is-go')->seesIn('h1', 'Tern Rock');
    $this->seesIn('.cautions', 'made up for the demo');

    // A level mark that learns from three sightings.
    $this->type('#mark-name', 'water fills the gully')->click('form[action$="/marks"] button')->seesIn('.said', 'learns its height');
    foreach ([['2026-11-20 13:00', 1], ['2026-11-20 16:30', 0], ['2026-11-21 14:00', 1]] as [$at, $reached]) {
        $this->choose('input[name="seen_at"]', str_replace(' ', 'T', $at)); // the browser’s own picker
        $this->click('button[name="reached"][value="'.$reached.'"]')
            ->seesIn('.said', $reached === 1 ? 'Seen: reached' : 'Seen: not reached');
    }
    $this->seesIn('.mark', '3 sightings')->seesIn('.mark-figure', 'above ');

    // Windows for a year, as a calendar that a reader takes, and one of them as an outing.
    $this->click('.mark a')->seesIn('.found', 'windows at Tern Rock');
    $this->choose('[name=light]', 'any');
    $this->eventually(fn (): ?bool => str_contains($this->browser->getCurrentURL(), 'light=any') ? true : null,
        'The light is not searched for.');
    $this->choose('[name=months]', '12');
    $this->eventually(fn (): ?bool => str_contains($this->browser->getCurrentURL(), 'months=12') ? true : null, 'No year is searched.');
    $this->seesIn('.found', 'windows at Tern Rock');
    $calendar = (string) file_get_contents((string) $this->find('.found a')->getAttribute('href'));
    expect(count(Sabre\VObject\Reader::read($calendar)->select('VEVENT')))->toBe((int) $this->text('.found b'));
    $this->click('.coming form button')->seesIn('.said', 'The outing is planned')->seesIn('.day-board', 'outing');
    $this->visit('/')->seesIn('.said', 'Next outing');
});

it('reads everything at an instant with the cursor, by hand and by keys', function (): void {
    $this->visit('/places/2?day=2026-11-26')->seesIn('[data-read="tide"]', 'm');
    $this->seesIn('#board', 'no filter');
    $this->script('document.querySelector(".cursor").focus()');
    $this->press(WebDriverKeys::HOME);
    $this->seesIn('[data-read="at"]', '0:00');
    $this->press(WebDriverKeys::ARROW_RIGHT);
    $this->seesIn('[data-read="at"]', '0:10')->seesIn('[data-read="tideLabel"]', 'rising')->seesIn('[data-read="light"]', 'EV');
    expect($this->find('.cursor')->getAttribute('aria-valuetext'))->toContain('0:10');
    $this->script('document.activeElement.blur()');
    $this->press(']');
    $this->seesIn('h1', 'Friday 27 November 2026');
    $this->press('[');
    $this->seesIn('h1', 'Thursday 26 November 2026');
});

it('keeps an inland place, which has light and no tide', function (): void {
    $this->visit('/places/new')->type('#f-name', 'Fall of Nowhere')->type('#f-position', '56.8, -9.2')->type(
        '#f-timezone', 'Europe/London',
    )->choose('#f-tide', 'none')->click('.is-go');
    $this->seesIn('h1', 'no tide')->seesIn('.day-board', 'sunrise');
    expect($this->script('return document.querySelector("[data-read=tide]").closest(".reading-of").hidden'))->toBeTrue();
});

it('keeps a place with a typed tide table, and says what is wrong with a bad one', function (): void {
    $this->visit('/places/new')->type(
        '#f-name', 'By the printed table',
    )->type('#f-position', '56.8, -9.2')->type('#f-timezone', 'Europe/London')->choose('#f-tide', 'table');
    $this->script(
        'document.querySelectorAll("details").forEach((d) => { d.open = true; }); document.querySelector("#f-table").value = "2026-11-24 noon high";',
    );
    $this->click('.is-go')->seesIn('#f-table-problem', 'Line 1');
    expect($this->value('#f-table'))->toContain('noon high')->and($this->value('#f-name'))->toBe('By the printed table');
    $this->script(
        'document.querySelector("#f-table").value = "2026-11-24, 05:10, 1.1, L\n2026-11-24, 11:20, 4.8, H\n2026-11-24, 17:40, 1.3, L";',
    );
    $this->click('.is-go')->seesIn('h1', 'tide by your table');
    $id = basename((string) parse_url($this->browser->getCurrentURL(), PHP_URL_PATH));
    $this->visit("/places/{$id}?day=2026-11-24")->seesIn('.day-board', '11:20 4.8 m');
});

it('shows the day on which the clocks change with all its hours', function (): void {
    $this->visit('/places/2?day=2027-03-28');
    $hours = $this->script(
        'return [...document.querySelectorAll(".day-board text.scale")].map((t) => t.textContent).filter((t) => /^\d\d$/.test(t))',
    );
    expect($hours)->toContain('03')->and($hours)->not->toContain('02');
    expect((int) $this->find('.cursor')->getAttribute('aria-valuemax'))->toBe(23 * 6);
});

it('fetches nothing from anywhere else', function (): void {
    foreach (['/', '/places/2', '/bench'] as $path) {
        $this->visit($path);
        $hosts = $this->script('return [...new Set(performance.getEntriesByType("resource").map((r) => new URL(r.name).origin))]');
        expect($hosts)->toBe([Servers::running()->address]);
    }
});
