// Makes data/coast.ndjson.gz from the pinned npm package world-atlas (Natural Earth 1:10m land, public domain): for each degree of latitude
// one line, with the pieces of coastline in it as [longitude, latitude, then steps], in thousandths of a degree. A row of the map finds its
// land by counting the coastlines west of a point. Run `npm install && npm run coast-data`.
import { readFileSync, writeFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { feature } from 'topojson-client';

const topology = JSON.parse(readFileSync('node_modules/world-atlas/land-10m.json', 'utf8'));
const bands = Array.from({ length: 180 }, () => []);
const grid = (degrees) => Math.round(degrees * 1000);

// The package has rings that run on over 180 degrees with a leap of a whole turn: they are followed without it. One that goes all the way
// round, as the land at the southern pole does, is closed along the pole.
function unrolled(ring) {
    const points = [ring[0]];
    for (const [x, y] of ring.slice(1)) {
        const last = points.at(-1)[0];
        points.push([x - 360 * Math.round((x - last) / 360), y]);
    }
    const turn = points.at(-1)[0] - points[0][0];
    return Math.abs(turn) > 180 ? [...points, [points.at(-1)[0], -90], [points[0][0], -90], points[0]] : points;
}

// The pieces of a ring between whole degrees of latitude.
function cut(ring) {
    const points = [ring[0]];
    for (let i = 1; i < ring.length; i++) {
        const [[x1, y1], [x2, y2]] = [ring[i - 1], ring[i]];
        const [low, high] = [Math.min(y1, y2), Math.max(y1, y2)];
        const crossed = [];
        for (let y = Math.floor(low) + 1; y < high; y++) {
            crossed.push([x1 + ((x2 - x1) * (y - y1)) / (y2 - y1), y]);
        }
        points.push(...(y2 > y1 ? crossed : crossed.reverse()), ring[i]);
    }
    let piece = [];
    let band = null;
    const keep = () => piece.length > 1 && bands[band].push(piece);
    for (let i = 1; i < points.length; i++) {
        const middle = (points[i - 1][1] + points[i][1]) / 2;
        const here = Math.max(0, Math.min(179, Math.floor(middle) + 90));
        if (here !== band) {
            keep();
            [band, piece] = [here, [points[i - 1]]];
        }
        piece.push(points[i]);
    }
    keep();
}

for (const one of feature(topology, topology.objects.land).features) {
    const polygons = one.geometry.type === 'Polygon' ? [one.geometry.coordinates] : one.geometry.coordinates;
    polygons.forEach((rings) => rings.forEach((ring) => cut(unrolled(ring))));
}
const lines = bands.map((pieces, i) =>
    JSON.stringify({
        lat: i - 90,
        pieces: pieces
            .map((piece) => {
                const steps = [];
                let last = null;
                for (const point of piece.map(([x, y]) => [grid(x), grid(y)])) {
                    if (last === null || point[0] !== last[0] || point[1] !== last[1]) {
                        steps.push(point[0] - (last?.[0] ?? 0), point[1] - (last?.[1] ?? 0));
                        last = point;
                    }
                }
                return steps;
            })
            .filter((steps) => steps.length > 2),
    }),
);
writeFileSync('data/coast.ndjson.gz', gzipSync(lines.join('\n') + '\n', { level: 9 }));
console.log(
    `${lines.filter((line) => line.length > 30).length} bands, ${Math.round(lines.join('').length / 1024)} kB, ` +
        `${Math.round(readFileSync('data/coast.ndjson.gz').length / 1024)} kB packed`,
);
