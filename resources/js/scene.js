// A sketch of a recipe that needs nothing but the recipe: shown at once, until the picture from layers is here, and to who saves data. It
// decides nothing: which waves there are, how much of each is left, how far things streak and what contrast remains all come with the
// recipe. A picture holds only a few of the longest waves, so the drawn sum is brought to the contrast that the recipe states.
import { nearest } from './picture/nearest.js';
import { numbers } from './picture/numbers.js';

const HORIZON = { surf: 0.28, sea: 0.36, lake: 0.42, shore: 0.2, fall: 0, cascade: 0, weir: 0.24, river: 0.16, rapid: 0.16 };
const SUBJECT = 0.72;
const MEAN = { waves: 0.4, flow: 0.74 };
const GAIN = { waves: 0.14, flow: 0.105 };
const LONGEST_STREAK_PX = 6000;

function smoothNoise(count, knots, next) {
    const values = Float32Array.from({ length: knots }, () => next());
    return Float32Array.from({ length: count }, (_, i) => {
        const place = (i / count) * knots;
        const from = Math.floor(place);
        const share = place - from;
        const ease = share * share * (3 - 2 * share);
        return values[from % knots] * (1 - ease) + values[(from + 1) % knots] * ease;
    });
}

const PALETTES = {
    light: {
        deep: [16, 52, 66],
        foam: [244, 250, 249],
        skyLow: [226, 232, 232],
        skyHigh: [128, 154, 172],
        cloud: [246, 247, 245],
        rock: [22, 30, 33],
        wet: [44, 56, 58],
    },
    night: {
        deep: [14, 2, 1],
        foam: [205, 58, 48],
        skyLow: [56, 13, 10],
        skyHigh: [20, 4, 3],
        cloud: [150, 40, 32],
        rock: [5, 1, 1],
        wet: [24, 6, 4],
    },
};

export class Scene {
    constructor(recipe, width) {
        this.recipe = recipe;
        this.width = width;
        this.height = Math.round(width / recipe.aspect);
        this.horizon = Math.round((HORIZON[recipe.stage] ?? 0) * this.height);
        this.kind = recipe.water.kind;
        this.stage();
        if (this.kind === 'waves') {
            this.layWaves();
        } else {
            this.layFlow();
        }
        this.laySky();
    }

    place(seconds) {
        return nearest(this.recipe.times, seconds);
    }

    // What each pixel is: sky 0, water 1, rock 2 with its shade.
    stage() {
        const { width, height, horizon } = this;
        this.region = new Uint8Array(width * height).fill(1);
        this.shade = new Float32Array(width * height);
        this.region.fill(0, 0, horizon * width);
        const next = numbers(77);
        const rough = smoothNoise(width, 22, next);
        const fine = smoothNoise(width, 90, next);
        const side = smoothNoise(height, 9, next);
        const sideFine = smoothNoise(height, 40, next);
        const grit = [
            [60, 0.5],
            [23, 0.3],
            [8, 0.2],
        ].map(([size, weight]) => ({
            size,
            weight,
            lines: Array.from({ length: Math.ceil(height / size) + 2 }, () => smoothNoise(width, Math.ceil(width / size), next)),
        }));
        const rockAt = (x, y) =>
            grit.reduce((sum, { size, weight, lines }) => {
                const place = y / size;
                const from = Math.floor(place);
                const ease = (place - from) ** 2 * (3 - 2 * (place - from));
                return sum + weight * (lines[from][x] * (1 - ease) + lines[from + 1][x] * ease);
            }, 0);
        const rock = (x, y, shade) => {
            if (x >= 0 && x < width && y >= 0 && y < height) {
                this.region[y * width + x] = 2;
                this.shade[y * width + x] = shade + 1.5 * (rockAt(x, y) - 0.5);
            }
        };
        const boulder = (cx, base, w, h, seed) => {
            const edge = smoothNoise(2 * w, 7, numbers(seed));
            for (let i = -w; i < w; i += 1) {
                const top = base - h * Math.sqrt(Math.max(0, 1 - (i / w) ** 2)) * (0.8 + 0.22 * edge[i + w]);
                for (let y = Math.round(top); y < base + h * 0.1 * Math.sqrt(Math.max(0, 1 - (i / w) ** 2)); y += 1) {
                    rock(cx + i, y, 0.15 + 0.6 * ((base - y) / h));
                }
            }
        };
        const W = width,
            H = height;
        const draw = {
            sea: () => {
                boulder((W * 0.13) | 0, (H * 0.9) | 0, (W * 0.16) | 0, (H * 0.27) | 0, 5);
                boulder((W * 0.83) | 0, (H * 0.62) | 0, (W * 0.075) | 0, (H * 0.13) | 0, 9);
                boulder((W * 0.93) | 0, (H * 0.66) | 0, (W * 0.05) | 0, (H * 0.07) | 0, 21);
                boulder((W * 0.3) | 0, (H * 0.97) | 0, (W * 0.07) | 0, (H * 0.09) | 0, 31);
            },
            lake: () => {
                for (let x = 0; x < W; x += 1)
                    for (let y = horizon - Math.round(H * (0.05 + 0.11 * rough[x] + 0.015 * fine[x])); y < horizon; y += 1)
                        rock(x, y, 0.55 + 0.2 * fine[x]);
                boulder((W * 0.2) | 0, (H * 0.93) | 0, (W * 0.1) | 0, (H * 0.12) | 0, 5);
                boulder((W * 0.34) | 0, (H * 0.95) | 0, (W * 0.05) | 0, (H * 0.06) | 0, 8);
            },
            surf: () => {
                boulder((W * 0.16) | 0, (H * 0.78) | 0, (W * 0.14) | 0, (H * 0.3) | 0, 5);
                boulder((W * 0.36) | 0, (H * 0.58) | 0, (W * 0.06) | 0, (H * 0.12) | 0, 17);
                boulder((W * 0.68) | 0, (H * 0.9) | 0, (W * 0.12) | 0, (H * 0.2) | 0, 11);
                boulder((W * 0.86) | 0, (H * 0.66) | 0, (W * 0.08) | 0, (H * 0.18) | 0, 23);
                boulder((W * 0.5) | 0, (H * 0.44) | 0, (W * 0.03) | 0, (H * 0.05) | 0, 37);
            },
            shore: () => {
                boulder((W * 0.24) | 0, (H * 0.62) | 0, (W * 0.07) | 0, (H * 0.12) | 0, 4);
                boulder((W * 0.7) | 0, (H * 0.84) | 0, (W * 0.11) | 0, (H * 0.17) | 0, 12);
                boulder((W * 0.55) | 0, (H * 0.5) | 0, (W * 0.04) | 0, (H * 0.06) | 0, 19);
            },
            fall: () => {
                for (let y = 0; y < H; y += 1) {
                    const wide = W * (0.2 + (0.06 * y) / H);
                    const left = W / 2 - wide - W * 0.05 * side[y] - 6 * sideFine[y];
                    const right = W / 2 + wide + W * 0.06 * side[(y * 3 + 41) % H] + 6 * sideFine[(y + 57) % H];
                    for (let x = 0; x < W; x += 1) if (x < left || x > right) rock(x, y, 0.4);
                }
            },
            cascade: () => {
                for (let y = 0; y < H; y += 1) {
                    for (let x = 0; x < W; x += 1) {
                        // Each ledge is broken: the step is taken a little higher or lower along it.
                        const step = Math.max(
                            0,
                            Math.min(2, Math.floor((3 * (y + 0.05 * H * (rough[x] - 0.5) + 0.02 * H * (fine[x] - 0.5))) / H)),
                        );
                        const left = W * (0.27 - 0.07 * step) + W * 0.05 * (side[y] - 0.5) + 6 * sideFine[y];
                        const right = W * (0.66 + 0.06 * step) + W * 0.06 * (side[(y + 71) % H] - 0.5) - 6 * sideFine[(y + 19) % H];
                        if (x < left || x > right) rock(x, y, 0.4);
                    }
                }
                boulder((W * 0.4) | 0, (H * 0.37) | 0, (W * 0.045) | 0, (H * 0.07) | 0, 6);
                boulder((W * 0.58) | 0, (H * 0.7) | 0, (W * 0.06) | 0, (H * 0.09) | 0, 14);
            },
            weir: () => {
                for (let x = 0; x < W; x += 1) {
                    for (let y = Math.round(horizon * (0.35 + 0.4 * rough[x])); y < horizon * 0.8; y += 1) rock(x, y, 0.5 * fine[x] + 0.3);
                    for (let y = Math.round(horizon * 0.8); y < horizon; y += 1) rock(x, y, 0.75);
                }
            },
            river: () => {
                for (let x = 0; x < W; x += 1)
                    for (let y = Math.round(horizon - H * (0.06 + 0.08 * rough[x])); y < horizon + H * 0.02 * fine[x]; y += 1)
                        rock(x, y, 0.3 + 0.4 * fine[x]);
                boulder((W * 0.18) | 0, (H * 0.72) | 0, (W * 0.1) | 0, (H * 0.14) | 0, 3);
                boulder((W * 0.62) | 0, (H * 0.5) | 0, (W * 0.07) | 0, (H * 0.1) | 0, 16);
                boulder((W * 0.84) | 0, (H * 0.88) | 0, (W * 0.12) | 0, (H * 0.15) | 0, 27);
            },
        };
        draw.rapid = draw.river;
        draw[this.recipe.stage]?.();
        const wet = [];
        for (let i = horizon * width; i < width * height; i += 1) if (this.region[i] === 1) wet.push(i);
        this.wet = Int32Array.from(wet);
    }

    // The true plane of the water: the subject's distance at its row, the horizon at its own. Each bin of waves becomes one field.
    layWaves() {
        const { width, height, horizon, recipe } = this;
        const wide = recipe.frame_width_m / width;
        const subject = SUBJECT * height - horizon;
        this.fields = recipe.water.bins.map((bin) => {
            const field = new Float32Array(width * height);
            for (let row = horizon + 1; row < height; row += 1) {
                const away = (recipe.distance_m * subject) / (row - horizon);
                const scale = (wide * away) / recipe.distance_m;
                const perRow = away / (row - horizon);
                const haze = Math.min(1, (row - horizon) / (0.35 * subject));
                for (const [across, along, phase, slope] of bin.waves) {
                    // What turns faster than the pixels can show is left out, as any lens would.
                    const dim = 1 / (1 + (Math.hypot(along * perRow, across * scale) / 2.3) ** 4);
                    const start = phase + along * away - (across * scale * width) / 2;
                    let cos = Math.cos(start),
                        sin = Math.sin(start);
                    const turnCos = Math.cos(across * scale),
                        turnSin = Math.sin(across * scale);
                    const size = slope * dim * haze;
                    for (let i = row * width, end = i + width; i < end; i += 1) {
                        field[i] += size * cos;
                        const turned = cos * turnCos - sin * turnSin;
                        sin = sin * turnCos + cos * turnSin;
                        cos = turned;
                    }
                }
            }
            return field;
        });
    }

    // A texture whose correlation falls by e over one grain, as running sums along the flow: a streak is the mean of a run of it.
    layFlow() {
        const { width, height, recipe } = this;
        const down = recipe.water.along === 'down';
        this.along = down ? height : width;
        const acrossPx = down ? width : height;
        const grain = Math.max(0.8, recipe.water.feature * width);
        this.step = Math.max(1, grain / 3.2);
        const strands = Math.ceil(acrossPx / this.step) + 2;
        const length = this.along + LONGEST_STREAK_PX + 2;
        const keep = Math.exp(-1 / grain);
        const fresh = Math.sqrt(1 - keep * keep);
        const next = numbers(2024);
        this.sums = Array.from({ length: strands }, () => {
            const sum = new Float64Array(length);
            let value = 0;
            for (let warm = 0; warm < 4 * grain; warm += 1) value = keep * value + fresh * (next() + next() + next() - 1.5) * 2;
            for (let i = 1; i < length; i += 1) {
                value = keep * value + fresh * (next() + next() + next() - 1.5) * 2;
                sum[i] = sum[i - 1] + value;
            }
            return sum;
        });
    }

    laySky() {
        const { width, horizon, recipe } = this;
        if (horizon < 8) {
            return;
        }
        const next = numbers(311);
        const rows = horizon;
        const length = 3 * width;
        const cloud = Array.from({ length: rows }, () => new Float32Array(length));
        for (const [knots, weight] of [
            [9, 0.5],
            [22, 0.28],
            [55, 0.15],
            [120, 0.07],
        ]) {
            const tall = Math.max(2, Math.round((knots * rows) / width / 1.1));
            const lines = Array.from({ length: tall + 2 }, () => smoothNoise(length, 3 * knots, next));
            for (let y = 0; y < rows; y += 1) {
                const place = (y / rows) * tall;
                const from = Math.floor(place);
                const ease = (place - from) ** 2 * (3 - 2 * (place - from));
                for (let x = 0; x < length; x += 1) cloud[y][x] += weight * (lines[from][x] * (1 - ease) + lines[from + 1][x] * ease);
            }
        }
        const still = recipe.clouds === null;
        this.cloudSums = cloud.map((row) => {
            const sum = new Float64Array(length + 1);
            for (let x = 0; x < length; x += 1) sum[x + 1] = sum[x] + (still ? 0.35 : Math.max(0, Math.min(1, (row[x] - 0.4) * 4.2)));
            return sum;
        });
    }

    waterAt(place) {
        const { width, height } = this;
        const value = (this.value ??= new Float32Array(width * height));
        if (this.kind === 'waves') {
            this.addWaves(value, place);
        } else {
            this.runFlow(value, Math.max(1, Math.min(LONGEST_STREAK_PX, this.recipe.water.streak[place] * width)));
        }
        const { wet } = this;
        let mean = 0,
            square = 0,
            count = 0;
        for (let n = 0; n < wet.length; n += 3) {
            const v = value[wet[n]];
            mean += v;
            square += v * v;
            count += 1;
        }
        mean /= count;
        const spread = Math.sqrt(Math.max(1e-12, square / count - mean * mean));
        const size = (GAIN[this.kind] * this.recipe.kept[place]) / spread;
        for (let n = 0; n < wet.length; n += 1) value[wet[n]] = MEAN[this.kind] + (value[wet[n]] - mean) * size;
        return value;
    }

    // Four fields at a time: the sum is passed over once where four passes would be.
    addWaves(value, place) {
        const from = this.horizon * this.width;
        const bins = this.recipe.water.bins;
        const none = this.fields[0];
        for (let bin = 0; bin < bins.length; bin += 4) {
            const [a, b, c, d] = [0, 1, 2, 3].map((n) => this.fields[bin + n] ?? none);
            const [ka, kb, kc, kd] = [0, 1, 2, 3].map((n) => bins[bin + n]?.kept[place] ?? 0);
            if (bin === 0) {
                for (let i = from; i < value.length; i += 1) value[i] = ka * a[i] + kb * b[i] + kc * c[i] + kd * d[i];
            } else if (ka + kb + kc + kd > 0.0005) {
                for (let i = from; i < value.length; i += 1) value[i] += ka * a[i] + kb * b[i] + kc * c[i] + kd * d[i];
            }
        }
    }

    runFlow(value, streak) {
        const { width, height } = this;
        const down = this.recipe.water.along === 'down';
        const run = Math.floor(streak);
        const share = streak - run;
        const mean = (sum, from) => (sum[from + run] - sum[from] + share * (sum[from + run + 1] - sum[from + run])) / streak;
        const strandAt = (strand) => {
            const line = new Float32Array(this.along);
            const sum = this.sums[strand];
            // The texture moves with the flow: where it goes next is where it was read before.
            for (let i = 0; i < this.along; i += 1) line[this.along - 1 - i] = mean(sum, i);
            return line;
        };
        const across = down ? width : height;
        let [held, one, two] = [-1, null, null];
        for (let a = down ? 0 : this.horizon; a < across; a += 1) {
            const place = a / this.step;
            const strand = Math.floor(place);
            if (strand !== held) {
                one = strand === held + 1 && two ? two : strandAt(strand);
                two = strandAt(strand + 1);
                held = strand;
            }
            const ease = (place - strand) ** 2 * (3 - 2 * (place - strand));
            if (down) {
                for (let y = this.horizon; y < height; y += 1) value[y * width + a] = one[y] * (1 - ease) + two[y] * ease;
            } else {
                for (let x = 0; x < width; x += 1) value[a * width + x] = one[x] * (1 - ease) + two[x] * ease;
            }
        }
    }

    pixels(seconds, night) {
        const { width, height, horizon, region, shade } = this;
        const place = this.place(seconds);
        const look = PALETTES[night ? 'night' : 'light'];
        const image = new ImageData(width, height);
        const data = image.data;
        const value = this.waterAt(place);
        const streak =
            this.recipe.clouds === null ? 1 : Math.max(1, Math.min(2 * width - 2, Math.round(this.recipe.clouds.streak[place] * width)));
        for (let y = 0; y < height; y += 1) {
            const high = horizon > 0 ? Math.max(0, 1 - y / horizon) : 0;
            const sky = look.skyLow.map((low, c) => low + high * (look.skyHigh[c] - low));
            for (let x = 0; x < width; x += 1) {
                const i = y * width + x;
                let from, to, mix;
                if (region[i] === 1) {
                    from = look.deep;
                    to = look.foam;
                    mix = value[i] < 0 ? 0 : value[i] > 1 ? 1 : value[i];
                } else if (region[i] === 2) {
                    from = look.rock;
                    to = look.wet;
                    mix = shade[i] < 0 ? 0 : shade[i] > 1 ? 1 : shade[i];
                } else {
                    const sums = this.cloudSums?.[y];
                    const cover = sums ? (sums[x + streak] - sums[x]) / streak : 0;
                    from = sky;
                    to = look.cloud;
                    mix = 0.85 * cover;
                }
                const at = 4 * i;
                data[at] = from[0] + mix * (to[0] - from[0]);
                data[at + 1] = from[1] + mix * (to[1] - from[1]);
                data[at + 2] = from[2] + mix * (to[2] - from[2]);
                data[at + 3] = 255;
            }
        }
        return image;
    }
}
