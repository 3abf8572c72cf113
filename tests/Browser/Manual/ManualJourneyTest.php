<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;

it('tells what a field is about over the form, and nothing typed is lost', function (bool $phone): void {
    $phone && $this->onPhone();
    $this->visit('/places/new')->type('#f-name', 'Half typed')->click('[href$="#get-off"]')->seesIn('#help', 'lowest point of the way out');
    expect($this->value('#f-name'))->toBe('Half typed')->and($this->accessibilityProblems())->toBe([]);
    $this->press(WebDriverKeys::ESCAPE);
    $this->eventually(fn (): ?bool => $this->script("return document.getElementById('help').open") === false ? true : null,
        'It does not close.');
    $this->click('[href$="#tide"]')->seesIn('#help', 'by water')->click('#help [data-closes]');
    expect($this->script("return document.getElementById('help').open"))->toBeFalse()->and($this->value('#f-name'))->toBe('Half typed');
})->with(['at a desk' => [false], 'on a phone' => [true]]);

it('says so where the manual is out of reach', function (): void {
    $this->visit('/places/new')->offline()->expectOnConsole('ERR_INTERNET_DISCONNECTED')->click('[href$="#get-off"]')
        ->seesIn('#help', 'out of reach just now');
    $this->offline(false);
    $this->click('#help [data-closes]')->click('[href$="#get-off"]')->seesIn('#help', 'lowest point of the way out');
});

it('is read from front to back: drawn pictures, chapters one press away, nothing wider than the screen', function (): void {
    $this->onPhone()->visit('/manual')->click('.manual-order a[href="#part-dark"]');
    expect($this->script("return Math.abs(document.getElementById('part-dark').getBoundingClientRect().y) < 200"))->toBeTrue()
        ->and($this->widerThanTheScreen())->toBe(0);
});
