<?php

declare(strict_types=1);

it('counts to what an outing waits for, in the words of the server, and goes on by itself', function (): void {
    $zone = new DateTimeZone('Europe/London');
    $at = fn (string $ahead): string => (new DateTimeImmutable($ahead))->setTimezone($zone)->format('Y-m-d\TH:i');
    $this->visit('/places/5');
    $this->script('document.querySelector("#f-starts_at").value = arguments[0]; document.querySelector("#f-ends_at").value = arguments[1]',
        $at('+70 minutes'), $at('+190 minutes'));
    $this->click('form[action$="/outings"] button')->seesIn('.said', 'The outing is planned');

    $this->visit('/')->seesIn('.ahead h1', 'Tarrip Weir')->seesIn('.ahead-moments .is-next', 'in ');
    $server = (string) $this->script("const page = new DOMParser().parseFromString(await (await fetch('/')).text(), 'text/html'); return [...page.querySelectorAll('.ahead-moments i')].map((i) => i.textContent.replace(/\\s/g, ' ')).join()");
    $script = fn (): string => (string) $this->script("return [...document.querySelectorAll('.ahead-moments i')].map((i) => i.textContent.replace(/\\s/g, ' ')).join()");
    // The two read the clock some seconds apart.
    expect(preg_replace('/\d+ min/', 'min', $script()))->toBe(preg_replace('/\d+ min/', 'min', $server));
    // An hour later by the clock of the browser one more is past, and another stands out.
    $next = $this->text('.ahead-moments .is-next');
    $this->script('const now = Date.now; Date.now = () => now() + 7200000');
    $this->eventually(fn (): ?bool => str_contains($script(), 'past') && ! str_contains($this->text('.ahead-moments'), $next) ? true : null,
        'It does not go on.');
    expect($this->text('.ahead-moments'))->not->toContain($next)->toContain('past');
});

it('is read by the thumb: nothing is wider than the screen, the plan one press away', function (): void {
    $this->onPhone()->visit('/')->seesIn('.coming', 'minutes long');
    expect($this->widerThanTheScreen())->toBe(0);
});
