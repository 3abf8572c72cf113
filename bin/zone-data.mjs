// Makes data/zones.json from the pinned npm package @photostructure/tz-lookup (public domain, of the boundaries of OpenStreetMap): the names
// of the time zones and a tree of the earth's quarters in which they lie. Run `npm install && npm run zone-data`.
import { readFileSync, writeFileSync } from 'node:fs';
import tzlookup from '@photostructure/tz-lookup';

const { version } = JSON.parse(readFileSync('node_modules/@photostructure/tz-lookup/package.json', 'utf8'));
const [, tree, zones] = tzlookup.toString().match(/="((?:[^"\\]|\\.)*)",[A-Z]=(\["[^\]]*"\])/);
writeFileSync(
    'data/zones.json',
    `${JSON.stringify({ source: `tz-lookup ${version}`, zones: JSON.parse(zones), tree: JSON.parse(`"${tree}"`) })}\n`,
);
