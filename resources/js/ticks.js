// A list that is ticked where there may be no network: a tick stays on this device until the server has it, and is there again when the
// page is. Several may pack from one list: what the others tick is shown with the next answer, and never undone.

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
        this.isThere(this.values((box) => box.defaultChecked));
        const kept = read(this.key);
        if (Array.isArray(kept?.ticked)) {
            // What was pressed here since, over what the list is by now.
            this.boxes().forEach((box) => {
                const is = kept.ticked.includes(box.value);
                box.checked = is === kept.was.includes(box.value) ? box.checked : is;
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

    /** What the server has, as far as is known here. */
    isThere(ticked) {
        this.was = ticked;
        this.form.querySelectorAll('[name="was[]"]').forEach((one) => one.remove());
        for (const value of ['', ...ticked]) {
            this.form.append(Object.assign(document.createElement('input'), { type: 'hidden', name: 'was[]', value }));
        }
    }

    boxes() {
        return [...this.form.querySelectorAll('input[type=checkbox]')];
    }

    values(of) {
        return this.boxes()
            .filter(of)
            .map((box) => box.value);
    }

    ticked() {
        return this.values((box) => box.checked);
    }

    /** What others have ticked meanwhile; what was pressed here since stays. */
    shows(there, sent) {
        this.boxes()
            .filter((box) => box.checked === sent.includes(box.value))
            .forEach((box) => {
                box.checked = there.includes(box.value);
            });
        this.isThere(there);
        this.count();
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
        write(this.key, { was: this.was, ticked: this.ticked() });
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
        const sent = this.ticked();
        const answer = await post(this.form.action, new FormData(this.form), { keepalive: true });
        this.isSending = false;
        answer?.ok && this.shows((await answer.json()).done, sent);
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
