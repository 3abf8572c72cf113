<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

// The frame comes back: dropped, matched, checked, corrected, calibrated, compared, kept, written out, as a hurried person does it.

/** The demo's pictures are there already: without their records they come in anew. */
function withoutPictures(): void
{
    $database = new PDO('sqlite:'.Tests\Browser\Support\Servers::running()->database());
    $database->exec('DELETE FROM calibrations; DELETE FROM photos; DELETE FROM settings WHERE key = \'camera_clocks\'');
}

function demoFile(string $name): string
{
    return dirname(__DIR__, 3)."/data/demo/{$name}.jpg";
}

/** What stands in a record, once it is so. */
function inTheHouse(string $sql): mixed
{
    return (new PDO('sqlite:'.Tests\Browser\Support\Servers::running()->database()))->query($sql)->fetchColumn();
}

it('goes the whole way on one machine: shot by the simulated camera, matched, one too bright, corrected, calibrated, used by the kit, compared, kept, written out', function (): void {
    $this->visit('/settings')->choose('#f-camera', 'simulated')->click('form[action$="/settings/devices"] button')
        ->seesIn('.said', 'Your devices are kept');
    // A frame with one filter whose truth is not what is engraved on it, planned on the bench.
    $this->visit('/bench?kind=cascade&measure=speed&speed=4&distance=8&look=silk&look_was=silk&target=&shutter=1%2F60&aperture=f%2F11&iso=100&correction=0.67')->click('.headline .is-go');
    $this->seesIn('.fires', 'simulated camera')->click('.fires button')->seesIn('h1', 'silk in the cascade');
    $frame = (int) preg_replace('/\D/', '', (string) parse_url($this->browser->getCurrentURL(), PHP_URL_PATH));
    // Two thirds more than metered, and whatever its filter lets through: it is brighter than its base, and that is said in thirds.
    $this->seesIn('.check-next', 'less')->seesIn('.check-facts', 'brighter')->seesIn('.check-facts', 'the base');
    expect(inTheHouse("SELECT group_concat(role) FROM (SELECT role FROM photos WHERE frame_id = {$frame} ORDER BY role)"))
        ->toBe('base,frame');
    $filter = (string) inTheHouse("SELECT filters_label FROM frames WHERE id = {$frame}");
    expect($filter)->not->toContain('+');
    $before = inTheHouse("SELECT measured_stops FROM filters WHERE name = '{$filter}'");
    $this->click('.filter-told form button')->seesIn('.filter-told', 'stops ±')->click('.filter-told .is-go')
        ->seesIn('.said', "The bench takes {$filter} for");
    $after = (float) inTheHouse("SELECT measured_stops FROM filters WHERE name = '{$filter}'");
    expect($after)->toBeGreaterThan(1.0)->not->toBe($before);
    $this->visit('/kit')->seesIn('.kit-list', 'measured');
    // Corrected: the next is planned from this one.
    $this->visit("/log/{$frame}")->choose('#f-exposure_thirds', '2')->click('.verdict .is-go');
    $this->eventually(fn (): ?bool => str_contains($this->browser->getCurrentURL(), '/bench?next=') ? true : null, 'The next is not planned.');
    $this->seesIn('.headline', 'f/');
    // Base and frame side by side, as a keeper, and out as a sidecar.
    $this->visit("/log/{$frame}")->click('[data-marks] button')->seesIn('[data-marks]', 'A keeper');
    $this->visit("/log/compare?chosen%5B%5D=b{$frame}&chosen%5B%5D={$frame}&wipe=1")->seesIn('h1', 'Side by side');
    expect($this->script('return document.querySelectorAll(".laid img").length'))->toBe(2)
        ->and(inTheHouse("SELECT keeper FROM frames WHERE id = {$frame}"))->toBe('keeper');
    $sidecar = $this->browser->executeAsyncScript('const done = arguments[0]; fetch(`/log/'.$frame.'.xmp?title=1&filters=1`).then((a) => a.text()).then(done)');
    expect($sidecar)->toContain('dc:title')->toContain($filter)->toContain('>5</xmp:Rating>');
});

it('takes many files in one after the other, says of each what came of it, and stops at no broken one', function (): void {
    withoutPictures();
    file_put_contents($broken = sys_get_temp_dir().'/broken-'.getmypid().'.jpg', 'none');
    $this->visit('/log');
    $this->browser->findElement(WebDriverBy::cssSelector('[data-taking-files]'))->sendKeys(implode("\n",
        [demoFile('posts-silk'), $broken, demoFile('posts-base'), demoFile('step-silk')]));
    $this->seesIn('[data-taking-count]', '3 taken in, 1 not')->seesIn('[data-taking-list]', 'The file is no JPEG')
        ->seesIn('[data-taking-list]', 'Frame 3.')->seesIn('[data-taking-list]', 'The base of frame 1.');
    expect(inTheHouse('SELECT count(*) FROM photos'))->toBe(3);
    // Sent again they are here once. What was read here stays until it was read.
    $this->reload();
    $this->browser->findElement(WebDriverBy::cssSelector('[data-taking-files]'))->sendKeys(demoFile('step-silk'));
    $this->seesIn('h1', 'Frame 3');
    expect(inTheHouse('SELECT count(*) FROM photos'))->toBe(3);
    unlink($broken);
});

it('keeps what could not be sent, says so, and sends it as soon as the network is there again', function (): void {
    withoutPictures();
    $this->expectOnConsole('ERR_INTERNET_DISCONNECTED')->visit('/log');
    $this->offline();
    try {
        $this->browser->findElement(WebDriverBy::cssSelector('[data-taking-files]'))->sendKeys(demoFile('posts-silk'));
        $this->seesIn('[data-taking-list]', 'could not be sent, the server is out of reach. It goes on once the network is back. Send it again');
    } finally {
        $this->offline(false);
    }
    $this->seesIn('h1', 'Frame 1');
    expect(inTheHouse('SELECT count(*) FROM photos'))->toBe(1);
});

it('shows a picture that came in wider colours in these, not duller: as the browser sees it, so it is judged', function (): void {
    withoutPictures();
    $image = imagecreatetruecolor(320, 240);
    imagefilledrectangle($image, 0, 0, 319, 239, 0x3CC83C);
    imagejpeg($image, $path = sys_get_temp_dir().'/wide-'.getmypid().'.jpg', 100);
    exec('exiftool -q -overwrite_original -n -InteropIndex=R03 -ColorSpace=65535 '.escapeshellarg($path));
    $this->visit('/log');
    $this->browser->findElement(WebDriverBy::cssSelector('[data-taking-files]'))->sendKeys($path);
    // The page goes on by itself: left before, it would ask.
    $this->seesIn('h1', 'Which frame is it?');
    unlink($path);
    $seen = $this->browserScript(<<<'JS'
        const done = arguments[arguments.length - 1];
        const image = [...document.images].find((one) => one.src.includes('/photo'));
        await image.decode();
        const canvas = document.createElement('canvas');
        const ink = canvas.getContext('2d');
        ink.drawImage(image, 0, 0);
        done([...ink.getImageData(20, 20, 1, 1).data].slice(0, 3));
        JS);
    // 60, 200, 60 of those colours in sRGB: Little CMS.
    foreach ([0, 201, 37] as $i => $level) {
        expect(abs($seen[$i] - $level))->toBeLessThan(8, implode(', ', $seen));
    }
});

it('says how much of a picture has gone out over a slow network, and asks before what is on its way is left', function (): void {
    withoutPictures();
    $this->visit('/log');
    $this->slowedBy(0, upload: 30_000);
    $this->browser->findElement(WebDriverBy::cssSelector('[data-taking-files]'))->sendKeys(demoFile('posts-silk'));
    $this->eventually(fn (): ?bool => preg_match('/on its way, [1-9]\d? %/', $this->text('[data-taking-list]')) === 1 ? true : null,
        'It does not say how much of it has gone out.');
    expect($this->script(<<<'JS'
        const leaving = new Event('beforeunload', { cancelable: true });
        dispatchEvent(leaving);
        return leaving.defaultPrevented;
        JS))->toBeTrue();
    $this->slowedBy(0)->seesIn('h1', 'Frame 1');
    expect(inTheHouse('SELECT count(*) FROM photos'))->toBe(1);
});

it('sends nothing that the server would not take, and says so at once', function (): void {
    withoutPictures();
    // A file with a hole in it: its size is all that is looked at.
    $file = fopen($large = sys_get_temp_dir().'/large-'.getmypid().'.nef', 'wb');
    ftruncate($file, 200_000_001);
    fclose($file);
    $this->visit('/log');
    $this->script('window.sent = 0; const open = XMLHttpRequest.prototype.open; XMLHttpRequest.prototype.open = function (...of) { sent++; open.apply(this, of); }');
    $this->browser->findElement(WebDriverBy::cssSelector('[data-taking-files]'))->sendKeys($large);
    $this->seesIn('[data-taking-list]', 'larger than 200 MB, which is more than is taken here. Send its JPEG.')
        ->seesIn('[data-taking-count]', '0 taken in, 1 not');
    expect($this->script('return sent'))->toBe(0)->and($this->script('return document.querySelector("[data-again]")'))->toBeNull();
    unlink($large);
});

it('takes in what is dropped and what is pasted', function (): void {
    withoutPictures();
    $send = <<<'JS'
        const [bytes, name, how] = arguments;
        const file = new File([Uint8Array.from(atob(bytes), (c) => c.charCodeAt(0))], name, { type: 'image/jpeg' });
        const data = new DataTransfer();
        data.items.add(file);
        if (how === 'drop') {
            document.body.dispatchEvent(new DragEvent('dragover', { dataTransfer: data, bubbles: true, cancelable: true }));
            document.body.dispatchEvent(new DragEvent('drop', { dataTransfer: data, bubbles: true, cancelable: true }));
        } else {
            document.body.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
        }
        JS;
    foreach ([['posts-silk', 'drop', 'Frame 1'], ['posts-glass', 'paste', 'Frame 2']] as [$name, $how, $lands]) {
        $this->visit('/log');
        $this->browser->executeScript($send, [base64_encode((string) file_get_contents(demoFile($name))), "{$name}.jpg", $how]);
        $this->seesIn('h1', $lands);
    }
});

it('lets an area be drawn with a finger and with keys, shows what clips, and measures in it', function (): void {
    $this->visit('/log/10')->seesIn('.check-next', 'less');
    $this->script(<<<'JS'
        const stage = document.querySelector('[data-areas]');
        const box = stage.getBoundingClientRect();
        const at = (name, x, y) => stage.dispatchEvent(new PointerEvent(name, { pointerId: 1, isPrimary: true, pointerType: 'touch', bubbles: true, cancelable: true, clientX: box.left + x * box.width, clientY: box.top + y * box.height }));
        stage.setPointerCapture = () => null;
        at('pointerdown', 0.25, 0.75); at('pointermove', 0.5, 0.8); at('pointermove', 0.75, 0.95); at('pointerup', 0.75, 0.95);
        JS);
    expect($this->script('return document.querySelector("#f-water_area").value'))->toBe('0.25,0.75,0.5,0.2');
    $stage = $this->find('[data-areas]');
    $stage->sendKeys([WebDriverKeys::ARROW_LEFT, WebDriverKeys::SHIFT, WebDriverKeys::ARROW_UP]);
    expect($this->script('return document.querySelector("#f-water_area").value'))->toBe('0.24,0.75,0.5,0.19');
    $this->click('[data-shows-clipping]');
    $this->eventually(fn (): ?bool => $this->script('const c = document.querySelector("[data-clipping]"); return !c.hidden && c.width > 300 && c.getContext("2d").getImageData(c.width / 2, 20, 1, 1).data[3] > 0') === true ? true : null, 'Nothing is marked as clipped.');
    $this->click('[data-keeps-areas]')->seesIn('.check-next', 'by the water');
    expect(inTheHouse('SELECT water_area FROM photos WHERE frame_id = 10'))->toBe('[0.24,0.75,0.5,0.19]');
});

it('marks keepers by key and by star, folds away, and chooses pictures to compare, on a sheet that is walked by arrows', function (): void {
    $this->visit('/log?show=all');
    $first = $this->browser->findElements(WebDriverBy::cssSelector('.tile-link'));
    // The second is a keeper of the demo: no longer, and again.
    $becomes = fn (string $key, int $nth, string $class, bool $is): mixed => $this->eventually(
        fn (): ?bool => $this->script("const tile = document.querySelectorAll('[data-tile]')[{$nth}]; return !tile.hasAttribute('aria-busy') && tile.classList.contains('{$class}')")
            === $is ? true : null, "{$key} has not done that.",
    );
    $first[1]->sendKeys('k');
    $becomes('k', 1, 'is-keeper', false);
    $first[1]->sendKeys('k');
    $becomes('k', 1, 'is-keeper', true);
    $first[1]->sendKeys([WebDriverKeys::ARROW_RIGHT]);
    $this->browser->switchTo()->activeElement()->sendKeys('x');
    $becomes('x', 2, 'is-folded', true);
    $this->script('document.querySelectorAll("[data-choose]")[0].click(); document.querySelectorAll("[data-choose]")[1].click()');
    $this->click('[data-chosen] button')->seesIn('h1', 'Side by side')->click('[data-zoom="3"]');
    expect($this->script('return new Set([...document.querySelectorAll(".laid img")].map((i) => i.style.transform)).size'))->toBe(1)
        ->and($this->script('return document.querySelector(".laid img").style.transform'))->toContain('scale(3)');
});

it('shows a mark as pressed, takes it back with a word where it could not be kept, and keeps it though the session is another', function (): void {
    $this->expectOnConsole('ERR_INTERNET_DISCONNECTED')->expectOnConsole('419')->visit('/log');
    $tile = '.tile:not(.is-keeper):not(.is-folded)';
    $mark = (string) $this->script("return document.querySelector('{$tile}').dataset.tile");
    $tile = "[data-tile=\"{$mark}\"]";
    $frame = (int) preg_replace('~\D~', '', (string) parse_url($mark, PHP_URL_PATH));
    $isKept = fn (): bool => inTheHouse("SELECT keeper FROM frames WHERE id = {$frame}") === 'keeper';
    $this->slowedBy(1500)->click("{$tile} .star");
    expect($this->script("return document.querySelector('{$tile}').className"))->toContain('is-keeper');
    $this->eventually(fn (): ?bool => $isKept() ? true : null, 'It is not kept.');
    // The presses of a hurried thumb are kept in their order: the last is what stands.
    $this->slowedBy(300)->script("const star = document.querySelector('{$tile} .star'); for (let i = 0; i < 3; i += 1) star.click()");
    $this->eventually(fn (): ?bool => $this->script("return document.querySelector('{$tile}').hasAttribute('aria-busy')") === false ? true : null, 'It goes on.');
    expect($isKept())->toBeFalse();
    $this->offline()->click("{$tile} .star")->seesIn("{$tile} .tile-said", 'Not kept: the server is out of reach. Press again.');
    expect($this->script("return document.querySelector('{$tile}').className"))->not->toContain('is-keeper');
    $this->offline(false)->browser->manage()->deleteAllCookies();
    $this->click("{$tile} .star");
    $this->eventually(fn (): ?bool => $isKept() ? true : null, 'A session that has ended keeps nothing.');
    $this->eventually(fn (): ?bool => $this->text("{$tile} .tile-said") === '' ? true : null, 'It still says that it is not kept.');
});
