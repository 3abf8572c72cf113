// Draws falling and running water from the baked layers of its stage and the recipe of the core. What does not move stays: rock, where
// water lies thick or thin, the spray. What moves is averaged over the open time along its own path; how much of its drawing is left, the
// recipe says. App\Devices\FallPicture does the same in PHP.
import { Developed, PLAIN } from './developed.js';
import { STEPS, clamp, heldWhite, mix, numbers, standardised, strandsOf } from './numbers.js';

/** Running sums of noise along each strand are so long; a path in the layers is at most LONGEST px of their width. */
const RUN_PX = 4096;
const LONGEST = 400;
const LAYER_PX = 720;
/** How soon water is white: 1 - e^(-THICK d) of its thickness. */
const THICK = 3.1;
/** Thinner than this it is only wet rock. */
const SEEN = 0.02;
/** How much of the rock's form white water hides. */
const VEILED = 0.65;
/** The share of the channel's width over which strands are counted. */
const CHANNEL = 0.4;

/** Colours of thin water and of thick, and of spray, as the light's foam is of white. */
const WATER = [
    [96, 236, 214],
    [112, 241, 221],
    [122, 243, 223],
];
/** Of the pool's colour: how deep it is, how much of what is above it it mirrors, and how much of that a polariser leaves. */
const POOL = [
    [18, 0.3],
    [27, 0.32],
    [29, 0.34],
];
const POLARISED = 0.35;
/** The gloss of wet rock, and what a polariser leaves of it. */
const GLOSS = [0.09, 0.015];

/** What another drawer of the same has to know. */
export const FALLS = { LONGEST, LAYER_PX, RUN_PX, SEEN, VEILED, WATER };

export class Falls {
    static shade = shade;

    /**
     * @param {{rock: Uint8ClampedArray, water: Uint8ClampedArray, path: Uint8ClampedArray, width: number, height: number}} layers four
     * bytes a pixel
     */
    constructor(recipe, layers, view = PLAIN) {
        Object.assign(this, { recipe, layers, width: layers.width, height: layers.height });
        const count = layers.width * layers.height;
        const { water, path } = layers;
        this.white = new Float32Array(count);
        this.strand = new Float32Array(count);
        this.along = new Float32Array(count);
        const wet = [];
        this.shore = layers.height;
        for (let i = 0; i < count; i += 1) {
            // The share of the time that a place is white: the steady part.
            this.white[i] = 1 - Math.exp(-THICK * 2 * (water[4 * i] / 255) ** 2);
            this.strand[i] = water[4 * i + 1] / 255;
            this.along[i] = ((256 * path[4 * i] + path[4 * i + 1]) / 65535) * LONGEST;
            this.white[i] > SEEN && wet.push(i);
            if (water[4 * i + 2] & 8) this.shore = Math.min(this.shore, Math.floor(i / layers.width));
        }
        this.wet = Int32Array.from(wet);
        // While the time is being moved, every second pixel of every second row is enough.
        this.coarse = this.wet.filter((i) => (i % layers.width) % 2 === 0 && Math.floor(i / layers.width) % 2 === 0);
        this.sparse = this.wet.filter((i) => (i % layers.width) % 4 === 0 && Math.floor(i / layers.width) % 4 === 0);
        this.spread = this.white.map((white) => Math.sqrt(white * (1 - white)));
        this.layNoise();
        this.see(view);
        this.whole = this.rms(this.moving(0), 1);
    }

    /** Textures whose correlation falls by e over one grain, coarse and fine: the sizes that a water has. */
    layNoise() {
        const grain = Math.max(1.6, this.recipe.water.feature * LAYER_PX);
        const next = numbers(2024);
        this.textures = [
            [grain, 1],
            [Math.max(1, grain / 3), 0.6],
        ].map(([size, weight]) => {
            // As far apart across as a grain is long.
            const strands = Math.max(8, Math.round((CHANNEL * LAYER_PX) / (0.62 * size)));
            const sums = strandsOf(size, strands + 1, RUN_PX + LONGEST + 2, next);
            return { weight, strands, sums };
        });
    }

    /** The light and the polariser it is seen in: what lies under the water and beside it, and the shade that it gives the water's form. */
    see(view) {
        this.view = { ...PLAIN, ...view };
        this.light = this.recipe.lights[this.view.light] ?? this.recipe.lights.day;
        const key = `${this.view.light} ${this.view.polariser}`;
        if (key === this.seenIn) return;
        this.seenIn = key;
        const {
            layers: { rock, water },
            width,
            height,
            light,
            view: { polariser },
        } = this;
        this.ground = new Float32Array(3 * width * height);
        this.form = new Float32Array(width * height);
        this.tint = light.foam.map((c, k) => c / [240, 243, 244][k]);
        for (let i = 0; i < width * height; i += 1) {
            const bits = water[4 * i + 2];
            const wet = (bits & 7) / 7;
            const lit = Math.min(1, (0.3 * rock[4 * i] + 0.59 * rock[4 * i + 1] + 0.11 * rock[4 * i + 2]) / 120);
            // A low light comes in from above where the place is light already.
            const factors = light.ambient.map((ambient, c) => ambient + light.key[c] * 0.5 * lit * lit);
            const gloss = wet * GLOSS[polariser ? 1 : 0] * lit;
            this.form[i] = 0.7 + 0.3 * lit;
            // The pool holds the rock and the sky above it, upside down and dim.
            const up =
                bits & 8
                    ? Math.max(0, Math.round(this.shore - ((Math.floor(i / width) - this.shore) * this.shore) / (height - this.shore)))
                    : 0;
            if (bits & 8) this.form[i] = 0.95;
            for (let c = 0; c < 3; c += 1) {
                const dry = rock[4 * i + c] * (1 - 0.45 * wet) * (c === 2 ? 1.04 : 1);
                const of =
                    bits & 8
                        ? POOL[c][0] + POOL[c][1] * (polariser ? POLARISED : 1) * rock[4 * (up * width + (i % width)) + c]
                        : dry + gloss * (200 - dry);
                this.ground[3 * i + c] = of * factors[c];
            }
        }
    }

    /** What the open time leaves of what moves: mean nought, spread one. */
    moving(place, wet = this.wet) {
        const { along, strand, textures } = this;
        const value = (this.value ??= new Float32Array(along.length));
        const streak = Math.max(1, Math.min(RUN_PX, this.recipe.water.streak[place] * LAYER_PX));
        const mean = (sum, from) => {
            const [a, b] = [Math.floor(from), Math.floor(from + streak)];
            return (sum[b] + (from + streak - b) * (sum[b + 1] - sum[b]) - sum[a] - (from - a) * (sum[a + 1] - sum[a])) / streak;
        };
        for (const i of wet) {
            // What falls was further up before: the table is read against the way.
            const from = LONGEST - along[i];
            let sum = 0;
            for (const { weight, strands, sums } of textures) {
                const at = strand[i] * (strands - 1);
                const low = Math.floor(at);
                const share = (at - low) ** 2 * (3 - 2 * (at - low));
                sum += weight * (mean(sums[low], from) * (1 - share) + mean(sums[low + 1], from) * share);
            }
            value[i] = sum;
        }
        this.measures = standardised(value, wet);
        return value;
    }

    /** How far brightness is from its steady part, where what moves counts by so much: it is never less than black or more than white. */
    rms(value, gain, wet = this.wet) {
        const held = heldWhite(gain, value, wet, shade);
        let square = 0;
        for (let n = 0; n < wet.length; n += 4) {
            const i = wet[n];
            square +=
                (shade(clamp(this.white[i] + held[Math.round(STEPS * this.white[i])] + gain * this.spread[i] * value[i])) -
                    shade(this.white[i])) **
                2;
        }
        return Math.sqrt(square / Math.ceil(wet.length / 4));
    }

    /** By how much what moves counts, so that of its drawing just the share is left that the recipe states. */
    gain(place, value, wet = this.wet) {
        const wanted = this.recipe.kept[place] * this.whole;
        let [low, high] = [0, 3];
        for (let i = 0; i < 14; i += 1) {
            const middle = (low + high) / 2;
            this.rms(value, middle, wet) < wanted ? (low = middle) : (high = middle);
        }
        return (low + high) / 2;
    }

    /** @param {number|null} moves how much what moves counts; by itself as the recipe says @param {boolean} quick at reduced detail */
    pixels(place, night, moves = null, quick = false) {
        const {
            layers: { water },
            ground,
            form,
            tint,
            white,
            spread,
            width,
            height,
        } = this;
        const wet = quick ? this.coarse : this.wet;
        const value = this.moving(place, wet);
        const gain = moves ?? this.gain(place, value, wet);
        const held = heldWhite(gain, value, wet, shade);
        const developed = new Developed(new Uint8ClampedArray(4 * width * height), width, height, this.view, night);
        this.developed = developed;
        const { data } = developed;
        // While the hand moves it, what is dry stays as it last was.
        const key = JSON.stringify([this.view, night]);
        const rested = quick && this.rested?.key === key ? this.rested.data : null;
        rested && data.set(rested);
        const colour = [0, 0, 0];
        const put = (i, w) => {
            // Thin water is blue and grey, thick is white and keeps its form.
            const pale = w * w * (3 - 2 * w);
            const cover = 1 - (1 - w) ** 1.25;
            // What is thick hides the form of what lies under it.
            const own = form[i] + VEILED * pale * (1 - form[i]);
            const mist = 0.85 * ((water[4 * i + 2] >> 4) / 15);
            for (let c = 0; c < 3; c += 1) {
                const [thin, thick, spray] = WATER[c];
                const lit = mix(ground[3 * i + c], mix(thin, thick, pale) * own * tint[c], cover);
                colour[c] = mix(lit, spray * tint[c], mist);
            }
            developed.put(i, colour[0], colour[1], colour[2]);
        };
        let next = 0;
        for (let y = 0; y < height; y += 1) {
            developed.row(y);
            for (let i = y * width, end = i + width; i < end; i += 1) {
                if (wet[next] === i) {
                    next += 1;
                    put(i, clamp(white[i] + held[Math.round(STEPS * white[i])] + gain * spread[i] * value[i]));
                } else if (!rested && (!quick || white[i] <= SEEN)) {
                    put(i, 0);
                }
            }
        }
        if (quick) {
            for (const i of wet) {
                for (const to of [i + 1, i + width, i + width + 1]) {
                    white[to] > SEEN && data.copyWithin(4 * to, 4 * i, 4 * i + 4);
                }
            }
        } else {
            this.rested = { key, data: data.slice() };
        }
        return data;
    }
}

/** How bright so much white is over dark rock, against all of it; looked up, since it is asked a million times for a picture. */
const BRIGHT = Float32Array.from({ length: 513 }, (_, i) => {
    const white = i / 512;
    return (1 - (1 - white) ** 1.25) * (0.45 + 0.55 * white * white * (3 - 2 * white));
});

function shade(white) {
    return BRIGHT[(512 * white + 0.5) | 0];
}
