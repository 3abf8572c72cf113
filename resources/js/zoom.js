// Which part of its picture a canvas shows, the same in all of them: the whole, or so many pixels of the screen for one of the picture,
// about a point that is dragged or moved by keys.

const part = { zoom: 0, x: 0.5, y: 0.6, width: 1, height: 1 };
const STEP = 0.06;

const wipeAt = () => Number(document.getElementById('wipe-at')?.value ?? 50) / 100;

/** Puts pictures into a canvas: one, or several parted from left to right where the slider stands. */
export function compose(canvas, pictures) {
    const { width, height } = pictures[0];
    Object.assign(part, { width, height });
    const wide = part.zoom ? Math.max(200, Math.round(canvas.clientWidth)) : width;
    const high = part.zoom ? Math.round((wide * height) / width) : height;
    if (canvas.width !== wide || canvas.height !== high) Object.assign(canvas, { width: wide, height: high });
    canvas.style.setProperty('--ratio', String(width / height));
    const context = canvas.getContext('2d');
    const [ofWide, ofHigh] = part.zoom ? [Math.min(width, wide / part.zoom), Math.min(height, high / part.zoom)] : [width, height];
    const [left, top] = [
        Math.min(width - ofWide, Math.max(0, part.x * width - ofWide / 2)),
        Math.min(height - ofHigh, Math.max(0, part.y * height - ofHigh / 2)),
    ];
    const first = wipeAt();
    const edge = (place) => (pictures.length === 1 ? place : place === 0 ? 0 : first + ((place - 1) * (1 - first)) / (pictures.length - 1));
    pictures.forEach((picture, i) => {
        const [from, to] = [edge(i), edge(i + 1)];
        if (to > from)
            context.drawImage(picture, left + from * ofWide, top, (to - from) * ofWide, ofHigh, from * wide, 0, (to - from) * wide, high);
        if (i > 0) {
            context.fillStyle = getComputedStyle(canvas).color;
            context.fillRect(Math.round(from * wide) - 1, 0, 2, high);
        }
    });
}

export function startZoom(changed) {
    document.addEventListener('input', ({ target }) => {
        if (target.id === 'wipe-at') changed();
        if (target.dataset?.zoom !== undefined) {
            part.zoom = Number(target.value);
            document.querySelectorAll('.compare canvas').forEach((canvas) => {
                canvas.tabIndex = part.zoom ? 0 : -1;
            });
            changed();
        }
    });
    const move = (x, y) => {
        [part.x, part.y] = [Math.min(1, Math.max(0, x)), Math.min(1, Math.max(0, y))];
        changed();
    };
    let from = null;
    document.addEventListener('pointerdown', (event) => {
        const canvas = event.target.closest?.('.compare canvas');
        if (canvas && part.zoom) {
            from = { x: event.clientX, y: event.clientY, of: { ...part }, canvas };
            canvas.setPointerCapture(event.pointerId);
            event.preventDefault();
        }
    });
    document.addEventListener('pointermove', (event) => {
        if (from)
            move(
                from.of.x - (event.clientX - from.x) / part.zoom / part.width,
                from.of.y - (event.clientY - from.y) / part.zoom / part.height,
            );
    });
    ['pointerup', 'pointercancel'].forEach((name) =>
        document.addEventListener(name, () => {
            from = null;
        }),
    );
    document.addEventListener('keydown', (event) => {
        const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
        if (way && part.zoom && event.target.closest?.('.compare canvas')) {
            event.preventDefault();
            move(part.x + way[0] * STEP, part.y + way[1] * STEP);
        }
    });
    addEventListener('resize', changed);
}
