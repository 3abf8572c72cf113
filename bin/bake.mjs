// Bakes the layers of the stages of falling water, once: rock, and for each pixel of water its strand, how far along its path it is, how thick it lies. Page and
// PHP draw from them. Run `npm run stages`; the same numbers come every time. How it is drawn: docs/formats.md, the picture.
import { execFileSync } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';
import { PNG } from 'pngjs';

const [W, H] = [720, 480];
const OUT = 'data/stages';
const LONGEST = 400;

const mix = (a, b, t) => a + (b - a) * t;
const clamp = (v, low = 0, high = 1) => Math.min(high, Math.max(low, v));
const smooth = (from, to, v) => { const t = clamp((v - from) / (to - from)); return t * t * (3 - 2 * t); };

function random(seed) {
    let state = seed >>> 0;
    return () => {
        state = (state + 0x6d2b79f5) >>> 0;
        let t = Math.imul(state ^ (state >>> 15), state | 1);
        t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
        return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
    };
}

const hash = (x, y, seed) => {
    let h = Math.imul(x, 374761393) + Math.imul(y, 668265263) + Math.imul(seed, 2147483647);
    h = Math.imul(h ^ (h >>> 13), 1274126177);
    return ((h ^ (h >>> 16)) >>> 0) / 4294967296;
};

function noise(x, y, seed) {
    const [xi, yi] = [Math.floor(x), Math.floor(y)];
    const [fx, fy] = [x - xi, y - yi];
    const [ux, uy] = [fx * fx * fx * (fx * (fx * 6 - 15) + 10), fy * fy * fy * (fy * (fy * 6 - 15) + 10)];
    return mix(mix(hash(xi, yi, seed), hash(xi + 1, yi, seed), ux), mix(hash(xi, yi + 1, seed), hash(xi + 1, yi + 1, seed), ux), uy);
}

function fractal(x, y, seed, octaves = 5) {
    let [sum, size, weight, all] = [0, 1, 0.5, 0];
    for (let i = 0; i < octaves; i += 1) {
        sum += weight * noise(x * size, y * size, seed + i);
        all += weight;
        size *= 2.03;
        weight *= 0.5;
    }
    return sum / all;
}

/** Broken rock: cells, each a plane with a tilt of its own, and how near the crack between two is. */
function facets(x, y, seed, tilt) {
    const [xi, yi] = [Math.floor(x), Math.floor(y)];
    let [first, second, height] = [9, 9, 0];
    for (let j = -1; j <= 1; j += 1) {
        for (let i = -1; i <= 1; i += 1) {
            const [cx, cy] = [xi + i, yi + j];
            const [px, py] = [cx + 0.15 + 0.7 * hash(cx, cy, seed), cy + 0.15 + 0.7 * hash(cx, cy, seed + 7)];
            const d = Math.hypot(x - px, (y - py) * 1.25);
            if (d < first) {
                second = first;
                first = d;
                height = tilt * ((x - px) * (hash(cx, cy, seed + 13) - 0.5) + (y - py) * (hash(cx, cy, seed + 17) - 0.5)) + hash(cx, cy, seed + 23);
            } else if (d < second) {
                second = d;
            }
        }
    }
    return [height, second - first];
}

function blurred(map, radius) {
    const out = new Float32Array(W * H);
    const half = new Float32Array(W * H);
    const r = Math.max(1, Math.round(radius));
    for (let y = 0; y < H; y += 1) {
        let sum = 0;
        for (let x = -r; x <= r; x += 1) sum += map[y * W + clamp(x, 0, W - 1)];
        for (let x = 0; x < W; x += 1) {
            half[y * W + x] = sum / (2 * r + 1);
            sum += map[y * W + Math.min(W - 1, x + r + 1)] - map[y * W + Math.max(0, x - r)];
        }
    }
    for (let x = 0; x < W; x += 1) {
        let sum = 0;
        for (let y = -r; y <= r; y += 1) sum += half[clamp(y, 0, H - 1) * W + x];
        for (let y = 0; y < H; y += 1) {
            out[y * W + x] = sum / (2 * r + 1);
            sum += half[Math.min(H - 1, y + r + 1) * W + x] - half[Math.max(0, y - r) * W + x];
        }
    }
    return out;
}

const soft = (map, radius) => blurred(blurred(map, radius), radius);

/** What differs from stage to stage. Shares of the frame. */
const STAGES = {
    fall: { seed: 11, lip: 0.2, left: 0.37, right: 0.7, pool: 0.77, ledges: 4, ledge: 0.55, widen: 0.1, strands: 9, free: 1 },
    cascade: { seed: 42, lip: 0.12, left: 0.3, right: 0.66, pool: 0.86, ledges: 7, ledge: 1.25, widen: 0.28, strands: 6, free: 0.45 },
    weir: { seed: 73, lip: 0.34, left: 0.02, right: 0.98, pool: 0.6, ledges: 1, ledge: 0.35, widen: 0, strands: 16, free: 1.2 },
};

function bake(name, stage) {
    const { seed, lip, pool, left, right } = stage;
    const at = (x, y) => y * W + x;
    const lipY = (x) => (name === 'weir' ? H * (lip + 0.004 * (fractal(x / 90, 3.3, seed + 90, 2) - 0.5)) : H * (lip + 0.11 * (fractal(x / 74, 3.3, seed + 90, 4) - 0.5) + 0.35 * Math.max(0, Math.abs(x / W - (left + right) / 2) - (right - left) * 0.42) ** 1.5));
    // How much of the channel a place is in: one in its middle, nought in the walls.
    const channel = (x, y) => {
        const down = clamp((y / H - lip) / (pool - lip));
        const ragged = 0.05 * (fractal(x / 90, y / 46, seed + 40, 4) - 0.5);
        const [l, r] = [left - stage.widen * down * 0.5 + ragged, right + stage.widen * down * 0.5 + ragged];
        return smooth(l - 0.035, l + 0.035, x / W) * (1 - smooth(r - 0.035, r + 0.035, x / W));
    };
    // Relief: how far the rock stands out towards the viewer.
    const relief = new Float32Array(W * H);
    const crack = new Float32Array(W * H);
    for (let y = 0; y < H; y += 1) {
        for (let x = 0; x < W; x += 1) {
            const [wx, wy] = [x + 26 * (fractal(x / 70, y / 70, seed, 3) - 0.5), y + 20 * (fractal(x / 70, y / 70, seed + 5, 3) - 0.5)];
            const [big, edge] = facets(wx / 92, wy / 58, seed + 1, 1.1);
            const [small, edge2] = facets(wx / 31, wy / 21, seed + 2, 0.9);
            const [fine] = facets(wx / 11, wy / 8, seed + 3, 0.8);
            // Ledges: shelves that stand out further the lower they are, broken along their length.
            const place = stage.ledges * (y / H - lip) / (pool - lip) + 0.9 * (fractal(x / 64, y / 260, seed + 60, 3) - 0.5) + 0.25 * (fractal(x / 17, y / 60, seed + 61, 3) - 0.5);
            const shelf = Math.floor(place) + smooth(0.55, 0.98, place - Math.floor(place));
            const wall = 1 - channel(x, y);
            relief[at(x, y)] = 30 * wall + 11 * stage.ledge * shelf + 16 * big + 7.5 * small + 2.6 * fine + 13 * (fractal(x / 120, y / 60, seed + 9, 4) - 0.5) + 3 * (fractal(x / 13, y / 11, seed + 8, 4) - 0.5) - 1.1 * (1 - smooth(0, 0.1, edge));
            crack[at(x, y)] = Math.min(0.55 + 0.45 * smooth(0, 0.07, edge), 0.8 + 0.2 * smooth(0, 0.1, edge2));
        }
    }
    // Boulders before the pool.
    const boulders = [];
    const next = random(seed);
    if (name !== 'weir') {
        [[0.05, 0.97, 0.25, 0.2], [0.9, 0.98, 0.24, 0.24], [0.29, 0.83, 0.07, 0.06], [0.74, 0.9, 0.08, 0.1], [0.4, 0.985, 0.08, 0.08], [0.58, 0.8, 0.035, 0.03]].forEach(([cx, cy, rx, ry], i) => boulders.push({ cx: cx * W, cy: cy * H, rx: rx * W, ry: ry * H, seed: seed + 200 + i }));
    }
    const boulder = new Float32Array(W * H);
    const foot = new Float32Array(W * H).fill(1);
    for (const { cx, cy, rx, ry, seed: own } of boulders) {
        for (let y = Math.max(0, Math.floor(cy - 1.3 * ry)); y < Math.min(H, cy + ry); y += 1) {
            for (let x = Math.max(0, Math.floor(cx - 1.3 * rx)); x < Math.min(W, cx + 1.3 * rx); x += 1) {
                const [f] = facets(x / 40, y / 30, own, 1.2);
                const d = Math.hypot((x - cx) / rx, (y - cy) / ry) + 0.28 * (fractal(x / 34, y / 28, own + 3, 4) - 0.5) + 0.1 * (f - 0.5);
                if (d < 1) {
                    foot[at(x, y)] = cy > 0.93 * H ? 1 : 1 - 0.75 * smooth(0.1, 0.75, (y - cy) / ry);
                    const out = 60 + 40 * Math.sqrt(1 - d * d) + 14 * f + 4 * facets(x / 14, y / 11, own + 9, 1)[0] + 2 * fractal(x / 9, y / 9, own + 4, 3);
                    if (out > boulder[at(x, y)]) boulder[at(x, y)] = out;
                }
            }
        }
    }
    const isPool = (x, y) => y / H > pool + (name === 'weir' ? 0.004 : 0.05) * (fractal(x / 46, 1.7, seed + 70, 4) - 0.5) && boulder[at(x, y)] === 0 && (name === 'weir' || channel(x, H * pool) > 0.02 || y / H > pool + 0.05 + 0.06 * Math.abs(x / W - 0.5));
    for (let i = 0; i < W * H; i += 1) if (boulder[i] > 0) relief[i] = boulder[i];

    // Light: an overcast sky from above, a little from the left, and what the hollows keep from it.
    const wide = soft(relief, 26);
    const near = soft(relief, 7);
    const rock = new Uint8Array(3 * W * H);
    for (let y = 0; y < H; y += 1) {
        for (let x = 0; x < W; x += 1) {
            const i = at(x, y);
            const dx = (relief[at(Math.min(W - 1, x + 1), y)] - relief[at(Math.max(0, x - 1), y)]) / 2;
            const dy = (relief[at(x, Math.min(H - 1, y + 1))] - relief[at(x, Math.max(0, y - 1))]) / 2;
            const n = 1 / Math.hypot(dx, dy, 1.15);
            const [nx, ny, nz] = [-dx * n, -dy * n, 1.15 * n];
            // Up is towards smaller y.
            const sky = clamp(0.42 - 0.62 * ny + 0.1 * nz);
            const key = clamp(-0.45 * nx - 0.55 * ny + 0.5 * nz);
            const hollow = clamp(0.62 + (relief[i] - wide[i]) / 58, 0.2, 1.15) * clamp(0.8 + (relief[i] - near[i]) / 20, 0.35, 1.2);
            const light = (0.55 * sky + 0.62 * key * key) * hollow * (0.45 + 0.55 * crack[i]);
            const grain = fractal(x / 7, y / 7, seed + 30, 4);
            const warm = fractal(x / 120, y / 90, seed + 33, 3);
            let [r, g, b] = [mix(78, 112, warm) * (0.75 + 0.5 * grain), mix(76, 98, warm) * (0.75 + 0.5 * grain), mix(74, 82, warm) * (0.75 + 0.5 * grain)];
            // Moss where the rock faces up, and where it is neither dry nor washed.
            const moss = smooth(0.42, 0.72, -ny + 0.75 * (fractal(x / 26, y / 20, seed + 35, 4) - 0.5)) * smooth(0.35, 0.6, fractal(x / 60, y / 60, seed + 37, 3)) * (1 - 0.85 * channel(x, y) * (boulder[i] > 0 ? 0 : 1));
            const m = 0.85 * moss;
            [r, g, b] = [mix(r, 44 + 26 * grain, m), mix(g, 50 + 32 * grain, m), mix(b, 20 + 14 * grain, m)];
            const dark = 1 - 0.5 * Math.hypot((x / W - 0.52) / 0.75, (y / H - 0.45) / 0.9) ** 2;
            const lit = 3.1 * light * dark * foot[i];
            rock[3 * i] = clamp(r * lit, 0, 255);
            rock[3 * i + 1] = clamp(g * lit, 0, 255);
            rock[3 * i + 2] = clamp(1.02 * b * lit, 0, 255);
        }
    }
    // Behind the lip: leaves and sky far out of focus.
    for (let x = 0; x < W; x += 1) {
        const outside = Math.max(0, Math.abs(x / W - (left + right) / 2) - (right - left) / 2);
        const rim = name === 'weir' ? H * (lip - 0.02) : lipY(x) + 2 - H * (1.5 * outside + 1.6 * outside ** 0.7 * (fractal(x / 52, 5.5, seed + 84, 4) - 0.32)) - 7 * fractal(x / 9, 0.5, seed + 80, 3);
        for (let y = 0; y < rim; y += 1) {
            const i = at(x, y);
            let [r, g, b] = [158, 172, 150];
            const glow = 0.3 + 0.85 * fractal(x / 120, y / 80, seed + 81, 3) + 0.3 * (1 - y / rim);
            let spots = 0;
            for (let k = 0; k < 46; k += 1) {
                const [sx, sy, sr] = [hash(k, 1, seed + 82) * W, hash(k, 2, seed + 82) * H * (lip + 0.1), 7 + 15 * hash(k, 3, seed + 82)];
                spots += 0.3 * hash(k, 4, seed + 82) * (1 - smooth(sr * 0.8, sr, Math.hypot(x - sx, y - sy)));
            }
            const edge = smooth(0, 9, rim - y);
            const v = clamp(glow + spots, 0, 1.5) * mix(0.35, 1, edge);
            [r, g, b] = [r * v, g * v, b * v];
            rock.set([clamp(r, 0, 255), clamp(g, 0, 255), clamp(b, 0, 255)], 3 * i);
        }
    }

    // Where a shelf is, and which way the water runs along it before it goes over its edge.
    const shelf = new Float32Array(W * H);
    for (let y = 0; y < H; y += 1) {
        for (let x = 0; x < W; x += 1) {
            const place = stage.ledges * (y / H - lip) / (pool - lip) + 0.9 * (fractal(x / 64, y / 260, seed + 60, 3) - 0.5) + 0.25 * (fractal(x / 17, y / 60, seed + 61, 3) - 0.5);
            const within = place - Math.floor(place);
            const there = smooth(0.4, 0.62, fractal(x / 66, Math.floor(place) * 7.7, seed + 62, 3));
            shelf[at(x, y)] = place > 0.45 ? there * smooth(0.7, 0.78, within) * (1 - smooth(0.92, 0.99, within)) : 0;
        }
    }
    // Water: many paths over the relief, each a drop that falls, is thrown aside by what stands out, and slows on the shelves.
    const density = new Float32Array(W * H);
    const age = new Float32Array(W * H);
    const strandAt = new Float32Array(W * H);
    const paths = 26_000;
    for (let n = 0; n < paths; n += 1) {
        const u = (n + next()) / paths;
        // Strands: the lip lets more through here than there.
        const share = mix(left + 0.012, right - 0.012, u);
        const flow = (name === 'weir' ? 0.5 : 0.13) + smooth(0.34, 0.72, fractal(share * stage.strands * 2.2, 9.1, seed + 50, 3)) ** 1.7;
        if (next() > flow) continue;
        let [x, y, vx, vy, t] = [share * W, lipY(share * W) - 3, 0.4 * (next() - 0.5), 0.6 + 0.5 * next(), 0];
        for (let step = 0; step < 900 && y < H * (pool + 0.03); step += 1) {
            const [px, py] = [Math.round(clamp(x, 1, W - 2)), Math.round(clamp(y, 1, H - 2))];
            const gx = (near[at(px + 1, py)] - near[at(px - 1, py)]) / 2;
            const gy = (near[at(px, py + 1)] - near[at(px, py - 1)]) / 2;
            vy += 0.052;
            const on = shelf[at(px, py)];
            if (on > 0.05) {
                // What lands on a shelf is spread, runs along it, and goes on from its edge.
                vy *= 1 - 0.34 * on * Math.min(1.6, stage.ledge + 0.5);
                vx += on * (1.1 * (fractal(px / 40, py / 30, seed + 63, 2) - 0.5) + 2 * (next() - 0.5));
            }
            if (gy > 0.9) vy *= 0.94;
            // What stands out parts it.
            vx += -0.035 * gx + 0.05 * (next() - 0.5);
            vx *= on > 0.05 ? 0.86 : 0.965;
            vy = Math.max(0.28, vy);
            x += vx;
            y += vy;
            t += 1;
            if (channel(px, py) < 0.04) break;
            const [ix, iy] = [Math.floor(x), Math.floor(y)];
            if (ix < 1 || ix >= W - 2 || iy < 0 || iy >= H - 1) break;
            const [fx, fy] = [x - ix, y - iy];
            for (const [ox, oy, w] of [[0, 0, (1 - fx) * (1 - fy)], [1, 0, fx * (1 - fy)], [0, 1, (1 - fx) * fy], [1, 1, fx * fy]]) {
                const i = at(ix + ox, iy + oy);
                density[i] += w;
                age[i] += w * t;
                strandAt[i] += w * u;
            }
        }
    }
    // A pixel is a little wider than a drop, and what passes between two paths is of both.
    const [d1, a1, s1] = [density, age, strandAt].map((map) => blurred(map, 1));
    const [d2, a2, s2] = [density, age, strandAt].map((map) => soft(map, 4));
    const thickest = Float32Array.from(d1).sort()[Math.floor(0.985 * W * H)];
    const thick = new Float32Array(W * H);
    const along = new Float32Array(W * H);
    const strand = new Float32Array(W * H);
    for (let y = 0; y < H; y += 1) {
        for (let x = 0; x < W; x += 1) {
            const i = at(x, y);
            const held = d1[i] > 0.02 ? [d1[i], a1[i], s1[i]] : [Math.max(1e-6, d2[i]), a2[i], s2[i]];
            thick[i] = d1[i] / thickest;
            along[i] = held[1] / held[0];
            strand[i] = held[2] / held[0];
            if (isPool(x, y)) {
                // The pool: rings go out from where it lands, and carry its foam.
                const [cx, spread] = [W * (left + right) / 2, W * (right - left) / 2];
                const out = Math.hypot(Math.max(0, Math.abs(x - cx) - spread * 0.8), 2.6 * (y - H * pool));
                along[i] = 120 + 0.3 * out + 14 * fractal(x / 90, y / 30, seed + 71, 3);
                strand[i] = clamp(0.5 + 0.5 * Math.atan2(x - cx, spread * 1.2) / 1.2 + 0.22 * (fractal(x / 80, y / 24, seed + 72, 3) - 0.5));
                thick[i] = 0.5 * Math.exp(-out / (name === 'weir' ? 150 : 40)) * (0.35 + 1.1 * fractal(x / 46, y / 13, seed + 73, 4)) + 0.1 * smooth(0.52, 0.8, fractal(x / 90, y / 17, seed + 74, 4)) * Math.exp(-out / 260);
            }
            if (boulder[i] > 0 || y < lipY(x) - 4) thick[i] = 0;
        }
    }
    // Spray stands where it lands.
    const mist = new Float32Array(W * H);
    for (let y = 0; y < H; y += 1) {
        for (let x = 0; x < W; x += 1) {
            const falls = d2[at(x, Math.min(H - 1, Math.round(H * pool) - 2))] / thickest;
            const up = (H * pool - y) / H;
            mist[at(x, y)] = clamp(falls * 4) * (up > 0 ? Math.exp(-((up / 0.1) ** 1.4)) : Math.exp(-((up / 0.035) ** 2)));
        }
    }
    const spray = soft(mist, 13);

    const picture = (file, fill) => {
        const png = new PNG({ width: W, height: H, colorType: 2 });
        for (let i = 0; i < W * H; i += 1) png.data.set([...fill(i, i % W, Math.floor(i / W)), 255], 4 * i);
        writeFileSync(file, PNG.sync.write(png, { colorType: 2, deflateLevel: 9 }));
    };
    const byte = (v) => Math.round(255 * clamp(v));
    const wetness = soft(Float32Array.from(thick, (v) => (v > 0.03 ? 1 : 0)), 8);
    picture(`${OUT}/${name}-rock.png`, (i) => [rock[3 * i], rock[3 * i + 1], rock[3 * i + 2]]);
    execFileSync('php', ['-r', `imagejpeg(imagecreatefrompng("${OUT}/${name}-rock.png"), "${OUT}/${name}-rock.jpg", 84); unlink("${OUT}/${name}-rock.png");`]);
    // Thickness by its root, so that thin veils keep their steps; the strand; how wet the rock is, in sixteen steps, how much spray stands, and whether it is the pool.
    picture(`${OUT}/${name}-water.png`, (i, x, y) => [4 * Math.round(63 * clamp(Math.sqrt(thick[i] / 2))), thick[i] > 0.004 ? byte(strand[i]) : 0, 16 * Math.round(15 * clamp(spray[i])) + 8 * (isPool(x, y) ? 1 : 0) + Math.round(7 * clamp(wetness[i]))]);
    // How far along its path, as a share of 400 px, in sixteen bits.
    picture(`${OUT}/${name}-path.png`, (i) => {
        const s = thick[i] > 0.004 ? Math.round(65535 * clamp(along[i] / LONGEST)) & 0xfff0 : 0;
        return [s >> 8, s & 255, 0];
    });
}

/** Open water: rocks that stand in it, each by where its waterline lies, and how white the water is round them on the mean. Shares of the frame. */
const OPEN = {
    sea: { seed: 5, horizon: 0.36, rocks: [[0.1, 0.97, 0.3, 0.36, 2.6], [0.84, 0.6, 0.085, 0.17, 3.2], [0.93, 0.63, 0.06, 0.08, 2.4], [0.31, 0.99, 0.1, 0.1, 2.2], [0.6, 0.435, 0.05, 0.035, 2.2]], foam: 0.02, reach: 26 },
    surf: { seed: 17, horizon: 0.28, rocks: [[0.12, 0.86, 0.17, 0.36, 2.8], [0.35, 0.56, 0.07, 0.13, 2.6], [0.7, 0.95, 0.15, 0.24, 2.5], [0.88, 0.62, 0.12, 0.26, 3.2], [0.52, 0.41, 0.04, 0.05, 2.4]], foam: 0.24, reach: 60 },
    shore: { seed: 23, horizon: 0.2, rocks: [[0.23, 0.6, 0.08, 0.12, 2.3], [0.72, 0.86, 0.13, 0.17, 2.3], [0.55, 0.46, 0.05, 0.06, 2.2], [0.08, 0.93, 0.14, 0.15, 2.4]], foam: 0.2, reach: 40 },
    lake: { seed: 31, horizon: 0.42, rocks: [[0.2, 0.95, 0.12, 0.13, 2.3], [0.35, 0.97, 0.06, 0.06, 2.2], [0.86, 0.9, 0.08, 0.07, 2.2]], foam: 0, reach: 8, hills: 0.15 },
    river: { seed: 47, horizon: 0.16, rocks: [[0.17, 0.7, 0.11, 0.15, 2.3], [0.62, 0.47, 0.08, 0.1, 2.4], [0.86, 0.9, 0.14, 0.16, 2.4], [0.4, 0.98, 0.12, 0.1, 2.3]], foam: 0.16, reach: 34, hills: 0.13 },
};

function bakeOpen(name, { seed, horizon, rocks, foam, reach, hills }) {
    const at = (x, y) => y * W + x;
    const relief = new Float32Array(W * H);
    const crack = new Float32Array(W * H).fill(1);
    const foot = new Float32Array(W * H);
    rocks.forEach(([cx, base, rx, ry, square], k) => {
        const own = seed + 300 + 20 * k;
        const size = clamp(rx / 0.16, 0.3, 1.4);
        for (let y = Math.max(0, Math.floor(H * (base - 1.3 * ry))); y < Math.min(H, H * (base + 0.03)); y += 1) {
            for (let x = Math.max(0, Math.floor(W * (cx - 1.3 * rx))); x < Math.min(W, W * (cx + 1.3 * rx)); x += 1) {
                const [wx, wy] = [x + 18 * size * (fractal(x / 50, y / 50, own, 3) - 0.5), y + 14 * size * (fractal(x / 50, y / 50, own + 3, 3) - 0.5)];
                const [u, v] = [(wx / W - cx) / rx, (base - wy / H) / ry];
                const ragged = 0.4 * (fractal(x / (60 * size), y / (34 * size), own + 5, 4) - 0.5);
                const d = Math.abs(u) ** square + Math.abs(Math.max(0, v)) ** 1.9 + ragged;
                const water = base + 0.012 * (fractal(x / 30, 2.2, own + 7, 3) - 0.5) - 0.02 * u * u * ry;
                if (d < 1 && y / H < water) {
                    const [big, edge] = facets(wx / (46 * size), wy / (26 * size), own + 9, 1.2);
                    const [small] = facets(wx / (17 * size), wy / (10 * size), own + 11, 1);
                    // Beds: the rock lies in layers, a little aslant.
                    const bed = fractal(x / (220 * size), (y + 0.16 * x) / (9 * size), own + 13, 3);
                    relief[at(x, y)] = 60 + size * (44 * Math.sqrt(Math.max(0, 1 - d)) + 16 * big + 7 * small + 15 * (bed - 0.5) + 5 * (fractal(x / 8, y / 8, own + 15, 4) - 0.5));
                    crack[at(x, y)] = 0.6 + 0.4 * smooth(0, 0.08, edge);
                    foot[at(x, y)] = 0.35 + 0.65 * smooth(0, 0.28, (base - y / H) / ry);
                }
            }
        }
    });
    if (hills) {
        for (let x = 0; x < W; x += 1) {
            const top = H * (horizon - hills * (0.3 + 0.9 * fractal(x / 130, 1.1, seed + 60, 5)));
            for (let y = Math.max(0, Math.round(top)); y < H * horizon; y += 1) {
                if (relief[at(x, y)] === 0) {
                    relief[at(x, y)] = 40 + 12 * fractal(x / 9, y / 5, seed + 61, 4) + 5 * fractal(x / 40, y / 16, seed + 62, 3);
                    foot[at(x, y)] = 0.75;
                }
            }
        }
    }
    const wide = soft(relief, 18);
    const near = soft(relief, 5);
    const rock = new Uint8Array(3 * W * H);
    for (let y = 1; y < H - 1; y += 1) {
        for (let x = 1; x < W - 1; x += 1) {
            const i = at(x, y);
            if (relief[i] === 0) continue;
            // At the edge of a rock what lies behind it is not its slope.
            const side = (a, b) => (relief[a] === 0 ? relief[i] - relief[b] : relief[b] === 0 ? relief[a] - relief[i] : (relief[a] - relief[b]) / 2);
            const [dx, dy] = [side(i + 1, i - 1), side(i + W, i - W)];
            const n = 1 / Math.hypot(dx, dy, 1.3);
            const [nx, ny, nz] = [-dx * n, -dy * n, 1.3 * n];
            const sky = clamp(0.45 - 0.6 * ny + 0.1 * nz);
            const key = clamp(-0.5 * nx - 0.5 * ny + 0.45 * nz);
            const hollow = clamp(0.75 + (relief[i] - near[i]) / 26, 0.4, 1.2) * clamp(0.7 + (relief[i] - wide[i]) / 120, 0.5, 1.15);
            const light = (0.6 * sky + 0.6 * key * key) * hollow * crack[i] * foot[i];
            const grain = 0.7 + 0.6 * fractal(x / 6, y / 6, seed + 33, 4);
            const warm = fractal(x / 90, y / 60, seed + 35, 3);
            const weed = smooth(0.5, 0.62, 1 - foot[i] + 0.3 * (fractal(x / 20, y / 12, seed + 37, 3) - 0.5));
            const colour = [mix(96, 118, warm), mix(94, 106, warm), mix(94, 92, warm)].map((c, k) => mix(c, [54, 56, 38][k], 0.6 * weed) * grain);
            colour.forEach((c, k) => { rock[3 * i + k] = clamp(c * 2.3 * light, 3, 255); });
            if (hills && y < H * horizon) {
                // Far off: haze.
                [104, 118, 120].forEach((c, k) => { rock[3 * i + k] = mix(rock[3 * i + k], c, 0.55); });
            }
        }
    }
    // The border, where a slope has no other side.
    for (let x = 0; x < W; x += 1) for (let k = 0; k < 3; k += 1) [rock[3 * at(x, 0) + k], rock[3 * at(x, H - 1) + k]] = [rock[3 * at(x, 1) + k], rock[3 * at(x, H - 2) + k]];
    for (let y = 0; y < H; y += 1) for (let k = 0; k < 3; k += 1) [rock[3 * at(0, y) + k], rock[3 * at(W - 1, y) + k]] = [rock[3 * at(1, y) + k], rock[3 * at(W - 2, y) + k]];
    // How white it is round what stands in the water, on the mean, and in lines that the swell leaves.
    const stands = Float32Array.from(relief, (r, i) => (r > 0 && foot[i] < 0.62 && Math.floor(i / W) > H * horizon ? 1 : 0));
    const round1 = soft(stands, reach * 0.35);
    const round2 = soft(stands, reach);
    const picture = (file, fill) => {
        const png = new PNG({ width: W, height: H, colorType: 2 });
        for (let i = 0; i < W * H; i += 1) png.data.set([...fill(i, i % W, Math.floor(i / W)), 255], 4 * i);
        writeFileSync(file, PNG.sync.write(png, { colorType: 2, deflateLevel: 9 }));
    };
    picture(`${OUT}/${name}-rock.png`, (i) => [rock[3 * i], rock[3 * i + 1], rock[3 * i + 2]]);
    execFileSync('php', ['-r', `imagejpeg(imagecreatefrompng("${OUT}/${name}-rock.png"), "${OUT}/${name}-rock.jpg", 84); unlink("${OUT}/${name}-rock.png");`]);
    picture(`${OUT}/${name}-water.png`, (i, x, y) => {
        const down = clamp((y / H - horizon) / (1 - horizon));
        const scale = 0.15 + down;
        const lines = smooth(0.5, 0.75, fractal((x - W / 2) / (150 * scale) + 9, y / (26 * scale), seed + 80, 5)) * (0.4 + 0.6 * fractal((x - W / 2) / (34 * scale) + 40, y / (8 * scale), seed + 82, 4));
        const white = y / H < horizon ? 0 : clamp(foam * lines * 2.2 * (0.3 + down) + (reach > 10 ? 5 : 0.3) * round1[i] ** 1.15 + (foam > 0.1 ? 3.4 : 0.8) * round2[i] * (0.35 + lines));
        return [relief[i] > 0 ? 255 : 0, 4 * Math.round(63 * white), 0];
    });
}

mkdirSync(OUT, { recursive: true });
for (const name of process.argv.slice(2).length ? process.argv.slice(2) : Object.keys({ ...STAGES, ...OPEN })) {
    STAGES[name] ? bake(name, STAGES[name]) : bakeOpen(name, OPEN[name]);
    console.log(name);
}
