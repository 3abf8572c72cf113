// Makes tests/Reference/meeus.json from astronomia 4.2, a port of the algorithms of Meeus, Astronomical Algorithms (run
// `npm install astronomia && node tests/Reference/meeus.mjs`): sun, moon, nutation and sidereal time at 24 instants from 1900 to 2100.
import { base, moonillum, moonposition, nutation, sidereal, solar } from 'astronomia';
import { writeFileSync } from 'node:fs';

const deg = (rad) => (rad * 180) / Math.PI;
const out = [];
for (let i = 0; i < 24; i++) {
    const jde = 2415020.5 + 3044.37 * i + 0.1 * (i % 7);
    const t = base.J2000Century(jde);
    const moon = moonposition.position(jde);
    const [longitude] = nutation.nutation(jde);
    out.push({
        jde,
        moon: { longitude: ((deg(moon._ra) % 360) + 360) % 360, latitude: deg(moon._dec), km: moon.range },
        sun: { longitude: ((deg(solar.trueLongitude(t).lon ?? solar.trueLongitude(t).s) % 360) + 360) % 360, au: solar.radius(t) },
        nutation: deg(longitude),
        obliquity: deg(nutation.meanObliquity(jde) + nutation.nutation(jde)[1]),
        sidereal: sidereal.mean(jde) / 240,
        lit: base.illuminated(
            moonillum.phaseAngleEcliptic
                ? moonillum.phaseAngleEcliptic(moon, { lon: solar.trueLongitude(t).lon, range: solar.radius(t) * base.AU })
                : 0,
        ),
    });
}
writeFileSync(new URL('meeus.json', import.meta.url), `[\n${out.map((o) => JSON.stringify(o)).join(',\n')}\n]\n`);
