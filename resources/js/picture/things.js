// What stands or moves in the picture besides water: each as a raster of its outline, drawn out by how far it has gone in the open time and
// how it heaves; in still water it is mirrored.
import { clamp } from './numbers.js';

/** Where each lies on the sheet: left, top, width, height, and how far down its foot is. */
const SHEET = {
    posts: [0, 0, 240, 230, 120],
    pier: [0, 238, 332, 72, 72],
    boat: [240, 0, 140, 92, 92],
    walker: [384, 8, 32, 93, 93],
    grass: [0, 318, 330, 130, 130],
};
const STILL = ['posts', 'pier'];
const SHEET_WIDE = 420;
/** How plainly the water mirrors it at its foot; heave is looked at so many spreads apart. */
const MIRRORED = 0.5;
/** How much more a tip of grass goes than what is half way to it. */
const BENDS = 1.5;
const HEAVES = [
    [-1.5, 0.15],
    [-0.5, 0.35],
    [0.5, 0.35],
    [1.5, 0.15],
];

export class Things {
    constructor(recipe, layers) {
        Object.assign(this, { recipe, sheet: layers.things, width: layers.width, height: layers.height });
    }

    /** Those that are wanted, as they are at one time: something that lays them over a pixel; null without any. */
    at(place, names, light, quick = false) {
        const wanted = Object.keys(SHEET).filter((name) => names.includes(name) && this.recipe.things[name]);
        if (!wanted.length) {
            return null;
        }
        const key = `${wanted} ${light.foam}`;
        if (key !== this.heldFor) {
            // What keeps still is laid once.
            this.heldFor = key;
            this.rows = new Map();
            this.held = new Float32Array(4 * this.width * this.height);
            wanted.filter((name) => STILL.includes(name)).forEach((name) => this.lay(this.held, name, place, light));
        }
        // While the hand moves the time, what moves stays as it was last.
        if (!quick || !this.laid || this.laidFor !== key) {
            const moving = wanted.filter((name) => !STILL.includes(name));
            this.laid = moving.length ? this.held.slice() : this.held;
            this.laidFor = key;
            moving.forEach((name) => this.lay(this.laid, name, place, light));
        }
        const { laid } = this;
        return {
            laid,
            over(i, colour) {
                const a = laid[4 * i + 3];
                if (a > 0) {
                    for (let c = 0; c < 3; c += 1) colour[c] = colour[c] * (1 - a) + laid[4 * i + c];
                }
            },
        };
    }

    lay(laid, name, place, light) {
        const { width, height, recipe } = this;
        const [left, top, wide, tall, over] = SHEET[name];
        const [thing, isMirrored] = [recipe.things[name], name === 'pier'];
        const size = (thing.tall * height) / over;
        const run = thing.streak[place] * width;
        const heave = thing.heave * width;
        const kept = recipe.level.kept[place];
        const [moved, spread] = [0.7 * heave * kept, heave * Math.sqrt(1 - kept * kept)];
        const [x0, foot] = [thing.at[0] * width, thing.at[1] * height];
        if (!this.rows.has(name)) this.rows.set(name, this.rasters(left, top, wide, tall, size, light));
        const rows = this.rows.get(name);
        const columns = Math.round(wide * size);
        const put = (x, y, of, share) => {
            if (x < 0 || x >= width || y < 0 || y >= height) return;
            const at = 4 * (y * width + x);
            for (let c = 0; c < 4; c += 1) laid[at + c] = laid[at + c] * (1 - share * of[3]) + share * of[c];
        };
        const mean = [0, 0, 0, 0];
        for (let y = Math.max(0, Math.floor(foot - over * size - 3 * heave)); y < Math.min(height, foot + over * size); y += 1) {
            // Grass bends from its root.
            const gone = name === 'grass' ? run * clamp((foot - y) / (over * size)) ** BENDS : run;
            for (let x = Math.max(0, Math.floor(x0)); x < Math.min(width, x0 + columns + gone + 1); x += 1) {
                mean.fill(0);
                for (const [step, share] of spread > 0.3 ? HEAVES : [[0, 1]]) {
                    const up = y - (foot - over * size) + moved + step * spread;
                    this.drawn(rows, columns, up, x - x0, gone, share, mean);
                }
                mean[3] > 0.002 && put(x, y, mean, 1);
                if (isMirrored && y > foot - 1) {
                    mean.fill(0);
                    this.drawn(rows, columns, tall * size - (y - foot) - 1, x - x0, run + 3, 1, mean);
                    mean[3] > 0.002 && put(x, y, mean, MIRRORED * (1 - (y - foot) / (tall * size)));
                }
            }
        }
    }

    /** Adds the mean of a row over all places where the thing has been. */
    drawn(rows, columns, up, x, run, share, into) {
        const row = rows[Math.round(up)];
        if (!row) return;
        const at = (p, c) => row[4 * Math.max(0, Math.min(columns, Math.round(p))) + c];
        const length = Math.max(1, run);
        for (let c = 0; c < 4; c += 1) into[c] += (share * (at(x + 1, c) - at(x + 1 - length, c))) / length;
    }

    /** Each row of the outline in its size, as running sums of colour by opacity, and of opacity. */
    rasters(left, top, wide, tall, size, light) {
        const { sheet } = this;
        const columns = Math.round(wide * size);
        return Array.from({ length: Math.round(tall * size) }, (_, y) => {
            const sums = new Float32Array(4 * (columns + 1));
            for (let x = 0; x < columns; x += 1) {
                const [sx, sy] = [
                    left + Math.min(wide - 1, Math.floor((x + 0.5) / size)),
                    top + Math.min(tall - 1, Math.floor((y + 0.5) / size)),
                ];
                const from = 4 * (sy * SHEET_WIDE + sx);
                const a = sheet[from + 3] / 255;
                for (let c = 0; c < 3; c += 1)
                    sums[4 * (x + 1) + c] = sums[4 * x + c] + a * sheet[from + c] * (light.ambient[c] + 0.3 * light.key[c]) * 0.8;
                sums[4 * (x + 1) + 3] = sums[4 * x + 3] + a;
            }
            return sums;
        });
    }
}
