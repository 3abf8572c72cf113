// What every page has.
import { startHelp } from './help.js';
import { startKept } from './kept.js';
import { startKeys } from './keys.js';
import { startOffline } from './offline.js';
import { startPresses } from './presses.js';
import { startThemes } from './themes.js';
import { startZones } from './zones.js';

startPresses();
startThemes();
startKeys();
startZones();
startKept();
startOffline();
startHelp();

// After a form that was refused one begins at what is wrong with it. What has no field of its own is plain text.
const problems = document.getElementById('problems');
for (const link of problems?.querySelectorAll('a') ?? []) {
    document.getElementById(link.hash.slice(1)) ? null : link.replaceWith(...link.childNodes);
}
problems?.focus();

document.addEventListener('click', (event) => event.target.closest('[data-print]') && window.print());

// A text for somebody else: by what the device shares with, or on its clipboard.
document.addEventListener('click', async ({ target }) => {
    const button = target.closest('[data-shares]');
    const text = button && document.getElementById(button.dataset.shares).textContent.trim();
    if (!button) {
        return;
    }
    if (navigator.share) {
        await navigator.share({ text }).catch(() => null);
        return;
    }
    const copied = await navigator.clipboard
        ?.writeText(text)
        .then(() => true)
        .catch(() => false);
    button.textContent = copied ? 'Copied: paste it into a message' : 'Copy it by hand from above';
});

// On paper the table stands under the drawing, open or not.
const tables = () => document.querySelectorAll('.board-table');
window.addEventListener('beforeprint', () =>
    tables().forEach((table) => {
        table.dataset.was = table.open ? 'open' : '';
        table.open = true;
    }),
);
window.addEventListener('afterprint', () =>
    tables().forEach((table) => {
        table.open = table.dataset.was === 'open';
    }),
);

// A choice that is written into a field, where it can be typed over.
document.addEventListener('change', ({ target }) => {
    if (target.dataset.fills) {
        document.getElementById(target.dataset.fills).value = target.value;
    }
});
