// Areas of a picture: the water and what stands still, drawn with finger or mouse, moved and sized with keys. And what of it clips.

const STEP = 0.01;
const LEAST = 0.02;
const CLIPPED = 254;
const BLACK = 1;

const clamp = (value, most) => Math.min(most, Math.max(0, value));
const written = (area) => area.map((share) => String(Number(share.toFixed(4)))).join(',');

class Areas {
    constructor(page) {
        this.stage = page.querySelector('[data-areas]');
        this.drawn = page.querySelector('[data-areas-drawn]');
        this.tools = page.querySelector('.picture-tools');
        this.from = null;
        this.stage.addEventListener('pointerdown', (event) => this.begin(event));
        this.stage.addEventListener('pointermove', (event) => this.from && this.pull(event));
        for (const name of ['pointerup', 'pointercancel'])
            this.stage.addEventListener(name, () => {
                this.from = null;
            });
        this.stage.addEventListener('keydown', (event) => this.key(event));
        this.tools.addEventListener('input', () => this.show());
        page.querySelector('[data-clears-area]').addEventListener('click', () => {
            this.field().value = '';
            this.show();
        });
        this.show();
    }

    field() {
        return this.tools.elements[this.tools.querySelector('[data-drawing]:checked').value];
    }

    area(field = this.field()) {
        const numbers = field.value.split(',').map(Number);
        return numbers.length === 4 && numbers.every(Number.isFinite) ? numbers : null;
    }

    place(event) {
        const box = this.stage.getBoundingClientRect();
        return [clamp((event.clientX - box.left) / box.width, 1), clamp((event.clientY - box.top) / box.height, 1)];
    }

    begin(event) {
        this.from = this.place(event);
        this.stage.setPointerCapture(event.pointerId);
        this.stage.focus({ preventScroll: true });
        event.preventDefault();
    }

    pull(event) {
        const [x, y] = this.place(event);
        const [left, top] = [Math.min(x, this.from[0]), Math.min(y, this.from[1])];
        const [width, height] = [Math.abs(x - this.from[0]), Math.abs(y - this.from[1])];
        if (width >= LEAST && height >= LEAST) {
            this.field().value = written([left, top, width, height]);
            this.show();
        }
    }

    key(event) {
        const way = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] }[event.key];
        if (!way) return;
        event.preventDefault();
        const [x, y, width, height] = this.area() ?? [0.3, 0.5, 0.4, 0.3];
        const next = event.shiftKey
            ? [x, y, Math.max(LEAST, Math.min(1 - x, width + way[0])), Math.max(LEAST, Math.min(1 - y, height + way[1]))]
            : [clamp(x + way[0], 1 - width), clamp(y + way[1], 1 - height), width, height];
        this.field().value = written(next);
        this.show();
    }

    show() {
        this.drawn.replaceChildren(
            ...['water_area', 'still_area'].flatMap((name) => {
                const area = this.area(this.tools.elements[name]);
                if (!area) return [];
                const box = document.createElementNS('http://www.w3.org/2000/svg', 'rect');
                ['x', 'y', 'width', 'height'].forEach((side, i) => box.setAttribute(side, area[i]));
                box.setAttribute('class', `area is-${name} ${this.field().name === name ? 'is-at-hand' : ''}`);
                return [box];
            }),
        );
    }
}

// What is white or black is marked in the inks of the screen, over the picture as it is shown.
function startClipping(page) {
    const [button, canvas, picture] = [
        page.querySelector('[data-shows-clipping]'),
        page.querySelector('[data-clipping]'),
        page.querySelector('[data-picture]'),
    ];
    button.addEventListener('click', async () => {
        const on = button.getAttribute('aria-pressed') !== 'true';
        button.setAttribute('aria-pressed', String(on));
        canvas.hidden = !on;
        if (!on) return;
        await picture.decode();
        Object.assign(canvas, { width: picture.naturalWidth, height: picture.naturalHeight });
        const context = canvas.getContext('2d', { willReadFrequently: true });
        context.drawImage(picture, 0, 0);
        const data = context.getImageData(0, 0, canvas.width, canvas.height);
        const ink = (name) => {
            context.fillStyle = getComputedStyle(canvas).getPropertyValue(name);
            context.fillRect(0, 0, 1, 1);
            return context.getImageData(0, 0, 1, 1).data;
        };
        const [high, low] = [ink('--warn'), ink('--glass')];
        for (let i = 0; i < data.data.length; i += 4) {
            const [r, g, b] = [data.data[i], data.data[i + 1], data.data[i + 2]];
            const marked = Math.max(r, g, b) >= CLIPPED ? high : Math.max(r, g, b) <= BLACK ? low : null;
            if (marked) data.data.set(marked, i);
            else data.data[i + 3] = 0;
        }
        context.putImageData(data, 0, 0);
    });
}

export function startAreas() {
    const page = document.querySelector('[data-looked-at]');
    if (!page) return;
    const areas = new Areas(page);
    startClipping(page);
    for (const lost of ['htmx:sendError', 'htmx:timeout', 'htmx:responseError']) {
        page.addEventListener(lost, () => {
            page.querySelector('[data-check]').textContent = 'It could not be looked at: the server is out of reach. Load the page again.';
        });
    }
    // Where dust shows it is ringed.
    page.addEventListener('htmx:afterSettle', () => {
        const spots = JSON.parse(page.querySelector('[data-spots]')?.textContent ?? '[]');
        const ratio = areas.stage.clientWidth / Math.max(1, areas.stage.clientHeight);
        page.querySelectorAll('.spot').forEach((old) => old.remove());
        for (const [x, y] of spots) {
            const ring = document.createElement('i');
            ring.className = 'spot';
            ring.style.setProperty('left', `${100 * x}%`);
            ring.style.setProperty('top', `${100 * y}%`);
            ring.style.setProperty('--ratio', String(ratio));
            areas.stage.append(ring);
        }
    });
}
