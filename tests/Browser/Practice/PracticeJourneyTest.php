<?php

declare(strict_types=1);

it('is gone through by keys: a digit answers, enter goes on, and the end says how it went', function (): void {
    $this->visit('/practice')->script('document.querySelector(".practice-drill[type], input[value=filter]").closest("form").querySelector("button").click()');
    for ($i = 1; $i <= 8; $i++) {
        $this->seesIn('.practice-at', "{$i} of 8")->press('1');
        $this->seesIn('.practice-why', 'doublings');
        $this->eventually(fn (): ?bool => $this->script('return document.activeElement.hasAttribute("data-next")') === true ? true : null,
            'What leads on has not the focus.');
        $this->script('document.activeElement.click()');
    }
    $this->seesIn('.practice-sum', 'of 8 right');
});

it('passes a swell by the post with the period that it asks for, and counts presses with it', function (): void {
    $this->onPhone()->visit('/practice')->script('document.querySelector("input[value=swell]").closest("form").querySelector("button").click()');
    $this->seesIn('.practice-at', 'Read the swell');
    // The drawn crest stands at the post when the question says that one passes.
    $apart = (array) $this->script('return JSON.parse(document.querySelector("[data-swell]").dataset.swell)');
    $height = 'const d = document.querySelector("[data-swell-water]").getAttribute("d"); return Number(d.match(/L300 ([\d.]+)/)[1])';
    $lowest = 999.0;
    $until = microtime(true) + $apart[0] / 2 + 2;
    while (microtime(true) < $until) {
        $lowest = min($lowest, (float) $this->script($height));
    }
    expect($lowest)->toBeLessThan(66.0);
    for ($i = 0; $i < 6; $i++) {
        $this->script('document.querySelector("[data-crest-press]").dispatchEvent(new PointerEvent("pointerdown", { bubbles: true }))');
        usleep(300000);
    }
    expect((float) $this->value('#f-answer'))->toBeGreaterThan(0.2)->toBeLessThan(2.5);
    $this->click('.practice-choices .is-go')->seesIn('.practice-why', 'You said');
});
