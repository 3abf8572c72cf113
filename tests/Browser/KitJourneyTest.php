<?php

declare(strict_types=1);

it('builds a bag from an empty kit, one camera, one lens and one filter, and the bench works with it', function (): void {
    foreach (['filter' => 7, 'lens' => 3, 'camera' => 2] as $item => $count) {
        for ($id = 1; $id <= $count; $id++) {
            $this->visit("/kit/{$item}/{$id}");
            $this->script('window.confirm = () => true;');
            $this->click('button.is-warn')->seesIn('.said', 'out of the kit');
        }
    }
    $this->seesIn('main', 'No camera yet');
    $this->expectOnConsole('422')->visit('/bench')->seesIn('#f-camera-problem', 'Add a camera in Kit first');

    $this->visit('/kit/camera/new')->type('#f-name', 'Old body')->click('.is-go')->seesIn('.said', 'Old body is in the kit');
    $this->visit('/kit/lens/new')->type('#f-name', 'Only lens')->type('#f-focal_min_mm', '24')->type('#f-widest', 'f/2.8')->click('.is-go')->seesIn('.said', 'Only lens');
    $this->visit('/kit/filter/new')->type('#f-name', 'Grey')->type('#f-marking', 'ND64')->click('.is-go')->seesIn('.said', 'Grey is in the kit');
    $camera = basename((string) $this->script('return [...document.querySelectorAll("a")].find((a) => a.textContent === "Old body").href'));
    $lens = basename((string) $this->script('return [...document.querySelectorAll("a")].find((a) => a.textContent === "Only lens").href'));
    $this->visit("/bench?camera={$camera}&lens={$lens}&focal=24&look=silk&look_was=silk")->seesIn('.settings', 'Grey');
});

it('leaves a filter at home with one press, and the answer changes', function (): void {
    $this->visit('/bench')->seesIn('.settings', 'Six');
    $this->visit('/kit')->click('[aria-label="Six: packed"]')->seesIn('.said', 'Six stays at home');
    $this->visit('/bench');
    expect($this->text('.settings'))->not->toContain('Six');
});

it('leaves the release at home, and nothing is offered beyond the longest timed shutter', function (): void {
    $this->visit('/kit')->click('.tick input[name="release"][type="checkbox"]')->click('form[action$="/carry"] button')->seesIn('.said', 'The bag is kept');
    $this->visit('/bench?kind=foam&measure=speed&speed=0.3&look=glass&look_was=glass&target=')->seesIn('.ways', 'Take a release')->seesIn('.stop-rule.is-wide .wall', 'no release: 30 s at most');
});

it('keeps what was typed when a piece of kit is refused', function (): void {
    $this->visit('/kit/lens/new')->type('#f-name', 'Backwards')->type('#f-focal_min_mm', '50')->type('#f-widest', 'f/8')->type('#f-smallest', 'f/4')->click('.is-go');
    $this->seesIn('#f-smallest-problem', 'larger f-number');
    expect($this->value('#f-name'))->toBe('Backwards')->and($this->value('#f-widest'))->toBe('f/8');
});

it('judges a frame from the log, and refuses a time that cannot be read', function (): void {
    $this->visit('/log/5')->type('#f-open', 'a while')->click('.verdict .button:not(.is-go)')->seesIn('#f-open-problem', 'not a shutter time');
    $this->type('#f-open', '21.5')->script('document.querySelector("[name=blur][value=right]").click()');
    $this->click('.verdict .button:not(.is-go)')->seesIn('.said', 'Kept in the log');
    $this->visit('/log')->seesIn('.taken:first-child', 'glass: right');
});

it('changes the ranking with the habits, and says so', function (): void {
    $this->visit('/kit')->click('input[name="aperture"][value="stopped_down"]')->click('form[action$="/habits"] button')->seesIn('.said', 'ranks by them');
    $this->visit('/bench')->seesIn('.ways', 'stopped down');
});
