// Copies what ships from the pinned npm packages into public/ (run `npm install && npm run assets`).
import { cpSync, mkdirSync } from 'node:fs';

const shipped = {
    '@fontsource/b612/files/b612-latin-400-normal.woff2': 'public/fonts/',
    '@fontsource/b612/files/b612-latin-700-normal.woff2': 'public/fonts/',
    '@fontsource/literata/files/literata-latin-500-normal.woff2': 'public/fonts/',
    '@fontsource/literata/files/literata-latin-600-normal.woff2': 'public/fonts/',
    'bulma/css/versions/bulma-no-dark-mode.min.css': 'public/vendor/',
    'htmx.org/dist/htmx.min.js': 'public/vendor/',
    'idiomorph/dist/idiomorph-ext.min.js': 'public/vendor/',
    'axe-core/axe.min.js': 'tests/Browser/assets/',
};

for (const [from, to] of Object.entries(shipped)) {
    mkdirSync(to, { recursive: true });
    cpSync(`node_modules/${from}`, to + from.split('/').at(-1));
}
