// The ways home for what was done: by itself where the server answers, as a file, as text, by an address, by a code that another device
// reads.

import QRCode from 'qrcode';
import { freshToken, post, token } from '../token.js';
import { pack } from './tables.js';

const AGAIN_MS = 8000;
const AT_A_TIME = 40;
// A code of more letters than this no phone reads from a wet screen.
const CODE_LETTERS = 1700;

export class Home {
    constructor(section, journal, address) {
        Object.assign(this, { section, journal, address });
        this.at = (name) => section.querySelector(`[data-home-${name}]`);
        this.own = location.protocol.startsWith('http') && new URL(address, location.href).origin === location.origin;
        this.said = '';
    }

    start() {
        const on = (name, work) => this.at(name).addEventListener('click', work);
        on('send', () => this.send());
        on('file', () => this.share());
        on('copy', () => this.copy());
        on('code', () => this.code());
        on('is', () => {
            this.journal.cameHome(
                this.journal.waiting().map(({ key }) => key),
                Date.now(),
            );
            this.say('Counted as home. It stays on this device too.');
        });
        this.at('send').hidden = !this.own;
        this.journal.addEventListener('change', () => this.show());
        this.show();
        if (this.own) {
            const retry = () => this.journal.waiting().length && this.send(true);
            retry();
            addEventListener('online', retry);
            setInterval(retry, AGAIN_MS);
        }
    }

    say(words) {
        this.at('said').textContent = words;
    }

    async show() {
        const waiting = this.journal.waiting();
        const count = this.at('count');
        count.textContent = waiting.length ? `${waiting.length} to bring home` : 'Everything is home';
        document.querySelectorAll('[data-home-badge]').forEach((badge) => {
            badge.textContent = waiting.length ? String(waiting.length) : '';
            badge.hidden = !waiting.length;
        });
        this.section.querySelectorAll('[data-when-waiting]').forEach((part) => {
            part.hidden = !waiting.length;
        });
        this.at('list').replaceChildren(
            ...this.journal
                .all()
                .reverse()
                .map((entry) => {
                    const line = document.createElement('li');
                    line.textContent = this.words(entry);
                    line.className = entry.home_ms >= entry.changed_ms ? 'is-home' : '';
                    return line;
                }),
        );
        this.at('code-shown').hidden = true;
        if (waiting.length) {
            this.at('link').href = `${this.address}#${await pack(this.journal.written(waiting))}`;
        }
    }

    words(entry) {
        const at = new Date(entry.at_ms).toLocaleString('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' });
        const what = {
            frame: () =>
                `${entry.look}, ${entry.way.shutter} ${entry.way.aperture}${entry.blur ? `, ${entry.blur.replace('_', ' ')}` : ''}`,
            sighting: () => `the water ${entry.reached ? 'reached' : 'did not reach'} ${entry.name ?? 'a mark'}`,
            measurement: () => `measured: ${entry.words ?? entry.what}`,
            ticks: () => 'what is ticked',
        }[entry.kind]();
        return `${at} · ${what}${entry.home_ms >= entry.changed_ms ? ' · home' : ''}`;
    }

    /** @param {boolean} quiet where nobody pressed, and no answer is no news */
    send(quiet = false) {
        this.sending ??= this.sendOnce(quiet).finally(() => {
            this.sending = null;
        });
        return this.sending;
    }

    async sendOnce(quiet) {
        token() || (await freshToken().catch(() => false));
        // Some at a time: years of frames would be more than one answer can take.
        const entries = this.journal.waiting().slice(0, AT_A_TIME);
        const asOf = Date.now();
        const answer = await post(this.address, new URLSearchParams({ text: this.journal.written(entries) }));
        const said = await answer?.json().catch(() => null);
        if (answer?.ok && said?.home) {
            this.journal.cameHome(said.home, asOf);
            this.say([said.words, ...said.refused].join(' '));
            return said.home.length && this.journal.waiting().length ? this.sendOnce(quiet) : null;
        } else if (!quiet || answer?.status === 422) {
            this.say(
                answer?.status === 422
                    ? (said?.message ?? 'The server does not take it.')
                    : 'No answer from the server: all of it is kept on this device, and goes home by itself later.',
            );
        }
        return null;
    }

    async share() {
        const text = this.journal.written();
        const file = new File([text], `journal-${new Date().toISOString().slice(0, 16).replace(/[:T]/g, '-')}.json`, {
            type: 'application/json',
        });
        if (navigator.canShare?.({ files: [file] })) {
            await navigator.share({ files: [file] }).catch(() => null);
            return;
        }
        const link = Object.assign(document.createElement('a'), { href: URL.createObjectURL(file), download: file.name });
        link.click();
        setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
        this.say('Saved as a file: give it to the application under Kit, Field file, Bring it home.');
    }

    async copy() {
        const area = this.at('text');
        area.value = this.journal.written();
        area.hidden = false;
        area.select();
        const isCopied = await navigator.clipboard
            ?.writeText(area.value)
            .then(() => true)
            .catch(() => false);
        this.say(
            isCopied
                ? 'Copied: paste it under Kit, Field file, Bring it home.'
                : 'Copy it from here by hand, and paste it under Kit, Field file, Bring it home.',
        );
    }

    async code() {
        const shown = this.at('code-shown');
        const text = `${this.address}#${await pack(this.journal.written())}`;
        if (text.length > CODE_LETTERS) {
            this.say('Too much for a code that can be read: bring it home as a file or as text.');
            return;
        }
        shown.innerHTML = await QRCode.toString(text, { type: 'svg', errorCorrectionLevel: 'L', margin: 2 });
        shown.hidden = false;
        this.say('Read it with a device that reaches the application.');
    }
}
