// Shortcuts: g and a letter to go somewhere, the rest where the page has something for it. They can be switched off, for those who speak
// to their machine or whose hands hit keys by chance.
const PAIR_MS = 900;
const OFF = 'single-keys-off';

const typing = (target) => target.closest('input:not([type=radio]):not([type=checkbox]), textarea, select, [contenteditable]');

export const singleKeys = () => localStorage.getItem(OFF) === null;

export function startKeys() {
    let went = -Infinity;
    for (const box of document.querySelectorAll('[data-single-keys]')) {
        box.checked = singleKeys();
        box.addEventListener('change', () => (box.checked ? localStorage.removeItem(OFF) : localStorage.setItem(OFF, 'yes')));
    }
    document.addEventListener('click', (event) => {
        const opener = event.target.closest('[data-opens]');
        if (opener) {
            document.getElementById(opener.dataset.opens).showModal();
        }
    });
    document.addEventListener('keydown', (event) => {
        if (
            event.ctrlKey ||
            event.metaKey ||
            event.altKey ||
            typing(event.target) ||
            document.querySelector('dialog[open]') ||
            !singleKeys()
        ) {
            return;
        }
        const there = event.timeStamp - went < PAIR_MS && /^[a-z]$/.test(event.key) && document.querySelector(`[data-key="${event.key}"]`);
        if (there) {
            location.assign(there.href);
        } else if (event.key === 'g') {
            went = event.timeStamp;
        } else if (event.key === '[' || event.key === ']') {
            document.querySelector(event.key === '[' ? '[rel=prev]' : '[rel=next]')?.click();
        } else if (event.key === '?') {
            document.getElementById('shortcuts').showModal();
        } else if (/^[1-6]$/.test(event.key)) {
            document.querySelectorAll('.looks input')[event.key - 1]?.click();
        } else if (event.key === 'w') {
            document.querySelector('[data-crests]')?.click();
        }
    });
}
