// Makes data/ from the pinned packages (run `npm install && npm run tide-data`):
//   data/stations.ndjson.gz   the tide stations whose licence allows any use, a JSON object a line, ordered by id
//   data/constituents.json    speed, Doodson numbers and compound members of every constituent they use
import { constituents } from '@neaps/tide-predictor';
import { stations } from '@neaps/tide-database';
import { writeFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';

const KEPT_DATUMS = ['LAT', 'HAT', 'MHHW', 'MHW', 'MSL', 'MLW', 'MLLW'];
// The fundamentals of the tidal committee's Annex A: they have a formula of their own, so members would say nothing.
const FUNDAMENTALS = [
    'Mm',
    'Mf',
    'O1',
    'K1',
    'J1',
    'M1B',
    'M1C',
    'M1',
    'M1A',
    'M2',
    'K2',
    'M3',
    'L2',
    'gamma2',
    'alpha2',
    'delta2',
    'xi2',
    'eta2',
];

const to = (digits) => (value) => Number(value.toFixed(digits));
const metres = to(4);
const degrees = to(2);

const kept = stations.filter((s) => s.kind === 'tide' && s.license?.commercial_use === true).sort((a, b) => (a.id < b.id ? -1 : 1));
const used = new Map();
const unknown = new Map();

function meet(name) {
    const model = constituents[name];
    if (!model) {
        unknown.set(name, (unknown.get(name) ?? 0) + 1);
        return;
    }
    used.set(name, model.name);
    if (!FUNDAMENTALS.includes(model.name)) {
        for (const { constituent } of model.members) {
            if (!used.has(constituent.name)) meet(constituent.name);
        }
    }
}

const lines = kept.map((s) => {
    const datums = {};
    for (const name of new Set([...KEPT_DATUMS, s.chart_datum])) {
        if (typeof s.datums?.[name] === 'number') datums[name] = metres(s.datums[name]);
    }
    const line = {
        id: s.id,
        name: s.name,
        lat: to(5)(s.latitude),
        lon: to(5)(s.longitude),
        tz: s.timezone,
        datum: s.chart_datum ?? null,
        datums,
        country: s.country ?? null,
        region: s.region ?? null,
        source: s.source?.name ?? null,
        attribution: s.attribution,
        license: s.license.type,
    };
    if (s.type === 'subordinate') {
        line.offsets = {
            reference: s.offsets.reference,
            high_min: s.offsets.time?.high ?? 0,
            low_min: s.offsets.time?.low ?? 0,
            kind: s.offsets.height?.type ?? 'ratio',
            high: metres(s.offsets.height?.high ?? (s.offsets.height?.type === 'fixed' ? 0 : 1)),
            low: metres(s.offsets.height?.low ?? (s.offsets.height?.type === 'fixed' ? 0 : 1)),
        };
    } else {
        line.harmonics = s.harmonic_constituents
            .filter((c) => c.amplitude > 0)
            .map((c) => [c.name, to(6)(c.amplitude), to(3)(c.phase)])
            .filter((c) => c[1] > 0);
        line.harmonics.forEach(([name]) => meet(name));
    }
    return JSON.stringify(line);
});

const table = {};
const aliases = {};
for (const [name, canonical] of [...used].sort()) {
    if (name !== canonical) aliases[name] = canonical;
    const model = constituents[canonical];
    table[canonical] = {
        speed: model.speed,
        doodson: model.coefficients,
        members: FUNDAMENTALS.includes(canonical) ? [] : model.members.map(({ constituent, factor }) => [constituent.name, factor]),
    };
}

writeFileSync('data/stations.ndjson.gz', gzipSync(lines.join('\n') + '\n', { level: 9 }));
writeFileSync(
    'data/constituents.json',
    JSON.stringify({ constituents: table, aliases, unknown: [...unknown.keys()].sort() }, null, 0).replaceAll('},"', '},\n"') + '\n',
);
console.log(
    `${lines.length} stations, ${Object.keys(table).length} constituents, ` +
        `unknown: ${[...unknown].map(([n, c]) => `${n} (${c})`).join(', ')}`,
);
