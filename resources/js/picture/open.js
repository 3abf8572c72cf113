// Draws open water round the baked rocks of its stage. Steady: the sheet of the sky that it mirrors by Fresnel, the land upside down in it,
// the white that lies round the rocks, and how much of the time each place of a rock is under water. What moves over it, the recipe's waves
// or flow, is brought to the share that the recipe states. App\Devices\OpenPicture does the same in PHP.
import { Developed, PLAIN } from './developed.js';
import { STEPS, clamp, heldWhite, mix, numbers, smooth, standardised, strandsOf } from './numbers.js';
import { SKY, Sky } from './sky.js';
import { Things } from './things.js';

/** Slopes at which water is looked at for its mean, in spreads, and how often each is met; the spread in radians. */
const SLOPES = [
    [-1.65, 0.15],
    [-0.6, 0.35],
    [0.6, 0.35],
    [1.65, 0.15],
];
const TILT = 0.085;
/** Rows of land that a slope of one spread moves its mirror by. */
const MIRROR_ROWS = 9;
const REFRACTIVE = 1.333;
/** Land over the water as it is packed: from LOW to HIGH in m; what is far off in haze. */
const [LOW, HIGH, FAR] = [-1.2, 1.8, 255];
/** Where the recipe puts its subject, and the share of the frame's width over which strands come round again. */
const SUBJECT = 0.72;
const [RUN, STRANDS] = [2048, 96];
/** Most that the level of the stage may rise and fall, in its metres. */
const [CALM_M, ROUGH_M] = [0.02, 0.3];
/** One pixel of so many tells how much is left; at the shortest time what moves counts by so much. */
const SAMPLE = 5;
const CRISP = 1.4;
const TURNS = 64;
/**
 * From here on the layer tells of light on the land, below it of land in the mirror; at the foot of land hardly anything else is mirrored.
 */
const DRY = 100;
const AT_FOOT = 0.7;
/** From here on land is too high for any water. */
const NEVER = 230;
/** Water that comes and goes over rock is white: so much of it at the most. */
const BROKEN = 0.6;
/** Between these heights of the rock: over what lies deeper it passes unbroken. */
const BREAKS_M = [-0.35, 0.05];

/** Patches and lines in the lace of foam; how much either tilts water without waves; mean and spread of a folded normal. */
const [LACE, OF_FLOW, FOLDED] = [
    [0.74, 0.67],
    [0.5, 0.3],
    [0.798, 0.603],
];
/** What another drawer of the same has to know. */
export const OPEN = {
    TILT,
    MIRROR_ROWS,
    LOW,
    HIGH,
    FAR,
    RUN,
    STRANDS,
    CALM_M,
    ROUGH_M,
    TURNS,
    DRY,
    AT_FOOT,
    BREAKS_M,
    BROKEN,
    FOLDED,
    LACE,
    NEVER,
    OF_FLOW,
    SUBJECT,
};

export class OpenWater {
    /** @param layers rock, water and clouds, four bytes a pixel, and the geometry of the stage */
    constructor(recipe, layers, view = PLAIN) {
        const { width, height, geometry, water } = layers;
        Object.assign(this, { recipe, layers, width, height, geometry, horizon: geometry.horizon });
        const wet = [];
        const shore = [];
        this.foam = new Float32Array(width * height);
        for (let i = this.horizon * width; i < width * height; i += 1) {
            this.foam[i] = Math.min(0.95, water[4 * i + 1] / 255);
            water[4 * i] === 0 ? wet.push(i) : water[4 * i] < NEVER && shore.push(i);
        }
        this.wet = Int32Array.from(wet);
        this.shore = Int32Array.from(shore);
        this.all = Int32Array.from([...wet, ...shore]).sort();
        this.coarse = this.wet.filter((i) => (i % width) % 2 === 0 && Math.floor(i / width) % 2 === 0);
        this.sparse = this.wet.filter((i) => (i % width) % 4 === 0 && Math.floor(i / width) % 4 === 0);
        this.spread = this.foam.map((white) => Math.sqrt(white * (1 - white)));
        this.sky = new Sky(recipe, layers, geometry);
        this.things = new Things(recipe, layers);
        this.layWaves();
        this.layFlow();
        this.see(view);
    }

    /** The light and the polariser it is seen in. */
    see(view) {
        this.view = { ...PLAIN, ...view };
        const key = `${this.view.light} ${this.view.polariser}`;
        this.sheets ??= new Map();
        if (!this.sheets.has(key)) {
            this.light = this.recipe.lights[this.view.light] ?? this.recipe.lights.day;
            this.layTurns();
            this.sheet = this.steadySheet();
            // What moves is brought to a share of what would move in a moment, in this light.
            this.whole = this.rms(this.moving(0), CRISP);
            const { light, turns, glow, sheet, whole } = this;
            this.sheets.set(key, { light, turns, glow, sheet, whole });
        }
        Object.assign(this, this.sheets.get(key));
    }

    /**
     * The true plane of the water: the subject's distance at its row, the horizon at its own. Each bin of waves becomes one field; the
     * longest together are the level.
     */
    layWaves() {
        const { width, height, horizon, recipe } = this;
        const bins = recipe.water.bins ?? [];
        const wide = recipe.frame_width_m / width;
        const subject = SUBJECT * height - horizon;
        this.swell = new Float32Array(width * height);
        this.fields = bins.map((bin, b) => {
            const field = new Float32Array(width * height);
            for (let row = horizon; row < height; row += 1) {
                const away = (recipe.distance_m * subject) / (row + 0.5 - horizon);
                const scale = (wide * away) / recipe.distance_m;
                const perRow = away / (row + 0.5 - horizon);
                for (const [across, along, phase, slope] of bin.waves) {
                    // What turns faster than the pixels can show is left out, as any lens would.
                    const size = slope / (1 + (Math.hypot(along * perRow, across * scale) / 2.3) ** 4);
                    if (size < 1e-4 * slope) continue;
                    let angle = phase + along * away - (across * scale * width) / 2;
                    let [cos, sin] = [Math.cos(angle), Math.sin(angle)];
                    const [turnCos, turnSin] = [Math.cos(across * scale), Math.sin(across * scale)];
                    const number = Math.hypot(across, along);
                    for (let i = row * width, end = i + width; i < end; i += 1) {
                        field[i] += size * cos;
                        if (b < 3) this.swell[i] += (size / number) * sin;
                        const turned = cos * turnCos - sin * turnSin;
                        sin = sin * turnCos + cos * turnSin;
                        cos = turned;
                    }
                }
            }
            return field;
        });
        bins.length && standardised(this.swell, this.all);
    }

    /** What flows: for each pixel how far along its way and in which strand, round the rocks, in pixels at the subject. */
    layFlow() {
        const {
            width,
            height,
            horizon,
            recipe,
            geometry: { focal, camera, flow, rocks },
        } = this;
        const subjectM = (camera * focal) / (SUBJECT * height - horizon);
        const unit = focal / subjectM;
        const [cos, sin] = [Math.cos((flow * Math.PI) / 180), Math.sin((flow * Math.PI) / 180)];
        this.way = new Float32Array(width * height);
        this.strand = new Float32Array(width * height);
        this.print = new Float32Array(height);
        for (let y = horizon; y < height; y += 1) {
            const away = (camera * focal) / (y + 0.5 - horizon);
            // How much of the way a pixel covers here, at the least.
            this.print[y] = (away / subjectM) * Math.max(1, Math.abs(sin) * (away / camera));
            for (let x = 0; x < width; x += 1) {
                const side = ((x + 0.5 - width / 2) / focal) * away;
                let [s, n] = [side * cos + away * sin, -side * sin + away * cos];
                for (const [rx, rd, r] of rocks) {
                    const [ds, dn] = [(side - rx) * cos + (away - rd) * sin, -(side - rx) * sin + (away - rd) * cos];
                    const part = (r * r) / Math.max(r * r * 0.3, ds * ds + dn * dn);
                    s += part * ds;
                    n -= part * dn;
                }
                const i = y * width + x;
                this.way[i] = 40 * RUN + s * unit;
                this.strand[i] = 40 * STRANDS * 10 + n * unit;
            }
        }
        const grain = Math.max(1.2, recipe.water.feature * width);
        const next = numbers(2024);
        this.textures = [2 * grain, Math.max(0.9, 0.45 * grain)].map((size) => ({
            gap: 0.62 * size,
            sums: strandsOf(size, STRANDS, RUN + 1, next),
        }));
    }

    /** What the open time leaves of one size of what flows, before it is brought to its share. */
    runFlow(value, { gap, sums }, place, pixels) {
        const { width, way, strand, print, recipe } = this;
        const streak = Math.max(1, recipe.water.streak[place] * width);
        for (const i of pixels) {
            const y = Math.floor(i / width);
            const run = Math.max(streak, print[y]);
            const across = strand[i] / gap;
            const low = Math.floor(across);
            const share = (across - low) ** 2 * (3 - 2 * (across - low));
            // Finer than the pixels here, it evens out.
            value[i] =
                Math.min(1, gap / print[y]) * ((1 - share) * around(sums, low, way[i], run) + share * around(sums, low + 1, way[i], run));
        }
        return standardised(value, pixels);
    }

    /** What water in each row shows at each of its tilts: of the sky, of the sun's glow, how much of it is a mirror. */
    layTurns() {
        const {
            height,
            horizon,
            geometry: { focal },
            light,
            view,
        } = this;
        this.glow = Float32Array.from({ length: this.width }, (_, x) => Sky.glowAcross(light, x / this.width));
        const colour = [0, 0, 0];
        this.turns = new Float32Array((height - horizon) * TURNS * 5);
        for (let y = horizon; y < height; y += 1) {
            const down = (y + 0.5 - horizon) / focal;
            for (let k = 0; k < TURNS; k += 1) {
                const slope = TILT * (-3.2 + (6.4 * k) / (TURNS - 1));
                const share = mirrors(clamp(Math.sin(Math.atan(down) - slope), 0.015, 1), view.polariser);
                const up = Math.abs(down - 2 * slope);
                Sky.clear(light, up, colour);
                const at = ((y - horizon) * TURNS + k) * 5;
                for (let c = 0; c < 3; c += 1) this.turns[at + c] = share * mix(colour[c], light.cloud.lit[c], 0.22);
                this.turns[at + 3] = share * Sky.glowUp(light, up);
                this.turns[at + 4] = share;
            }
        }
    }

    /** What the water of a pixel shows, tilted by so many spreads, into three numbers. */
    shown(i, slope, into) {
        const {
            width,
            height,
            horizon,
            turns,
            light,
            layers: { water },
        } = this;
        const y = Math.floor(i / width);
        const k = Math.round(clamp((slope + 3.2) / 6.4) * (TURNS - 1));
        const at = ((y - horizon) * TURNS + k) * 5;
        const from =
            clamp(y + Math.round(slope * MIRROR_ROWS * ((y - horizon) / (height - horizon))), horizon, height - 1) * width + (i % width);
        const land = water[4 * from] < DRY ? water[4 * from + 2] / 255 : water[4 * i] < DRY ? water[4 * i + 2] / 255 : AT_FOOT;
        const glow = this.glow[i % width];
        for (let c = 0; c < 3; c += 1) {
            const ofSky = turns[at + c] + turns[at + 3] * glow * (light.glow ? light.glow.colour[c] : 0);
            into[c] = (1 - land) * ofSky + land * turns[at + 4] * light.mirror[c] + (1 - turns[at + 4]) * light.deep[c];
        }
    }

    steadySheet() {
        const sheet = new Float32Array(3 * this.width * this.height);
        const colour = [0, 0, 0];
        for (const i of this.all) {
            for (const [slope, share] of SLOPES) {
                this.shown(i, slope, colour);
                for (let c = 0; c < 3; c += 1) sheet[3 * i + c] += share * colour[c];
            }
        }
        return sheet;
    }

    /** What moves, at one time: slopes of the water and the lace of its foam, each of mean nought and spread one. */
    moving(place, wet = this.all) {
        const {
            recipe: {
                water: { bins = [] },
            },
            fields,
        } = this;
        const count = this.width * this.height;
        this.slope ??= new Float32Array(count);
        this.lace ??= new Float32Array(count);
        const { slope, lace } = this;
        this.measures = {};
        if (fields.length) {
            const kept = bins.map((bin) => bin.kept[place]);
            const most = Math.max(...kept, 1e-9);
            const used = fields.map((field, b) => [field, kept[b] / most]).filter(([, share]) => share > 0.004);
            for (const i of wet) slope[i] = 0;
            for (const [field, share] of used) for (const i of wet) slope[i] += share * field[i];
            this.measures.slope = standardised(slope, wet);
            this.measures.shares = kept.map((share) => share / most);
        }
        this.fine ??= new Float32Array(count);
        const { fine } = this;
        this.measures.fine = this.runFlow(fine, this.textures[1], place, wet);
        this.measures.patch = this.runFlow(lace, this.textures[0], place, wet);
        // Foam lies in patches, and in them in lines with holes between: where the noise is near its mean.
        for (const i of wet) {
            if (!fields.length) slope[i] = OF_FLOW[0] * lace[i] + OF_FLOW[1] * fine[i];
            const v = fine[i];
            lace[i] = LACE[0] * lace[i] + (LACE[1] * (FOLDED[0] - (v < 0 ? -v : v))) / FOLDED[1];
        }
        return { slope, lace };
    }

    grey(of, at) {
        return 0.2126 * of[at] + 0.7152 * of[at + 1] + 0.0722 * of[at + 2];
    }

    /** How far the sheet of a pixel is from its mean in brightness, at the slope that it has. */
    slopes({ slope }, wet) {
        const colour = [0, 0, 0];
        return Float32Array.from({ length: Math.ceil(wet.length / SAMPLE) }, (_, n) => {
            const i = wet[SAMPLE * n];
            this.shown(i, slope[i], colour);
            return this.grey(colour, 0) - this.grey(this.sheet, 3 * i);
        });
    }

    held(gain, lace, wet) {
        return heldWhite(gain, lace, wet, shade);
    }

    /** How far the picture is from its steady part in brightness, where what moves counts by so much. */
    rms(value, gain, wet = this.wet, slopes = this.slopes(value, wet)) {
        const foam = this.grey(this.light.foam, 0);
        const held = this.held(gain, value.lace, wet);
        let [sum, square] = [0, 0];
        for (let n = 0; n < slopes.length; n += 1) {
            const i = wet[SAMPLE * n];
            const still = this.grey(this.sheet, 3 * i);
            const was = this.foam[i];
            const is = clamp(was + held[Math.round(STEPS * was)] + gain * this.spread[i] * value.lace[i]);
            const of = still + Math.min(1, gain) * slopes[n];
            const off = of + is * (foam * (0.8 + 0.2 * is) - of) - still - was * (foam * (0.8 + 0.2 * was) - still);
            sum += off;
            square += off * off;
        }
        return Math.sqrt(Math.max(0, square / slopes.length - (sum / slopes.length) ** 2));
    }

    /** By how much what moves counts, so that of its drawing just the share is left that the recipe states. */
    gain(place, value, wet) {
        const wanted = this.recipe.kept[place] * this.whole;
        const slopes = this.slopes(value, wet);
        let [low, high] = [0, 4];
        for (let i = 0; i < 12; i += 1) {
            const middle = (low + high) / 2;
            this.rms(value, middle, wet, slopes) < wanted ? (low = middle) : (high = middle);
        }
        return (low + high) / 2;
    }

    /** The share of the open time that a place so high is under water. */
    covered(i, place) {
        const {
            recipe: { level },
            layers: { water },
        } = this;
        const sigma = clamp(level.sigma_m, CALM_M, ROUGH_M);
        const kept = level.kept[place];
        const spread = sigma * Math.sqrt(1 - kept ** 2) + 0.02;
        const z = standsM(water[4 * i]);
        return 1 / (1 + Math.exp((-1.702 * (sigma * kept * this.swell[i] - z)) / spread));
    }

    /** Land as it is lit, with the gloss of what is wet. */
    land(i, into) {
        const {
            layers: { rock, water },
            light,
            view,
        } = this;
        const far = water[4 * i] === FAR ? light.haze : 0;
        const z = standsM(water[4 * i]);
        const gloss = (view.polariser ? 0.01 : 0.07) * (1 - smooth(0.05, 0.7, z));
        const key = water[4 * i] < DRY ? 0 : water[4 * i + 2] / 255;
        for (let c = 0; c < 3; c += 1) {
            const of = rock[4 * i + c] * (light.ambient[c] + key * light.key[c]);
            into[c] = mix(of + gloss * (light.sky[1][c] - of), light.sky[0][c], far);
        }
    }

    /** @param {number|null} moves how much what moves counts; by itself as the recipe says @param {boolean} quick at reduced detail */
    pixels(place, night, moves = null, quick = false) {
        const {
            layers: { water },
            width,
            height,
            horizon,
            sheet,
            foam,
            spread,
            light,
            shore,
        } = this;
        const wet = quick ? this.coarse : this.wet;
        const value = this.moving(place, quick ? this.coarse : this.all);
        const gain = moves ?? this.gain(place, value, wet);
        const developed = new Developed(new Uint8ClampedArray(4 * width * height), width, height, this.view, night);
        this.developed = developed;
        const { data } = developed;
        const colour = [0, 0, 0];
        const things = this.things.at(place, this.view.things, light, quick);
        const put = (i) => {
            things?.over(i, colour);
            developed.put(i, colour[0], colour[1], colour[2]);
        };
        // While the hand moves it, what is dry stays as it last was.
        const key = JSON.stringify([this.view, night]);
        if (quick && this.rested?.key === key) {
            data.set(this.rested.data);
        } else {
            this.paintSky(place, put, colour, developed, quick);
            this.paintLand(put, colour, developed, quick);
        }
        const tilt = Math.min(1, gain);
        const held = this.held(gain, value.lace, wet);
        const broken = BROKEN * smooth(CALM_M, 0.15, this.recipe.level.sigma_m);
        const over = (i, more = 0) => {
            const steady = foam[i] + (1 - foam[i]) * more;
            const w = clamp(
                steady + held[Math.round(STEPS * steady)] + gain * (more ? Math.sqrt(steady * (1 - steady)) : spread[i]) * value.lace[i],
            );
            this.shown(i, value.slope[i], colour);
            for (let c = 0; c < 3; c += 1) {
                const of = sheet[3 * i + c] + tilt * (colour[c] - sheet[3 * i + c]);
                colour[c] = of + w * (light.foam[c] * (0.8 + 0.2 * w) - of);
            }
        };
        let row = -1;
        for (const i of wet) {
            const y = Math.floor(i / width);
            if (y !== row) developed.row((row = y));
            over(i);
            put(i);
            if (quick) {
                for (const to of [i + 1, i + width, i + width + 1]) {
                    water[4 * to] === 0 && data.copyWithin(4 * to, 4 * i, 4 * i + 4);
                }
            }
        }
        if (!quick) {
            const dry = [0, 0, 0];
            for (const i of shore) {
                const y = Math.floor(i / width);
                if (y !== row) developed.row((row = y));
                const under = this.covered(i, place);
                this.land(i, dry);
                over(i, 4 * broken * under * (1 - under) * smooth(...BREAKS_M, standsM(water[4 * i])));
                for (let c = 0; c < 3; c += 1) colour[c] = mix(dry[c], colour[c], under);
                put(i);
            }
            this.rested = { key, data: data.slice() };
        }
        return data;
    }

    /** What no water reaches; in a hurry all of the land. */
    paintLand(put, colour, developed, quick) {
        const {
            layers: { water },
            width,
            height,
            horizon,
        } = this;
        for (let y = 0; y < height; y += 1) {
            developed.row(y);
            for (let i = y * width, end = i + width; i < end; i += 1) {
                if (water[4 * i] >= NEVER || (water[4 * i] > 0 && (y < horizon || quick))) {
                    this.land(i, colour);
                    put(i);
                }
            }
        }
    }

    paintSky(place, put, colour, developed, quick) {
        const {
            width,
            horizon,
            geometry: { focal },
            light,
            layers: { water },
        } = this;
        this.clouds ??= new Map();
        if (!this.clouds.has(place)) {
            if (this.clouds.size > 3) this.clouds.delete(this.clouds.keys().next().value);
            (!quick || this.clouds.size === 0) && this.clouds.set(place, this.sky.clouds(place));
        }
        const { cover, bright } = this.clouds.get(place) ?? [...this.clouds.values()].at(-1);
        const clear = [0, 0, 0];
        for (let y = 0; y < horizon; y += 1) {
            developed.row(y);
            const up = (horizon - y - 0.5) / focal;
            Sky.clear(light, up, clear);
            const glowUp = Sky.glowUp(light, up);
            for (let x = 0; x < width; x += 1) {
                const i = y * width + x;
                if (water[4 * i] > 0) continue;
                const glow = glowUp * this.glow[x];
                // Clouds are lit more where they are thin and near the sun.
                const lit = clamp(bright[i] + 0.5 * glow);
                for (let c = 0; c < 3; c += 1) {
                    const behind = clear[c] + glow * (light.glow ? light.glow.colour[c] : 0);
                    const cloud = mix(light.cloud.dark[c], light.cloud.lit[c], lit) + 0.4 * glow * (light.glow ? light.glow.colour[c] : 0);
                    colour[c] = mix(behind, cloud, SKY.COVERS * cover[i]);
                }
                put(i);
            }
        }
    }
}

/** How high land stands over the water, from how it is packed. */
function standsM(packed) {
    return LOW + ((HIGH - LOW) * (packed - 1)) / 249;
}

/** How bright so much white is, against all of it. */
function shade(white) {
    return white * (0.8 + 0.2 * white);
}

/** The mean of a run of the strand, which comes round again. */
function around(sums, strand, from, run) {
    const turn = Math.floor(strand / STRANDS);
    const sum = sums[strand - turn * STRANDS];
    const at = (p) => {
        const turns = Math.floor(p / RUN);
        const rest = p - turns * RUN;
        const low = Math.floor(rest);
        return turns * sum[RUN] + sum[low] + (rest - low) * ((low + 1 > RUN ? sum[1] + sum[RUN] : sum[low + 1]) - sum[low]);
    };
    // The same strand again is read elsewhere along its length.
    const start = from + turn * 701;
    return (at(start + run) - at(start)) / run;
}

/** Fresnel's share of light that still water mirrors at a cosine to its upright, after all or with a polariser at its best. */
function mirrors(cosine, polariser) {
    const inside = Math.sqrt(1 - (1 - cosine ** 2) / REFRACTIVE ** 2);
    const level = ((cosine - REFRACTIVE * inside) / (cosine + REFRACTIVE * inside)) ** 2;
    const upright = ((inside - REFRACTIVE * cosine) / (inside + REFRACTIVE * cosine)) ** 2;
    return polariser ? upright : (upright + level) / 2;
}
