// Makes tests/Reference/magnetic.json from geomagnetism 0.2, which works the World Magnetic Model 2025 out by code of its own (run
// `npm install && node tests/Reference/magnetic.mjs`): 96 places all over the earth, from 2025 to 2029.
import { writeFileSync } from 'node:fs';
import geomagnetism from 'geomagnetism';

const out = [];
for (let i = 0; i < 96; i++) {
    const latitude = Math.round(1e4 * ((Math.asin((((i + 0.5) * 0.6180339887) % 1) * 2 - 1) * 180) / Math.PI)) / 1e4;
    const longitude = Math.round(1e4 * (((i * 137.50776) % 360) - 180)) / 1e4;
    const at = new Date(Date.UTC(2025, 0, 1) + i * 17 * 86400e3);
    const field = geomagnetism.model(at).point([latitude, longitude]);
    out.push({ latitude, longitude, at: at.getTime() / 1000, north: field.x, east: field.y, down: field.z, variation: field.decl });
}
writeFileSync(new URL('magnetic.json', import.meta.url), `[\n${out.map((o) => JSON.stringify(o)).join(',\n')}\n]\n`);
