// Draws falling and running water from the baked layers of its stage and the recipe of the core. What does not move stays: rock, where water lies thick or thin, the spray.
// What moves is averaged over the open time along its own path; how much of its drawing is left, the recipe says. App\Devices\StagePicture does the same in PHP.

/** Running sums of noise along each strand are so long; a path in the layers is at most LONGEST px of their width. */
const RUN_PX = 4096;
const LONGEST = 400;
const LAYER_PX = 720;
/** How soon water is white: 1 - e^(-THICK d) of its thickness. */
const THICK = 3.1;
/** Thinner than this it is only wet rock. */
const SEEN = 0.02;
/** The share of the channel's width over which strands are counted. */
const CHANNEL = 0.4;

const mix = (a, b, t) => a + (b - a) * t;

/** The same numbers every time, on every machine. */
export function numbers(seed) {
    let state = seed >>> 0;
    return () => {
        state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
        return state / 4294967296;
    };
}

export class Falls {
    /** @param {{rock: Uint8ClampedArray, water: Uint8ClampedArray, path: Uint8ClampedArray, width: number, height: number}} layers four bytes a pixel */
    constructor(recipe, layers) {
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
        this.coarse = this.wet.filter((i) => i % layers.width % 2 === 0 && Math.floor(i / layers.width) % 2 === 0);
        this.spread = this.white.map((white) => Math.sqrt(white * (1 - white)));
        this.layNoise();
        this.layGround();
        this.whole = this.rms(this.moving(0), 1);
    }

    /** Textures whose correlation falls by e over one grain, coarse and fine: the sizes that a water has. */
    layNoise() {
        const grain = Math.max(1.6, this.recipe.water.feature * LAYER_PX);
        const next = numbers(2024);
        this.textures = [[grain, 1], [Math.max(1, grain / 3), 0.6]].map(([size, weight]) => {
            const keep = Math.exp(-1 / size);
            const fresh = Math.sqrt(1 - keep * keep);
            // As far apart across as a grain is long.
            const strands = Math.max(8, Math.round((CHANNEL * LAYER_PX) / (0.62 * size)));
            const sums = Array.from({ length: strands + 1 }, () => {
                const sum = new Float64Array(RUN_PX + LONGEST + 2);
                let value = 0;
                for (let warm = 0; warm < 4 * size; warm += 1) value = keep * value + fresh * (next() + next() + next() - 1.5) * 2;
                for (let i = 1; i < sum.length; i += 1) {
                    value = keep * value + fresh * (next() + next() + next() - 1.5) * 2;
                    sum[i] = sum[i - 1] + value;
                }
                return sum;
            });
            return { weight, strands, sums };
        });
    }

    /** What lies under the water and beside it, and the shade that it gives the water's form. */
    layGround() {
        const { layers: { rock, water }, width, height } = this;
        this.ground = new Float32Array(3 * width * height);
        this.form = new Float32Array(width * height);
        for (let i = 0; i < width * height; i += 1) {
            const bits = water[4 * i + 2];
            const dark = 1 - 0.45 * ((bits & 7) / 7);
            const lit = Math.min(1, (0.3 * rock[4 * i] + 0.59 * rock[4 * i + 1] + 0.11 * rock[4 * i + 2]) / 120);
            this.form[i] = 0.7 + 0.3 * lit;
            let colour = [rock[4 * i] * dark, rock[4 * i + 1] * dark, rock[4 * i + 2] * dark * 1.04];
            if (bits & 8) {
                // The pool holds the rock and the sky above it, upside down and dim.
                const up = Math.max(0, Math.round(this.shore - ((Math.floor(i / width) - this.shore) * this.shore) / (height - this.shore)));
                colour = [[18, 0.3], [27, 0.32], [29, 0.34]].map(([deep, mirror], c) => deep + mirror * rock[4 * (up * width + (i % width)) + c]);
                this.form[i] = 0.95;
            }
            this.ground.set(colour, 3 * i);
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
        let [all, square] = [0, 0];
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
            all += sum;
            square += sum * sum;
        }
        all /= wet.length;
        const spread = Math.sqrt(Math.max(1e-12, square / wet.length - all * all));
        for (const i of wet) value[i] = (value[i] - all) / spread;
        return value;
    }

    /** How far whiteness is from its steady part, where what moves counts by so much: it is never less than black or more than white. */
    rms(value, gain, wet = this.wet) {
        let square = 0;
        for (let n = 0; n < wet.length; n += 4) {
            const i = wet[n];
            const w = this.white[i] + gain * this.spread[i] * value[i];
            square += ((w < 0 ? 0 : w > 1 ? 1 : w) - this.white[i]) ** 2;
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
        const { layers: { water }, ground, form, white, spread, width, height } = this;
        const wet = quick ? this.coarse : this.wet;
        const value = this.moving(place, wet);
        const gain = moves ?? this.gain(place, value, wet);
        const data = new Uint8ClampedArray(4 * width * height);
        const shade = (i, w) => {
            // Thin water is blue and grey, thick is white and keeps its form.
            const pale = w * w * (3 - 2 * w);
            const cover = 1 - (1 - w) ** 1.25;
            const mist = 0.85 * ((water[4 * i + 2] >> 4) / 15);
            let [r, g, b] = [[96, 236, 214], [112, 241, 221], [122, 243, 223]].map(([thin, thick, spray], c) => {
                const lit = mix(ground[3 * i + c], mix(thin, thick, pale) * form[i], cover);
                return mix(lit, spray, mist);
            });
            if (night) {
                const grey = 0.3 * r + 0.59 * g + 0.11 * b;
                [r, g, b] = [grey * 0.82, grey * 0.22, grey * 0.18];
            }
            [data[4 * i], data[4 * i + 1], data[4 * i + 2]] = [r, g, b];
        };
        const still = (this.still ??= {})[night];
        if (still) {
            data.set(still);
        } else {
            for (let i = 0; i < width * height; i += 1) {
                shade(i, 0);
                data[4 * i + 3] = 255;
            }
            this.still[night] = data.slice();
        }
        for (const i of wet) {
            const w = white[i] + gain * spread[i] * value[i];
            shade(i, w < 0 ? 0 : w > 1 ? 1 : w);
            if (quick) {
                for (const to of [i + 1, i + width, i + width + 1]) {
                    white[to] > SEEN && data.copyWithin(4 * to, 4 * i, 4 * i + 3);
                }
            }
        }
        return data;
    }
}
