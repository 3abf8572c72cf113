// Makes what ships in public/build from resources/ and the pinned npm packages (run `npm install && npm run assets`): styles with of Bulma
// what is
// used, a script for each kind of page, fonts of the letters that are shown; each under a name that changes with its contents.
import { createHash } from 'node:crypto';
import { cpSync, mkdirSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'esbuild';
import { transform } from 'lightningcss';
import { PurgeCSS } from 'purgecss';
import { compile } from 'sass';
import subsetFont from 'subset-font';

const OUT = 'public/build';
const KINDS = [
    'plain',
    'page',
    'bench',
    'log',
    'compare',
    'drawer',
    'shoot',
    'water',
    'worker',
    'field',
    'take',
    'parts',
    'backup',
    'practice',
    'manual',
    'place',
];
// What the interface itself writes: ASCII, the signs of its texts. Letters of other names come from the rest, which is fetched where one
// occurs.
const SHOWN = [...Array(95).keys()].map((i) => String.fromCharCode(32 + i)).join('') + '°±·×÷½¼⅓⅔⅛–—‘’“”…′″←→↑↓−≈≤≥éèöäüåøæ\u00a0';
// What every page may show, in the order in which one part rules over the one before.
const PARTS = [
    'tokens',
    'frame',
    'buttons',
    'bench',
    'glass',
    'fields',
    'ways',
    'stop-rule',
    'dialogs',
    'shoot',
    'frames',
    'shoot-screens',
    'kit',
    'day-board',
    'planning',
    'pictures',
    'place',
    'paper',
    'contrast',
];
const FONTS = [
    ['b612', 'B612', 400],
    ['b612', 'B612', 700],
    ['literata', 'Literata', 600],
];
const LATIN = [...Array(0x250 - 0xa1).keys()]
    .map((i) => 0xa1 + i)
    .filter((code) => !SHOWN.includes(String.fromCodePoint(code)))
    .map((code) => `U+${code.toString(16)}`)
    .join(',');

rmSync(OUT, { recursive: true, force: true });
mkdirSync(OUT, { recursive: true });
const manifest = {};
const keep = (name, contents) => {
    const [stem, ending] = [name.slice(0, name.lastIndexOf('.')), name.slice(name.lastIndexOf('.'))];
    const hashed = `${stem}-${createHash('sha256').update(contents).digest('hex').slice(0, 10)}${ending}`;
    writeFileSync(join(OUT, hashed), contents);
    manifest[name] = hashed;
    return hashed;
};
const files = (folder, ending) =>
    readdirSync(folder, { recursive: true })
        .filter((name) => name.endsWith(ending))
        .map((name) => join(folder, name))
        .sort();

// Fonts. That of the headings travels within the styles: one request less, and no heading without it.
let [faces, ownFaces] = ['', ''];
for (const [packed, family, weight] of FONTS) {
    const whole = readFileSync(`node_modules/@fontsource/${packed}/files/${packed}-latin-${weight}-normal.woff2`);
    const subset = await subsetFont(whole, SHOWN, { targetFormat: 'woff2' });
    const shown = packed === 'literata' ? `data:font/woff2;base64,${subset.toString('base64')}` : keep(`${packed}-${weight}.woff2`, subset);
    const rest = keep(`${packed}-${weight}-rest.woff2`, whole);
    const face = (file, range) =>
        `@font-face{font-family:${family};src:url(${file}) format("woff2");font-weight:${weight};` +
        `font-display:${file.startsWith('data:') ? 'block' : 'optional'};${range}}`;
    // A field file has all of its letters in itself.
    ownFaces += face(`data:font/woff2;base64,${subset.toString('base64')}`, '');
    faces +=
        face(rest, `unicode-range:${LATIN};`) +
        face(shown, `unicode-range:${[...SHOWN].map((c) => `U+${c.codePointAt(0).toString(16)}`).join(',')};`);
}

// Styles.
const bulma = compile('resources/css/app.scss', { loadPaths: ['node_modules'], silenceDeprecations: ['import', 'if-function'] }).css;
const styles = (names) => names.map((name) => readFileSync(`resources/css/${name}.css`, 'utf8')).join('');
const own = styles(PARTS.map((part) => `pour/${part}`));
const purged = async (content, css) =>
    (
        await new PurgeCSS().purge({
            content,
            css: [{ raw: css }],
            variables: true,
            keyframes: true,
            fontFace: true,
            safelist: { standard: ['html', 'body'], greedy: [/data-theme/, /data-dim/] },
        })
    )[0].css;
const minified = (css) =>
    transform({
        filename: 'app.css',
        code: Buffer.from(css),
        minify: true,
        targets: { chrome: 111 << 16, firefox: 113 << 16, safari: (16 << 16) | (4 << 8) },
    }).code;
keep('app.css', minified(faces + (await purged([...files('resources/views', '.php'), ...files('resources/js', '.js')], bulma)) + own));
// What only one door shows.
for (const [part, also] of Object.entries({
    log: [],
    almanac: ['strip'],
    ahead: ['strip'],
    manual: [],
    water: [],
    card: [],
    carry: [],
    outing: [],
})) {
    keep(`${part}.css`, minified(styles([...also, part])));
}
// A field file carries what it shows, and no more.
const ofTheField = [
    ...[
        'field/file',
        'shoot/one',
        'shoot/signals',
        'outings/schedule',
        'components/day-board',
        'components/board-drawing',
        'components/drawn-label',
        'components/dark-hand',
        'components/at',
        'places/cautions',
    ].map((view) => `resources/views/${view}.blade.php`),
    ...files('resources/js/field', '.js'),
    ...['shoot', 'board', 'signals', 'themes', 'kinds/field'].map((script) => `resources/js/${script}.js`),
    ...files('app/Drawing', '.php'),
    'core/Sky/LightPhase.php',
];
keep('field.css', minified(ownFaces + (await purged(ofTheField, bulma + own + styles(['card', 'carry', 'outing'])))));

// The baked layers of stages (bin/bake.mjs), fetched where a picture shows one.
for (const path of readdirSync('data/stages')
    .filter((name) => !name.endsWith('.json'))
    .sort()) {
    keep(`stage-${path}`, readFileSync(`data/stages/${path}`));
}

// Scripts.
const made = await build({
    entryPoints: KINDS.map((kind) => `resources/js/kinds/${kind}.js`),
    bundle: true,
    minify: true,
    format: 'esm',
    target: ['chrome111', 'firefox113', 'safari16.4'],
    write: false,
    outdir: OUT,
    legalComments: 'none',
    nodePaths: ['node_modules'],
});
for (const file of made.outputFiles) {
    keep(file.path.split('/').at(-1), file.contents);
}

// What it was made from, so that a test can tell when it was not made again.
const sources = [...files('resources/css', 'css'), ...files('resources/js', '.js')];
const hash = createHash('sha256');
sources.forEach((name) => hash.update(readFileSync(name)));
writeFileSync(join(OUT, 'manifest.json'), `${JSON.stringify({ sources: hash.digest('hex'), files: manifest }, null, 4)}\n`);
mkdirSync('tests/Browser/assets', { recursive: true });
cpSync('node_modules/axe-core/axe.min.js', 'tests/Browser/assets/axe.min.js');
