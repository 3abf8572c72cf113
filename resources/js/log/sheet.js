// The contact sheet: a press or a key marks the frame at hand, ticks are counted, a choice is asked for at once.
import { singleKeys } from '../keys.js';
import { token } from '../token.js';

const MOST = 4;

async function mark(tile, keeper) {
    const body = new FormData();
    body.append('_method', 'put');
    body.append('keeper', keeper);
    const answer = await fetch(tile.dataset.tile, {
        method: 'POST',
        body,
        headers: { Accept: 'application/json', 'X-CSRF-TOKEN': token() },
    }).catch(() => null);
    if (!answer?.ok) {
        tile.classList.add('is-unsaid');
        tile.title = 'Not kept: the server is out of reach.';
        return;
    }
    tile.classList.remove('is-unsaid');
    tile.removeAttribute('title');
    tile.classList.toggle('is-keeper', keeper === 'keeper');
    tile.classList.toggle('is-folded', keeper === 'reject');
    const button = tile.querySelector('.star');
    button.setAttribute('aria-pressed', String(keeper === 'keeper'));
    button.value = keeper === 'keeper' ? '' : 'keeper';
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
