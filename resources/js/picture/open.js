// Draws open water round the baked rocks of its stage: the sheet of the sky that it mirrors and the foam that stands round the rocks are steady; what moves over them, the recipe's
// waves or flow, is brought to the share that the recipe states.

const FOAM = [236, 242, 243];
const DEEP = [[58, 92, 104], [10, 40, 52]];
const SKY = [[240, 231, 215], [196, 207, 213], [112, 138, 162]];
/** Slopes at which a sheet of water is looked at for its mean, in spreads, and how often each is met. */
const SLOPES = [[-1.65, 0.15], [-0.6, 0.35], [0.6, 0.35], [1.65, 0.15]];
const TILT = 0.24;
const FOAM_GREY = 241;
/** One pixel of so many tells how much is left. */
const SAMPLE = 5;

const clamp = (v, low = 0, high = 1) => (v < low ? low : v > high ? high : v);

/** The sky at so much of the way from the horizon up. */
function sky(up, into) {
    const place = clamp(up) * 2;
    const low = Math.min(1, Math.floor(place));
    for (let c = 0; c < 3; c += 1) into[c] = SKY[low][c] + (place - low) * (SKY[low + 1][c] - SKY[low][c]);
}

export class OpenWater {
    /** @param sketch what lays waves, flow and clouds, in the size of the layers */
    constructor(recipe, layers, sketch) {
        Object.assign(this, { recipe, layers, sketch, width: layers.width, height: layers.height, horizon: sketch.horizon });
        const { width, height, horizon } = this;
        const { rock, water } = layers;
        this.isWaves = recipe.water.kind === 'waves';
        const wet = [];
        this.foam = new Float32Array(width * height);
        for (let i = horizon * width; i < width * height; i += 1) {
            this.foam[i] = Math.min(0.92, water[4 * i + 1] / 255);
            water[4 * i] < 128 && wet.push(i);
        }
        this.wet = Int32Array.from(wet);
        this.coarse = this.wet.filter((i) => i % width % 2 === 0 && Math.floor(i / width) % 2 === 0);
        // The sketch brings what moves to its share over the water that is seen here.
        sketch.wet = this.wet;
        this.spread = this.foam.map((white) => Math.sqrt(white * (1 - white)));
        this.sheet = new Float32Array(3 * width * height);
        const colour = [0, 0, 0];
        for (let y = horizon; y < height; y += 1) {
            const mean = [0, 0, 0];
            for (const [slope, share] of SLOPES) {
                this.mirrored((y - horizon) / (height - horizon), slope, colour);
                for (let c = 0; c < 3; c += 1) mean[c] += share * colour[c];
            }
            for (let x = 0; x < width; x += 1) this.sheet.set(mean, 3 * (y * width + x));
        }
        this.mirrorRocks();
        this.whole = this.rms(this.moving(0), 1);
    }

    /** Rocks stand in it upside down, drawn out the further from their foot, and the less the steeper one looks. */
    mirrorRocks() {
        const { layers: { rock, water }, width, height, horizon, sheet } = this;
        const isRock = (x, y) => x >= 0 && x < width && y > 0 && water[4 * (y * width + x)] >= 128;
        for (let x = 0; x < width; x += 1) {
            let base = -1;
            for (let y = horizon; y < height; y += 1) {
                if (isRock(x, y)) {
                    base = y;
                    continue;
                }
                if (base < 0) {
                    continue;
                }
                const mean = [0, 0, 0];
                let met = 0;
                const reach = 2 + 0.5 * (y - base);
                for (let n = -3; n <= 3; n += 1) {
                    for (let m = -1; m <= 1; m += 1) {
                        const [mx, my] = [x + Math.round(m * reach * 0.3), Math.round(2 * base - y + (n * reach) / 3)];
                        if (my < base && isRock(mx, my)) {
                            met += 1;
                            for (let c = 0; c < 3; c += 1) mean[c] += rock[4 * (my * width + mx) + c];
                        }
                    }
                }
                const share = (met / 21) * (this.isWaves ? 0.5 : 0.3) * (1 - 0.6 * ((y - horizon) / (height - horizon)));
                const at = 3 * (y * width + x);
                for (let c = 0; met && c < 3; c += 1) sheet[at + c] += share * ((0.6 * mean[c]) / met - sheet[at + c]);
            }
        }
    }

    /** What water so far down the frame shows, tilted so: Fresnel's share of the sky, the rest of the deep. */
    mirrored(down, slope, into) {
        const facing = clamp(0.06 + 0.62 * down + TILT * (0.35 + 0.65 * down) * slope);
        const share = 0.02 + 0.98 * (1 - facing) ** 4;
        sky(0.1 + 0.75 * down - 0.22 * slope, into);
        for (let c = 0; c < 3; c += 1) into[c] = share * into[c] + (1 - share) * (DEEP[0][c] + down * (DEEP[1][c] - DEEP[0][c]));
    }

    /** What moves, at one time: mean nought, spread one. */
    moving(place) {
        const value = this.sketch.waterAt(place);
        const { mean, gain } = this.sketch.scale();
        const size = 1 / Math.max(1e-6, gain * this.recipe.kept[place]);
        const out = (this.out ??= new Float32Array(value.length));
        for (const i of this.wet) out[i] = (value[i] - mean) * size;
        return out;
    }

    /** How far the sheet of a pixel is from its mean in brightness, at the slope that it has. */
    slopes(value, wet) {
        const { width, height, horizon, sheet } = this;
        const colour = [0, 0, 0];
        return Float32Array.from({ length: Math.ceil(wet.length / SAMPLE) }, (_, n) => {
            const i = wet[SAMPLE * n];
            if (!this.isWaves) {
                return 0.1 * value[i] * this.grey(sheet, 3 * i);
            }
            this.mirrored((Math.floor(i / width) - horizon) / (height - horizon), value[i], colour);
            return this.grey(colour, 0) - this.grey(sheet, 3 * i);
        });
    }

    grey(of, at) {
        return 0.2126 * of[at] + 0.7152 * of[at + 1] + 0.0722 * of[at + 2];
    }

    /** How far the picture is from its steady part in brightness, where what moves counts by so much. */
    rms(value, gain, wet = this.wet, slopes = this.slopes(value, wet)) {
        let [sum, square] = [0, 0];
        for (let n = 0; n < slopes.length; n += 1) {
            const i = wet[SAMPLE * n];
            const still = this.grey(this.sheet, 3 * i);
            const [was, is] = [this.foam[i], clamp(this.foam[i] + gain * this.spread[i] * value[i])];
            const of = still + gain * slopes[n];
            const off = of + is * (FOAM_GREY * (0.8 + 0.2 * is) - of) - still - was * (FOAM_GREY * (0.8 + 0.2 * was) - still);
            sum += off;
            square += off * off;
        }
        return Math.sqrt(Math.max(0, square / slopes.length - (sum / slopes.length) ** 2));
    }

    /** By how much what moves counts, so that of its drawing just the share is left that the recipe states. */
    gain(place, value, wet) {
        const wanted = this.recipe.kept[place] * this.whole;
        const slopes = this.slopes(value, wet);
        let [low, high] = [0, 3];
        for (let i = 0; i < 12; i += 1) {
            const middle = (low + high) / 2;
            this.rms(value, middle, wet, slopes) < wanted ? (low = middle) : (high = middle);
        }
        return (low + high) / 2;
    }

    /** @param {number|null} moves how much what moves counts; by itself as the recipe says @param {boolean} quick at reduced detail */
    pixels(place, night, moves = null, quick = false) {
        const { layers: { rock, water }, width, height, horizon, sheet, foam, spread } = this;
        const wet = quick ? this.coarse : this.wet;
        const value = this.moving(place);
        const gain = moves ?? this.gain(place, value, wet);
        const data = new Uint8ClampedArray(4 * width * height).fill(255);
        const put = (i, r, g, b) => {
            if (night) {
                const grey = 0.3 * r + 0.59 * g + 0.11 * b;
                [r, g, b] = [grey * 0.82, grey * 0.22, grey * 0.18];
            }
            [data[4 * i], data[4 * i + 1], data[4 * i + 2]] = [r, g, b];
        };
        const colour = [0, 0, 0];
        const covers = this.sketch.covers(place);
        for (let y = 0; y < height; y += 1) {
            y < horizon && sky(1 - y / horizon, colour);
            for (let x = 0; x < width; x += 1) {
                const i = y * width + x;
                if (water[4 * i] >= 128) {
                    put(i, rock[4 * i], rock[4 * i + 1], rock[4 * i + 2]);
                } else if (y < horizon) {
                    const cover = 0.8 * (covers ? covers(x, y) : 0.25);
                    put(i, ...colour.map((c, k) => c + cover * ([247, 246, 243][k] - c)));
                }
            }
        }
        for (const i of wet) {
            const down = (Math.floor(i / width) - horizon) / (height - horizon);
            const w = clamp(foam[i] + gain * spread[i] * value[i]);
            // The sheet, and as much of the waves on it as is left.
            if (this.isWaves) this.mirrored(down, value[i], colour);
            const lit = [0, 1, 2].map((c) => {
                const still = sheet[3 * i + c];
                const of = this.isWaves ? still + gain * (colour[c] - still) : still * (1 + 0.1 * gain * value[i]);
                return of + w * (FOAM[c] * (0.8 + 0.2 * w) - of);
            });
            put(i, ...lit);
            if (quick) {
                for (const to of [i + 1, i + width, i + width + 1]) {
                    water[4 * to] < 128 && data.copyWithin(4 * to, 4 * i, 4 * i + 3);
                }
            }
        }
        return data;
    }
}
