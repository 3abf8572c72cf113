// Bakes the layers of the stages, once: what does not change, and what the drawers need to move the rest. Page and PHP draw from them. Run
// `npm run stages`; the same numbers come every time. How it is drawn: docs/formats.md, the picture.
import { mkdirSync } from 'node:fs';
import { FALLS, bakeFall } from './bake/falls.mjs';
import { OUT } from './bake/noise.mjs';
import { OPEN, bakeOpen } from './bake/open.mjs';
import { bakeSky } from './bake/sky.mjs';
import { bakeThings } from './bake/things.mjs';

mkdirSync(OUT, { recursive: true });
const others = { sky: bakeSky, things: bakeThings };
const all = [...Object.keys(others), ...Object.keys(FALLS), ...Object.keys(OPEN)];
for (const name of process.argv.slice(2).length ? process.argv.slice(2) : all) {
    others[name] ? others[name]() : FALLS[name] ? bakeFall(name, FALLS[name]) : bakeOpen(name, OPEN[name]);
    console.log(name);
}
