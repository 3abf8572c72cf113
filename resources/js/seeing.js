// How pictures are seen: light, black and white, brightness, what is in front of the lens, shape, what else is in them. Chosen once and
// kept on this device; every picture follows.
import { PLAIN } from './picture/developed.js';

const KEPT_AS = 'pictures';
const [AT, SOFT] = [0.4, 0.18];

function kept() {
    try {
        return JSON.parse(localStorage.getItem(KEPT_AS)) ?? {};
    } catch {
        return {};
    }
}

let held = kept();

function keep() {
    try {
        localStorage.setItem(KEPT_AS, JSON.stringify(held));
    } catch {
        // A browser that keeps nothing shows it all the same, as long as the page is open.
    }
}

const number = (value, otherwise, low, high) =>
    Number.isFinite(Number(value)) && value !== '' ? Math.min(high, Math.max(low, Number(value))) : otherwise;

/** Wide over high, or null where the camera's own stays: "16:9", turned upright where that is wanted. */
export function ratioOf(shape, isUpright, own) {
    const found = /^\s*(\d+(?:\.\d+)?)\s*[:/x×]\s*(\d+(?:\.\d+)?)\s*$/.exec(shape === 'own' ? (own ?? '') : (shape ?? ''));
    if (!found || Number(found[2]) === 0 || Number(found[1]) === 0) {
        return isUpright ? 2 / 3 : null;
    }
    const ratio = Math.min(5, Math.max(0.2, Number(found[1]) / Number(found[2])));
    return isUpright ? Math.min(ratio, 1 / ratio) : ratio;
}

/** As the drawers take it. */
export function seen(canvas) {
    const stops = number(held.graduated, 0, 0, 4);
    const ratio = ratioOf(held.shape, held.upright === true, held.own);
    return {
        ...PLAIN,
        light: held.light || canvas.dataset.lightNow || PLAIN.light,
        mono: held.mono === true,
        bias: number(held.bias ?? '', number(canvas.dataset.bias ?? '', 0, -2, 2), -2, 2),
        cast: held.cast === true && canvas.dataset.cast ? JSON.parse(canvas.dataset.cast) : null,
        graduated: stops > 0 ? { stops, at: number(held.graduatedAt, 100 * AT, 0, 100) / 100, soft: SOFT } : null,
        polariser: held.polariser === true,
        things: ['posts', 'pier', 'boat', 'walker', 'grass'].filter(
            (name) => held[name] === true || (name === 'pier' && held.walker === true),
        ),
        ...(ratio ? { ratio } : {}),
    };
}

export const blinks = () => held.blink === true;

/** Writes what is held into the fields, which come new with every answer. */
export function showSeeing() {
    for (const field of document.querySelectorAll('[data-see]')) {
        const value = held[field.dataset.see];
        if (field.type === 'checkbox') {
            field.checked = value === true;
        } else if (value !== undefined && field !== document.activeElement) {
            field.value = value;
        }
        const own = field.closest('.seeing')?.querySelector('[data-own]');
        if (own) own.hidden = held.shape !== 'own';
    }
}

export function startSeeing(changed) {
    showSeeing();
    document.addEventListener('input', ({ target }) => {
        const name = target.dataset?.see;
        if (name) {
            held = { ...held, [name]: target.type === 'checkbox' ? target.checked : target.value };
            keep();
            showSeeing();
            changed();
        }
    });
    document.addEventListener('click', ({ target }) => {
        if (target.closest('[data-see-plain]')) {
            held = {};
            keep();
            document.querySelectorAll('.seeing').forEach((of) =>
                of.querySelectorAll('select').forEach((field) => {
                    field.selectedIndex = 0;
                }),
            );
            showSeeing();
            changed();
        }
    });
}
