// Makes tests/Reference/sky.json from astronomy-engine (run `npm install && node tests/Reference/sky.mjs`): eight places from pole to
// equator on six dates. Events within the UTC day, null where there is none; positions every four hours, without refraction.
import * as A from 'astronomy-engine';
import { writeFileSync } from 'node:fs';

const PLACES = [
    [0, 0],
    [-33.9, 18.4],
    [38.5, -123.2],
    [47.6, -122.3],
    [58.2, -6.3],
    [64.1, -21.9],
    [78.2, 15.6],
    [-77.8, 166.7],
];
const DATES = ['1992-03-20', '2010-06-21', '2026-09-23', '2026-12-21', '2027-02-02', '2039-05-05'];
const unix = (time) => (time ? Math.round(time.date.getTime() / 100) / 10 : null);
const within = (event, start) => (event && event.date.getTime() - start.getTime() < 86400000 ? unix(event) : null);

const out = [];
for (const [lat, lon] of PLACES) {
    const observer = new A.Observer(lat, lon, 0);
    for (const date of DATES) {
        const start = new Date(`${date}T00:00:00Z`);
        const rise = (body, direction) => within(A.SearchRiseSet(body, observer, direction, start, 1), start);
        const alt = (direction, altitude) => within(A.SearchAltitude(A.Body.Sun, observer, direction, start, 1, altitude), start);
        const positions = [];
        for (let hour = 0; hour < 24; hour += 4) {
            const at = new Date(start.getTime() + hour * 3600000);
            const see = (body) => {
                const e = A.Equator(body, at, observer, true, true);
                const h = A.Horizon(at, observer, e.ra, e.dec, null);
                return [Number(h.altitude.toFixed(4)), Number(h.azimuth.toFixed(4))];
            };
            positions.push({
                unix: at.getTime() / 1000,
                sun: see(A.Body.Sun),
                moon: see(A.Body.Moon),
                lit: Number(A.Illumination(A.Body.Moon, at).phase_fraction.toFixed(5)),
            });
        }
        out.push({
            lat,
            lon,
            date,
            from: start.getTime() / 1000,
            events: {
                rise: rise(A.Body.Sun, 1),
                set: rise(A.Body.Sun, -1),
                civil_dawn: alt(1, -6),
                civil_dusk: alt(-1, -6),
                nautical_dawn: alt(1, -12),
                nautical_dusk: alt(-1, -12),
                astronomical_dawn: alt(1, -18),
                astronomical_dusk: alt(-1, -18),
                moonrise: rise(A.Body.Moon, 1),
                moonset: rise(A.Body.Moon, -1),
                noon: within(A.SearchHourAngle(A.Body.Sun, observer, 0, start).time, start),
            },
            positions,
        });
    }
}
const newMoon = A.SearchMoonPhase(0, new Date('2026-10-20T00:00:00Z'), -40);
writeFileSync(
    'tests/Reference/sky.json',
    JSON.stringify({ made_with: 'astronomy-engine 2.1.19', new_moon_before_2026_10_20: unix(newMoon), days: out }).replaceAll(
        '{"lat"',
        '\n{"lat"',
    ) + '\n',
);
console.log(out.length);
