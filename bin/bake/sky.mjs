// Clouds on a plane that comes round again in both directions: how much they cover (red) and how bright they are where they do (green).
import { byte, clamp, fractal, mix, picture, smooth } from './noise.mjs';

const [WIDE, TALL] = [512, 256];

/** A noise that has the period of the plane: four of it, blended. */
function around(x, y, seed, size) {
    const at = (px, py) => fractal(px / size, py / size, seed, 5);
    const [u, v] = [smooth(0, 1, x / WIDE), smooth(0, 1, y / TALL)];
    const plain = mix(mix(at(x, y), at(x - WIDE, y), u), mix(at(x, y - TALL), at(x - WIDE, y - TALL), u), v);
    // What is blended loses contrast; it is given back.
    const kept = Math.sqrt((u * u + (1 - u) ** 2) * (v * v + (1 - v) ** 2));
    return 0.5 + (plain - 0.5) / kept;
}

export function bakeSky() {
    picture(
        'sky-clouds.png',
        (i, x, y) => {
            const [bx, by] = [x + 14 * (around(x, y, 913, 20) - 0.5), y + 14 * (around(x, y, 917, 20) - 0.5)];
            const big = around(bx, by, 901, 46);
            const fine = around(x, y, 907, 12);
            const thick = 0.8 * big + 0.2 * fine;
            return [byte(smooth(0.44, 0.64, thick)), byte(clamp(1.05 - 1.9 * smooth(0.5, 0.8, thick) * 0.45 - 0.5 * (fine - 0.5))), 0];
        },
        [WIDE, TALL],
    );
}
