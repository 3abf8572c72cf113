// Makes data/magnetic.json from the pinned npm package geomagnetism (the World Magnetic Model 2025 of NOAA and the British Geological
// Survey, public domain): degree, order, g, h in nT and how they change in a year. Run `npm install && npm run magnetic-data`.
import { readFileSync, writeFileSync } from 'node:fs';

const model = JSON.parse(readFileSync('node_modules/geomagnetism/data/wmm-2025.json', 'utf8'));
const terms = [];
for (let n = 1, i = 1; n <= model.n_max; n++) {
    for (let m = 0; m <= n; m++, i++) {
        const of = (list) => list[i] ?? 0;
        terms.push([
            n,
            m,
            of(model.main_field_coeff_g),
            of(model.main_field_coeff_h),
            of(model.secular_var_coeff_g),
            of(model.secular_var_coeff_h),
        ]);
    }
}
const lines = terms.map((term) => JSON.stringify(term)).join(',\n');
writeFileSync('data/magnetic.json', `{"model": "${model.name}", "epoch": ${model.epoch}, "terms": [\n${lines}\n]}\n`);
