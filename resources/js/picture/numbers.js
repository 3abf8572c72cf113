// What both drawers in the page share: numbers that are the same every time, and noise as running sums.

export const mix = (a, b, t) => a + (b - a) * t;
export const clamp = (v, low = 0, high = 1) => (v < low ? low : v > high ? high : v);
export const smooth = (from, to, v) => {
    const t = clamp((v - from) / (to - from));
    return t * t * (3 - 2 * t);
};

/** The same numbers every time, on every machine. */
export function numbers(seed) {
    let state = seed >>> 0;
    return () => {
        state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
        return state / 4294967296;
    };
}

/** Running sums of noise whose correlation falls by e over one size, in so many strands: its mean over any run is two of its entries. */
export function strandsOf(size, strands, length, next) {
    const keep = Math.exp(-1 / size);
    const fresh = Math.sqrt(1 - keep * keep);
    return Array.from({ length: strands }, () => {
        const sum = new Float64Array(length);
        let value = 0;
        for (let warm = 0; warm < 4 * size; warm += 1) value = keep * value + fresh * (next() + next() + next() - 1.5) * 2;
        for (let i = 1; i < length; i += 1) {
            value = keep * value + fresh * (next() + next() + next() - 1.5) * 2;
            sum[i] = sum[i - 1] + value;
        }
        return sum;
    });
}

/** Mean and spread over some pixels. */
export function measured(value, pixels) {
    let [all, square] = [0, 0];
    for (const i of pixels) {
        all += value[i];
        square += value[i] * value[i];
    }
    all /= pixels.length;
    return [all, Math.sqrt(Math.max(1e-12, square / pixels.length - all * all))];
}

/** In place, by its pixels: mean nought, spread one. Gives back what they were. */
export function standardised(value, pixels) {
    const [mean, spread] = measured(value, pixels);
    for (const i of pixels) value[i] = (value[i] - mean) / spread;
    return [mean, spread];
}

/** Steps of whiteness at which its mean is held, and about so many pixels that tell how what moves is spread. */
export const STEPS = 24;
const TELLING = 300;

/**
 * White can be neither less than none nor more than all: by how much it is to be moved, at each step of its mean, so that its mean stays
 * whatever counts of what moves.
 * @param {(white: number) => number} shade how bright so much white is, against all of it
 */
export function heldWhite(gain, value, pixels, shade) {
    const every = Math.max(1, Math.floor(pixels.length / TELLING));
    const told = [];
    for (let n = 0; n < pixels.length; n += every) told.push(value[pixels[n]]);
    return Float32Array.from({ length: STEPS + 1 }, (_, step) => {
        const mean = step / STEPS;
        const reach = gain * Math.sqrt(mean * (1 - mean));
        if (reach < 0.02) return 0;
        let [low, high] = [-0.5, 0.5];
        for (let turn = 0; turn < 8; turn += 1) {
            const middle = (low + high) / 2;
            let sum = 0;
            for (const v of told) sum += shade(clamp(mean + middle + reach * v));
            sum / told.length < shade(mean) ? (low = middle) : (high = middle);
        }
        return (low + high) / 2;
    });
}
