// Pictures that follow the target: a canvas with data-scene fetches its recipe once and is drawn anew whenever the time changes.
import { Scene } from './scene.js';

const WIDTH = 600;
// A target that is being dragged is drawn at reduced detail; as soon as it rests, whole.
const REST_MS = 250;
let rest = null;
const scenes = new Map();

// The first recipe comes with the page.
function broughtAlong(address) {
    const recipe = document.getElementById('recipe');
    return recipe?.dataset.of === address ? JSON.parse(recipe.textContent) : null;
}

/** At first a sketch that needs nothing more; where the stage has layers, the picture as soon as they are here, unless the person saves data. */
async function made(address, recipe) {
    if (recipe.layers && !navigator.connection?.saveData) {
        Scene.of(recipe, WIDTH).then((full) => {
            if (scenes.has(address)) {
                scenes.set(address, Promise.resolve(full));
                drawAll();
            }
        }).catch(() => null);
    }
    return new Scene(recipe, WIDTH);
}

function sceneOf(address) {
    if (!scenes.has(address)) {
        const brought = broughtAlong(address);
        scenes.set(address, brought ? made(address, brought) : fetch(address, { headers: { Accept: 'application/json' } })
            .then((answer) => (answer.ok ? answer.json() : null))
            .then((recipe) => (recipe ? made(address, recipe) : null))
            .catch(() => null));
        if (scenes.size > 6) {
            scenes.delete(scenes.keys().next().value);
        }
    }
    return scenes.get(address);
}

const night = () => document.documentElement.dataset.theme === 'night';

async function draw(canvas, seconds = Number(canvas.dataset.seconds), quick = false) {
    const address = canvas.dataset.scene;
    const scene = await sceneOf(address);
    if (!scene || canvas.dataset.scene !== address) {
        return;
    }
    if (canvas.width !== scene.width || canvas.height !== scene.height) {
        canvas.width = scene.width;
        canvas.height = scene.height;
    }
    canvas.dataset.drawn = String(scene.recipe.times[scene.place(seconds)]);
    canvas.dataset.drawnFrom = address;
    canvas.dataset.drawnBy = scene.layered ? 'layers' : 'sketch';
    canvas.getContext('2d').putImageData(scene.pixels(seconds, night(), quick), 0, 0);
}

// Several times in one picture: strips of the same water, parted where the slider stands.
async function wipe(canvas) {
    const scene = await sceneOf(canvas.dataset.scene);
    if (!scene) {
        return;
    }
    const times = JSON.parse(canvas.dataset.times);
    const from = Number(document.getElementById('wipe-at')?.value ?? 50) / 100;
    canvas.width = scene.width;
    canvas.height = scene.height;
    const context = canvas.getContext('2d');
    times.forEach((seconds, i) => {
        const edge = (place) => Math.round(scene.width * (place === 0 ? 0 : from + ((place - 1) * (1 - from)) / (times.length - 1)));
        const image = scene.pixels(seconds, night());
        context.putImageData(image, 0, 0, edge(i), 0, edge(i + 1) - edge(i), scene.height);
        if (i > 0) {
            context.fillStyle = night() ? '#ff6a5a' : '#ffffff';
            context.fillRect(edge(i) - 1, 0, 2, scene.height);
        }
    });
    canvas.dataset.drawn = times.join(',');
}

function drawAll() {
    for (const canvas of document.querySelectorAll('canvas[data-scene]')) {
        if (canvas.dataset.times) {
            wipe(canvas);
        } else {
            draw(canvas);
        }
    }
}

export function startPreview() {
    drawAll();
    document.addEventListener('htmx:afterSwap', drawAll);
    document.addEventListener('pour:aim', (event) => {
        const canvas = document.querySelector('.preview canvas[data-scene]');
        if (canvas) {
            canvas.dataset.seconds = String(event.detail);
            draw(canvas, event.detail, true);
            clearTimeout(rest);
            rest = setTimeout(() => draw(canvas), REST_MS);
        }
    });
    document.addEventListener('input', (event) => event.target.id === 'wipe-at' && drawAll());
    new MutationObserver(drawAll).observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] });
}
