// The horizon and the ground of a place: they show the instant at which the day board's cursor stands, as the server worked it out. The
// frame of the lens is dragged and widened here and drawn by the server; the skyline is drawn by hand and kept by a press.

import { Asking } from './asking.js';

const NEAR_PX = 26;
const SKYLINE_STEP = 2;
const STRAIGHT_DEG = 0.4;
const OPEN_DEG = 0.25;

const horizon = () => document.querySelector('[data-horizon]');
const number = (id) =>
    Number(
        String(document.getElementById(id)?.value ?? '')
            .replace(',', '.')
            .replace('−', '-'),
    );
const turned = (deg) => ((deg % 360) + 360) % 360;
const bound = (value, least, most) => Math.max(least, Math.min(most, value));

let at = { place: 0, at: '' };
let drawsSkyline = false;
const steps = new WeakMap();

function stepsOf(drawing) {
    const written = drawing.dataset.steps;
    if (steps.get(drawing)?.written !== written) {
        steps.set(drawing, { written, steps: JSON.parse(written || '[]') });
    }
    return steps.get(drawing).steps;
}

function tell(drawing, name, words) {
    const field = drawing.querySelector(`[data-tell="${name}"]`);
    if (field) {
        field.textContent = words;
        field.closest('.reading-of').toggleAttribute('hidden', words === '');
    }
}

function show() {
    const drawing = horizon();
    const step = drawing && stepsOf(drawing)[at.place];
    if (step) {
        for (const body of drawing.querySelectorAll('[data-body]')) {
            body.setAttribute('transform', `translate(${step[body.dataset.body].join(' ')})`);
        }
        let dark = step.phase !== 'day';
        for (const strokes of [...drawing.querySelectorAll('[data-dark]')].reverse()) {
            // Each phase adds its strokes to those of the lighter ones.
            strokes.toggleAttribute('hidden', !dark);
            dark &&= strokes.dataset.dark !== step.phase;
        }
        drawing.querySelector('[data-at]').textContent = at.at;
        drawing.querySelector('[data-go-time]').value = String(at.place);
        drawing.querySelector('[data-go-time]').setAttribute('aria-valuetext', at.at);
        for (const name of ['sun', 'moon', 'sky', 'glare']) {
            tell(drawing, name, step[name]);
        }
    }
    drawing?.querySelector('svg').classList.toggle('is-drawn-on', drawsSkyline);
    document.querySelector('[data-draw-skyline]')?.setAttribute('aria-pressed', String(drawsSkyline));
    const ground = document.querySelector('[data-ground]');
    const lies = ground && stepsOf(ground)[at.place];
    if (lies) {
        for (const stretch of ground.querySelectorAll('[data-stretch]')) {
            stretch.setAttribute('d', lies[stretch.dataset.stretch]);
        }
        tell(ground, 'way', lies.way);
    }
}

function write(id, value) {
    const field = document.getElementById(id);
    field.value = String(Math.round(value * 10) / 10);
    field.dispatchEvent(new Event('input', { bubbles: true }));
}

const scaleOf = (svg) => svg.viewBox.baseVal.width / svg.getBoundingClientRect().width;

function place(drawing, facing, tilt) {
    const degree = Number(drawing.dataset.degree);
    const x = turned(facing - drawing.dataset.centre + 180) * degree;
    const y = Number(drawing.dataset.top) + (drawing.dataset.sky - tilt) * degree;
    drawing.querySelector('[data-lens]').setAttribute('transform', `translate(${x} ${y})`);
}

function aim(facing, tilt) {
    place(horizon(), facing, tilt);
    write('lens-facing', turned(facing));
    write('lens-tilt', tilt);
}

// What a wider frame means for the focal length: the tangent of half its angle goes with one over it.
function widen(before, halfDeg) {
    write(
        'lens-focal',
        bound((before.focal * Math.tan((before.half * Math.PI) / 180)) / Math.tan((bound(halfDeg, 1, 80) * Math.PI) / 180), 2, 2000),
    );
}

const half = (drawing) =>
    Number(
        drawing
            .querySelector('[data-wider]')
            .getAttribute('transform')
            .match(/[\d.]+/)[0],
    ) / drawing.dataset.degree;

function drag(event) {
    const drawing = horizon();
    const svg = drawing.querySelector('svg');
    const degree = drawing.dataset.degree / scaleOf(svg);
    const from = {
        x: event.clientX,
        y: event.clientY,
        facing: number('lens-facing'),
        tilt: number('lens-tilt'),
        focal: number('lens-focal'),
        half: half(drawing),
    };
    const wider = event.target.closest('[data-wider]');
    event.preventDefault();
    const move = (to) => {
        const [across, up] = [(to.clientX - from.x) / degree, (from.y - to.clientY) / degree];
        wider ? widen(from, from.half + across) : aim(from.facing + across, bound(from.tilt + up, -60, 75));
    };
    const end = () => {
        window.removeEventListener('pointermove', move);
        for (const name of ['pointerup', 'pointercancel']) {
            window.removeEventListener(name, end);
        }
    };
    window.addEventListener('pointermove', move);
    for (const name of ['pointerup', 'pointercancel']) {
        window.addEventListener(name, end);
    }
}

function key(event) {
    const by = event.shiftKey ? 10 : 1;
    const [across, up, wide] =
        { ArrowLeft: [-by, 0, 0], ArrowRight: [by, 0, 0], ArrowUp: [0, by, 0], ArrowDown: [0, -by, 0], '+': [0, 0, -1], '-': [0, 0, 1] }[
            event.key
        ] ?? [];
    if (across === undefined) {
        return;
    }
    event.preventDefault();
    wide
        ? widen({ focal: number('lens-focal'), half: half(horizon()) }, half(horizon()) + wide)
        : aim(number('lens-facing') + across, bound(number('lens-tilt') + up, -60, 75));
}

// A press near the way of sun or moon sets the time at which it stands there.
function press(event) {
    const drawing = horizon();
    const svg = drawing.querySelector('svg');
    const box = svg.getBoundingClientRect();
    const [x, y] = [(event.clientX - box.left) * scaleOf(svg), (event.clientY - box.top) * scaleOf(svg)];
    let [best, nearest] = [NEAR_PX, null];
    stepsOf(drawing).forEach((step, i) =>
        [step.sunAt, step.moonAt].forEach(([sx, sy]) => {
            const far = Math.hypot(sx - x, sy - y);
            [best, nearest] = far < best ? [far, i] : [best, nearest];
        }),
    );
    nearest !== null && document.dispatchEvent(new CustomEvent('day:go', { detail: nearest }));
}

// What lies nearly on the line between two points that are kept is left out (Douglas and Peucker 1973).
function thinned(points) {
    if (points.length < 3) {
        return points;
    }
    const [[x1, y1], [x2, y2]] = [points[0], points[points.length - 1]];
    const off = points.map(([x, y]) => Math.abs(y1 + ((y2 - y1) * (x - x1)) / (x2 - x1) - y));
    const far = off.indexOf(Math.max(...off));
    return off[far] <= STRAIGHT_DEG
        ? [points[0], points[points.length - 1]]
        : [...thinned(points.slice(0, far + 1)).slice(0, -1), ...thinned(points.slice(far))];
}

// The skyline as points, clockwise from where it is open, once round; of what is open only the ends are said.
function written(samples) {
    const count = samples.length;
    const open = Math.max(
        0,
        samples.findIndex((altitude) => altitude < OPEN_DEG),
    );
    const round = Array.from({ length: count + 1 }, (_, i) => [i * SKYLINE_STEP, samples[(open + i) % count]]);
    const points = thinned(round.map(([x, y]) => [x, y < OPEN_DEG ? 0 : y]));
    const inside =
        samples[open] < OPEN_DEG ? points.filter(([, y], i) => y > 0 || points[i - 1]?.[1] > 0 || points[i + 1]?.[1] > 0) : points;
    return inside
        .map(([x, y], i) => {
            const azimuth = turned(x + open * SKYLINE_STEP);
            return `${azimuth === 0 && i > 0 ? 360 : azimuth} ${Math.round(y * 10) / 10}`;
        })
        .join(', ');
}

function redraw(drawing, samples) {
    const degree = Number(drawing.dataset.degree);
    const y = (altitude) => Number(drawing.dataset.top) + (drawing.dataset.sky - altitude) * degree;
    const count = samples.length;
    let path = `M0 ${y(0)}`;
    for (let i = 0; i <= count; i++) {
        const azimuth = turned(drawing.dataset.centre - 180 + i * SKYLINE_STEP);
        path += `L${i * SKYLINE_STEP * degree} ${y(samples[Math.round(azimuth / SKYLINE_STEP) % count])}`;
    }
    drawing.querySelector('[data-skyline-path]').setAttribute('d', `${path}L${360 * degree} ${y(0)}Z`);
}

function draw(event) {
    const drawing = horizon();
    const svg = drawing.querySelector('svg');
    const samples = JSON.parse(drawing.dataset.skyline);
    const point = (to) => {
        const box = svg.getBoundingClientRect();
        const degree = Number(drawing.dataset.degree);
        const azimuth = ((to.clientX - box.left) * scaleOf(svg)) / degree - 180 + Number(drawing.dataset.centre);
        const altitude = drawing.dataset.sky - ((to.clientY - box.top) * scaleOf(svg) - drawing.dataset.top) / degree;
        return [azimuth / SKYLINE_STEP, bound(altitude, 0, 85)];
    };
    let last = point(event);
    event.preventDefault();
    const move = (to) => {
        const next = point(to);
        const [low, high] = last[0] < next[0] ? [last, next] : [next, last];
        for (let k = Math.ceil(low[0] - 0.5); k <= high[0] + 0.5; k++) {
            const share = high[0] > low[0] ? bound((k - low[0]) / (high[0] - low[0]), 0, 1) : 0;
            samples[((k % samples.length) + samples.length) % samples.length] = Math.round(10 * (low[1] + share * (high[1] - low[1]))) / 10;
        }
        last = next;
        redraw(drawing, samples);
    };
    const end = () => {
        window.removeEventListener('pointermove', move);
        drawing.dataset.skyline = JSON.stringify(samples);
        const field = document.getElementById('f-skyline');
        field.value = written(samples);
        field.dispatchEvent(new Event('input', { bubbles: true }));
    };
    move(event);
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', end, { once: true });
}

// A skyline that is drawn or sighted is tried at once, one that is typed when it is typed: kept it is by a press.
function tries(event) {
    const tried = document.querySelector('[data-tried-skyline]');
    if (tried && event.target.id === 'f-skyline' && (event.type === 'change' || !event.isTrusted) && tried.value !== event.target.value) {
        tried.value = event.target.value;
        tried.disabled = false;
        document.querySelector('[data-keep-skyline]').hidden = false;
        tried.dispatchEvent(new Event('change', { bubbles: true }));
    }
}

// A file that is dropped on the field is the one to be sent.
function startDrops() {
    const over = (event) => event.target.closest?.('[data-drop-text]') && event.dataTransfer?.types.includes('Files');
    document.addEventListener('dragover', (event) => over(event) && event.preventDefault());
    document.addEventListener('drop', (event) => {
        if (over(event)) {
            event.preventDefault();
            document.getElementById('f-forecast_file').files = event.dataTransfer.files;
        }
    });
}

export function startAround() {
    startDrops();
    if (!document.getElementById('around')) {
        return;
    }
    new Asking('horizon-asked', 'The rest is drawn.').start();
    document.addEventListener('day:at', (event) => {
        at = event.detail;
        show();
    });
    document.addEventListener('htmx:afterSwap', show);
    document.addEventListener('htmx:oobAfterSwap', show);
    document.addEventListener('input', tries);
    document.addEventListener('change', tries);
    document.addEventListener('pointerdown', (event) => {
        if (event.target.closest('[data-horizon] svg.is-drawn-on')) {
            draw(event);
        } else if (event.target.closest('[data-lens]')) {
            drag(event);
        }
    });
    document.addEventListener('keydown', (event) => event.target.closest?.('[data-lens]') && key(event));
    document.addEventListener(
        'input',
        (event) =>
            event.target.matches('[data-go-time]') &&
            document.dispatchEvent(new CustomEvent('day:go', { detail: Number(event.target.value) })),
    );
    document.addEventListener('click', (event) => {
        const button = event.target.closest('[data-draw-skyline]');
        if (button) {
            drawsSkyline = !drawsSkyline;
            show();
        } else if (event.target.closest('[data-horizon] svg:not(.is-drawn-on)') && !event.target.closest('[data-lens]')) {
            press(event);
        }
    });
    const scroll = document.querySelector('.horizon-scroll');
    if (scroll) {
        scroll.scrollLeft = (scroll.scrollWidth - scroll.clientWidth) / 2;
    }
}
