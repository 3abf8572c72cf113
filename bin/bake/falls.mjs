// Falling water: rock, and for each pixel of water its strand, how far along its path it is, how thick it lies.
import { H, W, blurred, byte, clamp, facets, fractal, hash, mix, photograph, picture, random, smooth, soft } from './noise.mjs';

const LONGEST = 400;

/** What differs from stage to stage. Shares of the frame. */
export const FALLS = {
    fall: { seed: 11, lip: 0.2, left: 0.37, right: 0.7, pool: 0.77, ledges: 4, ledge: 0.55, widen: 0.1, strands: 9, free: 1 },
    cascade: { seed: 42, lip: 0.12, left: 0.3, right: 0.66, pool: 0.86, ledges: 7, ledge: 1.25, widen: 0.28, strands: 6, free: 0.45 },
    weir: { seed: 73, lip: 0.34, left: 0.02, right: 0.98, pool: 0.6, ledges: 1, ledge: 0.35, widen: 0, strands: 16, free: 1.2 },
};

export function bakeFall(name, stage) {
    const { seed, lip, pool, left, right } = stage;
    const at = (x, y) => y * W + x;
    const lipY = (x) =>
        name === 'weir'
            ? H * (lip + 0.004 * (fractal(x / 90, 3.3, seed + 90, 2) - 0.5))
            : H *
              (lip +
                  0.11 * (fractal(x / 74, 3.3, seed + 90, 4) - 0.5) +
                  0.35 * Math.max(0, Math.abs(x / W - (left + right) / 2) - (right - left) * 0.42) ** 1.5);
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
            const place =
                (stage.ledges * (y / H - lip)) / (pool - lip) +
                0.9 * (fractal(x / 64, y / 260, seed + 60, 3) - 0.5) +
                0.25 * (fractal(x / 17, y / 60, seed + 61, 3) - 0.5);
            const shelf = Math.floor(place) + smooth(0.55, 0.98, place - Math.floor(place));
            const wall = 1 - channel(x, y);
            relief[at(x, y)] =
                30 * wall +
                11 * stage.ledge * shelf +
                16 * big +
                7.5 * small +
                2.6 * fine +
                13 * (fractal(x / 120, y / 60, seed + 9, 4) - 0.5) +
                3 * (fractal(x / 13, y / 11, seed + 8, 4) - 0.5) +
                5 * (fractal(x / 210, (y + 0.12 * x) / 7, seed + 7, 4) - 0.5);
            // Joints run out and begin again.
            const open = smooth(0.4, 0.62, fractal(x / 48, y / 40, seed + 6, 3));
            crack[at(x, y)] = Math.min(1 - 0.42 * open * (1 - smooth(0, 0.07, edge)), 1 - 0.16 * (1 - open) * (1 - smooth(0, 0.1, edge2)));
        }
    }
    // Boulders before the pool.
    const boulders = [];
    const next = random(seed);
    if (name !== 'weir') {
        [
            [0.05, 0.97, 0.25, 0.2],
            [0.9, 0.98, 0.24, 0.24],
            [0.29, 0.83, 0.07, 0.06],
            [0.74, 0.9, 0.08, 0.1],
            [0.4, 0.985, 0.08, 0.08],
            [0.58, 0.8, 0.035, 0.03],
        ].forEach(([cx, cy, rx, ry], i) => boulders.push({ cx: cx * W, cy: cy * H, rx: rx * W, ry: ry * H, seed: seed + 200 + i }));
    }
    const boulder = new Float32Array(W * H);
    const foot = new Float32Array(W * H).fill(1);
    for (const { cx, cy, rx, ry, seed: own } of boulders) {
        for (let y = Math.max(0, Math.floor(cy - 1.3 * ry)); y < Math.min(H, cy + ry); y += 1) {
            for (let x = Math.max(0, Math.floor(cx - 1.3 * rx)); x < Math.min(W, cx + 1.3 * rx); x += 1) {
                const [f] = facets(x / 40, y / 30, own, 1.2);
                const d =
                    Math.hypot((x - cx) / rx, (y - cy) / ry) +
                    0.5 * (fractal(x / (0.5 * rx + 14), y / (0.5 * ry + 10), own + 3, 4) - 0.5) +
                    0.16 * (f - 0.5);
                if (d < 1) {
                    foot[at(x, y)] = cy > 0.93 * H ? 1 : 1 - 0.75 * smooth(0.1, 0.75, (y - cy) / ry);
                    const bed = fractal(x / 120, (y + 0.1 * x) / 8, own + 6, 3);
                    const out =
                        60 +
                        34 * (1 - d ** 3) +
                        18 * f +
                        10 * (bed - 0.5) +
                        4 * facets(x / 14, y / 11, own + 9, 1)[0] +
                        2 * fractal(x / 9, y / 9, own + 4, 3);
                    if (out > boulder[at(x, y)]) boulder[at(x, y)] = out;
                }
            }
        }
    }
    const isPool = (x, y) =>
        y / H > pool + (name === 'weir' ? 0.004 : 0.05) * (fractal(x / 46, 1.7, seed + 70, 4) - 0.5) &&
        boulder[at(x, y)] === 0 &&
        (name === 'weir' || channel(x, H * pool) > 0.02 || y / H > pool + 0.05 + 0.06 * Math.abs(x / W - 0.5));
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
            let [r, g, b] = [
                mix(78, 112, warm) * (0.75 + 0.5 * grain),
                mix(76, 98, warm) * (0.75 + 0.5 * grain),
                mix(74, 82, warm) * (0.75 + 0.5 * grain),
            ];
            // Moss where the rock faces up, and where it is neither dry nor washed.
            const moss =
                smooth(0.42, 0.72, -ny + 0.75 * (fractal(x / 26, y / 20, seed + 35, 4) - 0.5)) *
                smooth(0.35, 0.6, fractal(x / 60, y / 60, seed + 37, 3)) *
                (1 - 0.85 * channel(x, y) * (boulder[i] > 0 ? 0 : 1));
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
        const rim =
            name === 'weir'
                ? H * (lip - 0.02)
                : lipY(x) +
                  2 -
                  H * (1.5 * outside + 1.6 * outside ** 0.7 * (fractal(x / 52, 5.5, seed + 84, 4) - 0.32)) -
                  7 * fractal(x / 9, 0.5, seed + 80, 3);
        for (let y = 0; y < rim; y += 1) {
            const i = at(x, y);
            let [r, g, b] = [158, 172, 150];
            const glow = 0.3 + 0.85 * fractal(x / 120, y / 80, seed + 81, 3) + 0.3 * (1 - y / rim);
            let spots = 0;
            for (let k = 0; k < 46; k += 1) {
                const [sx, sy, sr] = [hash(k, 1, seed + 82) * W, hash(k, 2, seed + 82) * H * (lip + 0.1), 7 + 15 * hash(k, 3, seed + 82)];
                spots += 0.17 * hash(k, 4, seed + 82) * (1 - smooth(sr * 0.55, sr * 1.2, Math.hypot(x - sx, y - sy)));
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
            const place =
                (stage.ledges * (y / H - lip)) / (pool - lip) +
                0.9 * (fractal(x / 64, y / 260, seed + 60, 3) - 0.5) +
                0.25 * (fractal(x / 17, y / 60, seed + 61, 3) - 0.5);
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
        const flow = (name === 'weir' ? 0.85 : 0.13) + smooth(0.34, 0.72, fractal(share * stage.strands * 2.2, 9.1, seed + 50, 3)) ** 1.7;
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
            for (const [ox, oy, w] of [
                [0, 0, (1 - fx) * (1 - fy)],
                [1, 0, fx * (1 - fy)],
                [0, 1, (1 - fx) * fy],
                [1, 1, fx * fy],
            ]) {
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
                const [cx, spread] = [(W * (left + right)) / 2, (W * (right - left)) / 2];
                const out = Math.hypot(Math.max(0, Math.abs(x - cx) - spread * 0.8), 2.6 * (y - H * pool));
                along[i] = 120 + (name === 'weir' ? 0.6 : 0.3) * out + (name === 'weir' ? 5 : 14) * fractal(x / 90, y / 30, seed + 71, 3);
                strand[i] =
                    name === 'weir'
                        ? clamp(x / W + 0.05 * (fractal(x / 60, y / 22, seed + 72, 3) - 0.5))
                        : clamp(
                              0.5 + (0.5 * Math.atan2(x - cx, spread * 1.2)) / 1.2 + 0.22 * (fractal(x / 80, y / 24, seed + 72, 3) - 0.5),
                          );
                thick[i] =
                    0.5 * Math.exp(-out / (name === 'weir' ? 150 : 40)) * (0.35 + 1.1 * fractal(x / 46, y / 13, seed + 73, 4)) +
                    0.1 * smooth(0.52, 0.8, fractal(x / 90, y / 17, seed + 74, 4)) * Math.exp(-out / 260);
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

    const wetness = soft(
        Float32Array.from(thick, (v) => (v > 0.03 ? 1 : 0)),
        8,
    );
    photograph(`${name}-rock.jpg`, (i) => [rock[3 * i], rock[3 * i + 1], rock[3 * i + 2]]);
    // Thickness by its root, so that thin veils keep their steps; the strand; how wet the rock is, in sixteen steps, how much spray stands,
    // and whether it is the pool.
    picture(`${name}-water.png`, (i, x, y) => [
        4 * Math.round(63 * clamp(Math.sqrt(thick[i] / 2))),
        thick[i] > 0.004 ? byte(strand[i]) : 0,
        16 * Math.round(15 * clamp(spray[i])) + 8 * (isPool(x, y) ? 1 : 0) + Math.round(7 * clamp(wetness[i])),
    ]);
    // How far along its path, as a share of 400 px, in sixteen bits.
    picture(`${name}-path.png`, (i) => {
        const s = thick[i] > 0.004 ? Math.round(65535 * clamp(along[i] / LONGEST)) & 0xfff0 : 0;
        return [s >> 8, s & 255, 0];
    });
}
