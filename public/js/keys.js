// Shortcuts: g and a letter to go to a room, the rest where the page has something for it.
const PAIR_MS = 900;

const typing = (target) => target.closest('input:not([type=radio]):not([type=checkbox]), textarea, select, [contenteditable]');

export function startKeys() {
    let went = -Infinity;
    document.addEventListener('click', (event) => {
        const opener = event.target.closest('[data-opens]');
        if (opener) {
            document.getElementById(opener.dataset.opens).showModal();
        }
    });
    document.addEventListener('keydown', (event) => {
        if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target) || document.querySelector('dialog[open]')) {
            return;
        }
        const room = event.timeStamp - went < PAIR_MS && /^[a-z]$/.test(event.key) && document.querySelector(`[data-room-key="${event.key}"]`);
        if (room) {
            location.assign(room.href);
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
