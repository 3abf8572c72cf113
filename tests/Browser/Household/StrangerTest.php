<?php

declare(strict_types=1);

use Tests\Browser\Support\Servers;

// A stranger with an empty database: their own kit, their own place with its station, their own water, the first frame and the second.

beforeEach(fn () => $this->savesData());

it('takes a stranger from nothing to the same frame again, on a phone and at a desk', function (bool $phone): void {
    $phone && $this->onPhone();
    Servers::running()->freshDatabase(empty: true);
    $entries = 0;
    $types = function (string $field, string $text) use (&$entries): void {
        $this->type($field, $text);
        $entries++;
    };
    $presses = function (string $button) use (&$entries): void {
        $this->click($button);
        $entries++;
    };

    // First kit: the bench asks for it.
    $this->visit('/bench')->seesIn('h1', 'A first camera, lens and filter');
    foreach (['#f-camera' => 'Mine', '#f-focal_min_mm' => '24', '#f-thread_mm' => '77', '#f-marking' => 'ND1000'] as $field => $text) {
        $types($field, $text);
    }
    $this->seesIn('#marking-says', '10');
    $presses('.is-go');
    $this->seesIn('h1', 'Silk in the')->seesIn('.strip', 'ND1000');
    expect($entries)->toBeLessThanOrEqual(6);

    // Own place, its own station.
    $entries = 0;
    $this->visit('/')->seesIn('h1', 'Five minutes to your first frame');
    $presses('.empty .is-go');
    $types('#f-name', 'Back of the mole');
    $types('#f-position', '56.5, -9.8');
    $this->seesIn('#stations', 'Orra Haven');
    $presses('#stations .tick:first-of-type input');
    $presses('form[action$="/places"] .is-go');
    $this->seesIn('h1', 'Back of the mole')->seesIn('.day-board', 'tide');
    expect($entries)->toBeLessThanOrEqual(6);

    // Own water at it, and to the bench with one press.
    $entries = 0;
    $presses('#subjects ~ .foot-line a');
    $types('#f-name', 'the slip');
    $this->choose('#f-kind', 'swell');
    $types('#f-period', '8');
    $types('#f-distance', '12');
    $presses('form[action$="/subjects"] .is-go');
    $this->seesIn('.subjects', 'the slip')->seesIn('.subject-silk', 's');
    $presses('.subject-go');
    $this->seesIn('h1', 'in the sea swell');
    expect($this->script('return document.getElementById("f-take").selectedOptions[0].text'))->toBe('Back of the mole: the slip');
    expect($entries)->toBeLessThanOrEqual(7);

    // Reading, glass, run sheet, countdown.
    $entries = 0;
    $types('#f-shutter', '1/500');
    $types('#f-aperture', 'f/8');
    $this->seesIn('.strip', '2 s');
    $presses('.glass-mark [value="ND1000"]');
    $this->seesIn('.settings', 'f/8');
    $presses('#shoot-this');
    $this->seesIn('.shoot-where', 'Back of the mole')->click('[data-step-all]');
    $presses('[data-start="0"]');
    expect($entries)->toBeLessThanOrEqual(5);

    // Verdict, and the same again.
    $this->seesIn('.verdict', 'How did it come out?');
    $this->click('.verdict .look:nth-of-type(2)')->click('.verdict .foot-line .button:not(.is-go)')->seesIn('.said', 'Kept in the log');
    $this->click('form[action$="/again"] .button')->seesIn('[data-step-count]', 'step ')->seesIn('[data-figure]', '2 s');
    $this->visit('/log')->seesIn('.tile-what', 'the slip')->seesIn('.tile-what', 'right');
})->with(['at a desk' => [false], 'on a phone' => [true]]);

it('has a word for a stranger on every page, and no error', function (string $path): void {
    Servers::running()->freshDatabase(empty: true);
    $this->visit($path);
    expect($this->text('main'))->not->toBe('')->and($this->text('h1'))->not->toContain('wrong');
})->with(['/', '/almanac', '/places', '/outings', '/places/new', '/subjects/new', '/bench', '/water', '/water/waves', '/compare', '/shoot', '/log',
    '/kit', '/card']);
