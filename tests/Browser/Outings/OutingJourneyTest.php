<?php

declare(strict_types=1);

it('plans an outing on a phone: from a window to a schedule, ticks that stay, a text for somebody at home', function (): void {
    $this->onPhone()->visit('/almanac?place=2&mark=2&light=any&months=1&by=time')->click('.coming li form button')
        ->seesIn('.said', 'The outing is planned');
    $this->seesIn('.schedule', 'Tripod up')->seesIn('.outing-times', 'off it by');
    $this->choose('#f-look', 'glass')->click('form[action$="/compositions"] .is-go')->seesIn('.subjects', 'the posts in swell glass');
    // Two at once are one wish; the second subject is another.
    $this->choose('#f-subject', '4')->click('form[action$="/compositions"] .is-go')->seesIn('.subjects', 'backwash on the ledge');
    expect((int) $this->script('return document.querySelectorAll(".subjects > li").length'))->toBe(2);

    $this->script('document.querySelectorAll(".packing")[0].open = true');
    $this->click('.packing [value="cloths"]');
    $this->eventually(function (): ?bool {
        $this->browser->navigate()->refresh();

        return $this->script('return document.querySelector(".packing [value=cloths]").checked') === true ? true : null;
    }, 'The tick does not stay.');

    $this->script('navigator.share = undefined; navigator.clipboard.writeText = (text) => { window.copied = text; return Promise.resolve(); }');
    $this->click('[data-shares]')->seesIn('[data-shares]', 'Copied');
    expect($this->script('return window.copied'))->toContain('I am photographing at Marrow Shelf')->toContain('off it by')
        ->toContain('coastguard');
    expect($this->widerThanTheScreen())->toBe(0);
});

it('keeps ticks on the device where there is no network, shows them again, and brings the last of them home', function (): void {
    $kept = fn (): array => (array) json_decode((string) (new PDO('sqlite:'.Tests\Browser\Support\Servers::running()->database()))
        ->query('SELECT packed FROM outings WHERE id = 2')->fetchColumn(), true);
    $this->expectOnConsole('ERR_INTERNET_DISCONNECTED')->onPhone()->visit('/outings/2');
    $this->script('document.querySelectorAll(".packing")[0].open = true');
    $list = '.packing:first-of-type';
    $before = (int) $this->text("{$list} [data-ticked]");
    $free = (array) $this->script('return [...document.querySelectorAll(".packing")[0].querySelectorAll("[type=checkbox]:not(:checked)")].map((box) => box.value).slice(0, 3)');
    expect($free)->toHaveCount(3);
    // A hurried thumb, over a slow network, then over none.
    $this->slowedBy(800);
    foreach ($free as $value) {
        $this->click("{$list} [value=\"{$value}\"]");
    }
    expect((int) $this->text("{$list} [data-ticked]"))->toBe($before + 3);
    $this->eventually(fn (): ?bool => array_diff($free, $kept()) === [] ? true : null, 'Not all three are kept.');
    $this->offline()->click("{$list} [value=\"{$free[0]}\"]")->seesIn("{$list} [data-ticks-said]", 'Kept on this device');
    expect($kept())->toContain($free[0]);
    // The phone puts the page away, and it is opened again where there is a network.
    $this->visitFile('/dev/null')->offline(false)->visit('/outings/2');
    $this->eventually(fn (): ?bool => in_array($free[0], $kept(), true) ? null : true, 'What was unticked comes back.');
    $this->eventually(fn (): ?bool => $this->script('return Object.keys(localStorage).some((key) => key.startsWith("ticks"))') === false ? true : null,
        'It is kept here for ever.');
    expect($this->script("return document.querySelector('{$list} [value=\"{$free[0]}\"]').checked"))->toBeFalse()
        ->and($kept())->toContain($free[1])->toContain($free[2]);
});

it('shows what somebody else ticks in the same house, undoes none of it, and keeps what is pressed meanwhile', function (): void {
    $database = fn (): PDO => new PDO('sqlite:'.Tests\Browser\Support\Servers::running()->database());
    $kept = fn (): array => (array) json_decode((string) $database()->query('SELECT packed FROM outings WHERE id = 2')->fetchColumn(), true);
    $this->onPhone()->visit('/outings/2')->script('document.querySelectorAll(".packing")[0].open = true');
    $list = '.packing:first-of-type';
    [$mine, $theirs, $next] = (array) $this->script('return [...document.querySelectorAll(".packing")[0].querySelectorAll("[type=checkbox]:not(:checked)")].map((box) => box.value).slice(0, 3)');
    $database()->prepare('UPDATE outings SET packed = ? WHERE id = 2')->execute([json_encode([...$kept(), $theirs])]);
    $count = (int) $this->text("{$list} [data-ticked]");
    // The next thumb comes before the answer to the first.
    $this->slowedBy(500)->click("{$list} [value=\"{$mine}\"]")->click("{$list} [value=\"{$next}\"]");
    $this->eventually(fn (): ?bool => array_diff([$mine, $theirs, $next], $kept()) === [] ? true : null, 'Not all three are kept.');
    $this->seesIn("{$list} [data-ticked]", (string) ($count + 3));
    foreach ([$mine, $theirs, $next] as $value) {
        expect($this->script("return document.querySelector('{$list} [value=\"{$value}\"]').checked"))->toBeTrue();
    }
});

it('is one page on paper, with schedule, packing, the text and the cautions', function (): void {
    $this->visit('/outings/2');
    $printed = (new Facebook\WebDriver\Chrome\ChromeDevToolsDriver($this->browser))->execute('Page.printToPDF',
        ['preferCSSPageSize' => true, 'printBackground' => true]);
    $path = sys_get_temp_dir().'/outing-'.getmypid().'.pdf';
    file_put_contents($path, (string) base64_decode((string) $printed['data'], true));
    $pages = (string) shell_exec('pdfinfo '.escapeshellarg($path));
    $text = (string) shell_exec('pdftotext -layout '.escapeshellarg($path).' -');
    unlink($path);
    expect($pages)->toMatch('/Pages:\s+1\n/')->toMatch('/59[45](\.\d+)? x 84[12]/')
        ->and($text)->toContain('off it by')->toContain('Tripod up')->toContain('Pack, and go')->toContain('Cloths, dry')
        ->toContain('I am photographing at')->toContain('Not for navigation');
});
