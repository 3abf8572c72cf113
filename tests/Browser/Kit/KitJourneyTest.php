<?php

declare(strict_types=1);

beforeEach(fn () => $this->savesData());

it('builds a bag from an empty kit, one camera, one lens and one filter, and the bench works with it', function (): void {
    $this->visit('/kit/camera/2');
    $this->script('window.confirm = () => true;');
    $this->click('button.is-warn')->seesIn('.said', 'out of the kit');
    // The rest goes the same way, without the pages in between.
    $this->browser->executeAsyncScript(<<<'JS'
        const done = arguments[arguments.length - 1];
        const token = document.querySelector('meta[name=csrf-token]').content;
        const gone = [...Array(7).keys()].map((i) => `filter/${i + 1}`).concat(['lens/1', 'lens/2', 'lens/3', 'camera/1']);
        for (const item of gone) await fetch(`/kit/${item}`, { method: 'DELETE', headers: { 'X-CSRF-TOKEN': token }, redirect: 'manual' });
        done();
        JS);
    $this->visit('/kit')->seesIn('main', 'No camera yet');
    $this->visit('/bench')->seesIn('h1', 'A first camera, lens and filter');

    $this->onPhone()->visit('/kit')->click('.said a')->seesIn('h1', 'A first camera, lens and filter');
    $this->type('#f-camera', 'Old body')->type('#f-focal_min_mm', '24')->type('#f-focal_max_mm', '16')->type('#f-widest', 'f/2.8')
        ->type('#f-marking', 'ND1000');
    $this->seesIn('#marking-says', 'factor 1000 = 9.97 stops');
    $this->click('.is-go')->seesIn('#f-focal_max_mm-problem', 'must not be below');
    expect($this->value('#f-camera'))->toBe('Old body')->and($this->value('#f-marking'))->toBe('ND1000');
    $this->type('#f-focal_max_mm', '70')->choose('#f-mount', 'slot')->click('.is-go')->seesIn('.said', 'Your kit is in')
        ->seesIn('#f-camera', 'Old body');
    $this->visit('/kit')->seesIn('.kit-list', 'ND1000');
    $this->visit('/kit/filter/new')->type('#f-name', 'Grey')->type('#f-marking', 'ND64')->click('.is-go')->seesIn(
        '.said', 'Grey is in the kit',
    );
    $this->visit('/bench?focal=24&look=silk&look_was=silk')->seesIn('.settings', 'Grey');
});

it('leaves a filter at home with one press, and the answer changes', function (): void {
    $this->visit('/bench')->seesIn('.settings', 'Six');
    $this->visit('/kit')->click('[aria-label="Six: packed"]')->seesIn('.said', 'Six stays at home');
    $this->visit('/bench');
    expect($this->text('.settings'))->not->toContain('Six');
});

it('leaves the release at home, and nothing is offered beyond the longest timed shutter', function (): void {
    $this->visit('/bench?kind=foam&measure=speed&speed=0.3&look=glass&look_was=glass&target=')->seesIn('.ways', 'bulb');
    $this->visit('/kit')->click('form[action$="/release"] button')->seesIn('.said', 'release stays at home')->seesIn(
        'form[action$="/release"]', 'release at home',
    );
    $this->visit('/bench')->seesIn('.ways', 'Take a release')->seesIn('.stop-rule.is-wide .wall', 'no release: 30 s at most');
    $this->click('#pack-release')->seesIn('.said', 'The release is packed')->seesIn('.ways', 'bulb');
});

it('keeps what was typed when a piece of kit is refused', function (): void {
    $this->visit('/kit/lens/new')->type('#f-name', 'Backwards')->type('#f-focal_min_mm', '50')->type('#f-widest', 'f/8')
        ->type('#f-smallest', 'f/4')->click('.is-go');
    $this->seesIn('#f-smallest-problem', 'larger f-number');
    expect($this->value('#f-name'))->toBe('Backwards')->and($this->value('#f-widest'))->toBe('f/8');
});

it('judges a frame from the log, and refuses a time that cannot be read', function (): void {
    $this->visit('/log/2')->type('#f-open', 'a while')->click('.verdict .button:not(.is-go)')->seesIn(
        '#f-open-problem', 'not a shutter time',
    );
    $this->type('#f-open', '21.5')->script('document.querySelector("[name=blur][value=right]").click()');
    $this->click('.verdict .button:not(.is-go)')->seesIn('.said', 'Kept in the log');
    $this->visit('/log')->seesIn('.tile:first-child', 'glass, right');
});

it('changes the ranking with the habits, and says so', function (): void {
    $this->visit('/kit')->click(
        'input[name="aperture"][value="stopped_down"]',
    )->click('form[action$="/habits"] button')->seesIn('.said', 'ranks by them');
    $this->visit('/bench')->seesIn('.ways', 'stopped down');
});

it('takes two readings at dusk, and opens for longer than one would', function (): void {
    $address = '/bench?kind=foam&measure=speed&speed=0.3&look=glass&look_was=glass&target=2m&shutter=1%2F8&earlier_shutter=&earlier_minutes=';
    $this->visit($address)->seesIn('.ways', 'why this way');
    $why = fn (): string => (string) $this->script('return document.querySelector("#why-this-way p").textContent');
    $steady = $why();
    $this->click('.more:has(#f-earlier_shutter) summary');
    $this->type('#f-earlier_shutter', '1/15')->type('#f-earlier_minutes', '5')->seesIn('.bench-inputs', '−0.20 stops a minute');
    $this->eventually(fn (): ?bool => $why() !== $steady ? true : null, 'The drift changes nothing.');
});

it('takes a remedy when nothing fits, and has a way again', function (): void {
    $this->visit('/bench?kind=cascade&measure=speed&speed=4&look=silk&look_was=silk&target=&shutter=1%2F60')->seesIn('.settings', 'Six');
    $this->visit('/kit');
    foreach (['Three', 'Six', 'Ten', 'Fifteen', 'Pola', 'Soft grad'] as $filter) {
        $this->click("[aria-label='{$filter}: packed']")->seesIn('.said', $filter.' stays at home');
    }
    $this->visit('/bench')->seesIn(
        '.settings', 'Nothing in the bag',
    )->seesIn('.ways', 'Add a filter of')->seesIn('.mean', 'without a dark filter');
    $this->click('.is-lists summary')->click('[hx-get*="better"]')->seesIn('#better', 'Pack “Six”, which is at home.');
    $this->visit('/kit')->click("[aria-label='Six: at home']")->seesIn('.said', 'Six is packed');
    $this->visit('/bench')->seesIn('.settings', 'Six')->seesIn('.ways', 'settings fit');
});

it('shows what is sharp, and the focus stack where one frame is not enough', function (): void {
    $this->visit(
        '/bench?camera=1&lens=2&focal=70&distance=8&look=silk&look_was=silk&target=&sharp_near=2&sharp_far=',
    )->seesIn('.sharpness', 'Hyperfocal')->seesIn('.sharpness', 'focus stack of');
    $this->expectOnConsole('422');
    $this->type('#f-sharp_far', '1')->seesIn('#f-sharp_far-problem', 'beyond the near one');
});

it('prints the card at its size, with the numbers in it', function (): void {
    $this->visit('/card')->seesIn('.pocket', 'Ten');
    foreach (['/card' => [298, 420], '/card?paper=a4&school=card' => [842, 595]] as $address => [$width, $height]) {
        $this->visit($address)->find('.pocket');
        $printed = $this->browser->executeCustomCommand(
            '/session/:sessionId/goog/cdp/execute', 'POST',
            ['cmd' => 'Page.printToPDF', 'params' => ['preferCSSPageSize' => true, 'printBackground' => true]],
        );
        $path = sys_get_temp_dir().'/gentle-pour-card-'.getmypid().'.pdf';
        file_put_contents($path, (string) base64_decode((string) $printed['data'], true));
        $text = (string) shell_exec('pdftotext -layout '.escapeshellarg($path).' -');
        $size = (string) shell_exec('pdfinfo '.escapeshellarg($path));
        unlink($path);
        // 1/60 with six stops is a second, with fifteen 8:30 exactly and 8 min by doubled names (common practice).
        expect($text)->toMatch(
            '/1\/60\s.*\s1 ?s\s.*'.(str_contains($address, 'school') ? '8:00' : '8:30').'/',
        )->toContain('Fifteen')->not->toContain('Outlook');
        preg_match('/Page size:\s+([\d.]+) x ([\d.]+)/', $size, $m);
        expect((float) $m[1])->toBeAbout($width, 2.0)->and((float) $m[2])->toBeAbout($height, 2.0);
        preg_match('/Pages:\s+(\d+)/', $size, $pages);
        expect((int) $pages[1])->toBe(str_contains($address, 'a4') ? 1 : 2);
    }
});
