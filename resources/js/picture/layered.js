// A picture from the baked layers of its stage, cut to the shape that is wanted.
import { BIASES, PLAIN } from './developed.js';
import { Draft } from './draft.js';
import { Falls } from './falls.js';
import { nearest } from './nearest.js';
import { OpenWater } from './open.js';

/** A hand's own time: fifteen pictures a second; so many slower ones are put up with. */
const A_FRAME_MS = 1000 / 15;
const PATIENCE = 3;

/** The baked layers of a stage, where a picture shows it; each is fetched once. */
const fetched = new Map();

async function read(address) {
    const answer = await fetch(address);
    if (!answer.ok) throw new Error(address);
    const bitmap = await createImageBitmap(await answer.blob(), { colorSpaceConversion: 'none' });
    const canvas =
        typeof OffscreenCanvas === 'undefined'
            ? Object.assign(document.createElement('canvas'), { width: bitmap.width, height: bitmap.height })
            : new OffscreenCanvas(bitmap.width, bitmap.height);
    const context = canvas.getContext('2d', { willReadFrequently: true });
    context.drawImage(bitmap, 0, 0);
    return context.getImageData(0, 0, bitmap.width, bitmap.height);
}

function layersOf({ layers: addresses, geometry }) {
    const key = JSON.stringify(addresses);
    if (!fetched.has(key)) {
        fetched.set(
            key,
            Promise.all(Object.entries(addresses).map(async ([name, address]) => [name, await read(address)])).then((all) => {
                const layers = Object.fromEntries(all.map(([name, { data }]) => [name, data]));
                const { width, height } = all.find(([name]) => name === 'rock')[1];
                return { ...layers, geometry, width, height };
            }),
        );
        fetched.get(key).catch(() => fetched.delete(key));
    }
    return fetched.get(key);
}

/** What is left of a picture in a shape, wide over high: the most that fits, from the middle. */
export function cut(width, height, ratio) {
    const wide = ratio < width / height ? Math.round(height * ratio) : width;
    const high = ratio < width / height ? height : Math.round(width / ratio);
    return { left: Math.floor((width - wide) / 2), top: Math.floor((height - high) / 2), width: wide, height: high };
}

export { Draft };

export class LayeredScene {
    static async of(recipe) {
        return new LayeredScene(recipe, await layersOf(recipe));
    }

    constructor(recipe, layers) {
        this.recipe = recipe;
        this.layered = layers.path ? new Falls(recipe, layers) : new OpenWater(recipe, layers);
    }

    /**
     * The picture at the time of the recipe that is nearest: pixels, and the share that clips at each of the biases; while the hand moves
     * it, a draft without those.
     */
    pixels(seconds, night, view = PLAIN, quick = false) {
        const { layered, recipe } = this;
        layered.see(view);
        const place = nearest(recipe.times, seconds);
        const drafted = quick ? this.drafted(place, night) : null;
        const whole = drafted ?? layered.pixels(place, night, null, quick);
        const { left, top, width, height } = cut(layered.width, layered.height, view.ratio ?? recipe.aspect);
        const data = new Uint8ClampedArray(4 * width * height);
        for (let y = 0; y < height; y += 1) {
            const from = 4 * ((y + top) * layered.width + left);
            data.set(whole.subarray(from, from + 4 * width), 4 * y * width);
        }
        return {
            data,
            width,
            height,
            by: drafted ? 'webgl2' : 'canvas',
            clipped: quick ? null : BIASES.map((bias) => layered.developed.clipped(bias)),
        };
    }

    /**
     * By the graphics processor; null where there is none, or where it is no quicker than the eye: then a quarter of the pixels is drawn.
     */
    drafted(place, night) {
        try {
            this.draft ??= Draft.of(this.layered, { only: 'hardware' }) ?? false;
            if (!this.draft) return null;
            const began = performance.now();
            const data = this.draft.pixels(place, night);
            // The first lays everything down; after that it has to keep up.
            this.took = this.draft.isWarm ? [...(this.took ?? []), performance.now() - began] : [];
            this.draft.isWarm = true;
            if (this.took.length === PATIENCE && Math.min(...this.took) > A_FRAME_MS) this.draft = false;
            return data;
        } catch {
            this.draft = false;
            return null;
        }
    }
}
