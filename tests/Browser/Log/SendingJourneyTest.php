<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Servers;

// Pictures as large as cameras make them, over a network as it is in a bay: in parts, each of which stays.

/** So much noise that no compression makes it small. */
function largePicture(int $width, int $height, string $name = 'large'): string
{
    mt_srand(7);
    $image = imagecreatetruecolor($width, $height);
    for ($i = 0; $i < $width * $height; $i++) {
        imagesetpixel($image, $i % $width, intdiv($i, $width), mt_rand(0, 0xFFFFFF));
    }
    imagejpeg($image, $path = sys_get_temp_dir()."/{$name}-".getmypid().'.jpg', 95);

    return $path;
}

/** What is here of what was begun, in bytes. */
function halfHere(): int
{
    clearstatcache();
    $files = array_filter(glob(dirname(Servers::running()->database()).'/uploads/*') ?: [], fn (string $path): bool => ! str_ends_with($path, '.json'));

    return array_sum(array_map(fn (string $path): int => (int) @filesize($path), $files));
}

/** Notes where each part begins that goes out from now on. */
const NOTES_PARTS = <<<'JS'
    window.began = [];
    const set = XMLHttpRequest.prototype.setRequestHeader;
    XMLHttpRequest.prototype.setRequestHeader = function (name, value) {
        name === 'Upload-Offset' && began.push(Number(value));
        set.call(this, name, value);
    };
    JS;

beforeEach(function (): void {
    $this->chooses = fn (string $path) => $this->browser->findElement(WebDriverBy::cssSelector('[data-taking-files]'))->sendKeys($path);
    $this->photos = fn (): int => (int) (new PDO('sqlite:'.Servers::running()->database()))->query('SELECT count(*) FROM photos')->fetchColumn();
    $this->before = ($this->photos)();
});

afterEach(fn () => array_map(unlink(...), glob(sys_get_temp_dir().'/*-'.getmypid().'.jpg') ?: []));

it('takes a picture that is larger than the server takes at once, goes on by itself where a network broke off, and leaves nothing behind', function (): void {
    $path = largePicture(1500, 1200);
    expect(filesize($path))->toBeGreaterThan(2 * 1024 ** 2);
    $this->expectOnConsole('ERR_INTERNET_DISCONNECTED')->onPhone()->visit('/log');
    $this->script(NOTES_PARTS);
    $this->slowedBy(0, upload: 400_000);
    ($this->chooses)($path);
    $this->eventually(fn (): ?bool => halfHere() > 500_000 ? true : null, 'No part of it has come.');
    $this->offline()->seesIn('[data-taking-list]', 'It goes on once the network is back.');
    expect($this->widerThanTheScreen())->toBeLessThanOrEqual(0)->and(halfHere())->toBeLessThan(filesize($path));
    $began = count($this->script('return began'));
    $this->offline(false)->seesIn('h1', 'Which frame is it?')->seesIn('main', basename($path));
    expect(($this->photos)())->toBe($this->before + 1);
    $this->eventually(fn (): ?bool => halfHere() === 0 ? true : null, 'What was sent stayed behind.');
    expect($began)->toBeGreaterThan(0);
});

it('goes on with what was half there when its page was left, once the same file is chosen again', function (): void {
    $path = largePicture(1000, 800, 'half');
    // Without a touch before, the browser asks nobody whether to leave.
    $this->expectOnConsole('beforeunload')->visit('/log');
    $this->slowedBy(0, upload: 300_000);
    ($this->chooses)($path);
    $this->eventually(fn (): ?bool => halfHere() > 500_000 ? true : null, 'No part of it has come.');
    $this->visit('/log')->seesIn('[data-taking-list]', basename($path).' is half there. Choose it again, and it goes on.')->slowedBy(0);
    expect($this->accessibilityProblems())->toBe([]);
    $here = halfHere();
    $this->script(NOTES_PARTS.'window.addEventListener("pagehide", () => sessionStorage.setItem("began", JSON.stringify(began)))');
    ($this->chooses)($path);
    $this->seesIn('h1', 'Which frame is it?');
    $began = json_decode((string) $this->script('return sessionStorage.getItem("began")'), true);
    expect($began[0])->toBe($here)->and($began[0])->toBeGreaterThan(500_000)->and(($this->photos)())->toBe($this->before + 1);
    $this->visit('/log');
    expect($this->text('[data-taking-list]'))->toBe('');
});

it('goes on though the session is another by now', function (): void {
    $path = largePicture(1000, 800, 'session');
    $this->expectOnConsole('419')->visit('/log');
    $this->browser->manage()->deleteAllCookies();
    ($this->chooses)($path);
    $this->seesIn('h1', 'Which frame is it?');
    expect(($this->photos)())->toBe($this->before + 1);
});

it('says what the server says of a file for which it has no room', function (): void {
    $folder = dirname(Servers::running()->database()).'/uploads';
    exec('rm -rf '.escapeshellarg($folder));
    touch($folder);
    try {
        $this->expectOnConsole('507')->visit('/log');
        ($this->chooses)(largePicture(1000, 800, 'room'));
        $this->seesIn('[data-taking-list]', 'There is no room for it on the disk of the server');
        unlink($folder);
        // By a press once there is room.
        $this->click('[data-again]')->seesIn('h1', 'Which frame is it?');
    } finally {
        is_file($folder) && unlink($folder);
    }
});

it('brings a backup back that is larger than the server takes at once, though the button is pressed twice', function (): void {
    $folder = dirname(Servers::running()->database());
    $this->tools()->execute('Browser.setDownloadBehavior', ['behavior' => 'allow', 'downloadPath' => $folder.'/large']);
    $this->visit('/settings/backup')->click('.backup-now .button');
    $saved = $this->eventually(static fn (): ?string => (glob($folder.'/large/*.zip') ?: [])[0] ?? null, 'Nothing was saved.');
    expect(filesize($saved))->toBeGreaterThan(2 * 1024 ** 2);
    $this->onPhone()->visit('/settings/backup');
    $this->browser->findElement(WebDriverBy::cssSelector('#f-backup'))->sendKeys($saved);
    $this->slowedBy(0, upload: 2_000_000)->doubleClick('[data-brings] .button');
    $this->seesIn('[data-brings-said]', 'on its way, ');
    $this->slowedBy(0)->seesIn('main', 'Nothing is done yet')->seesIn('main', 'Nothing would change');
    expect(halfHere())->toBe(0)->and(count(glob($folder.'/backups/*-sent-in.zip') ?: []))->toBe(1);
    array_map(unlink(...), [$saved, ...glob($folder.'/backups/*-sent-in.zip') ?: []]);
});
