<?php

declare(strict_types=1);

// Every water is drawn from baked layers and the recipe of the core: in the page and in PHP alike, with a steady part that no time changes.

const STAGES = [
    'sea' => '/scene?kind=swell&period=8&height=1.2&distance=12&sky=wind&cloud_speed=12&cloud_base=1000&cloud_elevation=20&cloud_across=towards',
    'surf' => '/scene?kind=surf&period=8&height=1.2&distance=12', 'lake' => '/scene?kind=lake&period=1.5&height=0.05&distance=8',
    'shore' => '/scene?kind=backwash&measure=speed&speed=1.6&distance=6', 'river' => '/scene?kind=river&measure=speed&speed=1&distance=8',
    'rapid' => '/scene?kind=rapid&measure=speed&speed=2.5&distance=8',
    'fall' => '/scene?kind=plunge&measure=drop&drop=9&distance=16', 'cascade' => '/scene?kind=cascade&measure=speed&speed=4&distance=8',
    'weir' => '/scene?kind=weir&measure=speed&speed=4&distance=14',
];

// In seconds: drawn in PHP too; and from a moment to half a minute.
const IN_PHP = [0.004, 0.5, 30.0];
const STEADY = [0.004, 0.1, 1.0, 30.0];

/**
 * Each stage is drawn once for all that is asked of it, in a page that draws nothing else meanwhile.
 *
 * @return array<string, mixed> recipe; drawn, by seconds; drafted, twice as at rest and as a draft: mean, spread and the water’s mean
 */
function drawnInThePage(object $person, string $scene): array
{
    static $known = [];
    if (! isset($known[$scene])) {
        $person->savesData()->visit('/compare')->find('canvas');
        $known[$scene] = $person->browserScript(sprintf(<<<'JS'
            const done = arguments[arguments.length - 1];
            const { Draft, LayeredScene } = await import(document.querySelector('canvas').dataset.drawer);
            const recipe = await (await fetch('%s', { headers: { Accept: 'application/json' } })).json();
            const { layered } = await LayeredScene.of(recipe);
            const told = (data) => {
                const grey = (i) => 0.2126 * data[4 * i] + 0.7152 * data[4 * i + 1] + 0.0722 * data[4 * i + 2];
                let [sum, square, water] = [0, 0, 0];
                const count = data.length / 4;
                for (let i = 0; i < count; i += 1) { const g = grey(i); sum += g; square += g * g; }
                for (const i of layered.wet) water += grey(i);
                const mean = sum / count;
                return { mean, spread: Math.sqrt(square / count - mean * mean), water: water / layered.wet.length };
            };
            const drawn = {};
            for (const seconds of %s) {
                const place = recipe.times.reduce((best, time, i) => (Math.abs(Math.log(time / seconds)) < Math.abs(Math.log(recipe.times[best] / seconds)) ? i : best), 0);
                drawn[seconds] = told(layered.pixels(place, false));
            }
            layered.see({ light: 'golden', polariser: true, bias: -0.5, graduated: { stops: 1, at: 0.3, soft: 0.2 }, things: ['posts', 'walker'] });
            const draft = Draft.of(layered);
            done({ recipe, drawn, drafted: draft && [12, 40].map((place) => [told(layered.pixels(place, false)), told(draft.pixels(place, false))]) });
            JS, $scene, json_encode([...IN_PHP, ...STEADY])));
    }

    return $known[$scene];
}

it('draws the same in the page and in PHP: brightness within 3 %, contrast within 10 %', function (string $scene): void {
    ['recipe' => $recipe, 'drawn' => $page] = drawnInThePage($this, $scene);
    $compiled = ['-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=tracing', '-d', 'opcache.jit_buffer_size=64M'];
    $process = proc_open(
        [PHP_BINARY, ...$compiled, dirname(__DIR__).'/Support/stage-picture.php', ...array_map(strval(...), IN_PHP)],
        [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes,
    );
    fwrite($pipes[0], (string) json_encode($recipe));
    fclose($pipes[0]);
    $php = json_decode((string) stream_get_contents($pipes[1]), true, 8, JSON_THROW_ON_ERROR);
    proc_close($process);
    foreach (IN_PHP as $i => $seconds) {
        $one = $page[(string) $seconds];
        expect($php[$i]['mean'])->toBeWithinShare($one['mean'], 0.03)->and($php[$i]['spread'])->toBeWithinShare($one['spread'], 0.10);
    }
})->with(STAGES);

it('tells near times apart to the eye: a tenth and a fifth of a second of a fall, half a minute and two of surf', function (string $scene, float $one, float $other, float $levels): void {
    $this->savesData()->visit('/compare')->find('canvas');
    $differs = $this->browserScript(sprintf(<<<'JS'
        const done = arguments[arguments.length - 1];
        const { LayeredScene } = await import(document.querySelector('canvas').dataset.drawer);
        const scene = await LayeredScene.of(await (await fetch('%s', { headers: { Accept: 'application/json' } })).json());
        const [a, b] = [%s, %s].map((seconds) => scene.pixels(seconds, false).data);
        // The tenth of the water that differs most, in 255ths.
        const off = [...scene.layered.wet].map((i) => Math.abs(a[4 * i + 1] - b[4 * i + 1])).sort((x, y) => y - x).slice(0, Math.round(scene.layered.wet.length / 10));
        done(off.reduce((sum, v) => sum + v, 0) / off.length);
        JS, $scene, $one, $other));
    // A step of two or three levels is what one sees side by side (common practice).
    expect($differs)->toBeGreaterThan($levels);
})->with([
    'fall' => [STAGES['fall'], 0.1, 0.2, 20.0], 'surf' => [STAGES['surf'], 30.0, 120.0, 3.0],
]);

it('drafts by WebGL2, for a hand on the slider, what it draws at rest: brightness within 3 %, contrast within 10 %', function (string $scene): void {
    ['drafted' => $drafted] = drawnInThePage($this, $scene);
    expect($drafted)->toHaveCount(2);
    foreach ($drafted as [$atRest, $draft]) {
        expect($draft['mean'])->toBeWithinShare($atRest['mean'], 0.03)->and($draft['spread'])->toBeWithinShare($atRest['spread'], 0.10);
    }
})->with(STAGES);

it('keeps its steady part at every time: what is white on the mean is as white at a moment as after half a minute', function (string $scene): void {
    ['drawn' => $drawn] = drawnInThePage($this, $scene);
    foreach (STEADY as $seconds) {
        expect($drawn[(string) $seconds]['water'])->toBeWithinShare($drawn['30']['water'], 0.08);
    }
})->with(STAGES);

it('brings what draws only where a picture shows, and the layers of its stage once, a few hundred kB', function (): void {
    $this->visit('/kit');
    expect($this->script('return document.querySelector("[data-drawer]")'))->toBeNull();
    // As the worker does, but where the page can count it.
    $fetched = fn (string $scene): mixed => $this->browserScript(<<<JS
        const done = arguments[arguments.length - 1];
        const { LayeredScene } = await import(document.querySelector('canvas').dataset.drawer);
        await LayeredScene.of(await (await fetch('{$scene}', { headers: { Accept: 'application/json' } })).json());
        const entries = performance.getEntriesByType('resource').filter((e) => e.name.includes('/build/stage-') && e.initiatorType === 'fetch');
        done({ names: [...new Set(entries.map((e) => e.name.split('/build/')[1]))], fetched: entries.reduce((sum, e) => sum + e.transferSize, 0), weight: entries.reduce((sum, e) => sum + e.encodedBodySize, 0) });
        JS);
    $this->visit('/bench?kind=plunge&measure=drop&drop=9&distance=16&look=silk&look_was=silk&target=')->find('canvas[data-drawn-by=layers]');
    expect($fetched(STAGES['fall'])['names'])->toHaveCount(3)->each->toContain('stage-fall-');
    $this->visit('/compare')->find('canvas[data-drawn-by=layers]');
    // The worker has fetched those of the fall: they come from the browser's own store.
    expect($fetched(STAGES['fall'])['fetched'])->toBeLessThan(2000);
    expect($fetched(STAGES['sea'])['weight'])->toBeGreaterThan(100_000)->toBeLessThan(800_000);
});

it('leaves it at a sketch for who saves data', function (): void {
    $this->savesData()->visit('/bench?kind=plunge&measure=drop&drop=9&distance=16&look=silk&look_was=silk&target=')->find('canvas[data-drawn-by=sketch]');
    usleep(400_000);
    expect($this->script('return performance.getEntriesByType("resource").some((e) => e.name.includes("stage-"))'))->toBeFalse();
});

it('draws nothing, and fetches nothing for it, before the picture is nearly in view, and then what the fields say by then', function (): void {
    $this->onPhone()->visit('/bench?kind=plunge&measure=drop&drop=9&distance=16&look=silk&look_was=silk&target=');
    // The canvas that a press of another look brings is a new one, as far away.
    $this->click('.looks label:nth-of-type(3)')->seesIn('.headline h1', 'Brushed');
    usleep(500_000);
    $drawn = fn (): mixed => $this->script(
        'return [document.querySelector(".preview canvas").dataset.drawnBy ?? "", performance.getEntriesByType("resource").filter((e) => /stage-|drawer/.test(e.name)).length]',
    );
    expect($drawn())->toBe(['', 0]);
    $this->script('document.querySelector(".preview canvas").scrollIntoView({ block: "center" })');
    $this->find('.preview canvas[data-drawn-by=layers]');
    $at = (float) $this->script('return document.querySelector(".preview canvas").dataset.drawn');
    $wanted = (float) $this->script('return document.querySelector(".preview canvas").dataset.seconds');
    expect(abs(log($at / $wanted, 2)))->toBeLessThan(0.5);
});

it('puts the picture on paper though it was not in view', function (): void {
    $this->onPhone()->visit('/bench?kind=plunge&measure=drop&drop=9&distance=16&look=silk&look_was=silk&target=');
    $this->script('window.dispatchEvent(new Event("beforeprint"))');
    $this->find('.preview canvas[data-drawn]');
});
