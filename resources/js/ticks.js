// A list that is ticked where there may be no network: a tick stays on this device until the server has the whole list as it stands, and is
// there again when the page is.

import { post } from './token.js';

const AGAIN_MS = 5000;

// A device that keeps nothing sends it all the same.
const quietly = (work) => {
    try {
        return work();
    } catch {
        return null;
    }
};
const read = (key) => quietly(() => JSON.parse(localStorage.getItem(key)));
const write = (key, ticked) => quietly(() => localStorage.setItem(key, JSON.stringify(ticked)));
const forget = (key) => quietly(() => localStorage.removeItem(key));

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
        write(this.key, this.ticked());
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
        const answer = await post(this.form.action, new FormData(this.form), { keepalive: true });
        this.isSending = false;
        if (this.isOvertaken) {
            this.isOvertaken = false;
            this.send();
        } else if (answer?.ok) {
            forget(this.key);
            this.say(this.isAsked ? 'Kept.' : '');
            this.isAsked = false;
        } else if (answer?.status === 404) {
            forget(this.key);
            this.say('Not kept: this outing is gone.');
        } else if (answer?.status === 401 || answer?.status === 419) {
            this.say('Kept on this device. Come in first: load this page again.');
        } else {
            this.say('Kept on this device, and sent as soon as the server answers.');
            this.again = setTimeout(() => this.send(), AGAIN_MS);
        }
    }
}

export function startTicks() {
    const all = [...document.querySelectorAll('form[data-ticks]')].map((form) => new Ticks(form));
    window.addEventListener('online', () => all.forEach((ticks) => read(ticks.key) && ticks.send()));
}
