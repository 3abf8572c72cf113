<?php

declare(strict_types=1);

use Tests\Browser\Support\Servers;

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

it('saves the pictures with a press, loses one with its disk, lays the backup back by hand and has the picture again', function (): void {
    $folder = dirname(Servers::running()->database());
    $this->tools()->execute('Browser.setDownloadBehavior', ['behavior' => 'allow', 'downloadPath' => $folder.'/saved']);
    $this->onPhone()->visit('/settings/backup')->click('.backup-choice input[value="working"]')->click('.backup-now .button');
    $saved = $this->eventually(static fn (): ?string => (glob($folder.'/saved/*.zip') ?: [])[0] ?? null, 'Nothing was saved.');
    expect(basename($saved))->toMatch('/^gentle-pour-\d{8}T\d{6}Z-by-hand\.zip$/');
    $this->eventually(static fn (): ?bool => glob($folder.'/backups/leaving-*') === [] ? true : null, 'What was sent stayed behind.');
    $zip = new ZipArchive;
    expect($zip->open($saved))->toBeTrue();
    $pictures = [];
    for ($i = 0; $i < $zip->numFiles; $i++) {
        preg_match('#^photos/(([0-9a-f]{2}).+)$#D', (string) $zip->getNameIndex($i), $of) === 1
            && $pictures["{$of[2]}/{$of[1]}"] = $zip->getFromIndex($i);
    }
    expect(count($pictures))->toBeGreaterThan(10)->and(implode(' ', array_keys($pictures)))->not->toContain('.original');

    $lost = $folder.'/photos/'.array_key_first($pictures);
    expect(unlink($lost))->toBeTrue();
    is_dir($folder.'/backups') || mkdir($folder.'/backups', 0700);
    rename($saved, $folder.'/backups/'.basename($saved));
    $this->visit('/settings/backup')->seesIn('.kit-list', 'by hand')
        ->click('.kit-list a[href*="'.basename($saved, '.zip').'"]')->seesIn('main', '1 to be put back with either')
        ->seesIn('.restore-way', 'No record would change');
    expect($this->widerThanTheScreen())->toBeLessThanOrEqual(0)->and($this->accessibilityProblems())->toBe([]);
    $this->click('.restore-way .is-go')->seesIn('[role=status]', 'It is back');
    expect(file_get_contents($lost))->toBe($pictures[array_key_first($pictures)]);
    array_map(unlink(...), [...glob($folder.'/backups/gentle-pour-*') ?: []]);
});

it('saves a whole backup though the button is pressed twice on a slow network, and leaves nothing behind', function (): void {
    $folder = dirname(Servers::running()->database());
    $this->tools()->execute('Browser.setDownloadBehavior', ['behavior' => 'allow', 'downloadPath' => $folder.'/twice']);
    $this->onPhone()->visit('/settings/backup')->slowedBy(400)->doubleClick('.backup-now .button');
    $saved = $this->eventually(static fn (): ?string => (glob($folder.'/twice/*.zip') ?: [])[0] ?? null, 'Nothing was saved.');
    $zip = new ZipArchive;
    expect($zip->open($saved, ZipArchive::CHECKCONS))->toBeTrue();
    $this->eventually(static fn (): ?bool => glob($folder.'/backups/leaving-*') === [] ? true : null, 'What was sent stayed behind.');
    $this->slowedBy(0)->visit('/settings')->seesIn('main', 'taken away from it');
});

it('removes the files of pictures that are in no frame any more, with a press', function (): void {
    $stray = dirname(Servers::running()->database()).'/photos/ff/'.str_repeat('f', 64).'.jpg';
    is_dir(dirname($stray)) || mkdir(dirname($stray), 0700, true);
    file_put_contents($stray, str_repeat('x', 150_000));
    touch($stray, time() - 200_000);
    $this->onPhone()->visit('/settings/deleted')->seesIn('main', '1 file, 0.2 MB')->click('section form .button')
        ->seesIn('[role=status]', 'Files of pictures removed: 1');
    expect(is_file($stray))->toBeFalse();
    $this->visit('/log')->seesIn('h1', 'Log');
});
