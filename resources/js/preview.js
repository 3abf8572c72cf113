// Pictures that follow the target: a canvas with data-scene fetches its recipe once and is drawn anew whenever the time changes, or how it
// is seen. A worker draws; the page only shows.
import { hatched } from './picture/developed.js';
import { nearest } from './picture/nearest.js';
import { Scene } from './scene.js';
import { blinks, seen, showSeeing, startSeeing } from './seeing.js';
import { compose } from './zoom.js';

const SKETCH_PX = 480;
// A target that is being dragged is drawn at reduced detail; as soon as it rests, whole.
const REST_MS = 180;
const BLINK_MS = 550;
// What is not in view, nor soon will be, costs no battery and fetches nothing: half a screen ahead is drawn.
const AHEAD = '50% 0px';
let rest = null;
const recipes = new Map();
const sketches = new Map();
/** What each canvas shows: a picture for each of its times. */
const shown = new WeakMap();

// The first recipe comes with the page.
function broughtAlong(address) {
    const recipe = document.getElementById('recipe');
    return recipe?.dataset.of === address ? JSON.parse(recipe.textContent) : null;
}

function recipeOf(address) {
    if (!recipes.has(address)) {
        const brought = broughtAlong(address);
        recipes.set(
            address,
            brought
                ? Promise.resolve(brought)
                : fetch(address, { headers: { Accept: 'application/json' } })
                      .then((answer) => (answer.ok ? answer.json() : null))
                      .catch(() => null),
        );
        if (recipes.size > 8) recipes.delete(recipes.keys().next().value);
    }
    return recipes.get(address);
}

function sketchOf(address, recipe) {
    if (!sketches.has(address)) {
        sketches.set(address, new Scene(recipe, SKETCH_PX));
        if (sketches.size > 3) sketches.delete(sketches.keys().next().value);
    }
    return sketches.get(address);
}

const night = () => document.documentElement.dataset.theme === 'night';

/** Asks the worker, or where there is none that can, the same script as a module of the page. */
class Studio {
    asked = new Map();
    number = 0;

    constructor(address) {
        this.address = address;
        this.imported = null;
        if (typeof OffscreenCanvas === 'undefined') {
            return;
        }
        this.worker = new Worker(address, { type: 'module' });
        this.worker.onmessage = ({ data: { number, drawn, failed } }) => {
            this.asked.get(number)?.[drawn ? 0 : 1](drawn ?? new Error(failed));
            this.asked.delete(number);
        };
        this.worker.onerror = () => {
            this.worker = null;
            this.asked.forEach(([, fail]) => fail(new Error('no worker')));
            this.asked.clear();
        };
    }

    async draw(ask) {
        if (this.worker) {
            return new Promise((done, fail) => {
                this.number += 1;
                this.asked.set(this.number, [done, fail]);
                this.worker.postMessage({ number: this.number, ask });
            });
        }
        this.imported ??= import(this.address).then(({ Drawer }) => new Drawer());
        return (await this.imported).draw(ask);
    }
}

let studio = null;
const studioOf = (canvas) => (studio ??= new Studio(canvas.dataset.drawer));

function pictureOf({ data, width, height }) {
    const canvas = Object.assign(document.createElement('canvas'), { width, height });
    canvas.getContext('2d').putImageData(new ImageData(data, width, height), 0, 0);
    return canvas;
}

/** The times that a canvas shows: one, or several under a wipe. */
const timesOf = (canvas, seconds) =>
    canvas.dataset.times ? JSON.parse(canvas.dataset.times) : [seconds ?? Number(canvas.dataset.seconds)];

async function draw(canvas, seconds, quick = false) {
    // While one is being drawn only the last that was asked for is remembered.
    if (canvas.isDrawing) {
        canvas.next = [seconds, quick];
        return;
    }
    canvas.isDrawing = true;
    try {
        await drawNow(canvas, seconds, quick);
    } finally {
        canvas.isDrawing = false;
    }
    if (canvas.next) {
        const next = canvas.next;
        canvas.next = null;
        draw(canvas, ...next);
    }
}

async function drawNow(canvas, seconds, quick) {
    const address = canvas.dataset.scene;
    const recipe = await recipeOf(address);
    if (!recipe || canvas.dataset.scene !== address) {
        return;
    }
    const times = timesOf(canvas, seconds);
    const says = (by, pictures) => {
        if (canvas.dataset.scene !== address) return;
        shown.set(canvas, { address, times, pictures });
        canvas.dataset.drawn = times.map((time) => (canvas.dataset.times ? time : recipe.times[nearest(recipe.times, time)])).join(',');
        canvas.dataset.drawnFrom = address;
        canvas.dataset.drawnBy = by;
        show(canvas);
    };
    const isSketched = !recipe.layers || navigator.connection?.saveData;
    const sketch = () =>
        says(
            'sketch',
            times.map((time) => ({ plain: pictureOf(sketchOf(address, recipe).pixels(time, night())) })),
        );
    // At first, and for who saves data, a sketch that needs nothing more; after that a picture stays until the next is drawn.
    if (isSketched || !shown.has(canvas)) {
        sketch();
    }
    if (isSketched) {
        return;
    }
    try {
        const pictures = [];
        for (const time of times) {
            const drawn = await studioOf(canvas).draw({ address, recipe, seconds: time, night: night(), view: seen(canvas), quick });
            pictures.push({ ...drawn, plain: pictureOf(drawn) });
        }
        says('layers', pictures);
    } catch {
        // Its layers cannot be had: better a sketch of this water than a picture of another.
        if (shown.get(canvas)?.address !== address) sketch();
    }
}

function show(canvas, isMarked = false) {
    const { pictures } = shown.get(canvas);
    compose(
        canvas,
        pictures.map((picture) => {
            if (!isMarked || !picture.data) return picture.plain;
            return (picture.marked ??= pictureOf({ ...picture, data: hatched(picture.data, picture.width) }));
        }),
    );
    tell(canvas, pictures[0].clipped);
}

const share = (part) => (part < 0.0005 ? 'none' : part < 0.1 ? `${(100 * part).toFixed(1)} %` : `${Math.round(100 * part)} %`);

/** How much of the frame is clipped, at the brightness that it has and at those a photographer would turn to. */
function tell(canvas, clipped) {
    const told = document.querySelector('[data-clipped]');
    if (!told || !clipped || canvas !== document.querySelector('canvas[data-scene]')) {
        return;
    }
    const [low, third, none, over] = clipped.map(share);
    told.textContent = `White clips: ${none} of the frame as metered, ${third} at −1/3, ${low} at −2/3, ${over} at +1/3.`;
}

export function canvases() {
    return [...document.querySelectorAll('canvas[data-scene]')];
}

const near = new WeakSet();
const views =
    typeof IntersectionObserver === 'undefined'
        ? null
        : new IntersectionObserver(
              (entries) =>
                  entries.forEach(({ target, isIntersecting }) => {
                      isIntersecting ? near.add(target) : near.delete(target);
                      isIntersecting && draw(target);
                  }),
              { rootMargin: AHEAD },
          );

const drawNear = (canvas, ...how) => (!views || near.has(canvas) ? draw(canvas, ...how) : views.observe(canvas));

function drawAll() {
    showSeeing();
    // An answer of the server sets a canvas to its first size, which empties it.
    showAgain();
    canvases().forEach((canvas) => drawNear(canvas));
}

/** Shown again as they are: another part, another size, the wipe elsewhere. */
export function showAgain() {
    canvases().forEach((canvas) => shown.has(canvas) && show(canvas));
}

export function startPreview() {
    startSeeing(drawAll);
    drawAll();
    document.addEventListener('htmx:afterSwap', drawAll);
    // On paper all of it is in view.
    window.addEventListener('beforeprint', () => canvases().forEach((canvas) => shown.has(canvas) || draw(canvas)));
    document.addEventListener('pour:aim', (event) => {
        const canvas = document.querySelector('.preview canvas[data-scene]');
        if (canvas) {
            canvas.dataset.seconds = String(event.detail);
            drawNear(canvas, event.detail, true);
            clearTimeout(rest);
            rest = setTimeout(() => drawNear(canvas), REST_MS);
        }
    });
    let isMarked = false;
    setInterval(() => {
        if (!blinks() && !isMarked) return;
        // Who wants no movement sees it marked all the time.
        isMarked = blinks() && (!isMarked || matchMedia('(prefers-reduced-motion: reduce)').matches);
        canvases().forEach((canvas) => shown.has(canvas) && show(canvas, isMarked));
    }, BLINK_MS);
    new MutationObserver(drawAll).observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] });
}
