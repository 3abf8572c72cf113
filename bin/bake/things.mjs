// What may stand or move in a picture of open water: posts, a pier, a boat at anchor, somebody who walks. Drawn as outlines with a light
// from the left, and how opaque they are.
import { clamp, fractal, hash, picture } from './noise.mjs';

const [WIDE, TALL] = [420, 450];
/** The posts bring their reflections, since each stands at another depth: so plain at their foot. */
const MIRRORED = 0.5;
const FINE = 4;

const inside = (points, x, y) => {
    let is = false;
    for (let i = 0, j = points.length - 1; i < points.length; j = i, i += 1) {
        const [[ax, ay], [bx, by]] = [points[i], points[j]];
        if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) is = !is;
    }
    return is;
};
const box = (x, y, w, h, lean = 0) => [
    [x + lean, y],
    [x + w + lean, y],
    [x + w, y + h],
    [x, y + h],
];

/** Outlines by their colour and by how far the light from the left goes round them. */
function outlines() {
    const wood = [86, 78, 70];
    const dark = [40, 37, 36];
    const all = [];
    // Posts that go away to the right, each lower.
    [
        [8, 14, 15, 104, 3],
        [62, 34, 12, 74, -2],
        [104, 46, 9, 54, 1],
        [138, 54, 7.5, 42, 1],
        [166, 62, 6, 31, -1],
        [190, 67, 5, 24, 0],
        [212, 72, 4, 18, 0],
    ].forEach(([x, y, w, h, lean]) => {
        all.push({ shape: box(x, y, w, h, lean), colour: wood, round: [x, w] });
        all.push({
            shape: [
                [x, y + h],
                [x + w, y + h],
                [x + w + lean, y + 2 * h],
                [x + lean, y + 2 * h],
            ],
            colour: wood,
            round: [x, w],
            fades: [y + h, h],
        });
    });
    // A pier: its deck from the left, with a rail, on legs.
    all.push({ shape: box(0, 258, 330, 7), colour: wood, round: [-200, 900] });
    for (let x = 6; x < 330; x += 36) all.push({ shape: box(x, 265, 6, 44), colour: dark, round: [x, 6] });
    for (let x = 14; x < 330; x += 24) all.push({ shape: box(x, 241, 1.6, 17), colour: dark, round: [x, 2] });
    all.push({ shape: box(0, 240, 330, 1.8), colour: dark, round: [-200, 900] });
    // A boat: hull, house, mast.
    all.push({
        shape: [
            [246, 62],
            [372, 56],
            [356, 86],
            [344, 90],
            [262, 90],
            [252, 80],
        ],
        colour: [150, 148, 142],
        round: [236, 170],
    });
    all.push({
        shape: [
            [246, 62],
            [372, 56],
            [370, 62],
            [248, 68],
        ],
        colour: [60, 62, 66],
        round: [236, 170],
    });
    all.push({
        shape: [
            [276, 36],
            [312, 36],
            [316, 62],
            [272, 63],
        ],
        colour: [176, 172, 164],
        round: [270, 50],
    });
    all.push(
        { shape: box(281, 42, 10, 9), colour: dark, round: [200, 300] },
        { shape: box(296, 42, 11, 9), colour: dark, round: [200, 300] },
    );
    all.push({ shape: box(322, 4, 2.4, 58), colour: dark, round: [320, 6] });
    // A tuft of marram: blades from one ground, each bent its own way.
    for (let k = 0; k < 150; k += 1) {
        const [root, height, bend] = [
            8 + 250 * hash(k, 1, 5) ** 1.2,
            (50 + 80 * hash(k, 2, 5)) * (1 - 0.5 * hash(k, 1, 5) ** 1.2),
            60 * (hash(k, 3, 5) - 0.25),
        ];
        const at = (t) => root + bend * t ** 2;
        const steps = [0, 0.2, 0.4, 0.6, 0.8, 1];
        const half = (t) => 1.9 * (1 - t) + 0.2;
        const shape = [
            ...steps.map((t) => [at(t) - half(t), 448 - height * t]),
            ...steps.toReversed().map((t) => [at(t) + half(t), 448 - height * t]),
        ];
        all.push({
            shape,
            colour: [
                [92, 96, 54],
                [120, 112, 68],
                [70, 78, 44],
            ][k % 3],
            round: [root - 20, 60],
        });
    }
    // Somebody in a long coat, in the middle of a step.
    all.push({
        shape: [
            [396, 60],
            [402, 60],
            [404, 98],
            [408, 99],
            [408, 100],
            [401, 100],
        ],
        colour: dark,
        round: [390, 24],
    });
    all.push({
        shape: [
            [400, 58],
            [407, 58],
            [398, 80],
            [393, 100],
            [388, 100],
            [394, 78],
        ],
        colour: dark,
        round: [386, 24],
    });
    all.push({
        shape: [
            [394, 30],
            [399, 25],
            [405, 25],
            [410, 30],
            [412, 68],
            [391, 68],
        ],
        colour: [78, 58, 54],
        round: [388, 26],
    });
    all.push({
        shape: Array.from({ length: 16 }, (_, k) => [402 + 5 * Math.cos((k * Math.PI) / 8), 17 + 6.4 * Math.sin((k * Math.PI) / 8)]),
        colour: [120, 98, 86],
        round: [396, 12],
    });
    return all;
}

export function bakeThings() {
    const all = outlines();
    picture(
        'things.png',
        (i, x, y) => {
            let [r, g, b, count, opaque] = [0, 0, 0, 0, 0];
            for (let n = 0; n < FINE * FINE; n += 1) {
                const [px, py] = [x + ((n % FINE) + 0.5) / FINE, y + (Math.floor(n / FINE) + 0.5) / FINE];
                const one = all.findLast(({ shape }) => inside(shape, px, py));
                if (!one) continue;
                const lit = (1.3 - 0.75 * clamp((px - one.round[0]) / one.round[1])) * (0.75 + 0.5 * fractal(px / 5, py / 14, 71, 3));
                [r, g, b, count] = [r + one.colour[0] * lit, g + one.colour[1] * lit, b + one.colour[2] * lit, count + 1];
                opaque += one.fades ? MIRRORED * (1 - (py - one.fades[0]) / one.fades[1]) : 1;
            }
            return count
                ? [r / count, g / count, b / count, Math.round((255 * opaque) / (FINE * FINE))].map((v) => clamp(v, 0, 255))
                : [0, 0, 0, 0];
        },
        [WIDE, TALL],
        true,
    );
}
