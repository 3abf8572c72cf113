<?php

declare(strict_types=1);

// The whole job from a field file, opened from the phone's own storage with the network cut, and its way home.

use Tests\Browser\Support\Servers;

require_once dirname(__DIR__).'/Support/fieldFiles.php';

/** @return list<mixed> of the first column */
function kept(string $query): array
{
    return (new PDO('sqlite:'.Servers::running()->database()))->query($query)->fetchAll(PDO::FETCH_COLUMN);
}

/** The device, with nothing of an earlier test on it. */
function openField(object $person, string $file): void
{
    $person->visitFile($file);
    $person->script('localStorage.clear()');
    $person->eventually(fn () => $person->script('return document.body.classList.contains("is-started")') ? true : null,
        'The file does not start.');
    $person->browserScript('const done = arguments[0]; const asked = indexedDB.open("gentle-pour-field", 1); asked.onsuccess = () => { const all = asked.result.transaction("entries", "readwrite"); all.objectStore("entries").clear(); all.oncomplete = () => { asked.result.close(); localStorage.clear(); done(true); }; }');
    $person->reload();
    $person->eventually(fn () => $person->script('return document.body.classList.contains("is-started")') ? true : null,
        'The file does not start.');
}

/** Seconds go by for the clock. */
function later(object $person, float $seconds): void
{
    $person->script('const real = Date.now.bind(Date); Date.now = () => real() + '.(1000 * $seconds));
}

/** What a file has for another place, as text. */
function journalText(object $person): string
{
    $person->script('location.hash = "#home"');
    $person->click('[data-home-copy]');

    return $person->value('[data-home-text]');
}

it('walks the whole run from the phone’s own storage with no network, is loaded again in the middle, and comes home once', function (): void {
    $outing = (int) kept('select max(id) from outings')[0];
    $before = [(int) kept('select count(*) from frames')[0], (int) kept('select count(*) from sightings')[0],
        (int) kept('select count(*) from measurements')[0]];
    $file = fieldFile("?outing={$outing}");
    $this->onPhone()->expectOnConsole('AudioContext')->expectOnConsole('vibrate');
    openField($this, $file);
    $this->offline();
    $this->seesIn('#outing h1', 'Marrow Shelf')->seesIn('.outing-times', 'off it by');

    // A new water by crests: five presses of four seconds each, by a clock that goes on only when it is told to, however slow the machine.
    $this->click('.doors a[href="#water"]');
    $this->script('const real = Date.now.bind(Date), at = real(); window.passed = 0; Date.now = () => at + window.passed; window.goesOn = () => { Date.now = () => real() + window.passed; }');
    for ($i = 0; $i < 5; $i++) {
        $this->script('document.querySelector("[data-timer-pad]").dispatchEvent(new PointerEvent("pointerdown", {bubbles: true, cancelable: true})); window.passed += 4000');
    }
    $this->script('window.goesOn()');
    $this->seesIn('[data-timer-figure]', '4.0 s')->click('[data-timer-use]');
    // Timed by presses it is five hundredths longer at the peak (Goda).
    expect($this->value('#bench [name=period_s]'))->toBe('4.2');
    $this->click('.doors a[href="#water"]')->click('[data-timer-keep]')->click('.doors a[href="#bench"]')->reload();
    expect($this->value('#bench [name=period_s]'))->toBe('4.2');
    $this->click('#bench [data-look="glass"]')->choose('#f-shutter', '1/60')
        ->seesIn('[data-wanted]', ' s')->script('for (let i = 0; i < 7; i++) document.querySelector("#bench [data-target=\'1\']").click()');
    $this->seesIn('[data-ways]', 'bulb');
    $this->click('[data-way="0"]')->seesIn('#shoot [data-step-count]', 'step 1 of')->seesIn('#shoot [data-step-now]', 'Compose and level');
    expect($this->text('#shoot [data-settings]'))->toContain('ISO');

    // The shutter is open when the page is loaded again, and while another part is looked at.
    $this->click('#shoot [data-step-all]')->click('#shoot [data-start="0"]')->seesIn('#shoot [data-under]', 'left');
    $this->reload();
    $this->seesIn('#shoot [data-under]', 'left')->script('location.hash = "#outing"');
    $this->seesIn('[data-open-line]:not([hidden])', 'Shutter open')->click('[data-open-line]');
    later($this, 200);
    $this->seesIn('#shoot [data-figure]', '+')->click('#shoot [data-close]')->seesIn('[data-verdict]:not([hidden])', 'glass')
        ->click('[data-blur="too_smooth"]')->click('[data-exposure="-1"]');
    $this->seesIn('[data-exposure-said]', 'too dark by 1/3');

    // The same again stands at its settings; it is taken too.
    usleep(700_000);
    $this->click('[data-again]')->seesIn('#shoot [data-step-now]', 'f/')->click('#shoot [data-step-all]')->click('#shoot [data-start="0"]')
        ->seesIn('#shoot [data-under]', 'left');
    later($this, 200);
    $this->seesIn('#shoot [data-figure]', '+')->click('#shoot [data-close]')->seesIn('[data-verdict]:not([hidden])', 'glass');

    $this->click('.doors a[href="#outing"]');
    usleep(300_000);
    $this->click('[data-sees][data-reached="0"]')->seesIn('[data-seen]', 'not reached, kept');
    $packed = (int) $this->text('[data-packed-of="packed"]');
    $this->click('[data-packs="packed"]:not(:checked)')->seesIn('[data-packed-of="packed"]', ($packed + 1).' of');
    $this->reload();
    $this->seesIn('[data-home-badge]', '5');
    expect($this->script('return document.querySelectorAll("[data-packs=packed]:checked").length'))->toBe($packed + 1);

    $text = journalText($this);
    $this->offline(false);
    $this->visit('/field/home')->script('document.querySelector("#f-text").value = arguments[0]', $text);
    $this->click('[data-take-in]')->seesIn('.said', 'Taken: 2 frames, one sighting, one measurement, the ticks of one outing.');
    usleep(1_100_000);
    $this->visit('/field/home')->script('document.querySelector("#f-text").value = arguments[0]', $text);
    $this->click('[data-take-in]')->seesIn('.said', 'Nothing new; 5 were here before.');

    $after = [(int) kept('select count(*) from frames')[0], (int) kept('select count(*) from sightings')[0],
        (int) kept('select count(*) from measurements')[0]];
    expect($after)->toBe([$before[0] + 2, $before[1] + 1, $before[2] + 1])
        ->and(kept('select blur from frames where open_s is not null order by opened_at desc limit 2'))->toBe([null, 'too_smooth'])
        ->and(kept("select reached from sightings where uid in (select json_extract(value, '$.key') from json_each('".str_replace("'", "''",
            (string) json_encode(json_decode($text)->entries))."')) "))->toBe([0])
        ->and((float) json_decode((string) kept('select data from measurements order by id desc limit 1')[0])->period_s)
        ->toBeAbout(4.0, 0.1);
    $this->visit('/log')->seesIn('main', 'glass');
    unlink($file);
});

it('comes home by itself when it was opened from the server and the network is back, each thing once', function (): void {
    $frames = (int) kept('select count(*) from frames')[0];
    $this->onPhone()->expectOnConsole('ERR_INTERNET_DISCONNECTED')->expectOnConsole('AudioContext')->expectOnConsole('vibrate');
    $this->visit('/field/file')->eventually(fn () => $this->script('return document.body.classList.contains("is-started")') ? true : null,
        'The file does not start.');
    $this->offline()->script('location.hash = "#bench"');
    $this->click('#bench [data-look="lively"]')->click('[data-way="0"]')->click('#shoot [data-step-all]')->click('#shoot [data-start="0"]')
        ->seesIn('[data-verdict]:not([hidden])', 'lively');
    $this->click('.doors a[href="#home"]')->click('[data-home-send]')->seesIn('[data-home-said]', 'No answer from the server');
    $this->offline(false)->script('dispatchEvent(new Event("online"))');
    $this->seesIn('[data-home-count]', 'Everything is home');
    $this->click('.doors a[href="#shoot"]')->click('[data-blur="right"]')->seesIn('[data-home-count]', 'to bring home');
    $this->script('dispatchEvent(new Event("online"))');
    $this->seesIn('[data-home-count]', 'Everything is home');

    expect((int) kept('select count(*) from frames')[0])->toBe($frames + 1)
        ->and(kept('select blur from frames order by id desc limit 1'))->toBe(['right']);
});

it('is brought home by the address that it makes, which is read before anything is taken', function (): void {
    $file = fieldFile();
    $this->onPhone()->expectOnConsole('AudioContext')->expectOnConsole('vibrate');
    openField($this, $file);
    $this->click('.doors a[href="#bench"]')->click('#bench [data-look="lively"]')->click('[data-way="0"]')->click('#shoot [data-start="0"]')
        ->seesIn('[data-verdict]:not([hidden])', 'lively');
    $this->click('.doors a[href="#home"]');
    $address = $this->eventually(fn () => str_contains((string) ($href = $this->script('return document.querySelector("[data-home-link]").href')), '/field/home#') ? $href : null, 'There is no address.');
    $this->click('[data-home-code]')->find('[data-home-code-shown] svg');
    $frames = (int) kept('select count(*) from frames')[0];
    $this->browser->get($address);
    $this->seesIn('[data-brought]', 'The address has brought one entry');
    expect((int) kept('select count(*) from frames')[0])->toBe($frames);
    $this->click('[data-take-in]')->seesIn('.said', 'Taken: one frame.');
    unlink($file);
});

it('can be used with a screen reader and by keys, and is read in every light', function (string $light): void {
    $file = fieldFile('?outing='.kept('select max(id) from outings')[0]);
    $this->onPhone()->expectOnConsole('AudioContext')->expectOnConsole('vibrate');
    openField($this, $file);
    $this->click("[data-light={$light}]")->click('.doors a[href="#bench"]')->click('[data-way="0"]')
        ->seesIn('#shoot [data-step-count]', 'step 1');
    $found = [];
    foreach (['shoot', 'outing', 'bench', 'water', 'home'] as $part) {
        $this->script('location.hash = arguments[0]', "#{$part}");
        usleep(150_000);
        $found = [...$found, ...array_map(static fn (string $problem): string => "{$part}: {$problem}", $this->accessibilityProblems()),
            ...$this->widerThanTheScreen() > 0 ? ["{$part} is wider than the screen"] : []];
    }
    expect($found)->toBe([]);
    unlink($file);
})->with(['day', 'beach', 'night']);
