// A list that is ticked where there may be no network: a tick stays on this device until the server has the whole list as it stands, and is
// there again when the page is.

import { freshToken, token } from './token.js';

const AGAIN_MS = 5000;
const PATIENCE_MS = 15_000;

const read = (key) => {
    try {
        return JSON.parse(localStorage.getItem(key));
    } catch {
        return null;
    }
};

class Ticks {
    constructor(form) {
        this.form = form;
        this.key = `ticks ${form.action} ${form.elements.leaving?.value ?? ''}`;
        const kept = read(this.key);
        if (Array.isArray(kept)) {
            this.boxes().forEach((box) => {
                box.checked = kept.includes(box.value);
            });
            this.count();
            this.send();
        }
        form.addEventListener('change', () => this.keep());
        form.addEventListener('submit', (event) => {
            event.preventDefault();
            this.isAsked = true;
            this.keep();
        });
    }

    boxes() {
        return [...this.form.querySelectorAll('input[type=checkbox]')];
    }

    ticked() {
        return this.boxes()
            .filter((box) => box.checked)
            .map((box) => box.value);
    }

    count() {
        const told = this.form.closest('details')?.querySelector('[data-ticked]');
        if (told) told.textContent = String(this.ticked().length);
    }

    say(words) {
        this.form.querySelector('[data-ticks-said]').textContent = words;
    }

    keep() {
        this.count();
        try {
            localStorage.setItem(this.key, JSON.stringify(this.ticked()));
        } catch {
            // A device that keeps nothing sends it all the same.
        }
        this.send();
    }

    // One at a time, the last state last.
    async send() {
        if (this.isSending) {
            this.isOvertaken = true;
            return;
        }
        this.isSending = true;
        clearTimeout(this.again);
        const sent = JSON.stringify(this.ticked());
        const status = await this.post();
        this.isSending = false;
        if (this.isOvertaken) {
            this.isOvertaken = false;
            this.send();
        } else if (status >= 200 && status < 300) {
            if (localStorage.getItem(this.key) === sent) localStorage.removeItem(this.key);
            this.say(this.isAsked ? 'Kept.' : '');
            this.isAsked = false;
        } else if (status === 404) {
            localStorage.removeItem(this.key);
            this.say('Not kept: this outing is gone.');
        } else {
            this.say('Kept on this device, and sent as soon as the server answers.');
            this.again = setTimeout(() => this.send(), AGAIN_MS);
        }
    }

    async post(isLast = false) {
        const answer = await fetch(this.form.action, {
            method: 'POST',
            body: new FormData(this.form),
            headers: { Accept: 'application/json', 'X-CSRF-TOKEN': token() },
            keepalive: true,
            signal: AbortSignal.timeout(PATIENCE_MS),
        }).catch(() => null);
        if (answer?.status === 419 && !isLast && (await freshToken().catch(() => false))) {
            this.form.elements._token.value = token();
            return this.post(true);
        }
        return answer?.redirected ? 401 : (answer?.status ?? 0);
    }
}

export function startTicks() {
    const all = [...document.querySelectorAll('form[data-ticks]')].map((form) => new Ticks(form));
    window.addEventListener('online', () => all.forEach((ticks) => read(ticks.key) && ticks.send()));
}
