// A picture from the baked layers of its stage, cut to the shape that is wanted.
import { Falls } from './falls.js';
import { BIASES, PLAIN } from './developed.js';
import { nearest } from './nearest.js';
import { OpenWater } from './open.js';

/** The baked layers of a stage, where a picture shows it; each is fetched once. */
const fetched = new Map();

async function read(address) {
    const answer = await fetch(address);
    if (!answer.ok) throw new Error(address);
    const bitmap = await createImageBitmap(await answer.blob(), { colorSpaceConversion: 'none' });
    const canvas = typeof OffscreenCanvas === 'undefined'
        ? Object.assign(document.createElement('canvas'), { width: bitmap.width, height: bitmap.height })
        : new OffscreenCanvas(bitmap.width, bitmap.height);
    const context = canvas.getContext('2d', { willReadFrequently: true });
    context.drawImage(bitmap, 0, 0);
    return context.getImageData(0, 0, bitmap.width, bitmap.height);
}

function layersOf({ layers: addresses, geometry }) {
    const key = JSON.stringify(addresses);
    if (!fetched.has(key)) {
        fetched.set(key, Promise.all(Object.entries(addresses).map(async ([name, address]) => [name, await read(address)])).then((all) => {
            const layers = Object.fromEntries(all.map(([name, { data }]) => [name, data]));
            const { width, height } = all.find(([name]) => name === 'rock')[1];
            return { ...layers, geometry, width, height };
        }));
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

export class LayeredScene {
    static async of(recipe) {
        return new LayeredScene(recipe, await layersOf(recipe));
    }

    constructor(recipe, layers) {
        this.recipe = recipe;
        this.layered = layers.path ? new Falls(recipe, layers) : new OpenWater(recipe, layers);
    }

    /** The picture at the time of the recipe that is nearest: pixels, and the share that clips at each of the biases. */
    pixels(seconds, night, view = PLAIN, quick = false) {
        const { layered, recipe } = this;
        layered.see(view);
        const whole = layered.pixels(nearest(recipe.times, seconds), night, null, quick);
        const { left, top, width, height } = cut(layered.width, layered.height, view.ratio ?? recipe.aspect);
        const data = new Uint8ClampedArray(4 * width * height);
        for (let y = 0; y < height; y += 1) {
            const from = 4 * ((y + top) * layered.width + left);
            data.set(whole.subarray(from, from + 4 * width), 4 * y * width);
        }
        return { data, width, height, clipped: BIASES.map((bias) => layered.developed.clipped(bias)) };
    }
}
