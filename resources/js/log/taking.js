// Pictures that are chosen, dropped or pasted go to the server one after the other: each says what came of it, and a broken one stops no
// other, a large one in parts. What could not be sent stays in the list, and is sent as soon as the network is back, or by a press.
import { Parts } from '../parts.js';
import { freshToken, token } from '../token.js';

// A slow network is waited for as long as something still goes out; then for what is made of it.
const STALLED_MS = 45_000;
const ANSWER_MS = 120_000;
// A device may think that it has a network, and have none: what could not be sent is tried again all the same.
const AGAIN_MS = 30_000;

/** @returns {Promise<XMLHttpRequest>} answered; rejected where nothing moves any more, or nobody is there */
function sent(to, body, onShare) {
    return new Promise((done, lost) => {
        const request = new XMLHttpRequest();
        let timer = null;
        const wait = (ms) => {
            clearTimeout(timer);
            timer = setTimeout(() => request.abort(), ms);
        };
        request.upload.addEventListener('progress', (event) => {
            wait(STALLED_MS);
            event.lengthComputable && onShare(event.loaded / event.total);
        });
        request.upload.addEventListener('load', () => wait(ANSWER_MS));
        for (const end of ['error', 'abort', 'timeout']) {
            request.addEventListener(end, lost);
        }
        request.addEventListener('load', () => done(request));
        request.addEventListener('loadend', () => clearTimeout(timer));
        request.open('POST', to);
        request.setRequestHeader('Accept', 'application/json');
        request.setRequestHeader('X-CSRF-TOKEN', token());
        wait(STALLED_MS);
        request.send(body);
    });
}

function answerOf(request) {
    try {
        return JSON.parse(request.responseText);
    } catch {
        return null;
    }
}

class Taking {
    constructor(form) {
        this.form = form;
        this.at = (name) => form.querySelector(`[data-taking-${name}]`);
        this.waiting = [];
        [this.done, this.all, this.refused] = [0, 0, 0];
        this.busy = false;
        this.last = null;
        this.parts = new Parts(form);
        this.at('send').hidden = true;
        this.at('files').addEventListener('change', () => {
            this.take(this.at('files').files);
            this.at('files').value = '';
        });
        this.at('on').addEventListener('click', (event) => event.target.closest('[data-again]') && this.again(event.target.closest('li')));
        window.addEventListener('online', () =>
            this.at('list')
                .querySelectorAll('li:has([data-lost])')
                .forEach((line) => this.again(line)),
        );
        for (const name of this.parts.begun()) {
            this.line(`${name} is half there. Choose it again, and it goes on.`).dataset.begun = name;
        }
    }

    line(words) {
        const line = document.createElement('li');
        line.textContent = words;
        this.at('list').append(line);
        this.at('on').hidden = false;
        return line;
    }

    take(files) {
        for (const file of files) {
            this.at('list')
                .querySelector(`[data-begun="${CSS.escape(file.name)}"]`)
                ?.remove();
            this.waiting.push({ file, line: this.line(`${file.name}: waits`) });
            this.all += 1;
        }
        if (files.length > 0) {
            this.show();
            this.work();
        }
    }

    again(line) {
        line.className = '';
        this.waiting.push({ file: line.file, line });
        line.textContent = `${line.file.name}: waits`;
        this.refused -= 1;
        this.work();
    }

    /** @param {number} share  of the one that is on its way */
    show(share = 0) {
        const left = this.all - this.done - this.refused;
        this.at('count').textContent =
            left > 0 ? `${this.done} of ${this.all} taken in` : `${this.done} taken in${this.refused ? `, ${this.refused} not` : ''}`;
        const bar = this.at('on').querySelector('progress');
        [bar.max, bar.value, bar.hidden] = [Math.max(1, this.all), this.done + this.refused + share, false];
    }

    async work() {
        if (this.busy) return;
        this.busy = true;
        for (let one = this.waiting.shift(); one; one = this.waiting.shift()) {
            one.line.textContent = `${one.file.name}: on its way`;
            await this.send(one);
            this.show();
        }
        this.busy = false;
        this.end();
    }

    async send({ file, line }, again = true) {
        const most = Number(this.form.dataset.mostBytes);
        if (file.size > most) {
            const instead = /\.jpe?g$/i.test(file.name) ? 'a smaller one' : 'its JPEG';
            this.refuse(line, `${file.name}: larger than ${Math.round(most / 1e6)} MB, which is more than is taken here. Send ${instead}.`);
            return;
        }
        const say = (share) => {
            this.show(share);
            line.textContent =
                share < 1 ? `${file.name}: on its way, ${Math.floor(100 * share)} %` : `${file.name}: there, and being looked at`;
        };
        let request = null;
        try {
            const body = new FormData();
            if (this.parts.areFor(file)) {
                // Whole there, it is not sent once more, though what came of it was not heard.
                line.sent ??= await this.parts.send(file, say);
                body.append('sent', line.sent.name);
            } else {
                body.append('files[]', file, file.name);
            }
            request = await sent(this.form.action, body, line.sent ? () => null : say);
        } catch (error) {
            this.keep(file, line, error.words);
            return;
        }
        if (request.status === 419 && again && (await freshToken())) {
            await this.send({ file, line }, false);
            return;
        }
        const answer = answerOf(request);
        if (request.status < 200 || request.status > 299 || !answer?.taken) {
            request.status === 422 && (line.sent = null);
            const large = 'It is larger than the server takes.';
            this.keep(file, line, request.status === 413 ? large : (answer?.message ?? `It was not taken (${request.status}).`));
            return;
        }
        line.sent?.forget();
        const [taken] = answer.taken;
        if (taken.outcome === 'refused') {
            this.refuse(line, `${taken.name}: ${taken.words}`);
            return;
        }
        this.done += 1;
        this.last = taken;
        const link = Object.assign(document.createElement('a'), { href: taken.to, textContent: taken.words });
        const thumb = Object.assign(new Image(72, 48), { src: taken.thumb, alt: '' });
        line.replaceChildren(thumb, `${taken.name}: `, link);
    }

    /** Sent again it would be refused again. */
    refuse(line, words) {
        this.refused += 1;
        line.className = 'problem';
        line.textContent = words;
    }

    /** @param {string|undefined} why  nothing where nobody was there: then it goes on by itself once the network is back */
    keep(file, line, why) {
        this.refused += 1;
        line.file = file;
        line.className = 'problem';
        line.textContent = `${file.name}: ${why ?? 'could not be sent, the server is out of reach. It goes on once the network is back.'} `;
        line.append(
            Object.assign(document.createElement('button'), { type: 'button', className: 'button is-small', textContent: 'Send it again' }),
        );
        line.lastChild.dataset.again = '';
        why ?? (line.lastChild.dataset.lost = '');
    }

    // One picture leads to its frame; several show the sheet, as soon as nothing is left to be read here.
    end() {
        if (this.refused > 0 || this.last === null) return;
        const to = this.all === 1 ? this.last.to : location.href;
        to === location.href ? location.reload() : location.assign(to);
    }
}

export function startTaking() {
    const form = document.querySelector('[data-taking]');
    if (!form) return;
    const taking = new Taking(form);
    const kinds = taking.at('files').accept.split(',');
    const pictures = (items) =>
        [...items].filter(
            (file) => file && (file.type.startsWith('image/') || kinds.some((kind) => file.name.toLowerCase().endsWith(kind))),
        );
    // Who goes to another page is told that something is still on its way.
    window.addEventListener('beforeunload', (event) => taking.busy && event.preventDefault());
    document.addEventListener('dragover', (event) => {
        if (event.dataTransfer?.types.includes('Files')) {
            event.preventDefault();
            form.classList.add('is-over');
        }
    });
    document.addEventListener('dragleave', (event) => event.relatedTarget === null && form.classList.remove('is-over'));
    document.addEventListener('drop', (event) => {
        form.classList.remove('is-over');
        if (event.dataTransfer?.files.length) {
            event.preventDefault();
            taking.take(event.dataTransfer.files);
        }
    });
    document.addEventListener('paste', (event) => {
        const files = pictures(event.clipboardData?.files ?? []);
        if (files.length) {
            event.preventDefault();
            taking.take(files);
        }
    });
}
