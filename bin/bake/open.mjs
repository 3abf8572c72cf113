// Open water: rocks that stand in it as height fields, seen in perspective over a plane of water. Of each pixel: the land, how high it
// stands over the water, how much
// of a low light from the left reaches it; or, where there is water, how white it lies there on the mean and how much land it mirrors.
import { writeFileSync } from 'node:fs';
import { H, OUT, W, byte, clamp, facets, fractal, hash, mix, photograph, picture, smooth } from './noise.mjs';

/** Cells of a rock's own map, which reaches so many of its radii. */
const CELLS = 440;
const REACH = 2.2;
/** Towards a low light: from the left, a little from behind the viewer. */
const LIGHT = [-0.76, -0.22, 0.5];
/** Height over the water in m, from LOW to HIGH in 250 steps; land far off in haze is 255. */
const [LOW, HIGH] = [-1.2, 1.8];
const FAR = 255;
/** Higher than this no water reaches. */
const NEVER = 230;
/** Slopes at which water mirrors the land, in radians. */
const SLOPES = [-0.13, -0.09, -0.06, -0.035, -0.012, 0.012, 0.035, 0.06, 0.09, 0.13];

/**
 * What differs from stage to stage. In metres: the camera's height, and rocks by where they stand across and away, how far they reach
 * across and away, and how high;
 * `steep` from a loaf to a stack. Foam: how white the water is round them, how far, and lines between; the flow in degrees from straight
 * across to the right.
 */
export const OPEN = {
    sea: {
        seed: 5,
        horizon: 0.36,
        camera: 3,
        flow: 250,
        foam: 0.75,
        reach: 0.7,
        lines: 0.05,
        swash: 0.35,
        rocks: [
            { x: 17, d: 46, r: 6.5, rd: 7, h: 9.5, steep: 5 },
            { x: 26, d: 50, r: 6, rd: 6, h: 5.5, steep: 4 },
            { x: -4.2, d: 10.6, r: 2, rd: 1.5, h: 1.15, steep: 2.2 },
            { x: 1.9, d: 15.5, r: 0.8, rd: 0.7, h: 0.7, steep: 2.6 },
            { x: 4.4, d: 9.2, r: 1.1, rd: 0.9, h: 0.75, steep: 2.4 },
            { x: -24, d: 120, r: 14, rd: 12, h: 9, steep: 2.6 },
            { x: 16, d: 230, r: 30, rd: 20, h: 15, steep: 2.2 },
            { x: -14, d: 44, r: 5, rd: 4, h: 1.6, steep: 3 },
            { x: -1.2, d: 8.4, r: 0.5, rd: 0.45, h: 0.22, steep: 2.4 },
        ],
    },
    surf: {
        seed: 17,
        horizon: 0.28,
        camera: 3.4,
        flow: 248,
        foam: 0.95,
        reach: 1.5,
        lines: 0.3,
        swash: 0.55,
        rocks: [
            { x: -7.5, d: 15.5, r: 3, rd: 2.6, h: 5, steep: 4 },
            { x: -3.4, d: 23, r: 1.7, rd: 1.6, h: 2.6, steep: 3.4 },
            { x: 3.3, d: 10.2, r: 1.7, rd: 1.3, h: 1.5, steep: 2.6 },
            { x: 10.5, d: 22, r: 3.2, rd: 3, h: 5.5, steep: 5 },
            { x: 1.6, d: 34, r: 1.6, rd: 1.6, h: 1.7, steep: 3 },
            { x: -1, d: 8.6, r: 0.75, rd: 0.6, h: 0.42, steep: 2.4 },
            { x: 15, d: 180, r: 40, rd: 20, h: 15, steep: 2 },
            { x: 0.8, d: 14.5, r: 0.7, rd: 0.6, h: 0.5, steep: 2.6 },
        ],
    },
    shore: {
        seed: 23,
        horizon: 0.2,
        camera: 2.1,
        flow: 75,
        foam: 0.8,
        reach: 0.55,
        lines: 0.32,
        swash: 0.12,
        rocks: [
            { x: -2.6, d: 9.6, r: 0.95, rd: 0.8, h: 0.75, steep: 3 },
            { x: 2.1, d: 6.1, r: 0.95, rd: 0.75, h: 0.62, steep: 2.8 },
            { x: 1, d: 14.5, r: 0.9, rd: 0.8, h: 0.6, steep: 3 },
            { x: -2.7, d: 5, r: 0.8, rd: 0.6, h: 0.42, steep: 2.4 },
            { x: 0.2, d: 5.6, r: 0.4, rd: 0.34, h: 0.2, steep: 2.6 },
            { x: 5.6, d: 18, r: 1.7, rd: 1.5, h: 1.5, steep: 3.6 },
            { x: -30, d: 120, r: 26, rd: 14, h: 9, steep: 2.4 },
            { x: -0.9, d: 7.4, r: 0.3, rd: 0.26, h: 0.13, steep: 2.4 },
        ],
    },
    lake: {
        seed: 31,
        horizon: 0.42,
        camera: 1.7,
        flow: 200,
        foam: 0,
        reach: 0.2,
        lines: 0,
        swash: 0.02,
        rocks: [
            { x: -2.6, d: 5.2, r: 0.85, rd: 0.8, h: 0.42, steep: 2.2 },
            { x: -1.35, d: 4.7, r: 0.4, rd: 0.36, h: 0.2, steep: 2.4 },
            { x: 2.6, d: 5.6, r: 0.62, rd: 0.5, h: 0.3, steep: 2.2 },
            { x: 1.9, d: 6.4, r: 0.3, rd: 0.26, h: 0.13, steep: 2.4 },
            { x: -60, d: 190, r: 74, rd: 40, h: 27, steep: 2, wooded: 1 },
            { x: 74, d: 240, r: 90, rd: 40, h: 36, steep: 1.8, wooded: 1 },
            { x: 10, d: 300, r: 120, rd: 40, h: 16, steep: 1.6, wooded: 1 },
        ],
    },
    river: {
        seed: 47,
        horizon: 0.16,
        camera: 1.9,
        flow: 338,
        foam: 0.5,
        reach: 0.16,
        lines: 0.06,
        swash: 0.03,
        lee: 4,
        rocks: [
            { x: -1.9, d: 6.4, r: 0.85, rd: 0.7, h: 0.62, steep: 2.4 },
            { x: 1.2, d: 9.4, r: 0.95, rd: 0.8, h: 0.7, steep: 2.6 },
            { x: 1.9, d: 4.9, r: 0.7, rd: 0.5, h: 0.42, steep: 2.3 },
            { x: -0.55, d: 4.5, r: 0.42, rd: 0.36, h: 0.2, steep: 2.4 },
            { x: -4, d: 12, r: 1, rd: 0.8, h: 0.6, steep: 2.6 },
            { x: 4.2, d: 8, r: 0.5, rd: 0.45, h: 0.28, steep: 2.4 },
            { x: 0.1, d: 6.4, r: 0.28, rd: 0.24, h: 0.12, steep: 2.4 },
            { x: -14, d: 30, r: 17, rd: 8, h: 5.5, steep: 1.8, wooded: 1 },
            { x: 20, d: 34, r: 18, rd: 9, h: 7, steep: 1.8, wooded: 1 },
            { x: 2, d: 60, r: 40, rd: 12, h: 9, steep: 1.8, wooded: 1 },
        ],
    },
    rapid: {
        seed: 59,
        horizon: 0.13,
        camera: 1.5,
        flow: 318,
        foam: 1,
        reach: 0.4,
        lines: 0.62,
        swash: 0.06,
        lee: 5,
        rocks: [
            { x: -2.1, d: 5.2, r: 1.05, rd: 0.8, h: 0.85, steep: 2.6 },
            { x: 0.75, d: 7.2, r: 0.75, rd: 0.6, h: 0.55, steep: 3 },
            { x: 1.9, d: 4.2, r: 0.85, rd: 0.6, h: 0.5, steep: 2.6 },
            { x: -0.6, d: 3.9, r: 0.34, rd: 0.3, h: 0.17, steep: 2.4 },
            { x: -0.9, d: 9, r: 0.7, rd: 0.6, h: 0.5, steep: 2.6 },
            { x: 3.4, d: 9.5, r: 1.2, rd: 1, h: 1, steep: 3 },
            { x: -4.6, d: 11, r: 1.4, rd: 1, h: 1.1, steep: 3 },
            { x: 1.2, d: 12.5, r: 0.6, rd: 0.5, h: 0.4, steep: 2.6 },
            { x: -10, d: 20, r: 9, rd: 7, h: 5.5, steep: 2.4, wooded: 1 },
            { x: 13, d: 22, r: 10, rd: 7, h: 6.5, steep: 2.2, wooded: 1 },
            { x: 1, d: 48, r: 26, rd: 12, h: 12, steep: 1.8, wooded: 1 },
        ],
    },
};
const FOCAL = 620;

function hash3(x, y, z, seed) {
    return hash(Math.imul(x, 73) + Math.imul(z, 9151), Math.imul(y, 59) - Math.imul(z, 3571), seed);
}

function noise3(x, y, z, seed) {
    const [xi, yi, zi] = [Math.floor(x), Math.floor(y), Math.floor(z)];
    const ease = (t) => t * t * (3 - 2 * t);
    const [u, v, w] = [ease(x - xi), ease(y - yi), ease(z - zi)];
    const plane = (k) =>
        mix(
            mix(hash3(xi, yi, zi + k, seed), hash3(xi + 1, yi, zi + k, seed), u),
            mix(hash3(xi, yi + 1, zi + k, seed), hash3(xi + 1, yi + 1, zi + k, seed), u),
            v,
        );
    return mix(plane(0), plane(1), w);
}

function fractal3(x, y, z, seed, octaves = 4) {
    let [sum, weight, all] = [0, 0.5, 0];
    for (let i = 0; i < octaves; i += 1) {
        sum += weight * noise3(x, y, z, seed + i);
        all += weight;
        [x, y, z, weight] = [2.03 * x, 2.03 * y, 2.03 * z, 0.5 * weight];
    }
    return sum / all;
}

/** Mean over a square of cells, twice. */
function softened(map, radius) {
    const pass = (from) => {
        const sums = new Float64Array((CELLS + 1) * (CELLS + 1));
        for (let j = 0; j < CELLS; j += 1) {
            for (let i = 0, row = 0; i < CELLS; i += 1) {
                row += from[j * CELLS + i];
                sums[(j + 1) * (CELLS + 1) + i + 1] = sums[j * (CELLS + 1) + i + 1] + row;
            }
        }
        return Float32Array.from({ length: CELLS * CELLS }, (_, at) => {
            const [i, j] = [at % CELLS, Math.floor(at / CELLS)];
            const [a, b, c, d] = [
                Math.max(0, i - radius),
                Math.min(CELLS, i + radius + 1),
                Math.max(0, j - radius),
                Math.min(CELLS, j + radius + 1),
            ];
            const of = (x, y) => sums[y * (CELLS + 1) + x];
            return (of(b, d) - of(a, d) - of(b, c) + of(a, c)) / ((b - a) * (d - c));
        });
    };
    return pass(pass(map));
}

/** How far each cell is from land that stands out of the water, in cells. */
function away(height) {
    const far = new Float32Array(CELLS * CELLS).fill(9999);
    height.forEach((z, at) => {
        if (z > 0) far[at] = 0;
    });
    const take = (at, from, cost) => {
        if (far[from] + cost < far[at]) far[at] = far[from] + cost;
    };
    for (let j = 1; j < CELLS - 1; j += 1) {
        for (let i = 1; i < CELLS - 1; i += 1) {
            const at = j * CELLS + i;
            take(at, at - 1, 1);
            take(at, at - CELLS, 1);
            take(at, at - CELLS - 1, 1.414);
            take(at, at - CELLS + 1, 1.414);
        }
    }
    for (let j = CELLS - 2; j > 0; j -= 1) {
        for (let i = CELLS - 2; i > 0; i -= 1) {
            const at = j * CELLS + i;
            take(at, at + 1, 1);
            take(at, at + CELLS, 1);
            take(at, at + CELLS + 1, 1.414);
            take(at, at + CELLS - 1, 1.414);
        }
    }
    return far;
}

/** A rock as a map of heights, with beds, joints and what has broken off. */
function rockOf({ x, d, r, rd, h, steep, wooded = 0 }, seed) {
    const height = new Float32Array(CELLS * CELLS);
    const bed = h / (2.5 + 5 * hash(1, 2, seed));
    const dip = 0.25 * (hash(3, 4, seed) - 0.5);
    const peak = [0.5 * (hash(5, 6, seed) - 0.5), 0.4 * (hash(7, 8, seed) - 0.5)];
    for (let j = 0; j < CELLS; j += 1) {
        for (let i = 0; i < CELLS; i += 1) {
            const [u, v] = [(REACH * (2 * i - CELLS)) / CELLS, (REACH * (2 * j - CELLS)) / CELLS];
            const [wu, wv] = [
                u + 0.55 * (fractal(u * 1.6 + 7, v * 1.6, seed, 4) - 0.5),
                v + 0.55 * (fractal(u * 1.6, v * 1.6 + 9, seed + 4, 4) - 0.5),
            ];
            const round = Math.hypot(wu, wv);
            const lean = 1 - 0.5 * Math.hypot(wu - peak[0], wv - peak[1]);
            let z = 1 - round ** steep;
            z = z > 0 ? z ** 0.75 * (0.45 + 0.55 * clamp(lean)) : -Math.max(1, 2 / h) * (1 - Math.exp(1.2 * z));
            const [big, joint] = facets(wu * 2.3, wv * 2.3, seed + 8, 0.9);
            const [small, crack] = facets(wu * 6.5, wv * 6.5, seed + 9, 0.8);
            const bulk = clamp(z * 4);
            z +=
                bulk *
                (0.22 * (big - 0.5) +
                    0.1 * (small - 0.5) +
                    0.3 * (fractal(u * 2.4, v * 2.4, seed + 12, 4) - 0.5) -
                    0.1 * (1 - smooth(0, 0.12, joint)) -
                    0.04 * (1 - smooth(0, 0.1, crack)));
            if (wooded) {
                z += wooded * bulk * 0.16 * fractal(u * 40, v * 40, seed + 14, 3);
            } else {
                // Beds: it has worn back in steps, a little aslant.
                const place = (z * h) / bed + dip * u * 3 + 0.5 * fractal(u * 3, v * 3, seed + 16, 3);
                const stepped = Math.floor(place) + smooth(0.35, 0.95, place - Math.floor(place));
                z += (0.75 * bulk * (stepped - place) * bed) / h;
                z += 0.035 * bulk * (fractal(u * 16, v * 16, seed + 18, 3) - 0.5);
            }
            height[j * CELLS + i] = z * h;
        }
    }
    const cell = (2 * REACH * Math.min(r, rd)) / CELLS;
    return {
        x,
        d,
        r,
        rd,
        h,
        wooded,
        seed,
        height,
        cell,
        wide: softened(height, 22),
        near: softened(height, 6),
        far: away(height),
    };
}

/** What a map holds at a place across and away. */
function read(rock, map, x, d) {
    const i = ((x - rock.x) / rock.r / REACH + 1) * (CELLS / 2);
    const j = ((d - rock.d) / rock.rd / REACH + 1) * (CELLS / 2);
    if (i < 1 || j < 1 || i > CELLS - 2 || j > CELLS - 2) return null;
    const [fi, fj] = [Math.floor(i), Math.floor(j)];
    const at = fj * CELLS + fi;
    return mix(mix(map[at], map[at + 1], i - fi), mix(map[at + CELLS], map[at + CELLS + 1], i - fi), j - fj);
}

/** Where a ray first meets a rock: from a point, so much across and up for each metre away. */
function meet(rocks, [x0, d0, z0], across, up, towards = 1) {
    let found = null;
    for (const rock of rocks) {
        const [from, to] = [Math.max(d0 + 1e-3, rock.d - REACH * rock.rd), rock.d + REACH * rock.rd];
        if (to <= from || (found && from > found.d)) continue;
        const [left, right] = [x0 + across * (from - d0), x0 + across * (to - d0)];
        if (Math.max(left, right) < rock.x - REACH * rock.r || Math.min(left, right) > rock.x + REACH * rock.r) continue;
        const steps = 190;
        let before = from;
        for (let n = 0; n <= steps; n += 1) {
            const d = from + ((to - from) * n) / steps;
            const z = z0 + up * (d - d0);
            if (towards > 0 && z < LOW) break;
            if (z > 1.6 * rock.h) {
                before = d;
                if (up > 0) break;
                continue;
            }
            const ground = read(rock, rock.height, x0 + across * (d - d0), d);
            if (ground !== null && ground > z) {
                let [a, b] = [before, d];
                for (let k = 0; k < 7; k += 1) {
                    const middle = (a + b) / 2;
                    const there = read(rock, rock.height, x0 + across * (middle - d0), middle);
                    there !== null && there > z0 + up * (middle - d0) ? (b = middle) : (a = middle);
                }
                if (towards < 0 || z0 + up * (b - d0) > LOW)
                    if (!found || b < found.d) found = { rock, d: b, x: x0 + across * (b - d0), z: z0 + up * (b - d0) };
                break;
            }
            before = d;
        }
    }
    return found;
}

/** Colour of the land under an even sky, and how much of the low light it gets. */
function lit({ rock, x, d, z }, { camera }, swash) {
    const { seed, cell } = rock;
    const slope = (e) => [
        ((read(rock, rock.height, x + e, d) ?? z) - (read(rock, rock.height, x - e, d) ?? z)) / (2 * e),
        ((read(rock, rock.height, x, d + e) ?? z) - (read(rock, rock.height, x, d - e) ?? z)) / (2 * e),
    ];
    const [[ax, ay], [bx, by]] = [slope(1.2 * cell), slope(5 * cell)];
    const size = 9 / rock.h;
    const grain = (px, pd, pz) => fractal3(px * size * 0.8, pd * size * 0.8, pz * size * 1.7, seed + 30, 5);
    const e = 0.02 * rock.h;
    const g0 = grain(x, d, z);
    const bump = rock.wooded ? 0 : 1.1 * rock.h * 0.06;
    const [gx, gd, gz] = [grain(x + e, d, z), grain(x, d + e, z), grain(x, d, z + e)].map((g) => (bump * (g - g0)) / e);
    // Beds show on what is steep: a step out and in with the height.
    const bed = (pz) => fractal3(x * size * 0.12, d * size * 0.12, (pz + 0.12 * (x - rock.x)) * size * 2.2, seed + 50, 4);
    const step = rock.wooded ? 0 : (1.5 * rock.h * 0.05 * (bed(z + e) - bed(z))) / e;
    let n = [-(0.35 * ax + 0.65 * bx) - 5 * gx, -(0.35 * ay + 0.65 * by) - 5 * gd, 1 - 5 * gz - 6 * step];
    const length = Math.hypot(...n);
    n = n.map((v) => v / length);
    const hollow =
        clamp(0.85 + (0.55 * (z - read(rock, rock.near, x, d))) / (0.05 * rock.h + 8 * cell), 0.35, 1.15) *
        clamp(0.9 + (0.5 * (z - read(rock, rock.wide, x, d))) / (0.2 * rock.h + 20 * cell), 0.45, 1.1);
    const low = 0.55 + 0.45 * smooth(-0.1, 0.45, z / rock.h);
    const sky = 0.5 + 0.36 * n[2] - 0.14 * n[1];
    // A shadow where something stands in the way of the light.
    let seen = 1;
    for (let k = 1; k <= 22; k += 1) {
        const s = k * 0.06 * rock.r;
        const over = read(rock, rock.height, x + LIGHT[0] * s, d + LIGHT[1] * s);
        if (over !== null) seen = Math.min(seen, 1 - smooth(0, 0.06 * rock.h, over - (z + LIGHT[2] * s + 0.02 * rock.h)));
    }
    const key = clamp(n[0] * LIGHT[0] + n[1] * LIGHT[1] + n[2] * LIGHT[2]) * seen * hollow;
    const warm = fractal3(x * size * 0.3, d * size * 0.3, z * size * 0.3, seed + 40, 3);
    const seam = 1 - 0.35 * (1 - smooth(0, 0.16, Math.abs(((z / rock.h) * 7 + 1.6 * warm + 0.2 * (x - rock.x)) % 1)));
    let colour = rock.wooded
        ? [mix(50, 74, warm), mix(60, 82, warm), mix(42, 50, warm)].map((c) => c * (0.55 + 0.9 * g0))
        : [mix(118, 150, warm), mix(112, 136, warm), mix(108, 116, warm)].map((c) => c * (0.5 + 1 * g0) * seam);
    if (!rock.wooded) {
        // Weed and wet where the water reaches, dry and pale with lichen over it.
        const reach = swash * (0.8 + 1.4 * fractal3(x * 1.3, d * 1.3, 3, seed + 44, 3));
        const weed =
            (1 - smooth(0.1 * reach, 0.9 * reach, z)) *
            smooth(0.38, 0.6, fractal3(x * size * 0.5, d * size * 0.5, z * size * 0.5, seed + 46, 3));
        const wet = 1 - smooth(0.7 * reach, 1.7 * reach, z);
        colour = colour.map((c, k) => mix(c, [66, 62, 34][k] * (0.6 + 0.8 * g0), 0.75 * weed) * (1 - 0.42 * wet));
    }
    const light = 1.08 * sky * hollow * low;
    return { colour: colour.map((c) => c * light), key: key * low, dry: z };
}

export function bakeOpen(name, stage) {
    const { seed, horizon, camera, foam, reach, lines, swash, lee = 1.7 } = stage;
    const rocks = stage.rocks.map((rock, k) => rockOf(rock, seed + 300 + 40 * k));
    const h0 = Math.round(H * horizon);
    const flow = (stage.flow * Math.PI) / 180;
    // A little more than the frame's middle row would show: four rays a pixel for what is land.
    const land = new Uint8Array(3 * W * H);
    const high = new Uint8Array(W * H);
    const white = new Float32Array(W * H);
    const third = new Uint8Array(W * H);
    const eye = [0, 0, camera];
    for (let y = 0; y < H; y += 1) {
        for (let x = 0; x < W; x += 1) {
            const i = y * W + x;
            let met = 0;
            let [sum, key, z, far] = [[0, 0, 0], 0, 0, 0];
            for (const [ox, oy] of [
                [0.25, 0.25],
                [0.75, 0.75],
            ]) {
                const hit = meet(rocks, eye, (x + ox - W / 2) / FOCAL, -(y + oy - h0) / FOCAL);
                if (!hit) continue;
                const shown = lit(hit, stage, swash);
                met += 1;
                sum = sum.map((v, c) => v + shown.colour[c]);
                key += shown.key;
                z += hit.z;
                far += hit.d > 90 ? 1 : 0;
            }
            if (met > 0) {
                land.set(
                    sum.map((v) => clamp(v / met, 0, 255)),
                    3 * i,
                );
                third[i] = byte(key / met);
                z /= met;
                // The rim of a rock is as much of it as meets the eye: between it and what is behind.
                high[i] = far === met ? FAR : Math.max(1, Math.min(250, Math.round(1 + (249 * (z - LOW)) / (HIGH - LOW))));
                if (met === 1 && z > 0.35 * (HIGH - LOW)) high[i] = far ? FAR : high[i];
            }
            if (y <= h0 || (met > 0 && z > 0.3)) continue;
            // The plane of the water.
            const d = (camera * FOCAL) / (y + 0.5 - h0);
            const wx = ((x + 0.5 - W / 2) / FOCAL) * d;
            let near = 0;
            let [mean, most] = [0, 0];
            for (const rock of rocks) {
                if (rock.d > 90) continue;
                // Where it comes from it is thrown back at once; behind, it trails.
                const [ux, ud] = [wx - rock.x, d - rock.d];
                const inMap = read(rock, rock.far, wx, d);
                const apart = inMap === null ? (Math.hypot(ux / rock.r, ud / rock.rd) - 1) * Math.min(rock.r, rock.rd) : inMap * rock.cell;
                const behind = (ux * Math.cos(flow) + ud * Math.sin(flow)) / Math.hypot(ux, ud);
                const own =
                    reach *
                    (1 + (lee - 1) * Math.max(0, behind) ** 2) *
                    (0.55 + 0.9 * fractal(wx / (1.3 * reach), d / (1.3 * reach), seed + 70, 3));
                const size = clamp(rock.r / (2 * reach), 0.25, 1);
                near = 1 - (1 - near) * (1 - size * Math.exp(-(Math.max(0, apart / own) ** 1.15)));
                most = Math.max(most, size * Math.exp(-apart / (3.4 * own)));
            }
            const [su, sn] = [wx * Math.cos(flow) + d * Math.sin(flow), -wx * Math.sin(flow) + d * Math.cos(flow)];
            const drift = smooth(0.5, 0.74, fractal(su / (7 * reach + 1), sn / (2 * reach + 0.5), seed + 74, 4));
            const patch = 0.15 + 1.5 * fractal(wx / (2.4 * reach), d / (2.4 * reach), seed + 78, 4);
            mean = foam * near * patch + lines * drift * (0.35 + 0.65 * clamp(2.4 * most + 0.15)) * clamp(60 / d);
            white[i] = clamp(mean, 0, 0.95);
            if (met === 0 || z < 0) {
                // How much land it mirrors at the slopes that it has.
                let mirrored = 0;
                const grazing = (y + 0.5 - h0) / FOCAL;
                for (const slope of SLOPES) {
                    const seen = meet(rocks, [wx, d, 0], (x + 0.5 - W / 2) / FOCAL, Math.abs(grazing + 2 * slope) + 0.002, -1);
                    // What is far off is pale.
                    mirrored += seen ? (seen.d > 90 ? (seen.rock.wooded ? 0.75 : 0.3) : 1) : 0;
                }
                third[i] = byte(mirrored / SLOPES.length);
            }
        }
    }
    photograph(`${name}-rock.jpg`, (i) => [land[3 * i], land[3 * i + 1], land[3 * i + 2]]);
    picture(`${name}-water.png`, (i) => [
        high[i] < NEVER || high[i] === FAR ? high[i] : NEVER,
        4 * Math.round(63 * white[i]),
        4 * Math.round(63 * (third[i] / 255)),
    ]);
    writeFileSync(
        `${OUT}/${name}.json`,
        `${JSON.stringify({
            horizon: h0,
            focal: FOCAL,
            camera,
            flow: stage.flow,
            rocks: stage.rocks.filter(({ d }) => d < 90).map(({ x, d, r, rd }) => [x, d, Math.round(90 * Math.sqrt(r * rd)) / 100]),
        })}\n`,
    );
}
