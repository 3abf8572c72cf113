// Pictures side by side: the same part of each, however far one goes in; two lie one over the other, parted where the slider stands.

const part = { zoom: 0, x: 0.5, y: 0.5 };
const STEP = 0.05;

export function startLaid() {
    const laid = document.querySelector('[data-laid]');
    if (!laid) return;
    const windows = [...laid.querySelectorAll('[data-window]')];
    const show = () => {
        for (const one of windows) {
            const zoom = part.zoom || 1;
            const [x, y] = [part.x, part.y].map((at) => Math.min(1 - 0.5 / zoom, Math.max(0.5 / zoom, at)));
            one.firstElementChild.style.setProperty(
                'transform',
                `translate(${(0.5 - x) * zoom * 100}%, ${(0.5 - y) * zoom * 100}%) scale(${zoom})`,
            );
            one.tabIndex = part.zoom ? 0 : -1;
        }
        document
            .querySelectorAll('[data-zoom]')
            .forEach((button) => button.setAttribute('aria-pressed', String(Number(button.dataset.zoom) === part.zoom)));
    };
    const move = (x, y) => {
        [part.x, part.y] = [Math.min(1, Math.max(0, x)), Math.min(1, Math.max(0, y))];
        show();
    };
    document.addEventListener('click', (event) => {
        const button = event.target.closest('[data-zoom]');
        if (button) {
            part.zoom = Number(button.dataset.zoom);
            show();
        }
    });
    let from = null;
    laid.addEventListener('pointerdown', (event) => {
        const one = event.target.closest('[data-window]');
        if (!one) return;
        if (!part.zoom) {
            const box = one.getBoundingClientRect();
            part.zoom = 3;
            move((event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height);
            return;
        }
        from = { x: event.clientX, y: event.clientY, of: { ...part }, box: one.getBoundingClientRect() };
        one.setPointerCapture(event.pointerId);
    });
    laid.addEventListener(
        'pointermove',
        (event) =>
            from &&
            move(
                from.of.x - (event.clientX - from.x) / from.box.width / part.zoom,
                from.of.y - (event.clientY - from.y) / from.box.height / part.zoom,
            ),
    );
    for (const name of ['pointerup', 'pointercancel'])
        laid.addEventListener(name, () => {
            from = null;
        });
    laid.addEventListener('keydown', (event) => {
        const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
        if (way && part.zoom && event.target.matches('[data-window]')) {
            event.preventDefault();
            move(part.x + way[0] * STEP, part.y + way[1] * STEP);
        }
    });
    const wipe = laid.querySelector('[data-wipe]');
    const parted = () => laid.style.setProperty('--wipe', `${wipe.value}%`);
    wipe?.addEventListener('input', parted);
    wipe && parted();
    show();
}
