// The day board's cursor: it reads out what the server worked out for each ten minutes. A finger pushes the drawing sideways, and a tap
// sets the cursor; a mouse drags it.

const shown = (board) =>
    [...board.querySelectorAll('svg[data-left]')].find((svg) => svg.getClientRects().length) ?? board.querySelector('svg[data-left]');

const readings = new WeakMap();

// Where the cursor stood, for a board that takes the place of another.
let stood = null;

function readingsOf(board) {
    if (!readings.has(board)) {
        readings.set(board, JSON.parse(board.dataset.readings));
    }
    return readings.get(board);
}

const x = (svg, place, count) => Number(svg.dataset.left) + (place / (count - 1)) * (svg.dataset.right - svg.dataset.left);

function show(board, place) {
    const all = readingsOf(board);
    const chosen = Math.max(0, Math.min(all.length - 1, place));
    const reading = all[chosen];
    board.dataset.at = String(chosen);
    document.dispatchEvent(new CustomEvent('day:at', { detail: { place: chosen, at: reading.at } }));
    for (const svg of board.querySelectorAll('svg[data-left]')) {
        const cursor = svg.querySelector('.cursor');
        cursor.setAttribute('transform', `translate(${x(svg, chosen, all.length)} 0)`);
        cursor.setAttribute('aria-valuenow', String(chosen));
        cursor.setAttribute(
            'aria-valuetext',
            [
                reading.at,
                reading.tide,
                reading.tideLabel,
                reading.sun && `sun ${reading.sun}`,
                reading.sunLabel,
                reading.light,
                reading.lightLabel,
                reading.grad && `sky ${reading.grad} stops over the foreground`,
                reading.left && `time left by these numbers ${reading.left}`,
            ]
                .filter(Boolean)
                .join(', '),
        );
    }
    for (const [name, value] of Object.entries(reading)) {
        for (const field of board.querySelectorAll(`[data-read="${name}"]`)) {
            field.textContent = value;
            if (!name.endsWith('Label')) {
                field.closest('.reading-of').toggleAttribute('hidden', value === '');
            }
        }
    }
}

// By a person's hand: a board that comes in its place stands there too.
function moved(board, place) {
    stood = place;
    show(board, place);
}

function placeAt(board, clientX) {
    const svg = shown(board);
    const box = svg.getBoundingClientRect();
    const at = ((clientX - box.left) / box.width) * svg.viewBox.baseVal.width;
    const count = readingsOf(board).length;
    return Math.round(((at - svg.dataset.left) / (svg.dataset.right - svg.dataset.left)) * (count - 1));
}

function bring(board, place) {
    const svg = shown(board);
    const scroll = board.querySelector('.board-scroll');
    scroll.scrollLeft =
        (x(svg, place, readingsOf(board).length) / svg.viewBox.baseVal.width) * svg.getBoundingClientRect().width - scroll.clientWidth / 2;
}

function start(board) {
    let dragging = false;
    board.dataset.started = 'yes';
    const opening = stood ?? Number(board.dataset.opening);
    show(board, opening);
    bring(board, opening);
    board.addEventListener('pointerdown', (event) => {
        if (event.target.closest('svg') && (event.pointerType !== 'touch' || event.target.closest('.cursor'))) {
            dragging = true;
            moved(board, placeAt(board, event.clientX));
        }
    });
    board.addEventListener('pointermove', (event) => dragging && moved(board, placeAt(board, event.clientX)));
    for (const end of ['pointerup', 'pointerleave', 'pointercancel']) {
        board.addEventListener(end, () => {
            dragging = false;
        });
    }
    board.addEventListener('click', (event) => {
        const part = event.target.closest('[data-part]');
        if (part) {
            const place = (Number(part.dataset.part) + 4) * 6;
            moved(board, place);
            bring(board, place);
        } else if (event.target.closest('svg')) {
            moved(board, placeAt(board, event.clientX));
        }
    });
    board.addEventListener('keydown', (event) => {
        const by = { ArrowRight: 1, ArrowLeft: -1, PageUp: 6, PageDown: -6, Home: -999, End: 999 }[event.key];
        if (by && event.target.closest('.cursor')) {
            event.preventDefault();
            moved(board, Number(board.dataset.at) + by);
            bring(board, Number(board.dataset.at));
        }
    });
}

// A board comes at first without the hold plan, which takes longer, and again with it.
// Other drawings of the same day go by this cursor, and may set it.
document.addEventListener('day:go', (event) => {
    const board = document.querySelector('[data-board][data-started]');
    if (board) {
        moved(board, event.detail);
        bring(board, event.detail);
    }
});

export function startBoard() {
    const all = () => document.querySelectorAll('[data-board]:not([data-started])').forEach(start);
    all();
    // Who has the cursor by keys keeps it when the board comes again with its hold plan.
    let held = false;
    document.addEventListener('htmx:beforeSwap', () => {
        held = document.activeElement?.closest('[data-board] .cursor') != null;
    });
    document.addEventListener('htmx:afterSwap', () => {
        all();
        const cursor =
            held && document.activeElement === document.body
                ? [...document.querySelectorAll('[data-board] .cursor')].find((one) => one.getClientRects().length)
                : null;
        cursor?.focus({ preventScroll: true });
    });
}
