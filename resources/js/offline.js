// A device that keeps the pages it visits: begun by a press in Settings, or by the home screen; only where the browser trusts the address.

const KEY = 'keep-pages';

const isKept = () => localStorage.getItem(KEY) === 'yes' || matchMedia('(display-mode: standalone)').matches;

async function register() {
    await navigator.serviceWorker.register('/worker.js', { updateViaCache: 'none' });
    await navigator.serviceWorker.ready;
}

async function end() {
    localStorage.removeItem(KEY);
    for (const one of await navigator.serviceWorker.getRegistrations()) {
        await one.unregister();
    }
    for (const name of await caches.keys()) {
        await caches.delete(name);
    }
}

/** A page that was kept says as of when, and sends nothing: what would be sent could not arrive. Shoot keeps what it does by itself. */
function sayKept() {
    const at = new Date(document.body.dataset.kept);
    const line = Object.assign(document.createElement('p'), {
        className: 'said is-problem as-kept',
        textContent: `No answer from the server. This is the page as of ${at.toLocaleString('en-GB', {
            weekday: 'long',
            hour: '2-digit',
            minute: '2-digit',
        })}, to read.`,
    });
    line.setAttribute('role', 'status');
    document.querySelector('main').prepend(line);
    document.querySelectorAll('form[method=post] button:not([type=button]), [formmethod=post]').forEach((button) => {
        button.disabled = true;
    });
}

export function startOffline() {
    document.body.dataset.kept && sayKept();
    const box = document.querySelector('[data-keeps-pages]');
    if (!('serviceWorker' in navigator) || !window.isSecureContext) {
        return;
    }
    isKept() && register().catch(() => null);
    if (!box) {
        return;
    }
    const [start, stop, words] = ['start', 'stop', 'words'].map((name) => box.querySelector(`[data-pages-${name}]`));
    const show = (is) => {
        [start.hidden, stop.hidden] = [is, !is];
        words.textContent = is
            ? 'This device keeps the pages that you visit on it; without a network they can be read, and Shoot counts on.'
            : 'Pages that you visit can be kept on this device, to be read without a network. Whoever has the device can read them too.';
    };
    show(isKept());
    start.addEventListener('click', async () => {
        localStorage.setItem(KEY, 'yes');
        await register()
            .then(() => show(true))
            .catch(() => {
                words.textContent = 'This browser does not allow it here.';
            });
    });
    stop.addEventListener('click', () => end().then(() => show(false)));
}
