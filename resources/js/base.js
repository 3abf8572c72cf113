// What every page has.
import { startKeys } from './keys.js';
import { startPresses } from './presses.js';
import { startThemes } from './themes.js';
import { startZones } from './zones.js';

startPresses();
startThemes();
startKeys();
startZones();

// After a form that was refused one begins at what is wrong with it. What has no field of its own is plain text.
const problems = document.getElementById('problems');
for (const link of problems?.querySelectorAll('a') ?? []) {
    document.getElementById(link.hash.slice(1)) ? null : link.replaceWith(...link.childNodes);
}
problems?.focus();

document.addEventListener('click', (event) => event.target.closest('[data-print]') && window.print());

// On paper the table stands under the drawing, open or not.
const tables = () => document.querySelectorAll('.board-table');
window.addEventListener('beforeprint', () => tables().forEach((table) => { table.dataset.was = table.open ? 'open' : ''; table.open = true; }));
window.addEventListener('afterprint', () => tables().forEach((table) => { table.open = table.dataset.was === 'open'; }));
