// What the stages are made of: noises that are the same on every machine, and the way a layer is written.
import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { PNG } from 'pngjs';

export const [W, H] = [720, 480];
export const OUT = 'data/stages';

export const mix = (a, b, t) => a + (b - a) * t;
export const clamp = (v, low = 0, high = 1) => Math.min(high, Math.max(low, v));
export const smooth = (from, to, v) => {
    const t = clamp((v - from) / (to - from));
    return t * t * (3 - 2 * t);
};

export function random(seed) {
    let state = seed >>> 0;
    return () => {
        state = (state + 0x6d2b79f5) >>> 0;
        let t = Math.imul(state ^ (state >>> 15), state | 1);
        t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
        return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
    };
}

export const hash = (x, y, seed) => {
    let h = Math.imul(x, 374761393) + Math.imul(y, 668265263) + Math.imul(seed, 2147483647);
    h = Math.imul(h ^ (h >>> 13), 1274126177);
    return ((h ^ (h >>> 16)) >>> 0) / 4294967296;
};

export function noise(x, y, seed) {
    const [xi, yi] = [Math.floor(x), Math.floor(y)];
    const [fx, fy] = [x - xi, y - yi];
    const [ux, uy] = [fx * fx * fx * (fx * (fx * 6 - 15) + 10), fy * fy * fy * (fy * (fy * 6 - 15) + 10)];
    return mix(mix(hash(xi, yi, seed), hash(xi + 1, yi, seed), ux), mix(hash(xi, yi + 1, seed), hash(xi + 1, yi + 1, seed), ux), uy);
}

export function fractal(x, y, seed, octaves = 5) {
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
export function facets(x, y, seed, tilt) {
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
                height =
                    tilt * ((x - px) * (hash(cx, cy, seed + 13) - 0.5) + (y - py) * (hash(cx, cy, seed + 17) - 0.5)) +
                    hash(cx, cy, seed + 23);
            } else if (d < second) {
                second = d;
            }
        }
    }
    return [height, second - first];
}

export function blurred(map, radius) {
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

export const soft = (map, radius) => blurred(blurred(map, radius), radius);

export const byte = (v) => Math.round(255 * clamp(v));

/** @param {(i: number, x: number, y: number) => number[]} fill red, green and blue of a pixel, and how opaque it is where that is said */
export function picture(file, fill, [width, height] = [W, H], hasAlpha = false) {
    const png = new PNG({ width, height, colorType: hasAlpha ? 6 : 2 });
    for (let i = 0; i < width * height; i += 1) {
        const [r, g, b, a = 255] = fill(i, i % width, Math.floor(i / width));
        png.data.set([r, g, b, a], 4 * i);
    }
    writeFileSync(`${OUT}/${file}`, PNG.sync.write(png, { colorType: hasAlpha ? 6 : 2, deflateLevel: 9 }));
}

export function photograph(file, fill) {
    picture('photograph.png', fill);
    execFileSync('php', [
        '-r',
        `imagejpeg(imagecreatefrompng("${OUT}/photograph.png"), "${OUT}/${file}", 84); unlink("${OUT}/photograph.png");`,
    ]);
}
