// Makes tests/Reference/tides.json from the reference predictor (run `npm install && node tests/Reference/tides.mjs`).
// Ten days in each of three years, well apart in the 18.6-year cycle of the moon's node. Heights every three hours; high and low
// waters are taken from a longer span and cut, so that none near an end is judged without its neighbours. The reference steps from
// the span's start, and where the tide stands nearly still it depends on that start which wiggles it meets and so which turning points
// it keeps. So it is asked from several starts: what all of them say is sure, what only some say is disputed.
import { useStation } from '@neaps/tide-predictor';
import { stationsById, stations } from '@neaps/tide-database';
import { writeFileSync } from 'node:fs';

const DAY = 86400000;
const SHIFTS_H = [0, 0.13, 0.29, 0.41, 0.57, 0.71, 1.3, 5.1, 9.7, 14.2];
const SPANS = ['1992-03-05', '2026-08-11', '2039-11-20'];

const kept = stations.filter((s) => s.kind === 'tide' && s.license?.commercial_use === true);
const reference = kept.filter(
    (s) =>
        s.type === 'reference' &&
        s.harmonic_constituents.length > 8 &&
        typeof s.datums?.MSL === 'number' &&
        typeof s.datums?.[s.chart_datum] === 'number',
);
const amplitude = (s, name) => s.harmonic_constituents.find((c) => c.name === name)?.amplitude ?? 0;
const form = (s) => (amplitude(s, 'K1') + amplitude(s, 'O1')) / (amplitude(s, 'M2') + amplitude(s, 'S2') || 1e-9);
const range = (s) => 2 * (amplitude(s, 'M2') + amplitude(s, 'S2') + amplitude(s, 'K1') + amplitude(s, 'O1'));
const spread = (list, count) => Array.from({ length: count }, (_, i) => list[Math.floor(((i + 0.5) * list.length) / count)]);
const byId = (a, b) => (a.id < b.id ? -1 : 1);
reference.sort(byId);

const chosen = new Map();
const take = (why, list) => list.forEach((s) => s && !chosen.has(s.id) && chosen.set(s.id, why));
take('asked for by name', [stationsById.get('noaa/9447130')]);
take('largest range', [...reference].sort((a, b) => range(b) - range(a)).slice(0, 3));
take(
    'small range',
    spread(
        reference.filter((s) => range(s) > 0.1 && range(s) < 0.3),
        3,
    ),
);
take(
    'semidiurnal',
    spread(
        reference.filter((s) => form(s) < 0.25 && range(s) > 1),
        4,
    ),
);
take(
    'mixed, mainly semidiurnal',
    spread(
        reference.filter((s) => form(s) > 0.5 && form(s) < 1.3),
        3,
    ),
);
take(
    'mixed, mainly diurnal',
    spread(
        reference.filter((s) => form(s) > 1.6 && form(s) < 2.8),
        3,
    ),
);
take(
    'diurnal',
    spread(
        reference.filter((s) => form(s) > 3.5 && range(s) > 0.4),
        3,
    ),
);
take(
    'double tides',
    spread(
        reference.filter((s) => (amplitude(s, 'M4') + amplitude(s, 'MS4')) / amplitude(s, 'M2') > 0.25 && range(s) > 0.6),
        3,
    ),
);
take(
    'Norwegian names',
    spread(
        reference.filter((s) => s.harmonic_constituents.some((c) => c.name === 'SA_KV')),
        2,
    ),
);
take('many constituents', [...reference].sort((a, b) => b.harmonic_constituents.length - a.harmonic_constituents.length).slice(0, 2));
take(
    'river',
    spread(
        reference.filter((s) => /river/i.test(`${s.name} ${s.context ?? ''}`)),
        2,
    ),
);
take('subordinate by ratio', spread(kept.filter((s) => s.type === 'subordinate' && s.offsets.height?.type === 'ratio').sort(byId), 3));
take('subordinate by metres', spread(kept.filter((s) => s.type === 'subordinate' && s.offsets.height?.type === 'fixed').sort(byId), 2));

const out = [...chosen].map(([id, why]) => {
    const station = useStation(stationsById.get(id));
    return {
        id,
        why,
        spans: SPANS.map((date) => {
            const start = new Date(`${date}T00:00:00Z`);
            const end = new Date(start.getTime() + 10 * DAY);
            const heights = station
                .getTimelinePrediction({ start, end, timeFidelity: 3 * 3600 })
                .timeline.filter((p) => p.time <= end)
                .map((p) => Number(p.level.toFixed(4)));
            const runs = SHIFTS_H.map((hours) =>
                station
                    .getExtremesPrediction({
                        start: new Date(start.getTime() - 3 * DAY - hours * 3600000),
                        end: new Date(end.getTime() + 3 * DAY),
                    })
                    .extremes.filter((e) => e.time >= start && e.time <= end)
                    .map((e) => [Math.round(e.time.getTime() / 1000), Number(e.level.toFixed(4)), e.high ? 1 : 0]),
            );
            const said = (run, event) => run.some((e) => Math.abs(e[0] - event[0]) <= 30 && e[2] === event[2]);
            const events = runs[0].filter((event) => runs.every((run) => said(run, event)));
            const disputed = runs
                .flat()
                .filter((event) => !runs.every((run) => said(run, event)))
                .filter((event, i, all) => all.findIndex((e) => said([e], event)) === i);
            return { from: start.getTime() / 1000, heights, events, disputed };
        }),
    };
});
writeFileSync(
    'tests/Reference/tides.json',
    JSON.stringify({ made_with: '@neaps/tide-predictor 0.11.0, @neaps/tide-database 0.10.20260924', stations: out }).replaceAll(
        '{"id"',
        '\n{"id"',
    ) + '\n',
);
console.log(out.length, out.map((s) => `${s.id} (${s.why})`).join('\n'));
