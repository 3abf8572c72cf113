<?php

declare(strict_types=1);

it('keeps a backup on a phone, loses a frame, looks into the backup first, and has the frame again', function (): void {
    $this->onPhone()->visit('/settings')->seesIn('main', 'never taken away from it');
    $this->visit('/settings/backup')->click('section h2 form button')->seesIn('[role=status]', 'Kept on this machine');
    $this->click('.kit-list a')->seesIn('main', 'Nothing is done yet')->seesIn('main', 'Nothing would change');
    $backup = (string) $this->script('return location.pathname');
    $this->visit('/log/3')->click('form[action$="/log/3"] .is-warn')->seesIn('[role=status]', 'Undo');
    $this->visit($backup)->seesIn('.restore-way', 'Frames')->seesIn('.restore-way', 'Merge it in');
    expect($this->widerThanTheScreen())->toBeLessThanOrEqual(0)->and($this->accessibilityProblems())->toBe([]);
    $this->click('.restore-way .is-go')->seesIn('[role=status]', 'It is back: 3 added')
        ->seesIn('.kit-list', 'before a backup was brought back');
    expect($this->accessibilityProblems())->toBe([]);
    $this->visit('/log/3')->seesIn('h1', 'Frame 3');
    // A file that is no backup is refused at its field, and nothing has changed.
    $file = tempnam(sys_get_temp_dir(), 'no').'.zip';
    file_put_contents($file, 'no backup');
    $this->visit('/settings/backup')->find('#f-backup')->setFileDetector(new Facebook\WebDriver\Remote\LocalFileDetector)->sendKeys($file);
    $this->click('form[enctype] .button')->seesIn('#f-backup-problem', 'no zip archive');
    unlink($file);
});

it('brings back from the deleted, days later, what was deleted with a press', function (): void {
    $this->visit('/log/2')->click('form[action$="/log/2"] .is-warn')->seesIn('[role=status]', 'Undo');
    $this->visit('/settings/deleted')->seesIn('.kit-list', 'Frame 2')->click('.kit-list button')->seesIn('[role=status]', 'It is back');
    $this->visit('/log/2')->seesIn('h1', 'Frame 2');
});
