// The contact sheet: a press or a key marks the frame at hand, ticks are counted, a choice is asked for at once.
import { singleKeys } from '../keys.js';
import { post } from '../token.js';

const MOST = 4;

const stateOf = (tile) => (tile.classList.contains('is-keeper') ? 'keeper' : tile.classList.contains('is-folded') ? 'reject' : '');

function show(tile, keeper) {
    tile.classList.toggle('is-keeper', keeper === 'keeper');
    tile.classList.toggle('is-folded', keeper === 'reject');
    const button = tile.querySelector('.star');
    button.setAttribute('aria-pressed', String(keeper === 'keeper'));
    button.value = keeper === 'keeper' ? '' : 'keeper';
}

function say(tile, words) {
    const line =
        tile.querySelector('.tile-said') ??
        tile.appendChild(Object.assign(document.createElement('p'), { className: 'tile-said problem', role: 'status' }));
    line.textContent = words;
}

async function send(tile, keeper) {
    const answer = await post(tile.dataset.tile, new URLSearchParams({ _method: 'put', keeper }));
    return answer?.status ?? 0;
}

const WHY_NOT = {
    0: 'the server is out of reach. Press again.',
    401: 'come in first: load this page again.',
    404: 'this frame is gone.',
    419: 'the session has ended: load this page again.',
};

// It is shown as pressed at once, sent in the order of the presses, and taken back, with a word, where it was not kept.
async function mark(tile, keeper) {
    tile.kept ??= stateOf(tile);
    const number = (tile.presses = (tile.presses ?? 0) + 1);
    show(tile, keeper);
    tile.setAttribute('aria-busy', 'true');
    tile.sending = (tile.sending ?? Promise.resolve()).then(async () => {
        const status = await send(tile, keeper);
        const isKept = status >= 200 && status < 300;
        tile.kept = isKept ? keeper : tile.kept;
        if (number === tile.presses) {
            tile.removeAttribute('aria-busy');
            show(tile, tile.kept);
            say(tile, isKept ? '' : `Not kept: ${WHY_NOT[status] ?? 'the server could not just now. Press again.'}`);
        }
    });
}

export function startSheet() {
    for (const form of document.querySelectorAll('[data-asks-at-once]')) {
        form.querySelector('[data-asks-button]').hidden = true;
        form.addEventListener('change', () => {
            form.querySelectorAll('select').forEach((select) => {
                select.disabled = select.value === '';
            });
            form.submit();
        });
    }
    document.addEventListener('submit', (event) => {
        const tile = event.target.closest?.('[data-tile]');
        if (tile && event.target.matches('.tile-marks')) {
            event.preventDefault();
            mark(tile, event.submitter.value);
        }
    });
    const chosen = () => [...document.querySelectorAll('[data-choose]:checked')];
    const count = () => {
        const many = chosen().length;
        document.querySelectorAll('[data-choose]').forEach((box) => {
            box.disabled = !box.checked && many >= MOST;
        });
        document.querySelector('[data-chosen]')?.classList.toggle('is-at-hand', many >= 2);
    };
    document.addEventListener('change', (event) => event.target.matches('[data-choose]') && count());
    count();
    document.addEventListener('keydown', (event) => {
        if (
            event.ctrlKey ||
            event.metaKey ||
            event.altKey ||
            !singleKeys() ||
            event.target.closest('input:not([type=checkbox]), select, textarea')
        )
            return;
        const tile = event.target.closest('[data-tile]') ?? document.querySelector('[data-tile]:hover');
        if (tile && (event.key === 'k' || event.key === 'x')) {
            const wanted = event.key === 'k' ? 'keeper' : 'reject';
            mark(tile, tile.classList.contains(wanted === 'keeper' ? 'is-keeper' : 'is-folded') ? '' : wanted);
        }
        const way = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
        if (tile && way) {
            const all = [...document.querySelectorAll('[data-tile] .tile-link')];
            all[all.indexOf(tile.querySelector('.tile-link')) + way]?.focus();
        }
    });
}
