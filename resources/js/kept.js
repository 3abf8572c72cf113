// What is on this device and not yet at the server: an open shutter, and frames whose time could not be sent. Seen, and sent, from every
// page.

import { openWords } from './countdown.js';
import { post } from './token.js';

const OPEN = 'open-frame';
const UNSENT = 'unsent-frames';
const AGAIN_MS = 5000;

const read = (key, otherwise) => {
    try {
        return JSON.parse(localStorage.getItem(key)) ?? otherwise;
    } catch {
        return otherwise;
    }
};

export const openFrame = () => read(OPEN, null);
export const keepOpen = (frame) => (frame === null ? localStorage.removeItem(OPEN) : localStorage.setItem(OPEN, JSON.stringify(frame)));
export const unsent = () => read(UNSENT, []);
const keepUnsent = (frames) => (frames.length ? localStorage.setItem(UNSENT, JSON.stringify(frames)) : localStorage.removeItem(UNSENT));

/** Kept first, then sent: whatever happens on the way, it is here until the server has said that it has it. */
export function keepTaken(taken) {
    keepUnsent([...unsent().filter((one) => one.frame !== taken.frame), taken]);
}

/** @returns {Promise<{to?: string, gone?: boolean, refused?: string, away?: boolean}>} */
async function send(taken) {
    const answer = await post(
        `/shoot/${taken.frame}/open`,
        new URLSearchParams({
            _method: 'PUT',
            opened_at_ms: String(Math.round(taken.opened_at_ms)),
            open_s: taken.open_s.toFixed(3),
            light: taken.light,
        }),
    );
    const said = await answer?.json().catch(() => null);
    return answer?.ok && said?.to
        ? said
        : answer?.status === 404
          ? { gone: true }
          : answer?.status === 422
            ? { refused: said?.message ?? '' }
            : { away: true };
}

let sending = null;

/**
 * Sends what is kept here, one at a time and once: another page of this device may be at it too. @returns what was said to the frame that
 * is asked for
 */
export function sendKept(frame = null) {
    const work = async () => {
        let about = null;
        for (const taken of unsent()) {
            const said = await send(taken);
            if (!said.away) {
                keepUnsent(unsent().filter((one) => one.frame !== taken.frame));
            }
            about = taken.frame === frame ? said : about;
        }
        return about;
    };
    sending ??= (navigator.locks?.request('unsent-frames', work) ?? work()).finally(() => {
        sending = null;
    });
    return sending;
}

/** The frames of the log, as Shoot keeps them: on this device first, then at the server. */
export const ofTheServer = {
    says: { going: 'kept on this device, going to the log', there: 'in the log' },
    openFrame,
    keepOpen,
    keepTaken,
    taken: (frame) => unsent().find((one) => one.frame === frame),
    deliver: async (frame) =>
        (await sendKept(frame)) ?? (unsent().some((one) => one.frame === frame) ? { away: true } : { to: `/log/${frame}` }),
    goOn: (to) => location.assign(to),
    keptSteps: (frame) => read(`steps-${frame}`, null),
    // The last state is the one that counts: it is kept here until it has arrived.
    async saveSteps(frame, form, done) {
        const [key, kept] = [`steps-${frame}`, JSON.stringify(done)];
        localStorage.setItem(key, kept);
        const answer = await post(form.action, new FormData(form), { keepalive: true });
        if (answer?.ok && localStorage.getItem(key) === kept) {
            localStorage.removeItem(key);
        }
        return Boolean(answer?.ok);
    },
};

// A line on every page but Shoot's own: the shutter is open, or a frame waits here.
function line(words, to) {
    let strip = document.querySelector('.kept-line');
    if (!strip) {
        strip = document.createElement('a');
        strip.className = 'kept-line';
        document.body.prepend(strip);
    }
    if (strip.textContent !== words) {
        strip.textContent = words;
    }
    strip.href = to;
}

function show() {
    const own = document.querySelector('[data-shoot]');
    const kept = openFrame();
    // Its own page counts by itself.
    const open = own && kept?.frame === JSON.parse(own.dataset.shoot).frame ? null : kept;
    const waiting = unsent();
    if (open) {
        line(openWords(open), open.page);
    } else if (waiting.length && !own) {
        line(
            `${waiting.length === 1 ? 'One frame is' : `${waiting.length} frames are`} kept on this device and not yet in the log`,
            '/log',
        );
    } else {
        document.querySelector('.kept-line')?.remove();
    }
}

export function startKept() {
    const retry = () => unsent().length && sendKept();
    retry();
    window.addEventListener('online', retry);
    setInterval(retry, AGAIN_MS);
    show();
    setInterval(show, 500);
}
