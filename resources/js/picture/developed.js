// From what the lens sees to the picture: exposure, a filter's cast, a graduated filter, black and white, the red of the night; and how
// much of it clips.
import { smooth } from './numbers.js';

/** The curve between light and what is shown: a stop is so much of a factor. */
export const GAMMA = 2.2;
const WHITE = 255;
/** At night a picture is red, and no brighter than the eyes that got used to the dark can bear. */
export const NIGHT = [0.56, 0.14, 0.11];
/** Biases at which the clipped share is told, in stops. */
export const BIASES = [-2 / 3, -1 / 3, 0, 1 / 3];

/** What a person may choose of a picture; what they leave is taken from here. */
export const PLAIN = { light: 'day', mono: false, bias: 0, cast: null, graduated: null, polariser: false, things: [] };

const factor = (stops) => 2 ** (stops / GAMMA);

export class Developed {
    /** @param {Uint8ClampedArray} data four bytes a pixel, to be filled */
    constructor(data, width, height, view, night) {
        Object.assign(this, { data, width, height, view: { ...PLAIN, ...view }, night });
        const { bias, cast } = this.view;
        const all = factor(bias);
        this.gains = [all * factor(cast?.red ?? 0), all, all * factor(cast?.blue ?? 0)];
        this.plainGain = all;
        // Each pixel's brightest channel as it would be without bias, in 255ths up to twice the white.
        this.peaks = new Uint32Array(2 * WHITE + 2);
        this.row(0);
    }

    /** What follows is in this row: a graduated filter darkens it by its place. */
    row(y) {
        const { graduated } = this.view;
        this.dark = graduated
            ? factor(-graduated.stops * (1 - smooth(graduated.at - graduated.soft, graduated.at + graduated.soft, y / this.height)))
            : 1;
    }

    put(i, r, g, b) {
        const { dark, gains, data, view } = this;
        r *= gains[0] * dark;
        g *= gains[1] * dark;
        b *= gains[2] * dark;
        const peak = (r > g ? (r > b ? r : b) : g > b ? g : b) / this.plainGain;
        this.peaks[peak > 2 * WHITE ? 2 * WHITE + 1 : peak < 0 ? 0 : Math.floor(peak)] += 1;
        if (view.mono || this.night) {
            const grey = 0.3 * r + 0.59 * g + 0.11 * b;
            [r, g, b] = this.night ? [grey * NIGHT[0], grey * NIGHT[1], grey * NIGHT[2]] : [grey, grey, grey];
        }
        data[4 * i] = r;
        data[4 * i + 1] = g;
        data[4 * i + 2] = b;
        data[4 * i + 3] = 255;
    }

    /** The share of the frame that is clipped at a bias of so many stops. */
    clipped(bias) {
        const from = Math.ceil((WHITE - 0.5) / factor(bias));
        let [over, all] = [0, 0];
        this.peaks.forEach((count, peak) => {
            all += count;
            over += peak >= from ? count : 0;
        });
        return all ? over / all : 0;
    }
}

/** The same picture with what clips in it hatched, for blinking. */
export function hatched(data, width) {
    const marked = data.slice();
    for (let i = 0; i < data.length / 4; i += 1) {
        if (Math.max(data[4 * i], data[4 * i + 1], data[4 * i + 2]) >= WHITE) {
            const dark = ((i % width) + Math.floor(i / width)) % 8 < 4;
            marked.set(dark ? [20, 20, 20] : [255, 90, 60], 4 * i);
        }
    }
    return marked;
}
