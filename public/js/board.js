// The day board's cursor: it reads out what the server worked out for each ten minutes.
function show(board, place) {
    const readings = JSON.parse(board.dataset.readings);
    const chosen = Math.max(0, Math.min(readings.length - 1, place));
    const reading = readings[chosen];
    const cursor = board.querySelector('.cursor');
    cursor.setAttribute('transform', `translate(${reading.x} 0)`);
    cursor.setAttribute('aria-valuenow', String(chosen));
    cursor.setAttribute('aria-valuetext', [reading.at, reading.tide, reading.sun && `sun ${reading.sun}`, reading.light].filter(Boolean).join(', '));
    for (const [name, value] of Object.entries(reading)) {
        for (const field of board.querySelectorAll(`[data-read="${name}"]`)) {
            field.textContent = value;
            if (!name.endsWith('Label')) {
                field.closest('.reading-of').toggleAttribute('hidden', value === '');
            }
        }
    }
}

function placeAt(board, clientX) {
    const svg = board.querySelector('svg');
    const box = svg.getBoundingClientRect();
    const x = ((clientX - box.left) / box.width) * svg.viewBox.baseVal.width;
    return JSON.parse(board.dataset.readings).reduce((best, reading, i, all) => (Math.abs(reading.x - x) < Math.abs(all[best].x - x) ? i : best), 0);
}

function start(board) {
    let dragging = false;
    board.dataset.started = 'yes';
    const svg = board.querySelector('svg');
    show(board, Number(board.dataset.opening));
    // On a phone the drawing is wider than the screen: it opens where the cursor stands.
    const scroll = board.querySelector('.board-scroll');
    const opening = JSON.parse(board.dataset.readings)[Number(board.dataset.opening)];
    scroll.scrollLeft = (opening.x / svg.viewBox.baseVal.width) * svg.getBoundingClientRect().width - scroll.clientWidth / 2;
    svg.addEventListener('pointerdown', (event) => {
        dragging = true;
        show(board, placeAt(board, event.clientX));
    });
    svg.addEventListener('pointermove', (event) => dragging && show(board, placeAt(board, event.clientX)));
    for (const end of ['pointerup', 'pointerleave', 'pointercancel']) {
        svg.addEventListener(end, () => { dragging = false; });
    }
    board.querySelector('.cursor').addEventListener('keydown', (event) => {
        const by = { ArrowRight: 1, ArrowLeft: -1, PageUp: 6, PageDown: -6, Home: -999, End: 999 }[event.key];
        if (by) {
            event.preventDefault();
            show(board, Number(event.currentTarget.getAttribute('aria-valuenow')) + by);
        }
    });
}

// A board comes at first without the hold plan, which takes longer, and again with it.
export function startBoard() {
    const all = () => document.querySelectorAll('[data-board]:not([data-started])').forEach(start);
    all();
    document.addEventListener('htmx:afterSwap', all);
}
