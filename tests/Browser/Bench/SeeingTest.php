<?php

declare(strict_types=1);

// How the pictures are seen, as a hurried person turns it: light, filters, shape, what clips; times side by side, enlarged alike.

const ITS_FALL = '/bench?kind=plunge&measure=drop&drop=9&distance=16&look=silk&look_was=silk&target=';

/** Chooses as a hand does, and waits for the picture that follows. */
function choose(object $person, string $name, string|bool $value): void
{
    $person->script(
        'const f = document.querySelector(`[data-see=${arguments[0]}]`); f.closest("details").open = true; typeof arguments[1] === "boolean" ? (f.checked = arguments[1]) : (f.value = arguments[1]);'
        .'const c = document.querySelector("canvas[data-scene]"); c.dataset.drawn = ""; f.dispatchEvent(new Event("input", {bubbles: true}))', $name, $value,
    );
    $person->find('canvas[data-drawn-by=layers]:not([data-drawn=""])');
}

/** @return array{width: int, height: int, red: float, green: float, blue: float, top: float} means of the first picture */
function lookedAt(object $person): array
{
    return (array) $person->script(<<<'JS'
        const c = document.querySelector('canvas[data-scene]');
        const d = c.getContext('2d').getImageData(0, 0, c.width, c.height).data;
        const sum = [0, 0, 0]; let top = 0;
        for (let i = 0; i < d.length; i += 4) for (let k = 0; k < 3; k += 1) sum[k] += d[i + k];
        for (let i = 0; i < 4 * c.width * 40; i += 4) top += d[i + 1];
        const n = d.length / 4;
        return { width: c.width, height: c.height, red: sum[0] / n, green: sum[1] / n, blue: sum[2] / n, top: top / (c.width * 40) };
        JS);
}

it('shows the same water in another light, in black and white, darker at the top, brighter by a stop; and keeps it for the next page', function (): void {
    $this->visit(ITS_FALL)->find('canvas[data-drawn-by=layers]');
    $this->script('localStorage.removeItem("pictures")');
    $this->visit(ITS_FALL)->find('canvas[data-drawn-by=layers]');
    $day = lookedAt($this);

    choose($this, 'light', 'blue');
    $blue = lookedAt($this);
    expect($blue['blue'] / $blue['red'])->toBeGreaterThan(1.3 * $day['blue'] / $day['red']);

    choose($this, 'light', 'day');
    choose($this, 'graduated', '2');
    // Two stops on the curve of the screen: 2^(-2 / 2.2).
    expect(lookedAt($this)['top'] / $day['top'])->toBeGreaterThan(0.5)->toBeLessThan(0.6);
    choose($this, 'graduated', '0');

    choose($this, 'bias', '1');
    $brighter = lookedAt($this)['green'] / $day['green'];
    expect($brighter)->toBeGreaterThan(1.25)->toBeLessThan(2 ** (1 / 2.2) + 0.01);
    choose($this, 'bias', '');

    choose($this, 'mono', true);
    ['red' => $red, 'blue' => $itsBlue] = lookedAt($this);
    expect($red)->toBe($itsBlue);
    $this->visit('/compare')->find('canvas[data-drawn-by=layers]');
    ['red' => $red, 'blue' => $itsBlue] = lookedAt($this);
    expect($red)->toBe($itsBlue);
    $this->script('document.querySelector(".seeing").open = true');
    $this->click('[data-see-plain]');
    $this->eventually(function (): ?bool {
        ['red' => $red, 'blue' => $itsBlue] = lookedAt($this);

        return $red !== $itsBlue ? true : null;
    }, 'It stays black and white.');
});

it('cuts it to any shape, upright too, and leaves a shape alone that is none', function (string $shape, string $own, bool $upright, float $ratio): void {
    $this->visit(ITS_FALL)->find('canvas[data-drawn-by=layers]');
    $this->script('localStorage.setItem("pictures", JSON.stringify({shape: arguments[0], own: arguments[1], upright: arguments[2]}))',
        $shape, $own, $upright);
    $this->visit(ITS_FALL)->find('canvas[data-drawn-by=layers]');
    ['width' => $width, 'height' => $height] = lookedAt($this);
    expect($width / $height)->toBeWithinShare($ratio, 0.01);
    $this->script('localStorage.removeItem("pictures")');
})->with([
    'square' => ['1:1', '', false, 1.0], 'wide' => ['65:24', '', false, 65 / 24], 'upright' => ['4:3', '', true, 0.75],
    'its own' => ['own', '5 : 4', false, 1.25],
    'the camera’s, upright' => ['', '', true, 2 / 3], 'no shape' => ['own', 'broad', false, 1.5], 'nought' => ['own', '0:4', false, 1.5],
]);

it('says how much of the frame clips and what a third less does, and blinks it', function (): void {
    $this->visit(ITS_FALL)->find('canvas[data-drawn-by=layers]');
    choose($this, 'bias', '1');
    $said = (string) $this->script('return document.querySelector("[data-clipped]").textContent');
    expect($said)->toContain('at −1/3')->toContain('at −2/3');
    // Brighter clips more: the shares that the picture tells rise with the bias.
    $shares = $this->browserScript(sprintf(<<<'JS'
        const done = arguments[arguments.length - 1];
        const { LayeredScene } = await import(document.querySelector('canvas').dataset.drawer);
        const scene = await LayeredScene.of(await (await fetch('%s', { headers: { Accept: 'application/json' } })).json());
        const white = (bias) => { const { data } = scene.pixels(1, false, { light: 'day', mono: false, bias, cast: null, graduated: null, polariser: false, things: [] }); let n = 0; for (let i = 0; i < data.length; i += 4) n += Math.max(data[i], data[i + 1], data[i + 2]) >= 255 ? 1 : 0; return n / (data.length / 4); };
        done({ told: scene.pixels(1, false).clipped, seen: [-2 / 3, -1 / 3, 0, 1 / 3].map(white) });
        JS, '/scene?kind=plunge&measure=drop&drop=9&distance=16'));
    foreach ($shares['told'] as $i => $told) {
        expect($told)->toBeAbout($shares['seen'][$i], 0.002);
    }
    expect($shares['told'])->toBe(collect($shares['told'])->sort()->values()->all())
        ->and($shares['told'][3])->toBeGreaterThan($shares['told'][0]);

    choose($this, 'blink', true);
    $marked = 'const c = document.querySelector("canvas[data-scene]"); const d = c.getContext("2d").getImageData(0, 0, c.width, c.height).data; let n = 0; for (let i = 0; i < d.length; i += 4) n += d[i] === 255 && d[i + 1] === 90 && d[i + 2] === 60 ? 1 : 0; return n';
    $this->eventually(fn (): ?bool => $this->script($marked) > 50 ? true : null, 'Nothing blinks.');
    $this->eventually(fn (): ?bool => $this->script($marked) === 0 ? true : null, 'It does not go out.');
    $this->script('localStorage.removeItem("pictures")');
});

it('sets side by side what the filters of the bag give, from the strip in one press, and names the glass', function (): void {
    $this->visit(ITS_FALL)->find('canvas[data-drawn-by=layers]');
    $this->click('.strip-compare a')->seesIn('h1', 'time against time');
    $captions = (array) $this->script('return [...document.querySelectorAll(".compare figcaption")].map((c) => c.textContent.trim())');
    expect(count($captions))->toBeGreaterThan(1)->toBeLessThan(5)->and(implode(' ', $captions))->toContain('Six:')->toContain('Ten:');
    $this->eventually(fn (): ?bool => $this->script('return document.querySelectorAll("canvas[data-drawn-by=layers]").length') === count($captions) ? true
            : null, 'Not all are drawn.');

    // Enlarged, all follow the one that is moved.
    $this->script('const z = document.querySelector("[data-zoom]"); z.value = "2"; z.dispatchEvent(new Event("input", {bubbles: true}))');
    $shows = 'return [...document.querySelectorAll("canvas[data-scene]")].map((c) => [...c.getContext("2d").getImageData(c.width / 2, c.height / 2, 8, 8).data].join())';
    $before = (array) $this->script($shows);
    $this->script('document.querySelector("canvas[data-scene]").focus(); document.activeElement.dispatchEvent(new KeyboardEvent("keydown", {key: "ArrowLeft", bubbles: true}))');
    $after = (array) $this->script($shows);
    foreach ($before as $i => $one) {
        expect($after[$i])->not->toBe($one);
    }
});

it('draws posts that stay and somebody who is gone: on a lake at a moment and after half a minute', function (): void {
    $this->visit('/compare')->find('canvas');
    $seen = $this->browserScript(<<<'JS'
        const done = arguments[arguments.length - 1];
        const { LayeredScene } = await import(document.querySelector('canvas').dataset.drawer);
        const scene = await LayeredScene.of(await (await fetch('/scene?kind=lake&period=1.5&distance=8', { headers: { Accept: 'application/json' } })).json());
        const view = (things) => ({ light: 'day', mono: false, bias: 0, cast: null, graduated: null, polariser: false, things });
        const differs = (seconds, thing) => { const [a, b] = [scene.pixels(seconds, false, view([])).data, scene.pixels(seconds, false, view([thing])).data]; let most = 0; for (let i = 0; i < a.length; i += 4) most = Math.max(most, Math.abs(a[i] - b[i])); return most; };
        done({ posts: [differs(0.004, 'posts'), differs(30, 'posts')], walker: [differs(0.004, 'walker'), differs(1, 'walker'), differs(30, 'walker')] });
        JS);
    expect($seen['posts'][1])->toBeGreaterThan(0.5 * $seen['posts'][0])->and($seen['walker'][0])->toBeGreaterThan(60)
        ->and($seen['walker'][1])->toBeLessThan($seen['walker'][0])->toBeGreaterThan($seen['walker'][2])
        ->and($seen['walker'][2])->toBeLessThan(10);
});

it('turns the mirror of water off with a polariser, most where one looks down on it, and keeps the foam', function (): void {
    $this->visit('/compare')->find('canvas');
    $seen = $this->browserScript(<<<'JS'
        const done = arguments[arguments.length - 1];
        const { LayeredScene } = await import(document.querySelector('canvas').dataset.drawer);
        const scene = await LayeredScene.of(await (await fetch('/scene?kind=lake&period=1.5&distance=8', { headers: { Accept: 'application/json' } })).json());
        const row = (polariser, y) => { const { data, width } = scene.pixels(30, false, { light: 'day', mono: false, bias: 0, cast: null, graduated: null, polariser, things: [] }); let sum = 0; for (let x = 300; x < 420; x += 1) sum += data[4 * (y * width + x) + 1]; return sum / 120; };
        done([215, 300, 470].map((y) => row(true, y) / row(false, y)));
        JS);
    // Near the horizon light comes in flat and a polariser does little; towards Brewster's angle, 53 degrees from upright, hardly any mirror is left (Fresnel's equations).
    expect($seen[0])->toBeGreaterThan($seen[1])->and($seen[1])->toBeGreaterThan($seen[2])->and($seen[2])->toBeLessThan(0.85);
});
