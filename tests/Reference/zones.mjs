// Makes tests/Reference/zones.json from tz-lookup 11.7, which reads its tree by code of its own (run `npm install && node
// tests/Reference/zones.mjs`): 400 places all over the earth and on its edges.
import { writeFileSync } from 'node:fs';
import tzlookup from '@photostructure/tz-lookup';

const places = [
    [90, 0],
    [-90, 0],
    [0, 180],
    [0, -180],
    [89.9999, 179.9999],
    [0, 0],
];
for (let i = 0; places.length < 400; i++) {
    const latitude = Math.round(1e4 * ((Math.asin((((i + 0.5) * 0.6180339887) % 1) * 2 - 1) * 180) / Math.PI)) / 1e4;
    places.push([latitude, Math.round(1e4 * (((i * 137.50776) % 360) - 180)) / 1e4]);
}
const out = places.map(([latitude, longitude]) => JSON.stringify([latitude, longitude, tzlookup(latitude, longitude)]));
writeFileSync(new URL('zones.json', import.meta.url), `[\n${out.join(',\n')}\n]\n`);
